import { inWords, textOf } from '@idle-kettle/words';
import { massOf } from '../formula/index.ts';
import { pressureAtAltitudePa, saturationTemperatureC } from '../ambient/index.ts';
import {
  asPlanned,
  estimate,
  progressOf,
  cookPlanOf,
  stoveCautions,
  waterReading,
  type Entry,
  type Estimate,
  type CookPlan,
} from '../stove/index.ts';
import { beforeOf, request } from '../test/planned.ts';
import {
  COOK_SOURCE,
  debriefOf,
  drawnTruth,
  obedientCook,
  dropsAt,
  readingsOf,
  sensesAt,
  toldRequest,
  trueSheet,
  truthAt,
  USUAL_PROBE,
  type Practice,
} from './index.ts';

const DAMSON = request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'], altitudeM: 1524 });
const MIN = 60_000;

const practice = (change: Partial<Practice> = {}): Practice => ({
  seed: 3,
  fault: 'none',
  probe: USUAL_PROBE,
  scale: false,
  ...change,
});
const sure = (cookPlan: CookPlan | null): CookPlan => {
  if (cookPlan === null) throw new Error('There is no sheet');
  return cookPlan;
};
const at = (events: readonly Entry[], kind: Entry['kind']): number =>
  events.find((event) => event.kind === kind)?.at ?? NaN;

/** The obedient cook of a practice, and what is estimated of it at a share of the way to the stop. */
function known(
  of: Practice,
  share: number,
  waterBoilsC: number | null,
): {
  readonly estimate: Estimate;
  readonly leftMin: number;
  readonly real: CookPlan;
} {
  const real = sure(trueSheet(DAMSON, of));
  const told = sure(cookPlanOf(toldRequest(DAMSON, of), waterBoilsC));
  const events = obedientCook(real, of, 0);
  const stop = at(events, 'off-heat');
  const now = stop * share;
  const done = events.filter((event) => event.at <= now);
  const readings = readingsOf(real, of, done, 0, 0, Math.floor(now / 1000));
  return {
    estimate: estimate(told, [...done, ...readings], now, { calibrated: waterBoilsC !== null }),
    leftMin: (stop - now) / MIN,
    real,
  };
}

describe('the simulated pot', () => {
  const real = sure(trueSheet(DAMSON, practice()));
  const events = obedientCook(real, practice(), 0);
  const stop = at(events, 'off-heat');

  test('stands at its target when an obedient cook takes it off', () => {
    const truth = truthAt(real, practice(), events, stop);
    expect(truth.solublesPct).toBeCloseTo(real.targetPct, 1);
    expect(Math.abs(truth.tempC - real.stopC)).toBeLessThan(0.5);
  });

  test('loses nothing but steam, and only while it is hot', () => {
    const cold = truthAt(real, practice(), [], 5 * MIN);
    expect(cold.massG).toBeCloseTo(massOf(real.first), 0);
    const done = truthAt(real, practice(), events, stop);
    const later = truthAt(real, practice(), events, stop + 60 * MIN);
    expect(later.massG).toBeLessThan(done.massG);
    expect(later.massG).toBeGreaterThan(0.97 * done.massG);
    expect(later.tempC).toBeLessThan(done.tempC - 10);
  });

  test('is another pot for another seed, and the same for the same', () => {
    expect(drawnTruth(3)).toEqual(drawnTruth(3));
    const flames = Array.from({ length: 200 }, (_, seed) => drawnTruth(seed + 1)[0]);
    // Even over a quarter either way: a mean near 0, and a standard deviation of 0.25 / √3.
    const mean = flames.reduce((sum, flame) => sum + flame, 0) / flames.length;
    const sd = Math.sqrt(flames.reduce((sum, flame) => sum + flame ** 2, 0) / flames.length);
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(sd).toBeGreaterThan(0.12);
    expect(sd).toBeLessThan(0.17);
  });

  test('rolls only some time after its first bubbles, and feels gritty until the sugar has had its time', () => {
    const added = at(events, 'added');
    expect(sensesAt(real, practice(), events, added + MIN)).toMatchObject({ grit: true });
    expect(sensesAt(real, practice(), events, added + 5 * MIN).grit).toBe(false);
    expect(sensesAt(real, practice(), events, stop - MIN).surface).toBe('rolling');
    expect(sensesAt(real, practice(), events, stop + MIN).surface).not.toBe('rolling');
  });
});

