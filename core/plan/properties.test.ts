import fc from 'fast-check';
import { INGREDIENTS } from '../ingredients/index.ts';
import { PRODUCT_IDS, PRODUCTS } from '../method/index.ts';
import { HEAT_IDS } from '../boil/index.ts';
import { planned } from '../test/planned.ts';
import type { Plan } from './plan.ts';
import { runs } from '../test/runs.ts';

/** Every number anywhere in a value. */
function numbersIn(value: unknown): number[] {
  if (typeof value === 'number') return [value];
  return typeof value === 'object' && value !== null ? Object.values(value).flatMap(numbersIn) : [];
}

/** Every range anywhere in a value. */
function rangesIn(value: unknown): { p10: number; p50: number; p90: number }[] {
  if (typeof value !== 'object' || value === null) return [];
  return 'p10' in value
    ? [value as { p10: number; p50: number; p90: number }]
    : Object.values(value).flatMap(rangesIn);
}

const weighed = fc.record({
  ingredient: fc.constantFrom(...INGREDIENTS.map(({ id }) => id)),
  massG: fc.double({ min: 0.1, max: 20_000, noNaN: true }),
  ripeness: fc.double({ min: 0, max: 1, noNaN: true }),
  state: fc.constantFrom('fresh', 'frozen', 'dried', 'canned', 'juice'),
});
const kinds = fc.constantFrom(...PRODUCT_IDS).chain((product) =>
  fc.record({
    product: fc.constant(product),
    method: fc.option(fc.constantFrom(...PRODUCTS[product].methods)),
  }),
);
const requests = fc
  .record({
    lines: fc.array(weighed, { maxLength: 6 }),
    altitudeM: fc.option(fc.double({ min: -400, max: 5000, noNaN: true })),
    targetSolublesPct: fc.option(fc.double({ min: 20, max: 75, noNaN: true })),
    heat: fc.constantFrom(...HEAT_IDS),
    pot: fc.option(fc.constant({ diameterCm: 28, heightCm: 16 })),
  })
  .chain((rest) => kinds.map((kind) => ({ ...rest, ...kind })));

describe('any formula at all', () => {
  test('gives a plan without NaN, its ranges in order, and the same one again', () => {
    fc.assert(
      fc.property(requests, (change) => {
        const found = planned({ ...change, draws: 40 });
        expect(numbersIn(found).filter((x) => !Number.isFinite(x))).toEqual([]);
        for (const { p10, p50, p90 } of rangesIn(found)) {
          expect(p10).toBeLessThanOrEqual(p50);
          expect(p50).toBeLessThanOrEqual(p90);
        }
        expect(planned({ ...change, draws: 40 })).toEqual(found);
      }),
      { numRuns: runs(200) },
    );
  });

  test('gives a plan where nothing sour brings any water', () => {
    const line = (ingredient: string, massG: number) =>
      ({ ingredient, massG, ripeness: 0, state: 'fresh' }) as const;
    const { set } = planned({
      lines: [line('star-anise', 464.8), line('jam-sugar', 0.1)],
      heat: 'small-burner',
      draws: 40,
    });
    expect(set?.remedies).toEqual([]);
  });

  test('gives typical figures that are points', () => {
    fc.assert(
      fc.property(requests, (change) => {
        for (const { p10, p90 } of rangesIn(planned({ ...change, draws: 0 }))) {
          expect(p10).toBe(p90);
        }
      }),
      { numRuns: runs(100) },
    );
  });

  test('conserves mass: what goes in stays or leaves as steam', () => {
    fc.assert(
      fc.property(requests, (change) => {
        const { start, finish } = planned({ ...change, draws: 0 });
        if (!start || !finish) return;
        const stays = numbersIn(finish.layers).reduce((sum, g) => sum + g, 0);
        expect(Math.abs(stays + finish.steamG - start.massG)).toBeLessThan(1 + 1e-4 * start.massG);
        expect(finish.steamG).toBeGreaterThanOrEqual(-0.1);
      }),
      { numRuns: runs(150) },
    );
  });
});

