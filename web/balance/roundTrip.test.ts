import { inWords } from '@idle-kettle/words';
import {
  BARE_KITCHEN,
  planInKitchen,
  PRODUCT_IDS,
  PRODUCTS,
  toPlanCsv,
  toRecipeJsonLd,
  type Formula,
  type MeasuresId,
  type Product,
  type Settings,
} from '@idle-kettle/core';
import fc from 'fast-check';
import { readPasted } from './pasted.ts';

/** Lines that make each product, in measures that differ from kitchen to kitchen. */
const LINES: { readonly [product in Product]: readonly string[] } = {
  jam: ['6 cups crushed damsons', '1.4 kg sugar', '1 cup water'],
  jelly: ['4 cups apple juice', '3 cups sugar', '2 tbsp lemon juice'],
  marmalade: ['1 kg Seville oranges', '2 kg sugar', '3 pints water'],
  conserve: ['4 cups chopped plums', '700 g sugar', '½ cup chopped walnuts', '1 cup raisins'],
  butter: ['6 cups apple purée', '1 cup sugar', '1 tsp cinnamon'],
  curd: ['½ cup bottled lemon juice', '4 eggs', '1 cup sugar', '100 g butter'],
  sauce: ['8 cups chopped apples', '1 cup water', '½ cup sugar'],
  'pepper-jelly': ['2 cups chopped sweet peppers', '1½ cups vinegar', '6 cups sugar', '2 pouches liquid pectin'],
  'infusion-jelly': ['3 cups mint infusion', '¼ cup lemon juice', '4 cups sugar', '1 box powdered pectin'],
}; // prettier-ignore

const formulas = fc.constantFrom(...PRODUCT_IDS).chain((product) =>
  fc
    .record({
      method: fc.option(fc.constantFrom(...PRODUCTS[product].methods)),
      target: fc.option(fc.integer({ min: 40, max: 68 })),
      before: fc.boolean(),
      storeIn: fc.option(fc.constantFrom('fridge' as const, 'freezer' as const)),
      boilMin: fc.option(fc.integer({ min: 1, max: 5 })),
    })
    .map(({ method, target, before, storeIn, boilMin }): Formula => {
      const settings: Settings = {
        product,
        ...(method === null ? {} : { method }),
        ...(target === null ? {} : { targetSolublesPct: target }),
        ...(storeIn === null ? {} : { storeIn }),
        ...(boilMin === null ? {} : { boilMin }),
        ...(before && product === 'jelly'
          ? { before: { kind: 'extract', lines: ['3 lb crab apples'], water: 900, hours: 8 } }
          : {}),
      };
      return { lines: LINES[product], settings };
    }),
);

const planOf = (formula: Formula, measures: MeasuresId) => {
  const outcome = planInKitchen(formula, { ...BARE_KITCHEN, altitudeM: 300, measures }, 0);
  return outcome.ok ? outcome.plan : null;
};

test('200 batches of every product and method, exported and imported, plan the same', () => {
  fc.assert(
    fc.property(formulas, fc.constantFrom('us' as const, 'uk' as const, 'metric' as const), (formula, measures) => {
      const plan = planOf(formula, measures);
      fc.pre(plan !== null);
      const written = { ...formula, measures };
      for (const file of [
        JSON.stringify(toRecipeJsonLd('Trial', inWords(plan), ['Cook it.'], written)),
        toPlanCsv(inWords(plan), 'Trial', written),
      ]) {
        const read = readPasted(file, measures);
        expect(read).toMatchObject({ ok: true, name: 'Trial', lines: formula.lines, settings: formula.settings });
        if (!read.ok) return;
        expect(planOf({ lines: read.lines, settings: read.settings }, measures)).toEqual(plan);
      }
    }),
    { numRuns: 200 },
  );
}, 60_000); // prettier-ignore

test('a file of a kitchen with other cups makes the same amount', () => {
  const written = { lines: LINES.jam, settings: {}, measures: 'uk' as const };
  const plan = planOf(written, 'uk');
  if (plan === null) throw new Error('no plan');
  const read = readPasted(
    JSON.stringify(toRecipeJsonLd('Trial', inWords(plan), [], written)),
    'us',
  );
  if (!read.ok) throw new Error(read.message);
  // A UK cup is 284 mL: as written, an American would cook a sixth less fruit.
  const here = planOf({ lines: read.lines, settings: read.settings }, 'us');
  const [wasG, isG] = [plan.start?.massG ?? 0, here?.start?.massG ?? 0];
  expect(Math.abs(isG / wasG - 1)).toBeLessThan(0.005);
  expect(read.lines[1]).toBe('1.4 kg sugar');
});

test('settings that the contract refuses are not taken, and the lines are', () => {
  const written = { lines: LINES.jam, settings: { product: 'soup' }, measures: 'us' as const };
  const plan = planOf({ lines: LINES.jam, settings: {} }, 'us');
  const file = JSON.stringify(toRecipeJsonLd('Trial', inWords(plan!), [], written));
  expect(readPasted(file, 'us')).toMatchObject({ ok: true, lines: LINES.jam, settings: {} });
});

test.each([
  ['%PDF-1.3\n%\u00e2\u00e3', 'PDF'],
  ['\u0089PNG\r\n\u001a\n\0\0\0\rIHDR', 'isn’t text'],
  ['\uFFFD\uFFFD\uFFFD\uFFFD\0\u0010JFIF', 'isn’t text'],
])('a file that holds no text is refused in words', (text, said) => {
  expect(readPasted(text, 'us')).toMatchObject({
    ok: false,
    message: expect.stringContaining(said) as unknown,
  });
});
