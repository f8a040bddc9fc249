import { lastWithoutGap, merged, type KeptEntry } from './keptEntry.ts';

const entry = (seq: number, position: number | null): KeptEntry => ({
  cook: 'c',
  source: 's',
  seq,
  at: seq,
  kind: 'stirred',
  value: null,
  text: null,
  waiting: position === null ? 1 : 0,
  position,
  refused: null,
});

test('an entry that a server has is not put back among those that wait', () => {
  const known = merged(new Map(), [entry(1, null), entry(2, null)]);
  expect(known.size).toBe(2);
  const delivered = merged(known, [entry(1, 7)]);
  expect(delivered.get('s/1')).toMatchObject({ position: 7, waiting: 0 });
  // The store is read again after a delivery, and may be behind the live view.
  expect(merged(delivered, [entry(1, null)]).get('s/1')).toMatchObject({ position: 7 });
  expect(merged(delivered, [entry(1, 7)]).size).toBe(2);
});

test('a log is asked for from the first place that is missing', () => {
  expect(lastWithoutGap([])).toBe(0);
  expect(lastWithoutGap([entry(3, 3), entry(1, 1), entry(2, 2), entry(4, null)])).toBe(3);
  expect(lastWithoutGap([entry(1, 1), entry(2, 3)])).toBe(1);
  expect(lastWithoutGap([entry(1, 2)])).toBe(0);
});
