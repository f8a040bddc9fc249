import fc from 'fast-check';
import { wholePercents } from './round.ts';

test('whole per cents add up to a hundred, each within one of its share', () => {
  expect(wholePercents([0.255, 0.195, 0.3, 0.235, 0.015])).toEqual([26, 20, 30, 23, 1]);
  const parts = fc.array(fc.nat(1000), { minLength: 1, maxLength: 6 });
  fc.assert(
    fc.property(
      parts.filter((counts) => counts.some((count) => count > 0)),
      (counts) => {
        const all = counts.reduce((sum, count) => sum + count, 0);
        const shares = counts.map((count) => count / all);
        const whole = wholePercents(shares);
        expect(whole.reduce((sum, one) => sum + one, 0)).toBe(100);
        for (const [index, one] of whole.entries())
          expect(Math.abs(one - 100 * (shares[index] ?? 0))).toBeLessThan(1.0001);
      },
    ),
  );
});
