import { say } from '@idle-kettle/words';
import { median, type Entry, type Estimate, type TemperatureScale } from '@idle-kettle/core';
import {
  Chart,
  Filler,
  LinearScale,
  LineElement,
  PointElement,
  Tooltip,
  type ChartDataset,
} from 'chart.js';
import { memo, useEffect, useMemo, useRef, useState } from 'react';
import { Line } from 'react-chartjs-2';
import { inkOf, type Ink } from '../ui/ink.ts';
import { inScale } from './scale.ts';

Chart.register(LinearScale, LineElement, PointElement, Filler, Tooltip);

type Props = {
  readonly readings: readonly Entry[];
  readonly known: Estimate | null;
  readonly litAtMs: number | null;
  readonly stopC: number;
  readonly waterBoilsC: number;
  readonly scale: TemperatureScale;
};

/** More points than this are drawn as medians of a few at a time. */
const MOST_POINTS = 300;

type Point = { x: number; y: number };

/**
 * Temperature against minutes: the readings, what is expected with its band, the stop, and boiling
 * water.
 */
export const Curve = memo(function Curve(props: Props) {
  const { readings, known, litAtMs, stopC, waterBoilsC, scale } = props;
  const box = useRef<HTMLDivElement>(null);
  const [ink, setInk] = useState<Ink | null>(null);
  useEffect(() => {
    if (box.current) setInk(inkOf(box.current));
  }, []);

  const shown = useMemo((): Point[] => {
    if (litAtMs === null) return [];
    const after = readings.filter(({ at }) => at >= litAtMs);
    const every = Math.max(1, Math.ceil(after.length / MOST_POINTS));
    return Array.from({ length: Math.ceil(after.length / every) }, (_, index) => {
      const few = after.slice(index * every, (index + 1) * every);
      const last = few.at(-1)?.at ?? litAtMs;
      return {
        x: (last - litAtMs) / 60_000,
        y: inScale(median(few.map(({ value }) => value ?? 0)), scale),
      };
    });
  }, [readings, litAtMs, scale]);

  const end = Math.max(5, known?.ahead.at(-1)?.minute ?? 0, (known?.minute ?? 0) + 2);
  const line = (of: number): Point[] => [
    { x: 0, y: inScale(of, scale) },
    { x: end, y: inScale(of, scale) },
  ];
  const band = (of: 'p10' | 'p50' | 'p90'): Point[] =>
    (known?.ahead ?? []).map((point) => ({ x: point.minute, y: inScale(point[of], scale) }));
  const plain = { pointRadius: 0, tension: 0 };
  const datasets: ChartDataset<'line', Point[]>[] = ink
    ? [
        { ...plain, label: 'low', data: band('p10'), borderWidth: 0 },
        {
          ...plain,
          label: say('stove.expectedRange'),
          data: band('p90'),
          borderWidth: 0,
          backgroundColor: ink.band,
          fill: '-1',
        },
        {
          ...plain,
          label: 'expected',
          data: band('p50'),
          borderColor: ink.heat,
          borderWidth: 3,
          borderDash: [8, 6],
        },
        { ...plain, label: 'stop', data: line(stopC), borderColor: ink.stop, borderWidth: 4 },
        {
          ...plain,
          label: say('stove.waterBoils'),
          data: line(waterBoilsC),
          borderColor: ink.text,
          borderWidth: 2,
          borderDash: [3, 5],
        },
        {
          label: 'readings',
          data: shown,
          borderColor: ink.text,
          borderWidth: 3,
          pointRadius: shown.length < 20 ? 4 : 0,
          pointBackgroundColor: ink.text,
        },
      ]
    : [];
  const last = shown.at(-1);
  return (
    <div ref={box} className="relative h-64 w-full overflow-hidden">
      {ink && (
        <Line
          role="img"
          aria-label={
            last
              ? say('stove.temperatureAfterMinutesCookTo', {
                  value: last.x.toFixed(0),
                  value2: last.y.toFixed(1),
                  scale,
                  value3: inScale(stopC, scale).toFixed(1),
                })
              : say('stove.theCurveStartsWhenThe')
          }
          data={{ datasets }}
          options={{
            animation: false,
            maintainAspectRatio: false,
            parsing: false,
            events: [],
            scales: {
              x: {
                type: 'linear',
                min: 0,
                max: Math.ceil(end),
                title: {
                  display: true,
                  text: say('stove.minutesSinceTheBurnerWent'),
                  color: ink.text,
                },
                ticks: { color: ink.text, precision: 0 },
                grid: { display: false },
              },
              y: {
                type: 'linear',
                // At the boil only the climb from there matters.
                [known?.atTheBoil ? 'min' : 'suggestedMin']: inScale(
                  waterBoilsC - (known?.atTheBoil ? 2 : 40),
                  scale,
                ),
                suggestedMax: inScale(stopC + 1, scale),
                title: { display: true, text: `°${scale}`, color: ink.text },
                ticks: { color: ink.text },
                grid: { color: ink.faint },
              },
            },
            plugins: { legend: { display: false }, tooltip: { enabled: false } },
          }}
        />
      )}
    </div>
  );
}, isDrawn);

/** Readings alone are drawn with the next estimate, which follows them within seconds. */
function isDrawn(before: Props, after: Props): boolean {
  const { readings: drawn, ...was } = before;
  const { readings, ...is } = after;
  const isFirst = drawn.length === 0 && readings.length > 0;
  return !isFirst && (Object.keys(is) as (keyof typeof is)[]).every((key) => is[key] === was[key]);
}
