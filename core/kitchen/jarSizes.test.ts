import { syrupDensity } from '../yield/index.ts';
import { filledMl, JAR_SIZES } from './jarSizes.ts';

describe('how much goes in a jar', () => {
  // Glassmakers’ lists of jam jars, brimful and net weight of jam; from memory.
  test.each([
    [190, 227],
    [282, 340],
    [380, 454],
  ])('of %d mL to the brim is the %d g that is printed on it', (brimMl, netG) => {
    const byBrim = filledMl(brimMl, 'brim');
    expect(Math.abs(byBrim / filledMl(netG, 'net') - 1)).toBeLessThan(0.02);
    // And not what it would weigh full to the brim.
    expect(byBrim * (syrupDensity(65, 20) / 1000)).toBeLessThan(0.93 * brimMl * 1.316);
  });

  test('is less than its brim, more than nine tenths of it, and what a recipe counts in', () => {
    expect(filledMl(370, 'brim')).toBeCloseTo(336.7, 1);
    expect(filledMl(237, 'filled')).toBe(237);
  });

  test('every size that is offered has a name of its own, and can be filled', () => {
    for (const sizes of Object.values(JAR_SIZES)) {
      expect(new Set(sizes.map(({ name }) => name)).size).toBe(sizes.length);
      for (const { size, measure } of sizes) expect(filledMl(size, measure)).toBeGreaterThan(100);
    }
  });
});
