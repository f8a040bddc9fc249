import { STORAGES } from '../process/index.ts';
import { planned } from '../test/planned.ts';

const PLUM = ['2 kg plums', '1.4 kg sugar'];
const MELON = ['2 kg diced melon', '1 kg sugar'];

describe('where the jars are wanted', () => {
  test.each([
    [PLUM, null, 'pantry', 12],
    [PLUM, 'pantry', 'pantry', 12],
    [PLUM, 'fridge', 'fridge', 3],
    [PLUM, 'freezer', 'freezer', 12],
    [MELON, 'pantry', 'fridge', 0.75],
    [MELON, 'fridge', 'fridge', 0.75],
    [MELON, 'freezer', 'freezer', 12],
  ] as const)('%j wanted in %s belong in %s, %s months', (lines, storeIn, verdict, months) => {
    const found = planned({ lines, storeIn });
    expect(found.shelf).toMatchObject({ verdict, months });
    expect(found.process.method).toBe(verdict === 'pantry' ? 'boiling-water' : 'none');
    expect(found.process.headspaceMm).toBe(verdict === 'freezer' ? 12.7 : 6.4);
  });

  test('no wish opens the pantry, with a canner or without one', () => {
    for (const storeIn of [null, ...STORAGES]) {
      expect(planned({ lines: MELON, storeIn }).shelf.verdict).not.toBe('pantry');
      expect(planned({ lines: PLUM, storeIn, canner: 'none' }).shelf.verdict).not.toBe('pantry');
    }
    const bare = planned({ lines: PLUM, canner: 'none' });
    expect(bare.shelf.reasons.join(' ')).toContain('A deep pan with a rack will do');
    expect(bare.process).toMatchObject({ method: 'none', minutes: 0 });
    // What is in it is acid all the same, and keeps as such.
    expect(bare.keeping.unopened).toMatchObject({ fridge: { months: 3 } });
  });
});

test('a refusal says what the same lines would be for the pantry as', () => {
  const nuts = ['2 kg plums', '1.4 kg sugar', '100 g walnuts'];
  expect(planned({ lines: nuts }).shelf).toMatchObject({ verdict: 'fridge', as: ['conserve'] });
  expect(planned({ lines: nuts, product: 'conserve' }).shelf).toMatchObject({ verdict: 'pantry' });
  expect(planned({ lines: MELON }).shelf.as).toBeUndefined();
  expect(planned({ lines: PLUM }).shelf.as).toBeUndefined();
});
