import type { AcidClass, Fruit, Ingredient } from '../larder/index.ts';
import type { Product } from '../method/index.ts';
import type { Spread } from '../quantity/index.ts';
import { keepingOf } from './keeping.ts';
import { largestJarName, type ProcessTime } from './processing.ts';

export type ShelfVerdict = {
  readonly verdict: 'pantry' | 'fridge' | 'freezer';
  /** Best quality within this many months, unopened. */
  readonly months: number;
  readonly reasons: readonly string[];
};

/** One ingredient and its grams. */
export type Weighed = { readonly ingredient: Ingredient; readonly massG: number };

/** What a user can put beside the sums: it, and never the sums, opens the pantry to what is not plainly acid. */
export type Assurance = {
  /** Name of the tested formula from a trusted source that this is, exactly; null for none. */
  readonly testedFormula: string | null;
  /** Reading of a calibrated meter on the finished spread; null for none. */
  readonly meterPH: number | null;
};

/** What the verdict looks at. */
export type ShelfCase = {
  readonly product: Product;
  readonly lines: readonly Weighed[];
  /** How many lines were not understood. */
  readonly puzzlingLines: number;
  /** Null where nothing is tabled for this altitude, jar and canner. */
  readonly process: ProcessTime | null;
  /** Whether some jar is larger than the tables cover. */
  readonly jarTooLarge: boolean;
  /** The sums' own pH of the finished spread; null when there is none. It can only stand against. */
  readonly computedPH: Spread | null;
  readonly assurance: Assurance;
};

/** A knob to settle the foam is common practice; more than this is dairy in the jar. */
const MOST_BUTTER_PCT = 0.5;
/** Boiling-water processing is for food below this pH (21 CFR 114.3, from memory). */
const HIGH_ACID_PH = 4.6;
/** A meter must read this or less: 4.6 less a margin for the meter and the jar. */
const METER_PH = 4.2;
/** Vinegar of 5 % that a pepper jelly must hold at least, g per g of peppers: stricter than tested formulas, which start at 0.45. */
const VINEGAR_PER_PEPPER = 0.6;
/** For peppers the sums themselves must not come near the limit. */
const PEPPER_PH = 4.2;

/** No safe home process exists for these, whatever a meter reads. */
const NEVER: ReadonlySet<string> = new Set(['pumpkin', 'squash']);
const PEPPERS: ReadonlySet<string> = new Set(['sweet-pepper', 'chilli']);
const CURD_JUICES: ReadonlySet<string> = new Set(['lemon-juice-bottled', 'lime-juice-bottled']);
/** What else a lemon or lime curd may hold. */
const CURD_REST: ReadonlySet<string> = new Set([
  'egg', 'egg-yolk', 'butter', 'zest', 'salt', 'vanilla-extract', 'vanilla-pod', 'water',
]); // prettier-ignore

const LOW_ACID: { readonly [acid in AcidClass]: string } = {
  high: '',
  borderline: 'is not reliably acid',
  low: 'is a low-acid food',
};

/**
 * Whether a processed jar may stand in the pantry. Spreads of high-acid fruit with sweeteners, sour juices and
 * seasoning may, and the tested families: lemon and lime curd of bottled juice, and pepper jelly with vinegar
 * enough. Everything that stands against it is listed. A computed pH may stand against a pantry verdict, and can
 * never grant one.
 */
export function shelfVerdict(found: ShelfCase): ShelfVerdict {
  const against =
    found.product === 'curd' ? againstCurd(found) : [...againstSpread(found), ...againstPH(found)];
  against.push(...againstJars(found));
  const verdict = against.length > 0 ? 'fridge' : 'pantry';
  return {
    verdict,
    months: keepingOf(found.product, verdict, 65).unopenedMonths,
    reasons: against.length > 0 ? against : reasonsFor(found),
  };
}

const rowsOf = ({ lines }: ShelfCase): Ingredient[] => [
  ...new Map(lines.map(({ ingredient }) => [ingredient.id, ingredient])).values(),
];

const massOfAll = (lines: readonly Weighed[], which: (row: Ingredient) => boolean): number =>
  lines.filter(({ ingredient }) => which(ingredient)).reduce((g, { massG }) => g + massG, 0);

/** How acid a row is where it stands for fruit; null for sugar, spice and the like. */
const acidClassOf = (row: Ingredient): AcidClass | null => row.acidClass ?? null;

function againstSpread(found: ShelfCase): string[] {
  const { product, assurance } = found;
  const rows = rowsOf(found);
  const against: string[] = [];
  const assured = isAssured(assurance);
  for (const row of rows) {
    const acid = acidClassOf(row);
    if (NEVER.has(row.id)) {
      against.push(
        `${capital(row.name)} has no safe home-canning process in a spread, at any acidity. Fridge or freezer only.`,
      );
    } else if (acid !== null && acid !== 'high' && !assured) {
      if (PEPPERS.has(row.id) && product === 'pepper-jelly') continue;
      against.push(
        `${capital(row.name)} ${LOW_ACID[acid]}. It has no tested canning process here, and added lemon juice or vinegar does not change that.`,
      );
    }
  }
  if (product === 'pepper-jelly' && !assured) against.push(...againstPeppers(found));
  const reasons = rows.flatMap((row) =>
    row.kind !== 'fruit' && row.noShelf !== undefined ? [row.noShelf] : [],
  );
  against.push(...new Set(reasons));
  const allG = massOfAll(found.lines, () => true);
  if (
    allG > 0 &&
    (100 * massOfAll(found.lines, ({ id }) => id === 'butter')) / allG > MOST_BUTTER_PCT
  ) {
    against.push(
      'More butter than a knob to settle the foam is dairy, which is not safe on the shelf.',
    );
  }
  if (rows.some((row) => row.kind === 'sweetener' && row.fadesInHeat === true)) {
    against.push(
      'Its sweetener fades or turns bitter in the canner. Of the substitutes only sucralose holds up.',
    );
  }
  const known = rows.some((row) => acidClassOf(row) === 'high');
  if (
    !known &&
    !assured &&
    !(product === 'pepper-jelly' && rows.some(({ id }) => PEPPERS.has(id)))
  ) {
    against.push('No fruit in it is known to be acid, and no tested formula is named.');
  }
  return against;
}

