import {
  fillingOf,
  jarProgressOf,
  jarPlanOf,
  effectiveEvents,
  type JarPlan,
  BARE_KITCHEN,
  requestInKitchen,
} from '@idle-kettle/core';
import { JarLog } from '../../core/test/jarLog.ts';
import { jarSayings } from './jarSayings.ts';
import type { JarTask } from './jarTask.ts';
import { jarTasksOf } from './jarTasks.ts';

const MIN = 60_000;
const HOUR = 60;
const KITCHEN = {
  ...BARE_KITCHEN,
  altitudeM: 1250,
  school: 'sterilised' as const,
  jars: [
    { id: 'half', name: 'half-pint', volumeMl: 237, count: 12 },
    { id: 'quarter', name: 'quarter-pint', volumeMl: 118, count: 6 },
  ],
};

function sheetOf(lines: readonly string[], more: Partial<typeof KITCHEN> = {}): JarPlan {
  const request = requestInKitchen({ lines: [...lines], settings: {} }, { ...KITCHEN, ...more });
  const jarPlan = jarPlanOf(request, [], 0);
  if (jarPlan === null) throw new Error('no sheet');
  return jarPlan;
}

const PLUM = sheetOf(['2 kg plums', '1.4 kg sugar']);
const MELON = sheetOf(['2 kg diced melon', '1 kg sugar']);

function calls(
  log: JarLog,
  minute: number,
  jarPlan = PLUM,
  altitudeWasM: number | null = null,
): readonly JarTask[] {
  const progress = jarProgressOf(jarPlan, effectiveEvents(log.entries));
  return jarTasksOf({
    jarPlan,
    progress,
    filling: fillingOf(jarPlan, progress, null),
    nowMs: minute * MIN,
    readyAtMs: 0,
    cannerHolds: 7,
    units: 'us',
    altitudeWasM,
    toBoil: () => ({ p10: 8, p50: 12, p90: 18 }),
  });
}

const first = (log: JarLog, minute: number, jarPlan = PLUM) => calls(log, minute, jarPlan)[0];

/** Eight half-pints, and a little for the fridge. */
const filled = () => new JarLog().at(0, 'measured', null, 8 * 237 + 70).closed(1, '1.1-8');

