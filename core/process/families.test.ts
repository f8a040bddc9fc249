import { INGREDIENTS, type Ingredient } from '../ingredients/index.ts';
import { PRODUCT_IDS, type Product } from '../method/index.ts';
import { exactly } from '../quantity/index.ts';
import { roleOf, type Role } from './caps.ts';
import { beyondLimits } from './limits.ts';
import { safetyContextOf } from './safetyContext.ts';
import { verdictOf } from './storageVerdict.ts';
import { NO_SAFETY_EVIDENCE, type StorageCase, type StorageLine } from './storageCase.ts';
import { SEALED_HALF_PINT } from '../test/sealedHalfPint.ts';
import { some } from '../test/runs.ts';

// The limits are written down here once more, by totals, from the same published guidance and
// judgement (page of families, from memory): what opens must lie inside them whatever is added, so
// that a rule which forgets a row, a role or a family is found.

type Amounts = { readonly [id: string]: number };

const FORMULAS: { readonly [product in Product]: Amounts } = {
  jam: { damson: 1000, sugar: 900 },
  jelly: { damson: 1000, sugar: 900 },
  marmalade: { 'seville-orange': 1000, sugar: 1800, water: 1500 },
  butter: { damson: 1000, sugar: 500 },
  conserve: { damson: 1000, sugar: 900 },
  sauce: { cranberry: 1000, sugar: 700 },
  curd: { 'lemon-juice-bottled': 200, egg: 250, butter: 130, sugar: 420 },
  'pepper-jelly': { 'sweet-pepper': 500, vinegar: 500, sugar: 1200 },
  'infusion-jelly': { water: 900, 'lemon-juice-bottled': 100, sugar: 1200, 'powdered-pectin': 50 },
};

/** What the shares of a formula are taken of, g. */
const SIZE: { readonly [product in Product]: number } = {
  jam: 1000, jelly: 1000, marmalade: 1000, butter: 1000, conserve: 1000, sauce: 1000,
  curd: 200, 'pepper-jelly': 500, 'infusion-jelly': 900,
}; // prettier-ignore

const rowOf = new Map<string, Ingredient>(INGREDIENTS.map((row) => [row.id, row]));

const linesOf = (amounts: Amounts): StorageLine[] =>
  Object.entries(amounts).flatMap(([id, grams]) => {
    const ingredient = rowOf.get(id);
    return ingredient === undefined ? [] : [{ ingredient, massG: exactly(grams) }];
  });

const totals = (amounts: Amounts) => (role: Role) =>
  linesOf(amounts)
    .filter(({ ingredient }) => roleOf(ingredient) === role)
    .reduce((sum, { massG }) => sum + massG.typical, 0);

const driedIn = (amounts: Amounts): number =>
  Object.entries(amounts).reduce(
    (sum, [id, grams]) => (/^dried-|^prune$|^raisin$/.test(id) ? sum + grams : sum),
    0,
  );

/** What each family takes of a role at most, g; a role that is not named it takes without limit. */
function most(
  product: Product,
  amounts: Amounts,
  slack: number,
): { readonly [role in Role]?: number } {
  const of = totals(amounts);
  const never = { 'not-acid': 0, barred: 0 };
  switch (product) {
    case 'curd': {
      const juice = of('citrus-juice');
      return {
        ...never, egg: 1.5 * juice, butter: 0.8 * juice, zest: 0.25 * juice,
        'acid-fruit': 0, pepper: 0, allium: 0, vinegar: 0, 'other-acid': 0, water: 0, pectin: 0, 'fresh-herb': 0,
        'dry-spice': 0, flavouring: 0, candied: 0, spirit: 0, wine: 0, nut: 0, salt: 0,
      }; // prettier-ignore
    }
    case 'infusion-jelly': {
      const liquid = of('water') + of('wine');
      return {
        ...never, pepper: 0, allium: 0, nut: 0, candied: 0, egg: 0,
        'dry-spice': 0.05 * liquid, flavouring: 0.05 * liquid, zest: 0.05 * liquid, butter: 0.01 * liquid,
        salt: 0.01 * liquid, spirit: of('citrus-juice') + of('vinegar'),
      }; // prettier-ignore
    }
    default: {
      const isPepper = product === 'pepper-jelly';
      const fruit = of('acid-fruit') + of('citrus-juice') + (isPepper ? of('vinegar') : 0);
      const greens = isPepper ? {} : { pepper: 0, allium: 0, 'fresh-herb': slack * 0.03 * fruit };
      const wet =
        product === 'marmalade' ? 3 : product === 'sauce' || product === 'jelly' ? 1.5 : 1;
      return {
        ...never, ...greens, egg: 0,
        // Dried fruit takes up three times its weight to be fruit again.
        water: isPepper ? of('vinegar') : slack * wet * fruit + 3 * driedIn(amounts),
        'dry-spice': slack * 0.01 * fruit, flavouring: slack * 0.05 * fruit, spirit: slack * 0.05 * fruit, wine: 0.05 * fruit,
        candied: 0.1 * fruit, salt: slack * 0.01 * (fruit + of('sweetener')), butter: 0.01 * (fruit + of('sweetener')),
        ...(product === 'marmalade' ? {} : { zest: slack * 0.05 * fruit }),
        nut: product === 'conserve' ? slack * 0.1 * fruit : 0,
      }; // prettier-ignore
    }
  }
}