describe('its devices', () => {
  const of = practice({ probe: { ...USUAL_PROBE, offsetK: 1.5 }, scale: true });
  const real = sure(trueSheet(DAMSON, of));
  const events = obedientCook(real, of, 0);

  test('say the same of a second whoever asks, in one go or in many', () => {
    const whole = readingsOf(real, of, events, 0, 0, 600);
    const parts = [0, 200, 400].flatMap((from) =>
      readingsOf(real, of, events, 0, from, from + 200),
    );
    const values = (entries: readonly Entry[]) => entries.map(({ seq, value }) => [seq, value]);
    expect(parts.length).toBe(whole.length);
    for (const [index, [seq, value]] of values(parts).entries()) {
      expect(seq).toBe(whole[index]?.seq);
      expect(Math.abs((value ?? 0) - (whole[index]?.value ?? 0))).toBeLessThan(0.2);
    }
  });

  test('err as they are told to: off, noisy, and silent for a share of the time', () => {
    const cold = readingsOf(real, of, [], 0, 0, 6000).filter(({ kind }) => kind === 'temperature');
    const values = cold.map(({ value }) => value ?? 0);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const sd = Math.sqrt(
      values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length,
    );
    expect(mean).toBeCloseTo(21.5, 1);
    expect(sd).toBeGreaterThan(0.22);
    expect(sd).toBeLessThan(0.28);
    expect(cold.length / 6000).toBeGreaterThan(0.93);
    expect(cold.length / 6000).toBeLessThan(0.995);
  });

  test('show boiling water as the saturation line of the place says, and what they add to it', () => {
    const dipped: Entry = {
      source: COOK_SOURCE,
      seq: 1,
      at: 10_000,
      kind: 'in-water',
      value: null,
      text: null,
    };
    const readings = readingsOf(real, of, [dipped], 0, 0, 130);
    const still = waterReading([dipped, ...readings], 10_000, 129_000);
    // IAPWS-IF97 saturation at the ISA pressure of 1524 m: 94.95 °C.
    const boils = saturationTemperatureC(pressureAtAltitudePa(1524));
    expect(boils).toBeCloseTo(94.95, 1);
    expect(still?.steady).toBe(true);
    expect(still?.shownC).toBeGreaterThan(boils + 1.4);
    expect(still?.shownC).toBeLessThan(boils + 1.6);
    expect(waterReading([dipped, ...readings], 10_000, 30_000)?.steady).toBe(false);
  });
});

