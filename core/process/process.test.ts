import { findIngredient, type Ingredient } from '../larder/index.ts';
import type { Product } from '../method/index.ts';
import { convert } from '../quantity/index.ts';
import { keepingOf } from './keeping.ts';
import {
  headspaceMm,
  largestJarMl,
  processTime,
  steriliseMinutes,
  type School,
} from './processing.ts';
import { shelfVerdict, type ShelfCase, type Weighed } from './shelf.ts';

const metres = (ft: number) => convert(ft, 'ft', 'm');
const HALF_PINT = 237;
const PINT = 473;
const QUART = 946;

const minutes = (product: Product, ft: number, jarMl: number, school: School) =>
  processTime(product, metres(ft), jarMl, school, 'boiling-water')?.minutes ?? null;

/** USDA Complete Guide to Home Canning and the national extension centre, by altitude; from memory. */
describe('minutes in the canner', () => {
  test.each<[Product, number, readonly [number, number, number]]>([
    ['jam', HALF_PINT, [5, 10, 15]],
    ['jelly', PINT, [5, 10, 15]],
    ['marmalade', PINT, [5, 10, 15]],
    ['conserve', PINT, [5, 10, 15]],
    ['pepper-jelly', HALF_PINT, [5, 10, 15]],
    ['infusion-jelly', HALF_PINT, [5, 10, 15]],
    ['butter', PINT, [5, 10, 15]],
    ['butter', QUART, [10, 15, 20]],
    ['sauce', PINT, [15, 20, 25]],
    ['curd', HALF_PINT, [15, 20, 25]],
  ])('%s in jars of %d mL, boiled sterile first', (product, jarMl, expected) => {
    const at = (ft: number) => minutes(product, ft, jarMl, 'sterilised');
    expect([at(0), at(1000)]).toEqual([expected[0], expected[0]]);
    expect([at(1001), at(6000)]).toEqual([expected[1], expected[1]]);
    expect([at(6001), at(10_000)]).toEqual([expected[2], expected[2]]);
    expect(at(10_001)).toBeNull();
  });

  // Ten minutes at sea level, and the national extension centre's altitude additions; from memory.
  test.each([
    [0, 10],
    [1000, 10],
    [1001, 15],
    [3000, 15],
    [3001, 20],
    [6000, 20],
    [6001, 25],
    [8000, 25],
    [8001, 30],
    [10_000, 30],
  ])('jam in clean hot jars at %d ft: %d min', (ft, expected) => {
    expect(minutes('jam', ft, HALF_PINT, 'ten-minute')).toBe(expected);
  });

  test('where the table already has ten minutes or more, jars need not be sterile', () => {
    const curd = processTime('curd', 0, HALF_PINT, 'sterilised', 'boiling-water');
    expect(curd).toEqual({ minutes: 15, presterilise: false });
    const jam = processTime('jam', 0, HALF_PINT, 'sterilised', 'boiling-water');
    expect(jam).toEqual({ minutes: 5, presterilise: true });
  });

  test('a steam canner takes the same minutes', () => {
    for (const product of ['jam', 'curd', 'sauce'] as const) {
      const by = (canner: 'steam' | 'boiling-water') =>
        processTime(product, metres(9000), HALF_PINT, 'ten-minute', canner);
      expect(by('steam')).toEqual(by('boiling-water'));
    }
  });

  test('jars beyond the table have no time', () => {
    expect(minutes('jam', 0, QUART, 'sterilised')).toBeNull();
    expect(minutes('curd', 0, PINT, 'sterilised')).toBeNull();
    expect(minutes('butter', 0, 1900, 'sterilised')).toBeNull();
    expect(largestJarMl('curd')).toBeLessThan(240);
  });

  test('below the sea the first row holds', () => {
    expect(processTime('jam', -400, HALF_PINT, 'sterilised', 'boiling-water')?.minutes).toBe(5);
  });

  // Common practice: ten minutes, and one more for each 1000 ft.
  test.each([
    [0, 10],
    [1000, 11],
    [4100, 15],
    [-500, 10],
  ])('empty jars are boiled sterile at %d ft in %d min', (ft, expected) => {
    expect(steriliseMinutes(metres(ft))).toBe(expected);
  });

  test('a quarter inch is left over spreads, half an inch over curds', () => {
    expect(headspaceMm('jam')).toBeCloseTo(convert(0.25, 'in', 'mm'), 0);
    expect(headspaceMm('curd')).toBeCloseTo(convert(0.5, 'in', 'mm'), 0);
  });
});

