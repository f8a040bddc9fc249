import type { BatchCase } from './batchCase.ts';
import type { Fact } from './facts.ts';

/**
 * What can be found of a batch, each with what it may be and how often it is that in batches of
 * which nothing is known. The shares are judgement.
 */
export const FINDINGS = {
  solids: { under: 0.08, right: 0.84, over: 0.08 },
  acid: { flat: 0.1, right: 0.83, sour: 0.07 },
  pectin: { short: 0.1, lean: 0.2, right: 0.58, much: 0.12 },
  ripeness: { green: 0.1, right: 0.8, over: 0.1 },
  boil: { short: 0.08, right: 0.8, long: 0.12 },
  doubled: { no: 0.88, yes: 0.12 },
  sugar: { cut: 0.12, whole: 0.83, more: 0.05 },
  headspace: { little: 0.1, right: 0.8, much: 0.1 },
  boilLost: { no: 0.92, yes: 0.08 },
  rest: { short: 0.12, right: 0.88 },
  retightened: { no: 0.9, yes: 0.1 },
  stand: { none: 0.25, right: 0.65, long: 0.1 },
  stirring: { rare: 0.15, right: 0.7, constant: 0.15 },
  pressed: { no: 0.8, yes: 0.2 },
  hardWater: { no: 0.75, yes: 0.25 },
  rim: { left: 0.1, wiped: 0.9 },
  lid: { old: 0.06, new: 0.94 },
  warmth: { cool: 0.85, warm: 0.15 },
  light: { dark: 0.85, light: 0.15 },
  age: { fresh: 0.85, old: 0.15 },
  jars: { cold: 0.15, hot: 0.85 },
  process: { none: 0.05, short: 0.08, whole: 0.87 },
  shelf: { fit: 0.93, unfit: 0.07 },
} as const;

/** One of {@link FINDINGS}. */
export type FindingId = keyof typeof FINDINGS;
/** What a finding may be. */
export type Level<Id extends FindingId = FindingId> = Id extends FindingId
  ? keyof (typeof FINDINGS)[Id] & string
  : never;

/** What was found of a batch: a level of each finding that can be told. */
export type Found = { readonly [id in FindingId]?: Level<id> };

/** Of which facts a finding is told, the one that is asked for first. */
export const ASKED_BY: { readonly [id in FindingId]: readonly Fact[] } = {
  solids: ['solublesPct', 'stopTempC'],
  acid: ['pH'],
  pectin: [],
  ripeness: [],
  boil: ['boilMin', 'cookMin'],
  doubled: ['batches'],
  sugar: ['sugarShare'],
  headspace: ['headspaceMm'],
  boilLost: ['boilLost'],
  rest: ['restMin'],
  retightened: ['retightened'],
  stand: ['standMin'],
  stirring: ['stirredMin'],
  pressed: ['pressedCloth'],
  hardWater: ['waterHard'],
  rim: ['rimWiped'],
  lid: ['lidNew'],
  warmth: ['storedWarm'],
  light: ['storedLight'],
  age: ['monthsOld'],
  jars: ['jarsHot'],
  process: ['processedMin'],
  shelf: [],
};

/** Solids off the stop that a spread shows, g per 100 g: a degree Fahrenheit is two. */
const OFF_PCT = 2.5;
/** A short boil, and a long one, over what was asked for. */
const SHORT_BOIL = 0.6;
const LONG_BOIL = 1.5;
/** More than the formula, as one that is doubled; the least that counts as cut. */
const DOUBLED = 1.5;
const CUT = 0.92;
const MORE_SUGAR = 1.08;
/** Headspace off the usual, mm: an eighth of an inch. */
const HEADSPACE_OFF_MM = 2.4;
/** Rest in the canner and stand off the heat that page and plan ask for, min. */
const REST_MIN = 5;
const STAND_MIN = 4;
const LONG_STAND_MIN = 15;
/** Stirred less often than this, a thick pot catches; oftener, it takes in air. Judgement, min. */
const RARE_MIN = 4;
const CONSTANT_MIN = 0.5;
/** A shelf year. */
const YEAR_MONTHS = 12;
/** Where pectin runs short of a set, and where a gel is stiff. */
const SHORT_RATIO = 0.72;
const LEAN_RATIO = 1.05;
const MUCH_RATIO = 2;

