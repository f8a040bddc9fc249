import type { Quantiles } from '@idle-kettle/core';

type Props = {
  readonly quantiles: Quantiles;
  /** How to write a value. */
  readonly say: (value: number) => string;
};

/** Range before point: a soft bar from p10 to p90, and the point on it. */
export function RangeBar({ quantiles: { p10, p50, p90 }, say }: Props) {
  const from = p10 - (p90 - p10) * 0.6 - 1e-9;
  const to = p90 + (p90 - p10) * 0.6 + 1e-9;
  const at = (value: number) => `${(100 * (value - from)) / (to - from)}%`;
  const width = `${(100 * (p90 - p10)) / (to - from)}%`;
  return (
    <div>
      <div className="relative h-2.5 rounded-full bg-base-200" aria-hidden>
        <div
          className="absolute inset-y-0 rounded-full opacity-55"
          style={{ left: at(p10), width, background: 'var(--fruit)' }}
        />
        <div className="absolute -inset-y-0.5 w-1 rounded bg-primary" style={{ left: at(p50) }} />
      </div>
      <p
        className={`mt-0.5 flex text-xs tabular-nums ${p10 < p90 ? 'justify-between' : 'justify-center'}`}
      >
        {p10 < p90 && <span>{say(p10)}</span>}
        <span className="font-bold">{say(p50)}</span>
        {p10 < p90 && <span>{say(p90)}</span>}
      </p>
    </div>
  );
}
