import { chanceFrom, type Chance } from '../forecast/index.ts';
import { Board } from './board.ts';
import type { Job, Things } from './job.ts';
import { place, type PlacedAct } from './place.ts';

/** A day as it was scheduled. Minutes from its beginning. */
export type Schedule = {
  readonly acts: readonly PlacedAct[];
  /** When the last jar is out, or the last act at all is over. */
  readonly finish: number;
  /** Minutes by which batches began after their fruit was past keeping. */
  readonly spoiled: number;
  /** Batches that go nowhere, by their place in the list. */
  readonly left: readonly number[];
  /** No schedule of these batches can be over sooner. */
  readonly bound: number;
};

/** What is done of itself and may last beyond the day. */
const OF_ITSELF: ReadonlySet<string> = new Set(['cool', 'chill']);

/** How many orders are tried at most: enough for a second of eight batches. */
const MOST_ORDERS = 720;
/** All orders of as many batches are tried. */
const ALL_OF = 5;

/**
 * Schedules batches: each is placed as early as it goes on what is placed already, in an order that
 * is searched for. All orders of a few batches are tried; of more, those by the clock and by length,
 * and from the best of them on by moving one batch at a time.
 */
export function schedule(jobs: readonly Job[], things: Things): Schedule {
  let best: Schedule | null = null;
  let bestOrder: readonly number[] = [];
  const bound = boundOf(jobs, things);
  const tryOrder = (order: readonly number[]) => {
    const found = inOrder(jobs, things, order, bound);
    if (best !== null && !isBetter(found, best)) return false;
    [best, bestOrder] = [found, order];
    return true;
  };
  for (const order of firstOrders(jobs)) tryOrder(order);
  if (jobs.length > ALL_OF) improve(bestOrder, jobs.length, tryOrder, () => isDone(best, bound));
  return best ?? { acts: [], finish: 0, spoiled: 0, left: [], bound };
}

const isDone = (best: Schedule | null, bound: number): boolean =>
  best !== null && best.left.length === 0 && best.spoiled === 0 && best.finish <= bound + 1e-6;

/** Nothing left out before nothing spoiled, before the earlier finish. */
function isBetter(a: Schedule, b: Schedule): boolean {
  if (a.left.length !== b.left.length) return a.left.length < b.left.length;
  if (a.spoiled !== b.spoiled) return a.spoiled < b.spoiled;
  return a.finish < b.finish - 1e-6;
}

function inOrder(
  jobs: readonly Job[],
  things: Things,
  order: readonly number[],
  bound: number,
): Schedule {
  const board = new Board(things);
  const acts: PlacedAct[] = [];
  const left: number[] = [];
  let spoiled = 0;
  for (const index of order) {
    const job = jobs[index] as Job;
    const placed = place(board, job, index, things.canners);
    if (placed === null) {
      left.push(index);
      continue;
    }
    acts.push(...placed);
    const begin = Math.min(...placed.map(({ from }) => from));
    if (job.keepsUntilMin !== null) spoiled += Math.max(0, begin - job.keepsUntilMin);
  }
  const ends = acts.filter(({ act }) => !OF_ITSELF.has(act)).map(({ to }) => to);
  return { acts, left, spoiled, finish: Math.max(0, ...ends), bound };
}

/** All orders of a few; of many, what is due first, ready first, longest and shortest first. */
function firstOrders(jobs: readonly Job[]): readonly (readonly number[])[] {
  const all = jobs.map((_, index) => index);
  if (jobs.length <= ALL_OF) return permutations(all);
  const by = (value: (job: Job) => number) =>
    [...all].sort((a, b) => value(jobs[a] as Job) - value(jobs[b] as Job) || a - b);
  return [
    by(({ keepsUntilMin }) => keepsUntilMin ?? Infinity),
    by(({ readyMin }) => readyMin),
    by((job) => -lengthOf(job)),
    by(lengthOf),
    by((job) => job.readyMin - lengthOf(job)),
    by((job) => -job.loads.length),
    all,
  ];
}

function permutations(of: readonly number[]): readonly (readonly number[])[] {
  if (of.length <= 1) return [of];
  return of.flatMap((one) =>
    permutations(of.filter((other) => other !== one)).map((rest) => [one, ...rest]),
  );
}

/** From an order on: one batch moved, or two changed, as long as that helps or orders are left. */
function improve(
  from: readonly number[],
  count: number,
  tryOrder: (order: readonly number[]) => boolean,
  isOver: () => boolean,
): void {
  const chance: Chance = chanceFrom(count);
  const pick = () => Math.floor(chance() * count);
  const most = Math.max(60, Math.round((MOST_ORDERS * ALL_OF * ALL_OF) / (count * count)));
  let order = from;
  for (let tried = 0; tried < most && !isOver(); tried += 1) {
    const [a, b] = [pick(), pick()];
    if (a === b) continue;
    const next = [...order];
    const [moved] = next.splice(a, 1);
    if (moved === undefined) continue;
    if (chance() < 0.5) next.splice(b, 0, moved);
    else {
      next.splice(a, 0, order[b] as number);
      next[b] = moved;
    }
    if (new Set(next).size === count && tryOrder(next)) order = next;
  }
}

const minutesOf = (pieces: readonly { readonly minutes: number }[]): number =>
  pieces.reduce((sum, { minutes }) => sum + minutes, 0);

/** How long a batch takes by itself, without anything that waits. */
export function lengthOf({ segments, loads }: Job): number {
  const own = segments.reduce((sum, { pieces }) => sum + minutesOf(pieces), 0);
  return own + loads.reduce((sum, { pieces }) => sum + minutesOf(pieces), 0);
}

/** No schedule is over sooner: each batch takes its time, hands and canners theirs. */
function boundOf(jobs: readonly Job[], things: Things): number {
  const own = jobs.map((job) => {
    const loads = job.loads.map(({ pieces }) => minutesOf(pieces));
    const parallel = Math.max(1, things.canners);
    const longest = Math.max(0, ...loads);
    const inCanner = Math.max(longest, loads.reduce((sum, one) => sum + one, 0) / parallel);
    const filled = job.segments.reduce((sum, { pieces }) => sum + minutesOf(pieces), 0);
    return job.readyMin + filled + inCanner;
  });
  const first = Math.min(...jobs.map(({ readyMin }) => readyMin));
  const hands = jobs.reduce(
    (sum, { segments, loads }) =>
      sum +
      [...segments, ...loads].reduce(
        (all, { pieces }) => all + minutesOf(pieces.filter((piece) => piece.hands)),
        0,
      ),
    0,
  );
  const canned = jobs.reduce(
    (sum, { loads }) => sum + loads.reduce((all, { pieces }) => all + minutesOf(pieces), 0),
    0,
  );
  return jobs.length === 0
    ? 0
    : Math.max(
        ...own,
        first + hands / Math.max(1, things.people),
        things.canners === 0 ? 0 : first + canned / things.canners,
      );
}
