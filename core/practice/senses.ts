import { boilingPointC } from '../boil/index.ts';
import { AS_PLANNED, momentsOf, standingEvents, type Entry, type Sheet } from '../stove/index.ts';
import { truthAt } from './kettle.ts';
import type { Practice } from './practice.ts';

/** What a cook would see and feel at a simulated pot. */
export type Senses = {
  readonly surface: 'still' | 'steaming' | 'bubbling' | 'rolling';
  /** Sugar is felt on the spoon. */
  readonly grit: boolean;
  /** Fruit or peel crushes. */
  readonly soft: boolean;
};

const STEAMS_C = 70;
const NEAR_BOIL_K = 0.3;
/** A boil rolls this long after its first bubbles, sugar dissolves in this long over heat; minutes, common practice. */
const ROLLS_AFTER_MIN = 2;
const DISSOLVES_MIN = 4;

/** What is seen and felt at a moment. `sheet` is the true one. */
export function sensesAt(
  sheet: Sheet,
  practice: Practice,
  entries: readonly Entry[],
  atMs: number,
): Senses {
  const events = standingEvents(entries).filter(({ at }) => at <= atMs);
  const { progress } = momentsOf(sheet, events).at(-1) ?? { progress: null };
  const bubblesAt = (ms: number): boolean => {
    const { tempC, contents } = truthAt(sheet, practice, entries, ms);
    return tempC >= boilingPointC(contents, sheet.setting.pressurePa) - NEAR_BOIL_K;
  };
  const lastAdded = events.findLast(({ kind }) => kind === 'added');
  const onHeat = progress?.onHeat === true;
  const bubbles = onHeat && bubblesAt(atMs);
  const since = atMs - ROLLS_AFTER_MIN * 60_000;
  const rolls = bubbles && (lastAdded === undefined || lastAdded.at < since) && bubblesAt(since);
  const { tempC } = truthAt(sheet, practice, entries, atMs);
  const softAfter = sheet.acts.find(({ id }) => id === 'soften' || id === 'sauce')?.minutes ?? 0;
  const litAt = progress?.litAt ?? null;
  const boiled =
    sheet.acts[1]?.id === 'sauce' ? truthAt(sheet, practice, entries, atMs).boilMin : null;
  const cooked = boiled ?? (litAt === null ? 0 : (atMs - litAt) / 60_000);
  return {
    surface: rolls ? 'rolling' : bubbles ? 'bubbling' : tempC > STEAMS_C ? 'steaming' : 'still',
    grit: lastAdded?.text === AS_PLANNED && atMs - lastAdded.at < DISSOLVES_MIN * 60_000,
    soft: cooked >= softAfter,
  };
}
