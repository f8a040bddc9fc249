import fc from 'fast-check';
import { inThePot, pretreatedOf } from '../evaluate/index.ts';
import { readWeighedLine, type UnderstoodLine, type WeighedLine } from '../parser/index.ts';
import { PRETREATMENT_KINDS, type PretreatmentKind } from '../pretreatment/index.ts';
import {
  NO_SAFETY_EVIDENCE,
  roleOf,
  type StorageCase,
  verdictOf,
  type SafetyEvidence,
} from '../process/index.ts';
import { SEALED_HALF_PINT } from '../test/sealedHalfPint.ts';
import { beforeOf, request } from '../test/planned.ts';
import { ACID_ROLES, OTHER_ROWS, RANK } from '../test/shelfChanges.ts';
import type { Product } from '../method/index.ts';
import { runs } from '../test/runs.ts';

// What is worse for the shelf is worse in the first step too: more of what has no acid, more water,
// a line that is not understood, and less acid in the pot that follows.

type Grams = { readonly [id: string]: number };
type Base = readonly [product: Product, first: Grams, pot: Grams];

/** Formulas for the pantry whose first step is of each kind, g; as the families allow them. */
const BASES: { readonly [kind in PretreatmentKind]: readonly Base[] } = {
  extract: [['jelly', { damson: 1500 }, { sugar: 800 }], ['jelly', { apple: 1500, water: 1200 }, { sugar: 800, 'lemon-juice-bottled': 30 }]],
  infuse: [['infusion-jelly', { water: 900, 'dried-tea': 8 }, { 'lemon-juice-bottled': 120, sugar: 1200, 'powdered-pectin': 50 }], ['infusion-jelly', { wine: 800, cinnamon: 5 }, { 'lemon-juice-bottled': 120, sugar: 1000, 'liquid-pectin': 170 }]],
  soak: [['marmalade', { 'seville-orange': 1000, water: 1500 }, { sugar: 1800 }], ['jam', { damson: 1000, sugar: 900 }, { 'lemon-juice-bottled': 30 }]],
  drain: [['pepper-jelly', { 'sweet-pepper': 400 }, { vinegar: 500, sugar: 1200, 'liquid-pectin': 170 }], ['jam', { strawberry: 1000 }, { sugar: 900 }]],
  sauce: [['butter', { apple: 2000, cider: 300 }, { sugar: 500 }], ['jam', { damson: 1000, water: 200 }, { sugar: 900 }]],
}; // prettier-ignore

type Batch = {
  readonly product: Product;
  readonly kind: PretreatmentKind;
  readonly first: readonly (string | WeighedLine)[];
  readonly waterG: number;
  readonly pot: readonly WeighedLine[];
  readonly assurance: SafetyEvidence;
};

const weighed = (of: Grams, by: number): WeighedLine[] =>
  Object.entries(of).map(([ingredient, massG]) => ({ ingredient, massG: massG * by }));
const scale = fc.double({ min: 0.7, max: 1.4, noNaN: true });
const grams = fc.double({ min: 1, max: 2000, noNaN: true });

const batches: fc.Arbitrary<Batch> = fc.constantFrom(...PRETREATMENT_KINDS).chain((kind) =>
  fc
    .record({
      base: fc.constantFrom(...BASES[kind]),
      scales: fc.tuple(scale, scale),
      waterG: fc.constantFrom(0, 100, 500),
      named: fc.boolean(),
    })
    .map(({ base: [product, first, pot], scales, waterG, named }) => ({
      product,
      kind,
      first: weighed(first, scales[0]),
      waterG,
      pot: weighed(pot, scales[1]),
      assurance: { ...NO_SAFETY_EVIDENCE, testedFormula: named ? 'A formula of the county' : null },
    })),
);

const read = (line: WeighedLine): UnderstoodLine => {
  const found = readWeighedLine(line);
  if (!found.understood) throw new Error(`There is no row ${line.ingredient}`);
  return found;
};

/** The verdict on what a batch has in its pot, by the way that a plan takes. */
function rank({ product, kind, first, waterG, pot, assurance }: Batch): number {
  const pretreated = pretreatedOf(request({ before: beforeOf(kind, first, { waterG }) }));
  return RANK[
    verdictOf({
      product,
      lines: inThePot(pretreated, pot.map(read), 'forShelf'),
      unrecognizedLines: pretreated?.unrecognized.length ?? 0,
      solublesPct: product === 'butter' ? 40 : 62,
      ...SEALED_HALF_PINT,
      assurance,
    } satisfies StorageCase)
  ];
}

const RUNS = runs(2000);

function neverBetter<T>(change: fc.Arbitrary<T>, worse: (batch: Batch, by: T) => Batch): void {
  const open = new Set<PretreatmentKind>();
  fc.assert(
    fc.property(batches, change, (batch, by) => {
      const before = rank(batch);
      if (before === RANK.pantry) open.add(batch.kind);
      expect(rank(worse(batch, by))).toBeLessThanOrEqual(before);
    }),
    { numRuns: RUNS },
  );
  // A property of what is refused anyway says nothing.
  expect([...open].sort()).toEqual([...PRETREATMENT_KINDS].sort());
}

test('more of what is no fruit, no acid and no sugar', () => {
  neverBetter(fc.tuple(fc.constantFrom(...OTHER_ROWS), grams), (batch, [row, massG]) => ({
    ...batch,
    first: [...batch.first, { ingredient: row.id, massG }],
  }));
});

test('more water, in a line or besides the lines', () => {
  neverBetter(fc.tuple(fc.boolean(), grams), (batch, [asLine, massG]) =>
    asLine
      ? { ...batch, first: [...batch.first, { ingredient: 'water', massG }] }
      : { ...batch, waterG: batch.waterG + massG },
  );
});

test('a line that is not understood', () => {
  neverBetter(
    fc.constantFrom('2 cups zorp', 'zorp', '1 kg plums and 300 g zorp'),
    (batch, line) => ({
      ...batch,
      first: [...batch.first, line],
    }),
  );
});

test('less acid in the pot that follows', () => {
  neverBetter(fc.double({ min: 1e-6, max: 1, noNaN: true }), (batch, by) => ({
    ...batch,
    pot: batch.pot.map((line) =>
      ACID_ROLES.includes(roleOf(read(line).ingredient))
        ? { ...line, massG: line.massG * by }
        : line,
    ),
  }));
});
