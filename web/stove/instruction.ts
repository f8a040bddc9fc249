import { say } from '@idle-kettle/words';
import type { PotSight } from '@idle-kettle/contract';
import type { Estimate, Progress, CookPlan, TemperatureScale } from '@idle-kettle/core';
import { cooksForHours, formatTemperature } from '@idle-kettle/core';
import { actInWords } from '../words/acts.ts';

/** What the screen says to do. */
export type Instruction = {
  readonly text: string;
  readonly detail: string;
  readonly press: string;
  /** It is time: a clock has run out, the stop is reached, or nothing is waited for. */
  readonly due: boolean;
  /** It should be heard across the kitchen. */
  readonly rings: boolean;
  /** When it will be time, ms on the kitchen’s clock; null where that cannot be told. */
  readonly dueAtMs: number | null;
  /** Why the press is asked about first: the probe says otherwise. Null where it is not. */
  readonly heldBack: string | null;
  /** What the press says happened, where it is not the end of the act that is on. */
  readonly says: 'on-heat' | null;
  /** What may have happened instead; null where nothing else may. */
  readonly instead: { readonly press: string; readonly says: 'off-heat' } | null;
};

/** When the stop is expected, ms on the kitchen’s clock; null where it cannot be told. */
const stopAtMs = (known: Estimate | null): number | null =>
  known?.minutesLeft ? known.atMs + known.minutesLeft.p50 * 60_000 : null;

/**
 * What to do now, and whether it is time for it. A practice pot is looked into, where a real one
 * would be.
 */
export function instructionFor(
  cookPlan: CookPlan,
  progress: Progress,
  known: Estimate | null,
  sight: PotSight | null,
  nowMs: number,
  { scale, practice }: { readonly scale: TemperatureScale; readonly practice: boolean },
): Instruction {
  const { act, more, endsAtMs, setSeenAtMs } = progress;
  const { product, method, process, stopC } = cookPlan;
  const words = actInWords(
    { ...act, minutes: act.takes.minutes },
    {
      product,
      method,
      process,
      forHours: cooksForHours(cookPlan),
      stop: formatTemperature(stopC, scale),
    },
  );
  const instruct = (due: boolean, dueAtMs: number | null, rings = false): Instruction => ({
    text: words.title,
    detail: words.detail,
    press: words.press,
    due,
    rings: due && rings,
    dueAtMs,
    heldBack: null,
    says: null,
    instead: null,
  });
  const untilItBoils = (boils: boolean): Instruction => {
    const heldBack = practice ? null : notYet(cookPlan, known, scale);
    return { ...instruct(boils && heldBack === null, null), heldBack };
  };
  if (progress.state === 'lifted')
    return {
      ...instruct(true, null),
      text: say('stove.backOnTheHeat'),
      detail: say('stove.itsOffForAMoment', { title: words.title }),
      press: say('stove.itsBackOn'),
      says: 'on-heat',
      instead: act.ends.some(({ on }) => on === 'off-heat')
        ? { press: say('stove.itsDoneItStaysOff'), says: 'off-heat' }
        : null,
    };
  switch (act.id) {
    case 'boil-down':
    case 'reduce': {
      if (setSeenAtMs !== null)
        return {
          ...instruct(true, null, true),
          ...takeItOff(),
          detail: say('stove.nowTheTestSaysIts'),
        };
      const at = more === null ? stopAtMs(known) : endsAtMs;
      const reached =
        more === null &&
        known !== null &&
        known.unobserved === null &&
        known.toGoK !== null &&
        known.toGoK <= 0;
      const due = reached || (at !== null && nowMs >= at);
      // A stop that came before its time has no clock.
      if (due)
        return { ...instruct(true, at !== null && nowMs >= at ? at : null, true), ...takeItOff() };
      return { ...instruct(false, at), ...goOn(more) };
    }
    case 'clock': {
      const due = endsAtMs !== null && nowMs >= endsAtMs;
      return due
        ? { ...instruct(true, endsAtMs, true), ...takeItOff() }
        : { ...instruct(false, endsAtMs), ...goOn(more) };
    }
    case 'whisk': {
      const due = known !== null && known.tempKnown && known.tempC.p50 >= cookPlan.stopC;
      return due
        ? { ...instruct(true, null, true), ...takeItOff() }
        : instruct(false, stopAtMs(known));
    }
    case 'dissolve':
      return instruct(sight === null || !sight.grit, null);
    case 'to-boil':
      return untilItBoils(sight === null || BOILS.has(sight.surface));
    case 'to-rolling':
      return untilItBoils(sight === null || sight.surface === 'rolling');
    case 'fill':
      // A practice ends here; a real pot goes on at the jars, which are a screen of their own.
      return practice
        ? instruct(true, null)
        : { ...instruct(true, null), press: say('stove.goToTheJars') };
    default:
      return endsAtMs === null ? instruct(true, null) : instruct(nowMs >= endsAtMs, endsAtMs, true);
  }
}

const BOILS: ReadonlySet<PotSight['surface']> = new Set(['bubbling', 'rolling']);

/** What is said instead while it boils on after a drop that ran; nothing before. */
const goOn = (more: Progress['more']) =>
  more === null
    ? {}
    : {
        text: say('stove.moreMinutes', { count: more.minutes }),
        detail: say('stove.itRanOnThePlate'),
      };

const takeItOff = () => ({
  text: say('stove.takeItOffTheHeat'),
  detail: say('stove.nowThenTestIt'),
});

/** Below boiling water by more than this, a pot does not boil, K. */
const FAR_FROM_BOIL_K = 6;

/**
 * Why a pot cannot be at the boil by what its probe shows; null where it can, or nothing is shown.
 */
function notYet(
  { waterBoilsC }: CookPlan,
  known: Estimate | null,
  scale: TemperatureScale,
): string | null {
  if (known === null || known.shownC === null) return null;
  const { shownC, thermometerIsOff, offsetK } = known;
  const trueC = shownC - (thermometerIsOff ? offsetK.p50 : 0);
  return waterBoilsC - trueC <= FAR_FROM_BOIL_K
    ? null
    : say('stove.theProbeShowsButWater', {
        temperature: formatTemperature(shownC, scale),
        temperature2: formatTemperature(waterBoilsC, scale),
      });
}
