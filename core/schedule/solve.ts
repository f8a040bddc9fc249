import { chanceFrom, type Chance } from '../forecast/index.ts';
import { Board } from './board.ts';
import { inColdCanners } from './coldCanner.ts';
import type { Job, Things } from './job.ts';
import { place, rowsOf, type PlacedAct } from './place.ts';
import type { PutOff } from './placeLoads.ts';
import { lengthOf } from './span.ts';

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
  /** Sum of when each batch is over. */
  readonly ends: number;
};

/** What is done of itself and may last beyond the day. */
export const OF_ITSELF: ReadonlySet<string> = new Set(['cool', 'chill']);

/** Ways that are tried of a day, over the square of its batches: a second of eight. */
const WAYS = 12_000;
/** Fewest ways that are tried: enough to tell whether a day comes out at all. */
export const LEAST_WAYS = 90;
const MOST_WAYS = 4000;
/** All orders of as many batches are tried. */
const ALL_OF = 4;
/** How many ways are tried of so many batches. */
const waysOf = (count: number): number =>
  Math.min(
    MOST_WAYS,
    Math.max(LEAST_WAYS, Math.round((WAYS / count ** 2) * Math.min(1, (ALL_OF / count) ** 0.5))),
  );

/** A day that is over so little after the bound is not improved any more, min. */
const AS_GOOD_MIN = 0.5;

/**
 * What is searched through: of which batch a row is placed next, and which rows are put off. A batch
 * stands in the order once for each of its rows.
 */
type Way = { readonly order: readonly number[]; readonly putOff: readonly PutOff[] };
type Found = Schedule & { readonly way: Way; readonly placed: number };

/**
 * Schedules batches: each is placed as early as it goes on what is placed already, in an order that
 * is searched for, with segments put off where others fit in then. All orders of a few batches are
 * tried; of more, those by the clock and by length; and from the best of them on one change at a time.
 * @param most how many ways are tried beside the first orders
 */
export function schedule(
  jobs: readonly Job[],
  things: Things,
  most = waysOf(jobs.length),
): Schedule {
  const bound = boundOf(jobs, things);
  const atOnce = jobs.map((): PutOff => []);
  let best: Found | null = null;
  for (const order of firstOrders(jobs)) {
    if (best !== null && isDone(best)) break;
    const rows = order.flatMap((index) => times(index, rowsOf(jobs[index] as Job)));
    const found = inOrder(jobs, things, { order: rows, putOff: atOnce }, bound);
    if (best === null || isBetter(found, best)) best = found;
  }
  if (best === null) return { acts: [], finish: 0, spoiled: 0, left: [], bound, ends: 0 };
  return improved(best, jobs, most, (way) => inOrder(jobs, things, way, bound));
}

/**
 * Schedules batches in an order that is given, without looking for a better one.
 * @param order a batch stands in it once for each of its rows; rows that are over are left out of it
 */
export function scheduleInOrder(
  jobs: readonly Job[],
  things: Things,
  order: readonly number[],
): Schedule {
  const putOff = jobs.map((): PutOff => []);
  return inOrder(jobs, things, { order, putOff }, boundOf(jobs, things));
}

const isDone = ({ left, spoiled, finish, bound }: Schedule): boolean =>
  left.length === 0 && spoiled === 0 && finish <= bound + AS_GOOD_MIN;

/** Nothing left out before nothing spoiled, before the earlier finish, before earlier ends of all. */
export function isBetter(a: Schedule, b: Schedule): boolean {
  if (a.left.length !== b.left.length) return a.left.length < b.left.length;
  if (Math.abs(a.spoiled - b.spoiled) > 1e-6) return a.spoiled < b.spoiled;
  if (Math.abs(a.finish - b.finish) > 1e-6) return a.finish < b.finish;
  return a.ends < b.ends - 1e-6;
}

/** A number, so many times. */
const times = (value: number, count: number): readonly number[] =>
  Array.from({ length: count }, () => value);

