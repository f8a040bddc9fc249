import { HALF_PINT_ML, toBuy } from './index.ts';

const around = (p50: number, by: number) => ({ p10: p50 - by, p50, p90: p50 + by });

describe('jars and lids to buy', () => {
  const wanted = [around(12, 3), around(20, 4)];

  test('are for all of it together, which is surer than each', () => {
    expect(toBuy(wanted, []).halfPints).toEqual({ low: 27, high: 37 });
  });

  test('are what is not there empty; larger jars hold more', () => {
    const half = { volumeMl: HALF_PINT_ML, count: 10, lids: 30 };
    const pint = { volumeMl: 2 * HALF_PINT_ML, count: 10 };
    expect(toBuy(wanted, [half])).toMatchObject({
      jars: { low: 17, high: 27 },
      lids: { low: 0, high: 7 },
    });
    expect(toBuy(wanted, [half, pint]).jars).toEqual({ low: 0, high: 7 });
  });

  test('are not told where nobody counts them', () => {
    const size = { volumeMl: HALF_PINT_ML, count: null };
    expect(toBuy(wanted, [size])).toMatchObject({ jars: null, lids: null });
  });

  test('are none where nothing is to be made', () => {
    expect(toBuy([], [{ volumeMl: HALF_PINT_ML, count: 1 }])).toMatchObject({
      halfPints: { low: 0, high: 0 },
      jars: { low: 0, high: 0 },
    });
  });
});
