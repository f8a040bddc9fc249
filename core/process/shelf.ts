import type { Fruit, Ingredient } from '../larder/index.ts';
import type { Spread } from '../quantity/index.ts';

export type ShelfVerdict = {
  readonly verdict: 'pantry' | 'fridge' | 'freezer';
  /** Best quality within this many months, unopened. */
  readonly months: number;
  readonly reasons: readonly string[];
};

/** What the verdict looks at. */
export type ShelfCase = {
  readonly ingredients: readonly Ingredient[];
  /** How many lines were not understood. */
  readonly puzzlingLines: number;
  /** Minutes of processing tabled for this altitude; null when none is. */
  readonly processMinutes: number | null;
  /** Whether some jar is larger than the tables cover. */
  readonly jarTooLarge: boolean;
  /** Butter, g per 100 g of what goes into the pot. */
  readonly butterPct: number;
  /** The sums' own pH of the finished spread; null when there is none. It can only stand against. */
  readonly computedPH: Spread | null;
};

/** A knob to settle the foam is common practice; more than this is dairy in the jar. */
const MOST_BUTTER_PCT = 0.5;

/** Boiling-water processing is for food below this pH (21 CFR 114.3, from memory). */
const HIGH_ACID_PH = 4.6;

const PANTRY_MONTHS = 12;
/** Three weeks in the fridge, the cautious end of common practice. */
const FRIDGE_MONTHS = 0.75;

const LOW_ACID: { readonly [acid in Fruit['acidClass']]: string } = {
  high: '',
  borderline: 'is not reliably acid',
  low: 'is a low-acid food',
};

/**
 * Whether a processed jar may stand in the pantry. Only jams of high-acid fruit with sweeteners,
 * sour juices and seasoning may; everything that stands against it is listed. A computed pH may stand
 * against a pantry verdict, and can never grant one.
 */
export function shelfVerdict({
  ingredients,
  puzzlingLines,
  processMinutes,
  jarTooLarge,
  butterPct,
  computedPH,
}: ShelfCase): ShelfVerdict {
  const fruits = ingredients.filter((row): row is Fruit => row.kind === 'fruit');
  const against: string[] = [];
  for (const fruit of new Set(fruits)) {
    if (fruit.acidClass === 'high') continue;
    against.push(
      `${capital(fruit.name)} ${LOW_ACID[fruit.acidClass]}. Jam from it has no tested canning process here, and added lemon juice does not change that.`,
    );
  }
  for (const reason of new Set(ingredients.flatMap((row) => barsShelf(row)))) against.push(reason);
  if (butterPct > MOST_BUTTER_PCT) {
    against.push(
      'More butter than a knob to settle the foam is dairy, which is not safe on the shelf.',
    );
  }
  if (computedPH !== null && computedPH.p90 >= HIGH_ACID_PH) {
    against.push(
      `By the sums its pH may reach ${computedPH.p90.toFixed(1)}, and only food surely below 4.6 may be processed in boiling water.`,
    );
  }
  if (fruits.length === 0) against.push('No fruit in it is known to be acid.');
  if (puzzlingLines > 0) {
    against.push(
      puzzlingLines === 1
        ? 'One line is not understood, so its safety cannot be told.'
        : `${puzzlingLines} lines are not understood, so their safety cannot be told.`,
    );
  }
  if (processMinutes === null)
    against.push('No processing time is published above 10,000 ft (3,048 m).');
  if (jarTooLarge) against.push('No processing time is published for jars larger than a pint.');
  if (against.length > 0) return { verdict: 'fridge', months: FRIDGE_MONTHS, reasons: against };
  return {
    verdict: 'pantry',
    months: PANTRY_MONTHS,
    reasons: [
      `${[...new Set(fruits)].map((fruit) => capital(fruit.name)).join(' and ')}: high-acid fruit, with nothing in the pot that takes it out of that class.`,
      `Only when processed in the jars: ${processMinutes} minutes at this altitude.`,
    ],
  };
}

/** Why this ingredient keeps a spread out of the pantry; none when it does not. */
const barsShelf = (row: Ingredient): string[] =>
  row.kind !== 'fruit' && row.noShelf !== undefined ? [row.noShelf] : [];

const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);
