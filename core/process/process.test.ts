import { findIngredient, type Ingredient } from '../larder/index.ts';
import { convert } from '../quantity/index.ts';
import { softSpreadMinutes, steriliseMinutes } from './processing.ts';
import { shelfVerdict, type ShelfCase } from './shelf.ts';

const metres = (ft: number) => convert(ft, 'ft', 'm');

describe('minutes in the canner', () => {
  // USDA Complete Guide to Home Canning, jams and jellies, half-pints or pints; from memory.
  test.each([
    [0, 5],
    [1000, 5],
    [1001, 10],
    [5000, 10],
    [6000, 10],
    [6001, 15],
    [10_000, 15],
  ])('sterilised jars at %d ft: %d min', (ft, minutes) => {
    expect(softSpreadMinutes(metres(ft), 'sterilised')).toBe(minutes);
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
  ])('clean hot jars at %d ft: %d min', (ft, minutes) => {
    expect(softSpreadMinutes(metres(ft), 'ten-minute')).toBe(minutes);
  });

  test('above the tables there is no time', () => {
    expect(softSpreadMinutes(metres(10_001), 'sterilised')).toBeNull();
    expect(softSpreadMinutes(metres(10_001), 'ten-minute')).toBeNull();
  });

  test('below the sea the first row holds', () => {
    expect(softSpreadMinutes(-400, 'sterilised')).toBe(5);
  });

  // Common practice: ten minutes, and one more for each 1000 ft.
  test.each([
    [0, 10],
    [1000, 11],
    [4100, 15],
    [-500, 10],
  ])('empty jars are boiled sterile at %d ft in %d min', (ft, minutes) => {
    expect(steriliseMinutes(metres(ft))).toBe(minutes);
  });
});

describe('the shelf', () => {
  const of = (...ids: string[]) => ids.map((id) => findIngredient(id) as Ingredient);
  const verdict = (change: Partial<ShelfCase>) =>
    shelfVerdict({
      ingredients: of('damson', 'sugar'),
      puzzlingLines: 0,
      processMinutes: 10,
      jarTooLarge: false,
      butterPct: 0,
      computedPH: null,
      ...change,
    });

  test('high-acid fruit with sugar and lemon is for the pantry, once processed', () => {
    const found = verdict({
      ingredients: of('damson', 'blackberry', 'sugar', 'lemon-juice', 'water'),
    });
    expect(found.verdict).toBe('pantry');
    expect(found.reasons.join(' ')).toContain('10 minutes');
  });

  test.each([
    ['melon', 'low-acid'],
    ['fig', 'not reliably acid'],
  ])('%s is not, however much lemon goes in', (id, reason) => {
    const found = verdict({
      ingredients: of(id, 'sugar', ...Array<string>(20).fill('lemon-juice-bottled')),
    });
    expect(found.verdict).toBe('fridge');
    expect(found.reasons.join(' ')).toContain(reason);
  });

  test('a computed pH never grants the pantry, however low', () => {
    const sour = { p10: 2.5, p50: 2.6, p90: 2.7 };
    expect(verdict({ ingredients: of('melon', 'sugar'), computedPH: sour }).verdict).toBe('fridge');
  });

  test('one low-acid fruit among high ones decides', () => {
    expect(verdict({ ingredients: of('damson', 'melon', 'sugar') }).verdict).toBe('fridge');
  });

  test.each<[string, Partial<ShelfCase>]>([
    ['a line that is not understood', { puzzlingLines: 1 }],
    ['no fruit', { ingredients: of('sugar', 'water') }],
    ['nothing at all', { ingredients: [] }],
    ['no tabled time', { processMinutes: null }],
    ['a jar beyond the tables', { jarTooLarge: true }],
    ['chocolate', { ingredients: of('plum', 'sugar', 'chocolate') }],
    ['cream', { ingredients: of('plum', 'sugar', 'cream') }],
    ['starch', { ingredients: of('plum', 'sugar', 'cornflour') }],
    ['eggs', { ingredients: of('plum', 'sugar', 'egg') }],
    ['more butter than a knob', { butterPct: 3 }],
    ['a computed pH that may reach 4.6', { computedPH: { p10: 4, p50: 4.3, p90: 4.65 } }],
    ['tomato', { ingredients: of('tomato', 'sugar', 'vinegar') }],
    ['pumpkin', { ingredients: of('pumpkin', 'sugar', 'lemon-juice-bottled') }],
    ['sweet pepper among plums', { ingredients: of('plum', 'sweet-pepper', 'vinegar', 'sugar') }],
  ])('%s rules the pantry out, with a reason', (_, change) => {
    const found = verdict(change);
    expect(found.verdict).toBe('fridge');
    expect(found.reasons).toHaveLength(1);
  });
});
