import { clockInWords } from './words.ts';
import type { Call } from './due.ts';

type Props = {
  readonly call: Call;
  readonly nowMs: number;
  /** Nobody need stand by just now. */
  readonly mayLeave: boolean;
  readonly onPress: () => void;
};

/** What to do next, in type that is read from across the kitchen, and the one button that says it is done. */
export function NextAct({ call, nowMs, mayLeave, onPress }: Props) {
  const { text, detail, press, due, rings, dueAt } = call;
  return (
    <section
      aria-label="Next"
      className={`rounded-box border-4 p-4 ${rings ? 'border-secondary bg-secondary text-secondary-content' : due ? 'border-secondary' : 'border-base-300'}`}
    >
      <div className="flex flex-wrap items-start justify-between gap-x-6 gap-y-2">
        <h2
          data-testid="next-act"
          aria-live="assertive"
          className="min-w-0 text-4xl leading-tight font-bold sm:text-5xl"
        >
          {unbroken(text)}
        </h2>
        {dueAt !== null && (
          <p
            data-testid="clock"
            role="timer"
            className="text-5xl leading-none font-bold tabular-nums sm:text-6xl"
          >
            {clockInWords(dueAt - nowMs)}
          </p>
        )}
      </div>
      <p className="mt-2 text-lg">{detail}</p>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <button
          type="button"
          data-testid="press"
          data-due={due}
          onClick={onPress}
          className={`btn h-auto min-h-16 px-8 text-2xl ${due ? (rings ? 'btn-neutral' : 'btn-secondary') : 'border-2 border-base-content'}`}
        >
          {press}
        </button>
        <span className="text-lg">{mayLeave ? 'It may be left.' : 'Stay with it.'}</span>
      </div>
    </section>
  );
}

/** A number stays with its unit. */
const unbroken = (text: string): string => text.replace(/(\d) /g, '$1\u00a0');
