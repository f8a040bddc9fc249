import type { Product } from '../method/index.ts';
import { convert } from '../quantity/index.ts';
import { HALF_PINT, metres, minutes, PINT, QUART } from '../test/canner.ts';
import { headspaceMm, processTime, steriliseMinutes } from './processing.ts';

/**
 * USDA Complete Guide to Home Canning and the national extension centre, by altitude; from memory.
 */
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
