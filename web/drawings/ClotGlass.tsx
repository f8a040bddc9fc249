import type { Clot } from '@idle-kettle/core';

/** A spoon of juice in a small glass of spirit: one lump that a fork lifts, several, or flakes. */
export const ClotGlass = ({ clot, fruit }: { clot: Clot; fruit: string }) => (
  <svg viewBox="0 0 70 74" aria-hidden className="size-14 shrink-0">
    <path
      d="M14 30 H56 L52 64 q-1 4 -5 4 H23 q-4 0 -5 -4 Z"
      className="fill-info"
      fillOpacity="0.14"
    />
    <g fill={fruit}>
      {clot === 'lump' && (
        <path d="M22 44 q2 -9 13 -9 q13 0 14 10 q1 12 -13 13 q-15 1 -14 -14z" fillOpacity="0.85" />
      )}
      {clot === 'several' && (
        <g fillOpacity="0.75">
          <path d="M21 42 q5 -6 10 0 q2 8 -5 9 q-7 0 -5 -9z" />
          <path d="M36 37 q7 -4 11 2 q2 7 -5 9 q-9 0 -6 -11z" />
          <path d="M31 55 q6 -5 12 0 q1 8 -6 8 q-7 0 -6 -8z" />
        </g>
      )}
      {clot === 'flakes' && (
        <g fillOpacity="0.6">
          {FLAKES.map(([x, y]) => (
            <path key={`${x} ${y}`} d={`M${x} ${y} q3 -3 6 0 q-1 3 -6 0z`} />
          ))}
        </g>
      )}
    </g>
    <path
      d="M10 10 L17 64 q1 6 7 6 h22 q6 0 7 -6 L60 10"
      className="fill-none stroke-primary"
      strokeWidth="3"
      strokeLinecap="round"
    />
    {clot === 'lump' && (
      <path
        d="M35 4 v30 M29 4 v20 q0 6 6 6 q6 0 6 -6 v-20"
        className="fill-none stroke-base-content"
        strokeWidth="2"
        strokeLinecap="round"
      />
    )}
  </svg>
);

const FLAKES = [
  [20, 38],
  [33, 36],
  [44, 41],
  [24, 47],
  [37, 48],
  [28, 57],
  [41, 58],
  [47, 51],
] as const;
