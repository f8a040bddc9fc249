import fc from 'fast-check';
import { saidStock, shownStock, takenBy, withTaken, type StockTaken } from './jarStock.ts';

const HALF = { id: 'half', name: 'half-pint', volumeMl: 237, count: 5, lids: 3, inUse: 0 };
const taken = (inUse: number, broken = 0, lids = inUse + broken): StockTaken =>
  takenBy({ id: 'half', name: 'half-pint', inUse, broken, lids });

test('more than was counted can be taken: none is then left, and all of it comes back', () => {
  const away = withTaken([HALF], [], [taken(7)]);
  expect(shownStock(away)).toMatchObject([{ count: 0, lids: 0, inUse: 7 }]);
  expect(withTaken(away, [taken(7)], [])).toEqual([HALF]);
});

test('whatever order batches take and give back in, the stock is what they have taken', () => {
  const use = fc.record({
    batch: fc.nat(4),
    inUse: fc.nat(12),
    broken: fc.nat(3),
    lids: fc.nat(20),
  });
  fc.assert(
    fc.property(fc.array(use, { maxLength: 40 }), (uses) => {
      const has = new Map<number, StockTaken[]>();
      let jars = [HALF];
      for (const { batch, ...of } of uses) {
        const now = [takenBy({ id: 'half', name: 'half-pint', ...of })];
        jars = withTaken(jars, has.get(batch) ?? [], now) as typeof jars;
        has.set(batch, now);
      }
      const all = [...has.values()].flat();
      const sum = (figure: 'inUse' | 'count' | 'lids') =>
        all.reduce((total, one) => total + one[figure], 0);
      expect(jars).toEqual([
        { ...HALF, count: 5 - sum('count'), lids: 3 - sum('lids'), inUse: sum('inUse') },
      ]);
      for (const shown of shownStock(jars))
        for (const figure of [shown.count, shown.lids, shown.inUse])
          expect(figure).toBeGreaterThanOrEqual(0);
    }),
  );
});

test('a size is known by its id, whatever it is called meanwhile; what was kept without one, by its name', () => {
  const away = withTaken([HALF], [], [taken(4)]);
  const renamed = saidStock([{ ...away[0]!, name: 'jelly glass' }], away);
  expect(withTaken(renamed, [taken(4)], [])).toEqual([{ ...HALF, name: 'jelly glass' }]);
  // Another size that is given the name has nothing to do with it.
  const other = { ...HALF, id: 'other' };
  expect(withTaken([other], [taken(4)], [])).toEqual([other]);
  const earlier = { name: 'half-pint', inUse: 4, count: 4, lids: 4 };
  expect(withTaken(away, [earlier], [])).toEqual([HALF]);
});

test('what is saved as it was shown stays as it is kept; what is counted anew counts', () => {
  const away = withTaken([HALF], [], [taken(7)]);
  const [shown] = shownStock(away);
  expect(saidStock([shown!], away)).toEqual(away);
  expect(saidStock([{ ...shown!, count: 2 }], away)).toMatchObject([{ count: 2, lids: -4 }]);
  const { inUse, ...without } = shown!;
  expect(inUse).toBe(7);
  expect(saidStock([without], away)).toMatchObject([{ inUse: 7 }]);
});

test('what nobody counts stays uncounted', () => {
  const jar = { id: 'half', name: 'half-pint', volumeMl: 237 };
  expect(withTaken([jar], [], [taken(3)])).toEqual([{ ...jar, inUse: 3 }]);
});
