import { textOf } from '@idle-kettle/words';
import { METHODS } from '../method/index.ts';
import { planBatch } from '../plan/index.ts';
import type { Pretreatment } from '../pretreatment/index.ts';
import { request } from '../test/planned.ts';
import { compareMethods } from './compareMethods.ts';
import { formulaFor } from './formulaFor.ts';
import { withSugarShare } from './lessSugar.ts';
import { moveGauge } from './moveGauge.ts';
import { solveFor } from './solveFor.ts';

const APPLES: Pretreatment = {
  kind: 'extract',
  lines: ['3 lb crab apples'],
  waterG: null,
  hours: null,
  obtainedG: null,
  obtainedMl: 950,
  brix: 9.5,
  clot: 'lump',
};
const jelly = (before: Pretreatment | null = APPLES) =>
  request({ product: 'jelly', lines: ['3 cups sugar'], before, draws: 0 });

describe('what was measured first stays', () => {
  const kept = { obtainedMl: 950, brix: 9.5, clot: 'lump', lines: ['3 lb crab apples'] };

  test.each(['fruit', 'sugar', 'acid', 'pectin'] as const)(
    'when the %s stick is moved',
    (gauge) => {
      const now = planBatch(jelly());
      const at = now.ok ? now.plan.gauges?.find(({ id }) => id === gauge)?.value.p50 : undefined;
      const moved = moveGauge(jelly(), gauge, (at ?? 0) * 1.1);
      expect(moved?.before).toMatchObject(kept);
      // The juice comes into the pot by itself, and is not written beside it.
      expect(JSON.stringify(moved?.lines)).not.toMatch(/juice(?! \(?bottled|.*lemon)/i);
      const again = moved && planBatch(moved);
      expect(again?.ok && again.plan.before?.obtained).toMatchObject({ measured: true });
    },
  );

  test('with less sugar, by every method, and in a formula for the fruit', () => {
    expect(withSugarShare(jelly(), 0.8)?.before).toMatchObject(kept);
    for (const trial of compareMethods(jelly())) expect(trial.request.before).toMatchObject(kept);
    const found = formulaFor(jelly());
    expect(found.outcome === 'found' && found.request.before).toMatchObject(kept);
  });

  test('and more jars than it fills are said to be too many', () => {
    const solved = solveFor(jelly(), { jars: { volumeMl: 237, count: 24 } });
    expect(solved.outcome === 'collides' && textOf(solved.collision.message)).toContain(
      'what you measured',
    );
  });

  test('what was not measured yet is made of as much more fruit', () => {
    const open = { ...APPLES, obtainedMl: null, brix: null, clot: null };
    const small = planBatch(jelly(open));
    const jars = small.ok ? (small.plan.yield?.fullJars.p50 ?? 0) : 0;
    const solved = solveFor(jelly(open), { jars: { volumeMl: 237, count: 2 * jars } });
    if (solved.outcome !== 'solved') throw new Error(JSON.stringify(solved));
    const [line] = solved.request.before?.lines ?? [];
    expect(Number.parseFloat(typeof line === 'string' ? line : '')).toBeGreaterThan(4.5);
    expect(solved.plan.yield?.fullJars.p50).toBeGreaterThanOrEqual(2 * jars);
  });
});

test('a soak is kept when the stop of its marmalade is moved', () => {
  const before: Pretreatment = {
    ...APPLES,
    kind: 'soak',
    lines: ['1 kg Seville oranges', '2.5 L water'],
    obtainedMl: null,
    brix: null,
    clot: null,
  };
  const marmalade = request({ product: 'marmalade', lines: ['2 kg sugar'], before, draws: 0 });
  const moved = moveGauge(marmalade, 'sugar', 66);
  expect(moved?.before).toEqual(before);
  expect(moved?.lines).toEqual(['2 kg sugar']);
  expect(METHODS[moved?.method ?? 'long-boil'].stopKind).toBe('temperature');
});
