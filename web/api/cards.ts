import type { Card, CardDto } from '@idle-kettle/contract';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { forgetPendingId, pendingId } from './pendingId.ts';
import { request } from './request.ts';

const LIST = ['cards'];
const nameOf = (card: CardDto): string => `card ${JSON.stringify(card)}`;

export const useCards = () =>
  useQuery({ queryKey: LIST, queryFn: () => request<Card[]>('/cards') });

/** A card by id; idle for null. */
export const useCard = (id: string | null) =>
  useQuery({
    queryKey: ['card', id],
    queryFn: () => request<Card>(`/cards/${id}`),
    enabled: id !== null,
  });

/** Keeps a formula: as a new card (id null), or as a new version of one. A new card keeps its id until it is answered. */
export function useKeepCard() {
  const queries = useQueryClient();
  return useMutation<Card, Error, { readonly id: string | null; readonly card: CardDto }>({
    mutationFn: ({ id, card }) => {
      if (id !== null) return request(`/cards/${id}/versions`, 'POST', card);
      return request('/cards', 'POST', { ...card, id: pendingId(nameOf(card)) });
    },
    onSuccess: (_, { card }) => {
      forgetPendingId(nameOf(card));
      return queries.invalidateQueries({ queryKey: LIST });
    },
  });
}

export function usePutAwayCard() {
  const queries = useQueryClient();
  return useMutation<void, Error, Card>({
    mutationFn: ({ id }) => request(`/cards/${id}`, 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}

export function useBringBackCard() {
  const queries = useQueryClient();
  return useMutation<Card, Error, Card>({
    mutationFn: ({ id }) => request(`/cards/${id}/bring-back`, 'POST'),
    onSuccess: () => queries.invalidateQueries({ queryKey: LIST }),
  });
}
