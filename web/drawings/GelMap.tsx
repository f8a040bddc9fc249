import { say } from '@idle-kettle/words';
import {
  pectinNeededPct,
  SET_CLASSES,
  SET_LEAST_RATIO,
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
/** Points that the edge between two classes is drawn through. */
const POINTS = 96;

const x = (pH: number) => LEFT + ((RIGHT - LEFT) * (pH - PH.low)) / (PH.high - PH.low);
const y = (pct: number) => FOOT - ((FOOT - TOP) * (pct - SOLIDS.low)) / (SOLIDS.high - SOLIDS.low);

/** How dark each class is drawn. */
const SHADE: { readonly [set in SetClass | 'none']: number } = {
  none: 0,
  pours: 0.04,
  loose: 0.16,
  soft: 0.34,
  firm: 0.55,
  slices: 0.78,
};

type Props = { readonly plan: Plan; readonly fruit: string };

/**
 * Where a sugar gel with this batch’s pectin sets, by pH and soluble solids, and the imagined
 * batches as a cloud over it.
 */
export function GelMap({ plan, fruit }: Props) {
  const { finish, set, cloud } = plan;
  if (!finish?.pectinPct || !finish.pH || set?.model !== 'high-methoxyl') {
    return (
      <p className="text-sm">
        {say('drawings.thisMapIsForGels', {
          part: set ? say('drawings.setsInAnotherWay') : say('drawings.cantBePlacedYet'),
        })}
      </p>
    );
  }
  const pectinPct = finish.pectinPct;
  const inWords = say('drawings.withPectinThisBatchIs', {
    pectinPct: pectinPct.toFixed(2),
    value: finish.pH.p50.toFixed(1),
    value2: finish.solublesPct.toFixed(0),
    value3: Object.entries(set.share)
      .filter(([, share]) => share >= 0.01)
      .map(([name, share]) =>
        say('drawings.ofTheSimulatedBatches', { round: Math.round(100 * share), name }),
      )
      .join(', '),
  });
  return (
    <figure className="m-0">
      <svg
        viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
        role="img"
        aria-label={inWords}
        className="w-full max-w-xl"
      >
        <g fill={fruit}>
          {SET_CLASSES.map((found, index) => (
            <path
              key={found}
              d={areaOf(pectinPct, SET_LEAST_RATIO[found])}
              fillOpacity={added(SHADE[SET_CLASSES[index - 1] ?? 'none'], SHADE[found])}
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
            {say('drawings.phInTheJar')}
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
        <span>{say('drawings.eachDotIsOneSimulated')}</span>
      </figcaption>
    </figure>
  );
}

/** How opaque a layer is that makes what lies under it, so opaque, as opaque as it should be. */
const added = (under: number, wanted: number): number => 1 - (1 - wanted) / (1 - under);

/**
 * Where this pectin is at least `ratio` of what is needed: all that lies above an edge, since
 * thicker always sets firmer. The edge is drawn through the solids at which it is just that, pH by
 * pH.
 */
function areaOf(pectinPct: number, ratio: number): string {
  const edge = Array.from({ length: POINTS + 1 }, (_, i) => {
    const pH = PH.low + ((PH.high - PH.low) * i) / POINTS;
    return `${x(pH).toFixed(1)} ${y(solidsFor(pectinPct, ratio, pH)).toFixed(1)}`;
  });
  return `M${LEFT} ${TOP} L${edge.join(' L')} L${RIGHT} ${TOP} Z`;
}

/**
 * Solids at which it holds `ratio` of the pectin that it needs, within the map; halved down to a
 * twentieth of a per cent.
 */
function solidsFor(pectinPct: number, ratio: number, pH: number): number {
  let [thin, thick]: [number, number] = [SOLIDS.low, SOLIDS.high];
  while (thick - thin > 0.05) {
    const middle = (thin + thick) / 2;
    if (pectinPct / pectinNeededPct(middle, pH) < ratio) thin = middle;
    else thick = middle;
  }
  return thick;
}
