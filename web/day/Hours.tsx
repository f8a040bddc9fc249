import { format } from 'date-fns';
import type { FoldedTime } from './foldedTime.ts';

const HOUR_MS = 3_600_000;

type HoursProps = {
  readonly time: FoldedTime;
  readonly from: number;
  readonly to: number;
  readonly nowMs: number;
};

/** The hours above the threads, the folds between them, and where the day is now. */
export function Hours({ time, from, to, nowMs }: HoursProps) {
  const first = new Date(from);
  first.setMinutes(0, 0, 0);
  const hours: number[] = [];
  for (let at = first.getTime(); at <= to; at += HOUR_MS)
    if (at >= from && !isNearFold(time, at)) hours.push(at);
  const isOn = nowMs >= from && nowMs <= to;
  return (
    <div className="relative h-7 text-sm" aria-hidden style={{ marginLeft: 'var(--label)' }}>
      {hours.map((at) => (
        <span
          key={at}
          className="absolute -translate-x-1/2 tabular-nums opacity-80"
          style={{ left: time.at(at) }}
        >
          {format(at, 'HH:mm')}
        </span>
      ))}
      {time.folds.map((fold) => (
        <svg
          key={fold.from}
          viewBox="0 0 56 20"
          className="absolute top-0 h-5 w-14 stroke-base-300"
          style={{ left: time.at(fold.from) }}
        >
          <path d="M0 18 L14 4 L28 18 L42 4 L56 18" fill="none" strokeWidth="2" />
        </svg>
      ))}
      {isOn && (
        <span
          className="pointer-events-none absolute top-0 z-10 h-[9999px] max-h-[60rem] w-0 border-l-2 border-secondary"
          style={{ left: time.at(nowMs) }}
        />
      )}
    </div>
  );
}

/** An hour is as wide as this, px; beside a fold there is no room for it. */
const HALF_PX = 22;

const isNearFold = (time: FoldedTime, at: number): boolean =>
  time.folds.some(
    (fold) =>
      (at > fold.from && at < fold.to) ||
      Math.abs(time.at(at) - time.at(fold.from)) < HALF_PX ||
      Math.abs(time.at(at) - time.at(fold.to)) < HALF_PX,
  );
