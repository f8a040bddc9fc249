import { independentModelTrial, ownKettleTrial, summaryOf, trialsOf } from './index.ts';
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

const COOKS = 200;
/** The bench looks at as many as of the others. */
const OTHER_COOKS = 100;

test('at half time of 200 noisy cooks, minutes left are known to 2 %, and the range holds what it should', () => {
  const found = summaryOf(trialsOf(ownKettleTrial, COOKS));
  expect(found.medianError).toBeLessThanOrEqual(0.02);
  expect(found.within).toBeGreaterThanOrEqual(0.75);
  expect(found.within).toBeLessThanOrEqual(0.92);
  expect(found.medianFlameError).toBeLessThan(0.03);
}, 120_000);

test('at 100 kettles that are not the program’s own simulation, to 12 %; and the ranges widen there', () => {
  const found = summaryOf(trialsOf(independentModelTrial, OTHER_COOKS));
  expect(found.medianError).toBeLessThanOrEqual(0.12);
  expect(found.within).toBeGreaterThanOrEqual(0.7);
}, 120_000);

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