const isAssured = ({ testedFormula, meterPH }: Assurance): boolean =>
  testedFormula !== null || (meterPH !== null && meterPH <= METER_PH);

function againstPeppers({ lines, computedPH }: ShelfCase): string[] {
  const peppersG = massOfAll(lines, ({ id }) => PEPPERS.has(id));
  const vinegarG = massOfAll(lines, ({ id }) => id === 'vinegar');
  if (peppersG > 0 && vinegarG < VINEGAR_PER_PEPPER * peppersG) {
    return [
      `Peppers are a low-acid food, and there is too little vinegar: at least ${Math.ceil(VINEGAR_PER_PEPPER * peppersG)} g of 5 % vinegar for ${Math.round(peppersG)} g of peppers.`,
    ];
  }
  if (computedPH === null || computedPH.p90 > PEPPER_PH) {
    return [
      `By the sums its pH may reach ${computedPH?.p90.toFixed(1) ?? 'anything'}, too near 4.6 for a food that is not acid by itself.`,
    ];
  }
  return [];
}

function againstCurd({ lines }: ShelfCase): string[] {
  const rows = lines.map(({ ingredient }) => ingredient);
  const against: string[] = [];
  const sour = rows.filter(({ kind }) => kind === 'acid' || kind === 'juice' || kind === 'fruit');
  const others = sour.filter(({ id }) => !CURD_JUICES.has(id));
  for (const { id, name } of new Map(others.map((row) => [row.id, row])).values()) {
    against.push(
      /^(lemon|lime)-juice/.test(id)
        ? `Fresh ${name.replace('fresh ', '')} varies in strength: only curd of bottled lemon or lime juice may stand on a shelf.`
        : `Only lemon or lime curd of bottled juice has a tested process, and this holds ${name}. Fridge up to four weeks, or freezer up to a year.`,
    );
  }
  if (!rows.some(({ id }) => CURD_JUICES.has(id)) && others.length === 0) {
    against.push(
      'A curd for the shelf is made with bottled lemon or lime juice, and there is none in it.',
    );
  }
  for (const row of rows) {
    if (row.kind === 'sweetener' || CURD_REST.has(row.id) || sour.includes(row)) continue;
    against.push(`${capital(row.name)} is in no tested curd.`);
  }
  return [...new Set(against)];
}

function againstPH({ computedPH, assurance }: ShelfCase): string[] {
  if (computedPH === null || computedPH.p90 < HIGH_ACID_PH || isAssured(assurance)) return [];
  return [
    `By the sums its pH may reach ${computedPH.p90.toFixed(1)}, and only food surely below 4.6 may be processed in boiling water.`,
  ];
}

function againstJars({ product, puzzlingLines, process, jarTooLarge }: ShelfCase): string[] {
  const against: string[] = [];
  if (puzzlingLines > 0) {
    against.push(
      puzzlingLines === 1
        ? 'One line is not understood, so its safety cannot be told.'
        : `${puzzlingLines} lines are not understood, so their safety cannot be told.`,
    );
  }
  if (jarTooLarge) {
    against.push(
      `No processing time is published for ${product === 'butter' ? 'butter' : product.replace('-', ' ')} in jars larger than a ${largestJarName(product)}.`,
    );
  } else if (process === null) {
    against.push('No processing time is published above 10,000 ft (3,048 m).');
  }
  return against;
}

function reasonsFor(found: ShelfCase): string[] {
  const { product, process, assurance } = found;
  const processed = `Only when processed in the jars: ${process?.minutes ?? 0} minutes at this altitude.`;
  if (product === 'curd') {
    return [
      'Lemon or lime curd of bottled juice, in half-pints or smaller: a tested family. It keeps 3 to 4 months.',
      `${processed} The canner’s water is at 82 °C (180 °F) when the jars go in.`,
    ];
  }
  if (isAssured(assurance)) {
    return [
      assurance.testedFormula === null
        ? `Your calibrated meter read pH ${assurance.meterPH?.toFixed(2) ?? ''}, ${METER_PH} or below. Test every batch.`
        : `You say that it is exactly “${assurance.testedFormula}”, a tested formula. Change nothing of it.`,
      processed,
    ];
  }
  if (product === 'pepper-jelly' && rowsOf(found).some(({ id }) => PEPPERS.has(id))) {
    return [
      'Pepper jelly with enough 5 % vinegar: a tested family. Never reduce the vinegar.',
      processed,
    ];
  }
  const fruits = rowsOf(found).filter((row): row is Fruit => acidClassOf(row) === 'high');
  return [
    `${fruits.map(({ name }) => capital(name)).join(' and ')}: high-acid fruit, with nothing in the pot that takes it out of that class.`,
    processed,
  ];
}

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
