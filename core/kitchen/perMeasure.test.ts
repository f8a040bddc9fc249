import { inWords } from '@idle-kettle/words';
import { readLines } from '../evaluate/index.ts';
import type { Pretreatment } from '../pretreatment/index.ts';
import { BARE_KITCHEN } from './kitchen.ts';
import { readingIn } from './requestInKitchen.ts';
import { DEFAULT_PARSER_KITCHEN, readLine } from '../parser/index.ts';

const read = (lines: readonly string[], before: Pretreatment | null = null) =>
  inWords(readLines({ ...DEFAULT_PARSER_KITCHEN, lines, before }));

const sugarG = (line: string, ...beside: readonly string[]): number | string => {
  const found = read([...beside, line]).at(-1);
  return found?.understood === true ? Math.round(found.massG.typical) : 'asked';
};

// A US cup of sugar is 200 g, as in the ingredient table.
test.each([
  ['¾ cup sugar per cup of juice', ['4 cups apple juice'], 600],
  ['3/4 cup sugar for each cup of juice', ['4 cups apple juice', '2 tbsp lemon juice'], 600],
  ['1 cup sugar for every cup of the strained juice', ['3½ cups grape juice'], 700],
  ['1 lb sugar to each pint of juice', ['4 cups apple juice'], 907],
  ['450 g sugar per 600 ml juice', ['1.2 L redcurrant juice'], 900],
  ['For each cup of juice, ¾ cup sugar', ['4 cups apple juice'], 600],
  ['1 lb sugar per pound of fruit', ['2 lb plums', '1 lb apples'], 1361],
  ['2/3 cup sugar per cup of pulp', ['6 cups plum puree'], 800],
])('“%s” beside %j is %d g', (line, beside, massG) => {
  expect(sugarG(line, ...beside)).toBe(massG);
});

test.each([
  ['¾ cup sugar per cup of juice', []],
  // Juice that drips from two kilograms of fruit is not measured yet.
  ['¾ cup sugar per cup of juice', ['2 kg crab apples']],
  ['¾ cup sugar per cup of juice', ['2 tbsp lemon juice']],
  // A weight of juice is no cups of it.
  ['¾ cup sugar per cup of juice', ['1 kg apple juice']],
  ['¾ cup xylo per cup of juice', ['4 cups apple juice']],
  ['sugar per cup of juice', ['4 cups apple juice']],
  ['1 cup sugar per batch', ['4 cups apple juice']],
  ['1 cup sugar per cup', ['4 cups apple juice']],
])('“%s” beside %j is asked about', (line, beside) => {
  expect(sugarG(line, ...beside)).toBe('asked');
});

test('the juice that was measured before is what it goes by', () => {
  const before: Pretreatment = {
    kind: 'extract', lines: ['2 kg crab apples'], waterG: null, hours: null,
    obtainedG: null, obtainedMl: 1200, brix: null, clot: null,
  }; // prettier-ignore
  expect(read(['450 g sugar per 600 ml juice'], before)[0]).toMatchObject({
    understood: true,
    massG: { typical: 900 },
    assumed: 'Counts 2 times over: per 600 ml juice.',
  });
  // An infusion of petals is no juice.
  expect(read(['450 g sugar per 600 ml juice'], { ...before, kind: 'infuse' })[0]).toMatchObject({
    understood: false,
  });
});

test('a line is read beside the others of its formula in the browser as on the server', () => {
  const formula = { lines: ['4 cups apple juice', '1 cup sugar per cup of juice'], settings: {} };
  expect(readLine(formula.lines[1] ?? '', readingIn(formula, BARE_KITCHEN))).toMatchObject({
    understood: true,
    massG: { typical: 800 },
  });
});

test('so much of it that no line may weigh it is impossible', () => {
  expect(read(['100 L apple juice', '20 kg sugar per litre of juice'])[1]).toMatchObject({
    trouble: { kind: 'impossible' },
  });
});
