import { BARE_KITCHEN, planInKitchen, type Formula } from '@idle-kettle/core';
import { isBareFruit } from './bareFruit.ts';

function bare(lines: string[], settings: Formula['settings'] = {}): boolean {
  const formula = { lines, settings };
  const outcome = planInKitchen(formula, BARE_KITCHEN, 0);
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
  return isBareFruit(formula, outcome.plan);
}

test.each([[['3 kg quince']], [['1 L apple juice']], [['1 kg plums', '2 tbsp brandy']]])(
  '%j wants a formula',
  (lines) => expect(bare(lines)).toBe(true),
);

test.each([
  [['3 kg quince', '2 kg sugar']],
  [['3 kg quince', '500 g honey']],
  [['3 kg quince', '1 kg zorp']],
  [['2 cups water']],
  [[]],
])('%j does not', (lines) => expect(bare(lines)).toBe(false));

test('nor does what is made from something obtained before, or not from fruit alone', () => {
  expect(bare(['3 kg quince'], { product: 'curd' })).toBe(false);
  expect(
    bare(['1 L apple juice'], {
      product: 'jelly',
      before: { kind: 'extract', lines: ['3 lb crab apples'] },
    }),
  ).toBe(false);
});