describe('the estimator', () => {
  const shown = (of: Practice): number =>
    sure(trueSheet(DAMSON, of)).waterBoilsC + of.probe.offsetK;

  test.each([1, 2, 3, 4, 5, 6])('knows at half time how long pot %i will take', (seed) => {
    const of = practice({ seed, probe: { ...USUAL_PROBE, offsetK: 1.5 } });
    const { estimate: now, leftMin } = known(of, 0.5, shown(of));
    expect(now.unobserved).toBeNull();
    const left = now.minutesLeft;
    expect(Math.abs((left?.p50 ?? 0) / leftMin - 1)).toBeLessThan(0.1);
    expect(left?.p10).toBeLessThan(leftMin * 1.1);
    expect(left?.p90).toBeGreaterThan(leftMin * 0.9);
  });

  test('learns the flame of this burner', () => {
    const of = practice({ seed: 2 });
    const { estimate: now, real } = known(of, 0.6, shown(of));
    const truth = real.setting.netPowerW * Math.exp(drawnTruth(2)[0]);
    expect(Math.abs(now.powerW.p50 / truth - 1)).toBeLessThan(0.1);
    expect(Math.abs(real.setting.netPowerW / truth - 1)).toBeGreaterThan(0.1);
  });

  test('narrows what is left as the cook goes on', () => {
    const widths = [0.25, 0.5, 0.9].map((share) =>
      [1, 2, 3, 4, 5, 6].reduce((sum, seed) => {
        const of = practice({ seed });
        const { minutesLeft } = known(of, share, shown(of)).estimate;
        return sum + (minutesLeft?.p90 ?? NaN) - (minutesLeft?.p10 ?? NaN);
      }, 0),
    );
    expect(widths[1]).toBeLessThan(widths[0] ?? NaN);
    expect(widths[2]).toBeLessThan(widths[1] ?? NaN);
  });

  test('takes a weighing for what it is: solids without any thermometer', () => {
    const of = practice({ seed: 2 });
    const real = sure(trueSheet(DAMSON, of));
    const told = sure(cookPlanOf(toldRequest(DAMSON, of)));
    const events = obedientCook(real, of, 0);
    const now = 0.8 * at(events, 'off-heat');
    const done = events.filter((event) => event.at <= now);
    const truth = truthAt(real, of, events, now);
    const weighing: Entry = {
      source: 'scale',
      seq: 1,
      at: now,
      kind: 'weight',
      value: truth.massG,
      text: null,
    };
    const off = ({ solublesPct }: Estimate) => Math.abs(solublesPct.p50 - truth.solublesPct);
    const blind = estimate(told, done, now, { calibrated: true });
    const weighed = estimate(told, [...done, weighing], now, { calibrated: true });
    expect(weighed.massG.p50 / truth.massG).toBeCloseTo(1, 2);
    expect(off(weighed)).toBeLessThan(off(blind));
    expect(blind.unobserved).toBe('no probe');
  });

  test('says why it cannot tell', () => {
    const of = practice();
    const real = sure(trueSheet(DAMSON, of));
    const told = sure(cookPlanOf(DAMSON));
    const events = obedientCook(real, of, 0);
    const reasonAt = (now: number, more: readonly Entry[] = []) => {
      const done = [...events.filter((event) => event.at <= now), ...more];
      const readings = readingsOf(real, of, done, 0, 0, Math.floor(now / 1000));
      return estimate(told, [...done, ...readings], now, { calibrated: false }).unobserved;
    };
    const event = (kind: Entry['kind'], when: number): Entry => ({
      source: 'hand',
      seq: 1,
      at: when,
      kind,
      value: null,
      text: null,
    });
    expect(reasonAt(-MIN)).toBe('not lit');
    expect(reasonAt(5 * MIN)).toBe('below the boil');
    expect(reasonAt(25 * MIN)).toBeNull();
    expect(reasonAt(25 * MIN, [event('stirred', 25 * MIN - 5000)])).toBe('settling');
    expect(reasonAt(25 * MIN, [event('probe-out', 24 * MIN)])).toBe('probe out');
    expect(reasonAt(at(events, 'off-heat') + 2 * MIN)).toBe('off the heat');
  });

  test.each([
    ['low', -1.8],
    ['high', 1.8],
  ])(
    'finds a thermometer that was not checked and reads %s, and goes by how it boils',
    (word, offsetK) => {
      const of = practice({ seed: 2, probe: { ...USUAL_PROBE, offsetK } });
      const { estimate: now, real } = known(of, 0.8, null);
      expect(now.thermometerIsOff).toBe(true);
      expect(now.offsetK.p50 * Math.sign(offsetK)).toBeGreaterThan(1);
      const truth = known(of, 0.8, null).estimate;
      // By the thermometer it would be off by all of it.
      const byThermometerK = real.stopC - truth.tempC.p50;
      expect(Math.abs((now.toGoK ?? NaN) - byThermometerK)).toBeGreaterThan(1);
      const events = obedientCook(real, of, 0);
      const done = events.filter(({ at: when }) => when <= now.atMs);
      const told = sure(cookPlanOf(toldRequest(DAMSON, of)));
      const cautions = stoveCautions(told, progressOf(told, done), now, now.atMs);
      expect(textOf(cautions.find(({ code }) => code === 'thermometer-off')?.text ?? '')).toMatch(
        new RegExp(`this thermometer reads about [2-4] °F \\(.* °C\\) ${word}\\. Trust the drop`),
      );
    },
  );

  test('trusts a thermometer that is right', () => {
    for (const seed of [1, 2, 3, 4]) {
      expect(known(practice({ seed }), 0.8, null).estimate.thermometerIsOff).toBe(false);
      const of = practice({ seed, probe: { ...USUAL_PROBE, offsetK: 1.5 } });
      expect(known(of, 0.8, shown(of)).estimate.thermometerIsOff).toBe(false);
    }
  });

  describe('learns from what the cook says', () => {
    const of = practice({ seed: 2 });
    const real = sure(trueSheet(DAMSON, of));
    const told = sure(cookPlanOf(toldRequest(DAMSON, of)));
    const events = obedientCook(real, of, 0);
    const stop = at(events, 'off-heat');
    const truthW = real.setting.netPowerW * Math.exp(drawnTruth(2)[0]);
    const look = (log: readonly Entry[], now: number) =>
      estimate(told, log, now, { calibrated: true });

    test('“it boils” tells the flame, without any probe', () => {
      const boils = at(events, 'rolling');
      const now = boils + MIN;
      const said = look(
        events.filter((event) => event.at <= now),
        now,
      ).powerW;
      const before = look(
        events.filter((event) => event.at < boils),
        boils - 1,
      ).powerW;
      const off = (watts: number) => Math.abs(watts / truthW - 1);
      expect(off(said.p50)).toBeLessThan(off(before.p50));
      expect(said.p90 - said.p10).toBeLessThan(0.6 * (before.p90 - before.p10));
    });

    test('a drop that wrinkles, or runs, tells of the solids', () => {
      const now = 0.75 * stop;
      const done = events.filter((event) => event.at <= now);
      const test_ = (text: string): Entry => ({
        source: 'hand',
        seq: 1,
        at: now - 1000,
        kind: 'plate-test',
        value: null,
        text,
      });
      const solids = (log: readonly Entry[]) => look(log, now).solublesPct;
      const [none, wrinkles] = [solids(done), solids([...done, test_('wrinkles')])];
      expect(wrinkles.p50).toBeGreaterThan(none.p50 + 0.3);
    });
  });

  test('off the heat, “to go” is not counted', () => {
    const of = practice({ seed: 2 });
    const real = sure(trueSheet(DAMSON, of));
    const told = sure(cookPlanOf(toldRequest(DAMSON, of)));
    const events = obedientCook(real, of, 0);
    const now = at(events, 'off-heat') + MIN;
    const log = events.filter((event) => event.at <= now);
    expect(estimate(told, log, now, { calibrated: true }).toGoK).toBeNull();
    const still = log.filter(({ kind }) => kind !== 'off-heat');
    expect(estimate(told, still, now, { calibrated: true }).toGoK).not.toBeNull();
  });

  test('counts sugar as it went in, not as it was planned', () => {
    const of = practice();
    const real = sure(trueSheet(DAMSON, of));
    const told = sure(cookPlanOf(DAMSON));
    const events = obedientCook(real, of, 0);
    const now = at(events, 'added') + 2 * MIN;
    const half = events.map((event) =>
      event.text === asPlanned('sugar') ? { ...event, value: 700 } : event,
    );
    const mass = (log: readonly Entry[]) =>
      estimate(
        told,
        log.filter((event) => event.at <= now),
        now,
        { calibrated: true },
      ).massG.p50;
    expect(mass(events) - mass(half)).toBeCloseTo(700, -1);
  });
});

