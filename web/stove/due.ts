import type { PotSight } from '@idle-kettle/contract';
import type { Estimate, Progress, Sheet } from '@idle-kettle/core';

/** What the screen says to do. */
export type Call = {
  readonly text: string;
  readonly detail: string;
  readonly press: string;
  /** It is time: a clock has run out, the stop is reached, or nothing is waited for. */
  readonly due: boolean;
  /** It should be heard across the kitchen. */
  readonly rings: boolean;
  /** When it will be time, ms on the kitchen’s clock; null where that cannot be told. */
  readonly dueAt: number | null;
};

/** When the stop is expected, ms on the kitchen’s clock; null where it cannot be told. */
export const stopAt = (known: Estimate | null): number | null =>
  known?.minutesLeft ? known.at + known.minutesLeft.p50 * 60_000 : null;

/** What to do now, and whether it is time for it. A practice pot is looked into, where a real one would be. */
export function callFor(
  sheet: Sheet,
  progress: Progress,
  known: Estimate | null,
  sight: PotSight | null,
  nowMs: number,
): Call {
  const { act, more, endsAt } = progress;
  const say = (due: boolean, dueAt: number | null, rings = false): Call => ({
    text: act.text,
    detail: act.detail,
    press: act.press,
    due,
    rings: due && rings,
    dueAt,
  });
  switch (act.id) {
    case 'boil-down':
    case 'reduce': {
      const at = more === null ? stopAt(known) : endsAt;
      const reached = more === null && known !== null && known.doubt === null && known.toGoC <= 0;
      const due = reached || (at !== null && nowMs >= at);
      // A stop that came before its time has no clock.
      if (due)
        return { ...say(true, at !== null && nowMs >= at ? at : null, true), ...TAKE_IT_OFF };
      return more === null
        ? say(false, at)
        : { ...say(false, at), text: `${more.minutes} minutes more`, detail: MORE_DETAIL };
    }
    case 'clock': {
      const due = endsAt !== null && nowMs >= endsAt;
      return due ? { ...say(true, endsAt, true), ...TAKE_IT_OFF } : say(false, endsAt);
    }
    case 'whisk': {
      const due = known !== null && known.tempC.p50 >= sheet.stopC;
      return due ? { ...say(true, null, true), ...TAKE_IT_OFF } : say(false, stopAt(known));
    }
    case 'dissolve':
      return say(sight === null || !sight.grit, null);
    case 'to-boil':
      return say(sight === null || BOILS.has(sight.surface), null);
    case 'to-rolling':
      return say(sight === null || sight.surface === 'rolling', null);
    default:
      return endsAt === null ? say(true, null) : say(nowMs >= endsAt, endsAt, true);
  }
}

const BOILS: ReadonlySet<PotSight['surface']> = new Set(['bubbling', 'rolling']);

const TAKE_IT_OFF = {
  text: 'Take it off the heat',
  detail: 'Now. Then test it.',
} as const;

const MORE_DETAIL = 'It ran on the plate. Boil on, then off the heat and test again.';
