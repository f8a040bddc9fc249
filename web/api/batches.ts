import type { Batch, BatchSummary } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { request } from './request.ts';

const LIST = ['batches'];
/** Between two looks for a label that is being worked out, ms. */
const LABEL_MS = 700;
/** So many looks at most, since a label that cannot be worked out never comes. */
const MOST_LOOKS = 40;
const one = (id: string) => ['batch', id];

export const useBatches = () =>
  useQuery({
    queryKey: LIST,
    queryFn: () => request<BatchSummary[]>('/batches'),
    // A label that is still being worked out is there in a moment.
    refetchInterval: ({ state }) =>
      state.dataUpdateCount < MOST_LOOKS && state.data?.some(({ plan }) => plan === null) === true
        ? LABEL_MS
        : false,
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

/** Takes a batch over as the server answered with it, wherever it is shown. */
export function useTakenBatch(): (batch: Batch) => void {
  const queries = useQueryClient();
  return (batch) => {
    queries.setQueryData(one(batch.id), batch);
    void queries.invalidateQueries({ queryKey: LIST });
  };
}

export function usePutAway() {
  const queries = useQueryClient();
  return useMutation<void, Error, Pick<Batch, 'id'>>({
    mutationFn: ({ id }) => request(`/batches/${id}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}

export function useBringBack() {
  const queries = useQueryClient();
  return useMutation<Batch, Error, Pick<Batch, 'id'>>({
    mutationFn: ({ id }) => request(`/batches/${id}/bring-back`, 'POST'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
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
