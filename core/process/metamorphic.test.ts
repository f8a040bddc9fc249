import fc from 'fast-check';
import { INGREDIENTS, type Ingredient } from '../ingredients/index.ts';
import { PRODUCT_IDS, type Product } from '../method/index.ts';
import { exactly } from '../quantity/index.ts';
import { ACID_ROLES, OTHER_ROWS, RANK } from '../test/shelfChanges.ts';
import { roleOf, type Role } from './caps.ts';
import { processTime, type ProcessCase } from './processing.ts';
import { NO_SAFETY_EVIDENCE, type StorageCase, type StorageLine } from './storageCase.ts';
import { verdictOf } from './storageVerdict.ts';
import { runs } from '../test/runs.ts';

// What makes a batch less safe, or says less of it, never makes its verdict better: in every family,
// of formulas around those that are tested, named or not, with whatever else in them.

const RUNS = runs(2000);

/** Formulas that are for the pantry, g; from the families' own limits and published formulas. */
const BASES: { readonly [product in Product]: readonly { readonly [id: string]: number }[] } = {
  jam: [{ damson: 1000, sugar: 900 }, { strawberry: 800, rhubarb: 300, sugar: 800, 'powdered-pectin': 49 }, { fig: 1000, 'lemon-juice-bottled': 140, sugar: 800 }],
  jelly: [{ damson: 1000, sugar: 900 }, { apple: 1000, water: 900, sugar: 700, 'lemon-juice-bottled': 30 }],
  marmalade: [{ 'seville-orange': 1000, sugar: 1800, water: 1500 }, { orange: 800, lemon: 300, sugar: 1200, water: 1000 }],
  butter: [{ damson: 1000, sugar: 500 }, { apple: 2000, cider: 300, sugar: 500, cinnamon: 5 }],
  conserve: [{ damson: 1000, sugar: 900, walnut: 60 }, { cranberry: 800, orange: 300, raisin: 100, sugar: 900 }],
  sauce: [{ cranberry: 1000, sugar: 700 }, { apple: 2000, water: 400, sugar: 200 }],
  curd: [{ 'lemon-juice-bottled': 200, egg: 250, butter: 130, sugar: 420 }, { 'lime-juice-bottled': 200, egg: 150, 'egg-yolk': 80, butter: 140, sugar: 400, zest: 20 }],
  'pepper-jelly': [{ 'sweet-pepper': 500, vinegar: 500, sugar: 1200 }, { 'sweet-pepper': 300, chilli: 60, vinegar: 400, sugar: 1200, 'liquid-pectin': 170 }],
  'infusion-jelly': [{ water: 900, 'lemon-juice-bottled': 100, sugar: 1200, 'powdered-pectin': 50 }, { wine: 700, 'lemon-juice-bottled': 80, sugar: 800, 'liquid-pectin': 170 }],
}; // prettier-ignore

const rows = new Map<string, Ingredient>(INGREDIENTS.map((row) => [row.id, row]));

type Amounts = ReadonlyMap<Ingredient, number>;

const amounts = (product: Product): fc.Arbitrary<Amounts> =>
  fc
    .record({
      base: fc.constantFrom(...BASES[product]),
      scale: fc.array(fc.double({ min: 0.6, max: 1.5, noNaN: true }), {
        minLength: 6,
        maxLength: 6,
      }),
      more: fc.array(
        fc.tuple(fc.constantFrom(...INGREDIENTS), fc.double({ min: 0.5, max: 300, noNaN: true })),
        { maxLength: 2 },
      ),
    })
    .map(({ base, scale, more }) => {
      const found = new Map<Ingredient, number>();
      Object.entries(base).forEach(([id, grams], index) => {
        const row = rows.get(id);
        if (row === undefined) throw new Error(`There is no row ${id}`);
        found.set(row, grams * (scale[index % scale.length] ?? 1));
      });
      for (const [row, grams] of more) found.set(row, (found.get(row) ?? 0) + grams);
      return found;
    });

const linesOf = (of: Amounts): StorageLine[] =>
  [...of].map(([ingredient, grams]) => ({ ingredient, massG: exactly(grams) }));

const cases = fc.constantFrom(...PRODUCT_IDS).chain((product) =>
  fc
    .record({
      of: amounts(product),
      named: fc.boolean(),
      // One that reads far below the sums is disbelieved, and what moves the sums may change that.
      meterPH: fc.option(fc.double({ min: 4, max: 5, noNaN: true })),
      solublesPct: fc.double({ min: 25, max: 72, noNaN: true }),
      largestJarMl: fc.constantFrom(118, 237, 473, 946),
    })
    .map(({ of, named, meterPH, solublesPct, largestJarMl }) => ({
      of,
      found: {
        product,
        lines: linesOf(of),
        unrecognizedLines: 0,
        solublesPct: product === 'butter' ? Math.min(solublesPct, 45) : solublesPct,
        process: { minutes: 10, presterilise: false },
        canner: 'boiling-water',
        storeIn: null,
        largestJarMl,
        rawPH: null,
        assurance: {
          ...NO_SAFETY_EVIDENCE,
          meterPH,
          testedFormula: named ? 'A formula of the county' : null,
        },
      } satisfies StorageCase,
    })),
);

const rank = (found: StorageCase): number => RANK[verdictOf(found)];

