import type { CookDto, CookRecord, CookSummary, PotSight } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetPendingId, pendingId } from './pendingId.ts';
import { request } from './request.ts';

const LIST = ['cooks'];
const nameOf = ({ batchId, practice }: Omit<CookDto, 'id'>): string =>
  batchId === undefined ? `practice ${JSON.stringify(practice)}` : `cook of ${batchId}`;
/** Between two looks into a practice pot, ms. */
const LOOK_MS = 700;

export const useCooks = () =>
  useQuery({ queryKey: LIST, queryFn: () => request<CookSummary[]>('/cooks') });

export function useBeginCook() {
  const queries = useQueryClient();
  return useMutation<CookRecord, Error, Omit<CookDto, 'id'>>({
    // Pressed twice, or after an answer that was lost, it is the same cook.
    mutationFn: (cook) => request('/cooks', 'POST', { ...cook, id: pendingId(nameOf(cook)) }),
    onSuccess: (_, cook) => {
      forgetPendingId(nameOf(cook));
      return queries.invalidateQueries({ queryKey: LIST });
    },
  });
}

export const useSpeed = (id: string) =>
  useMutation<CookRecord, Error, number>({
    mutationFn: (speed) => request(`/cooks/${id}/speed`, 'PUT', { speed }),
  });

/** What is seen of a practice pot; asked for again and again while `on`. */
export const usePotSight = (id: string, on: boolean) =>
  useQuery({
    queryKey: ['pot', id],
    queryFn: () => request<PotSight>(`/cooks/${id}/pot`),
    enabled: on,
    refetchInterval: LOOK_MS,
    staleTime: 0,
  });
