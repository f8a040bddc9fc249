import type { Batch, BatchDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useRef } from 'react';
import { request } from './request.ts';
import { saveChange } from './saveChange.ts';

const LIST = ['batches'];
const one = (id: string) => ['batch', id];

export const useBatches = () =>
  useQuery({ queryKey: LIST, queryFn: () => request<Batch[]>('/batches') });

/** A batch by id; idle for null, which stands for one not saved yet. */
export const useBatch = (id: string | null) =>
  useQuery({
    queryKey: one(id ?? 'new'),
    queryFn: () => request<Batch>(`/batches/${id}`),
    enabled: id !== null,
    // While it is being edited the draft rules; a fresh copy is fetched when the screen opens.
    refetchOnWindowFocus: false,
  });

/** Saves a new batch (id null) or a change to one. A new one keeps its id until it is answered, so that trying again makes no second. */
export function useSaveBatch(id: string | null) {
  const queries = useQueryClient();
  const newId = useRef<string>(undefined);
  return useMutation<Batch, Error, BatchDto & { readonly unanswered?: readonly string[] }>({
    mutationFn: ({ unanswered = [], ...batch }) => {
      if (id !== null) return saveChange(id, batch, unanswered);
      newId.current ??= crypto.randomUUID();
      return request('/batches', 'POST', { ...batch, id: newId.current });
    },
    onSuccess: (batch) => {
      newId.current = undefined;
      queries.setQueryData(one(batch.id), batch);
      return queries.invalidateQueries({ queryKey: LIST });
    },
  });
}

export function usePutAway() {
  const queries = useQueryClient();
  return useMutation<void, Error, Batch>({
    mutationFn: ({ id }) => request(`/batches/${id}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}

export function useBringBack() {
  const queries = useQueryClient();
  return useMutation<Batch, Error, Batch>({
    mutationFn: ({ id }) => request(`/batches/${id}/bring-back`, 'POST'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}
