import type {
  FeedAnswer,
  FruitDto,
  FruitInHouse,
  JarEventAnswer,
  JarEventDto,
  JarStory,
  Shelf,
  TodayAnswer,
} from '@idle-kettle/contract/season';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useOneAtATime } from './oneAtATime.ts';
import { forgetPendingId, pendingId } from './pendingId.ts';
import { request } from './request.ts';

const TODAY = ['today'];
const SHELF = ['shelf'];
const FEED = ['feed'];

/** What is due is looked at again so often, ms: jars cool while a page lies open. */
const LOOK_AGAIN_MS = 60_000;
/** And so often while jars are still worked out from their logs, ms. */
const SOON_MS = 1500;

/** What wants a hand. */
export const useToday = () =>
  useQuery({
    queryKey: TODAY,
    queryFn: () => request<TodayAnswer>('/today'),
    refetchInterval: ({ state }) => (isWaiting(state.data) ? SOON_MS : LOOK_AGAIN_MS),
  });

/** What stands on the shelves. */
export const useShelf = () =>
  useQuery({
    queryKey: SHELF,
    queryFn: () => request<Shelf>('/shelf'),
    refetchInterval: ({ state }) => (isWaiting(state.data) ? SOON_MS : false),
  });

const isWaiting = (answer: { readonly waiting: number } | undefined): boolean =>
  (answer?.waiting ?? 0) > 0;

/** One jar by its short number; idle for null. */
export const useJar = (code: string | null) =>
  useQuery({
    queryKey: [...SHELF, 'jar', code],
    queryFn: () => request<JarStory>(`/jars/${encodeURIComponent(code ?? '')}`),
    enabled: code !== null,
  });

/** Every jar of a cook. */
export const useJarsOfCook = (id: string) =>
  useQuery({
    queryKey: [...SHELF, 'cook', id],
    queryFn: () => request<readonly JarStory[]>(`/cook-sessions/${id}/jars`),
  });

/**
 * Tells what happened to jars; answers with what became of each. A second press that comes before
 * the first is answered and drawn is none: it would mean the same jar.
 */
export function useTellJars() {
  const queries = useQueryClient();
  return useOneAtATime(
    useMutation<JarEventAnswer[], Error, readonly JarEventDto[]>({
      mutationFn: (events) => request('/jar-events', 'POST', { events, sentMs: Date.now() }),
      onSettled: () =>
        Promise.all([
          queries.invalidateQueries({ queryKey: SHELF }),
          queries.invalidateQueries({ queryKey: TODAY }),
        ]),
    }),
  );
}

/** Writes fruit down; pressed twice, sent twice or after a reload, it is there once. */
export function useAddFruit() {
  const queries = useQueryClient();
  const nameOf = (dto: FruitDto) => `fruit ${JSON.stringify(dto)}`;
  return useMutation<FruitInHouse, Error, FruitDto>({
    mutationFn: (dto) => request('/fruit', 'POST', { ...dto, id: pendingId(nameOf(dto)) }),
    onSuccess: (_, dto) => {
      forgetPendingId(nameOf(dto));
      return queries.invalidateQueries({ queryKey: TODAY });
    },
  });
}

/** Says that fruit was used up, or that it is there after all. */
export function useUseFruit() {
  const queries = useQueryClient();
  return useMutation<void, Error, { readonly id: string; readonly isUsed: boolean }>({
    mutationFn: ({ id, isUsed }) => request(`/fruit/${id}/used`, isUsed ? 'POST' : 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: TODAY }),
  });
}

/** Whether one has a calendar feed. */
export const useFeed = () =>
  useQuery({ queryKey: FEED, queryFn: () => request<FeedAnswer>('/feed') });

/** A new address for it; the old one ends. */
export function useRenewFeed() {
  const queries = useQueryClient();
  return useMutation<FeedAnswer>({
    mutationFn: () => request('/feed', 'POST'),
    onSuccess: () => queries.invalidateQueries({ queryKey: FEED }),
  });
}

/** Ends it. */
export function useEndFeed() {
  const queries = useQueryClient();
  return useMutation<void>({
    mutationFn: () => request('/feed', 'DELETE'),
    onSuccess: () => queries.invalidateQueries({ queryKey: FEED }),
  });
}