function inOrder(jobs: readonly Job[], things: Things, way: Way, bound: number): Found {
  const board = new Board(things, personsOf(jobs));
  const placed = new Map<number, readonly PlacedAct[]>();
  const rows = new Map<number, number>();
  const left = new Set<number>();
  // What is under way goes on before anything else is placed.
  for (const index of underWay(jobs))
    place(board, jobs[index] as Job, index, things.canners, way.putOff[index], 1);
  for (const [nth, index] of way.order.entries()) {
    rows.set(index, (rows.get(index) ?? 0) + 1);
    // Rows of one batch that follow one another are placed at once.
    if (way.order[nth + 1] === index || left.has(index)) continue;
    const job = jobs[index] as Job;
    const acts = place(board, job, index, things.canners, way.putOff[index], rows.get(index));
    if (acts === null) left.add(index);
    placed.set(index, acts ?? []);
  }
  for (const index of inColdCanners(jobs, [...placed.values()].flat())) {
    left.add(index);
    placed.set(index, []);
  }
  let spoiled = 0;
  let ends = 0;
  let finish = 0;
  for (const [index, acts] of placed) {
    const { keepsUntilMin } = jobs[index] as Job;
    const begin = Math.min(...acts.map(({ from }) => from));
    if (keepsUntilMin !== null && acts.length > 0) spoiled += Math.max(0, begin - keepsUntilMin);
    const end = Math.max(0, ...acts.filter(({ act }) => !OF_ITSELF.has(act)).map(({ to }) => to));
    ends += end;
    finish = Math.max(finish, end);
  }
  return {
    acts: [...placed.values()].flat(),
    left: [...left],
    spoiled,
    finish,
    bound,
    way,
    ends,
    placed: placed.size,
  };
}

/** Batches in the middle of what follows without a pause; first those that somebody is at. */
const underWay = (jobs: readonly Job[]): readonly number[] => {
  const going = [...jobs.keys()].filter((index) => jobs[index]?.going !== undefined);
  const isManned = (index: number) => jobs[index]?.segments[0]?.pieces[0]?.hands === true;
  return going.sort((a, b) => Number(isManned(b)) - Number(isManned(a)) || a - b);
};

/** Whose hands make a batch, by its place in the list. */
export const personsOf = (jobs: readonly Job[]): ReadonlyMap<number, number> =>
  new Map(jobs.flatMap(({ person }, index) => (person === undefined ? [] : [[index, person]])));