const isInside = (product: Product, amounts: Amounts, slack: number): boolean =>
  Object.entries(most(product, amounts, slack)).every(
    ([role, limit]) => totals(amounts)(role as Role) <= limit * 1.002,
  );

const CASE: Omit<StorageCase, 'product' | 'lines'> = {
  unrecognizedLines: 0,
  solublesPct: 65,
  ...SEALED_HALF_PINT,
  assurance: NO_SAFETY_EVIDENCE,
};

const placeOf = (product: Product, amounts: Amounts, testedFormula: string | null) =>
  verdictOf({
    ...CASE,
    product,
    lines: linesOf(amounts),
    solublesPct: product === 'butter' ? 35 : 65,
    assurance: { ...NO_SAFETY_EVIDENCE, testedFormula },
  });

test.each(PRODUCT_IDS)('the %s that all is added to is for the pantry', (product) => {
  expect(placeOf(product, FORMULAS[product], null)).toBe('pantry');
});

describe.each(PRODUCT_IDS)('%s', (product) => {
  const cases = INGREDIENTS.flatMap(({ id }) =>
    [0.01, 0.1, 0.5].map((share) => {
      const own = FORMULAS[product];
      return { id, share, amounts: { ...own, [id]: (own[id] ?? 0) + share * SIZE[product] } };
    }),
  );

  test('opens to no row at 1 %, 10 % or half beyond its limits', () => {
    const beyond = cases.filter(
      ({ amounts }) =>
        placeOf(product, amounts, null) === 'pantry' && !isInside(product, amounts, 1),
    );
    expect(beyond.map(({ id, share }) => `${id} ${share}`)).toEqual([]);
  });

  test('is never more than by its source by a name, and that within what a name excuses', () => {
    const wrong = cases.filter(({ amounts }) => {
      const plain = placeOf(product, amounts, null);
      const named = placeOf(product, amounts, 'A formula of the county');
      return plain === 'pantry'
        ? named !== 'pantry'
        : named === 'pantry' || (named === 'by-source' && !isInside(product, amounts, 2));
    });
    expect(wrong.map(({ id, share }) => `${id} ${share}`)).toEqual([]);
  });
});

/** An infusion that is mostly fruit is a jelly of that fruit, and a jelly that is mostly water an infusion. */
const ALSO: { readonly [product in Product]?: readonly Product[] } = {
  'infusion-jelly': ['jelly'],
  jelly: ['infusion-jelly'],
  jam: ['infusion-jelly'],
};

test('no name of another product opens what a formula is refused by its own, beyond that product’s table', () => {
  const wrong = PRODUCT_IDS.flatMap((own) =>
    PRODUCT_IDS.flatMap((called) =>
      some(INGREDIENTS).flatMap(({ id }) =>
        [0.01, 0.1, 0.5].flatMap((share) => {
          const base = FORMULAS[own];
          const amounts = { ...base, [id]: (base[id] ?? 0) + share * SIZE[own] };
          const inside = [called, ...(ALSO[called] ?? [])].some((as) => isInside(as, amounts, 1));
          return !inside && placeOf(called, amounts, null) === 'pantry'
            ? [`${own} called ${called}, ${id} ${share}`]
            : [];
        }),
      ),
    ),
  );
  expect(wrong).toEqual([]);
});

test('what no rule speaks of is found by the table', () => {
  const lines = linesOf({ damson: 1000, sugar: 900, garlic: 5, salt: 100 });
  const found: StorageCase = { ...CASE, product: 'jam', lines };
  const said = beyondLimits(safetyContextOf(found), []);
  expect(said.flatMap(({ rows }) => rows).sort()).toEqual(['garlic', 'salt']);
  expect(beyondLimits(safetyContextOf(found), said)).toEqual([]);
});
