import { say } from '@idle-kettle/words';
import { jarSizeCm } from '@idle-kettle/core';
import { headspaceInWords } from '../words/headspace.ts';

type Props = {
  readonly volumeMl: number;
  readonly headspaceMm: number;
  readonly fruit: string;
  /** Pixels that a centimetre is. */
  readonly scale: number;
};

/** What of a jar’s height its lid and neck take above the glass, cm. */
const LID_CM = 0.9;
/** Room for the measure beside the jar, px. */
const BESIDE = 74;

/**
 * A jar cut through, to scale, filled to its headspace: how far below the rim the spread ends,
 * measured beside it.
 */
export function JarSection({ volumeMl, headspaceMm, fruit, scale }: Props) {
  const { wide, high } = jarSizeCm(volumeMl);
  const [w, h, lid] = [wide * scale, high * scale, LID_CM * scale];
  const rim = lid + 2;
  const level = rim + (headspaceMm / 10) * scale;
  const floor = rim + h - lid;
  const neck = w * 0.06;
  const inches = headspaceInWords(headspaceMm);
  const glass = `M${neck} ${rim} V${rim + lid * 1.2} Q0 ${rim + lid * 1.6} 0 ${rim + lid * 2.4} V${floor - w * 0.12} Q0 ${floor} ${w * 0.12} ${floor} H${w * 0.88} Q${w} ${floor} ${w} ${floor - w * 0.12} V${rim + lid * 2.4} Q${w} ${rim + lid * 1.6} ${w - neck} ${rim + lid * 1.2} V${rim}`;
  return (
    <svg
      width={w + BESIDE}
      height={floor + 4}
      viewBox={`-2 0 ${w + BESIDE} ${floor + 4}`}
      role="img"
      aria-label={say('drawings.fillToBelowTheRim', { inches })}
    >
      <clipPath id={`glass-${volumeMl}`}>
        <path d={`${glass} Z`} />
      </clipPath>
      <rect
        x="0"
        y={level}
        width={w}
        height={floor - level}
        fill={fruit}
        clipPath={`url(#glass-${volumeMl})`}
      />
      <path d={glass} className="fill-none stroke-base-content" strokeWidth="2.5" />
      <path
        d={`M${w * 0.7} ${rim} H${w + 12} M${w * 0.7} ${level} H${w + 12} M${w + 8} ${rim - 8} V${rim} M${w + 8} ${level + 8} V${level}`}
        className="fill-none stroke-secondary"
        strokeWidth="2"
      />
      <text
        x={w + 15}
        y={(rim + level) / 2 + 6}
        fontSize="17"
        fontWeight="bold"
        className="fill-base-content"
      >
        {inches}
      </text>
    </svg>
  );
}
