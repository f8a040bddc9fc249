import { BARE_KITCHEN, planInKitchen } from '@idle-kettle/core';
import type { Plan } from '@idle-kettle/core';
import { fruitColourOf, suggestedName } from './fruit.ts';
import {
  jarsInWords,
  minutesInWords,
  moneyInWords,
  packingInWords,
  processInWords,
  placeInWords,
  shelfInWords,
} from './words.ts';

function plan(...lines: string[]): Plan {
  const outcome = planInKitchen(
    { lines, settings: {} },
    { ...BARE_KITCHEN, altitudeM: 0, school: 'sterilised' },
  );
  if (!outcome.ok) throw new Error('impossible lines');
  return outcome.plan;
}

test('a batch in words', () => {
  const bramble = plan('2 kg blackberries', '1.4 kg sugar');
  expect(jarsInWords(bramble)).toBe('7–8 half-pints');
  expect(shelfInWords(bramble)).toBe('Pantry, 12 months, if boiled 5 min in closed jars');
  expect(placeInWords(bramble)).toBe('Pantry, 12 months');
  expect(processInWords(bramble)).toBe('5 min');
});

test('what a batch is packed into, in words', () => {
  const packed = (...jars: { name: string; count: number }[]) => {
    const bramble = plan('2 kg blackberries', '1.4 kg sugar').yield;
    if (!bramble) throw new Error('no yield');
    return packingInWords({ ...bramble, jars });
  };
  expect(packed({ name: 'half-pint', count: 7 }, { name: 'pint', count: 1 })).toBe(
    '7 half-pints and 1 pint',
  );
  expect(packed()).toBe('no full jar');
});

test('the range of the jars is in the sizes of the likely packing', () => {
  const jars = (...sizes: { name: string; poor: number; good: number }[]) =>
    jarsInWords({ yield: { fullJars: { p10: 5, p50: 6, p90: 7 }, sizes } });
  const half = { name: 'half-pint', poor: 5, good: 6 };
  expect(jars(half, { name: 'quarter-pint', poor: 0, good: 1 })).toBe(
    '5–6 half-pints and up to 1 quarter-pint',
  );
  expect(jars(half, { name: 'pint', poor: 1, good: 1 })).toBe('5–6 half-pints and 1 pint');
});

test('a batch for the fridge in words', () => {
  const melon = plan('1 kg diced melon', '500 g sugar');
  expect(shelfInWords(melon)).toBe('Fridge only, 3 weeks');
  expect(processInWords(melon)).toBe('none');
});

test('few jars in words', () => {
  expect(jarsInWords(plan('100 g plums', '100 g sugar'))).toBe('less than one jar');
  expect(jarsInWords(plan('200 g plums', '210 g sugar'))).toBe('1 half-pint');
  expect(jarsInWords(plan())).toBeNull();
});

test('a batch is named and coloured after its fruit', () => {
  const mixed = plan('1 kg blackberries', '2 kg apples', '2 kg sugar');
  expect(suggestedName(mixed)).toBe('Blackberry and apple jam');
  expect(fruitColourOf(mixed)).toBe('#c9922e');
  expect(suggestedName(plan())).toBe('New batch');
  expect(suggestedName(null)).toBe('New batch');
});

test('minutes, and hours where it takes hours', () => {
  expect(minutesInWords({ p10: 31.2, p90: 37.8 })).toBe('31–38 min');
  expect(minutesInWords({ p10: 7.8, p90: 8.2 })).toBe('8 min');
  expect(minutesInWords({ p10: 690, p90: 739 })).toBe('11.5–12.3 h');
});

test('money of the kitchen', () => {
  expect(moneyInWords(480, 'USD')).toBe('$4.80');
  expect(moneyInWords(480, 'EUR')).toBe('€4.80');
});
