import { textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import {
  EVENT_KINDS,
  JAR_EVENT_KINDS,
  jarId,
  jarsFromText,
  jarsInText,
  type EventKind,
} from '../chain/index.ts';
import { entryFault, effectiveEvents } from '../stove/index.ts';
import { JarLog } from '../test/jarLog.ts';
import type { request } from '../test/planned.ts';
import { jarProgressOf } from './jarProgress.ts';
import { CLOSING } from './jarState.ts';
import { loadTime } from './jarPlan.ts';
import {
  JAR_STATES,
  JAR_STEPS,
  JAR_TRANSITIONS,
  LOAD_STATES,
  LOAD_STEPS,
  LOAD_TRANSITIONS,
} from './jarTransitions.ts';
import { stockUseOf } from './stockUse.ts';
import { HOUR, JARS, jarPlanFor, JAM, statesOf, after } from '../test/jarPlans.ts';
import { runs } from '../test/runs.ts';

const MIN = 60_000;

describe('the tables', () => {
  test('lead only where there is a state, and every state can be come to', () => {
    const jarTo = JAR_STATES.flatMap((state) => Object.values(JAR_TRANSITIONS[state]));
    expect([...new Set(jarTo)].sort()).toEqual(
      JAR_STATES.filter((state) => state !== 'filled').sort(),
    );
    const loadTo = LOAD_STATES.flatMap((state) => Object.values(LOAD_TRANSITIONS[state]));
    expect([...new Set(loadTo)].sort()).toEqual([...LOAD_STATES].sort());
    const steps = (table: { readonly [state: string]: object }) =>
      [...new Set(Object.values(table).flatMap((row) => Object.keys(row)))].sort();
    expect(steps(JAR_TRANSITIONS)).toEqual([...JAR_STEPS].sort());
    expect(steps(LOAD_TRANSITIONS)).toEqual([...LOAD_STEPS].sort());
  });

  test('let a jar be sealed only after its whole time, and on the shelf only when sealed', () => {
    const sealing = JAR_STATES.filter((state) => 'seal' in JAR_TRANSITIONS[state]);
    const storing = JAR_STATES.filter((state) => 'store' in JAR_TRANSITIONS[state]);
    const timed = JAR_STATES.filter((state) => 'out' in JAR_TRANSITIONS[state]);
    expect([sealing, storing, timed]).toEqual([['cooling'], ['sealed'], ['in the canner']]);
  });
});

describe('names of jars', () => {
  test('are listed in runs, and read back', () => {
    const list = [1, 2, 3, 5, 7, 8].map((number) => ({ size: 1, number }));
    expect(jarsInText([...list, { size: 2, number: 4 }])).toBe('1.1-3 1.5 1.7-8 2.4');
    fc.assert(
      fc.property(
        fc.uniqueArray(
          fc.record({
            size: fc.integer({ min: 1, max: 12 }),
            number: fc.integer({ min: 1, max: 99 }),
          }),
          { minLength: 1, selector: jarId },
        ),
        (jars) => {
          const back = jarsFromText(jarsInText(jars)) ?? [];
          expect(back.map(jarId).sort()).toEqual(jars.map(jarId).sort());
        },
      ),
    );
  });

  test.each(['', '1', '1.', '0.1', '1.0', '1.5-2', 'a.1', '1.1,2', '1.1-1000', '100.1'])(
    'refuses “%s”',
    (text) => {
      expect(jarsFromText(text)).toBeNull();
      const fault = entryFault({ kind: 'sealed', value: null, text });
      expect(fault?.part).toBe('text');
    },
  );
});

describe('from the pot to the shelf', () => {
  const whole = () =>
    new JarLog()
      .closed(0, '1.1-7')
      .at(2, 'filled', '2.1', 70)
      .at(3, 'to-fridge', '2.1')
      .processed(4, 1, '1.1-7', 15, 5);

  test('seven jars of eight are processed, cool, and are sealed but for one, which is processed again', () => {
    const log = whole();
    expect(after(log).loads[0]).toMatchObject({ state: 'out', whole: true, minutes: 5 });
    expect(after(log).warnings).toEqual([]);
    expect(Object.values(statesOf(after(log))).filter((state) => state === 'cooling').length).toBe(
      7,
    );
    log.at(14 * HOUR, 'sealed', '1.1-6').at(14 * HOUR, 'unsealed', '1.7');
    log.at(15 * HOUR, 'new-lid', '1.7').processed(15 * HOUR, 2, '1.7', 12, 5);
    log
      .at(30 * HOUR, 'sealed', '1.7')
      .at(30 * HOUR, 'labelled')
      .at(30 * HOUR, 'put-away');
    const done = after(log);
    expect(done.warnings).toEqual([]);
    expect(statesOf(done)).toEqual({
      ...Object.fromEntries([1, 2, 3, 4, 5, 6, 7].map((n) => [`1.${n}`, 'shelf'])),
      '2.1': 'fridge',
    });
    expect(stockUseOf(JAM, done)).toEqual([
      { id: null, name: 'half-pint', inUse: 7, broken: 0, lids: 8 },
      { id: null, name: 'quarter-pint', inUse: 1, broken: 0, lids: 0 },
    ]);
  });

  test('two loads have each their own clock', () => {
    const log = new JarLog().closed(0, '1.1-10');
    log.at(1, 'loaded', '1.1-7', 1).at(1, 'loaded', '1.8-10', 2);
    log.at(10, 'canner-boils', null, 1).at(12, 'canner-boils', null, 2);
    expect(after(log).loads.map(({ number, timedToMs }) => [number, timedToMs])).toEqual([
      [1, 15 * MIN],
      [2, 17 * MIN],
    ]);
  });
});

describe('the time in the canner', () => {
  const loaded = () => new JarLog().closed(0, '1.1-3').at(1, 'loaded', '1.1-3', 1);

  test('begins only at the boil', () => {
    const log = loaded().at(2, 'canner-lit', null, 1);
    expect(after(log).loads[0]).toMatchObject({ state: 'heating', timedToMs: null });
    log.at(60, 'canner-off', null, 1).at(70, 'lifted-out', null, 1);
    expect(statesOf(after(log))['1.1']).toBe('cut short');
  });

  test('begins again when the boil was lost, and counts once when it is said twice', () => {
    const log = loaded().at(10, 'canner-boils', null, 1).at(12, 'canner-boils', null, 1);
    expect(after(log).loads[0]?.timedToMs).toBe(15 * MIN);
    expect(after(log).warnings).toHaveLength(1);
    log.at(13, 'boil-lost', null, 1);
    expect(after(log).loads[0]).toMatchObject({ state: 'boil lost', timedToMs: null, lost: 1 });
    log.at(14, 'water-in', null, 1).at(16, 'canner-boils', null, 1);
    expect(after(log).loads[0]?.timedToMs).toBe(21 * MIN);
    log.at(21, 'canner-off', null, 1);
    expect(after(log).loads[0]).toMatchObject({ state: 'resting', whole: true });
  });

  test('cut short is no time: back to the boil for all of it, and the lid proves nothing', () => {
    const log = loaded().at(10, 'canner-boils', null, 1).at(14, 'canner-off', null, 1);
    expect(after(log).loads[0]).toMatchObject({ state: 'resting', whole: false });
    expect(textOf(after(log).warnings[0]?.text ?? '')).toMatch(/^1 minute short/);
    const back = new JarLog();
    back.entries.push(...log.entries);
    back.at(16, 'canner-boils', null, 1);
    expect(after(back).loads[0]?.timedToMs).toBe(21 * MIN);
    log.at(15, 'lifted-out', null, 1).at(14 * HOUR, 'sealed', '1.1');
    expect(statesOf(after(log))['1.1']).toBe('cut short');
    expect(textOf(after(log).warnings.at(-1)?.text ?? '')).toContain(
      'not processed for its whole time',
    );
  });

  test('is the longest of the load’s jars, by altitude and by what it is', () => {
    const at = (altitudeM: number, more: Parameters<typeof request>[0] = {}) =>
      loadTime(jarPlanFor({ altitudeM, ...more }), [237, 473]).minutes;
    expect([at(0), at(1000), at(2500)]).toEqual([5, 10, 15]);
    expect(at(1000, { school: 'ten-minute' })).toBe(20);
    const curd = {
      product: 'curd',
      lines: [
        '1 cup bottled lemon juice',
        '4 eggs',
        '7 egg yolks',
        '2½ cups sugar',
        '¾ cup butter',
      ],
      jars: JARS.slice(0, 2),
    } as const;
    expect(loadTime(jarPlanFor(curd), [237]).minutes).toBe(15);
    expect(textOf(loadTime(jarPlanFor(curd), [473]).refused ?? '')).toContain(
      'No time is published for jars',
    );
  });

  test('is refused above the tables', () => {
    const jarPlan = jarPlanFor({ altitudeM: 3200 });
    const log = new JarLog().closed(0, '1.1').at(1, 'loaded', '1.1', 1);
    expect(after(log, jarPlan).loads).toEqual([]);
    expect(textOf(after(log, jarPlan).warnings.at(-1)?.text ?? '')).toContain('10,000 ft');
  });
});

describe('what is said out of order or twice', () => {
  test('more jars than there are is told, and none is lost', () => {
    const log = new JarLog().at(0, 'filled', '3.1-5');
    expect(after(log).jars).toHaveLength(5);
    expect(textOf(after(log).warnings[0]?.text ?? '')).toContain('but Kitchen has 4');
  });

  test('a batch is put away when every jar is where it stays, and not before', () => {
    const log = new JarLog().closed(0, '1.1-2').processed(1, 1, '1.1', 10, 5);
    log.at(14 * HOUR, 'sealed', '1.1').at(14 * HOUR, 'put-away');
    expect(after(log).storedAtMs).toBeNull();
    expect(textOf(after(log).warnings.at(-1)?.text ?? '')).toContain('Not every jar');
    log.at(15 * HOUR, 'to-fridge', '1.2').at(15 * HOUR, 'put-away');
    expect(after(log).storedAtMs).toBe(15 * HOUR * MIN);
  });

  test('a jar filled twice is one', () => {
    const log = new JarLog().at(0, 'filled', '1.1').at(1, 'filled', '1.1').at(1, 'filled', '1.1-2');
    expect(after(log).jars.map(({ id }) => id)).toEqual(['1.1', '1.2']);
  });

  test('more than the pot holds is not counted', () => {
    const jarPlan = jarPlanFor({ pot: { diameterCm: 24, heightCm: 10 } });
    const log = new JarLog().at(0, 'measured', null, 5000);
    expect(after(log, jarPlan).measuredMl).toBeNull();
    expect(textOf(after(log, jarPlan).warnings[0]?.text ?? '')).toContain(
      'The pot holds 4.52 L (19⅛ cups)',
    );
  });

  test('a seal on a jar that was not filled, a load that is not there, a size that is not', () => {
    const log = new JarLog()
      .at(0, 'sealed', '1.1')
      .at(0, 'canner-boils', null, 3)
      .at(0, 'filled', '9.1')
      .at(0, 'put-away');
    expect(after(log).warnings).toHaveLength(4);
    expect(after(log).jars).toEqual([]);
  });

  test('an open jar and a part jar stay out of the canner', () => {
    const log = new JarLog().closed(0, '1.1').at(1, 'filled', '1.2').at(1, 'filled', '1.3', 100);
    for (const step of CLOSING) log.at(2, step, '2');
    log.at(3, 'loaded', '1.1-3', 1);
    expect(after(log).loads[0]?.jars).toEqual(['1.1']);
    expect(textOf(after(log).warnings[0]?.text ?? '')).toContain('isn’t full stays out');
  });

  test('a lid that was loose is not trusted later, nor tried again after a day', () => {
    const log = new JarLog().closed(0, '1.1').processed(1, 1, '1.1', 10, 5);
    log.at(13 * HOUR, 'unsealed', '1.1').at(14 * HOUR, 'sealed', '1.1');
    expect(statesOf(after(log))['1.1']).toBe('unsealed');
    log.at(25 * HOUR, 'new-lid', '1.1');
    expect(statesOf(after(log))['1.1']).toBe('unsealed');
    expect(textOf(after(log).warnings.at(-1)?.text ?? '')).toContain('more than 24 hours');
  });

  /** What is pressed twice by wet hands; what is lost or lit again is a step of its own. */
  const REPEATS = new Set<string>([
    'filled', 'loaded', 'sealed', 'unsealed', 'siphoned', 'floating', 'cracked', 'to-fridge', 'labelled', 'lifted-out', 'measured', 'canner-boils', 'water-in', 'boil-lost', 'bubbled', 'wiped', 'lidded', 'tight',
  ]); // prettier-ignore

  /**
   * Every state that any order of events ends in is one of the table’s, and no jar is doubled,
   * lost, or sealed without its time.
   */
  test('any order of any events, taken back and repeated, ends lawfully', () => {
    const event = fc.record({
      minute: fc.integer({ min: 0, max: 40 * HOUR }),
      kind: fc.constantFrom<EventKind>(...JAR_EVENT_KINDS, ...JAR_EVENT_KINDS, ...EVENT_KINDS),
      text: fc.constantFrom(null, '1.1', '1.1-7', '2.1-2 3.1', '9.9', '1', '3', 'cook/1', 'cook/5'),
      value: fc.constantFrom(null, 1, 2, 70, 230, 5000),
    });
    fc.assert(
      fc.property(fc.array(event, { maxLength: 60 }), (events) => {
        const log = new JarLog();
        for (const { minute, kind, text, value } of events) log.at(minute, kind, text, value);
        const standing = effectiveEvents(log.entries);
        const now = jarProgressOf(JAM, standing);
        const ids = now.jars.map(({ id }) => id);
        expect(new Set(ids).size).toBe(ids.length);
        const filled = standing
          .filter(({ kind }) => kind === 'filled')
          .flatMap(({ text, at }) =>
            (jarsFromText(text ?? '') ?? []).map((jar) => ({ ...jar, id: jarId(jar), at })),
          )
          .filter(({ size }) => size <= JARS.length);
        const named = new Set(filled.map(({ id }) => id));
        // What was filled cool is poured back when its pot boils again; nothing else is lost.
        const lastBoil = Math.max(
          ...standing.flatMap(({ kind, at }) => (kind === 'rolling' ? [at] : [])),
        );
        const stays = filled.filter(({ at }) => at > lastBoil).map(({ id }) => id);
        for (const id of ids) expect(named).toContain(id);
        for (const id of stays) expect(ids).toContain(id);
        if (lastBoil === -Infinity) expect(new Set(ids)).toEqual(named);
        for (const jar of now.jars) {
          expect(JAR_STATES).toContain(jar.state);
          if (['cooling', 'sealed', 'shelf', 'unsealed'].includes(jar.state)) {
            const load = now.loads.find(({ number }) => number === jar.load);
            expect(load).toMatchObject({ whole: true, state: 'out' });
            expect(jar.part).toBe(false);
          }
        }
        for (const load of now.loads) {
          expect(LOAD_STATES).toContain(load.state);
          if (load.whole && load.minutes !== null && load.timedFromMs !== null)
            expect((load.offAtMs ?? load.outAtMs ?? 0) - load.timedFromMs).toBeGreaterThanOrEqual(
              load.minutes * MIN,
            );
        }
        // What is pressed again a moment later changes nothing of the jars, but for a step back to
        // the boil.
        const twice = standing.flatMap((one) =>
          REPEATS.has(one.kind) ? [one, { ...one, seq: one.seq + 1000 }] : [one],
        );
        const again = jarProgressOf(JAM, twice);
        expect({ ...again, warnings: [] }).toEqual({ ...now, warnings: [] });
      }),
      { numRuns: runs(500) },
    );
  });
});
