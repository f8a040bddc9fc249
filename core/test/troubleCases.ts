import type { PlanRequest } from '../evaluate/index.ts';
import type { CauseId, Fact, Facts, Symptom } from '../troubleshooting/index.ts';

/**
 * A batch that went wrong, as it is described, and what it was. All are common practice: the tables
 * of causes that extension services print, and what those who cook tell each other.
 */
export type TroubleCase = {
  readonly symptom: Symptom;
  readonly formula?: Partial<PlanRequest>;
  readonly facts: Facts;
  /** What it was. */
  readonly cause: CauseId;
  /** Whether it has to go; left out for no. */
  readonly discard?: true;
  /** What would tell, where the facts do not; left out where they do. */
  readonly ask?: Fact;
};

const DAMSON = { lines: ['2 kg crushed damsons', '1.4 kg sugar'] };
const STRAWBERRY = {
  lines: ['2 kg crushed strawberries', '1.6 kg sugar', '60 mL bottled lemon juice'],
};
const PLAIN_STRAWBERRY = { lines: ['2 kg crushed strawberries', '1.6 kg sugar'] };
const POWDERED = {
  method: 'powdered-pectin' as const,
  lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
};
const APPLE_JELLY = { product: 'jelly' as const, lines: ['1 L apple juice', '750 g sugar'] };
const GRAPE_JELLY = { product: 'jelly' as const, lines: ['1 L grape juice', '750 g sugar'] };
const MELON = { lines: ['2 kg chopped melon', '1.4 kg sugar'] };
const CURD = {
  product: 'curd' as const,
  lines: ['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'],
};

