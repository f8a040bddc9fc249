import { findIngredient } from '../larder/index.ts';
import type { Against } from './shelfCase.ts';

export const against = (
  text: string,
  rows: readonly string[],
  way: Against['way'] = null,
): Against => ({
  text,
  rows,
  way,
});

export const nameOf = (id: string): string => findIngredient(id)?.name ?? id;

export const capital = (text: string): string => text.charAt(0).toUpperCase() + text.slice(1);

export const names = (ids: readonly string[]): string => ids.map(nameOf).join(' and ');

export const grams = (value: number): string =>
  value < 10 ? `${Number(value.toFixed(1))} g` : `${Math.round(value).toLocaleString('en-US')} g`;

/** Grams that suffice, rounded up so that they do. */
export const enough = (value: number): number => Math.ceil(value / 5) * 5;

export const share = (part: number, whole: number): string =>
  `${Number(((100 * part) / whole).toPrecision(2))} %`;

export const ratio = (value: number): string => value.toFixed(2).replace(/0$/, '');

/** Taken away by what the other rules ask for, or by nothing. */
export const BY_THE_OTHERS: Against['way'] = {};

/** Leaves rows out, as a way back. */
export const leaveOut = (ids: readonly string[]): Against['way'] => ({ leaveOut: ids });

/** Puts in so many grams more, rounded up so that they suffice. */
export const addMore = (id: string, more: number): Against['way'] => ({
  add: [{ id, grams: enough(more) }],
});
