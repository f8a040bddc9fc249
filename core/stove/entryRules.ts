import { MOUND_OUTCOMES, PLATE_OUTCOMES, SHEET_OUTCOMES } from '../chain/index.ts';
import type { Entry, EntryKind } from './entry.ts';

/** What an entry of a kind may hold. */
type Rule = {
  /** Its number, with the unit for messages; absent where none is looked at. */
  readonly value?: { readonly least: number; readonly most: number; readonly unit: string };
  /** Its words: some of these, or any; absent where none are looked at. */
  readonly text?: readonly string[] | 'any';
};

/** Figures beyond these are slips: no kitchen has them. Common practice. */
const RULES: { readonly [kind in EntryKind]?: Rule } = {
  temperature: { value: { least: -30, most: 300, unit: '°C' } },
  weight: { value: { least: 1, most: 200_000, unit: 'g' } },
  'water-boils': { value: { least: 70, most: 110, unit: '°C' } },
  flame: { value: { least: 0, most: 1.5, unit: 'of the burner' } },
  added: { value: { least: 0.1, most: 200_000, unit: 'g' }, text: 'any' },
  'plate-test': { text: PLATE_OUTCOMES },
  'sheet-test': { text: SHEET_OUTCOMES },
  'mound-test': { text: MOUND_OUTCOMES },
  undo: { text: 'any' },
};

/** What is wrong with an entry, with the part of it; null for nothing. */
export function entryFault({ kind, value, text }: Pick<Entry, 'kind' | 'value' | 'text'>): {
  readonly part: 'value' | 'text';
  readonly message: string;
} | null {
  const { value: number, text: words } = RULES[kind] ?? {};
  if (number !== undefined && !(value !== null && value >= number.least && value <= number.most)) {
    return {
      part: 'value',
      message: `value of ${kind} must be a number from ${number.least} to ${number.most} ${number.unit}.`,
    };
  }
  if (words === undefined) return null;
  if (words === 'any') {
    return text === null || text.trim() === ''
      ? { part: 'text', message: `text of ${kind} must say what.` }
      : null;
  }
  return text !== null && words.includes(text)
    ? null
    : { part: 'text', message: `text of ${kind} must be one of: ${words.join(', ')}.` };
}

/** Boiling water that a thermometer shows lies no farther than this from what the place says: thermometers are off by less; K. */
export const WATER_OFF_K = 6;

/** Whether a thermometer that shows `shownC` can stand in boiling water, where water boils at `waterBoilsC`. */
export const canBeBoilingWater = (shownC: number, waterBoilsC: number): boolean =>
  Math.abs(shownC - waterBoilsC) <= WATER_OFF_K;

/** What boiling water showed, by the last entry that can be so, °C; null where none was noted. */
export const boilingWaterOf = (events: readonly Entry[], waterBoilsC: number): number | null =>
  events.findLast(
    ({ kind, value }) =>
      kind === 'water-boils' && value !== null && canBeBoilingWater(value, waterBoilsC),
  )?.value ?? null;

/** An entry is noted no longer than this before its cook began, and no longer after now: clocks differ, and pots are lit before they are followed. */
const A_DAY_MS = 24 * 60 * 60_000;

/**
 * Whether something can have happened at a cook at `atMs`: within a day of it, by the kitchen's clock. What cannot, years off, no view of
 * the cook could show.
 * @param startMs when the cook began
 */
export const canBeAt = (atMs: number, startMs: number, nowMs: number): boolean =>
  atMs >= startMs - A_DAY_MS && atMs <= nowMs + A_DAY_MS;
