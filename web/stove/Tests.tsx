import { say, type PlainMessageId } from '@idle-kettle/words';
import {
  MOUND_OUTCOMES,
  PLATE_OUTCOMES,
  SHEET_OUTCOMES,
  boilsOnMin,
  type CookPlan,
  type Drops,
  type PlateOutcome,
} from '@idle-kettle/core';
import { OUTCOMES, type Outcome } from '../words/outcomes.ts';
import { PlateDrop } from '../drawings/PlateDrop.tsx';
import { useEffect, useRef } from 'react';
import { oncePressed } from '../ui/oncePressed.ts';
import type { TestKind } from './EventButtons.tsx';

type Props = {
  readonly test: TestKind;
  /** The run sheet: how long the pot boils on after a test goes by it. */
  readonly acts: CookPlan['acts'];
  readonly fruit: string;
  /**
   * What a drop of a practice pot does in each test; null where the cook has a plate of their own.
   */
  readonly drops: Drops | null;
  readonly onOutcome: (outcome: string) => void;
  readonly onLeave: () => void;
};

const TITLES: { readonly [test in TestKind]: PlainMessageId } = {
  'plate-test': 'stove.whatDoesTheDropDo',
  'sheet-test': 'stove.whatDoTheDropsOn',
  'mound-test': 'stove.whatDoesTheMoundDo',
};

/** Whose drops they are, in a practice. */
const YOURS: { readonly [test in TestKind]: PlainMessageId } = {
  'plate-test': 'stove.yourPlate',
  'sheet-test': 'stove.yourSpoon',
  'mound-test': 'stove.yourHeap',
};

/** What each outcome means, by the minutes that the pot boils on after it; null for none. */
const MEANS: { readonly [outcome in Outcome]: (count: number | null) => string } = {
  runs: (count) =>
    count === null ? say('stove.notSetYet') : say('stove.notYetMoreMinutes', { count }),
  slow: (count) =>
    count === null ? say('stove.notSetYet') : say('stove.nearlyMoreMinutes', { count }),
  wrinkles: () => say('stove.itsSetLeaveItOff'),
  drops: (count) => say(count === null ? 'stove.notSetYet' : 'stove.notYetKeepBoiling'),
  merges: () => say('stove.itsSet'),
  weeps: () => say('stove.notYetCookItDown'),
  mounds: () => say('stove.doneLeaveItOffThe'),
};

const OUTCOMES_OF: { readonly [test in TestKind]: readonly Drops[test][] } = {
  'plate-test': PLATE_OUTCOMES,
  'sheet-test': SHEET_OUTCOMES,
  'mound-test': MOUND_OUTCOMES,
};

/** A test of the set: its outcomes, drawn where a drawing helps, and what each means. */
export function Tests({ test, acts, fruit, drops, onOutcome, onLeave }: Props) {
  const choices = useRef<HTMLElement>(null);
  // It was asked for at the foot of a long page, and stands at its head.
  useEffect(() => {
    choices.current?.scrollIntoView({ block: 'start' });
    choices.current?.focus({ preventScroll: true });
  }, [test]);
  return (
    <section
      ref={choices}
      tabIndex={-1}
      aria-label={say(TITLES[test])}
      className="min-w-0 rounded-box border-4 border-secondary p-4"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-3xl font-bold">{say(TITLES[test])}</h2>
        <button type="button" className="btn min-h-12" onClick={onLeave}>
          {say('stove.cancel')}
        </button>
      </div>
      {drops !== null && (
        <div className="my-3 flex items-center gap-4 text-lg">
          <p>{say(YOURS[test])}</p>
          <div className="w-36" data-testid="your-plate" data-outcome={drops[test]}>
            {test === 'plate-test' ? (
              <PlateDrop outcome={drops[test]} fruit={fruit} />
            ) : (
              <b>{say(OUTCOMES[drops[test]])}</b>
            )}
          </div>
        </div>
      )}
      <div className="mt-3 grid grid-cols-1 gap-3 sm:grid-cols-3">
        {OUTCOMES_OF[test].map((outcome) => (
          <button
            key={outcome}
            type="button"
            data-outcome={outcome}
            onClick={oncePressed(() => onOutcome(outcome))}
            className="btn h-auto min-w-0 flex-col items-center gap-1 border-2 border-base-300 p-3 text-left text-lg whitespace-normal"
          >
            {test === 'plate-test' && <PlateDrop outcome={outcome as PlateOutcome} fruit={fruit} />}
            <span className="text-xl font-bold">{say(OUTCOMES[outcome])}</span>
            <span className="text-base font-normal">
              {MEANS[outcome](boilsOnMin(acts, test, outcome))}
            </span>
          </button>
        ))}
      </div>
    </section>
  );
}
