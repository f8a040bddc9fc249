import { say } from '@idle-kettle/words';
import { TaskDrawing } from './TaskDrawing.tsx';

const STEPS = [
  { kind: 'fruit', title: 'today.first.say', text: 'today.first.sayText' },
  { kind: 'on-the-stove', title: 'today.first.cook', text: 'today.first.cookText' },
  { kind: 'store', title: 'today.first.keep', text: 'today.first.keepText' },
] as const;

/** How a first batch goes, for a kitchen that never made one. */
export const FirstBatch = () => (
  <section aria-label={say('today.firstBatch')} className="rounded-box bg-base-100 p-4">
    <h2 className="text-xl font-bold text-primary">{say('today.firstBatch')}</h2>
    <ol className="mt-2 grid gap-4 sm:grid-cols-3">
      {STEPS.map(({ kind, title, text }) => (
        <li key={kind} className="flex gap-3">
          <TaskDrawing kind={kind} />
          <div>
            <h3 className="font-bold">{say(title)}</h3>
            <p>{say(text)}</p>
          </div>
        </li>
      ))}
    </ol>
  </section>
);
