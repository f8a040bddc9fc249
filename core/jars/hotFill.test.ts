import fc from 'fast-check';
import { minutesAbove } from '../boil/index.ts';
import { JarLog } from '../test/jarLog.ts';
import { after, HOUR, JAM, jarPlanFor } from '../test/jarPlans.ts';
import { EVENT_KINDS } from '../chain/index.ts';
import { HOT_FILL } from './hotFill.ts';
import { jarPlaceOf } from './jarPlace.ts';
import { jarProgressOf } from './jarProgress.ts';
import { effectiveEvents } from '../stove/index.ts';
import { notHotAt } from './potHeat.ts';
import { runs } from '../test/runs.ts';

const MIN = 60_000;
/** A reading of the pot. */
const read = (log: JarLog, minute: number, tempC: number, source = 'browser 1'): JarLog => {
  log.entries.push({
    source,
    seq: 900 + log.entries.length,
    at: minute * MIN,
    kind: 'temperature',
    value: tempC,
    text: null,
  });
  return log;
};
const coolOf = (log: JarLog) => after(log).jars.map(({ cool }) => cool);
const stove = () => new JarLog().at(0, 'lit');
const done = () => stove().at(10, 'rolling').at(40, 'off-heat').at(42, 'ready');

describe('what is filled hot', () => {
  test('by the log of a cook like any other it is', () => {
    expect(coolOf(done().at(45, 'filled', '1.1-3'))).toEqual([null, null, null]);
  });

  test('a boil that is seen again, after a drop was tried off the heat, begins no cooling', () => {
    const log = stove().at(10, 'rolling').at(20, 'lifted').at(22, 'on-heat').at(23, 'rolling');
    expect(coolOf(log.at(60, 'off-heat').at(62, 'ready').at(64, 'filled', '1.1'))).toEqual([null]);
  });

  test('of a pot that was never followed nothing is said', () => {
    expect(coolOf(new JarLog().at(300, 'filled', '1.1'))).toEqual([null]);
    expect(coolOf(new JarLog().at(0, 'in-water').at(300, 'filled', '1.1'))).toEqual([null]);
    expect(coolOf(new JarLog().at(0, 'ready').at(50, 'filled', '1.1'))).toEqual([null]);
  });

  test.each([
    ['came off two minutes after it was lit', stove().at(2, 'off-heat').at(3, 'ready')],
    ['was never lit', new JarLog().at(0, 'stirred').at(3, 'ready')],
    ['ran off the spoon', stove().at(3, 'plate-test', 'runs').at(4, 'ready')],
    ['was read at 70 °C and taken off', read(stove(), 5, 70).at(6, 'ready')],
  ])('a pot that %s never boiled', (_, log) => {
    expect(coolOf(log.at(7, 'filled', '1.1'))).toEqual(['never boiled']);
  });

  test.each([
    ['was seen to boil', stove().at(4, 'rolling')],
    ['made a drop that wrinkles', stove().at(4, 'plate-test', 'wrinkles')],
    ['was read at the boil', read(stove(), 4, JAM.waterBoilsC)],
    ['stood on the heat for half an hour, whatever was pressed', stove().at(31, 'stirred')],
  ])('a pot that %s has boiled', (_, log) => {
    expect(coolOf(log.at(32, 'ready').at(33, 'filled', '1.1'))).toEqual([null]);
  });

  test('a pot that stood for an hour has cooled; standing for ten minutes is usual', () => {
    expect(coolOf(done().at(50, 'filled', '1.1').at(103, 'filled', '1.2'))).toEqual([
      null,
      'cooled',
    ]);
  });

  test('what the cook reads off the heat counts, and what a probe on the table shows does not', () => {
    const typed = 'browser 1';
    expect(coolOf(read(done(), 43, 80, typed).at(44, 'filled', '1.1'))).toEqual(['cooled']);
    expect(coolOf(read(done(), 43, 30, 'probe').at(44, 'filled', '1.1'))).toEqual([null]);
    // Kept warm, and read warm enough an hour later.
    expect(coolOf(read(done(), 100, 88, typed).at(102, 'filled', '1.1'))).toEqual([null]);
    // A thermometer that was tried in boiling water says nothing of the pot.
    const tried = read(new JarLog().at(0, 'in-water'), 1, 99, typed).at(3, 'lit');
    expect(coolOf(tried.at(5, 'ready').at(6, 'filled', '1.1'))).toEqual(['never boiled']);
  });

  test('it has no shelf until it was heated again, however it is processed', () => {
    const log = stove().at(2, 'ready').closed(3, '1.1-2').processed(5, 1, '1.1-2', 20, 20);
    const { jars, loads } = after(log.at(20 * HOUR, 'sealed', '1.1-2'));
    expect(loads).toHaveLength(1);
    expect(jars.map((jar) => jarPlaceOf(jar, 'pantry'))).toEqual(['fridge', 'fridge']);
    expect(
      after(log.at(20 * HOUR, 'put-away')).jars.map((jar) => jarPlaceOf(jar, 'pantry')),
    ).toEqual(['fridge', 'fridge']);
  });

  test('heated again, what was filled goes back into the pot, and is filled anew', () => {
    const again = stove().at(2, 'ready').closed(3, '1.1-2').at(10, 'rolling');
    expect(after(again).jars).toEqual([]);
    expect(coolOf(again.at(12, 'filled', '1.1-3'))).toEqual([null, null, null]);
    // It cools again.
    expect(coolOf(again.at(90, 'filled', '1.4'))).toEqual([null, null, null, 'cooled']);
  });

  test('what is hot, in the fridge or in the canner is not poured back', () => {
    const log = done()
      .at(45, 'filled', '1.1')
      .at(120, 'filled', '1.2-3')
      .at(121, 'to-fridge', '1.2')
      .at(125, 'rolling');
    expect(after(log).jars.map(({ id }) => id)).toEqual(['1.1', '1.2']);
  });

  test('a cook can say that the log is wrong: the pot boiled, and the jars were hot', () => {
    const log = stove().at(2, 'ready').closed(3, '1.1-2').at(4, 'was-hot');
    expect(coolOf(log)).toEqual([null, null]);
    expect(coolOf(log.at(6, 'filled', '1.3'))).toEqual([null, null, null]);
  });

  test('a curd never boils, and a slow cooker need not', () => {
    const curd = jarPlanFor({
      product: 'curd',
      lines: ['4 eggs', '450 g sugar', '120 mL bottled lemon juice', '110 g butter'],
    });
    expect(curd.hot).toBeNull();
    const slow = jarPlanFor({
      product: 'butter',
      heat: 'slow-cooker-low',
      lines: ['3 kg apples, cored', '500 g sugar'],
    });
    expect(slow.hot?.boilsAfterMin).toBe(0);
    const log = stove().at(700, 'ready').at(702, 'filled', '1.1');
    expect(after(log, slow).jars[0]?.cool).toBeNull();
  });
});

