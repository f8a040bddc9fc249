import { type Text, message } from '@idle-kettle/words/message';
import type { Entry } from './entry.ts';
import type { Moment, Progress } from './progress.ts';
import type { CookPlan } from './cookPlan.ts';

/** After something cold, a stir or a change of flame the probe needs this long, minutes. */
const SETTLES_MIN = 0.75;
/** Without a reading for this long there is no probe, ms. */
const SILENT_MS = 60_000;

/** Why the pot cannot be told from its thermometer just now. */
export type Unobserved =
  | 'not lit'
  | 'no reading yet'
  | 'no probe'
  | 'probe out'
  | 'below the boil'
  | 'settling'
  | 'off the heat'
  | 'temperature does not tell';

/**
 * Nothing cold, no stir and no change of flame just before; and the pot on the heat, the probe in
 * it.
 */
export function isQuiet(moments: readonly Moment[], atMs: number): boolean {
  let now: Progress | null = null;
  for (const { event, progress } of moments) {
    if (event.at > atMs) break;
    now = progress;
    if (DISTURBS.has(event.kind) && atMs - event.at < SETTLES_MIN * 60_000) return false;
  }
  return now !== null && now.probeIn && now.onHeat;
}

const DISTURBS: ReadonlySet<string> = new Set([
  'in-water',
  'water-boils',
  'added',
  'stirred',
  'skimmed',
  'pureed',
  'flame',
  'off-heat',
  'lifted',
  'on-heat',
  'probe-in',
  'lid-on',
  'lid-off',
]);

/** Why the temperature does not tell just now; null while it does. */
export function unobservedOf(
  cookPlan: CookPlan,
  entries: readonly Entry[],
  moments: readonly Moment[],
  progress: Progress,
  boils: boolean,
  untilMs: number,
): Unobserved | null {
  if (progress.litAtMs === null) return 'not lit';
  if (!progress.probeIn) return 'probe out';
  if (!progress.onHeat) return 'off the heat';
  if (!cookPlan.tempTells) return 'temperature does not tell';
  const last = entries.findLast(({ kind }) => kind === 'temperature');
  if (untilMs - Math.max(last?.at ?? 0, progress.litAtMs) > SILENT_MS) return 'no probe';
  if (last === undefined) return 'no reading yet';
  if (!isQuiet(moments, untilMs)) return 'settling';
  return boils ? null : 'below the boil';
}

/** Each reason in words. */
export const UNOBSERVED_IN_WORDS: { readonly [reason in Unobserved]: Text } = {
  'not lit': message('stove.nothingIsKnownBeforeThe'),
  'no reading yet': message('stove.noReadingSinceTheFlame'),
  'no probe': message('stove.noReadingForAMinute'),
  'probe out': message('stove.theProbeIsOutThis'),
  'below the boil': message('stove.belowTheBoilTemperatureSays'),
  settling: message('stove.somethingWasJustStirredAdded'),
  'off the heat': message('stove.offTheHeatTemperatureSays'),
  'temperature does not tell': message('stove.temperatureSaysLittleHereWeigh'),
};
