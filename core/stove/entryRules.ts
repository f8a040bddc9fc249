import { type Text, message } from '@idle-kettle/words/message';
import { jarsFromText, MOUND_OUTCOMES, PLATE_OUTCOMES, SHEET_OUTCOMES } from '../chain/index.ts';
import type { Entry, EntryKind } from './entry.ts';

/** What an entry of a kind may hold. */
type Rule = {
  /** Its number, with the unit for messages; absent where none is looked at. */
  readonly value?: { readonly least: number; readonly most: number; readonly unit: string };
  /** Whether the number may be left out. */
  readonly mayBeNone?: true;
  /**
   * Its words: some of these, any, jars by name, or the place of a size; absent where none are
   * looked at.
   */
  readonly text?: readonly string[] | 'any' | 'jars' | 'row';
};

/** What is of a load in a canner names it by its number. */
const OF_A_LOAD: Rule = { value: { least: 1, most: 99, unit: '' } };
/** What is of jars names them. */
const OF_JARS: Rule = { text: 'jars' };
const OF_A_ROW: Rule = { text: 'row' };

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
  measured: { value: { least: 0, most: 200_000, unit: 'mL' } },
  filled: { value: { least: 1, most: 4000, unit: 'mL' }, mayBeNone: true, text: 'jars' },
  bubbled: OF_A_ROW,
  wiped: OF_A_ROW,
  lidded: OF_A_ROW,
  tight: OF_A_ROW,
  loaded: { ...OF_A_LOAD, text: 'jars' },
  'canner-lit': OF_A_LOAD,
  'canner-boils': OF_A_LOAD,
  'boil-lost': OF_A_LOAD,
  'water-in': OF_A_LOAD,
  'canner-off': OF_A_LOAD,
  'lifted-out': OF_A_LOAD,
  sealed: OF_JARS,
  unsealed: OF_JARS,
  siphoned: OF_JARS,
  floating: OF_JARS,
  cracked: OF_JARS,
  'new-lid': OF_JARS,
  'to-fridge': OF_JARS,
  'to-freezer': OF_JARS,
};

/** What is wrong with an entry, with the part of it; null for nothing. */
export function entryFault({ kind, value, text }: Pick<Entry, 'kind' | 'value' | 'text'>): {
  readonly part: 'value' | 'text';
  readonly message: Text;
} | null {
  const { value: number, mayBeNone = false, text: words } = RULES[kind] ?? {};
  if (number !== undefined && !isWithin(number, value) && !(mayBeNone && value === null)) {
    const { least, most, unit } = number;
    return {
      part: 'value',
      message: message('stove.valueMustBe', { kind, least, most, unit }),
    };
  }
  const wanted = words === undefined ? null : wantedOf(words, text);
  return wanted === null
    ? null
    : { part: 'text', message: message('stove.textMust', { kind, wanted }) };
}

const isWithin = ({ least, most }: NonNullable<Rule['value']>, value: number | null): boolean =>
  value !== null && value >= least && value <= most;

/** What a text would have to be; null where it is. */
function wantedOf(words: NonNullable<Rule['text']>, text: string | null): Text | null {
  switch (words) {
    case 'any':
      return text === null || text.trim() === '' ? message('stove.sayWhat') : null;
    case 'jars':
      return text === null || jarsFromText(text) === null ? message('stove.nameJars') : null;
    case 'row':
      return text === null || /^[1-9]\d?$/.test(text) ? null : message('stove.placeOfASize');
    default:
      return text !== null && words.includes(text)
        ? null
        : message('stove.oneOf', { words: words.join(', ') });
  }
}

/**
 * Boiling water that a thermometer shows lies no farther than this from what the place says:
 * thermometers are off by less; K.
 */
export const WATER_OFF_K = 6;

/**
 * Whether a thermometer that shows `shownC` can stand in boiling water, where water boils at
 * `waterBoilsC`.
 * @param shownC what the thermometer shows, °C
 * @param waterBoilsC where water boils in this kitchen, °C
 */
export const canBeBoilingWater = (shownC: number, waterBoilsC: number): boolean =>
  Math.abs(shownC - waterBoilsC) <= WATER_OFF_K;

/**
 * What boiling water showed, by the last entry that can be so, °C; null where none was noted.
 * @returns °C
 */
export const boilingWaterOf = (events: readonly Entry[], waterBoilsC: number): number | null =>
  events.findLast(
    ({ kind, value }) =>
      kind === 'water-boils' && value !== null && canBeBoilingWater(value, waterBoilsC),
  )?.value ?? null;

/**
 * An entry is noted no longer than this before its cook began, and no longer after now: clocks
 * differ, and pots are lit before they are followed.
 */
const A_DAY_MS = 24 * 60 * 60_000;

/** What clocks that agree may still differ by, ms. */
export const CLOCKS_AGREE_MS = 2000;

/**
 * Whether something can have happened at a cook at `atMs`: within a day of it, by the kitchen's
 * clock. What cannot, years off, no view of the cook could show.
 * @param startMs when the cook began
 */
export const canBeAt = (atMs: number, startMs: number, nowMs: number): boolean =>
  atMs >= startMs - A_DAY_MS && atMs <= nowMs + A_DAY_MS;
