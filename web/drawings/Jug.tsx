import { say } from '@idle-kettle/words';
import type { Range } from '@idle-kettle/core';

const FOOT = 118;
const LIP = 16;
/** Marks up the side, at most. */
const MOST_MARKS = 6;

type Props = {
  readonly volumeMl: Range;
  readonly measured: boolean;
  /** Millilitres of one mark, and what a mark is called: a cup, 100 mL. */
  readonly markMl: number;
  readonly markName: (marks: number) => string;
  readonly fruit: string;
};

/**
 * A measuring jug filled to what a before should give: solid to the least of it, thinner up to the
 * most, and a pointer at the likeliest.
 */
export function Jug({ volumeMl, measured, markMl, markName, fruit }: Props) {
  const { low, typical, high } = volumeMl;
  const every = Math.max(1, Math.ceil((1.15 * high) / markMl / MOST_MARKS));
  const marks = Math.max(1, Math.ceil((1.15 * high) / markMl / every));
  const top = marks * every * markMl;
  const y = (mL: number) => FOOT - ((FOOT - LIP) * mL) / top;
  const inWords = measured
    ? say('drawings.aJugFilledTo', { markName: markName(typical / markMl) })
    : say('drawings.aJugFilledToBetween', {
        markName: markName(low / markMl),
        markName2: markName(high / markMl),
      });
  return (
    <svg viewBox="0 0 150 132" role="img" aria-label={inWords} className="w-full max-w-44">
      <g fill={fruit}>
        <path d={slice(y(low), FOOT)} fillOpacity="0.85" />
        {!measured && <path d={slice(y(high), y(low))} fillOpacity="0.35" />}
      </g>
      <path
        d={`M22 ${LIP - 8} q-8 2 -10 8 l12 8 L31 ${FOOT} q1 6 8 6 h56 q7 0 8 -6 L112 ${LIP - 8}`}
        className="fill-none stroke-primary"
        strokeWidth="4"
        strokeLinejoin="round"
      />
      <path
        d="M112 34 q26 2 22 34 q-3 24 -27 26"
        className="fill-none stroke-primary"
        strokeWidth="7"
        strokeLinecap="round"
      />
      <g className="stroke-base-content" strokeWidth="1.5">
        {Array.from({ length: marks }, (_, i) => (
          <path key={i} d={`M${82} ${y((i + 1) * every * markMl)} h20`} />
        ))}
      </g>
      <g className="fill-base-content" fontSize="11" textAnchor="end">
        {Array.from({ length: marks }, (_, i) => (
          <text key={i} x="78" y={y((i + 1) * every * markMl) + 4}>
            {markName((i + 1) * every)}
          </text>
        ))}
      </g>
      {!measured && (
        <path
          d={`M${side(y(typical)) - 4} ${y(typical)} l-9 -5 v10 Z`}
          className="fill-secondary"
        />
      )}
    </svg>
  );
}

/** Left wall of the jug at a height: it widens upwards. */
const side = (y: number): number => 24 + (7 * (y - LIP)) / (FOOT - LIP);
const slice = (from: number, to: number): string =>
  `M${side(from)} ${from} H${135 - side(from)} L${135 - side(to)} ${to} H${side(to)} Z`;
