import { capacityOf, factorLearned, jarSizeCm, minutesToBoil, type HeatingCase } from './canner.ts';

describe('how many jars a canner takes', () => {
  /**
   * A canner sold for seven quarts, 33 cm wide: nine pints and twelve to thirteen half-pints by the
   * makers’ tables, common practice, with jars that touch. Ours stand apart, so it takes somewhat
   * fewer.
   */
  test('is near what canners are sold for, and never more', () => {
    const halfPints = 11;
    expect(capacityOf(halfPints, 946)).toBe(7);
    expect(capacityOf(halfPints, 473)).toBeGreaterThanOrEqual(8);
    expect(capacityOf(halfPints, 473)).toBeLessThanOrEqual(9);
  });

  test('is what was said for half-pints, and never more of a larger jar', () => {
    const sizes = [60, 118, 237, 350, 473, 946, 1893];
    for (let halfPints = 1; halfPints <= 40; halfPints++) {
      expect(capacityOf(halfPints, 237)).toBe(halfPints);
      expect(capacityOf(halfPints, 250)).toBe(halfPints);
      const counts = sizes.map((mL) => capacityOf(halfPints, mL));
      expect(counts).toEqual([...counts].sort((a, b) => b - a));
    }
  });

  test('jars grow with what they hold', () => {
    const wide = [30, 60, 100, 118, 200, 237, 300, 473, 700, 946, 1500, 4000].map(
      (mL) => jarSizeCm(mL).wide,
    );
    expect(wide).toEqual([...wide].sort((a, b) => a - b));
    expect(jarSizeCm(237)).toEqual({ wide: 7.4, high: 9.5 });
  });
});

describe('minutes to the boil', () => {
  const load: HeatingCase = {
    kind: 'boiling-water',
    halfPints: 9,
    jarsMl: Array<number>(7).fill(237),
    powerW: 1100,
    waterBoilsC: 100,
    waterC: 82,
    factor: 1,
    watched: 0,
  };

  /**
   * Common practice for curds: from 180 °F the canner takes 25 to 30 minutes to come to the boil;
   * smaller ones less.
   */
  test('of a canner loaded at 82 °C are some 10 to 30, and its range holds that', () => {
    const { p10, p50, p90 } = minutesToBoil(load);
    expect(p50).toBeGreaterThan(10);
    expect(p50).toBeLessThan(30);
    expect(p10).toBeLessThan(p50);
    expect(p90).toBeGreaterThan(p50);
    expect(
      minutesToBoil({ ...load, halfPints: 13, jarsMl: Array<number>(9).fill(237) }).p90,
    ).toBeGreaterThan(25);
  });

  test('fall with the flame, the warmth of the water and the altitude, and are few over steam', () => {
    const { p50 } = minutesToBoil(load);
    // A wall loses as much over a strong flame as over a weak one.
    expect(minutesToBoil({ ...load, powerW: 2200 }).p50).toBeLessThan(p50 / 2);
    expect(minutesToBoil({ ...load, powerW: 1 }).p50).toBeLessThan(Infinity);
    expect(minutesToBoil({ ...load, waterC: 95 }).p50).toBeLessThan(p50);
    expect(minutesToBoil({ ...load, waterBoilsC: 93 }).p50).toBeLessThan(p50);
    expect(minutesToBoil({ ...load, kind: 'steam' }).p50).toBeLessThan(p50 / 1.5);
    expect(minutesToBoil({ ...load, waterC: 105, jarsMl: [] }).p50).toBe(0);
  });

  test('are learned from loads that were watched, and are surer then', () => {
    const { p50 } = minutesToBoil(load);
    let known = { factor: 1, watched: 0 };
    for (let i = 0; i < 3; i++) known = factorLearned(known, 1.5 * p50, known.factor * p50);
    expect(known.factor).toBeCloseTo(1.5, 6);
    expect(known.watched).toBe(3);
    const after = minutesToBoil({ ...load, ...known });
    expect(after.p50).toBeCloseTo(1.5 * p50, 6);
    expect((after.p90 - after.p10) / after.p50).toBeLessThan(0.3);
    expect(factorLearned(known, 0, 10)).toEqual(known);
    expect(factorLearned(known, 1e9, 1).factor).toBeLessThanOrEqual(4);
  });
});
