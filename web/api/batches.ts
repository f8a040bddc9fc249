import type { Batch, BatchSummary, DeletedBatch } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { lookAgainMs } from './lookAgain.ts';
import { request } from './request.ts';

const LIST = ['batches'];
const DELETED = ['batches', 'deleted'];
const one = (id: string) => ['batch', id];

export const useBatches = () =>
  useQuery({
    queryKey: LIST,
    queryFn: () => request<BatchSummary[]>('/batches'),
    refetchInterval: ({ state }) => lookAgainMs(state.data ?? [], Date.now()) ?? false,
  });

/** A batch by id; idle for null, which stands for one not saved yet. */
export const useBatch = (id: string | null) =>
  useQuery({
    queryKey: one(id ?? 'new'),
    queryFn: () => request<Batch>(`/batches/${id}`),
    enabled: id !== null,
    // While it is being edited the draft rules; a fresh copy is fetched when the screen opens.
    refetchOnWindowFocus: false,
  });

/** What was deleted and can be restored, the last first. */
export const useDeletedBatches = () =>
  useQuery({ queryKey: DELETED, queryFn: () => request<DeletedBatch[]>('/batches/deleted') });

/** Takes a batch over as the server answered with it, wherever it is shown. */
export function useAdoptBatch(): (batch: Batch) => void {
  const queries = useQueryClient();
  return (batch) => {
    queries.setQueryData(one(batch.id), batch);
    void queries.invalidateQueries({ queryKey: LIST });
  };
}

export function useDeleteBatch() {
  const queries = useQueryClient();
  return useMutation<void, Error, Pick<Batch, 'id'>>({
    mutationFn: ({ id }) => request(`/batches/${id}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}

export function useRestoreBatch() {
  const queries = useQueryClient();
  return useMutation<Batch, Error, Pick<Batch, 'id'>>({
    mutationFn: ({ id }) => request(`/batches/${id}/restore`, 'POST'),
    onSuccess: (batch) => {
      queries.setQueryData(one(batch.id), batch);
      return queries.invalidateQueries({ queryKey: LIST });
    },
  });
}

/** Says that a batch is done, or not after all. */
export function useSetDone() {
  const queries = useQueryClient();
  return useMutation<void, Error, { readonly id: string; readonly isDone: boolean }>({
    mutationFn: ({ id, isDone }) => request(`/batches/${id}/done`, isDone ? 'POST' : 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}
