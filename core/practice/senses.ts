import { boilingPointC } from '../boil/index.ts';
import { DISSOLVE_MIN, ROLLING_MIN } from '../chain/index.ts';
import {
  momentsOf,
  plannedAddition,
  effectiveEvents,
  type Entry,
  type CookPlan,
} from '../stove/index.ts';
import { truthAt, type Truth } from './kettle.ts';
import type { Practice } from './practice.ts';

/** What a cook would see and feel at a simulated pot. */
export type Senses = {
  readonly surface: 'still' | 'steaming' | 'bubbling' | 'rolling';
  /** Sugar is felt on the spoon. */
  readonly grit: boolean;
};

/** Additions that are felt on the spoon until they dissolve. */
const GRITTY: ReadonlySet<string> = new Set(['first', 'sugar', 'sugar-and-pectin']);
const STEAMS_C = 70;
const NEAR_BOIL_K = 0.3;
/** What is seen and felt at a moment. `sheet` is the true one. */
export function sensesAt(
  cookPlan: CookPlan,
  practice: Practice,
  entries: readonly Entry[],
  atMs: number,
): Senses {
  const events = effectiveEvents(entries).filter(({ at }) => at <= atMs);
  const { progress } = momentsOf(cookPlan, events).at(-1) ?? { progress: null };
  const bubblesIn = ({ tempC, contents }: Truth): boolean =>
    tempC >= boilingPointC(contents, cookPlan.setting.pressurePa) - NEAR_BOIL_K;
  const truth = truthAt(cookPlan, practice, entries, atMs);
  const lastAdded = events.findLast(({ kind }) => kind === 'added');
  const bubbles = progress?.onHeat === true && bubblesIn(truth);
  const since = atMs - ROLLING_MIN * 60_000;
  const rolls =
    bubbles &&
    (lastAdded === undefined || lastAdded.at < since) &&
    bubblesIn(truthAt(cookPlan, practice, entries, since));
  const steams = truth.tempC > STEAMS_C;
  return {
    surface: rolls ? 'rolling' : bubbles ? 'bubbling' : steams ? 'steaming' : 'still',
    grit:
      lastAdded !== undefined &&
      GRITTY.has(plannedAddition(lastAdded) ?? '') &&
      atMs - lastAdded.at < DISSOLVE_MIN * 60_000,
  };
}