/** All orders of a few; of many, what is due first, ready first, longest and shortest first. */
function firstOrders(jobs: readonly Job[]): readonly (readonly number[])[] {
  const all = jobs.map((_, index) => index);
  if (jobs.length <= ALL_OF) return permutations(all);
  const by = (value: (job: Job) => number) =>
    [...all].sort((a, b) => value(jobs[a] as Job) - value(jobs[b] as Job) || a - b);
  return [
    by(({ keepsUntilMin }) => keepsUntilMin ?? Infinity),
    by(({ readyMin }) => readyMin),
    by((job) => -minutesAlone(job)),
    by(minutesAlone),
    by((job) => job.readyMin - minutesAlone(job)),
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

/** Share of the ways that are tried in any order at all, first. */
const AT_RANDOM = 0.3;
/** It begins so often anew from the best. */
const ROUNDS = 8;
/** Steps back are taken now and then, more seldom as time goes by: by so many minutes at first. */
const STEP_BACK_MIN = 15;

/** What is stepped by: when all is over, and a little of when each batch is. */
const lateOf = ({ finish, ends, placed }: Found): number =>
  finish + (placed === 0 ? 0 : (EACH_COUNTS * ends) / placed);
const EACH_COUNTS = 0.5;

/** From a day on, one change at a time: a row placed sooner or later, or put off. */
function improved(
  first: Found,
  jobs: readonly Job[],
  most: number,
  tryWay: (way: Way) => Found,
): Found {
  const count = jobs.length;
  const chance: Chance = chanceFrom(count);
  const seen = new Set<string>();
  let best = first;
  let now = first;
  // A small day has few ways: it stops once nothing new turns up.
  for (let tried = 0, same = 0; tried < most && same < most && !isDone(best);) {
    const way =
      tried < most * AT_RANDOM
        ? { order: shuffled(first.way.order, chance), putOff: first.way.putOff }
        : changed(now, jobs, chance);
    const name = `${way.order.join()} ${JSON.stringify(way.putOff)}`;
    if (seen.has(name)) {
      same += 1;
      continue;
    }
    seen.add(name);
    tried += 1;
    const next = tryWay(way);
    if (isBetter(next, best)) best = next;
    const isRandom = tried < most * AT_RANDOM;
    if (isRandom || tried % Math.ceil(most / ROUNDS) === 0) {
      now = isRandom || chance() < 0.5 ? best : next;
      continue;
    }
    const stepBack = -Math.log(1 - chance()) * STEP_BACK_MIN * (1 - tried / most) ** 2;
    const isNear =
      next.left.length === now.left.length &&
      next.spoiled <= now.spoiled + 1e-6 &&
      lateOf(next) <= lateOf(now) + stepBack;
    if (isNear || isBetter(next, now)) now = next;
  }
  return best;
}

/** In any order. */
function shuffled(of: readonly number[], chance: Chance): readonly number[] {
  const all = [...of];
  for (let nth = all.length - 1; nth > 0; nth -= 1) {
    const other = Math.floor(chance() * (nth + 1));
    [all[nth], all[other]] = [all[other] as number, all[nth] as number];
  }
  return all;
}

/** Changes that move a row; the others put one off. */
const ORDER_SHARE = 0.75;

/** A way that differs in one thing. */
function changed({ way, acts }: Found, jobs: readonly Job[], chance: Chance): Way {
  const count = jobs.length;
  const pick = (of: number) => Math.floor(chance() * of);
  if (count > 1 && chance() < ORDER_SHARE) {
    const order = [...way.order];
    const [moved] = order.splice(pick(order.length), 1);
    order.splice(pick(order.length + 1), 0, moved as number);
    return { ...way, order };
  }
  const job = pick(count);
  const { segments, loads } = jobs[job] as Job;
  const segment = pick(segments.length + loads.length);
  const own = [...(way.putOff[job] ?? [])];
  while (own.length <= segment) own.push(0);
  own[segment] = chance() < 0.5 ? 0 : putOffTo(job, segment, acts, jobs, chance);
  return { ...way, putOff: way.putOff.map((one, index) => (index === job ? own : one)) };
}

/**
 * How long a segment, or after those a load, is put off so that one of its acts begins as one of
 * another batch ends, or the reverse.
 */
function putOffTo(
  index: number,
  row: number,
  acts: readonly PlacedAct[],
  jobs: readonly Job[],
  chance: Chance,
): number {
  const { segments, loads, readyMin } = jobs[index] as Job;
  const others = acts.filter((act) => act.job !== index);
  const other = others[Math.floor(chance() * others.length)];
  if (other === undefined) return 0;
  const own = acts.filter((act) => act.job === index && act.load === null);
  const before = segments.slice(0, row).reduce((sum, { pieces }) => sum + pieces.length, 0);
  const could = own[before - 1]?.to ?? readyMin;
  const { pieces } = segments[row] ?? loads[row - segments.length] ?? { pieces: [] };
  const upTo = lengthOf(pieces.slice(0, Math.floor(chance() * (pieces.length + 1))));
  return Math.max(0, (chance() < 0.5 ? other.to : other.from) - upTo - could);
}

/** How long a batch takes by itself, without anything that waits. */
export function minutesAlone({ segments, loads }: Job): number {
  const own = segments.reduce((sum, { pieces }) => sum + lengthOf(pieces), 0);
  return own + loads.reduce((sum, { pieces }) => sum + lengthOf(pieces), 0);
}

/** No schedule is over sooner: each batch takes its time, hands and canners theirs. */
function boundOf(jobs: readonly Job[], things: Things): number {
  const own = jobs.map((job) => {
    const loads = job.loads.map(({ pieces }) => lengthOf(pieces));
    const parallel = Math.max(1, things.canners);
    const longest = Math.max(0, ...loads);
    const inCanner = Math.max(longest, loads.reduce((sum, one) => sum + one, 0) / parallel);
    const filled = job.segments.reduce((sum, { pieces }) => sum + lengthOf(pieces), 0);
    return job.readyMin + filled + inCanner;
  });
  const first = Math.min(...jobs.map(({ readyMin }) => readyMin));
  const hands = jobs.reduce(
    (sum, { segments, loads }) =>
      sum +
      [...segments, ...loads].reduce(
        (all, { pieces }) => all + lengthOf(pieces.filter((piece) => piece.hands)),
        0,
      ),
    0,
  );
  const canned = jobs.reduce(
    (sum, { loads }) => sum + loads.reduce((all, { pieces }) => all + lengthOf(pieces), 0),
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
