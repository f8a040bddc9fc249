import {
  formatDegrees,
  formatTemperature,
  type Plan,
  type TemperatureScale,
} from '@idle-kettle/core';

const FROM = 14;
const TO = 306;

/** Two marks and a gap: where water boils here, where to stop, and the climb between them. */
export function TemperatureStrip({ stop, scale }: { stop: Plan['stop']; scale: TemperatureScale }) {
  const stopC = stop.tempC ?? stop.ruleTempC;
  const spanC = Math.max(stopC, stop.ruleTempC) - stop.waterBoilsC;
  const x = (tempC: number) => FROM + ((TO - FROM - 30) * (tempC - stop.waterBoilsC)) / spanC + 15;
  const water = formatTemperature(stop.waterBoilsC, scale);
  const target = formatTemperature(stopC, scale);
  const gap = formatDegrees(stopC - stop.waterBoilsC, scale);
  return (
    <svg
      viewBox="0 0 320 74"
      role="img"
      aria-label={`Water boils here at ${water}; stop ${gap} above that, at ${target}`}
      className="w-full max-w-sm"
    >
      <rect x={FROM} y="31" width={TO - FROM} height="10" rx="5" className="fill-base-300" />
      <rect
        x={x(stop.waterBoilsC)}
        y="31"
        width={x(stopC) - x(stop.waterBoilsC)}
        height="10"
        className="fill-secondary"
      />
      <path
        d={`M${x(stop.ruleTempC)} 27 v18`}
        className="stroke-base-content"
        strokeWidth="2"
        strokeDasharray="3 3"
      />
      {[stop.waterBoilsC, stopC].map((tempC) => (
        <path
          key={tempC}
          d={`M${x(tempC)} 22 v28`}
          className="stroke-primary"
          strokeWidth="5"
          strokeLinecap="round"
        />
      ))}
      <g fontSize="13.5" className="fill-base-content">
        <text x={FROM} y="14">
          water boils {water}
        </text>
        <text x={TO} y="14" textAnchor="end">
          stop {target}
        </text>
        <text
          x={(x(stop.waterBoilsC) + x(stopC)) / 2}
          y="67"
          textAnchor="middle"
          className="fill-secondary"
          fontWeight="700"
        >
          {gap} above
        </text>
      </g>
    </svg>
  );
}
