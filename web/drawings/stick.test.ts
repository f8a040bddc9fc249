import { captionOf, isOff, isShort, placeOn, readingInWords, shown, valueAt } from './stick.ts';

const SCALE = { foot: 2.8, top: 4 };

test('a value has a place on its stick and a place a value, both ways', () => {
  for (const value of [2.8, 3, 3.4, 4])
    expect(valueAt(SCALE, placeOn(SCALE, value))).toBeCloseTo(value, 9);
  expect(placeOn(SCALE, 1)).toBe(0);
  expect(placeOn(SCALE, 9)).toBe(1);
  expect(valueAt(SCALE, -1)).toBe(2.8);
  expect(valueAt(SCALE, 2)).toBe(4);
});

test('a stick that stands on its head is read all the same', () => {
  const scale = { foot: 4, top: 2.8 };
  expect(placeOn(scale, 4)).toBe(0);
  expect(placeOn(scale, 2.8)).toBeCloseTo(1, 9);
});

test('each gauge is said in its own way', () => {
  expect(shown({ id: 'acid', unit: '' }, 3.36)).toBe('pH 3.4');
  expect(shown({ id: 'pectin', unit: 'times' }, 0.567)).toBe('0.57 ×');
  expect(shown({ id: 'sugar', unit: '%' }, 64.6)).toBe('65 %');
});

test('the short side is marked on its own stick, an egg’s or calcium’s on that of what sets', () => {
  const set = (short: string) => ({ short }) as never;
  expect(isShort({ id: 'acid' }, set('acid'))).toBe(true);
  expect(isShort({ id: 'acid' }, set('pectin'))).toBe(false);
  expect(isShort({ id: 'pectin' }, set('egg'))).toBe(true);
  expect(isShort({ id: 'pectin' }, set('calcium'))).toBe(true);
  expect(isShort({ id: 'pectin' }, undefined as never)).toBe(false);
});

test('who cannot see a stick is told value, range, window and whether it is short', () => {
  const gauge = {
    id: 'acid', name: 'acid', unit: '', foot: 2.8, top: 4,
    value: { p10: 3.1, p50: 3.3, p90: 3.5 }, window: { low: 2.9, high: 3.4 }, reading: 'within',
  }; // prettier-ignore
  const said = readingInWords(gauge as never, true);
  expect(said).toContain('acid pH 3.3, from pH 3.1 to pH 3.5; inside the range of 2.9 to 3.4');
  expect(said).toContain('this is what’s short');
  expect(readingInWords({ ...gauge, reading: 'over' } as never, false)).not.toContain('short side');
});

test('a caption says what is measured, in what, and what the method wants', () => {
  const at = (of: object) => captionOf({ window: { low: 35, high: 95 }, ...of } as never);
  expect(at({ id: 'fruit', unit: 'g', value: { p50: 74.6 } })).toEqual({
    is: '75 g per 100 g',
    wants: 'needs 35–95 g',
  });
  expect(
    at({ id: 'acid', unit: '', value: { p50: 3.14 }, window: { low: 2.8, high: 3.5 } }),
  ).toEqual({ is: 'pH 3.1 when done', wants: 'needs 2.8–3.5' });
  expect(
    at({ id: 'pectin', unit: 'times', value: { p50: 1.58 }, window: { low: 0.75, high: 2 } }),
  ).toEqual({ is: '1.58 × the need', wants: 'needs 0.75–2 ×' });
});

test('a side is off where it is short or out of its window', () => {
  expect(isOff({ reading: 'within' }, false)).toBe(false);
  expect(isOff({ reading: 'within' }, true)).toBe(true);
  expect(isOff({ reading: 'over' }, false)).toBe(true);
});
