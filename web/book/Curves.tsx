import { say } from '@idle-kettle/words';
import type { CurvePoint } from '@idle-kettle/core/book';
import { formatTemperature, type TemperatureScale } from '@idle-kettle/core';
import { Chart, Legend, LinearScale, LineElement, PointElement, type ChartDataset } from 'chart.js';
import { useEffect, useRef, useState } from 'react';
import { Line } from 'react-chartjs-2';
import { inScale } from '../stove/scale.ts';
import { inkOf, type Ink } from '../ui/ink.ts';
import { minutesInWords } from '../ui/words.ts';

Chart.register(LinearScale, LineElement, PointElement, Legend);

/** One cook's temperatures. */
export type NamedCurve = { readonly name: string; readonly points: readonly CurvePoint[] };

type Props = {
  readonly curves: readonly NamedCurve[];
  readonly scale: TemperatureScale;
};

/** Each curve has a dash of its own beside its colour. */
const DASHES: readonly (readonly number[])[] = [[], [9, 5], [3, 4], [12, 4, 3, 4]];
const inks = ({ text, heat, stop, faint }: Ink) => [heat, stop, text, faint];

/** Temperatures of one cook, or of some laid over one another from their flames on. */
export function Curves({ curves, scale }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [ink, setInk] = useState<Ink | null>(null);
  useEffect(() => {
    if (box.current) setInk(inkOf(box.current));
  }, []);
  const drawn = curves.filter(({ points }) => points.length > 1);
  if (drawn.length === 0) return <p className="opacity-80">{say('book.noCurve')}</p>;
  const datasets: ChartDataset<'line', { x: number; y: number }[]>[] =
    ink === null
      ? []
      : drawn.map(({ name, points }, index) => ({
          label: name,
          data: points.map(({ minute, tempC }) => ({ x: minute, y: inScale(tempC, scale) })),
          borderColor: inks(ink)[index % 4] ?? ink.text,
          borderDash: [...(DASHES[index % 4] ?? [])],
          borderWidth: 3,
          pointRadius: 0,
        }));
  return (
    <div ref={box} className="relative h-64 w-full overflow-hidden">
      {ink !== null && (
        <Line
          role="img"
          aria-label={drawn.map((curve) => inWords(curve, scale)).join('. ')}
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
                title: { display: true, text: say('book.minutesOnHeat'), color: ink.text },
                ticks: { color: ink.text, precision: 0 },
                grid: { display: false },
              },
              y: {
                type: 'linear',
                title: { display: true, text: `°${scale}`, color: ink.text },
                ticks: { color: ink.text },
                grid: { color: ink.faint },
              },
            },
            plugins: {
              legend: { display: drawn.length > 1, labels: { color: ink.text } },
              tooltip: { enabled: false },
            },
          }}
        />
      )}
    </div>
  );
}

function inWords({ name, points }: NamedCurve, scale: TemperatureScale): string {
  const last = points.at(-1);
  return say('book.curveOf', {
    name,
    temp: formatTemperature(last?.tempC ?? 0, scale),
    time: minutesInWords({ p10: last?.minute ?? 0, p90: last?.minute ?? 0 }),
  });
}
