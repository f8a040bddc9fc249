import { commonPractice, range, type Range } from '../quantity/index.ts';
import { extractionOf, pectinIntoJuice, SOLUBLES_INTO_JUICE } from './extraction.ts';
import type { Fruit, FruitState } from './ingredient.ts';

const scaled = (by: number, { low, typical, high }: Range): Range =>
  range(by * low, by * typical, by * high);

const shares = (by: Range, { low, typical, high }: Range): Range =>
  range(by.low * low, by.typical * typical, by.high * high);

/** Pectin that freezing and thawing leaves able to gel. */
const FROZEN_PECTIN = range(0.8, 0.9, 1);
/** Pectin that canning leaves. */
const CANNED_PECTIN = range(0.5, 0.7, 0.9);
/** Water left in fruit dried for keeping, g per 100 g. */
const DRIED_WATER_PCT = 22;
/** Sugar that a light syrup or juice lends to drained canned fruit, g per 100 g. */
const CANNED_SUGAR_PCT = 4;

const JUDGEMENT = commonPractice('what freezing, drying, canning and juicing do; judgement');
const JUICE_CUP = range(240, 248, 256);
const DRIED_CUP = range(125, 145, 170);
const CANNED_CUP = range(200, 225, 245);

/**
 * The same fruit frozen, dried, canned (drained) or as its juice: the row a recipe line is reckoned
 * from. A fruit that the ingredient table knows dried has its own row there.
 */
export function inState(fruit: Fruit, state: FruitState): Fruit {
  if (state === 'fresh' || fruit.state === state) return fruit;
  const { make } = fruit;
  const changed = (change: Partial<Fruit>): Fruit => ({
    ...fruit,
    name: state === 'juice' ? `${fruit.name} juice` : `${state} ${fruit.name}`,
    state,
    provenance: JUDGEMENT,
    ...change,
  });
  switch (state) {
    case 'frozen':
      return changed({ pectinPct: shares(FROZEN_PECTIN, fruit.pectinPct) });
    case 'juice':
      return extracted(fruit, extractionOf(fruit.id).waterPerG);
    case 'dried':
      return driedOf(fruit, changed);
    case 'canned':
      return changed({
        make: {
          ...make,
          solublesPct: plus(CANNED_SUGAR_PCT, make.solublesPct),
          sugarsPct: plus(CANNED_SUGAR_PCT, make.sugarsPct),
        },
        pectinPct: shares(CANNED_PECTIN, fruit.pectinPct),
        cups: { ...fruit.cups, chopped: CANNED_CUP, sliced: CANNED_CUP, whole: CANNED_CUP },
      });
  }
}

const plus = (more: number, { low, typical, high }: Range): Range =>
  range(low + more, typical + more, high + more);

/** A product of two figures that vary apart: both are seldom at their ends at once. */
function together(a: Range, b: Range): Range {
  const typical = a.typical * b.typical;
  const away = (end: 'low' | 'high'): number =>
    Math.hypot(Math.log(a[end] / a.typical), Math.log(b[end] / b.typical));
  return typical === 0
    ? shares(a, b)
    : range(typical * Math.exp(-away('low')), typical, typical * Math.exp(away('high')));
}

/**
 * What drips from a cloth when fruit was simmered soft in water: most of what dissolves in it, its
 * acid and much of its pectin, in the water of both, and hardly a piece.
 * @param waterPerG grams of water added to a gram of fruit
 */
export function extracted(fruit: Fruit, waterPerG: number): Fruit {
  const { make, sour, id, name } = fruit;
  const { steam, hard } = extractionOf(id);
  const juicePerG = (1 + waterPerG) * (1 - steam.typical) - make.insolublesPct.typical / 100;
  const spread = (by: Range, of: Range): Range => scaled(1 / juicePerG, together(by, of));
  const all = SOLUBLES_INTO_JUICE.typical;
  return {
    ...fruit,
    name: `${name} juice`,
    state: 'juice',
    provenance: JUDGEMENT,
    make: {
      ...make,
      solublesPct: spread(SOLUBLES_INTO_JUICE, make.solublesPct),
      sugarsPct: spread(SOLUBLES_INTO_JUICE, make.sugarsPct),
      insolublesPct: range(0, 0.1, 0.4),
    },
    ...(sour ? { sour: { ...sour, taPct: scaled(all / juicePerG, sour.taPct) } } : {}),
    pectinPct: spread(pectinIntoJuice(hard), fruit.pectinPct),
    cups: { liquid: JUICE_CUP },
    usualForm: 'liquid',
  };
}

function driedOf(fruit: Fruit, changed: (change: Partial<Fruit>) => Fruit): Fruit {
  const { make, sour, pectinPct } = fruit;
  const solids = make.solublesPct.typical + make.insolublesPct.typical;
  const times = (100 - DRIED_WATER_PCT) / solids;
  // The scatter of fresh fruit is mostly water, which drying takes away.
  const dry = (r: Range): Range => {
    const middle = times * r.typical;
    return range(0.9 * middle, middle, 1.1 * middle);
  };
  return changed({
    make: {
      ...make,
      solublesPct: dry(make.solublesPct),
      insolublesPct: dry(make.insolublesPct),
      sugarsPct: dry(make.sugarsPct),
    },
    ...(sour ? { sour: { ...sour, taPct: scaled(times, sour.taPct) } } : {}),
    pectinPct: scaled(times, pectinPct),
    cups: { whole: DRIED_CUP, chopped: DRIED_CUP },
    usualForm: 'whole',
  });
}
