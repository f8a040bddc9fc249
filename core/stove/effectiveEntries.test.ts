import fc from 'fast-check';
import { nameOf, type Entry } from './entry.ts';
import { effectiveEntries, effectiveEvents } from './effectiveEntries.ts';
import { log } from '../test/stoveLog.ts';

describe('taking back', () => {
  const stirs = log([1, 'stirred'], [2, 'stirred']);
  const undo = (of: Entry, seq: number): Entry => ({
    ...(log([3 + seq, 'undo', undefined, nameOf(of)])[0] as Entry),
    seq,
  });

  test('what is undone does not stand, and an undo can be undone', () => {
    const [first] = stirs as [Entry];
    const taken = undo(first, 10);
    expect(effectiveEvents([...stirs, taken])).toEqual([stirs[1]]);
    expect(effectiveEvents([...stirs, taken, undo(taken, 11)])).toEqual(stirs);
  });

  test('a weighing that was a slip is taken back as well', () => {
    const weighed = log([5, 'weight', 9000]);
    expect(effectiveEntries([...weighed, undo(weighed[0] as Entry, 10)])).toEqual([]);
  });

  test('the order in which entries arrive does not matter', () => {
    const [first] = stirs as [Entry];
    const all = [...stirs, undo(first, 10), undo(undo(first, 10), 11), undo(first, 12)];
    fc.assert(
      fc.property(fc.shuffledSubarray(all, { minLength: all.length }), (shuffled) => {
        expect(effectiveEvents(shuffled)).toEqual(effectiveEvents(all));
      }),
    );
  });
});
