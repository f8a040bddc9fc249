import { say, type PlainMessageId } from '@idle-kettle/words';
import type { PlateOutcome } from '@idle-kettle/core';

/**
 * A drop on a cold plate, pushed with a finger: it runs back, closes slowly, or wrinkles and stays
 * parted.
 */
export const PlateDrop = ({ outcome, fruit }: { outcome: PlateOutcome; fruit: string }) => (
  <svg viewBox="0 0 120 90" role="img" aria-label={say(SEEN[outcome])} className="w-full max-w-40">
    <ellipse
      cx="60"
      cy="50"
      rx="56"
      ry="36"
      className="fill-white stroke-primary"
      strokeWidth="3"
    />
    <ellipse
      cx="60"
      cy="48"
      rx="42"
      ry="25"
      className="fill-none stroke-base-300"
      strokeWidth="2"
    />
    {outcome === 'runs' && (
      <path
        d="M34 40 q26 -14 52 0 q10 8 2 16 q-4 10 2 18 q-6 4 -9 -6 q-22 6 -44 -4 q-14 -12 -3 -24z"
        fill={fruit}
        fillOpacity="0.55"
      />
    )}
    {outcome === 'slow' && (
      <>
        <path
          d="M38 38 q22 -12 44 0 q10 12 0 20 q-22 12 -44 0 q-10 -10 0 -20z"
          fill={fruit}
          fillOpacity="0.8"
        />
        <path
          d="M60 33 v24"
          stroke="white"
          strokeOpacity="0.55"
          strokeWidth="5"
          strokeLinecap="round"
        />
      </>
    )}
    {outcome === 'wrinkles' && (
      <>
        <path d="M36 36 q12 -8 19 -4 l-2 32 q-12 2 -18 -6 q-6 -10 1 -22z" fill={fruit} />
        <path d="M84 36 q-12 -8 -19 -4 l2 32 q12 2 18 -6 q6 -10 -1 -22z" fill={fruit} />
        <path
          d="M40 40 q6 4 11 0 M39 47 q6 5 13 1 M40 55 q6 4 12 1 M69 40 q6 4 11 0 M68 47 q6 5 13 1 M69 55 q6 4 12 1"
          fill="none"
          stroke="white"
          strokeWidth="2"
        />
      </>
    )}
  </svg>
);

/** What is seen, in words. */
const SEEN: { readonly [outcome in PlateOutcome]: PlainMessageId } = {
  runs: 'drawings.theDropRunsTogetherAt',
  slow: 'drawings.theGapClosesSlowly',
  wrinkles: 'drawings.theSkinWrinklesAndThe',
};
