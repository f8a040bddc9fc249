import {
  independentModelTrials,
  ownKettleTrial,
  summaryOf,
  trialsOf,
  type Trial,
} from './index.ts';
import {
  boilsAtC,
  holds,
  oneSecond,
  independentKitchen,
  type IndependentPot,
} from './independentModel.ts';
import { NOTHING, solublesPctOf } from '../formula/index.ts';
import { gnuUnits } from '../test/gnuUnits.ts';
import { cookPlanOf } from '../stove/index.ts';
import { request } from '../test/planned.ts';
import { runs } from '../test/runs.ts';

const COOKS = runs(200);
/** Of the others at all their moments, enough to tell a share to a few in a hundred. */
const OTHER_COOKS = 42;

test('at half time of noisy cooks, minutes left are known to 2 %, and the range holds what it should', () => {
  const found = summaryOf(trialsOf(ownKettleTrial, COOKS));
  expect(found.medianError).toBeLessThanOrEqual(0.02);
  expect(found.within).toBeGreaterThanOrEqual(0.75);
  expect(found.within).toBeLessThanOrEqual(0.92);
  expect(found.medianFlameError).toBeLessThan(0.03);
}, 120_000);

describe('kettles that are not the program’s own simulation', () => {
  // From just after the sugar to the last minutes.
  const LOOKS = ['after the sugar', 0.1, 0.25, 0.5, 0.75, 0.9] as const;
  const trials = Array.from({ length: OTHER_COOKS }, (_, seed) =>
    independentModelTrials(seed + 1, ({ stopMs, sugarMs }) =>
      LOOKS.map((look) => (look === 'after the sugar' ? sugarMs + 120_000 : look * stopMs)),
    ),
  );
  const at = (look: (typeof LOOKS)[number]) =>
    summaryOf(trials.map((of) => of[LOOKS.indexOf(look)] as Trial));

  test('never leave the cook without minutes', () => {
    for (const look of LOOKS) expect(at(look).untold).toBe(0);
  });

  test('are held by the range in 77 to 90 of 100', () => {
    const all = summaryOf(trials.flat());
    expect(all.within).toBeGreaterThanOrEqual(0.77);
    expect(all.within).toBeLessThanOrEqual(0.9);
  });

  test('are known at half time to 9 %, and at nine tenths to 15 %', () => {
    expect(at(0.5).medianError).toBeLessThanOrEqual(0.09);
    expect(at(0.9).medianError).toBeLessThanOrEqual(0.15);
  });
});

describe('the other kettle', () => {
  const cookPlan = cookPlanOf(request({ lines: ['2 kg crushed strawberries', '1.4 kg sugar'] }));
  if (cookPlan === null) throw new Error('There is a sheet');
  const still = {
    ...independentKitchen(1, 0),
    burnerTimes: 1,
    duty: 1,
    draughtTimes: 0,
    wallLoss: 0,
  };
  const water: IndependentPot = {
    tempC: 100,
    waterG: 1000,
    solublesG: 1e-6,
    hexosesG: 0,
    otherG: 0,
  };

  test('boils away a kilogram of water at its power as 2260 J a gram asks (steam tables)', () => {
    let pot: IndependentPot = { ...water, tempC: cookPlan.waterBoilsC };
    for (let second = 0; second < 600; second += 1)
      pot = oneSecond(pot, cookPlan, still, second, 1, false);
    expect(1000 - pot.waterG).toBeCloseTo((600 * cookPlan.setting.netPowerW) / 2260, 0);
  });

  test('boils where GNU units’ table of sucrose says, and hotter with simple sugars', () => {
    for (const brix of [30, 50, 65]) {
      const pot = { ...water, solublesG: (1000 * brix) / (100 - brix), hexosesG: 0 };
      expect(boilsAtC(pot, 100) - 100).toBeCloseTo(gnuUnits(`sugar_conc_bpe(${brix})`, 'K'), 1);
      expect(boilsAtC({ ...pot, hexosesG: pot.solublesG / 2 }, 100)).toBeGreaterThan(
        boilsAtC(pot, 100),
      );
    }
  });

  test('holds what went in', () => {
    const of = { ...NOTHING, water: 900, hexoses: 80, otherSolubles: 20 };
    const { waterG, solublesG, otherG } = holds(of, 1.05);
    expect(waterG + solublesG + otherG).toBeCloseTo(1000, 9);
    expect((100 * solublesG) / 1000).toBeCloseTo(1.05 * solublesPctOf(of), 9);
  });
});
