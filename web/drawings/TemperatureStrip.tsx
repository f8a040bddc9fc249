import { say } from '@idle-kettle/words';
import {
  formatDegrees,
  formatTemperature,
  type Plan,
  type TemperatureScale,
} from '@idle-kettle/core';

const WIDTH = 250;
const FROM = 4;
const TO = WIDTH - 4;

/** Two marks and a gap: where water boils here, where to stop, and the climb between them. */
export function TemperatureStrip({ stop, scale }: { stop: Plan['stop']; scale: TemperatureScale }) {
  const stopC = stop.tempC ?? stop.ruleTempC;
  const spanC = Math.max(stopC, stop.ruleTempC) - stop.waterBoilsC;
  const x = (tempC: number) => FROM + 8 + ((TO - FROM - 24) * (tempC - stop.waterBoilsC)) / spanC;
  const water = formatTemperature(stop.waterBoilsC, scale);
  const target = formatTemperature(stopC, scale);
  const gap = formatDegrees(stopC - stop.waterBoilsC, scale);
  return (
    <svg
      viewBox={`0 0 ${WIDTH} 36`}
      role="img"
      aria-label={say('drawings.waterBoilsHereAtCook', { water, gap, target })}
      className="w-full max-w-xs"
    >
      <rect x={FROM} y="5" width={TO - FROM} height="8" rx="4" className="fill-base-300" />
      <rect
        x={x(stop.waterBoilsC)}
        y="5"
        width={x(stopC) - x(stop.waterBoilsC)}
        height="8"
        className="fill-secondary"
      />
      <path
        d={`M${x(stop.ruleTempC)} 2 v14`}
        className="stroke-base-content"
        strokeWidth="1.5"
        strokeDasharray="2.5 2.5"
      />
      {[stop.waterBoilsC, stopC].map((tempC) => (
        <path
          key={tempC}
          d={`M${x(tempC)} 2 v14`}
          className="stroke-primary"
          strokeWidth="4"
          strokeLinecap="round"
        />
      ))}
      <g fontSize="12.5" className="fill-base-content">
        <text x={FROM} y="31">
          {say('drawings.waterBoils2', { water })}
        </text>
        <text x={TO} y="31" textAnchor="end" className="fill-secondary" fontWeight="700">
          {say('drawings.above', { gap })}
        </text>
      </g>
    </svg>
  );
}
