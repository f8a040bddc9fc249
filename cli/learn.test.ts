import type { LearnedOfCooks } from '@idle-kettle/core/learning';
import { ALL_MEASURED, keptCook } from '../core/test/keptCooks.ts';
import { learnFromText } from './learn.ts';

const LINES = ['2 kg crushed damsons', '1.4 kg sugar'];
const KITCHEN = {
  burners: [{ id: 'front', heat: 'medium-burner' }],
  pots: [{ id: 'wide', diameterCm: 28, heightCm: 15 }],
  altitudeM: 0,
};
/** Cooks of damsons in a kitchen with a burner of 1,540 W. */
const batches = [4, 8].map((seed) => {
  const { log, outcome } = keptCook({ powerW: 1540, offsetK: 0, loss: 0.03 }, seed, ALL_MEASURED);
  const lines = log.map(({ at, kind, value }) => ({ at, kind, value }));
  return { formula: { lines: LINES }, burner: 'front', pot: 'wide', log: lines, outcome };
});
const asked = (change: object = {}) => JSON.stringify({ kitchen: KITCHEN, batches, ...change });

test('what cooks tell of a kitchen', () => {
  const { code, out } = learnFromText(asked());
  expect(code).toBe(0);
  const learned = JSON.parse(out) as LearnedOfCooks;
  const [front] = learned.burners;
  expect(front).toMatchObject({ id: 'front', batches: 2 });
  expect(Math.abs((front?.netPowerW.p50 ?? 0) / 1540 - 1)).toBeLessThan(0.12);
  for (const figure of ['thermometerOffsetC', 'lossShare', 'yieldBias'] as const)
    expect(learned[figure].p10).toBeLessThan(learned[figure].p90);
  expect(learned.setAside).toEqual([]);
});

test('no cooks tell what is usual, and a list gives a list', () => {
  const { code, out } = learnFromText(`[${asked({ batches: [] })}]`);
  expect(code).toBe(0);
  const [learned] = JSON.parse(out) as LearnedOfCooks[];
  expect(learned?.burners[0]).toMatchObject({ batches: 0, netPowerW: { p50: 1100 } });
});

test.each([
  ['{}', 'kitchen'],
  [asked({ kitchen: { burners: [] } }), 'kitchen.burners'],
  [asked({ kitchen: { burners: [{ id: 'front', heat: 'bonfire' }] } }), 'kitchen.burners[0].heat'],
  [asked({ batches: [{ ...batches[0], formula: { lines: 'plums' } }] }), 'batches[0].formula'],
  [
    asked({ batches: [{ ...batches[0], log: [{ at: 'noon', kind: 'lit' }] }] }),
    'Line 1 of the log',
  ],
  [asked({ batches: [{ ...batches[0], log: [{ at: 1, kind: 'sang' }] }] }), '“sang”'],
  [asked({ batches: [{ ...batches[0], outcome: { volumeMl: -3 } }] }), 'outcome.volumeMl'],
  ['not JSON', 'JSON'],
])('bad input ends with 2 and names the fault: %#', (source, named) => {
  const { code, err } = learnFromText(source);
  expect(code).toBe(2);
  expect(err).toContain(named);
});
