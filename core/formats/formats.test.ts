import { textOf } from '@idle-kettle/words';
import Papa from 'papaparse';
import { planned } from '../test/planned.ts';
import { toPlanCsv } from './planCsv.ts';
import { toPlanText } from './planText.ts';
import { MOST_RECIPE_CHARS } from './recipe.ts';
import { readRecipeJsonLd, toRecipeJsonLd } from './recipeJsonLd.ts';
import { readRecipeText } from './recipeText.ts';

const LINES = ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water', 'a knob of butter'];
const plan = planned({ lines: LINES });

const read = (text: string) => {
  const reading = readRecipeText(text);
  if (!reading.ok) throw new Error(JSON.stringify(reading.faults));
  return reading.recipe;
};

const METHOD = ['Light the burner. In the pot, cold: 2,000 g damson.', 'Boil hard.'];

describe('schema.org Recipe', () => {
  test('carries the lines, the steps, the yield and the time in the types of schema.org', () => {
    const json = toRecipeJsonLd('Damson, low hedge', plan, METHOD);
    expect(json).toMatchObject({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Damson, low hedge',
      recipeIngredient: LINES,
      recipeYield: `${plan.yield?.fullJars.p50} half-pint`,
    });
    // ISO 8601, as schema.org asks of a Duration.
    expect(json.cookTime).toMatch(/^P0Y0M0DT0H\d+M0S$/);
    expect(json.recipeInstructions).toEqual(METHOD.map((text) => ({ '@type': 'HowToStep', text })));
  });

  test('reads back what it wrote', () => {
    const again = readRecipeJsonLd(JSON.stringify(toRecipeJsonLd('Damson', plan, METHOD)));
    expect(again).toMatchObject({ ok: true, recipe: { name: 'Damson', lines: LINES } });
  });

  test.each([
    [
      'in a list',
      [{ '@type': 'Person' }, { '@type': 'Recipe', name: 'A', recipeIngredient: ['1 kg plums'] }],
    ],
    [
      'in a graph',
      { '@graph': [{ '@type': ['Recipe', 'Thing'], name: 'A', recipeIngredient: ['1 kg plums'] }] },
    ],
    ['under the older name', { '@type': 'Recipe', name: 'A', ingredients: ['1 kg plums'] }],
    [
      'with steps in sections',
      {
        '@type': 'Recipe',
        name: 'A',
        recipeIngredient: ['1  kg\nplums'],
        recipeInstructions: [
          { '@type': 'HowToSection', itemListElement: [{ '@type': 'HowToStep', text: 'Boil.' }] },
        ],
      },
    ],
  ])('is found %s', (_, json) => {
    expect(readRecipeJsonLd(JSON.stringify(json))).toMatchObject({
      ok: true,
      recipe: { name: 'A', lines: ['1 kg plums'] },
    });
  });

  test.each([
    ['{', ''],
    ['{"@type":"Person"}', '@type'],
    ['{"@type":"Recipe"}', 'recipeIngredient'],
    ['{"@type":"Recipe","recipeIngredient":["1 kg plums", 7, ""]}', 'recipeIngredient[1]'],
    ['{"@type":"Recipe","name":3,"recipeIngredient":["1 kg plums"]}', 'name'],
    [`"${'x'.repeat(MOST_RECIPE_CHARS)}"`, ''],
    [
      JSON.stringify({ '@type': 'Recipe', recipeIngredient: Array(101).fill('1 g sugar') }),
      'recipeIngredient',
    ],
  ])('%.40s is refused, and says where', (text, where) => {
    const reading = readRecipeJsonLd(text);
    expect(reading).toMatchObject({ ok: false });
    expect(!reading.ok && reading.faults[0]?.where).toBe(where);
  });
});

describe('a recipe pasted as text', () => {
  test('with a title, headings, bullets and steps', () => {
    const recipe = read(`
      **Hedge damson jam**
      Makes 8 half-pints

      Ingredients:
      • 2 kg damsons, washed
      – 1.4 kg sugar
      1 cup  water
      some cloves

      For the jars:
      8 lids

      Method
      1. Simmer the fruit 10 minutes.
      2. Add 1.4 kg sugar.
    `);
    expect(recipe.name).toBe('Hedge damson jam');
    expect(recipe.lines).toEqual([
      '2 kg damsons, washed',
      '1.4 kg sugar',
      '1 cup water',
      'some cloves',
      '8 lids',
    ]);
    expect(recipe.rest).toEqual(
      expect.arrayContaining(['Makes 8 half-pints', '2. Add 1.4 kg sugar.']),
    );
  });

  test('with nothing but lines', () => {
    expect(read('2 kg damsons\n1.4 kg sugar\njuice of half a lemon').lines).toHaveLength(3);
  });

  test('with a title and no headings', () => {
    const recipe = read('Strawberry\n1 kg strawberries\na knob of butter\n\nBoil it hard.');
    expect(recipe).toEqual({
      name: 'Strawberry',
      lines: ['1 kg strawberries', 'a knob of butter'],
      rest: ['Boil it hard.'],
    });
  });

  test('keeps a line that it does not understand where an amount starts it', () => {
    expect(read('1 kg plums\n3 blobs of zorp').lines).toEqual(['1 kg plums', '3 blobs of zorp']);
  });

  test.each([
    ['', 'No ingredient line'],
    ['Boil it hard.', 'No ingredient line'],
    ['1 g sugar\n'.repeat(101), '101 ingredient lines'],
    ['x'.repeat(MOST_RECIPE_CHARS + 1), 'at most 100,000 characters'],
  ])('%.20j is refused', (text, message) => {
    const reading = readRecipeText(text);
    expect(!reading.ok && textOf(reading.faults[0]?.message ?? '')).toContain(message);
  });
});

describe('a plan in plain text', () => {
  test('reads back as the same recipe', () => {
    expect(read(toPlanText('Damson', plan, METHOD))).toMatchObject({
      name: 'Damson',
      lines: LINES,
    });
  });

  test('says the stop, the jars, the reasons and the cautions', () => {
    const text = toPlanText('Damson', plan, METHOD);
    expect(text).toContain(`stop: ${plan.stop.tempF} °F`);
    expect(text).toContain(plan.shelf.reasons[0]);
    for (const caution of plan.cautions) expect(text).toContain(caution.text);
  });
});

test.each(['Step 1: 2 minutes of hard boiling', 'Step 2. Wash the fruit', 'step 3 – boil hard', '4) Fill the jars'])(
  '“%s” is a step and no ingredient',
  (step) => {
    const found = read(`Plum jam\n2 kg plums\n1.4 kg sugar\n${step}`);
    expect(found.lines).toEqual(['2 kg plums', '1.4 kg sugar']);
    expect(found.rest).toContain(step);
  },
); // prettier-ignore

describe('a plan as CSV', () => {
  const rows = (csv: string) => Papa.parse<Record<string, string>>(csv, { header: true }).data;

  test('has a row for each line and each figure, and the figures of the plan', () => {
    const found = rows(toPlanCsv(plan));
    expect(found.filter(({ part }) => part === 'line')).toHaveLength(LINES.length);
    const jars = found.find(({ name }) => name === 'to the jars');
    expect(Number(jars?.['value'])).toBe(plan.yield?.volumeMl.p50);
    expect(Number(jars?.['p90'])).toBe(plan.yield?.volumeMl.p90);
  });

  test('keeps a spreadsheet from taking a line for a formula', () => {
    const csv = toPlanCsv(planned({ lines: ['=1+1 kg zorp', '1 kg plums'] }));
    expect(csv).toContain("'=1+1");
  });
});
