import { say } from '@idle-kettle/words';
import { oncePressed } from '../ui/oncePressed.ts';
import { clockInWords, unbroken } from './words.ts';
import { useState } from 'react';
import type { Instruction } from './instruction.ts';

type Props = {
  readonly instruction: Instruction;
  readonly nowMs: number;
  /** Nobody need stand by just now. */
  readonly mayLeave: boolean;
  readonly onPress: () => void;
  readonly onInstead: (says: 'off-heat') => void;
};

/**
 * What to do next, in type that is read from across the kitchen, and the one button that says it is
 * done.
 */
export function InstructionPanel({ instruction, nowMs, mayLeave, onPress, onInstead }: Props) {
  const { text, detail, press, due, rings, dueAtMs, heldBack, instead } = instruction;
  const [asks, setAsks] = useState(false);
  return (
    <section
      aria-label={say('stove.next')}
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
        {dueAtMs !== null && (
          <p
            data-testid="clock"
            role="timer"
            className="text-5xl leading-none font-bold tabular-nums sm:text-6xl"
          >
            {clockInWords(dueAtMs - nowMs)}
          </p>
        )}
      </div>
      <p className="mt-2 text-lg">{detail}</p>
      <div className="mt-3 flex flex-wrap items-center gap-4">
        <button
          type="button"
          data-testid="press"
          data-due={due}
          onClick={oncePressed(() => (heldBack === null ? onPress() : setAsks(true)))}
          className={`btn h-auto min-h-16 px-8 text-2xl ${due ? (rings ? 'btn-neutral' : 'btn-secondary') : 'border-2 border-base-content'}`}
        >
          {press}
        </button>
        {instead !== null && (
          <button
            type="button"
            onClick={oncePressed(() => onInstead(instead.says))}
            className="btn h-auto min-h-16 border-2 border-base-300 px-4 text-xl"
          >
            {instead.press}
          </button>
        )}
        <span className="text-lg">
          {mayLeave ? say('stove.youCanLeaveIt') : say('stove.stayWithIt')}
        </span>
      </div>
      {asks && heldBack !== null && (
        <div role="alert" data-testid="held-back" className="mt-3 border-l-8 border-secondary pl-3">
          <p className="text-lg font-bold">{heldBack}</p>
          <div className="mt-2 flex flex-wrap gap-3">
            <button
              type="button"
              className="btn min-h-12 border-2 border-base-content text-lg"
              onClick={oncePressed(() => {
                setAsks(false);
                onPress();
              })}
            >
              {say('stove.yesItsBoiling')}
            </button>
            <button
              type="button"
              className="btn min-h-12 border-2 border-base-content text-lg"
              onClick={() => setAsks(false)}
            >
              {say('stove.notYet')}
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
