import { say } from '@idle-kettle/words';
import type { JarSize, Plan } from '@idle-kettle/core';
import { memo } from 'react';
import { packingInWords } from '../ui/words.ts';
import { jarsDrawn, type DrawnJar } from './jarsDrawn.ts';

/** Most jars drawn; more than that are said in words beside the drawing. */
const MOST_DRAWN = 17;
/**
 * Jars side by side: never so few that they are drawn large, nor so many that they are too small to
 * see.
 */
const PER_ROW = { least: 9, most: 13 };
const STEP = 44;
const ROW = 62;

type Props = {
  readonly jars: NonNullable<Plan['yield']>;
  /** The jars on hand. */
  readonly sizes: readonly JarSize[];
  readonly fruit: string;
};

/**
 * The jars the batch fills, to one scale: sure ones solid, the ones a good outcome adds paler, the
 * part jar to its level.
 */
export const JarRow = memo(function JarRow({ jars, sizes, fruit }: Props) {
  const all = jarsDrawn(jars, sizes);
  const drawn = all.slice(0, MOST_DRAWN);
  const more = all.length - drawn.length;
  const largest = Math.max(...all.map(({ volumeMl }) => volumeMl));
  const places = drawn.length + (more > 0 ? 1 : 0);
  const perRow = Math.min(PER_ROW.most, Math.max(PER_ROW.least, places));
  const rows = Math.ceil(places / perRow);
  const at = (i: number) => ({
    x: (i % perRow) * STEP + 4,
    y: Math.floor(i / perRow) * ROW + 4,
  });
  if (all.length === 0) return null;
  return (
    <svg
      viewBox={`0 0 ${perRow * STEP + 6} ${rows * ROW}`}
      role="img"
      aria-label={inWords(jars)}
      className="w-full max-w-md"
    >
      {drawn.map((jar, i) => (
        <Jar key={i} {...at(i)} jar={jar} scale={Math.cbrt(jar.volumeMl / largest)} fruit={fruit} />
      ))}
      {more > 0 && (
        <text
          x={at(drawn.length).x + 4}
          y={at(drawn.length).y + 36}
          fontSize="14"
          className="fill-base-content"
        >
          + {more}
        </text>
      )}
    </svg>
  );
});

const inWords = (jars: NonNullable<Plan['yield']>): string => {
  const { p10, p90 } = jars.fullJars;
  const part = jars.partMl > 0 ? say('drawings.andTheRestInA') : '';
  return say('drawings.mostLikelyFullJarsAt', { packing: packingInWords(jars), part, p10, p90 });
};

type JarProps = { x: number; y: number; jar: DrawnJar; scale: number; fruit: string };

/** A jar of 36 by 56 at full size, standing on the row’s floor in the middle of its place. */
const Jar = ({ x, y, jar: { level, sure }, scale, fruit }: JarProps) => (
  <g transform={`translate(${x + 18 * (1 - scale)} ${y + 53 * (1 - scale)}) scale(${scale})`}>
    <rect
      x="2"
      y={12 + 40 * (1 - level)}
      width="32"
      height={40 * level}
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
