import { inWords, textOf } from '@idle-kettle/words';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import type { Product } from '../method/index.ts';
import { convert, exactly } from '../quantity/index.ts';
import { cannerMinutes } from './cannerMinutes.ts';
import { familiesPage } from './familiesPage.ts';
import { keepingOf, type Verdict } from './keeping.ts';
import { processPage } from './processPage.ts';
import {
  headspaceMm,
  isSauceLike,
  largestJarMl,
  processTime,
  steriliseMinutes,
  type JarPreparation,
} from './processing.ts';
import { isNamed } from './safetyContext.ts';
import { storageVerdict } from './storageVerdict.ts';
import { NO_SAFETY_EVIDENCE, type StorageCase, type StorageLine } from './storageCase.ts';
import { bestPH, worstPH } from './worstPH.ts';

const metres = (ft: number) => convert(ft, 'ft', 'm');
const HALF_PINT = 237;
const PINT = 473;
const QUART = 946;

const minutes = (product: Product, ft: number, jarMl: number, school: JarPreparation) =>
  processTime({ product, altitudeM: metres(ft), jarMl, school, canner: 'boiling-water' })
    ?.minutes ?? null;

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
    const curd = processTime({
      product: 'curd',
      altitudeM: 0,
      jarMl: HALF_PINT,
      school: 'sterilised',
      canner: 'boiling-water',
    });
    expect(curd).toEqual({ minutes: 15, presterilise: false });
    const jam = processTime({
      product: 'jam',
      altitudeM: 0,
      jarMl: HALF_PINT,
      school: 'sterilised',
      canner: 'boiling-water',
    });
    expect(jam).toEqual({ minutes: 5, presterilise: true });
  });

  test('a steam canner takes the same minutes', () => {
    for (const product of ['jam', 'curd', 'sauce'] as const) {
      const by = (canner: 'steam' | 'boiling-water') =>
        processTime({
          product,
          altitudeM: metres(9000),
          jarMl: HALF_PINT,
          school: 'ten-minute',
          canner,
        });
      expect(by('steam')).toEqual(by('boiling-water'));
    }
  });

  test('jars beyond the table have no time', () => {
    expect(minutes('jam', 0, QUART, 'sterilised')).toBeNull();
    expect(minutes('curd', 0, PINT, 'sterilised')).toBeNull();
    expect(minutes('butter', 0, 1900, 'sterilised')).toBeNull();
  });

  test('below the sea the first row holds', () => {
    expect(
      processTime({
        product: 'jam',
        altitudeM: -400,
        jarMl: HALF_PINT,
        school: 'sterilised',
        canner: 'boiling-water',
      })?.minutes,
    ).toBe(5);
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

describe('the whole process table', () => {
  const PRODUCTS: readonly Product[] = [
    'jam',
    'jelly',
    'marmalade',
    'conserve',
    'butter',
    'curd',
    'sauce',
    'pepper-jelly',
    'infusion-jelly',
  ];
  const SCHOOLS: readonly JarPreparation[] = ['sterilised', 'ten-minute'];
  const ALTITUDES_FT = [-400, 0, 1000, 1001, 3000, 3001, 6000, 6001, 8000, 8001, 10_000];
  const JARS_ML = [118, 237, 250, 355, 473, 500, 750, 946];

  test('never asks for less of a larger jar, or higher up; steam as boiling water', () => {
    for (const product of PRODUCTS) {
      for (const school of SCHOOLS) {
        for (const isSauce of [false, true]) {
          for (const ofApples of [false, true]) {
            let lower: readonly number[] = [];
            for (const ft of ALTITUDES_FT) {
              const times = JARS_ML.map((jarMl) => {
                const by = (canner: 'boiling-water' | 'steam') =>
                  processTime({
                    product,
                    altitudeM: metres(ft),
                    jarMl,
                    school,
                    canner,
                    isSauce,
                    ofApples,
                  });
                expect(by('steam')).toEqual(by('boiling-water'));
                return by('boiling-water')?.minutes ?? Infinity;
              });
              expect(times).toEqual(times.toSorted((a, b) => a - b));
              times.forEach((time, at) => expect(time).toBeGreaterThanOrEqual(lower[at] ?? 0));
              lower = times;
            }
          }
        }
      }
    }
  });

  test('has nothing above 10,000 ft, whatever it is', () => {
    for (const product of PRODUCTS) {
      for (const school of SCHOOLS) expect(minutes(product, 10_001, HALF_PINT, school)).toBeNull();
    }
  });

  // USDA Complete Guide, applesauce and fruit sauces; from memory.
  test.each([
    [PINT, [15, 20, 20, 25]],
    [QUART, [20, 25, 30, 35]],
  ] as const)(
    'an apple butter that does not mound, in jars of %d mL, is a sauce',
    (jarMl, expected) => {
      const at = [1000, 3000, 6000, 10_000].map(
        (ft) =>
          processTime({
            product: 'butter',
            altitudeM: metres(ft),
            jarMl,
            school: 'ten-minute',
            canner: 'boiling-water',
            ofApples: true,
            isSauce: true,
          })?.minutes,
      );
      expect(at).toEqual(expected);
    },
  );

  test('250 and 500 mL jars count as half-pints and pints; quarts are for apple butter alone', () => {
    expect(minutes('curd', 0, 250, 'sterilised')).toBe(15);
    expect(minutes('jam', 0, 500, 'sterilised')).toBe(5);
    expect(minutes('butter', 0, QUART, 'sterilised')).toBeNull();
    expect(minutes('pepper-jelly', 0, PINT, 'sterilised')).toBeNull();
    expect([largestJarMl('butter', true), largestJarMl('butter'), largestJarMl('curd')]).toEqual([
      947, 500, 250,
    ]);
  });

  test.each([
    ['butter', 24, false, true],
    ['butter', 26, false, false],
    ['jam', 39, false, true],
    ['jam', 41, false, false],
    ['jam', 20, true, false],
    ['curd', 20, false, false],
    ['jam', null, false, false],
  ] as const)('%s at %s %% solids, calcium gel %s: sauce %s', (product, solids, calcium, sauce) => {
    expect(isSauceLike(product, solids, calcium)).toBe(sauce);
  });
});

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
        process: { minutes: 10, presterilise: false },
        canner: 'boiling-water',
        storeIn: null,
        largestJarMl: HALF_PINT,
        rawPH: null,
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

  // USDA Complete Guide and the national extension centre, from memory: 4 eggs and 7 yolks, ¾ cup butter, 2½ cups sugar, ½ cup zest to a cup of bottled juice.
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
      expect(hot.reasons[0]).toContain('800 g of peppers');
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

    // What a named formula may hold against our own limits, and what it may not (judgement, on the careful side).
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

// From memory of extension pages: spreads a year, curds three to four months; in the fridge 3 months, curds 4 weeks, all else 3 weeks.
describe('keeping', () => {
  const keeps = (product: Product, solublesPct: number, isAcid = true) =>
    keepingOf({ product, solublesPct, isAcid }, 'pantry');

  test.each<[string, Product, number, boolean, object]>([
    [
      'a jam',
      'jam',
      65,
      true,
      { pantry: { months: 12 }, fridge: { months: 3 }, freezer: { months: 12 } },
    ],
    ['one of less sugar', 'jam', 59.9, true, { fridge: { weeks: 3 } }],
    ['one that is not acid', 'jam', 70, false, { fridge: { weeks: 3 } }],
    ['a curd', 'curd', 65, true, { pantry: { months: 3 }, fridge: { weeks: 4 } }],
  ])('of %s, unopened', (_, product, solids, isAcid, unopened) => {
    expect(keeps(product, solids, isAcid).unopened).toMatchObject(unopened);
  });

  test('opened, in weeks: less with less sugar, and least of a curd', () => {
    expect(keeps('jam', 65).openedWeeks).toEqual({ low: 3, high: 4 });
    expect(keeps('jam', 40).openedWeeks).toEqual({ low: 2, high: 3 });
    expect(keeps('curd', 65).openedWeeks).toEqual({ low: 1, high: 1 });
  });

  test('is said as it is worked out', () => {
    const batch = { product: 'curd', solublesPct: 40, isAcid: true } as const;
    expect(textOf(keepingOf(batch, 'fridge').text)).toMatch(
      /^Unopened: 4 weeks in the fridge.*Opened: 1 week in/,
    );
    expect(keepingOf(batch, 'fridge').unopenedMonths).toBe(1);
  });
});

test('the page of families in the documents is the one that the figures make', () => {
  const page = readFileSync(join(__dirname, '../../docs/shelf-families.md'), 'utf8');
  expect(page).toBe(familiesPage());
});

/**
 * The whole table by product, largest jar and altitude, jars boiled sterile: USDA Complete Guide to Home Canning and the national extension centre,
 * from memory, written out a second time so that no cell can change unseen.
 */
describe('every cell of the process table', () => {
  const FT = [-400, 0, 1000, 1001, 3000, 3001, 6000, 6001, 8000, 8001, 10_000, 10_001, 14_000];
  const band = (ft: number) => [1000, 3000, 6000, 8000, 10_000].findIndex((top) => ft <= top);
  const CLEAN = [10, 15, 20, 25, 30];
  const SPREAD = [5, 10, 10, 15, 15];
  type Rows = readonly (readonly [upToMl: number, minutes: readonly number[]])[];
  const TABLE: { readonly [product in Product]: { plain: Rows; apples?: Rows } } = {
    jam: { plain: [[500, SPREAD]] },
    jelly: { plain: [[500, SPREAD]] },
    marmalade: { plain: [[500, SPREAD]] },
    conserve: { plain: [[500, SPREAD]] },
    'infusion-jelly': { plain: [[500, SPREAD]] },
    'pepper-jelly': { plain: [[250, SPREAD]] },
    butter: {
      plain: [[500, SPREAD]],
      apples: [
        [500, SPREAD],
        [947, [10, 15, 15, 20, 20]],
      ],
    },
    sauce: { plain: [[500, [15, 20, 20, 25, 25]]] },
    curd: { plain: [[250, [15, 20, 20, 25, 25]]] },
  };

  /** Looked up by hand, a larger jar never with less than a smaller one. */
  function expected(rows: Rows, jarMl: number, ft: number, school: JarPreparation): number | null {
    const at = band(ft);
    const fits = rows.findIndex(([upToMl]) => jarMl <= upToMl);
    if (at === -1 || fits === -1) return null;
    return Math.max(
      ...rows.slice(0, fits + 1).map(([, minutes]) => {
        const tabled = minutes[at] ?? NaN;
        return school === 'ten-minute' && (minutes[0] ?? NaN) < 10
          ? Math.max(tabled, CLEAN[at] ?? NaN)
          : tabled;
      }),
    );
  }

  test.each(Object.keys(TABLE) as Product[])('%s', (product) => {
    const { plain, apples } = TABLE[product];
    let cells = 0;
    for (const ofApples of [false, true])
      for (const jarMl of [60, 118, 237, 250, 251, 473, 500, 501, 946, 947, 948, 1900])
        for (const ft of FT)
          for (const school of ['sterilised', 'ten-minute'] as const)
            for (const canner of ['boiling-water', 'steam'] as const) {
              const asked = { product, altitudeM: metres(ft), jarMl, school, canner, ofApples };
              const minutes = processTime(asked)?.minutes ?? null;
              const rows = ofApples ? (apples ?? plain) : plain;
              expect({ ...asked, ft, minutes }).toEqual({
                ...asked,
                ft,
                minutes: expected(rows, jarMl, ft, school),
              });
              cells += 1;
            }
    expect(cells).toBe(2 * 12 * 13 * 2 * 2);
  });

  test('no time of any cell is more than a steam canner holds, and what does not mound takes the most', () => {
    const sauce = (jarMl: number, ft: number) =>
      processTime({
        product: 'butter',
        altitudeM: metres(ft),
        jarMl,
        school: 'sterilised',
        canner: 'steam',
        ofApples: true,
        isSauce: true,
      })?.minutes ?? null;
    expect([0, 2000, 5000, 9000, 10_001].map((ft) => sauce(QUART, ft))).toEqual([
      20,
      25,
      30,
      35,
      null,
    ]);
    expect([0, 2000, 5000, 9000].map((ft) => sauce(PINT, ft))).toEqual([15, 20, 20, 25]);
  });

  test('the page of it in the documents is the one that the table makes', () => {
    const there = readFileSync(join(__dirname, '../../docs/process-table.md'), 'utf8');
    expect(there).toBe(processPage());
  });
});
