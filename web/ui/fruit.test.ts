import { BARE_KITCHEN, planInKitchen } from '@idle-kettle/core';
import { fruitColour, fruitColourOf, fruitColourOfLines, suggestedName } from './fruit.ts';

const planOf = (...lines: string[]) => {
  const outcome = planInKitchen({ lines, settings: {} }, BARE_KITCHEN, 0);
  if (!outcome.ok) throw new Error('It cannot be planned');
  return outcome.plan;
};

test('a batch wears the colour of the fruit it holds most of, a juice that of its fruit', () => {
  const damson = fruitColour('damson');
  expect(damson).toMatch(/^#[0-9a-f]{6}$/);
  expect(fruitColourOf(planOf('2 kg damsons', '200 g raspberries', '1.4 kg sugar'))).toBe(damson);
  expect(fruitColourOf(planOf('1 litre apple juice', '800 g sugar'))).toBe(fruitColour('apple'));
  expect(fruitColourOfLines({ lines: ['2 kg damsons', '1.4 kg sugar'], settings: {} })).toBe(
    damson,
  );
});

test('what holds no fruit, or is not known, wears enamel', () => {
  const enamel = fruitColour(null);
  expect(fruitColourOf(null)).toBe(enamel);
  expect(fruitColour('zorp')).toBe(enamel);
  expect(fruitColour('sugar')).toBe(enamel);
  expect(fruitColourOfLines({ lines: ['1 kg sugar', 'something blue'], settings: {} })).toBe(
    enamel,
  );
});

test('a batch that nobody has named is called by its fruits and its kind', () => {
  expect(suggestedName(planOf('2 kg crushed blackberries', '1.4 kg sugar'))).toBe('Blackberry jam');
  expect(suggestedName(planOf('1 kg plums', '1 kg apples', '1 kg sugar'))).toMatch(
    /^Plum and apple/,
  );
  expect(suggestedName(null)).toBe('New batch');
});
