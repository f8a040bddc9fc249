import type { ActId } from '../chain/index.ts';
import type { PlanAct } from '../plan/index.ts';
import type { Quantiles } from '../quantity/index.ts';
import { fasterAtFruit, fillingLine } from './crew.ts';

/** How much there is to do by hand. */
export type HandWork = {
  readonly fruitKg: number;
  readonly jars: number;
  /** How many work at it together. */
  readonly size: number;
  /** What the kitchen taught of its hands; left out for what is usual. */
  readonly taught?: TaughtHands | null;
};

/** How long hands take in a kitchen, min for one person; null for what is usual. */
export type TaughtHands = {
  /** To prepare a kilogram of fruit: wash, stone, cut, weigh. */
  readonly perKg: number | null;
  /** To fill a jar, and wipe and lid it. */
  readonly perJar: number | null;
};

/** Minutes that hands need: so many at least, and more for each kilogram of fruit and each jar. */
type Hands = { readonly least: number; readonly perKg?: number; readonly perJar?: number };

/**
 * Minutes of the acts that hands decide, for one; common practice and judgement. Stoning and
 * cutting are told with the weighing, for that is where the fruit is in hand.
 */
const HANDS: { readonly [id in ActId]?: Hands } = {
  'empty-jars': { least: 2, perJar: 1 },
  weigh: { least: 5, perKg: 4 },
  'carry-pectin': { least: 1 },
  'clot-test': { least: 2 },
  infuse: { least: 5 },
  slice: { least: 5, perKg: 12 },
  drain: { least: 5, perKg: 6 },
  light: { least: 0.5 },
  add: { least: 1.5 },
  strain: { least: 3 },
  fill: { least: 2, perJar: 1.2 },
  load: { least: 1, perJar: 0.4 },
  out: { least: 1, perJar: 0.3 },
};

/** What is planned where a kitchen taught nothing. */
export const USUAL_HANDS = { perKg: HANDS.weigh?.perKg ?? 0, perJar: HANDS.fill?.perJar ?? 0 };

/** How long a jar takes a line of so many, as a share of what it takes one. */
const lineShare = (size: number): number =>
  fillingLine(size).secondsPerJar / fillingLine(1).secondsPerJar;

/** How much quicker and slower hands are than usual. Judgement. */
const QUICK = 0.75;
const SLOW = 1.5;

/** What is planned for a hand act that the table does not have, min. */
const LEAST = 1;

/** Minutes of an act that hands decide; its own where a clock or the pot does. */
export function minutesOfAct(
  { id, minutes }: PlanAct,
  { fruitKg, jars, size, taught = null }: HandWork,
): Quantiles {
  if (minutes !== null) return minutes;
  const { least, ...usual } = HANDS[id] ?? { least: LEAST };
  const perKg = (id === 'weigh' ? taught?.perKg : null) ?? usual.perKg ?? 0;
  const perJar = (id === 'fill' ? taught?.perJar : null) ?? usual.perJar ?? 0;
  const aJar = id === 'fill' ? perJar * lineShare(size) : perJar / fasterAtFruit(size);
  const p50 = least + (perKg * fruitKg) / fasterAtFruit(size) + aJar * jars;
  return { p10: QUICK * p50, p50, p90: SLOW * p50 };
}