test('the pot of a jelly practice is of juice, as ripe as its lines say', () => {
  const jelly = request({
    product: 'jelly',
    lines: ['4 cups crab apple juice', '500 g very ripe plums', '4 cups sugar'],
  });
  const [juice, plums] = sure(trueSheet(jelly, practice({ fault: 'double-batch' }))).lines;
  expect(juice?.ingredient).toMatchObject({ id: 'crab-apple', state: 'juice' });
  expect(plums?.ripeness).toBeGreaterThan(0.5);
});

/** A jelly from the fruit, a butter and a curd, each with the test that tells when it is done. */
const OTHER_KINDS = {
  jelly: {
    request: request({
      product: 'jelly',
      lines: ['4 cups sugar'],
      before: beforeOf('extract', ['2 kg tart apples']),
    }),
    test: 'sheet-test',
    done: 'merges',
    early: 'drops',
  },
  butter: {
    request: request({ product: 'butter', lines: ['3 kg cooked apple pulp', '1 kg sugar'] }),
    test: 'mound-test',
    done: 'mounds',
    early: 'weeps',
  },
  curd: {
    request: request({
      product: 'curd',
      lines: ['6 eggs', '200 g butter', '450 g sugar', '240 mL lemon juice'],
    }),
    test: null,
    done: null,
    early: null,
  },
} as const;

describe.each(Object.entries(OTHER_KINDS))('a %s', (_, { request: of, test: by, done, early }) => {
  const one = practice();
  const real = sure(trueSheet(of, one));
  const events = obedientCook(real, one, 0);
  const off = at(events, 'off-heat');

  test('that is cooked as its run sheet says has set, and loses no points by what it does not need', () => {
    const debrief = inWords(debriefOf(real, one, events, at(events, 'ready')));
    expect(['soft', 'firm', 'slices']).toContain(debrief.set);
    expect(debrief.missed.join(' ')).not.toMatch(/drop/);
    expect(debrief.score).toBeGreaterThanOrEqual(80);
  });

  test('tells by its own test when it is done, and not before', () => {
    if (by === null) return expect(real.acts.some(({ id }) => id === 'plate')).toBe(false);
    expect(dropsAt(real, one, events, off)[by]).toBe(done);
    return expect(dropsAt(real, one, events, off / 3)[by]).toBe(early);
  });

  test('is twice as much in a double batch, what was done first too', () => {
    const two = sure(trueSheet(of, practice({ fault: 'double-batch' })));
    expect(massOf(two.first) / massOf(real.first)).toBeCloseTo(2, 1);
  });
});

