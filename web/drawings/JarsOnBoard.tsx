import { memo } from 'react';

type Props = {
  readonly volumeMl: number;
  /** Pixels that a pint is high. */
  readonly pintPx: number;
  readonly count: number;
  readonly fruit: string;
};

const PINT_ML = 473;
/** From one jar to the next, in the units of the drawing. */
const STEP = 40;

const each = (count: number, path: (x: number) => string): string =>
  Array.from({ length: count }, (_, index) => path(index * STEP)).join('');

/** Jars of one size in a row, as one drawing: a shelf of hundreds is drawn as quickly as one of ten. */
export const JarsOnBoard = memo(function JarsOnBoard({ volumeMl, pintPx, count, fruit }: Props) {
  const height = pintPx * Math.cbrt(volumeMl / PINT_ML);
  const wide = count * STEP - 4;
  return (
    <svg
      viewBox={`0 0 ${wide} 56`}
      height={height}
      width={(wide / 56) * height}
      aria-hidden
      strokeWidth="2.5"
      strokeLinejoin="round"
    >
      <path fill={fruit} d={each(count, (x) => `M${4 + x} 17h28v30q0 6-6 6h-16q-6 0-6-6z`)} />
      <path
        className="fill-none stroke-primary"
        d={each(count, (x) => `M${7 + x} 10q-4 4-4 10v27q0 7 7 7h16q7 0 7-7v-27q0-6-4-10z`)}
      />
      <path
        className="fill-secondary/60 stroke-primary"
        d={each(count, (x) => `M${6 + x} 3h24v7h-24z`)}
      />
    </svg>
  );
});
