import type { Entry } from '../stove/index.ts';
import { HOT_FILL, type HotFill } from './hotFill.ts';

/**
 * Why a jar is not hot: its pot never boiled, or had cooled, or the jar stood too long before the
 * canner.
 */
export type NotHot = 'never boiled' | 'cooled' | 'stood';

/** How hot a pot is by its log. Times on the kitchen's clock. */
export type PotHeat = {
  /** Whether its cook was followed at all: of a pot that was not, nothing is said. */
  readonly followed: boolean;
  readonly boiled: boolean;
  /** Since when it is on the heat; null while it is off. */
  readonly onHeatSinceMs: number | null;
  /** How long it was on the heat before that, min. */
  readonly heatedMin: number;
  /** When it was last known to be hot, off the heat; null before it left the heat. */
  readonly hotAtMs: number | null;
  /** Whether it was read too cool since. */
  readonly readCool: boolean;
};

/** A pot before anything happened. */
export const COLD_POT: PotHeat = {
  followed: false,
  boiled: false,
  onHeatSinceMs: null,
  heatedMin: 0,
  hotAtMs: null,
  readCool: false,
};

/** What is noted of any pot, and tells nothing of how its cook went. */
const ASIDE: ReadonlySet<string> = new Set([
  'in-water',
  'water-boils',
  'probe-in',
  'probe-out',
  'undo',
  'weight',
]);

/** A drop that sets, and fruit that is soft, were at the boil. */
const SETS: ReadonlySet<string> = new Set(['slow', 'wrinkles', 'merges', 'mounds']);

const MIN_MS = 60_000;

/** The pot after something was done or seen at the stove, or said of it at the jars. */
export function heatAfter(pot: PotHeat, event: Entry, hot: HotFill): PotHeat {
  const { kind, at, value, text } = event;
  if (ASIDE.has(kind)) return pot;
  // Who only says that it is ready for its jars cooked it without being followed.
  const now = { ...pot, followed: pot.followed || kind !== 'ready' };
  switch (kind) {
    case 'lit':
    case 'on-heat':
      return { ...now, onHeatSinceMs: pot.onHeatSinceMs ?? at };
    case 'rolling':
      // Said of a pot that had left the heat, it was heated again.
      return pot.hotAtMs !== null && pot.onHeatSinceMs === null
        ? known(now, at)
        : { ...now, boiled: true, onHeatSinceMs: pot.onHeatSinceMs ?? at };
    case 'was-hot':
      return known(now, at);
    case 'softened':
      return { ...now, boiled: true };
    case 'plate-test':
    case 'sheet-test':
    case 'mound-test':
      return SETS.has(text ?? '') ? { ...now, boiled: true } : now;
    case 'off-heat':
    case 'lifted':
    case 'ready':
      return offHeat(now, at);
    case 'temperature':
      return read(now, at, value ?? NaN, hot);
    default:
      return now;
  }
}

/** It is hot now, and has boiled. */
const known = (pot: PotHeat, at: number): PotHeat => ({
  ...pot,
  boiled: true,
  onHeatSinceMs: null,
  hotAtMs: at,
  readCool: false,
});

function offHeat(pot: PotHeat, at: number): PotHeat {
  if (pot.onHeatSinceMs === null) return { ...pot, hotAtMs: pot.hotAtMs ?? at };
  return {
    ...pot,
    heatedMin: pot.heatedMin + (at - pot.onHeatSinceMs) / MIN_MS,
    onHeatSinceMs: null,
    hotAtMs: at,
  };
}

/** What was read; a thermometer that is tried in boiling water before says nothing of the pot. */
function read(pot: PotHeat, at: number, tempC: number, hot: HotFill): PotHeat {
  if (pot.onHeatSinceMs !== null) return tempC >= hot.boilsC ? { ...pot, boiled: true } : pot;
  if (pot.hotAtMs === null) return pot;
  return tempC < HOT_FILL.value
    ? { ...pot, readCool: true }
    : { ...pot, readCool: false, hotAtMs: at };
}

/**
 * Why what is filled at a time is not hot; null where it is, as far as the log tells, and for a pot
 * that was not followed.
 */
export function notHotAt(pot: PotHeat, at: number, hot: HotFill | null): NotHot | null {
  if (hot === null || !pot.followed) return null;
  const onHeatMin = pot.onHeatSinceMs === null ? 0 : (at - pot.onHeatSinceMs) / MIN_MS;
  const boiled = pot.boiled || pot.heatedMin + onHeatMin >= hot.boilsAfterMin;
  if (!boiled) return 'never boiled';
  if (pot.readCool) return 'cooled';
  const isOff = pot.onHeatSinceMs === null && pot.hotAtMs !== null;
  return isOff && at - (pot.hotAtMs ?? at) > hot.staysHotMin * MIN_MS ? 'cooled' : null;
}