describe('what wants doing', () => {
  test('from the pot to the shelf, one after another', () => {
    const log = new JarLog();
    expect(first(log, 0)).toMatchObject({ id: 'fill', press: null });
    log.at(0, 'measured', null, 8 * 237).at(1, 'filled', '1.1-8');
    expect(first(log, 1)?.id).toBe('close');
    for (const step of ['bubbled', 'wiped', 'lidded', 'tight'] as const) log.at(2, step, '1');
    expect(first(log, 2)).toMatchObject({
      title: '7 half-pints into the canner',
      press: { notes: [['loaded', 1, '1.1-7']] },
    });
    expect(first(log, 2)?.detail).toContain('1 half-pint waits, hot');
    log.at(3, 'loaded', '1.1-7', 1);
    expect(first(log, 3)?.press?.notes).toEqual([['canner-lit', 1, null]]);
    log.at(3, 'canner-lit', null, 1);
    expect(first(log, 4)).toMatchObject({ id: 'load-1-heating', due: false });
    expect(first(log, 13)?.due).toBe(true);
    log.at(14, 'canner-boils', null, 1);
    expect(first(log, 15)).toMatchObject({ due: false, rings: false, dueAtMs: 24 * MIN });
    expect(first(log, 24)).toMatchObject({ due: true, rings: true, asks: null });
    log.at(24, 'canner-off', null, 1);
    expect(first(log, 25)).toMatchObject({
      title: 'Lid off, let them rest',
      dueAtMs: 29 * MIN,
    });
    expect(first(log, 29)).toMatchObject({ title: 'Lift the jars straight out', rings: true });
    log.at(30, 'lifted-out', null, 1);
    expect(first(log, 31)?.title).toBe('1 half-pint into the canner');
    log.processed(32, 2, '1.8', 10, 10);
    expect(first(log, 60)).toMatchObject({ id: 'cool', due: false });
    expect(first(log, 14 * HOUR)).toMatchObject({ id: 'press', due: true });
    log.at(14 * HOUR, 'sealed', '1.1-7').at(14 * HOUR, 'unsealed', '1.8');
    expect(first(log, 14 * HOUR)).toMatchObject({
      title: 'Half-pint 8 did not seal',
      press: { notes: [['new-lid', null, '1.8']] },
    });
    log.at(14 * HOUR, 'to-fridge', '1.8');
    expect(first(log, 14 * HOUR)?.id).toBe('label');
    log.at(15 * HOUR, 'labelled');
    expect(first(log, 15 * HOUR)?.id).toBe('put-away');
    log.at(15 * HOUR, 'put-away');
    expect(calls(log, 15 * HOUR)).toEqual([]);
  });

  test('heat off before the time is over is asked about, with what is left', () => {
    const log = filled().at(2, 'loaded', '1.1-7', 1).at(5, 'canner-boils', null, 1);
    expect(first(log, 8)?.asks?.text).toMatch(/^7 minutes are left/);
    expect(first(log, 14.5)?.asks?.text).toMatch(/^1 minute is left/);
  });

  test('a lost boil comes before everything, and says that the whole time begins again', () => {
    const log = filled().at(2, 'loaded', '1.1-7', 1).at(5, 'canner-boils', null, 1);
    log.at(8, 'boil-lost', null, 1);
    expect(first(log, 9)?.title).toBe('Back to a full boil');
    expect(first(log, 9)?.detail).toContain('the whole 10 minutes start again');
  });

  test('of two loads the one whose time is up rings first', () => {
    const log = filled().at(2, 'loaded', '1.1-7', 1).at(2, 'loaded', '1.8', 2);
    log.at(5, 'canner-boils', null, 1).at(9, 'canner-boils', null, 2);
    expect(calls(log, 16).map(({ title }) => title)).toEqual([
      'Time’s up: heat off, canner',
      'Keep boiling for 10 minutes, canner 2',
    ]);
    expect(calls(log, 20).filter(({ rings }) => rings)).toHaveLength(2);
  });

  test('a part jar goes to the fridge, beside all else', () => {
    const log = filled().at(1, 'filled', '2.1', 70);
    const part = calls(log, 2).find(({ id }) => id === 'part');
    expect(part?.press?.notes).toEqual([['to-fridge', null, '2.1']]);
  });

  test('what is not for the shelf has no press that puts it into a canner or on a shelf', () => {
    const log = new JarLog().at(0, 'measured', null, 474).closed(1, '1.1-2');
    const said = [0, 1, 30, 14 * HOUR, 40 * HOUR].flatMap((minute) => calls(log, minute, MELON));
    const kinds = said.flatMap(({ press, others }) =>
      [...(press ? [press] : []), ...others].flatMap(({ notes }) => notes.map(([kind]) => kind)),
    );
    expect(new Set(kinds)).toEqual(new Set(['to-fridge', 'to-freezer']));
    expect(said[0]?.detail).toContain('Not the canner');
  });

  test('more than a day after, a loose lid is only for the fridge', () => {
    const log = filled()
      .processed(2, 1, '1.1-7', 5, 10)
      .at(13 * HOUR, 'unsealed', '1.1');
    const late = calls(log, 26 * HOUR).find(({ id }) => id === 'again-1.1');
    expect(late?.press?.notes).toEqual([['to-fridge', null, '1.1']]);
    expect(late?.others).toEqual([]);
  });

  test('steam goes by the gauge, and no boiling water is poured in', () => {
    const jarPlan = sheetOf(['2 kg plums', '1.4 kg sugar'], { canner: 'steam' });
    const log = filled().at(2, 'loaded', '1.1-7', 1).at(3, 'canner-lit', null, 1);
    const [heating] = calls(log, 4, jarPlan);
    expect(heating?.title).toBe('Up to the gauge’s mark');
    expect(heating?.others).toEqual([]);
    // From the heating to the rest after a heat that went off too soon: nothing speaks of a boil,
    // or of water.
    const saidAt = (minute: number) =>
      calls(log, minute, jarPlan)
        .filter(({ id }) => id.startsWith('load-1'))
        .flatMap(({ title, detail, press, others }) => [
          title,
          detail,
          ...[press, ...others].map((one) => one?.label ?? ''),
        ]);
    const said = saidAt(4);
    log.at(8, 'canner-boils', null, 1);
    said.push(...saidAt(8));
    log.at(9, 'boil-lost', null, 1);
    said.push(...saidAt(9));
    log.at(10, 'canner-boils', null, 1).at(12, 'canner-off', null, 1);
    said.push(...saidAt(12));
    expect(said.length).toBeGreaterThan(9);
    expect(said.filter((text) => /\bboil(s|ing)?\b|water/i.test(text))).toEqual([]);
  });
});

describe('what is said aloud', () => {
  test('is what is next, minutes to go, and that time is up', () => {
    const log = filled().at(2, 'loaded', '1.1-7', 1).at(5, 'canner-boils', null, 1);
    const texts = (minute: number) =>
      jarSayings(calls(log, minute), minute * MIN).map(({ text }) => text);
    expect(texts(6)).toContain('Keep boiling for 10 minutes');
    expect(texts(10)).toContain('5 minutes to go');
    expect(texts(14)).toContain('1 minute to go');
    expect(texts(15)).toContain('Time’s up. Time’s up: heat off, canner');
  });
});

describe('what is asked, and told of the kitchen', () => {
  test('an empty pot after three jars of many is asked about, and after most of them is not', () => {
    const after = (jars: string) => {
      const log = new JarLog().at(0, 'filled', jars);
      return calls(log, 1).find(({ id }) => id === 'fill')?.asks;
    };
    expect(after('1.1-3')?.text).toMatch(/^Only 3 half-pints filled, and about/);
    expect(after('1.1-6')).toBeNull();
  });

  test('a kitchen that is higher now says so at every load', () => {
    const log = new JarLog().closed(0, '1.1-7');
    const details = calls(log, 1, PLUM, 0).map(({ detail }) => detail);
    expect(details.join(' ')).toContain('it was 0 m (0 ft) when this batch began');
    log.at(2, 'loaded', '1.1-7', 1).at(5, 'canner-boils', null, 1);
    expect(calls(log, 6, PLUM, 0)[0]?.detail).toContain('The longer time counts');
    expect(calls(log, 6)[0]?.detail).not.toContain('longer time');
  });
});
