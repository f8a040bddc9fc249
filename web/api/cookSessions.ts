import type {
  CookSessionDto,
  CookSession,
  CookSessionSummary,
  PotSight,
} from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetPendingId, pendingId } from './pendingId.ts';
import { request } from './request.ts';

const LIST = ['cooks'];
const nameOf = ({ batchId, practice }: Omit<CookSessionDto, 'id'>): string =>
  batchId === undefined ? `practice ${JSON.stringify(practice)}` : `cook of ${batchId}`;
/** Between two looks into a practice pot, ms of the kitchen’s clock, and least of the wall’s. */
const LOOK_MS = 5000;
const LEAST_LOOK_MS = 700;

export const useCookSessions = () =>
  useQuery({ queryKey: LIST, queryFn: () => request<CookSessionSummary[]>('/cook-sessions') });

export function useStartCook() {
  const queries = useQueryClient();
  return useMutation<CookSession, Error, Omit<CookSessionDto, 'id'>>({
    // Pressed twice, or after an answer that was lost, it is the same cook.
    mutationFn: (cook) =>
      request('/cook-sessions', 'POST', { ...cook, id: pendingId(nameOf(cook)) }),
    onSuccess: (_, cook) => {
      forgetPendingId(nameOf(cook));
      return queries.invalidateQueries({ queryKey: LIST });
    },
  });
}

export const useSpeed = (id: string) =>
  useMutation<CookSession, Error, number>({
    mutationFn: (speed) => request(`/cook-sessions/${id}/speed`, 'PUT', { speed }),
  });

/**
 * What is seen of a practice pot; asked for again and again while `on`.
 * @param speed how fast its clock runs
 */
export const usePotSight = (id: string, on: boolean, speed: number) =>
  useQuery({
    queryKey: ['pot', id],
    queryFn: () => request<PotSight>(`/cook-sessions/${id}/pot`),
    enabled: on,
    refetchInterval: Math.max(LEAST_LOOK_MS, LOOK_MS / speed),
    staleTime: 0,
  });
