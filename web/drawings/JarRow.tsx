import { memo } from 'react';

/** Most jars drawn; more than that are said in words beside the drawing. */
const MOST_DRAWN = 18;
const STEP = 44;

type Props = {
  /** Full jars in a poor and in a good outcome. */
  readonly p10: number;
  readonly p90: number;
  readonly fruit: string;
};

/** The jars the batch fills: sure ones solid, the ones a good outcome adds paler, the part jar to its level. */
export const JarRow = memo(function JarRow({ p10, p90, fruit }: Props) {
  const drawn = Math.min(p90, MOST_DRAWN);
  const more = p90 - drawn;
  const inWords = `${p10} jars for certain, ${p90} in a good outcome, and a part jar for the fridge`;
  const perRow = 9;
  const rows = Math.ceil((drawn + 1) / perRow);
  return (
    <svg
      viewBox={`0 0 ${perRow * STEP + 6} ${rows * 62}`}
      role="img"
      aria-label={inWords}
      className="w-full max-w-md"
    >
      {Array.from({ length: drawn }, (_, i) => (
        <Jar
          key={i}
          x={(i % perRow) * STEP + 4}
          y={Math.floor(i / perRow) * 62 + 4}
          fill={1}
          fruit={fruit}
          sure={i < p10}
        />
      ))}
      {more === 0 && (
        <Jar
          x={(drawn % perRow) * STEP + 4}
          y={Math.floor(drawn / perRow) * 62 + 4}
          fill={0.35}
          fruit={fruit}
          sure={false}
        />
      )}
      {more > 0 && (
        <text
          x={(drawn % perRow) * STEP + 8}
          y={Math.floor(drawn / perRow) * 62 + 36}
          fontSize="16"
          className="fill-base-content"
        >
          and {more} more
        </text>
      )}
    </svg>
  );
});

type JarProps = { x: number; y: number; fill: number; fruit: string; sure: boolean };

const Jar = ({ x, y, fill, fruit, sure }: JarProps) => (
  <g transform={`translate(${x} ${y})`}>
    <rect
      x="2"
      y={12 + 40 * (1 - fill)}
      width="32"
      height={40 * fill}
      rx="5"
      fill={fruit}
      fillOpacity={sure ? 0.9 : 0.35}
    />
    <rect
      x="2"
      y="11"
      width="32"
      height="41"
      rx="7"
      className="fill-none stroke-primary"
      strokeWidth="2.5"
      strokeDasharray={sure ? undefined : '4 3'}
    />
    <path d="M5 6 h26" className="stroke-primary" strokeWidth="6" strokeLinecap="round" />
  </g>
);
