import type { Job, Things } from './job.ts';
import { minutesAlone, schedule, type Schedule } from './solve.ts';

/** What is short on a day that does not come out, and by how much. */
export type Short = {
  readonly resource: 'people' | 'burners' | 'slow cookers' | 'canners' | 'pots' | 'bowls' | 'time';
  readonly shortMin: number;
  /** What would do, the least change first. */
  readonly wouldDo: readonly Change[];
};

/** A change that makes a day come out. */
export type Change =
  | { readonly kind: 'one more'; readonly resource: Exclude<Short['resource'], 'time'> }
  /** Without one batch, by its place in the list. */
  | { readonly kind: 'leave out'; readonly of: number }
  | { readonly kind: 'finish later'; readonly minutes: number };

/** So much later is less of a change than one more of anything, min. Judgement. */
const LITTLE_LATER_MIN = 20;

/** Minutes by which a day is late; endless where a batch goes nowhere. */
const latenessOf = ({ finish, spoiled, left }: Schedule, finishBy: number): number =>
  left.length > 0 ? Infinity : Math.max(spoiled, finish - finishBy);

/**
 * What is short of a day that does not come out, and what would do: null for one that does. It is the
 * thing of which one more would do, or lets a batch be made at all; else time. By as many minutes as
 * the day is late, or as what cannot be made takes.
 * @param ways how many are tried of each change
 * @param finishBy min from the beginning of the day; endless for whenever it is over
 */
export function shortOf(
  jobs: readonly Job[],
  things: Things,
  finishBy: number,
  found: Schedule,
  ways: number,
): Short | null {
  const late = latenessOf(found, finishBy);
  if (late <= 0) return null;
  const minutes = Number.isFinite(late)
    ? late
    : found.left.reduce((sum, index) => sum + minutesAlone(jobs[index] as Job), 0);
  const does = (still: Schedule): boolean =>
    Number.isFinite(late)
      ? latenessOf(still, finishBy) <= 0
      : still.left.length < found.left.length;
  const more = RICHER.filter(([, richer]) => richer(things) !== things)
    .filter(([, richer]) => does(schedule(jobs, richer(things), ways)))
    .map(([resource]): Change => ({ kind: 'one more', resource }));
  const without = jobs.length < 2 ? [] : leftOut(jobs, things, finishBy, ways);
  const later: readonly Change[] = Number.isFinite(late)
    ? [{ kind: 'finish later', minutes: Math.ceil(late) }]
    : [];
  const [first] = more;
  return {
    resource: first?.kind === 'one more' ? first.resource : 'time',
    shortMin: Math.ceil(minutes),
    wouldDo:
      late <= LITTLE_LATER_MIN ? [...later, ...more, ...without] : [...more, ...later, ...without],
  };
}

const RICHER: readonly (readonly [Exclude<Short['resource'], 'time'>, (of: Things) => Things])[] = [
  ['people', (of) => ({ ...of, people: of.people + 1 })],
  ['burners', (of) => ({ ...of, burners: of.burners + 1 })],
  ['canners', (of) => ({ ...of, canners: of.canners + 1 })],
  ['pots', (of) => (of.pots === undefined ? of : { ...of, pots: of.pots + 1 })],
  ['bowls', (of) => (of.bowls === undefined ? of : { ...of, bowls: of.bowls + 1 })],
  ['slow cookers', (of) => ({ ...of, slowCookers: of.slowCookers + 1 })],
];

/** The batch without which all others come out, the one that keeps longest; none where none does. */
function leftOut(
  jobs: readonly Job[],
  things: Things,
  finishBy: number,
  ways: number,
): readonly Change[] {
  const keeps = (index: number) => jobs[index]?.keepsUntilMin ?? Infinity;
  const found = [...jobs.keys()]
    .filter((index) => jobs[index]?.going === undefined)
    .sort((a, b) => keeps(b) - keeps(a) || b - a)
    .find((index) => {
      const others = jobs.filter((_, other) => other !== index);
      return latenessOf(schedule(others, things, ways), finishBy) <= 0;
    });
  return found === undefined ? [] : [{ kind: 'leave out', of: found }];
}
