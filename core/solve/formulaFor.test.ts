import { inWords, textOf } from '@idle-kettle/words';
import { planBatch } from '../plan/index.ts';
import { readLine } from '../parser/index.ts';
import { SHELF_FORMULAS } from '../test/storageFormulas.ts';
import { request } from '../test/planned.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { canBeWorkedOut, formulaFor } from './formulaFor.ts';

function found(lines: readonly string[], change: Partial<PlanRequest> = {}) {
  const formula = inWords(formulaFor(request({ lines, draws: 200, ...change })));
  if (formula.outcome !== 'found') throw new Error(JSON.stringify(formula.faults));
  return formula;
}

const grams = (lines: PlanRequest['lines'], kind: string): number =>
  lines
    .filter((line) => typeof line === 'string')
    .map((line) => readLine(line))
    .reduce(
      (sum, reading) =>
        reading.understood && reading.ingredient.kind === kind ? sum + reading.massG.typical : sum,
      0,
    );

const sugarToFruit = (lines: PlanRequest['lines']): number =>
  grams(lines, 'sweetener') / (grams(lines, 'fruit') + grams(lines, 'juice'));

describe('a formula for fruit alone', () => {
  // Which fruit sets by itself and which wants pectin bought: common practice.
  test.each([
    ['3 kg quince', 'jam', 'long-boil'],
    ['2 kg crushed damsons', 'jam', 'long-boil'],
    ['4 lb plums', 'jam', 'long-boil'],
    ['1 kg blackcurrants', 'jam', 'long-boil'],
    ['1 kg gooseberries', 'jam', 'long-boil'],
    ['1 kg frozen raspberries', 'jam', 'long-boil'],
    ['6 lb peaches', 'jam', 'powdered-pectin'],
    ['1 kg pears', 'jam', 'powdered-pectin'],
    ['1 kg sweet cherries', 'jam', 'powdered-pectin'],
    ['1 kg Seville oranges', 'marmalade', 'long-boil'],
    ['1 kg lemons', 'marmalade', 'long-boil'],
    ['1 L apple juice', 'jelly', 'long-boil'],
  ])('%s is made into %s by %s, sets, and is for the pantry', (line, product, method) => {
    const { request: made, plan } = found([line]);
    expect(made.lines[0]).toBe(line);
    expect([plan.product, plan.method]).toEqual([product, method]);
    expect(['soft', 'firm']).toContain(plan.set?.forecast);
    expect(plan.shelf.verdict).toBe('pantry');
    // What is proposed is what the screen then plans.
    const again = planBatch({ ...made, draws: 200 });
    expect(again.ok && [again.plan.set?.forecast, again.plan.shelf.verdict]).toEqual([
      plan.set?.forecast,
      'pantry',
    ]);
  });

  // USDA Complete Guide and common practice (from memory), by way of the shelf’s formulas.
  test.each([
    ['9 cups crushed blackberries'],
    ['9 cups crushed raspberries'],
    ['4 1/2 cups crushed apricots'],
    ['4 cups crushed strawberries'],
    ['2 lb Seville oranges'],
  ])('%s takes the sugar of a tested formula, within two fifths', (fruit) => {
    const tested = SHELF_FORMULAS.find(
      ([verdict, , lines]) => verdict === 'pantry' && lines.includes(fruit),
    );
    const ratio = sugarToFruit(found([fruit]).request.lines) / sugarToFruit(tested?.[2] ?? []);
    expect(ratio).toBeGreaterThan(0.71);
    expect(ratio).toBeLessThan(1.4);
  });

  test('what lacks acid is given bottled lemon juice, and the pantry only so', () => {
    const { request: made, plan } = found(['1 kg figs']);
    expect(
      made.lines.some((line) => typeof line === 'string' && line.includes('bottled lemon juice')),
    ).toBe(true);
    expect(plan.shelf.verdict).toBe('pantry');
    const without = planBatch({
      ...made,
      lines: made.lines.filter((line) => typeof line !== 'string' || !line.includes('lemon')),
    });
    expect(without.ok && without.plan.shelf.verdict).toBe('fridge');
  });

  test.each(['1 melon', '1 kg bananas', '1 kg pumpkin', '3 mangoes', '1 kg carrots'])(
    'no formula opens the pantry to %s',
    (line) => {
      expect(found([line]).plan.shelf.verdict).not.toBe('pantry');
    },
  );

  test('amounts are round ones, in the measure of the fruit', () => {
    expect(found(['4 lb plums']).request.lines).toEqual([
      '4 lb plums',
      '1¼ cups water',
      '3¼ lb sugar',
    ]);
    expect(found(['5 cups strawberries']).request.lines).toEqual([
      '5 cups strawberries',
      '2 tbsp bottled lemon juice',
      '3 cups sugar',
    ]);
    expect(found(['1 kg apricots']).request.lines).toEqual([
      '1 kg apricots',
      '45 mL bottled lemon juice',
      '800 g sugar',
    ]);
    expect(found(['9 oz raspberries']).request.lines).toEqual(['9 oz raspberries', '7 oz sugar']);
  });

  test('what is written besides stays, and sugar and pectin are put in anew', () => {
    expect(
      found(['1 kg apricots', '3 kg sugar', '1 vanilla pod', '40 g powdered pectin']).request.lines,
    ).toEqual(['1 kg apricots', '1 vanilla pod', '45 mL bottled lemon juice', '800 g sugar']);
  });

  test('what was chosen stays: a butter is a butter, and a jelly a jelly', () => {
    expect(found(['1 kg apples'], { product: 'butter' }).plan).toMatchObject({
      product: 'butter',
      method: 'reduce',
    });
    expect(found(['1 kg oranges'], { product: 'conserve' }).plan.product).toBe('conserve');
  });

  test.each([
    [[], 'Enter how much fruit there is'],
    [['2 kg sugar'], 'Enter how much fruit there is'],
    [['1 kg zorp'], 'Fix the highlighted lines'],
    [['some plums'], 'Fix the highlighted lines'],
    [['3 kg quince', '1 kg zorp'], 'Fix the highlighted lines'],
  ])('%j is asked about first', (lines, message) => {
    const formula = formulaFor(request({ lines }));
    expect(formula.outcome === 'refused' && textOf(formula.faults[0]?.message ?? '')).toContain(
      message,
    );
  });

  test('a curd is not worked out from its fruit', () => {
    expect(canBeWorkedOut('curd')).toBe(false);
    expect(formulaFor(request({ lines: ['6 lemons'], product: 'curd' })).outcome).toBe('refused');
  });
});
