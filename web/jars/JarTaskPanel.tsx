import { say } from '@idle-kettle/words';
import { format } from 'date-fns';
import { useState } from 'react';
import { oncePressed } from '../ui/oncePressed.ts';
import { clockInWords, unbroken } from '../stove/words.ts';
import type { JarTask, Press } from './jarTask.ts';

/** A clock that runs longer than this is told by the hour that it ends at, ms. */
const LONG_MS = 3 * 60 * 60_000;

type Props = {
  readonly task: JarTask;
  readonly nowMs: number;
  readonly onPress: (press: Press) => void;
  /** The first of them is read from across the kitchen. */
  readonly large: boolean;
};

/** One thing that wants doing, its clock, and the presses that say that it is done. */
export function JarTaskPanel({ task, nowMs, onPress, large }: Props) {
  const { title, detail, press, others, due, rings, asks } = task;
  const [asking, setAsking] = useState(false);
  const frame = rings
    ? 'border-secondary bg-secondary text-secondary-content'
    : due
      ? 'border-secondary'
      : 'border-base-300';
  const size = large ? 'min-h-16 px-8 text-2xl' : 'min-h-12 px-4 text-lg';
  return (
    <section
      aria-label={large ? say('jars.next') : title}
      data-testid={large ? 'next-call' : 'call'}
      data-call={task.id}
      className={`rounded-box border-4 p-4 ${frame}`}
    >
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <h2
          aria-live={large ? 'assertive' : 'polite'}
          className={`min-w-0 leading-tight font-bold ${large ? 'text-4xl sm:text-5xl' : 'text-2xl'}`}
        >
          {unbroken(title)}
        </h2>
        <Clock task={task} nowMs={nowMs} large={large} />
      </div>
      <p className={`mt-2 ${large ? 'text-lg' : 'text-base'}`}>{unbroken(detail)}</p>
      {(press !== null || others.length > 0) && (
        <div className="mt-3 flex flex-wrap items-center gap-3">
          {press !== null && (
            <button
              type="button"
              data-testid={large ? 'press' : undefined}
              className={`btn h-auto max-w-full py-2 whitespace-normal ${size} ${due ? (rings ? 'btn-neutral' : 'btn-secondary') : 'border-2 border-base-content'}`}
              onClick={oncePressed(() => (asks === null ? onPress(press) : setAsking(true)))}
            >
              {press.label}
            </button>
          )}
          {others.map((other) => (
            <button
              key={other.label}
              type="button"
              className="btn h-auto min-h-14 border-2 border-base-300 px-4 text-lg"
              onClick={oncePressed(() => onPress(other))}
            >
              {other.label}
            </button>
          ))}
        </div>
      )}
      {asking && asks !== null && press !== null && (
        <div role="alert" className="mt-3 border-l-8 border-secondary pl-3">
          <p className="text-lg font-bold">{asks.text}</p>
          <div className="mt-2 flex flex-wrap gap-3">
            <button
              type="button"
              className="btn min-h-12 border-2 border-base-content text-lg"
              onClick={() => setAsking(false)}
            >
              {asks.no}
            </button>
            <button
              type="button"
              className="btn min-h-12 border-2 border-base-content text-lg"
              onClick={oncePressed(() => {
                setAsking(false);
                onPress(press);
              })}
            >
              {asks.yes}
            </button>
          </div>
        </div>
      )}
    </section>
  );
}

type ClockProps = { readonly task: JarTask; readonly nowMs: number; readonly large: boolean };

/** What is left, or how long it has gone on; the hour, where it is far off. */
function Clock({ task: { dueAtMs, sinceMs }, nowMs, large }: ClockProps) {
  const style = `leading-none font-bold tabular-nums ${large ? 'text-5xl sm:text-6xl' : 'text-3xl'}`;
  if (dueAtMs !== null)
    return (
      <p role="timer" data-testid={large ? 'clock' : undefined} className={style}>
        {dueAtMs - nowMs > LONG_MS ? (
          <>
            <span className="text-2xl">{say('jars.until')} </span>
            {format(dueAtMs, 'HH:mm')}
          </>
        ) : (
          clockInWords(dueAtMs - nowMs)
        )}
      </p>
    );
  return sinceMs === null ? null : (
    <p role="timer" className={style}>
      {clockInWords(Math.min(0, sinceMs - nowMs))}
    </p>
  );
}
