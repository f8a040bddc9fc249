import fc from 'fast-check';
import { pressureAtAltitudePa } from '../ambient/index.ts';
import { massOf, NOTHING, solublesPctOf, type Contents } from '../formula/index.ts';
import { boilingPointC } from './boilingPoint.ts';
import {
  evaporationHeat,
  inversionRate,
  KITCHEN_AIR_VAPOUR,
  PAN_EVAPORATION,
  pectinLossRate,
  specificHeat,
} from './kinetics.ts';
import { simulateCook } from './cook.ts';
import type { CookSetting, Stage } from './stage.ts';
import { integrate } from './integrate.ts';
import { waterActivity } from './waterActivity.ts';
import { saturationPressurePa } from '../ambient/index.ts';

const SEA_LEVEL = pressureAtAltitudePa(0);
const JAM: Contents = {
  ...NOTHING,
  water: 1740,
  sucrose: 1406,
  hexoses: 114,
  otherSolubles: 60,
  insolubles: 80,
};

const boilTo = (pct: number): Stage[] => [
  { name: 'to the boil', until: { kind: 'boil' } },
  { name: 'boil', until: { kind: 'solubles', pct } },
];

const usual: CookSetting = {
  pressurePa: SEA_LEVEL,
  netPowerW: 1100,
  panDiameterCm: 28,
  startTempC: 20,
  hydrogenAt: () => 10 ** -3.1,
  stages: boilTo(65),
};

describe('the integrator', () => {
  test('follows an exponential, and finds when it passes a half', () => {
    const decay = integrate([1], 10, {
      slope: ([y]) => [-(y as number)],
      event: ([y]) => 0.5 - (y as number),
      tolerance: [1e-9],
      longestStep: 0.3,
    });
    expect(decay.happened).toBe(true);
    expect(decay.t).toBeCloseTo(Math.LN2, 5);
  });

  // False position alone would need thousands of guesses for these.
  test.each([
    ['a sharp turn', (y: number) => (y < 0.7 ? -1e-9 : 1e6)],
    ['a flat approach', (y: number) => y ** 31 - 0.7 ** 31],
    ['a start that is almost there', (y: number) => (y < 0.7 ? -1e6 : 1e-9)],
  ])('finds an event to a millionth of its step, and little work: %s', (_, at) => {
    let looks = 0;
    const { t, y } = integrate([0], 1, {
      slope: () => [1],
      event: ([now = 0]) => {
        looks += 1;
        return at(now);
      },
      tolerance: [1],
      longestStep: 1,
    });
    expect(t).toBeGreaterThanOrEqual(0.7);
    expect(t).toBeLessThan(0.7 + 1e-6);
    expect(y[0]).toBeCloseTo(t, 9);
    expect(looks).toBeLessThan(40);
  });

  test('says when the time was up first, or the event had happened before', () => {
    const still = { slope: () => [0], tolerance: [1e-6], longestStep: 1 };
    expect(integrate([0], 3, { ...still, event: () => -1 })).toMatchObject({
      t: 3,
      happened: false,
    });
    expect(integrate([0], 3, { ...still, event: () => 1 })).toMatchObject({ t: 0, happened: true });
  });
});

describe('rates', () => {
  // From memory of sugar handbooks: 20 min at 104 °C and pH 3.1 invert roughly 30–45 %.
  test('20 minutes at 104 °C and pH 3.1 invert 30 to 45 %', () => {
    const share = 1 - Math.exp(-20 * 60 * inversionRate(104, 10 ** -3.1));
    expect(share).toBeGreaterThan(0.3);
    expect(share).toBeLessThan(0.45);
  });

  // Common practice puts it about 0.7 %; the fit to tested formulas moves it by less than two of
  // its deviations.
  test('pectin wears by some 0.7 % a minute at 104 °C and pH 3.1, faster when sourer and hotter', () => {
    const perMinute = 60 * pectinLossRate(104, 10 ** -3.1);
    expect(perMinute).toBeGreaterThan(0.004);
    expect(perMinute).toBeLessThan(0.01);
    expect(pectinLossRate(104, 10 ** -2.9)).toBeGreaterThan(pectinLossRate(104, 10 ** -3.1));
    expect(pectinLossRate(108, 10 ** -3.1)).toBeGreaterThan(pectinLossRate(104, 10 ** -3.1));
  });
});

/**
 * The same physics by small steps of one kind, written apart: what the error control is held
 * against.
 */
function cookBySmallSteps(
  start: Contents,
  { netPowerW, pressurePa, panDiameterCm, startTempC }: CookSetting,
  dt: number,
  targetSolublesPct = 65,
) {
  const area = (Math.PI / 4) * (panDiameterCm / 100) ** 2;
  let batch = start;
  let [t, tempC, joules] = [0, startTempC, 0];
  const invert = () => {
    const gone = batch.sucrose * -Math.expm1(-inversionRate(tempC, 10 ** -3.1) * dt);
    const taken = (gone * 18.015) / 342.3;
    batch = {
      ...batch,
      sucrose: batch.sucrose - gone,
      hexoses: batch.hexoses + gone + taken,
      water: batch.water - taken,
    };
  };
  while (tempC < boilingPointC(batch, pressurePa)) {
    const steamKg =
      PAN_EVAPORATION.value *
      area *
      Math.max(0, waterActivity(batch) * saturationPressurePa(tempC) - KITCHEN_AIR_VAPOUR.value) *
      dt;
    const heat = (massOf(batch) / 1000) * specificHeat(batch);
    tempC += (netPowerW * dt - steamKg * evaporationHeat(tempC)) / heat;
    batch = { ...batch, water: batch.water - 1000 * steamKg };
    invert();
    t += dt;
  }
  const heatUp = t;
  while (solublesPctOf(batch) < targetSolublesPct) {
    tempC = boilingPointC(batch, pressurePa);
    const steamKg = ((netPowerW - joules) * dt) / evaporationHeat(tempC);
    const heat = (massOf(batch) / 1000) * specificHeat(batch);
    batch = { ...batch, water: batch.water - 1000 * steamKg };
    invert();
    joules = (heat * (boilingPointC(batch, pressurePa) - tempC)) / dt;
    t += dt;
  }
  return {
    heatUpMin: heatUp / 60,
    boilMin: (t - heatUp) / 60,
    batch,
    tempC: boilingPointC(batch, pressurePa),
  };
}

