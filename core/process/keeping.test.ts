import { textOf } from '@idle-kettle/words';
import type { Product } from '../method/index.ts';
import { keepingOf } from './keeping.ts';

// From memory of extension pages: spreads a year, curds three to four months; in the fridge 3
// months, curds 4 weeks, all else 3 weeks.
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
    expect(keeps('jam', 65).openedWeeks).toEqual({ low: 4, high: 4 });
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