const fruits = fc.constantFrom(
  'plum', 'damson', 'strawberry', 'raspberry', 'apple', 'gooseberry', 'pear', 'blackcurrant',
); // prettier-ignore
const batch = fc.record({
  ingredient: fruits,
  fruitG: fc.double({ min: 300, max: 3000, noNaN: true }),
  sugarShare: fc.double({ min: 0.5, max: 1.2, noNaN: true }),
});
const linesOf = ({
  ingredient,
  fruitG,
  sugarShare,
}: {
  ingredient: string;
  fruitG: number;
  sugarShare: number;
}) => [
  { ingredient, massG: fruitG },
  { ingredient: 'sugar', massG: fruitG * sugarShare },
];

describe('more of one thing', () => {
  test('more sugar never lowers the solids of the raw batch, nor the jars', () => {
    fc.assert(
      fc.property(batch, fc.double({ min: 1, max: 400, noNaN: true }), (of, more) => {
        const [less, sweeter] = [0, more].map((g) =>
          planned({ lines: [...linesOf(of), { ingredient: 'sugar', massG: 1 + g }], draws: 0 }),
        ) as [Plan, Plan];
        expect(sweeter.start?.solublesPct).toBeGreaterThanOrEqual(less.start?.solublesPct ?? NaN);
        expect(sweeter.yield?.volumeMl.p50).toBeGreaterThanOrEqual(less.yield?.volumeMl.p50 ?? NaN);
      }),
      { numRuns: 60 },
    );
  });

  test('more lemon juice never raises the pH', () => {
    fc.assert(
      fc.property(batch, fc.double({ min: 1, max: 200, noNaN: true }), (of, lemonG) => {
        const [plain, sharp] = [0.1, lemonG].map((massG) =>
          planned({ lines: [...linesOf(of), { ingredient: 'lemon-juice', massG }], draws: 0 }),
        ) as [Plan, Plan];
        expect(sharp.start?.pH?.p50).toBeLessThanOrEqual(plain.start?.pH?.p50 ?? NaN);
      }),
      { numRuns: 60 },
    );
  });

  test('riper fruit is never sourer', () => {
    fc.assert(
      fc.property(batch, fc.double({ min: 0, max: 0.9, noNaN: true }), (of, ripeness) => {
        const [green, ripe] = [ripeness, ripeness + 0.1].map((at) =>
          planned({
            lines: [
              { ingredient: of.ingredient, massG: of.fruitG, ripeness: at },
              { ingredient: 'sugar', massG: of.fruitG },
            ],
            draws: 0,
          }),
        ) as [Plan, Plan];
        expect(ripe.start?.pH?.p50).toBeGreaterThanOrEqual(green.start?.pH?.p50 ?? NaN);
        // Of fruit that is sourer than a gel likes best, riper fruit may set as well; never
        // noticeably better.
        expect(ripe.set?.ratio.p50).toBeLessThanOrEqual(1.02 * (green.set?.ratio.p50 ?? NaN));
      }),
      { numRuns: 60 },
    );
  });

  test('scaled up scales the jars and leaves the stop, the acid and the shares alone', () => {
    fc.assert(
      fc.property(batch, fc.integer({ min: 2, max: 5 }), (of, times) => {
        const once = planned({
          lines: linesOf(of),
          netPowerKw: 1.1,
          pot: { diameterCm: 28, heightCm: 100 },
          draws: 300,
        });
        const more = planned({
          lines: linesOf({ ...of, fruitG: of.fruitG * times }),
          // A burner and a pan as much larger as the batch, so that it cooks in the same time.
          netPowerKw: 1.1 * times,
          pot: { diameterCm: 28 * Math.sqrt(times), heightCm: 100 },
          draws: 300,
        });
        expect(more.stop.tempC).toBeCloseTo(once.stop.tempC ?? NaN, 1);
        expect(more.finish?.pH?.p50).toBeCloseTo(once.finish?.pH?.p50 ?? NaN, 1);
        expect(more.set?.ratio.p50).toBeCloseTo(once.set?.ratio.p50 ?? NaN, 1);
        expect(more.finish?.fruitPer100g).toBeCloseTo(once.finish?.fruitPer100g ?? NaN, 0);
        const [volume, wanted] = [more, once].map(({ yield: jars }) => jars?.volumeMl.p50 ?? NaN);
        expect((volume ?? NaN) / ((wanted ?? NaN) * times)).toBeCloseTo(1, 2);
      }),
      { numRuns: 60 },
    );
  });
});
