type Props = {
  readonly volumeMl: number;
  /** Pixels that a pint is high. */
  readonly pintPx: number;
  /** The colour of what is in it; left out for an empty jar. */
  readonly fruit?: string;
};

const PINT_ML = 473;

/** A jar by its size, empty or full, the same scale for all that stand together. */
export const JarDrawing = ({ volumeMl, pintPx, fruit }: Props) => {
  const height = pintPx * Math.cbrt(volumeMl / PINT_ML);
  return (
    <svg
      viewBox="0 0 36 56"
      height={height}
      width={(36 / 56) * height}
      aria-hidden
      className="fill-base-100 stroke-primary"
      strokeWidth="2.5"
      strokeLinejoin="round"
    >
      {fruit !== undefined && (
        <path d="M4 17 H32 V47 Q32 53 26 53 H10 Q4 53 4 47 z" fill={fruit} stroke="none" />
      )}
      <path
        d="M7 10 Q3 14 3 20 V47 Q3 54 10 54 H26 Q33 54 33 47 V20 Q33 14 29 10 z"
        className={fruit === undefined ? '' : 'fill-none'}
      />
      <rect x="6" y="3" width="24" height="7" rx="2" className="fill-secondary/60" />
    </svg>
  );
};
