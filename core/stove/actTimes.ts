import type { Stage } from '../boil/index.ts';
import { stagesOf, type Act } from '../chain/index.ts';
import type { CookPlan } from './cookPlan.ts';
import { cookWith, type PotParameters } from './parameters.ts';

/** Time that a hand takes to do something, minutes. */
const HAND_MIN = 1 / 3;

/**
 * When each act of a sheet is over where everything is done as soon as the pot is ready for it.
 * @returns minutes since the flame, by the place of the act
 */
export function minutesAfter(
  cookPlan: CookPlan,
  parameters: PotParameters,
): (act: number) => number {
  const stages = stagesOf(cookPlan.acts, ownStages);
  const taken = cookWith(
    cookPlan,
    parameters,
    stages.map(({ stage }) => stage),
  ).stages;
  return (act) => {
    const last = stages.findLastIndex((one) => one.act <= act);
    return last < 0 ? 0 : (taken[last]?.endMin ?? taken.at(-1)?.endMin ?? 0);
  };
}

/**
 * What the pot goes through during an act; something that a hand does takes a moment on its flame.
 */
const ownStages = (act: Act): readonly Stage[] =>
  act.id === 'light' || act.ahead.length > 0
    ? act.ahead
    : [{ name: act.id, flame: act.flame, until: { kind: 'minutes', minutes: HAND_MIN } }];