test('no log makes a jar hot by adding a minute to how long it stood', () => {
  const kind = fc.constantFrom(...EVENT_KINDS);
  const entry = fc.record({ at: fc.integer({ min: 0, max: 60 }), kind });
  fc.assert(
    fc.property(
      fc.array(entry, { maxLength: 12 }),
      fc.integer({ min: 0, max: 120 }),
      (notes, wait) => {
        const log = new JarLog();
        for (const { at, kind: of } of notes) log.at(at, of);
        const { pot } = jarProgressOf(JAM, effectiveEvents(log.entries));
        const [sooner, later] = [
          notHotAt(pot, (61 + wait) * MIN, JAM.hot),
          notHotAt(pot, (62 + wait) * MIN, JAM.hot),
        ];
        // On the heat it may come to the boil by the clock; off it, it only cools.
        if (pot.onHeatSinceMs === null && sooner !== null) expect(later).toBe(sooner);
      },
    ),
    { numRuns: runs(500) },
  );
});

test('how long a pot stays hot is what the equations of the pot say without steam', () => {
  const batch = {
    water: 900,
    sucrose: 1500,
    hexoses: 100,
    otherSolubles: 60,
    insolubles: 40,
    fat: 0,
    egg: 0,
  };
  const setting = { panDiameterCm: 30, startTempC: 20 };
  // Newton's law, stepped by hand: 30 W/(m² K) over the base, Siebel's specific heat.
  let [tempC, seconds] = [104, 0];
  const heat = 2.6 * (837 + (3349 * 900) / 2600);
  for (; tempC > HOT_FILL.value; seconds += 1)
    tempC -= (30 * Math.PI * 0.15 ** 2 * (tempC - 20)) / heat;
  expect(minutesAbove(batch, setting, 104, HOT_FILL.value)).toBeCloseTo(seconds / 60, 1);
  expect(minutesAbove(batch, setting, 80, 85)).toBe(0);
});
