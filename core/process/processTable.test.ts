import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { Product } from '../method/index.ts';
import { HALF_PINT, metres, minutes, PINT, QUART } from '../test/canner.ts';
import { familiesPage } from './familiesPage.ts';
import { processPage } from './processPage.ts';
import { isSauceLike, largestJarMl, processTime, type JarPreparation } from './processing.ts';

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

test('the page of families in the documents is the one that the figures make', () => {
  const page = readFileSync(join(__dirname, '../../docs/shelf-families.md'), 'utf8');
  expect(page).toBe(familiesPage());
});

/**
 * The whole table by product, largest jar and altitude, jars boiled sterile: USDA Complete Guide to
 * Home Canning and the national extension centre, from memory, written out a second time so that no
 * cell can change unseen.
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
