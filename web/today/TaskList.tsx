import { say, textOf } from '@idle-kettle/words';
import { taskInWords } from '@idle-kettle/core/today';
import type { Task } from '@idle-kettle/core/today';
import { Link } from 'react-router';
import { TaskDrawing } from './TaskDrawing.tsx';
import { daysLeft, moment } from './when.ts';

/** Where a task is done. */
const WAY: { readonly [place in Task['place']]: (of: string) => string } = {
  stove: (of) => `/cook-sessions/${of}`,
  jars: (of) => `/cook-sessions/${of}/jars`,
  prepare: (of) => `/batches/${of}/prepare`,
  batch: (of) => (of === '' ? '/batches/new' : `/batches/${of}`),
  book: (of) => `/book/${of}`,
  shelf: (of) => (/^\d+-/.test(of) ? `/j/${of}` : '/shelf'),
  fruit: () => '/batches/new',
  day: (of) => `/days/${of}`,
};

/** By when, and why; nothing where it does not matter. */
function whyOf({ kind, dueMs, untilMs, isNow }: Task, nowMs: number): string {
  if (kind === 'on-the-stove' || kind === 'planned')
    return say('today.since', { moment: moment(dueMs, nowMs) });
  if (kind === 'judge') return isNow ? '' : say('today.ready', { moment: moment(dueMs, nowMs) });
  if (kind === 'past') return say('today.pastHow');
  if (kind === 'fruit' || kind === 'eat' || kind === 'calcium')
    return untilMs === null ? '' : daysLeft(untilMs, nowMs);
  if (!isNow) return say('today.ready', { moment: moment(dueMs, nowMs) });
  return untilMs === null ? '' : say('today.before', { moment: moment(untilMs, nowMs) });
}

type Props = { readonly tasks: readonly Task[]; readonly nowMs: number };

/** What wants a hand now: each with its drawing and its one button. */
export const NowList = ({ tasks, nowMs }: Props) => (
  <ul className="flex flex-col gap-2">
    {tasks.map((task) => (
      <li
        key={task.id}
        data-task={task.kind}
        className="flex flex-wrap items-center gap-x-4 gap-y-1 rounded-box bg-base-100 px-4 py-2"
      >
        <TaskDrawing kind={task.kind} />
        <div className="min-w-0 flex-1 basis-44">
          <p className="text-xl leading-tight font-bold">{textOf(taskInWords(task))}</p>
          <p className={isPast(task, nowMs) ? 'font-bold text-error' : 'opacity-80'}>
            {whyOf(task, nowMs)}
          </p>
        </div>
        <Link to={WAY[task.place](task.of)} className="btn btn-primary">
          {say(`today.act.${task.kind}`)}
        </Link>
      </li>
    ))}
  </ul>
);

/** What will: a line each. */
export const LaterList = ({ tasks, nowMs }: Props) => (
  <ul>
    {tasks.map((task) => (
      <li
        key={task.id}
        data-task={task.kind}
        className="flex flex-wrap items-center gap-x-3 border-b border-base-300 py-1.5"
      >
        <Link
          to={WAY[task.place](task.of)}
          className="link-hover font-bold max-sm:inline-flex max-sm:min-h-11 max-sm:items-center"
        >
          {textOf(taskInWords(task))}
        </Link>
        <span className="ml-auto opacity-80">{whyOf(task, nowMs)}</span>
      </li>
    ))}
  </ul>
);

const isPast = ({ untilMs }: Task, nowMs: number): boolean => untilMs !== null && untilMs < nowMs;
