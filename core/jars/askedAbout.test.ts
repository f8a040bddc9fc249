import { inWords } from '@idle-kettle/words';
import { JarLog } from '../test/jarLog.ts';
import { after, HOUR, JAM, jarPlanFor, statesOf } from '../test/jarPlans.ts';
import { jarPlaceOf, nextLoad, stockUseOf, type JarProgress } from './index.ts';

const told = ({ warnings }: JarProgress) => inWords(warnings.map(({ text }) => text)).map(String);

const placesOf = (progress: JarProgress) =>
  progress.jars.map((jar) => jarPlaceOf(jar, JAM.shelf.verdict));

describe('lids that are pressed before their jars have cooled', () => {
  const outAtMin = 40;
  const log = () => new JarLog().closed(0, '1.1-3').processed(1, 1, '1.1-3', 20, outAtMin - 26);

  test('are asked about, and count for good when they are pressed again cold', () => {
    const early = log().at(outAtMin + 30, 'sealed', '1.1-3');
    const now = after(early);
    expect(statesOf(now)).toEqual({ '1.1': 'sealed', '1.2': 'sealed', '1.3': 'sealed' });
    expect(told(now).join()).toContain('pressed before the jars had cooled for 12 hours');
    expect(now.jars.map(({ pressedEarly }) => pressedEarly)).toEqual([true, true, true]);
    // Pressed again too soon changes nothing, and the next day it does.
    expect(after(early.at(outAtMin + 60, 'sealed', '1.1-3')).jars[0]?.pressedEarly).toBe(true);
    const cold = after(early.at(outAtMin + 12 * HOUR, 'sealed', '1.1-2'));
    expect(cold.jars.map(({ pressedEarly }) => pressedEarly)).toEqual([false, false, true]);
  });

  test('may come up, and a lid that is pressed in time is not asked about', () => {
    const up = after(log().at(50, 'sealed', '1.1').at(60, 'unsealed', '1.1'));
    expect(up.jars[0]).toMatchObject({ state: 'unsealed', pressedEarly: false });
    const inTime = after(log().at(outAtMin + 12 * HOUR, 'sealed', '1.1-3'));
    expect(told(inTime)).toEqual([]);
    expect(inTime.jars.some(({ pressedEarly }) => pressedEarly)).toBe(false);
  });
});

describe('jars that stood for hours between filling and canner', () => {
  const stood = () => new JarLog().closed(0, '1.1-3').processed(3 * HOUR, 1, '1.1-3', 20, 15);

  test('are asked about, and have no shelf until somebody says that they were kept hot', () => {
    const now = after(stood());
    expect(told(now).join()).toContain('stood for more than two hours before the canner');
    expect(placesOf(now)).toEqual(['fridge', 'fridge', 'fridge']);
    const hot = after(stood().at(4 * HOUR, 'was-hot'));
    expect(placesOf(hot)).toEqual(['unchecked', 'unchecked', 'unchecked']);
  });

  test('are not of the next load, wait for an answer, and are poured back when the pot boils again', () => {
    const log = new JarLog().closed(0, '1.1-3').closed(100, '1.4-5');
    const at = (min: number) => nextLoad(JAM, after(log), 7, min * 60_000).jars.map(({ id }) => id);
    expect(at(110)).toEqual(['1.1', '1.2', '1.3', '1.4', '1.5']);
    expect(at(121)).toEqual(['1.4', '1.5']);
    expect(statesOf(after(log.at(125, 'rolling')))).toEqual({ '1.4': 'closed', '1.5': 'closed' });
  });

  test('kept hot as said, they have two hours from then', () => {
    const log = new JarLog().closed(0, '1.1-3').at(150, 'was-hot');
    const jars = (min: number) => nextLoad(JAM, after(log), 7, min * 60_000).jars.length;
    expect([jars(160), jars(271)]).toEqual([3, 0]);
    const within = after(log.processed(200, 1, '1.1-3', 20, 15));
    expect(placesOf(within)).toEqual(['unchecked', 'unchecked', 'unchecked']);
  });
});

test('jars that are named all at once end as those that are named one by one', () => {
  const plan = jarPlanFor({ jars: [{ name: 'half-pint', volumeMl: 237, count: null }] });
  const one = new JarLog().closed(0, '1.1-99');
  const each = new JarLog();
  for (let number = 1; number <= 99; number += 1) each.at(0, 'filled', `1.${number}`);
  for (const step of ['bubbled', 'wiped', 'lidded', 'tight'] as const) each.at(0, step, '1');
  one
    .processed(1, 1, '1.1-99', 20, 15)
    .at(13 * HOUR, 'sealed', '1.1-99')
    .at(14 * HOUR, 'put-away');
  each.processed(1, 1, '1.1-99', 20, 15);
  for (let number = 99; number >= 1; number -= 1) each.at(13 * HOUR, 'sealed', `1.${number}`);
  each.at(14 * HOUR, 'put-away');
  const [a, b] = [after(one, plan), after(each, plan)];
  expect(b.jars).toEqual(a.jars);
  expect(b.storedAtMs).toBe(14 * HOUR * 60_000);
  expect(stockUseOf(plan, b)).toEqual(stockUseOf(plan, a));
});
