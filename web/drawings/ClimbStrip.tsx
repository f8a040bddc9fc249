import { say } from '@idle-kettle/words';
import {
  formatDegrees,
  formatOnScale,
  formatTemperature,
  type TemperatureScale,
} from '@idle-kettle/core';
import { memo } from 'react';

type Props = {
  readonly waterBoilsC: number;
  readonly stopC: number;
  /** What the pot shows now, °C; null before there is anything. */
  readonly tempC: number | null;
  readonly scale: TemperatureScale;
};

const WIDTH = 196;
const HEIGHT = 520;
const FOOT = HEIGHT - 26;
const TOP = 30;
/** Where the two marks stand, and how much of the strip is left to what is below boiling water. */
const STOP_Y = 96;
const WATER_Y = 380;

/**
 * Two marks and a gap, the height of the stove: water boils here, stop, and how far the pot has
 * climbed between them.
 */
export const ClimbStrip = memo(function ClimbStrip(props: Props) {
  const { waterBoilsC, stopC, tempC, scale } = props;
  const perK = (WATER_Y - STOP_Y) / Math.max(0.1, stopC - waterBoilsC);
  const y = (of: number): number => {
    const place = WATER_Y - (of - waterBoilsC) * perK;
    // Below boiling water the strip is drawn together: all the way from a cold pot in what is left
    // of it.
    if (of < waterBoilsC) return WATER_Y + ((waterBoilsC - of) / 80) * (FOOT - WATER_Y);
    return Math.max(TOP, place);
  };
  const now = tempC === null ? FOOT : Math.min(FOOT, y(tempC));
  const past = tempC !== null && tempC >= stopC;
  const words =
    tempC === null
      ? say('drawings.noTemperatureYet')
      : say('drawings.nowWaterBoilsHereAt', {
          temperature: formatTemperature(tempC, scale),
          temperature2: formatTemperature(waterBoilsC, scale),
          temperature3: formatTemperature(stopC, scale),
        });
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={words}
      className="h-full max-h-[34rem] w-full"
    >
      <rect
        x="52"
        y={TOP - 14}
        width="30"
        height={FOOT - TOP + 28}
        rx="15"
        className="fill-base-300"
      />
      <rect
        x="52"
        y={now}
        width="30"
        height={FOOT + 14 - now}
        rx="6"
        className={past ? 'fill-error' : 'fill-secondary'}
      />
      {[
        { at: STOP_Y, name: say('drawings.cookTo'), value: stopC },
        { at: WATER_Y, name: say('drawings.waterBoils'), value: waterBoilsC },
      ].map(({ at, name, value }) => (
        <g key={name} className="fill-base-content">
          <path
            d={`M38 ${at} h58`}
            className="stroke-primary"
            strokeWidth="7"
            strokeLinecap="round"
          />
          <text x="104" y={at - 4} fontSize="17">
            {name}
          </text>
          <text x="104" y={at + 22} fontSize="26" fontWeight="700">
            {formatOnScale(value, scale)}
          </text>
        </g>
      ))}
      {tempC !== null && <path d={`M46 ${now} l-16 -10 v20z`} className="fill-secondary" />}
      <text
        x="22"
        y={(STOP_Y + WATER_Y) / 2}
        fontSize="17"
        fontWeight="700"
        textAnchor="middle"
        transform={`rotate(-90 22 ${(STOP_Y + WATER_Y) / 2})`}
        className="fill-secondary"
      >
        {say('drawings.aboveBoilingWater', { degrees: formatDegrees(stopC - waterBoilsC, scale) })}
      </text>
    </svg>
  );
});
