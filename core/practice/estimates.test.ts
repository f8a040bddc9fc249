import { textOf } from '@idle-kettle/words';
import {
  asPlanned,
  estimate,
  progressOf,
  cookPlanOf,
  stoveCautions,
  type Entry,
  type Estimate,
  type CookPlan,
} from '../stove/index.ts';
import {
  drawnTruth,
  obedientCook,
  readingsOf,
  toldRequest,
  trueSheet,
  truthAt,
  USUAL_PROBE,
  type Practice,
} from './index.ts';
import { DAMSON, MIN, practice, sure, at } from '../test/practised.ts';

/**
 * The obedient cook of a practice, and what is estimated of it at a share of the way to the stop.
 */
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
        new RegExp(`this thermometer reads about .* °C \\([2-4] °F\\) ${word}\\. Trust the drop`),
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
