import type { Kitchen, KitchenDto, TaughtNameDto } from '@idle-kettle/contract';
import { setMeasures } from '@idle-kettle/words';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { householdStorage } from './household.ts';
import { request } from './request.ts';

/** Of the kitchen, in what was fetched. */
export const KITCHEN = ['kitchen'];

/**
 * The kitchen. Whoever draws something of it does so in its measures, even if the head of the page
 * hears of it later.
 */
export function useKitchen() {
  const query = useQuery({
    queryKey: KITCHEN,
    queryFn: () => request<Kitchen>('/kitchen'),
    staleTime: 60_000,
  });
  if (query.data !== undefined) setMeasures(measuresOf(query.data));
  return query;
}

/** What a kitchen is spoken to in: its language and its measures. */
export type SpokenTo = Pick<Kitchen, 'measures' | 'units' | 'temperature'>;

const SPOKEN_TO = 'kettle.spokenTo';

/**
 * How this browser spoke to the kitchen the last time, so that a page begins with it, without a
 * server too; null where it never did.
 */
export function lastSpokenTo(): SpokenTo | null {
  try {
    return JSON.parse(householdStorage.getItem(SPOKEN_TO) ?? 'null') as SpokenTo | null;
  } catch {
    return null;
  }
}

/** Keeps how the kitchen is spoken to for the next page. */
export function keepSpokenTo({ measures, units, temperature }: SpokenTo): void {
  try {
    householdStorage.setItem(SPOKEN_TO, JSON.stringify({ measures, units, temperature }));
  } catch {
    // Without it the next page asks a server first.
  }
}

const measuresOf = ({ units, temperature }: Kitchen) => ({ units, temperature });

/**
 * Changes some fields of the kitchen, made on a version of it; what is there is fetched where that
 * was refused.
 */
export function useChangeKitchen() {
  const queries = useQueryClient();
  return useMutation<
    Kitchen,
    Error,
    { readonly version: number; readonly changes: Partial<KitchenDto> }
  >({
    mutationFn: (change) => request('/kitchen', 'PATCH', change),
    onSuccess: (kitchen) => queries.setQueryData(KITCHEN, kitchen),
    onError: () => queries.invalidateQueries({ queryKey: KITCHEN }),
  });
}

/** Teaches the kitchen a name; every line that holds it is read anew. */
export function useTeachName() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, TaughtNameDto>({
    mutationFn: (name) => request('/kitchen/names', 'POST', name),
    onSuccess: (kitchen) => queries.setQueryData(KITCHEN, kitchen),
  });
}

export function useForgetName() {
  const queries = useQueryClient();
  return useMutation<Kitchen, Error, string>({
    mutationFn: (name) => request(`/kitchen/names/${encodeURIComponent(name)}`, 'DELETE'),
    onSuccess: (kitchen) => queries.setQueryData(KITCHEN, kitchen),
  });
}
