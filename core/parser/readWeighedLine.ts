import { message } from '@idle-kettle/words/message';
import {
  findIngredient,
  inState,
  ripened,
  type Form,
  type FruitState,
} from '../ingredients/index.ts';
import { exactly, lineInGrams } from '../quantity/index.ts';
import { impossible, unrecognized, type LineReading } from './line.ts';
import { impossibleMass, lineOf } from './lineOf.ts';
import { juiceRow } from './parts.ts';

/** A line given as data instead of words. */
export type WeighedLine = {
  readonly ingredient: string;
  readonly massG: number;
  readonly form?: Form | undefined;
  readonly state?: FruitState | undefined;
  /** 0 (green) to 1 (over-ripe); 0.5 is ordinary. */
  readonly ripeness?: number | undefined;
};

/** Reads a weighed line by the same rules as a written one. */
export function readWeighedLine(line: WeighedLine): LineReading {
  const { ingredient: name, massG, form = null, state, ripeness = null } = line;
  const text = [lineInGrams(massG), state, form, name]
    .filter((word) => word !== undefined && word !== null)
    .join(' ');
  if (!Number.isFinite(massG))
    return impossible(text, 'amount', message('parser.theAmountMustBeA'));
  const refused = impossibleMass(text, massG);
  if (refused) return refused;
  const row = findIngredient(name);
  if (!row)
    return unrecognized(text, 'ingredient', message('parser.isntAKnownIngredientYet2', { name }));
  const extras = { form, called: '', assumed: '' };
  if (row.kind !== 'fruit') return lineOf(text, row, exactly(massG), { ...extras, ripeness: null });
  const ripe = ripeness === null ? row : ripened(row, ripeness);
  const fruit =
    state === 'juice' ? juiceRow(ripe, true, ripeness) : inState(ripe, state ?? 'fresh');
  return lineOf(text, fruit, exactly(massG), { ...extras, ripeness });
}
