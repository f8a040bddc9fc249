import { jarPlanOf, jarProgressOf } from '../jars/index.ts';
import { JarLog } from '../test/jarLog.ts';
import { cannerWatchedWith, loadToBoil } from './cannerWatch.ts';
import { BARE_KITCHEN } from './kitchen.ts';
import { requestInKitchen } from './requestInKitchen.ts';

const request = requestInKitchen(
  { lines: ['2 kg plums', '1.4 kg sugar'], settings: {} },
  { ...BARE_KITCHEN, altitudeM: 300 },
);
const jarPlan = jarPlanOf(request, [], 0);
if (jarPlan === null) throw new Error('There is nothing to fill');
const of = { burners: [], settings: {}, cannerHolds: 7, jarPlan };
const loadsOf = (log: JarLog) => jarProgressOf(jarPlan, log.entries).loads;
const closed = () => new JarLog().closed(0, '1.1-7');

test('a load that took half as long again makes the next one expected later, and surer', () => {
  const before = loadToBoil(of, { jars: ['1.1', '1.2'] }, null);
  const expected = loadToBoil(
    of,
    { jars: Array.from({ length: 7 }, (_, i) => `1.${i + 1}`) },
    null,
  );
  const loads = loadsOf(closed().processed(1, 1, '1.1-7', 1.5 * expected.p50, 20));
  const watched = cannerWatchedWith(of, loads, null);
  expect(watched).toMatchObject({ factor: expect.closeTo(1.5, 2) as number, watched: 1 });
  const after = loadToBoil(of, { jars: ['1.1', '1.2'] }, watched);
  expect(after.p50).toBeCloseTo(1.5 * before.p50, 1);
  expect(after.p90 / after.p50).toBeLessThan(before.p90 / before.p50);
});

test('a load that was never lit, lost its boil or boiled at once tells nothing', () => {
  const known = { factor: 1.2, watched: 3 };
  const silent = [
    closed().at(1, 'loaded', '1.1-7', 1),
    closed()
      .at(1, 'loaded', '1.1-7', 1)
      .at(1, 'canner-lit', null, 1)
      .at(20, 'canner-boils', null, 1)
      .at(22, 'boil-lost', null, 1)
      .at(25, 'canner-boils', null, 1),
    closed().processed(1, 1, '1.1-7', 0.5, 20),
  ];
  for (const log of silent) expect(cannerWatchedWith(of, loadsOf(log), known)).toEqual(known);
  expect(cannerWatchedWith(of, [], null)).toBeNull();
});
