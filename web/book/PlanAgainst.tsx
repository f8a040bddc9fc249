import { say } from '@idle-kettle/words';
import type { CookSummary } from '@idle-kettle/core/book';
import { formatTemperature, formatVolume, SET_CLASSES, type Quantiles } from '@idle-kettle/core';
import type { Kitchen } from '@idle-kettle/contract';
import type { SetClass } from '@idle-kettle/core';
import { minutesInWords } from '../ui/words.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';

type Props = {
  readonly summary: CookSummary;
  readonly set: SetClass | null;
  readonly kitchen: Pick<Kitchen, 'units' | 'temperature'>;
};

/** One row of the drawing: what was planned, what came, and how both are written. */
type Row = {
  readonly name: string;
  readonly planned: Quantiles | null;
  readonly came: number | null;
  readonly write: (value: number) => string;
};

const WIDTH = 340;
const ROW = 46;
const TOP = 22;
/** Where the band of what was planned stands, for all rows the same. */
const BAND = { from: 120, to: 220 } as const;
const EDGE = { from: 14, to: 326 } as const;
/** A stop has no range of its own: a kelvin either way is what a cook reads it to. */
const STOP_K = 1;

const stopRange = (stopC: number | null): Quantiles | null =>
  stopC === null ? null : { p10: stopC - STOP_K, p50: stopC, p90: stopC + STOP_K };
/** Set goes by its steps: half a step either way is the one that was planned. */
const setRange = (set: SetClass | null): Quantiles | null => {
  if (set === null) return null;
  const step = SET_CLASSES.indexOf(set);
  return { p10: step - 0.5, p50: step, p90: step + 0.5 };
};

const minutesTold = (minutes: number): string => minutesInWords({ p10: minutes, p90: minutes });

/** The rows of a cook, those of which something is known. */
export function rowsOf({ summary, set, kitchen }: Props): readonly Row[] {
  const { planned, happened } = summary;
  const rows: readonly Row[] = [
    {
      name: say('book.volume'),
      planned: planned.volumeMl,
      came: happened.volumeMl,
      write: (ml) => formatVolume(ml, kitchen.units),
    },
    {
      name: say('book.time'),
      planned: planned.minutes,
      came: happened.minutes,
      write: minutesTold,
    },
    {
      name: say('book.stop'),
      planned: stopRange(planned.stopC),
      came: happened.stopC,
      write: (tempC) => formatTemperature(tempC, kitchen.temperature),
    },
    {
      name: say('book.set'),
      planned: setRange(planned.set),
      came: set === null ? null : SET_CLASSES.indexOf(set),
      write: (step) => say(SET_IN_A_WORD[SET_CLASSES[Math.round(step)] ?? 'soft']),
    },
  ];
  return rows.filter((row) => row.planned !== null || row.came !== null);
}

/** A row in words: `Time: 31–38 min planned, 41 min came`. */
export function rowInWords({ name, planned, came, write }: Row): string {
  if (planned === null)
    return say('book.rowCame', { name, came: came === null ? '' : write(came) });
  const written = write(planned.p50);
  return came === null
    ? say('book.rowAlone', { name, planned: written })
    : say('book.rowBoth', { name, planned: written, came: write(came) });
}

/** Where a value stands: the band is where eight of ten were expected, whatever the figure. */
function placeOf(value: number, { p10, p90 }: Quantiles): number {
  const width = Math.max(p90 - p10, 1e-9);
  const at = BAND.from + ((value - p10) / width) * (BAND.to - BAND.from);
  return Math.min(EDGE.to, Math.max(EDGE.from, at));
}

/**
 * Plan against outcome in one drawing: every figure has its own row, all rows have one band, and a
 * drop marks what came. What lies in the band came as it was foretold.
 */
export function PlanAgainst(props: Props) {
  const rows = rowsOf(props);
  const height = TOP + rows.length * ROW;
  return (
    <figure>
      <svg
        viewBox={`0 0 ${WIDTH} ${height}`}
        role="img"
        aria-label={rows.map(rowInWords).join('. ')}
        className="w-full max-w-xl"
      >
        <rect
          x={BAND.from}
          y={TOP - 6}
          width={BAND.to - BAND.from}
          height={rows.length * ROW + 2}
          rx="10"
          className="fill-base-300"
          fillOpacity="0.7"
        />
        <g fontSize="12" className="fill-base-content" textAnchor="middle">
          <text x={(EDGE.from + BAND.from) / 2} y="11">
            {say('book.less')}
          </text>
          <text x={(BAND.from + BAND.to) / 2} y="11" fontWeight="700">
            {say('book.asPlanned')}
          </text>
          <text x={(EDGE.to + BAND.to) / 2} y="11">
            {say('book.more')}
          </text>
        </g>
        {rows.map((row, index) => (
          <Against key={row.name} row={row} y={TOP + index * ROW} />
        ))}
      </svg>
    </figure>
  );
}

function Against({ row, y }: { readonly row: Row; readonly y: number }) {
  const { name, planned, came, write } = row;
  const line = y + 30;
  const at = planned === null || came === null ? null : placeOf(came, planned);
  return (
    <g fontSize="13">
      <text x={EDGE.from} y={y + 12} fontWeight="700" className="fill-secondary">
        {name}
      </text>
      <path d={`M${EDGE.from} ${line} H${EDGE.to}`} className="stroke-base-300" strokeWidth="2" />
      {planned !== null && (
        <>
          <path
            d={`M${placeOf(planned.p50, planned)} ${line - 7} v14`}
            className="stroke-primary"
            strokeWidth="3.5"
            strokeLinecap="round"
          />
          <text
            x={(BAND.from + BAND.to) / 2}
            y={y + 12}
            textAnchor="middle"
            className="fill-base-content"
          >
            {write(planned.p50)}
          </text>
        </>
      )}
      {at !== null && (
        <path
          d={`M${at} ${line - 13} q8 10 8 15 a8 8 0 0 1 -16 0 q0 -5 8 -15z`}
          fill="var(--fruit, var(--color-secondary))"
          className="stroke-primary"
          strokeWidth="1.5"
        />
      )}
      <text x={EDGE.to} y={y + 12} textAnchor="end" fontWeight="700" className="fill-base-content">
        {came === null ? say('book.notTold') : write(came)}
      </text>
    </g>
  );
}
