import type { JarSize } from '@idle-kettle/core';
import { jarsDrawn } from './jarsDrawn.ts';

const size = (name: string, volumeMl: number): JarSize => ({ name, volumeMl, count: null });
const SIZES = [size('quarter-pint', 118), size('half-pint', 237)];
const packed = (jars: { name: string; count: number }[], partMl: number, fullJars: number[]) => {
  const [p10 = NaN, p50 = NaN, p90 = NaN] = fullJars;
  return {
    volumeMl: { p10: NaN, p50: NaN, p90: NaN },
    jars,
    partMl,
    sizes: [],
    fullJars: { p10, p50, p90 },
    jarsToHeat: p90 + 1,
  };
};

test('the likely jars, the largest first, those of a poor outcome sure, and the part jar to its level', () => {
  const drawn = jarsDrawn(
    packed(
      [
        { name: 'quarter-pint', count: 1 },
        { name: 'half-pint', count: 2 },
      ],
      59,
      [2, 3, 4],
    ),
    SIZES,
  );
  expect(drawn).toEqual([
    { volumeMl: 237, level: 1, sure: true },
    { volumeMl: 237, level: 1, sure: true },
    { volumeMl: 118, level: 1, sure: false },
    // What a good outcome adds is of the size that there are most of.
    { volumeMl: 237, level: 1, sure: false },
    { volumeMl: 118, level: 0.5, sure: false },
  ]);
});

test('what is more than the smallest jar goes into the next, and a spoonful into none', () => {
  const part = (ml: number) => jarsDrawn(packed([], ml, [0, 0, 0]), SIZES);
  expect(part(160)).toEqual([{ volumeMl: 237, level: 160 / 237, sure: false }]);
  expect(part(14)).toEqual([]);
  expect(part(400)).toEqual([]);
});
