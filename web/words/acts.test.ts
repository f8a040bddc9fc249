import { textOf } from '@idle-kettle/words';
import {
  METHOD_IDS,
  planBatch,
  PRODUCT_IDS,
  PRODUCTS,
  USUAL_REQUEST,
  type Plan,
  type PlanRequest,
} from '@idle-kettle/core';
import { lineInText, runSheetOf } from './runSheet.ts';

function planned(change: Partial<PlanRequest>): Plan {
  const outcome = planBatch({ ...USUAL_REQUEST, lines: [], draws: 0, ...change });
  if (!outcome.ok) throw new Error(textOf(outcome.faults.map(({ message }) => message)));
  return outcome.plan;
}
const texts = (change: Partial<PlanRequest>) => runSheetOf(planned(change)).map(lineInText);

describe('the run sheet tells the order of work, by common practice', () => {
  test.each<[string, Partial<PlanRequest>, RegExp[]]>([
    [
      'powder into the cold fruit, then all the sugar',
      { lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'] },
      [
        /^Light .* 1 box powdered pectin \(49 g\)/,
        /^Add all the sugar at once. 7 cups sugar \(1,400 g\)/,
        /^Boil hard for 1 minute/,
      ],
    ],
    [
      'sugar before liquid pectin',
      { lines: ['4 cups grape juice', '7 cups sugar', '1 pouch liquid pectin'], product: 'jelly' },
      [
        /^Light .* 7 cups sugar \(1,400 g\)/,
        /full rolling boil/,
        /^Add the pectin at once. 1 pouch liquid pectin \(88 g\)/,
      ],
    ],
    [
      'low-methoxyl pectin in the sugar',
      {
        lines: [
          '4 cups crushed peaches',
          '1 cup sugar',
          '2 tsp low-methoxyl pectin',
          '2 tsp calcium water',
        ],
      },
      [
        /^Light .* calcium water/,
        /^Bring to a full boil/,
        /^Add the sugar with the pectin. 1 cup sugar \(200 g\)/,
      ],
    ],
    [
      'peel soft before the sugar of a marmalade',
      { product: 'marmalade', lines: ['1 kg Seville oranges', '2 litres water', '2 kg sugar'] },
      [
        /^Light .* 1 kg Seville oranges and 2 litres water \(1,997 g\)/,
        /^Soften the peel/,
        /^Add the sugar. 2 kg sugar/,
        /^Boil hard/,
      ],
    ],
    [
      'hard fruit soft before the sugar of a jam',
      { lines: ['2 kg damsons', '1.4 kg sugar'] },
      [
        /^Light .* 2 kg damsons/,
        /^Soften the fruit, lid on/,
        /^Add the sugar. 1.4 kg sugar/,
        /^Boil hard/,
      ],
    ],
    [
      'dried fruit softened where there is water to do it in',
      { lines: ['500 g dried apricots', '700 g water', '500 g sugar'] },
      [
        /^Light .* 500 g dried apricot and 700 g water/,
        /^Soften the fruit/,
        /^Add the sugar. 500 g white sugar/,
      ],
    ],
    [
      'and cooked with its sugar where there is none',
      { lines: ['500 g dried apricots', '500 g honey'] },
      [/^Light .* 500 g dried apricot/, /^Add the sugar. 500 g honey/, /^Boil hard/],
    ],
    [
      'soft fruit and sugar together',
      { lines: ['2 kg raspberries', '1.4 kg sugar'] },
      [/^Light .* 2 kg raspberries/, /^Add the sugar. 1.4 kg sugar/, /^Boil hard/],
    ],
    [
      'sugar of a butter near the end',
      { product: 'butter', lines: ['2 kg chopped apples', '300 g sugar'] },
      [/^Cook to a sauce, lid on/, /^Purée/, /to taste. 300 g white sugar/, /mounds/],
    ],
  ])('%s', (_, change, inOrder) => {
    const told = texts(change);
    const at = inOrder.map((pattern) => told.findIndex((text) => pattern.test(text)));
    expect(at).not.toContain(-1);
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });

  test('what goes in last comes after the test, and a knob of butter once it foams', () => {
    const told = texts({
      lines: [
        '2 kg damsons',
        '1.4 kg sugar',
        '5 g butter',
        '60 mL brandy',
        '1 tsp vanilla extract',
      ],
    });
    const at = [
      /^Add the sugar/,
      /^Add a knob of butter/,
      /^Boil hard/,
      /^Test a drop/,
      /^Stir in the last additions. .* brandy .* and .* vanilla/,
    ].map((pattern) => told.findIndex((text) => pattern.test(text)));
    expect(at).not.toContain(-1);
    expect(at).toEqual([...at].sort((a, b) => a - b));
  });

  test('a butter is sweetened, spiced, or both; a boil is come back to', () => {
    const butter = (...more: string[]) =>
      texts({ product: 'butter', lines: ['3 kg chopped apples', ...more] }).join('\n');
    expect(butter('300 g sugar')).toContain('Add sugar to taste. 300 g white sugar');
    expect(butter('1 tsp cinnamon')).toContain('Add spice to taste.');
    expect(butter('300 g sugar', '1 tsp cinnamon')).toContain('Add sugar and spice to taste.');
    const timed = texts({ lines: ['1.2 kg raspberries', '1.4 kg sugar', '49 g powdered pectin'] });
    expect(timed.filter((text) => text.startsWith('Bring to a full rolling boil'))).toHaveLength(1);
    expect(timed.filter((text) => text.startsWith('Back to a full rolling boil'))).toHaveLength(1);
  });

  test('every act of every product and method has its words, and none is said twice in a row', () => {
    for (const product of PRODUCT_IDS) {
      for (const method of METHOD_IDS.filter((one) => PRODUCTS[product].methods.includes(one))) {
        for (const told of runSheetOf(
          planned({
            product,
            method,
            lines: ['1 kg plums', '1 kg sugar', '2 eggs', '200 g water'],
          }),
        )) {
          expect(told.title).toMatch(/\S/);
          expect(told.detail).toMatch(/\.$/);
          expect(lineInText(told)).not.toMatch(/undefined|NaN|null|\. \./);
        }
      }
    }
  });

  test('times are those of the plan, as ranges where the pot decides', () => {
    const outcome = planBatch({
      ...USUAL_REQUEST,
      lines: ['2 kg damsons', '1.4 kg sugar'],
      draws: 300,
    });
    if (!outcome.ok) throw new Error('It can be planned');
    const boil = runSheetOf(outcome.plan).find(({ title }) => title.startsWith('Boil hard'));
    expect(boil?.aside).toMatch(/^at the stove, \d+–\d+ min$/);
    const soft = runSheetOf(outcome.plan).find(({ title }) => title.startsWith('Soften'));
    expect(soft?.aside).toBe('at the stove, 8 min');
  });
});

test('sugar that went in with the pectin is not asked for twice', () => {
  const text = (sugar: string) =>
    texts({ lines: ['1 kg crushed raspberries', sugar, '49 g powdered pectin'] }).find((line) =>
      line.includes('Add all the sugar'),
    );
  expect(text('1.2 kg sugar')).toContain(
    '1.2 kg sugar. Less the 50 g that went in with the pectin.',
  );
  expect(text('150 g sugar')).not.toContain('Less the');
});
