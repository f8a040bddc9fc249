import type { Quantiles } from '@idle-kettle/core';
import type { EstimateStory } from '@idle-kettle/core/learning';

type Props = {
  readonly name: string;
  readonly before: Quantiles;
  readonly cooks: EstimateStory['cooks'];
  readonly write: (value: number) => string;
};

const WIDTH = 340;
const HEIGHT = 84;
const [LEFT, RIGHT, TOP, BOTTOM] = [8, 332, 8, 76];

/**
 * How an estimate went from batch to batch: a band that narrows, and a drop for what each batch
 * told by itself; a hollow one was set aside.
 */
export function Trend({ name, before, cooks, write }: Props) {
  const bands = [before, ...cooks.map(({ after }) => after)];
  const last = bands.at(-1) ?? before;
  const known = [
    ...bands.slice(1).flatMap(({ p10, p90 }) => [p10, p90]),
    ...cooks.filter(({ setAside }) => !setAside).map(({ told }) => told.p50),
  ];
  const [least, most] = [Math.min(...known), Math.max(...known)];
  const span = Math.max(most - least, 1e-9);
  const within = (value: number) => Math.min(1.1, Math.max(-0.1, (value - least) / span));
  const y = (value: number) => BOTTOM - 6 - within(value) * (BOTTOM - TOP - 12);
  const x = (index: number) => LEFT + ((RIGHT - LEFT) * index) / Math.max(1, bands.length - 1);
  const edge = (of: 'p10' | 'p90', reversed: boolean) => {
    const points = bands.map((band, index) => `${x(index).toFixed(1)},${y(band[of]).toFixed(1)}`);
    return (reversed ? points.toReversed() : points).join(' ');
  };
  return (
    <svg
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`${name}: ${write(before.p50)} → ${write(last.p50)}`}
      className="w-full max-w-xl"
    >
      <polygon
        points={`${edge('p90', false)} ${edge('p10', true)}`}
        className="fill-secondary"
        fillOpacity="0.22"
      />
      <polyline
        points={bands
          .map(({ p50 }, index) => `${x(index).toFixed(1)},${y(p50).toFixed(1)}`)
          .join(' ')}
        fill="none"
        className="stroke-primary"
        strokeWidth="3"
      />
      {cooks.map(({ cook, told, setAside }, index) => (
        <circle
          key={cook}
          cx={x(index + 1)}
          cy={y(told.p50)}
          r="5"
          className={setAside ? 'fill-base-100 stroke-error' : 'fill-secondary stroke-base-100'}
          strokeWidth="2"
        />
      ))}
    </svg>
  );
}
