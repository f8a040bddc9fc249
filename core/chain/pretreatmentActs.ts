import {
  PRETREATMENT_FACTS,
  type Pretreatment,
  type PretreatmentYield,
} from '../pretreatment/index.ts';
import { extractionOf } from '../ingredients/index.ts';
import { PRODUCTS, type Product } from '../method/index.ts';
import { timesRange } from '../quantity/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import { act, byClock, usedOf, type Act, type Gives, type Phase } from './act.ts';
import { COOK_TO_SAUCE_MIN, PUREE_MIN } from './stoveActs.ts';

/** Boiling the fruit of a soak before it stands; common practice. */
const SLICE_BOIL_MIN = 5;
/** Fruit that is not in the table of extraction simmers so long, minutes; judgement. */
const SIMMER_MIN = 20;
const CLOT_TEST_MIN = 1;
/** Work that stands this long is done the day before, h. */
const A_NIGHT_H = 4;
/** What was boiled keeps in its juice until the next step for so long, minutes; common practice. */
const KEEPS_MIN = 6 * 60;

/** What comes before the formula's own pot, where the formula says. */
export type PretreatmentCase = {
  readonly before: Pretreatment;
  readonly lines: readonly UnderstoodLine[];
  readonly obtained: PretreatmentYield;
};

/**
 * The acts before the formula's own pot, in order, with what they should give; none where a before
 * has no lines yet.
 */
export function pretreatmentActs({ before, lines, obtained }: PretreatmentCase): readonly Act[] {
  if (lines.length === 0) return [];
  const { density, hours: usualHours } = PRETREATMENT_FACTS[before.kind];
  const hours = before.hours ?? usualHours;
  const gives: Gives = {
    massG: obtained.massG,
    volumeMl: timesRange(obtained.massG, 1 / density),
    measured: obtained.measured,
  };
  const uses = usedOf(lines);
  const waterG = obtained.waterG;
  const phase: Phase = hours >= A_NIGHT_H ? 'day-before' : 'prepare';
  const stands = {
    phase,
    takes: byClock(hours * 60),
    hands: 'none',
    mayWaitMin: KEEPS_MIN,
  } as const;
  switch (before.kind) {
    case 'extract': {
      const minutes = Math.max(
        ...lines.map(({ ingredient }) => extractionOf(ingredient.id).minutes),
      );
      return [
        act({
          id: 'extract',
          phase,
          uses,
          waterG,
          takes: byClock(Number.isFinite(minutes) ? minutes : SIMMER_MIN),
          hands: 'now and then',
          holds: 'burner',
          flame: 1,
          lid: true,
        }),
        act({ ...stands, id: 'drip', gives, holds: 'bowl' }),
        act({ id: 'clot-test', phase, takes: byClock(CLOT_TEST_MIN) }),
      ];
    }
    case 'infuse':
      return [act({ ...stands, id: 'infuse', uses, waterG, gives, holds: 'bowl' })];
    case 'soak':
      return [
        act({
          id: 'slice',
          phase,
          uses,
          waterG,
          takes: byClock(SLICE_BOIL_MIN),
          holds: 'burner',
          flame: 1,
        }),
        act({ ...stands, id: 'soak', gives, holds: 'bowl' }),
      ];
    case 'drain':
      return [act({ ...stands, id: 'drain', uses, gives, holds: 'bowl' })];
    case 'sauce':
      return [
        act({
          id: 'sauce',
          phase,
          uses,
          waterG,
          takes: byClock(COOK_TO_SAUCE_MIN),
          hands: 'now and then',
          holds: 'burner',
          flame: 1,
          lid: true,
        }),
        act({ id: 'puree', phase, gives, takes: byClock(PUREE_MIN), mayWaitMin: KEEPS_MIN }),
      ];
  }
}

/**
 * What a product asks for first, where nothing is said of it; a butter's fruit is cooked to a sauce
 * in its own pot.
 */
export function usualPretreatmentActs(product: Product): readonly Act[] {
  const { first } = PRODUCTS[product];
  if (first === null || first === 'sauce') return [];
  const { hours } = PRETREATMENT_FACTS[first];
  const id = ({ extract: 'drip', infuse: 'infuse', soak: 'soak', drain: 'drain' } as const)[first];
  return [
    act({
      id,
      phase: hours >= A_NIGHT_H ? 'day-before' : 'prepare',
      takes: byClock(hours * 60),
      hands: 'none',
      holds: 'bowl',
      mayWaitMin: KEEPS_MIN,
    }),
  ];
}