/** What is found of a batch: by its facts, and as its formula alone foretells it. */
export type Findings = { readonly told: Found; readonly foretold: Found };

/** What is found of a batch by its formula and its facts. */
export function findingsOf(of: BatchCase): Findings {
  const { facts, overPct, acid, setRatio, planned, ripeness } = of;
  const found: { -readonly [id in FindingId]: Found[id] | null } = {
    solids: overPct === null ? null : level(overPct, -OFF_PCT, OFF_PCT, ['under', 'right', 'over']),
    // pH runs down as acid goes up.
    acid: acid === null ? null : level(acid.pH, acid.low, acid.high, ['sour', 'right', 'flat']),
    pectin:
      setRatio === null
        ? null
        : setRatio < SHORT_RATIO
          ? 'short'
          : level(setRatio, LEAN_RATIO, MUCH_RATIO, ['lean', 'right', 'much']),
    ripeness: ripeness === null ? null : level(ripeness, 0.3, 0.75, ['green', 'right', 'over']),
    boil:
      of.boilTimes === null
        ? null
        : level(of.boilTimes, SHORT_BOIL, LONG_BOIL, ['short', 'right', 'long']),
    doubled: facts.batches === undefined ? null : facts.batches >= DOUBLED ? 'yes' : 'no',
    sugar:
      facts.sugarShare === undefined
        ? null
        : level(facts.sugarShare, CUT, MORE_SUGAR, ['cut', 'whole', 'more']),
    headspace:
      facts.headspaceMm === undefined
        ? null
        : level(facts.headspaceMm - planned.headspaceMm, -HEADSPACE_OFF_MM, HEADSPACE_OFF_MM, [
            'little',
            'right',
            'much',
          ]),
    boilLost: yesNo(facts.boilLost),
    rest: facts.restMin === undefined ? null : facts.restMin < REST_MIN ? 'short' : 'right',
    retightened: yesNo(facts.retightened),
    stand:
      facts.standMin === undefined
        ? null
        : level(facts.standMin, STAND_MIN, LONG_STAND_MIN, ['none', 'right', 'long']),
    stirring:
      facts.stirredMin === undefined
        ? null
        : level(facts.stirredMin, CONSTANT_MIN, Math.max(RARE_MIN, planned.stirEveryMin ?? 0), [
            'constant',
            'right',
            'rare',
          ]),
    pressed: yesNo(facts.pressedCloth),
    hardWater: yesNo(facts.waterHard),
    rim: facts.rimWiped === undefined ? null : facts.rimWiped ? 'wiped' : 'left',
    lid: facts.lidNew === undefined ? null : facts.lidNew ? 'new' : 'old',
    warmth: facts.storedWarm === undefined ? null : facts.storedWarm ? 'warm' : 'cool',
    light: facts.storedLight === undefined ? null : facts.storedLight ? 'light' : 'dark',
    age: facts.monthsOld === undefined ? null : facts.monthsOld > YEAR_MONTHS ? 'old' : 'fresh',
    jars: facts.jarsHot === undefined ? null : facts.jarsHot ? 'hot' : 'cold',
    process: processOf(of),
    shelf: of.isStored ? (of.isForPantry ? 'fit' : 'unfit') : null,
  };
  const those = (wanted: (id: string) => boolean) =>
    Object.fromEntries(
      Object.entries(found).filter(([id, value]) => value !== null && wanted(id)),
    ) as Found;
  const isForetold = (id: string) => id === 'pectin' || (id === 'acid' && facts.pH === undefined);
  return { told: those((id) => !isForetold(id)), foretold: those(isForetold) };
}

const yesNo = (fact: boolean | undefined): 'yes' | 'no' | null =>
  fact === undefined ? null : fact ? 'yes' : 'no';

/** Under the first bound, between them, or over the second. */
const level = <const Names extends readonly [string, string, string]>(
  value: number,
  low: number,
  high: number,
  [under, between, over]: Names,
): Names[number] => (value < low ? under : value > high ? over : between);

/** A process that nothing is asked of is judged by the shortest there is, min. */
const SHORTEST_MIN = 5;

function processOf({ facts: { processedMin }, planned }: BatchCase): Level<'process'> | null {
  if (processedMin === undefined) return null;
  if (processedMin === 0) return 'none';
  return processedMin < (planned.processMin ?? SHORTEST_MIN) ? 'short' : 'whole';
}
