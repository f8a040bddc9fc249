import {
  pectinNeededPct,
  SET_CLASSES,
  setClassOf,
  type Plan,
  type SetClass,
} from '@idle-kettle/core';

const WIDTH = 460;
const HEIGHT = 330;
const LEFT = 46;
const FOOT = 286;
const TOP = 14;
const RIGHT = 446;
const PH = { low: 2.6, high: 4.2 } as const;
const SOLIDS = { low: 40, high: 76 } as const;
const COLUMNS = 64;
const ROWS = 48;

const CELL_WIDTH = (RIGHT - LEFT) / COLUMNS;
const CELL_HEIGHT = (FOOT - TOP) / ROWS;

const x = (pH: number) => LEFT + ((RIGHT - LEFT) * (pH - PH.low)) / (PH.high - PH.low);
const y = (pct: number) => FOOT - ((FOOT - TOP) * (pct - SOLIDS.low)) / (SOLIDS.high - SOLIDS.low);

/** How dark each class is drawn. */
const SHADE: { readonly [set in SetClass]: number } = {
  pours: 0.04,
  loose: 0.16,
  soft: 0.34,
  firm: 0.55,
  slices: 0.78,
};

type Props = { readonly plan: Plan; readonly fruit: string };

/**
 * Where a sugar gel with this batch’s pectin sets, by pH and soluble solids, and the imagined batches as a cloud over it.
 */
export function GelMap({ plan, fruit }: Props) {
  const { finish, set, cloud } = plan;
  if (!finish?.pectinPct || !finish.pH || set?.model !== 'high-methoxyl') {
    return (
      <p className="text-sm">
        The map is for gels that set on sugar and acid. This batch{' '}
        {set ? 'sets otherwise' : 'cannot be told yet'}.
      </p>
    );
  }
  const pectinPct = finish.pectinPct;
  const classAt = (pH: number, pct: number) => setClassOf(pectinPct / pectinNeededPct(pct, pH));
  const bands = Array.from({ length: ROWS }, (_, row) => bandsOf(row, classAt)).flat();
  const inWords = `With ${pectinPct.toFixed(2)} % pectin. This batch stands at pH ${finish.pH.p50.toFixed(1)} and ${finish.solublesPct.toFixed(0)} % soluble solids: ${Object.entries(
    set.share,
  )
    .filter(([, share]) => share >= 0.01)
    .map(([name, share]) => `${Math.round(100 * share)} % of the imagined batches ${name}`)
    .join(', ')}. More solids and a pH near 3.1 set firmer.`;
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={inWords}
        className="w-full max-w-xl"
      >
        <g shapeRendering="crispEdges" fill={fruit}>
          {bands.map(({ row, from, to, set: found }) => (
            <rect
              key={`${row} ${from}`}
              x={LEFT + from * CELL_WIDTH}
              y={TOP + row * CELL_HEIGHT}
              width={(to - from) * CELL_WIDTH}
              height={CELL_HEIGHT}
              fillOpacity={SHADE[found]}
            />
          ))}
        </g>
        {cloud
          .filter(
            ({ pH, solublesPct }) =>
              pH > PH.low && pH < PH.high && solublesPct > SOLIDS.low && solublesPct < SOLIDS.high,
          )
          .map(({ pH, solublesPct }, i) => (
            <circle
              key={i}
              cx={x(pH)}
              cy={y(solublesPct)}
              r="2"
              className="fill-base-content"
              fillOpacity="0.35"
            />
          ))}
        <circle
          cx={x(Math.min(PH.high, Math.max(PH.low, finish.pH.p50)))}
          cy={y(Math.min(SOLIDS.high, Math.max(SOLIDS.low, finish.solublesPct)))}
          r="7"
          className="fill-base-100 stroke-secondary"
          strokeWidth="4"
        />
        <path
          d={`M${LEFT} ${TOP} V${FOOT} H${RIGHT}`}
          className="fill-none stroke-base-content"
          strokeWidth="1.5"
        />
        <g fontSize="13" className="fill-base-content">
          {[2.8, 3.2, 3.6, 4].map((pH) => (
            <text key={pH} x={x(pH)} y={FOOT + 17} textAnchor="middle">
              {pH.toFixed(1)}
            </text>
          ))}
          {[45, 55, 65, 75].map((pct) => (
            <text key={pct} x={LEFT - 6} y={y(pct) + 4} textAnchor="end">
              {pct}
            </text>
          ))}
          <text x={(LEFT + RIGHT) / 2} y={HEIGHT - 8} textAnchor="middle">
            pH of the jar
          </text>
          <text x={LEFT - 6} y={FOOT + 4} textAnchor="end">
            %
          </text>
        </g>
      </svg>
      <figcaption className="flex flex-wrap gap-x-4 gap-y-1 text-sm">
        {SET_CLASSES.map((name) => (
          <span key={name} className="flex items-center gap-1.5">
            <span
              className="inline-block size-4 rounded-xs border border-base-content/40"
              style={{ background: fruit, opacity: Math.max(0.1, SHADE[name]) }}
              aria-hidden
            />
            {name}
          </span>
        ))}
        <span>Each dot is one imagined batch; the ring is the middle one.</span>
      </figcaption>
    </figure>
  );
}

type Band = { readonly row: number; readonly from: number; to: number; readonly set: SetClass };

/** One row of the map as stretches of one class each. */
function bandsOf(row: number, classAt: (pH: number, pct: number) => SetClass): readonly Band[] {
  const pct = SOLIDS.high - ((row + 0.5) * (SOLIDS.high - SOLIDS.low)) / ROWS;
  const bands: Band[] = [];
  for (let column = 0; column < COLUMNS; column++) {
    const set = classAt(PH.low + ((column + 0.5) * (PH.high - PH.low)) / COLUMNS, pct);
    const last = bands.at(-1);
    if (last?.set === set) last.to = column + 1;
    else bands.push({ row, from: column, to: column + 1, set });
  }
  return bands;
}