describe('the shelf', () => {
  const of = (...ids: string[]): Weighed[] =>
    ids.map((id) => ({ ingredient: findIngredient(id) as Ingredient, massG: 500 }));
  const some = (id: string, massG: number): Weighed => ({
    ingredient: findIngredient(id) as Ingredient,
    massG,
  });
  const NONE = { testedFormula: null, meterPH: null };
  const verdict = (change: Partial<ShelfCase>) =>
    shelfVerdict({
      product: 'jam',
      lines: of('damson', 'sugar'),
      puzzlingLines: 0,
      process: { minutes: 10, presterilise: false },
      jarTooLarge: false,
      computedPH: null,
      assurance: NONE,
      ...change,
    });

  test('high-acid fruit with sugar and lemon is for the pantry, once processed', () => {
    const found = verdict({ lines: of('damson', 'blackberry', 'sugar', 'lemon-juice', 'water') });
    expect(found).toMatchObject({ verdict: 'pantry', months: 12 });
    expect(found.reasons.join(' ')).toContain('10 minutes');
  });

  test.each([
    ['melon', 'low-acid'],
    ['fig', 'not reliably acid'],
  ])('%s is not, however much lemon goes in', (id, reason) => {
    const found = verdict({
      lines: of(id, 'sugar', ...Array<string>(20).fill('lemon-juice-bottled')),
    });
    expect(found.verdict).toBe('fridge');
    expect(found.reasons.join(' ')).toContain(reason);
  });

  test('a computed pH never grants the pantry, however low, to any row or product', () => {
    const sour = { p10: 2.5, p50: 2.6, p90: 2.7 };
    for (const id of ['melon', 'fig', 'tomato', 'pumpkin', 'carrot', 'elderberry']) {
      for (const product of ['jam', 'jelly', 'butter', 'conserve', 'marmalade', 'sauce'] as const) {
        expect(verdict({ product, lines: of(id, 'sugar'), computedPH: sour }).verdict).toBe(
          'fridge',
        );
      }
    }
  });

  test('one low-acid fruit among high ones decides', () => {
    expect(verdict({ lines: of('damson', 'melon', 'sugar') }).verdict).toBe('fridge');
  });

  test.each<[string, Partial<ShelfCase>]>([
    ['a line that is not understood', { puzzlingLines: 1 }],
    ['no fruit', { lines: of('sugar', 'water') }],
    ['nothing at all', { lines: [] }],
    ['no tabled time', { process: null }],
    ['a jar beyond the tables', { jarTooLarge: true }],
    ['chocolate', { lines: of('plum', 'sugar', 'chocolate') }],
    ['cream', { lines: of('plum', 'sugar', 'cream') }],
    ['nuts', { lines: of('plum', 'sugar', 'walnut') }],
    ['coconut', { lines: of('plum', 'sugar', 'coconut') }],
    ['oil', { lines: of('plum', 'sugar', 'oil') }],
    ['starch', { lines: of('plum', 'sugar', 'cornflour') }],
    ['eggs', { lines: of('plum', 'sugar', 'egg') }],
    ['more butter than a knob', { lines: [...of('plum', 'sugar'), some('butter', 40)] }],
    ['a sweetener that fades', { lines: of('plum', 'sugar', 'fading-sweetener') }],
    ['a computed pH that may reach 4.6', { computedPH: { p10: 4, p50: 4.3, p90: 4.65 } }],
    ['tomato', { lines: of('plum', 'tomato', 'sugar', 'vinegar') }],
    ['pumpkin', { lines: of('plum', 'pumpkin', 'sugar', 'lemon-juice-bottled') }],
    ['sweet pepper among plums', { lines: of('plum', 'sweet-pepper', 'vinegar', 'sugar') }],
  ])('%s rules the pantry out, with a reason', (_, change) => {
    const found = verdict(change);
    expect(found.verdict).toBe('fridge');
    expect(found.reasons).toHaveLength(1);
  });

  test('a knob of butter against the foam does not', () => {
    expect(verdict({ lines: [...of('plum', 'sugar'), some('butter', 4)] }).verdict).toBe('pantry');
  });

  test('sucralose holds up in the canner', () => {
    expect(verdict({ lines: of('plum', 'sucralose-sweetener') }).verdict).toBe('pantry');
  });

  describe('a tested formula or a meter, entered by the cook', () => {
    test.each([
      [{ ...NONE, meterPH: 4.0 }, 'pantry', 'meter'],
      [{ ...NONE, meterPH: 4.3 }, 'fridge', 'not reliably acid'],
      [{ ...NONE, testedFormula: 'Fig jam, county leaflet' }, 'pantry', 'tested formula'],
    ])('%j', (assurance, expected, reason) => {
      const found = verdict({ lines: of('fig', 'sugar', 'lemon-juice-bottled'), assurance });
      expect(found.verdict).toBe(expected);
      expect(found.reasons.join(' ')).toContain(reason);
    });

    test('moves neither pumpkin nor chocolate', () => {
      const assurance = { testedFormula: 'anything', meterPH: 3 };
      expect(verdict({ lines: of('pumpkin', 'sugar'), assurance }).verdict).toBe('fridge');
      expect(verdict({ lines: of('plum', 'chocolate'), assurance }).verdict).toBe('fridge');
    });
  });

  describe('curd', () => {
    const curd = (...ids: string[]) =>
      verdict({
        product: 'curd',
        lines: of(...ids, 'egg', 'egg-yolk', 'sugar', 'butter'),
        process: { minutes: 15, presterilise: false },
      });

    test('of bottled lemon or lime juice is for the pantry three to four months', () => {
      for (const juice of ['lemon-juice-bottled', 'lime-juice-bottled']) {
        expect(curd(juice, 'zest')).toMatchObject({ verdict: 'pantry', months: 3 });
      }
    });

    test.each(['lemon-juice', 'lime-juice', 'passion-fruit', 'orange-juice', 'raspberry'])(
      'of %s is not',
      (juice) => {
        expect(curd(juice).verdict).toBe('fridge');
        expect(curd(juice, 'lemon-juice-bottled').verdict).toBe('fridge');
      },
    );

    test('with something no tested curd holds is not', () => {
      expect(curd('lemon-juice-bottled', 'cream').verdict).toBe('fridge');
      expect(curd().verdict).toBe('fridge');
    });
  });

  describe('pepper jelly', () => {
    const peppers = (vinegarG: number, p90 = 3.6) =>
      verdict({
        product: 'pepper-jelly',
        lines: [some('sweet-pepper', 500), some('vinegar', vinegarG), some('sugar', 1000)],
        computedPH: { p10: 3.3, p50: 3.5, p90 },
      });

    test('with vinegar enough is a tested family', () => {
      expect(peppers(350).verdict).toBe('pantry');
    });

    test('with too little, or with a pH too near the limit, is for the fridge', () => {
      expect(peppers(200).verdict).toBe('fridge');
      expect(peppers(350, 4.3).verdict).toBe('fridge');
      expect(peppers(200).reasons[0]).toContain('at least 300 g');
    });
  });
});

// Common practice: spreads a year, curds three to four months; opened three to four weeks, low sugar less.
describe('keeping', () => {
  test('in months on the shelf and weeks once open', () => {
    expect(keepingOf('jam', 'pantry', 65).unopenedMonths).toBe(12);
    expect(keepingOf('curd', 'pantry', 40).unopenedMonths).toBe(3);
    expect(keepingOf('jam', 'pantry', 65).openedWeeks).toEqual({ low: 3, high: 4 });
    expect(keepingOf('jam', 'pantry', 40).openedWeeks).toEqual({ low: 2, high: 3 });
    expect(keepingOf('jam', 'fridge', 65).unopenedMonths).toBeLessThan(1);
  });
});
