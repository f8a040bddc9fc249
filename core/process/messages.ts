import { findIngredient } from '../ingredients/index.ts';
import { listed } from '../quantity/index.ts';
import type { SafetyFinding } from './storageCase.ts';
import type { Text } from '@idle-kettle/words/message';

/**
 * Something that stands against the pantry, the rows it is about, and the way back where there is
 * one.
 */
export const safetyFinding = (
  text: Text,
  rows: readonly string[],
  pantryFix: SafetyFinding['pantryFix'] = null,
): SafetyFinding => ({
  text,
  rows,
  pantryFix,
});

/** What a row is called; its id where it is none. */
export const nameOf = (id: string): string => findIngredient(id)?.name ?? id;

/** A text with a capital letter. */
export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

/** Rows by their names: `apple and pear`. */
export const names = (ids: readonly string[]): string => listed(ids.map(nameOf));

/**
 * Grams that suffice, rounded up so that they do.
 * @param value g
 */
export const enough = (value: number): number => Math.ceil(value / 5) * 5;

/**
 * A part of a whole in per cent, to two figures: `12 %`.
 * @param whole more than 0
 */
export const share = (part: number, whole: number): string =>
  `${Number(((100 * part) / whole).toPrecision(2))} %`;

/** A ratio to two decimals, or one: `0.25`, `0.5`. */
export const ratio = (value: number): string => value.toFixed(2).replace(/0$/, '');

/** Taken away by what the other rules ask for, or by nothing. */
export const BY_THE_OTHERS: SafetyFinding['pantryFix'] = {};

/** Leaves rows out, as a way back. */
export const leaveOut = (ids: readonly string[]): SafetyFinding['pantryFix'] => ({ leaveOut: ids });

/** Puts in so many grams more, rounded up so that they suffice. */
export const addMore = (id: string, more: number): SafetyFinding['pantryFix'] => ({
  add: [{ id, grams: enough(more) }],
});
