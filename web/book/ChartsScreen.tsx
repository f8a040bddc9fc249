import { say } from '@idle-kettle/words';
import { jamColourOf, type ChartRow, type Kitchen } from '@idle-kettle/contract';
import { formatDegrees, SET_CLASSES } from '@idle-kettle/core';
import {
  BarElement,
  CategoryScale,
  Chart,
  Legend,
  LinearScale,
  LineElement,
  PointElement,
  type ChartOptions,
} from 'chart.js';
import { ArrowLeft } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Bar, Line, Scatter } from 'react-chartjs-2';
import { Link } from 'react-router';
import { useChartRows } from '../api/book.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { inkOf, type Ink } from '../ui/ink.ts';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { moneyInWords } from '../ui/words.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';
import { ChartBox } from './ChartBox.tsx';
import { costsOf, errorsOf, jarsByFruit, stepOf, stopsOf } from './chartData.ts';

Chart.register(CategoryScale, LinearScale, LineElement, PointElement, BarElement, Legend);

/** Kelvins are drawn in the kitchen’s own degrees. */
const F_A_KELVIN = 1.8;
/** Fruits that are drawn beside one another. */
const MOST_FRUITS = 6;

/** What people look at of a season: how good the plans were, jars, stop and set, and money. */
export function ChartsScreen() {
  const rows = useChartRows();
  const kitchen = useKitchen();
  const failure = failureOf([rows, kitchen]);
  if (failure) return <NotFetched {...failure} />;
  if (!rows.data || !kitchen.data) return <Loading what={say('book.theBook')} />;
  return (
    <>
      <Link to="/book" className="link inline-flex items-center gap-1 text-sm">
        <ArrowLeft aria-hidden className="size-4" /> {say('book.toBook')}
      </Link>
      <PageHeading className="mb-3 text-3xl font-bold text-primary">
        {say('book.charts')}
      </PageHeading>
      <ErrorBoundary what={say('book.charts')} on={rows.data}>
        {rows.data.length < 2 ? (
          <Empty title={say('book.charts')}>{say('book.chartsNone')}</Empty>
        ) : (
          <Charts rows={rows.data} kitchen={kitchen.data} />
        )}
      </ErrorBoundary>
    </>
  );
}

type Props = { readonly rows: readonly ChartRow[]; readonly kitchen: Kitchen };

function Charts({ rows, kitchen }: Props) {
  const box = useRef<HTMLDivElement>(null);
  const [ink, setInk] = useState<Ink | null>(null);
  useEffect(() => {
    if (box.current) setInk(inkOf(box.current));
  }, []);
  return (
    <div ref={box} className="grid gap-6 lg:grid-cols-2">
      {ink !== null && (
        <>
          <Errors rows={rows} ink={ink} />
          <JarsByFruit rows={rows} ink={ink} />
          <StopAndSet rows={rows} ink={ink} kitchen={kitchen} />
          <Costs rows={rows} ink={ink} kitchen={kitchen} />
        </>
      )}
    </div>
  );
}

type WithInk = Pick<Props, 'rows'> & { readonly ink: Ink };

/** What all of them have in common: axes in the ink of the theme, and nothing that moves. */
const axes = (ink: Ink, x: string, y: string) =>
  ({
    x: {
      title: { display: x !== '', text: x, color: ink.text },
      ticks: { color: ink.text },
      grid: { display: false },
    },
    y: {
      title: { display: true, text: y, color: ink.text },
      ticks: { color: ink.text },
      grid: { color: ink.faint },
    },
  }) as const;
const NO_EVENTS: never[] = [];
const still = {
  animation: false as const,
  maintainAspectRatio: false,
  events: NO_EVENTS,
};
const legendOf = (ink: Ink, display = true) => ({
  legend: { display, labels: { color: ink.text } },
});