export const TROUBLE_CASES: readonly TroubleCase[] = [
  // Did not set.
  { symptom: 'loose', formula: DAMSON, facts: { solublesPct: 58 }, cause: 'low-solids' },
  {
    symptom: 'loose',
    formula: DAMSON,
    facts: { stopTempC: 101.5, waterBoilsC: 100 },
    cause: 'low-solids',
  },
  { symptom: 'loose', formula: POWDERED, facts: { sugarShare: 0.5 }, cause: 'low-solids' },
  { symptom: 'loose', facts: { sugarShare: 0.6, boilMin: 1 }, cause: 'low-solids' },
  { symptom: 'loose', formula: DAMSON, facts: { cookMin: 12, batches: 1 }, cause: 'low-solids' },
  { symptom: 'loose', facts: { pH: 3.9 }, cause: 'low-acid' },
  { symptom: 'loose', formula: STRAWBERRY, facts: { solublesPct: 65, pH: 3.8 }, cause: 'low-acid' },
  { symptom: 'loose', formula: DAMSON, facts: { solublesPct: 66, pH: 3.9 }, cause: 'low-acid' },
  {
    symptom: 'loose',
    formula: DAMSON,
    facts: { solublesPct: 65, boilMin: 110, pH: 3.2 },
    cause: 'worn-pectin',
  },
  { symptom: 'loose', formula: POWDERED, facts: { boilMin: 8 }, cause: 'worn-pectin' },
  { symptom: 'loose', formula: DAMSON, facts: { batches: 3, cookMin: 150 }, cause: 'worn-pectin' },
  { symptom: 'loose', formula: POWDERED, facts: { batches: 2 }, cause: 'worn-pectin' },
  {
    symptom: 'loose',
    formula: PLAIN_STRAWBERRY,
    facts: { solublesPct: 65, pH: 3.3 },
    cause: 'low-pectin',
  },
  {
    symptom: 'loose',
    formula: { lines: ['2 kg over-ripe plums', '1.4 kg sugar'] },
    facts: { solublesPct: 65, pH: 3.3 },
    cause: 'low-pectin',
  },
  // Too stiff.
  { symptom: 'stiff', formula: DAMSON, facts: { solublesPct: 74 }, cause: 'high-solids' },
  {
    symptom: 'stiff',
    formula: DAMSON,
    facts: { stopTempC: 108, waterBoilsC: 100 },
    cause: 'high-solids',
  },
  { symptom: 'stiff', formula: DAMSON, facts: { cookMin: 120 }, cause: 'high-solids' },
  {
    symptom: 'stiff',
    formula: { lines: ['2 kg under-ripe gooseberries', '1.6 kg sugar'] },
    facts: { solublesPct: 65 },
    cause: 'too-much-pectin',
  },
  {
    symptom: 'stiff',
    formula: {
      method: 'powdered-pectin',
      lines: ['5 cups crushed damsons', '5 cups sugar', '3 boxes powdered pectin'],
    },
    facts: { boilMin: 1 },
    cause: 'too-much-pectin',
  },
  // Weeps.
  { symptom: 'weeps', facts: { pH: 2.6 }, cause: 'high-acid' },
  {
    symptom: 'weeps',
    formula: APPLE_JELLY,
    facts: { pH: 2.5, storedWarm: false },
    cause: 'high-acid',
  },
  { symptom: 'weeps', facts: { storedWarm: true }, cause: 'warm-store' },
  { symptom: 'weeps', formula: DAMSON, facts: { storedWarm: true, pH: 3.1 }, cause: 'warm-store' },
  {
    symptom: 'weeps',
    formula: DAMSON,
    facts: { solublesPct: 56, pH: 3.1, storedWarm: false },
    cause: 'low-solids',
  },
  // Crystals.
  { symptom: 'crystals', formula: DAMSON, facts: { solublesPct: 75 }, cause: 'high-solids' },
  { symptom: 'crystals', formula: GRAPE_JELLY, facts: {}, cause: 'tartrate' },
  { symptom: 'crystals', formula: GRAPE_JELLY, facts: { solublesPct: 65 }, cause: 'tartrate' },
  { symptom: 'crystals', facts: { stirredMin: 15 }, cause: 'undissolved-sugar' },
  {
    symptom: 'crystals',
    formula: DAMSON,
    facts: { boilMin: 6, solublesPct: 66 },
    cause: 'low-inversion',
  },
  {
    symptom: 'crystals',
    formula: DAMSON,
    facts: { boilMin: 110, solublesPct: 66, pH: 2.7 },
    cause: 'high-inversion',
  },
  { symptom: 'crystals', facts: { rimWiped: false }, cause: 'evaporated-sugar-on-rim' },
  // Floating fruit.
  {
    symptom: 'floats',
    formula: { lines: ['2 kg whole strawberries', '1.6 kg sugar', '60 mL bottled lemon juice'] },
    facts: { standMin: 0 },
    cause: 'under-rested',
  },
  { symptom: 'floats', facts: { standMin: 1 }, cause: 'under-rested' },
  {
    symptom: 'floats',
    formula: { lines: ['2 kg under-ripe whole cherries', '1.6 kg sugar'] },
    facts: { standMin: 8 },
    cause: 'floating-unripe',
  },
  { symptom: 'floats', formula: DAMSON, facts: { boilMin: 5, standMin: 8 }, cause: 'low-solids' },
  // Cloudy jelly.
  {
    symptom: 'cloudy',
    formula: APPLE_JELLY,
    facts: { pressedCloth: true },
    cause: 'pressed-juice',
  },
  {
    symptom: 'cloudy',
    formula: APPLE_JELLY,
    facts: { pressedCloth: true, waterHard: false },
    cause: 'pressed-juice',
  },
  {
    symptom: 'cloudy',
    formula: APPLE_JELLY,
    facts: { pressedCloth: false, waterHard: true },
    cause: 'hard-water',
  },
  {
    symptom: 'cloudy',
    formula: APPLE_JELLY,
    facts: { pressedCloth: false, waterHard: false, standMin: 25 },
    cause: 'fast-cooling',
  },
  {
    symptom: 'cloudy',
    formula: APPLE_JELLY,
    facts: { pressedCloth: false, processedMin: 0, monthsOld: 2 },
    cause: 'open-kettle',
    discard: true,
  },
  // Scorched.
  { symptom: 'scorched', formula: DAMSON, facts: { stirredMin: 12 }, cause: 'scorch-unstirred' },
  { symptom: 'scorched', facts: {}, cause: 'scorch-unstirred' },
  {
    symptom: 'scorched',
    formula: DAMSON,
    facts: { stirredMin: 2, solublesPct: 76 },
    cause: 'high-solids',
  },
  // Siphoned.
  { symptom: 'siphoned', facts: { headspaceMm: 2 }, cause: 'overfilled' },
  {
    symptom: 'siphoned',
    formula: DAMSON,
    facts: { headspaceMm: 3, restMin: 5 },
    cause: 'overfilled',
  },
  { symptom: 'siphoned', facts: { boilLost: true }, cause: 'boil-lost' },
  { symptom: 'siphoned', facts: { boilLost: true, headspaceMm: 6 }, cause: 'boil-lost' },
  { symptom: 'siphoned', facts: { restMin: 0 }, cause: 'under-rested' },
  {
    symptom: 'siphoned',
    facts: { jarsHot: false, restMin: 5, headspaceMm: 6 },
    cause: 'fast-cooling',
  },
  // Failed seals.
  { symptom: 'unsealed', facts: { rimWiped: false }, cause: 'dirty-rim' },
  { symptom: 'unsealed', facts: { lidNew: false, rimWiped: true }, cause: 'old-lid' },
  { symptom: 'unsealed', facts: { retightened: true, rimWiped: true }, cause: 'tight-lid' },
  {
    symptom: 'unsealed',
    facts: { headspaceMm: 1, rimWiped: true, lidNew: true },
    cause: 'overfilled',
  },
  { symptom: 'unsealed', formula: DAMSON, facts: { processedMin: 0 }, cause: 'open-kettle' },
  {
    symptom: 'unsealed',
    formula: DAMSON,
    facts: { processedMin: 2, rimWiped: true },
    cause: 'underprocessed',
  },
  {
    symptom: 'unsealed',
    facts: { rimWiped: false, monthsOld: 2 },
    cause: 'dirty-rim',
    discard: true,
  },
  // Mould.
  { symptom: 'mould', facts: { processedMin: 0 }, cause: 'open-kettle', discard: true },
  {
    symptom: 'mould',
    formula: DAMSON,
    facts: { processedMin: 3 },
    cause: 'underprocessed',
    discard: true,
  },
  {
    symptom: 'mould',
    formula: DAMSON,
    facts: { processedMin: 10, sugarShare: 0.4 },
    cause: 'low-solids',
    discard: true,
  },
  {
    symptom: 'mould',
    formula: DAMSON,
    facts: { processedMin: 10, rimWiped: false },
    cause: 'dirty-rim',
    discard: true,
  },
  // Faded.
  { symptom: 'faded', facts: { storedLight: true }, cause: 'light-store' },
  { symptom: 'faded', facts: { storedLight: false, storedWarm: true }, cause: 'warm-store' },
  {
    symptom: 'faded',
    facts: { storedLight: false, storedWarm: false, monthsOld: 26 },
    cause: 'old',
  },
  {
    symptom: 'faded',
    facts: { monthsOld: 4, headspaceMm: 18, storedLight: false, storedWarm: false },
    cause: 'underfilled',
  },
  // Bubbles.
  { symptom: 'bubbles', facts: { stirredMin: 0, processedMin: 10 }, cause: 'air-stirred' },
  {
    symptom: 'bubbles',
    formula: DAMSON,
    facts: { processedMin: 0, monthsOld: 1 },
    cause: 'open-kettle',
    discard: true,
  },
  {
    symptom: 'bubbles',
    formula: DAMSON,
    facts: { processedMin: 4 },
    cause: 'underprocessed',
    discard: true,
  },
  {
    symptom: 'bubbles',
    formula: MELON,
    facts: { processedMin: 10, monthsOld: 1 },
    cause: 'low-acid',
    discard: true,
  },
  // One thing that was told, and nothing else.
  { symptom: 'loose', formula: POWDERED, facts: { boilMin: 0.3 }, cause: 'low-solids' },
  {
    symptom: 'loose',
    formula: { ...DAMSON, altitudeM: 1600 },
    facts: { stopTempC: 96, waterBoilsC: 94.7 },
    cause: 'low-solids',
  },
  {
    symptom: 'stiff',
    formula: { ...DAMSON, altitudeM: 1600 },
    facts: { stopTempC: 104.5, waterBoilsC: 94.7 },
    cause: 'high-solids',
  },
  { symptom: 'crystals', facts: { pH: 3.9, boilMin: 4 }, cause: 'low-inversion' },
  { symptom: 'crystals', facts: { sugarShare: 1.4 }, cause: 'high-solids' },
  { symptom: 'cloudy', facts: { stirredMin: 0, pressedCloth: false }, cause: 'air-stirred' },
  { symptom: 'unsealed', facts: { boilLost: true }, cause: 'boil-lost' },
  { symptom: 'unsealed', facts: { restMin: 0 }, cause: 'under-rested' },
  { symptom: 'unsealed', facts: { headspaceMm: 22 }, cause: 'underfilled' },
  { symptom: 'mould', facts: { lidNew: false }, cause: 'old-lid', discard: true },
  { symptom: 'mould', facts: { storedWarm: true }, cause: 'warm-store', discard: true },
  { symptom: 'mould', facts: { headspaceMm: 20 }, cause: 'underfilled', discard: true },
  // What the facts do not decide, and what would.
  {
    symptom: 'siphoned',
    facts: { headspaceMm: 6, boilLost: false },
    cause: 'under-rested',
    ask: 'restMin',
  },
  {
    symptom: 'cloudy',
    formula: APPLE_JELLY,
    facts: {},
    cause: 'pressed-juice',
    ask: 'pressedCloth',
  },
  { symptom: 'floats', facts: {}, cause: 'under-rested', ask: 'standMin' },
  {
    symptom: 'faded',
    facts: { storedLight: false, storedWarm: false },
    cause: 'old',
    ask: 'monthsOld',
  },
  { symptom: 'weeps', facts: { storedWarm: false }, cause: 'high-acid', ask: 'pH' },
  {
    symptom: 'unsealed',
    facts: { lidNew: true, headspaceMm: 6 },
    cause: 'dirty-rim',
    ask: 'rimWiped',
  },
  { symptom: 'stiff', formula: STRAWBERRY, facts: {}, cause: 'high-solids', ask: 'solublesPct' },
  { symptom: 'loose', formula: CURD, facts: {}, cause: 'low-solids' },
];
