import { EPSILON } from './board.ts';
import type { PlacedAct } from './place.ts';

/**
 * Who does what: one person for all of a batch where it goes, for nobody likes to hand over a pot.
 * @param people how many there are
 * @param persons whose hands make a batch, by its place in the list
 * @param usual who had it so far, by its place: nobody likes to change pots either
 * @returns the person of each act that needs one, from 0; null for the others
 */
export function whoDoes(
  acts: readonly PlacedAct[],
  people: number,
  persons: ReadonlyMap<number, number>,
  usual: ReadonlyMap<number, number> = new Map(),
): readonly (number | null)[] {
  const order = [...acts.keys()].sort(
    (a, b) =>
      (acts[a]?.from ?? 0) - (acts[b]?.from ?? 0) || (acts[b]?.to ?? 0) - (acts[a]?.to ?? 0),
  );
  const found = acts.map((): number | null => null);
  const freeFrom = Array.from({ length: people }, () => -Infinity);
  const worked = Array.from({ length: people }, () => 0);
  const last = new Map<number, number>();
  for (const index of order) {
    const act = acts[index] as PlacedAct;
    if (!act.hands || act.to - act.from <= EPSILON) continue;
    const free = freeFrom.flatMap((at, person) => (at <= act.from + EPSILON ? [person] : []));
    const wanted = persons.get(act.job) ?? last.get(act.job) ?? usual.get(act.job);
    // Whoever is wanted elsewhere at that time is left for it.
    const others = free.filter((person) => ![...persons.values()].includes(person));
    const from = others.length > 0 ? others : free;
    const person =
      wanted !== undefined && free.includes(wanted)
        ? wanted
        : from.sort((a, b) => (worked[a] ?? 0) - (worked[b] ?? 0) || a - b)[0];
    if (person === undefined) continue;
    found[index] = person;
    freeFrom[person] = act.to;
    worked[person] = (worked[person] ?? 0) + act.to - act.from;
    last.set(act.job, person);
  }
  return found;
}

/** Who does the first of each batch that somebody does. */
export function firstHands(
  acts: readonly PlacedAct[],
  who: readonly (number | null)[],
): ReadonlyMap<number, number> {
  const first = new Map<number, number>();
  for (const index of [...acts.keys()].sort(
    (a, b) => (acts[a]?.from ?? 0) - (acts[b]?.from ?? 0),
  )) {
    const [act, person] = [acts[index] as PlacedAct, who[index] ?? null];
    if (person !== null && !first.has(act.job)) first.set(act.job, person);
  }
  return first;
}
