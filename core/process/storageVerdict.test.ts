import { inWords } from '@idle-kettle/words';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import type { Product } from '../method/index.ts';
import { exactly } from '../quantity/index.ts';
import { cannerMinutes } from './cannerMinutes.ts';
import { type Verdict } from './keeping.ts';
import { isNamed } from './safetyContext.ts';
import { storageVerdict } from './storageVerdict.ts';
import { NO_SAFETY_EVIDENCE, type StorageCase, type StorageLine } from './storageCase.ts';
import { bestPH, worstPH } from './worstPH.ts';
import { SEALED_HALF_PINT } from '../test/sealedHalfPint.ts';

describe('the shelf', () => {
  const row = (id: string): Ingredient => {
    const found = findIngredient(id);
    if (!found) throw new Error(`No ${id}`);
    return found;
  };
  const of = (...amounts: readonly (readonly [string, number])[]): StorageLine[] =>
    amounts.map(([id, massG]) => ({ ingredient: row(id), massG: exactly(massG) }));
  const JAM = of(['damson', 1000], ['sugar', 900]);
  const verdict = (change: Partial<StorageCase>) =>
    inWords(
      storageVerdict({
        product: 'jam',
        lines: JAM,
        unrecognizedLines: 0,
        solublesPct: 65,
        ...SEALED_HALF_PINT,
        assurance: NO_SAFETY_EVIDENCE,
        ...change,
      }),
    );

  test('acid fruit with sugar is for the pantry, once processed', () => {
    const found = verdict({});
    expect(found).toMatchObject({ verdict: 'pantry', months: 12, decides: [], pantryFix: null });
    expect(found.reasons.join(' ')).toContain('10 minutes');
  });

  test.each<[string, Partial<StorageCase>]>([
    ['a line that is not understood', { unrecognizedLines: 1 }],
    ['nothing at all', { lines: [] }],
    ['no tabled time', { process: null }],
    ['a kitchen without a canner', { canner: 'none', process: null }],
    [
      'no canner and a named formula',
      {
        canner: 'none',
        process: null,
        assurance: { ...NO_SAFETY_EVIDENCE, testedFormula: 'County bulletin plum' },
      },
    ],
    ['a jar beyond the tables', { largestJarMl: 946 }],
    ['a meter above 4.2', { assurance: { ...NO_SAFETY_EVIDENCE, meterPH: 4.21 } }],
    ['a raw batch above 4.2', { rawPH: 4.3 }],
    ['a meter that cannot be true', { assurance: { ...NO_SAFETY_EVIDENCE, meterPH: 1.9 } }],
    ['pumpkin', { lines: [...JAM, ...of(['pumpkin', 5])] }],
    ['a little melon', { lines: [...JAM, ...of(['melon', 5])] }],
  ])('%s stands against it', (_, change) => {
    expect(verdict(change).verdict).toBe('fridge');
  });

  // Each cap of the table: at it, and a tenth above it.
  test.each([
    ['ginger', 30],
    ['cinnamon', 10],
    ['brandy', 50],
    ['vanilla-extract', 50],
    ['candied-ginger', 100],
    ['butter', 19],
    ['salt', 19],
    ['zest', 50],
  ])('%s up to %d g in a kilo of damsons and 900 g of sugar', (id, most) => {
    expect(verdict({ lines: [...JAM, ...of([id, most])] }).verdict).toBe('pantry');
    const over = verdict({ lines: [...JAM, ...of([id, 1.1 * most])] });
    expect(over.verdict).toBe('fridge');
    expect(over.decides.map((each) => each.row)).toEqual([id]);
    expect(over.pantryFix).toMatchObject({ leaveOut: [id] });
  });

  test('zest is free in a marmalade, nuts only in a conserve and to a tenth', () => {
    const zesty = [...JAM, ...of(['zest', 300])];
    expect(verdict({ product: 'marmalade', lines: zesty }).verdict).toBe('pantry');
    const nutty = (nuts: number, product: Product) =>
      verdict({ product, lines: [...JAM, ...of(['walnut', nuts])] }).verdict;
    expect([nutty(100, 'conserve'), nutty(110, 'conserve'), nutty(10, 'jam')]).toEqual([
      'pantry',
      'fridge',
      'fridge',
    ]);
  });

  // USDA Complete Guide and the national extension centre, from memory: 4 eggs and 7 yolks, ¾ cup
  // butter, 2½ cups sugar, ½ cup zest to a cup of bottled juice.
  describe('curd, to 244 g of bottled juice', () => {
    const TESTED = { egg: 330, butter: 170, sugar: 500, zest: 48 };
    const curd = (
      change: Partial<typeof TESTED>,
      ...more: readonly (readonly [string, number])[]
    ) => {
      const { egg, butter, sugar, zest } = { ...TESTED, ...change };
      return verdict({
        product: 'curd',
        lines: of(
          ['lemon-juice-bottled', 244],
          ['egg', egg],
          ['butter', butter],
          ['sugar', sugar],
          ['zest', zest],
          ...more,
        ),
      });
    };

    test('the tested one is for the pantry, three months', () => {
      expect(curd({})).toMatchObject({ verdict: 'pantry', months: 3 });
    });

    test.each([
      [{ egg: 1.5 * 244 }, { egg: 1.55 * 244 }],
      [{ butter: 0.8 * 244 }, { butter: 0.85 * 244 }],
      [{ zest: 0.25 * 244 }, { zest: 0.27 * 244 }],
      [{ sugar: 1.8 * 244 }, { sugar: 1.75 * 244 }],
    ])('%j is, %j is not', (within, beyond) => {
      expect(curd(within).verdict).toBe('pantry');
      expect(curd(beyond).verdict).toBe('fridge');
      expect(curd(beyond).reasons[0]).toMatch(/per gram of bottled juice/);
    });

    test.each([
      'water',
      'cream',
      'vanilla-extract',
      'salt',
      'raspberry',
      'orange-juice',
      'powdered-pectin',
      'honey',
    ])('nothing else: no %s', (id) => {
      expect(curd({}, [id, 20]).verdict).toBe('fridge');
    });
  });

  describe('pepper jelly, to 500 g of peppers', () => {
    const jelly = (vinegar: number, water = 0, more: Partial<StorageCase> = {}) =>
      verdict({
        product: 'pepper-jelly',
        lines: of(['sweet-pepper', 500], ['vinegar', vinegar], ['water', water], ['sugar', 1000]),
        ...more,
      });

    test('takes 0.44 of 5 % vinegar, and no more water than that', () => {
      expect([jelly(220).verdict, jelly(210).verdict]).toEqual(['pantry', 'fridge']);
      expect([jelly(300, 300).verdict, jelly(300, 310).verdict]).toEqual(['pantry', 'fridge']);
      expect(jelly(210).pantryFix).toMatchObject({ add: [{ id: 'vinegar', grams: 10 }] });
    });

    test('counts dried peppers by their fresh weight, and wants half of it dissolved', () => {
      const hot = verdict({
        product: 'pepper-jelly',
        lines: of(['sweet-pepper', 500], ['chilli-flakes', 50], ['vinegar', 300], ['sugar', 1000]),
      });
      expect(hot.reasons[0]).toContain('800 g (1 lb 12.2 oz) of peppers');
      expect(jelly(300, 0, { solublesPct: 45 }).verdict).toBe('fridge');
    });
  });

  test('an infusion takes a sixteenth of bottled lemon juice or 5 % vinegar', () => {
    const jelly = (id: string, acid: number) =>
      verdict({
        product: 'infusion-jelly',
        lines: of(['infusion', 960], [id, acid], ['sugar', 900]),
      }).verdict;
    expect(['lemon-juice-bottled', 'vinegar'].map((id) => [jelly(id, 60), jelly(id, 55)])).toEqual([
      ['pantry', 'fridge'],
      ['pantry', 'fridge'],
    ]);
    expect(jelly('lemon-juice', 200)).toBe('fridge');
  });

  test.each([
    ['fig', 133],
    ['tomato', 80],
    ['elderberry', 80],
  ])('a kilo of %s takes %d g of bottled lemon juice, as published', (id, least) => {
    const jam = (juice: number) =>
      verdict({ lines: of([id, 1000], ['lemon-juice-bottled', juice], ['sugar', 900]) });
    expect(jam(least).verdict).toBe('pantry');
    expect(jam(least - 5)).toMatchObject({
      verdict: 'fridge',
      pantryFix: { add: [{ id: 'lemon-juice-bottled', grams: 5 }] },
    });
    expect(
      verdict({
        product: 'butter',
        lines: of([id, 1000], ['lemon-juice-bottled', 300], ['sugar', 900]),
      }).verdict,
    ).toBe('fridge');
  });

  describe('what the cook states', () => {
    const MELON = of(['melon', 1000], ['sugar', 900], ['lemon-juice-bottled', 150]);
    const named = (testedFormula: string, lines = MELON) =>
      verdict({ lines, assurance: { ...NO_SAFETY_EVIDENCE, testedFormula } });

    test.each(['none', 'test', 'no', 'unknown', 'jam', 'my formula', 'the test', 'x y', ''])(
      '“%s” names no formula',
      (name) => {
        expect(named(name).verdict).toBe('fridge');
      },
    );

    test.each([
      'not a tested recipe',
      'untested plum jam',
      'my own plum jam',
      'Plum jam, never published',
      'invented plum jam',
    ])('“%s” denies being tested', (name) => {
      expect(isNamed({ ...NO_SAFETY_EVIDENCE, testedFormula: name })).toBe(false);
    });

    // What a named formula may hold against our own limits, and what it may not (judgement, on the
    // careful side).
    const LEMON = ['lemon-juice-bottled', 150] as const;
    test.each<[string, readonly (readonly [string, number])[], Verdict]>([
      ['nothing against it', [], 'pantry'],
      ['twice the herbs', [['mint', 59]], 'by-source'],
      ['more than twice the herbs', [['mint', 61]], 'fridge'],
      ['twice the spirits', [['rum', 99]], 'by-source'],
      ['twice the water', [['water', 1900]], 'by-source'],
      ['more water yet', [['water', 2100]], 'fridge'],
      ['butter beyond the foam', [['butter', 30]], 'fridge'],
      ['wine', [['wine', 80]], 'fridge'],
      ['melon', [['melon', 100]], 'fridge'],
      ['melon and acid', [['melon', 100], LEMON], 'fridge'],
      ['garlic', [['garlic', 10], LEMON], 'fridge'],
      [
        'figs with half of their acid',
        [
          ['fig', 400],
          ['lemon-juice-bottled', 30],
        ],
        'by-source',
      ],
      [
        'figs with less',
        [
          ['fig', 400],
          ['lemon-juice-bottled', 20],
        ],
        'fridge',
      ],
      ['medlars', [['medlar', 200], LEMON], 'fridge'],
    ])('a named formula with %s', (_, more, expected) => {
      const lines = [...JAM, ...of(...more)];
      expect(named('Plum jam, county leaflet', lines).verdict).toBe(expected);
    });

    test('its minutes are what it prints, and never fewer than ours', () => {
      const by = (minutes: number | null) =>
        cannerMinutes('by-source', 15, {
          ...NO_SAFETY_EVIDENCE,
          testedFormula: 'Plum jam, county leaflet',
          minutes,
        });
      expect([by(5), by(20), by(null)]).toEqual([15, 20, null]);
      expect(cannerMinutes('pantry', 15, NO_SAFETY_EVIDENCE)).toBe(15);
    });

    test('where the formula is printed is said, and what our own limits say', () => {
      const found = verdict({
        lines: [...JAM, ...of(['mint', 59])],
        assurance: {
          testedFormula: 'Plum jam',
          source: 'county leaflet 12',
          minutes: 10,
          jarMl: null,
          meterPH: null,
        },
      });
      expect(inWords(found.reasons).join(' ')).toMatch(
        /^As printed in “Plum jam”, from county leaflet 12.*10 minutes.*Our own limits.*mint/i,
      );
    });

    test.each(['pumpkin', 'cream', 'cornflour', 'chocolate', 'egg', 'oil', 'chia', 'gelatin'])(
      'neither name nor meter opens %s',
      (id) => {
        const lines = [...JAM, ...of([id, 100], ['lemon-juice-bottled', 100])];
        expect(named('County jam leaflet', lines).verdict).toBe('fridge');
        expect(verdict({ lines, assurance: { ...NO_SAFETY_EVIDENCE, meterPH: 3.2 } }).verdict).toBe(
          'fridge',
        );
      },
    );

    test('a meter opens nothing, and closes above 4.2 and where it cannot be true', () => {
      const read = (meterPH: number, lines = MELON) =>
        verdict({ lines, assurance: { ...NO_SAFETY_EVIDENCE, meterPH } }).verdict;
      expect([read(4.0), read(4.2), read(4.3)]).toEqual(['fridge', 'fridge', 'fridge']);
      expect([read(3.1, JAM), read(4.3, JAM), read(2.4, JAM)]).toEqual([
        'pantry',
        'fridge',
        'fridge',
      ]);
    });
  });

  test('the sums at their unfavourable end stand against', () => {
    const found = verdict({ lines: of(['pear', 500], ['water', 490], ['sugar', 900]) });
    expect(worstPH(of(['pear', 500], ['water', 490])) ?? NaN).toBeGreaterThan(
      bestPH(of(['pear', 500], ['water', 490])) ?? NaN,
    );
    expect(found.verdict).toBe(
      (worstPH(of(['pear', 500], ['water', 490])) ?? 0) < 4.6 ? 'pantry' : 'fridge',
    );
    expect(worstPH(of(['sugar', 100]))).toBeNull();
  });
});
