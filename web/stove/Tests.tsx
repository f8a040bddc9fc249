import {
  MOUND_OUTCOMES,
  PLATE_OUTCOMES,
  SHEET_OUTCOMES,
  type PlateOutcome,
} from '@idle-kettle/core';
import { PlateDrop } from '../drawings/PlateDrop.tsx';
import type { TestKind } from './EventButtons.tsx';

type Props = {
  readonly test: TestKind;
  readonly fruit: string;
  /** What the plate of a practice pot shows; null where the cook has a plate of their own. */
  readonly plate: PlateOutcome | null;
  readonly onOutcome: (outcome: string) => void;
  readonly onLeave: () => void;
};

const TITLES: { readonly [test in TestKind]: string } = {
  'plate-test': 'What does the drop do?',
  'sheet-test': 'What do the drops on the spoon’s edge do?',
  'mound-test': 'What does the mound do?',
};

/** What each outcome looks like, and what it means. */
const MEANINGS: { readonly [outcome: string]: { readonly name: string; readonly means: string } } =
  {
    runs: { name: 'It runs', means: 'Not yet. Five minutes more, then test again.' },
    slow: { name: 'It closes slowly', means: 'Nearly. Two minutes more, then test again.' },
    wrinkles: { name: 'It wrinkles', means: 'It sets. Leave it off the heat.' },
    drops: { name: 'They drip one by one', means: 'Not yet: boil on.' },
    merges: { name: 'Two run into one and hang', means: 'It sets.' },
    weeps: { name: 'A ring of water runs off', means: 'Not yet. Reduce on, and test again.' },
    mounds: { name: 'It stays heaped', means: 'Done. It stays off the heat.' },
  };

const OUTCOMES: { readonly [test in TestKind]: readonly string[] } = {
  'plate-test': PLATE_OUTCOMES,
  'sheet-test': SHEET_OUTCOMES,
  'mound-test': MOUND_OUTCOMES,
};

/** A test of the set: its outcomes, drawn where a drawing helps, and what each means. */
export function Tests({ test, fruit, plate, onOutcome, onLeave }: Props) {
  return (
    <section
      aria-label={TITLES[test]}
      className="min-w-0 rounded-box border-4 border-secondary p-4"
    >
      <div className="flex flex-wrap items-center justify-between gap-2">
        <h2 className="text-3xl font-bold">{TITLES[test]}</h2>
        <button type="button" className="btn min-h-12" onClick={onLeave}>
          Not now
        </button>
      </div>
      {test === 'plate-test' && plate !== null && (
        <div className="my-3 flex items-center gap-4">
          <p className="text-lg">This is your plate:</p>
          <div className="w-36" data-testid="your-plate" data-outcome={plate}>
            <PlateDrop outcome={plate} fruit={fruit} />
          </div>
        </div>
      )}
      <div className="mt-3 grid grid-cols-1 gap-3 sm:grid-cols-3">
        {OUTCOMES[test].map((outcome) => (
          <button
            key={outcome}
            type="button"
            data-outcome={outcome}
            onClick={() => onOutcome(outcome)}
            className="btn h-auto min-w-0 flex-col items-center gap-1 border-2 border-base-300 p-3 text-left text-lg whitespace-normal"
          >
            {test === 'plate-test' && <PlateDrop outcome={outcome as PlateOutcome} fruit={fruit} />}
            <span className="text-xl font-bold">{MEANINGS[outcome]?.name}</span>
            <span className="text-base font-normal">{MEANINGS[outcome]?.means}</span>
          </button>
        ))}
      </div>
    </section>
  );
}
