import { say } from '@idle-kettle/words';
import type { FarStop } from '@idle-kettle/core';
import { SET_IN_A_WORD } from '../words/sets.ts';

/** That a pot left the heat far from its plan: what it is now, and the way back. */
export const StoppedFar = ({ stop }: { readonly stop: FarStop }) => (
  <p
    role="status"
    data-testid="stopped-far"
    className="border-l-8 border-secondary py-1 pl-3 text-lg"
  >
    {say(stop.solublesPct < stop.targetPct ? 'jars.stoppedEarly' : 'jars.stoppedLate', {
      found: Math.round(stop.solublesPct),
      target: Math.round(stop.targetPct),
    })}{' '}
    {stop.set !== null &&
      say('jars.asItIsTheSet', { set: say(SET_IN_A_WORD[stop.set]).toLowerCase() })}
  </p>
);
