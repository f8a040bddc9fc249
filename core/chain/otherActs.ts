import { BEFORE_FACTS, type Before, type Obtained } from '../before/index.ts';
import { extractionOf } from '../larder/index.ts';
import { isSugar, PRODUCTS, type Method, type Product } from '../method/index.ts';
import { timesRange } from '../quantity/index.ts';
import { massOfLines, type UnderstoodLine } from '../reader/index.ts';
import { act, byClock, endsBy, type Act, type Gives, type Phase } from './act.ts';
import { COOK_TO_SAUCE_MIN, PUREE_MIN, usedOf } from './stoveActs.ts';

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
export type BeforeCase = {
  readonly before: Before;
  readonly lines: readonly UnderstoodLine[];
  readonly obtained: Obtained;
};

/** The acts before the formula's own pot, in order, with what they should give; none where a before has no lines yet. */
export function beforeActs({ before, lines, obtained }: BeforeCase): readonly Act[] {
  if (lines.length === 0) return [];
  const { density, hours: usualHours } = BEFORE_FACTS[before.kind];
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

/** What a product asks for first, where nothing is said of it; a butter's fruit is cooked to a sauce in its own pot. */
export function usualBeforeActs(product: Product): readonly Act[] {
  const { first } = PRODUCTS[product];
  if (first === null || first === 'sauce') return [];
  const { hours } = BEFORE_FACTS[first];
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

/** Sugar that carries powdered pectin so that it does not clump, g: ¼ cup; common practice. */
export const CARRIER_SUGAR_G = 50;

/** Whether some of a formula's sugar carries its powdered pectin. */
export const carriesPectin = (method: Method, sugarG: number): boolean =>
  method === 'powdered-pectin' && sugarG > 4 * CARRIER_SUGAR_G;

/** What is weighed and mixed before the heat. */
export function prepareActs(method: Method, lines: readonly UnderstoodLine[]): readonly Act[] {
  return [
    act({ id: 'weigh', phase: 'prepare', uses: usedOf(lines), mayWaitMin: 60 }),
    ...(carriesPectin(method, massOfLines(lines.filter(isSugar)))
      ? [act({ id: 'carry-pectin', phase: 'prepare', mayWaitMin: 60 })]
      : []),
  ];
}

/** What is done with the filled jars: the canner and its minutes, null as printed in a named formula; or none, for the fridge. */
export type JarWork = {
  readonly method: 'boiling-water' | 'steam' | 'none';
  readonly minutes: number | null;
};

/** Jars rest in the canner with the lid off; common practice. */
const REST_MIN = 5;
/** Least time that jars cool untouched; common practice. */
const COOL_MIN = 12 * 60;

/** The acts at the jars and after. */
export function jarActs({ method, minutes }: JarWork): readonly Act[] {
  const jars = (id: Act['id'], rest: Partial<Act> = {}) => act({ id, phase: 'jars', ...rest });
  const after = (id: Act['id'], rest: Partial<Act> = {}) => act({ id, phase: 'after', ...rest });
  const fill = jars('fill', { ends: endsBy('ready'), mustEnd: true });
  if (method === 'none')
    return [fill, jars('chill', { hands: 'none', holds: 'fridge' }), after('label')];
  const canner = { holds: 'canner' } as const;
  return [
    fill,
    jars('load', canner),
    jars('heat-canner', { ...canner, takes: { by: 'sign', minutes: null }, hands: 'none' }),
    jars('process', { ...canner, takes: byClock(minutes), hands: 'now and then' }),
    jars('rest', { ...canner, takes: byClock(REST_MIN), hands: 'none' }),
    jars('out'),
    after('cool', { takes: byClock(COOL_MIN), hands: 'none', mayWaitMin: COOL_MIN }),
    after('press-lids'),
    after('label'),
    after('shelf'),
  ];
}
