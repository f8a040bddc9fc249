import {
  BARE_KITCHEN,
  effectiveEvents,
  fillingOf,
  jarPlanOf,
  jarProgressOf,
  requestInKitchen,
} from '@idle-kettle/core';
import { JarLog } from '../../core/test/jarLog.ts';
import type { JarTask } from './jarTask.ts';
import { jarTasksOf } from './jarTasks.ts';

const MIN = 60_000;
const HOUR = 60;
const PLAN = jarPlanOf(
  requestInKitchen(
    { lines: ['2 kg plums', '1.4 kg sugar'], settings: {} },
    { ...BARE_KITCHEN, altitudeM: 0 },
  ),
  [],
  0,
);

function tasks(log: JarLog, minute: number): readonly JarTask[] {
  if (PLAN === null) throw new Error('There is no plan for these lines');
  const progress = jarProgressOf(PLAN, effectiveEvents(log.entries));
  return jarTasksOf({
    jarPlan: PLAN,
    progress,
    filling: fillingOf(PLAN, progress, null),
    nowMs: minute * MIN,
    readyAtMs: 0,
    cannerHolds: 7,
    units: 'us',
    altitudeWasM: null,
    toBoil: () => ({ p10: 8, p50: 12, p90: 18 }),
  });
}
const filled = () => new JarLog().at(0, 'measured', null, 0).closed(1, '1.1-3');

test('jars that stood for hours are asked about before the canner, and go on as the answer says', () => {
  expect(tasks(filled(), 100)[0]?.title).toBe('3 half-pints into the canner');
  const [asked] = tasks(filled(), 3 * HOUR);
  expect(asked).toMatchObject({ id: 'heat-again', title: 'Were they kept hot?' });
  expect(asked?.press).toEqual({
    label: 'Poured back, and it’s boiling',
    notes: [['rolling', null, null]],
  });
  expect(asked?.others).toEqual([
    { label: 'They were kept hot', notes: [['was-hot', null, null]] },
    { label: 'Into the fridge instead', notes: [['to-fridge', null, '1.1-3']] },
  ]);
  const kept = filled().at(3 * HOUR, 'was-hot');
  expect(tasks(kept, 3 * HOUR)[0]?.title).toBe('3 half-pints into the canner');
});

test('jars that went in cold are asked about when they come out', () => {
  const cold = filled().processed(3 * HOUR, 1, '1.1-3', 20, 15);
  const [asked] = tasks(cold, 4 * HOUR);
  expect(asked?.title).toBe('Were they kept hot?');
  expect(asked?.press?.notes).toEqual([['to-fridge', null, '1.1-3']]);
});

test('lids that were pressed warm are pressed again when their jars are cold', () => {
  const log = filled().processed(2, 1, '1.1-3', 20, 15).at(60, 'sealed', '1.1-3');
  const outMin = 2 + 20 + 15 + 5;
  const again = (minute: number) => tasks(log, minute).find(({ id }) => id === 'press-again');
  expect(again(61)).toMatchObject({
    title: 'Pressed too soon, still cooling: 3 half-pints',
    press: null,
    dueAtMs: (outMin + 12 * HOUR) * MIN,
  });
  expect(again(outMin + 12 * HOUR)).toMatchObject({
    title: 'Press these lids again: 3 half-pints',
    press: { notes: [['sealed', null, '1.1-3']] },
  });
  const away = filled().processed(2, 1, '1.1-3', 20, 15).at(60, 'sealed', '1.1-3');
  away.at(61, 'labelled').at(62, 'put-away');
  expect(tasks(away, 63)).toEqual([]);
  expect(tasks(away, outMin + 12 * HOUR).map(({ id }) => id)).toEqual(['press-again']);
  log.at(outMin + 12 * HOUR, 'sealed', '1.1-3');
  expect(again(outMin + 13 * HOUR)).toBeUndefined();
});
