import type { CookMoment, Stage } from '../boil/index.ts';
import { chanceFrom, normalFrom, spreadOf } from '../forecast/index.ts';
import { massOf, solublesPctOf } from '../formula/index.ts';
import { commonPractice, constant, type Spread } from '../quantity/index.ts';
import { cookAs, firstAs, momentAt, type Belief } from './belief.ts';
import type { Fitted } from './fit.ts';
import type { Sheet } from './sheet.ts';

/** What no reading tells of the time still to come: a drifting flame, a draught, a lid; logarithm, one standard deviation. */
export const AHEAD_SD = constant(0.04, '1', commonPractice('judgement'));
/** How many pots are imagined for the ranges. */
const DRAWS = 32;

export type BandPoint = { readonly minute: number } & Spread;

/** A pot as it may be: what it is now, what it was, and what it will be if the sheet is followed. */
export type Pot = {
  readonly now: CookMoment;
  readonly past: readonly CookMoment[];
  readonly offset: number;
  readonly powerW: number;
  readonly leftMin: number | null;
  readonly trace: readonly CookMoment[];
};

/** One pot as believed: through what was, and on through what is ahead. */
export function potOf(
  sheet: Sheet,
  belief: Belief,
  past: readonly Stage[],
  ahead: readonly Stage[],
  minute: number,
): Pot {
  const powerW = sheet.setting.netPowerW * Math.exp(belief[0]);
  const offset = belief[2];
  const stages = [...past, ...ahead];
  if (stages.length === 0) {
    const contents = firstAs(sheet, belief);
    const now = {
      minute,
      tempC: sheet.setting.startTempC,
      massG: massOf(contents),
      solublesPct: solublesPctOf(contents),
    };
    return { now, past: [], offset, powerW, leftMin: null, trace: [now] };
  }
  const cook = cookAs(sheet, belief, stages);
  const end = cook.stages.at(-1)?.endMin ?? 0;
  return {
    now: momentAt(cook.trace, minute),
    past: cook.trace.filter((moment) => moment.minute <= minute),
    offset,
    powerW,
    leftMin: cook.outcome === 'reached' && ahead.length > 0 ? Math.max(0, end - minute) : null,
    trace: cook.trace,
  };
}

/** Pots as they may be, drawn around what is believed. */
export const imagined = (
  sheet: Sheet,
  fitted: Fitted,
  past: readonly Stage[],
  ahead: readonly Stage[],
  minute: number,
): readonly ImaginedPot[] =>
  drawn(fitted).map(({ belief, late }) => {
    const pot = potOf(sheet, belief, past, ahead, minute);
    return { ...pot, late, leftMin: pot.leftMin === null ? null : pot.leftMin * late };
  });

/** A pot, and how many times as long as believed what is still to come will take. */
export type ImaginedPot = Pot & { readonly late: number };

/** Beliefs drawn around the fitted one: the same every time, so that figures do not flicker. */
function drawn({
  belief,
  spread,
}: Fitted): readonly { readonly belief: Belief; readonly late: number }[] {
  const chance = chanceFrom(1);
  return Array.from({ length: DRAWS }, () => {
    const z = [normalFrom(chance), normalFrom(chance), normalFrom(chance)];
    const late = Math.exp(AHEAD_SD.value * normalFrom(chance));
    const one = belief.map(
      (value, i) =>
        value +
        (spread[i] as readonly number[]).reduce((sum, s, j) => sum + s * (z[j] as number), 0),
    ) as unknown as Belief;
    return { belief: one, late };
  });
}

const BAND_POINTS = 24;

/** The band of the temperature from now until most pots have stopped. */
export function bandOf(pots: readonly ImaginedPot[], minute: number): readonly BandPoint[] {
  const ends = pots.flatMap(({ leftMin }) => (leftMin === null ? [] : [leftMin]));
  if (ends.length === 0) return [];
  const span = spreadOf(Float64Array.from(ends)).p90;
  return Array.from({ length: BAND_POINTS + 1 }, (_, i) => {
    const at = minute + (span * i) / BAND_POINTS;
    const temps = pots.map(
      ({ trace, offset, late }) => momentAt(trace, minute + (at - minute) / late).tempC + offset,
    );
    return { minute: at, ...spreadOf(Float64Array.from(temps)) };
  });
}
