import { findIngredient } from '@idle-kettle/core';
import { completionsOf, INGREDIENT_NAMES } from './completions.ts';

test('the last words of a line are completed, those that begin so first', () => {
  const found = completionsOf('2 kg black');
  expect(found).toContain('2 kg blackberry');
  expect(found.every((line) => line.startsWith('2 kg '))).toBe(true);
  expect(found.length).toBeLessThanOrEqual(7);
});

test.each(['', '2', '2 kg', '2 kg d', 'black', 'some black'])(
  'nothing is offered for “%s”, which has no amount or no two letters of a name',
  (line) => expect(completionsOf(line)).toEqual([]),
);

test('what is whole already gets no list over the next line', () => {
  expect(completionsOf('2 kg sugar')).toEqual([]);
  expect(completionsOf('1 cup water')).toEqual([]);
});

test('a fraction is an amount too', () => {
  expect(completionsOf('½ cup lem').some((line) => line.startsWith('½ cup lemon'))).toBe(true);
});

test('every name that is offered is one that the ingredient table reads', () => {
  expect(INGREDIENT_NAMES.filter((name) => findIngredient(name) === null)).toEqual([]);
  expect(new Set(INGREDIENT_NAMES).size).toBe(INGREDIENT_NAMES.length);
});
