import { foldedTime } from './foldedTime.ts';

const HOUR = 3_600_000;
const work = [
  { from: 0, to: HOUR },
  { from: 15 * HOUR, to: 18 * HOUR },
];

test('a night is folded, and all else stands in its order, an hour as wide as any other', () => {
  const time = foldedTime({ from: 0, to: 18 * HOUR }, work, 600);
  expect(time.folds).toHaveLength(1);
  expect(time.width).toBeCloseTo(600, 6);
  const first = time.at(HOUR) - time.at(0);
  const later = time.at(17 * HOUR) - time.at(16 * HOUR);
  expect(first).toBeCloseTo(later, 6);
  expect(time.at(15 * HOUR) - time.at(HOUR)).toBeLessThan(2 * first);
  for (let hour = 0; hour < 18; hour += 1)
    expect(time.at((hour + 1) * HOUR)).toBeGreaterThan(time.at(hour * HOUR));
});

test('a moment is found again where it stands, in a fold too', () => {
  const time = foldedTime({ from: 0, to: 18 * HOUR }, work, 600);
  for (let minute = 0; minute <= 18 * 60; minute += 7) {
    const ms = minute * 60_000;
    expect(Math.abs(time.momentAt(time.at(ms)) - ms)).toBeLessThan(1000);
  }
});

test('before the sheet and behind it time goes on', () => {
  const time = foldedTime({ from: 0, to: HOUR }, [{ from: 0, to: HOUR }], 600);
  expect(time.momentAt(-300)).toBeCloseTo(-HOUR / 2, -3);
  expect(time.momentAt(900)).toBeCloseTo(1.5 * HOUR, -3);
  // What is not on it stands at its end.
  expect(time.at(-HOUR)).toBe(0);
  expect(time.at(9 * HOUR)).toBe(time.width);
});

test('a day of one moment is drawn as well', () => {
  const time = foldedTime({ from: HOUR, to: HOUR }, [], 600);
  expect(Number.isFinite(time.at(HOUR))).toBe(true);
  expect(time.width).toBeGreaterThan(0);
});