test('over-ripe fruit of a jelly is over-ripe in the pan', () => {
  const ripe = sure(trueSheet(OTHER_KINDS.jelly.request, practice({ fault: 'ripe-fruit' })));
  const plain = sure(trueSheet(OTHER_KINDS.jelly.request, practice()));
  expect(ripe.lines).not.toEqual(plain.lines);
});

describe('the debrief', () => {
  const cookWith = (change: Partial<Practice>) => {
    const of = practice(change);
    const real = sure(trueSheet(DAMSON, of));
    return { of, real, events: obedientCook(real, of, 0) };
  };

  test('an obedient cook that reads water and stirs has a full score', () => {
    const { of, real, events } = cookWith({ fault: 'none' });
    const more = [
      { kind: 'water-boils', when: -MIN },
      ...Array.from({ length: 8 }, (_, i) => ({ kind: 'stirred', when: (14 + 4 * i) * MIN })),
    ].map(({ kind, when }, index): Entry => ({
      source: 'hand',
      seq: index + 1,
      at: when,
      kind: kind as Entry['kind'],
      value: kind === 'water-boils' ? 94.9 : null,
      text: null,
    }));
    const debrief = inWords(debriefOf(real, of, [...events, ...more], at(events, 'ready')));
    expect(debrief.missed).toEqual([]);
    expect(debrief.score).toBeGreaterThanOrEqual(98);
    const lazy = inWords(debriefOf(real, of, events, at(events, 'ready')));
    expect(lazy.missed).toHaveLength(2);
    expect(lazy.score).toBeLessThan(debrief.score);
  });

  test('is written from the log: what was not done is not praised', () => {
    const { of, real, events } = cookWith({ fault: 'none' });
    const nothing = inWords(debriefOf(real, of, [], 10 * MIN));
    expect(nothing.missed.join(' ')).toContain('You never lit the burner');
    expect(nothing.score).toBe(0);
    expect(nothing.told).toEqual([]);
    const unstirred = inWords(debriefOf(real, of, events, at(events, 'ready')));
    expect(unstirred.told.join(' ')).not.toContain('stirred');
  });

  test('a curd taken off long before its stop did not get there', () => {
    const CURD = request({
      product: 'curd',
      lines: ['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'],
    });
    const of = practice({ fault: 'none' });
    const real = sure(trueSheet(CURD, of));
    const events = obedientCook(real, of, 0);
    const whole = inWords(debriefOf(real, of, events, at(events, 'ready')));
    expect(whole.told.join(' ')).toContain('where it stops');
    const lit = at(events, 'lit');
    const early = [
      ...events.filter((event) => event.at <= lit + MIN),
      { ...events[0]!, seq: 999, at: lit + 2 * MIN, kind: 'off-heat' as const },
    ];
    const cold = inWords(debriefOf(real, of, early, lit + 3 * MIN));
    expect(cold.missed.join(' ')).toMatch(/You took it off at [\d.]+ °F/);
    expect(cold.score).toBeLessThan(whole.score - 20);
  });

  test('a sea-level stop at 1600 m is boiled far too long', () => {
    const { of, real, events } = cookWith({ fault: 'high-kitchen' });
    const told = sure(cookPlanOf(toldRequest(DAMSON, of)));
    expect(told.stopC - real.stopC).toBeGreaterThan(4.5);
    const stop = at(events, 'off-heat');
    const late = events.map((event) =>
      event.at >= stop ? { ...event, at: event.at + 12 * MIN } : event,
    );
    const debrief = inWords(debriefOf(real, of, late, at(late, 'ready')));
    expect(debrief.solublesPct).toBeGreaterThan(debrief.targetPct + 5);
    expect(debrief.missed.join(' ')).toContain('boiled on');
  });

  test('over-ripe fruit sets worse at the same stop, and the plate shows it', () => {
    const RIPE = request({ lines: ['2 kg crushed strawberries', '1.6 kg sugar'] });
    const plate = (fault: Practice['fault']) => {
      const of = practice({ fault });
      const real = sure(trueSheet(RIPE, of));
      const events = obedientCook(real, of, 0);
      return dropsAt(real, of, events, at(events, 'off-heat'))['plate-test'];
    };
    expect(plate('ripe-fruit')).toBe('runs');
  });

  test('a double batch takes longer and wears more pectin', () => {
    const one = cookWith({ fault: 'none' });
    const two = cookWith({ fault: 'double-batch' });
    const stop = ({ events }: typeof one) => at(events, 'off-heat');
    expect(stop(two)).toBeGreaterThan(1.5 * stop(one));
    const left = ({ real, of, events }: typeof one) =>
      truthAt(real, of, events, at(events, 'off-heat')).pectinLeft;
    expect(left(two)).toBeLessThan(left(one) - 0.05);
  });
});
