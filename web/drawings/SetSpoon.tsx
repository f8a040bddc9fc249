import { say } from '@idle-kettle/words';
import type { SetClass } from '@idle-kettle/core';
import { SET_IN_A_WORD } from '../words/sets.ts';

/** What a tipped spoonful does: it runs off, hangs, bulges, holds, or stands as it was cut. */
const SPOONFUL: { readonly [set in SetClass]: string } = {
  pours: 'M18 34 q14 -5 30 -1 q6 3 5 12 q-1 16 -4 26 q-2 4 -5 0 q-3 -14 -4 -24 q-12 2 -22 -4z',
  loose: 'M17 33 q14 -8 31 -3 q8 5 7 16 q-1 8 -5 9 q-5 -1 -6 -8 q-12 3 -25 -4z',
  soft: 'M16 33 q15 -15 33 -7 q7 5 4 13 q-4 5 -10 4 q-14 2 -26 -4z',
  firm: 'M17 34 q4 -19 18 -19 q15 1 17 14 q1 8 -4 10 q-16 3 -29 -1z',
  slices: 'M18 35 l3 -21 q13 -5 27 0 l3 22 q-15 5 -32 3z',
};

/** A tipped spoonful of the cold spread, by how it has set. */
export const SetSpoon = ({ set, fruit }: { readonly set: SetClass; readonly fruit: string }) => (
  <svg viewBox="0 0 110 78" role="img" aria-label={say(SET_IN_A_WORD[set])} className="w-full">
    <path
      d="M58 34 l44 -12 q5 2 2 6 l-44 13"
      className="fill-base-300 stroke-primary"
      strokeWidth="2.5"
      strokeLinejoin="round"
    />
    <ellipse
      cx="35"
      cy="40"
      rx="28"
      ry="12"
      transform="rotate(-6 35 40)"
      className="fill-base-200 stroke-primary"
      strokeWidth="2.5"
    />
    <path d={SPOONFUL[set]} fill={fruit} className="stroke-primary" strokeWidth="1.5" />
    <path
      d="M24 29 q6 -5 13 -5"
      fill="none"
      stroke="white"
      strokeOpacity="0.6"
      strokeWidth="3"
      strokeLinecap="round"
    />
  </svg>
);