function Errors({ rows, ink }: WithInk) {
  const errors = errorsOf(rows);
  const options: ChartOptions<'line'> = {
    ...still,
    scales: axes(ink, say('book.cooksInOrder'), say('book.off')),
    plugins: legendOf(ink),
  };
  return (
    <ChartBox
      title={say('book.chartError')}
      why={say('book.chartErrorWhy')}
      head={['', say('book.chartErrorJars'), say('book.chartErrorMinutes')]}
      rows={errors.map(({ name, jarsPct, minutesPct }) => [
        name,
        jarsPct === null ? '' : say('book.percent', { value: jarsPct.toFixed(0) }),
        minutesPct === null ? '' : say('book.percent', { value: minutesPct.toFixed(0) }),
      ])}
    >
      <Line
        aria-hidden
        data={{
          labels: errors.map((_, index) => String(index + 1)),
          datasets: [
            {
              label: say('book.chartErrorJars'),
              data: errors.map(({ jarsPct }) => jarsPct),
              borderColor: ink.heat,
              backgroundColor: ink.heat,
              spanGaps: true,
            },
            {
              label: say('book.chartErrorMinutes'),
              data: errors.map(({ minutesPct }) => minutesPct),
              borderColor: ink.stop,
              backgroundColor: ink.stop,
              borderDash: [7, 5],
              spanGaps: true,
            },
          ],
        }}
        options={options}
      />
    </ChartBox>
  );
}

function JarsByFruit({ rows, ink }: WithInk) {
  const { years, fruits } = jarsByFruit(rows);
  const shown = fruits.slice(0, MOST_FRUITS);
  const options: ChartOptions<'bar'> = {
    ...still,
    scales: axes(ink, '', say('book.jarsAxis')),
    plugins: legendOf(ink),
  };
  return (
    <ChartBox
      title={say('book.chartJars')}
      why=""
      head={['', ...years.map(String)]}
      rows={fruits.map(({ fruit, jars }) => [fruit, ...jars.map(String)])}
    >
      <Bar
        aria-hidden
        data={{
          labels: years.map(String),
          datasets: shown.map(({ id, fruit, jars }) => ({
            label: fruit,
            data: [...jars],
            backgroundColor: jamColourOf(id) ?? ink.text,
          })),
        }}
        options={options}
      />
    </ChartBox>
  );
}

function StopAndSet({ rows, ink, kitchen }: WithInk & Pick<Props, 'kitchen'>) {
  const stops = stopsOf(rows);
  const times = kitchen.temperature === 'F' ? F_A_KELVIN : 1;
  const scales = axes(
    ink,
    say('book.stopAxis', { degrees: `°${kitchen.temperature}` }),
    say('book.set'),
  );
  const options: ChartOptions<'scatter'> = {
    ...still,
    scales: {
      ...scales,
      y: {
        ...scales.y,
        min: -1,
        max: SET_CLASSES.length,
        ticks: {
          color: ink.text,
          stepSize: 1,
          callback: (value) => {
            const set = SET_CLASSES[Number(value)];
            return set === undefined ? '' : say(SET_IN_A_WORD[set]);
          },
        },
      },
    },
    plugins: legendOf(ink, false),
  };
  return (
    <ChartBox
      title={say('book.chartStop')}
      why={say('book.chartStopWhy')}
      head={['', say('book.stop'), say('book.set')]}
      rows={stops.map(({ name, aboveK, set }) => [
        name,
        formatDegrees(aboveK, kitchen.temperature),
        say(SET_IN_A_WORD[set]),
      ])}
    >
      <Scatter
        aria-hidden
        data={{
          datasets: [
            {
              data: stops.map(({ aboveK, set }) => ({ x: aboveK * times, y: stepOf(set) })),
              backgroundColor: ink.heat,
              pointRadius: 6,
            },
          ],
        }}
        options={options}
      />
    </ChartBox>
  );
}

function Costs({ rows, ink, kitchen }: WithInk & Pick<Props, 'kitchen'>) {
  const costs = costsOf(rows);
  const options: ChartOptions<'bar'> = {
    ...still,
    scales: axes(ink, '', say('book.costAxis', { currency: kitchen.currency })),
    plugins: legendOf(ink, false),
  };
  return (
    <ChartBox
      title={say('book.chartCost')}
      why=""
      head={['', say('book.chartCost')]}
      rows={costs.map(({ name, minor }) => [name, moneyInWords(minor, kitchen.currency)])}
    >
      <Bar
        aria-hidden
        data={{
          labels: costs.map(({ name }) => name),
          datasets: [{ data: costs.map(({ minor }) => minor / 100), backgroundColor: ink.stop }],
        }}
        options={options}
      />
    </ChartBox>
  );
}
