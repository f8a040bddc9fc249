import { chanceFrom, normalFrom } from '../forecast/index.ts';
import { joined, quantilesThrough, type Level, type Told } from './index.ts';

const LEVEL: Level = { prior: { mean: 0, sd: 0.3 }, between: 0.05, common: 0 };
const told = (...means: readonly number[]): Told[] => means.map((mean) => ({ mean, sd: 0.05 }));

const eightTimes = (value: number): number[] => Array.from({ length: 8 }, () => value);

test('nothing told is the prior, and what is told by few is drawn towards it', () => {
  expect(joined([null, null], LEVEL)).toMatchObject({ mean: 0, sd: 0.3, count: 0 });
  const [one, eight] = [joined(told(0.5), LEVEL), joined(told(...eightTimes(0.5)), LEVEL)];
  expect(one.mean).toBeLessThan(eight.mean);
  expect(eight.mean).toBeLessThan(0.5);
  expect(eight.sd).toBeLessThan(one.sd);
});

test('one that is surer counts for more', () => {
  const both = [
    { mean: 0, sd: 0.02 },
    { mean: 0.2, sd: 0.2 },
  ];
  expect(joined(both, LEVEL).mean).toBeLessThan(0.05);
});

test('one far off is set aside; of two that disagree, what nobody would have expected', () => {
  const one = joined(told(0.3, 0.32, -1.4, 0.28), LEVEL);
  expect(one.setAside).toEqual([2]);
  expect(one.count).toBe(3);
  expect(joined(told(0.3, -1.4), LEVEL).setAside).toEqual([1]);
  expect(joined(told(0.3, -0.2), LEVEL).setAside).toEqual([]);
});

test('two in a row that agree against all before are news, one is not', () => {
  expect(joined(told(0.3, 0.32, 0.29, -0.2), LEVEL).changedAt).toBeNull();
  const changed = joined(told(0.3, 0.32, 0.29, -0.2, -0.22), LEVEL);
  expect(changed.changedAt).toBe(3);
  expect(changed.mean).toBeLessThan(-0.15);
  expect(joined(told(0.3, 0.1, 0.4, 0.2, 0.3), LEVEL).changedAt).toBeNull();
});

test('places count those that said nothing too', () => {
  const one = joined([null, ...told(0.3, 0.32), null, ...told(-1.4, 0.28)], LEVEL);
  expect(one.setAside).toEqual([4]);
});

/** By definition of p10 and p90; where the truth is drawn as the model says. */
test('its range holds the truth four times in five', () => {
  const kitchens = 400;
  let within = 0;
  for (let seed = 1; seed <= kitchens; seed += 1) {
    const chance = chanceFrom(Math.imul(seed, 0x9e3779b9));
    const truth = LEVEL.prior.sd * normalFrom(chance);
    const cooks = Array.from({ length: 5 }, () => ({
      mean: truth + Math.hypot(LEVEL.between, 0.05) * normalFrom(chance),
      sd: 0.05,
    }));
    const { p10, p90 } = quantilesThrough(joined(cooks, LEVEL));
    if (p10 <= truth && truth <= p90) within += 1;
  }
  expect(within / kitchens).toBeGreaterThan(0.74);
  expect(within / kitchens).toBeLessThan(0.86);
});

test('twelve cooks of noise tell nothing that is not there', () => {
  let wrong = 0;
  for (let seed = 1; seed <= 100; seed += 1) {
    const chance = chanceFrom(seed);
    const cooks = Array.from({ length: 12 }, () => ({ mean: 0.07 * normalFrom(chance), sd: 0.05 }));
    const { mean, sd, changedAt } = joined(cooks, LEVEL);
    if (Math.abs(mean) > 3 * sd || changedAt !== null) wrong += 1;
  }
  expect(wrong).toBeLessThan(6);
});