/** No such change makes any verdict better. */
function neverBetter<T>(
  change: fc.Arbitrary<T>,
  worse: (found: StorageCase, by: T, of: Amounts) => StorageCase,
): void {
  let open = 0;
  fc.assert(
    fc.property(cases, change, ({ of, found }, by) => {
      const before = rank(found);
      open += Number(before === RANK.pantry);
      expect(rank(worse(found, by, of))).toBeLessThanOrEqual(before);
    }),
    { numRuns: RUNS },
  );
  // A property of what is refused anyway says nothing.
  expect(open).toBeGreaterThan(RUNS / 20);
}

const share = fc.double({ min: 0, max: 1, noNaN: true });
const grams = fc.double({ min: 1, max: 2000, noNaN: true });
const timesRole = (of: Amounts, roles: readonly Role[], by: number): StorageLine[] =>
  [...of].map(([ingredient, g]) => ({
    ingredient,
    massG: exactly(roles.includes(roleOf(ingredient)) ? g * by : g),
  }));

test('less acid', () => {
  neverBetter(share, (found, by, of) => ({
    ...found,
    lines: timesRole(of, ACID_ROLES, Math.max(by, 1e-6)),
  }));
});

test('acid that need not go in', () => {
  neverBetter(fc.constant(null), (found) => ({
    ...found,
    lines: found.lines.map((line) =>
      ACID_ROLES.includes(roleOf(line.ingredient)) ? { ...line, optional: true as const } : line,
    ),
  }));
});

test('more water', () => {
  const water = rows.get('water') as Ingredient;
  neverBetter(grams, (found, by) => ({
    ...found,
    lines: [...found.lines, { ingredient: water, massG: exactly(by) }],
  }));
});

test('more of what is no fruit, no acid and no sugar', () => {
  neverBetter(fc.tuple(fc.constantFrom(...OTHER_ROWS), grams), (found, [ingredient, by]) => ({
    ...found,
    lines: [...found.lines, { ingredient, massG: exactly(by) }],
  }));
});

test('a line that is not understood, and words that were guessed', () => {
  neverBetter(fc.boolean(), (found, isGuess) =>
    isGuess
      ? {
          ...found,
          lines: found.lines.map((line, index) =>
            index === 0 ? { ...line, toConfirm: { name: 'Zorp' } } : line,
          ),
        }
      : { ...found, unrecognizedLines: found.unrecognizedLines + 1 },
  );
});

test('a meter, whatever it reads; one above 4.2 closes', () => {
  neverBetter(fc.double({ min: 1, max: 7, noNaN: true }), (found, meterPH) => {
    const none = { ...found, assurance: { ...found.assurance, meterPH: null } };
    const read = { ...found, assurance: { ...found.assurance, meterPH } };
    expect(rank(read)).toBeLessThanOrEqual(rank(none));
    if (meterPH > 4.2) expect(rank(read)).toBe(RANK.fridge);
    return { ...found, assurance: { ...found.assurance, meterPH: 4.2 + meterPH } };
  });
});

test('a name: what it opens is never more than by its source', () => {
  neverBetter(fc.constant(null), (found) => {
    const named = { ...found, assurance: { ...found.assurance, testedFormula: 'A formula' } };
    const plain = { ...found, assurance: { ...found.assurance, testedFormula: null } };
    expect(rank(named) === RANK.pantry).toBe(rank(plain) === RANK.pantry);
    return plain;
  });
});

test('a larger jar', () => {
  neverBetter(fc.constantFrom(237, 473, 946, 1900), (found, mL) => ({
    ...found,
    largestJarMl: Math.max(found.largestJarMl, mL),
  }));
});

test('no canner, and no time that is published', () => {
  neverBetter(fc.boolean(), (found, isCanner) =>
    isCanner ? { ...found, canner: 'none' } : { ...found, process: null },
  );
});

test('all of it so many times over is judged the same', () => {
  fc.assert(
    fc.property(cases, fc.double({ min: 0.2, max: 20, noNaN: true }), ({ found }, by) => {
      const times = found.lines.map((line) => ({
        ...line,
        massG: exactly(line.massG.typical * by),
      }));
      expect(rank({ ...found, lines: times })).toBe(rank(found));
    }),
    { numRuns: RUNS },
  );
});

test('a larger jar, a greater height and less in it never shorten the minutes', () => {
  const asked: fc.Arbitrary<ProcessCase> = fc.record({
    product: fc.constantFrom(...PRODUCT_IDS),
    ofApples: fc.boolean(),
    isSauce: fc.boolean(),
    altitudeM: fc.double({ min: 0, max: 3000, noNaN: true }),
    jarMl: fc.integer({ min: 50, max: 1900 }),
    canner: fc.constantFrom('boiling-water' as const, 'steam' as const),
    school: fc.constantFrom('sterilised' as const, 'ten-minute' as const),
  });
  const minutes = (of: ProcessCase) => processTime(of)?.minutes ?? Infinity;
  const metres = fc.double({ min: 0, max: 2000, noNaN: true });
  fc.assert(
    fc.property(asked, fc.integer({ min: 0, max: 900 }), metres, (of, more, higher) => {
      const now = minutes(of);
      expect(minutes({ ...of, jarMl: of.jarMl + more })).toBeGreaterThanOrEqual(now);
      expect(minutes({ ...of, altitudeM: of.altitudeM + higher })).toBeGreaterThanOrEqual(now);
    }),
    { numRuns: RUNS },
  );
});
