import { Z_P90 } from '../forecast/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { median } from '../stove/index.ts';

/** A quantity as one cook tells it: normal about a mean. */
export type Told = { readonly mean: number; readonly sd: number };

/** What is known of a quantity before any cook, and how it differs from cook to cook. */
export type Level = {
  readonly prior: Told;
  /** Standard deviation between cooks; it is taken to be no smaller, however well they agree. */
  readonly between: number;
  /** What all cooks have in common that the sums do not know: no number of them makes it less. */
  readonly common: number;
};

/** A quantity as all cooks tell it together. */
export type Joined = Told & {
  /** How many cooks it rests on. */
  readonly count: number;
  /** Places of those that say what none of the others bears out. */
  readonly setAside: readonly number[];
  /** Place of the first cook after it changed for good; null where it did not. */
  readonly changedAt: number | null;
};

/** Tails of Student's distribution: one that is far off counts for little. Judgement. */
const DEGREES = 4;
const ROUNDS = 30;
/** A cook so many standard deviations from the others is set aside. Judgement. */
const FAR = 4;
/** Cooks differ by no more times what they do at the least; one that does makes no room for itself. */
const USUAL_TIMES = 2;
/** So many cooks ago counts half. Judgement. */
const HALF_LIFE = 12;
/** Two last ones that agree within so many deviations, and lie so far from the rest, are news. */
const AGREE = 2;
const NEWS = 2.5;

/**
 * Joins what cooks tell of one quantity, the first first, as a random-effects model: weighed by
 * precision, shrunk to the prior, robust by Student's weights, and what is long ago counts less.
 * Where the last two agree with each other and against all before them, those before count no more.
 * @param told by each cook; null by one that says nothing of it
 */
export function joined(told: readonly (Told | null)[], level: Level): Joined {
  const all = told.flatMap((one, place) => (one === null ? [] : [{ ...one, place }]));
  const changed = changeIn(all, level);
  const since = changed === null ? all : all.slice(changed);
  const first = settledOn(since, level);
  const isFar = ({ mean, sd }: Told) =>
    Math.abs(mean - first.mean) > FAR * Math.hypot(sd, USUAL_TIMES * level.between, first.sd);
  const kept = since.filter((one) => !isFar(one));
  // Where most are far from the middle, nobody can tell which are wrong.
  const few = since.length - kept.length > kept.length;
  const settled = few || kept.length === since.length ? first : settledOn(kept, level);
  return {
    mean: settled.mean,
    sd: all.length === 0 ? settled.sd : Math.hypot(settled.sd, level.common),
    count: few ? since.length : kept.length,
    setAside: few ? [] : since.filter(isFar).map(({ place }) => place),
    changedAt: changed === null ? null : (all[changed]?.place ?? null),
  };
}

function settledOn(all: readonly Told[], { prior, between: least }: Level): Told {
  const age = (index: number) => 0.5 ** ((all.length - 1 - index) / HALF_LIFE);
  if (all.length === 0) return prior;
  let mean = median(all.map((one) => one.mean));
  let between = least;
  let precision = 1 / prior.sd ** 2;
  for (let round = 0; round < ROUNDS; round += 1) {
    const spread = between;
    const centre = mean;
    const weights = all.map((one, index) => {
      const variance = one.sd ** 2 + spread ** 2;
      const z = (one.mean - centre) ** 2 / variance;
      return (age(index) * (DEGREES + 1)) / (DEGREES + z) / variance;
    });
    precision = 1 / prior.sd ** 2 + weights.reduce((sum, of) => sum + of, 0);
    mean =
      (prior.mean / prior.sd ** 2 +
        weights.reduce((sum, of, index) => sum + of * (all[index] as Told).mean, 0)) /
      precision;
    between = Math.max(least, betweenOf(all, mean, weights));
  }
  return { mean, sd: Math.sqrt(1 / precision) };
}

/** How much cooks differ beyond what each is known by, weighed as they count (DerSimonian–Laird). */
function betweenOf(all: readonly Told[], mean: number, weights: readonly number[]): number {
  const total = weights.reduce((sum, of) => sum + of, 0);
  if (all.length < 3 || !(total > 0)) return 0;
  const beyond = all.reduce(
    (sum, one, index) => sum + (weights[index] as number) * ((one.mean - mean) ** 2 - one.sd ** 2),
    0,
  );
  return Math.sqrt(Math.max(0, beyond / total));
}

/** From which on the last two agree against all the rest; null where they do not. */
function changeIn(all: readonly Told[], { between }: Level): number | null {
  const at = all.length - 2;
  // One cook alone is nothing that two could be against.
  if (at < 2) return null;
  const [a, b] = [all[at] as Told, all[at + 1] as Told];
  const differ = (one: Told, other: Told, times: number) =>
    Math.abs(one.mean - other.mean) > times * Math.hypot(one.sd, other.sd, Math.SQRT2 * between);
  if (differ(a, b, AGREE)) return null;
  const before = all.slice(0, at);
  const middle = median(before.map(({ mean }) => mean));
  const usual: Told = {
    mean: middle,
    sd: Math.max(...before.map(({ sd }) => sd)) / Math.sqrt(before.length),
  };
  const isNews =
    differ(a, usual, NEWS) &&
    differ(b, usual, NEWS) &&
    Math.sign(a.mean - middle) === Math.sign(b.mean - middle);
  return isNews ? at : null;
}

/** p10, p50 and p90 of a normal, through a function that rises. */
export const quantilesThrough = (
  { mean, sd }: Told,
  through: (value: number) => number = (value) => value,
): Quantiles => ({
  p10: through(mean - Z_P90 * sd),
  p50: through(mean),
  p90: through(mean + Z_P90 * sd),
});
