import { inWords, textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import { findIngredient, type Ingredient, INGREDIENTS } from '../ingredients/index.ts';
import { type Product, PRODUCTS } from '../method/index.ts';
import {
  type SafetyEvidence,
  NO_SAFETY_EVIDENCE,
  roleOf,
  storageVerdict,
} from '../process/index.ts';
import { contentsOf, NOTHING, plus, solublesPctOf } from '../formula/index.ts';
import { exactly } from '../quantity/index.ts';
import { SEALED_HALF_PINT } from '../test/sealedHalfPint.ts';
import { SHELF_FORMULAS } from '../test/storageFormulas.ts';
import type { WeighedLine } from '../parser/index.ts';
import { changed, type PlanRequest, USUAL_REQUEST } from '../evaluate/index.ts';
import { planBatch } from './planBatch.ts';
import type { PlanInWords } from './plan.ts';
import { runs } from '../test/runs.ts';

const plan = (request: Partial<PlanRequest> & Pick<PlanRequest, 'lines'>): PlanInWords => {
  const outcome = planBatch({ ...USUAL_REQUEST, altitudeM: 0, draws: 0, ...request });
  if (!outcome.ok) throw new Error(textOf(outcome.faults.map(({ message }) => message)));
  return inWords(outcome.plan);
};

test('the table holds at least 200 formulas, a hundred of them for the fridge', () => {
  expect(SHELF_FORMULAS.length).toBeGreaterThanOrEqual(200);
  expect(SHELF_FORMULAS.filter(([verdict]) => verdict === 'fridge').length).toBeGreaterThanOrEqual(
    100,
  );
});

test.each(
  SHELF_FORMULAS.map(
    ([verdict, product, lines, more]) => [verdict, product, lines, more ?? {}] as const,
  ),
)('%s: %s of %j', (verdict, product, lines, more) => {
  const { shelf, process } = plan({ product, lines, ...more });
  expect([shelf.verdict, shelf.reasons]).toEqual([verdict, shelf.reasons]);
  expect(process.method).toBe(verdict === 'pantry' ? 'boiling-water' : 'none');
  for (const { line } of shelf.decides) expect(lines[line]).toBeDefined();
});

test('every way back that is offered opens the pantry, and there is none for what has no safe process', () => {
  let offered = 0;
  for (const [verdict, product, lines, more = {}] of SHELF_FORMULAS) {
    const request = { ...USUAL_REQUEST, altitudeM: 0, draws: 0, product, lines, ...more };
    const { shelf } = plan(request);
    if (verdict === 'pantry') expect(shelf.way).toBeUndefined();
    if (shelf.way === undefined) continue;
    offered += 1;
    expect([lines, shelf.way.text, plan(changed(request, shelf.way.change)).shelf.verdict]).toEqual(
      [lines, shelf.way.text, 'pantry'],
    );
  }
  expect(offered).toBeGreaterThan(20);
  for (const lines of [
    ['2 kg pumpkin', '1 kg sugar'],
    ['2 kg melon', '1 kg sugar', '500 ml bottled lemon juice'],
    ['1 kg carrots', '1 kg sugar'],
  ]) {
    expect(plan({ product: 'jam', lines }).shelf.way).toBeUndefined();
  }
});

test.each([
  [
    'curd',
    ['1 cup bottled lemon juice', '2 1/2 cups sugar', '3/4 cup butter', '10 eggs'],
    '2.05 g of egg per gram of bottled juice. The limit is 1.5',
  ],
  [
    'pepper-jelly',
    ['500 g sweet peppers', '100 ml vinegar', '1 kg sugar', '1 pouch liquid pectin'],
    '101 g (3.6 oz) to 500 g (1 lb 1.6 oz) of peppers, onion, garlic and herbs. It needs at least 220 g',
  ],
  ['jam', ['1 kg strawberries', '800 g sugar', '2 cloves garlic'], 'Garlic'],
  [
    'jam',
    ['1 kg strawberries', '800 g sugar', '100 g butter'],
    '100 g (3.5 oz). The limit for butter against the foam is 1 % of the fruit and sugar, 18 g',
  ],
  [
    'jam',
    ['1 kg figs', '800 g sugar', '1 tbsp bottled lemon juice'],
    '15 g (0.5 oz) of bottled lemon juice to 1 kg (2 lb 3.3 oz). It needs 133 g',
  ],
  [
    'jam',
    ['1 kg strawberries', '800 g sugar', '3 litres water'],
    '3 kg (6 lb 9.6 oz) of water to 1 kg (2 lb 3.3 oz) of acid fruit',
  ],
  [
    'jelly',
    ['180 ml lemon juice', '850 g honey', '1 pouch liquid pectin'],
    'Lemon juice: high-acid fruit',
  ],
] as const)('the reasons say the amounts: %s of %j', (product, lines, reason) => {
  expect(plan({ product, lines }).shelf.reasons.join(' ')).toContain(reason);
});

test.each([
  [
    'pepper-jelly',
    ['500 g sweet peppers', '100 ml vinegar', '1 kg sugar', '1 pouch liquid pectin'],
    '120 g more 5 % vinegar',
  ],
  ['jam', ['1 kg strawberries', '800 g sugar', '2 cloves garlic'], 'leave out the garlic'],
  [
    'curd',
    ['juice of 4 lemons', '3 eggs', '100 g butter', '360 g sugar'],
    '180 g bottled lemon juice in place of the fresh',
  ],
  ['jam', ['1 kg figs', '800 g sugar'], '135 g more bottled lemon juice'],
] as const)('the way back of %s of %j', (product, lines, text) => {
  expect(plan({ product, lines }).shelf.way?.text).toBe(text);
});

test('verdict and minutes are the same for any number of draws and any seed', () => {
  const same = (index: number, draws: number, seed: number) => {
    const [, product, lines, more = {}] = SHELF_FORMULAS[index] ?? SHELF_FORMULAS[0];
    const known = plan({ product, lines, ...more });
    const again = plan({ product, lines, ...more, draws, seed });
    expect([lines, again.shelf, again.process]).toEqual([lines, known.shelf, known.process]);
  };
  SHELF_FORMULAS.forEach((_, index) => {
    if (index % 5 === 0) same(index, 1, 1 + (index % 20));
  });
  // Two that need no remedy, with all the draws: gooseberries for the pantry, a curd of fresh juice
  // for the fridge.
  const firm = SHELF_FORMULAS.findIndex(([, , [line]]) => line === '1 kg gooseberries');
  const fresh = SHELF_FORMULAS.findIndex(([, , [line]]) => line === '1 cup lemon juice');
  for (const index of [firm, fresh]) {
    expect(index).toBeGreaterThan(-1);
    for (let seed = 1; seed <= 20; seed += 1) same(index, 2000, seed);
  }
});

/** A row of the ingredient table that the tests rely on. */
const rowOf = (id: string): Ingredient => {
  const row = findIngredient(id);
  if (row === null) throw new Error(`No ${id}`);
  return row;
};

describe('what never improves a verdict', () => {
  const rows = INGREDIENTS.filter(({ kind }) => kind !== 'calcium');
  const acids = rows.filter((row) =>
    ['citrus-juice', 'vinegar', 'other-acid'].includes(roleOf(row)),
  );
  const lows = rows.filter((row) => row.acidClass === 'low');
  const isAcid = (row: Ingredient) => acids.includes(row);

  const line = (pool: readonly Ingredient[]) =>
    fc.record({ row: fc.constantFrom(...pool), massG: fc.integer({ min: 5, max: 1500 }) });
  const fruits = rows.filter(({ kind }) => kind === 'fruit' || kind === 'juice');
  const usual = rows.filter(({ id }) =>
    [
      'strawberry',
      'apple',
      'plum',
      'apple-juice',
      'sweet-pepper',
      'fig',
      'tomato',
      'infusion',
      'wine',
      'egg',
      'butter',
    ].includes(id),
  );
  const batch = fc.record({
    product: fc.constantFrom(...(Object.keys(PRODUCTS) as Product[])),
    lines: fc
      .tuple(
        fc.array(line(usual), { minLength: 1, maxLength: 3 }),
        fc.array(line(fruits), { maxLength: 1 }),
        fc.array(line(rows), { maxLength: 2 }),
        fc.array(line(acids), { maxLength: 2 }),
        fc.record({
          row: fc.constant(rowOf('sugar')),
          massG: fc.integer({ min: 200, max: 2500 }),
        }),
      )
      .map(([a, b, c, d, sugar]) => [...a, ...b, ...c, ...d, sugar]),
  });
  type Lines = readonly { readonly row: Ingredient; readonly massG: number }[];
  const water = rowOf('water');
  const weighed = (lines: Lines): WeighedLine[] =>
    lines.map(({ row, massG }) => ({ ingredient: row.id, massG }));
  /** The verdict on lines, with the solids that go in, as where the clock stops a boil. */
  const verdict = (
    product: Product,
    lines: Lines,
    assurance: SafetyEvidence = NO_SAFETY_EVIDENCE,
  ) =>
    storageVerdict({
      product,
      lines: lines.map(({ row, massG }) => ({ ingredient: row, massG: exactly(massG) })),
      unrecognizedLines: 0,
      solublesPct: solublesPctOf(
        lines.reduce((sum, { row, massG }) => plus(sum, contentsOf(row, massG)), NOTHING),
      ),
      ...SEALED_HALF_PINT,
      assurance,
    });
  const RUNS = { numRuns: runs(2000) };

  /** A change may not open a pantry that was closed. */
  const never = (change: (lines: Lines, much: number) => Lines) =>
    fc.assert(
      fc.property(batch, fc.integer({ min: 1, max: 100 }), ({ product, lines }, much) => {
        const before = verdict(product, lines);
        if (before.verdict === 'pantry') return;
        const after = verdict(product, change(lines, much));
        expect([product, before.reasons, after.verdict]).toEqual([
          product,
          before.reasons,
          'fridge',
        ]);
      }),
      RUNS,
    );

  test('acid thinned with water', () => {
    never((lines, much) => [
      ...lines.map((each) =>
        isAcid(each.row) ? { ...each, massG: each.massG * (1 - much / 101) } : each,
      ),
      ...lines
        .filter(({ row }) => isAcid(row))
        .map(({ massG }) => ({ row: water, massG: (massG * much) / 101 })),
    ]);
  });

  test('more of a low-acid row', () => {
    never((lines, much) => {
      const low =
        lines.find(({ row }) => lows.includes(row))?.row ??
        rowOf(lows[much % lows.length]?.id ?? 'melon');
      return [...lines, { row: low, massG: 10 * much }];
    });
  });

  test('a higher meter, where the lower one is believed', () => {
    fc.assert(
      fc.property(
        batch,
        fc.integer({ min: 250, max: 600 }),
        fc.integer({ min: 1, max: 300 }),
        ({ product, lines }, pH, more) => {
          const read = (meterPH: number) =>
            verdict(product, lines, { ...NO_SAFETY_EVIDENCE, meterPH });
          const low = read(pH / 100);
          const disbelieved = low.reasons.some((reason) =>
            textOf(reason).includes('lower than these ingredients can be'),
          );
          if (low.verdict === 'pantry' || disbelieved) return;
          expect(read((pH + more) / 100).verdict).toBe('fridge');
        },
      ),
      RUNS,
    );
  });

  test('scaling a batch never changes it, and jars of which there are none never matter', () => {
    fc.assert(
      fc.property(batch, fc.constantFrom(0.25, 0.5, 2, 7), ({ product, lines }, times) => {
        const before = plan({ product, lines: weighed(lines) });
        const scaled = plan({
          product,
          lines: weighed(lines.map((each) => ({ ...each, massG: each.massG * times }))),
        });
        expect([scaled.shelf.verdict, scaled.process.minutes]).toEqual([
          before.shelf.verdict,
          before.process.minutes,
        ]);
        const jars = [...USUAL_REQUEST.jars, { name: 'carboy', volumeMl: 3800, count: 0 }];
        const beside = plan({ product, lines: weighed(lines), jars });
        expect([beside.shelf, beside.process]).toEqual([before.shelf, before.process]);
      }),
      { numRuns: runs(250) },
    );
  });
});

describe('a refusal names its cause once', () => {
  const reasons = (lines: string[]) => plan({ lines }).shelf.reasons;

  test.each([
    [['1 kg medlars', '800 g sugar', '1 L water'], [/Medlar isn’t reliably acid/]],
    [['1 kg pumpkin', '1 kg sugar', '500 mL water'], [/Pumpkin has no safe/]],
    [['1 kg melon', '800 g sugar', '30 mL lemon juice'], [/Melon is a low-acid food/]],
  ])('%j', (lines, causes) => {
    const said = reasons(lines);
    expect(said).toHaveLength(causes.length);
    causes.forEach((cause, at) => expect(said[at]).toMatch(cause));
  });

  test('and two causes that have nothing to do with one another, both', () => {
    const said = reasons(['1 kg strawberries', '50 g garlic', '800 g sugar', '3 kg water']);
    expect(said).toHaveLength(2);
    expect(said[1]).toContain('3 kg (6 lb 9.8 oz) of water to 1 kg (2 lb 3.3 oz) of acid fruit');
  });
});