describe('the cook', () => {
  test('agrees with a fine-step reference to 0.1 K and 0.1 % of mass and time', () => {
    const ours = simulateCook(JAM, usual);
    const fine = cookBySmallSteps(JAM, usual, 0.1);
    expect(ours.outcome).toBe('reached');
    expect(Math.abs(ours.stopTempC - fine.tempC)).toBeLessThanOrEqual(0.1);
    expect(Math.abs(massOf(ours.contents) / massOf(fine.batch) - 1)).toBeLessThanOrEqual(0.001);
    expect(
      Math.abs((ours.heatUpMin + ours.boilMin) / (fine.heatUpMin + fine.boilMin) - 1),
    ).toBeLessThanOrEqual(0.001);
  });

  // Latent heat of water at 100 °C, 2257 kJ/kg: steam tables, from memory. 2257 / 1.5 = 1505 s.
  test('1 kg of water at 1.5 kW takes 1505 s to boil off from 100 °C', () => {
    const water: Contents = {
      ...NOTHING,
      water: 1000,
      sucrose: 0,
      hexoses: 1e-4,
      otherSolubles: 0,
      insolubles: 0,
    };
    const { boilMin, heatUpMin } = simulateCook(water, {
      ...usual,
      pressurePa: 101418,
      netPowerW: 1500,
      startTempC: 100,
      stages: boilTo(5),
    });
    expect(Math.abs(60 * (heatUpMin + boilMin) - 1505)).toBeLessThanOrEqual(5);
  });

  test('energy closes to 0.1 % while it boils', () => {
    const { trace, boilMin, heatUpMin } = simulateCook(JAM, usual);
    const boil = trace.filter(({ minute }) => minute >= heatUpMin);
    let joules = 0;
    for (let i = 1; i < boil.length; i++) {
      const [a, b] = [boil[i - 1] as (typeof boil)[0], boil[i] as (typeof boil)[0]];
      const steamKg = (a.massG - b.massG) / 1000;
      const waterShare = (m: typeof a) => 1 - m.solublesPct / 100 - JAM.insolubles / m.massG;
      const heat = (m: typeof a) => (m.massG / 1000) * (837 + 3349 * waterShare(m));
      joules +=
        steamKg * evaporationHeat((a.tempC + b.tempC) / 2) +
        ((heat(a) + heat(b)) / 2) * (b.tempC - a.tempC);
    }
    expect(Math.abs(joules / (usual.netPowerW * boilMin * 60) - 1)).toBeLessThanOrEqual(0.001);
  });

  test('mass never rises, and temperature never falls, along the way', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 300, max: 3000, noNaN: true }),
        fc.double({ min: 600, max: 3000, noNaN: true }),
        (sucrose, netPowerW) => {
          const { trace, outcome } = simulateCook({ ...JAM, sucrose }, { ...usual, netPowerW });
          expect(outcome).toBe('reached');
          for (let i = 1; i < trace.length; i++) {
            expect(trace[i]?.massG).toBeLessThanOrEqual((trace[i - 1]?.massG ?? NaN) + 1e-6);
            expect(trace[i]?.tempC).toBeGreaterThanOrEqual((trace[i - 1]?.tempC ?? NaN) - 0.01);
          }
        },
      ),
      { numRuns: 30 },
    );
  });

  test('a batch four times as large takes over three times as long, and wears its pectin more', () => {
    const four = Object.fromEntries(
      Object.entries(JAM).map(([key, massG]) => [key, 4 * massG]),
    ) as Contents;
    const [one, large] = [simulateCook(JAM, usual), simulateCook(four, usual)];
    expect(large.boilMin + large.heatUpMin).toBeGreaterThan(3 * (one.boilMin + one.heatUpMin));
    expect(large.pectinLeft).toBeLessThan(one.pectinLeft - 0.1);
    expect(large.invertShare).toBeGreaterThan(one.invertShare);
  });

  test('fruit that frees pectin while it simmers keeps its pectin, and nothing else changes', () => {
    const boil: Stage = { name: 'boil', until: { kind: 'boil' } };
    const simmer: Stage = { name: 'simmer', until: { kind: 'minutes', minutes: 20 } };
    const through = (...stages: Stage[]) => simulateCook(JAM, { ...usual, stages });
    const wears = through(boil, simmer);
    const frees = through(boil, { ...simmer, freesPectin: true });
    expect(frees.pectinLeft).toBeCloseTo(through(boil).pectinLeft, 9);
    expect(wears.pectinLeft).toBeLessThan(frees.pectinLeft - 0.05);
    expect(frees.contents.water).toBeCloseTo(wears.contents.water, 6);
    expect(frees.stopTempC).toBeCloseTo(wears.stopTempC, 6);
  });

  test('a flame too small never boils it, and says so', () => {
    expect(simulateCook(JAM, { ...usual, netPowerW: 20 }).outcome).toBe('never boils');
  });

  test('an empty pot is refused', () => {
    expect(() => simulateCook({ ...JAM, water: 0 }, usual)).toThrow(RangeError);
  });
});
