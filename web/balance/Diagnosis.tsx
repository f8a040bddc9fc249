import type { Change, Plan } from '@idle-kettle/core';
import { Wand } from 'lucide-react';
import { memo } from 'react';
import { SET_IN_WORDS } from './SetBar.tsx';

type Props = {
  readonly set: NonNullable<Plan['set']>;
  readonly onChange: (change: Change, did: string) => void;
};

/** What is short, in a sentence, and what mends it with one press. */
export const Diagnosis = memo(({ set, onChange }: Props) => (
  <section aria-label="What is short">
    <p className="leading-snug font-bold" data-testid="diagnosis">
      {set.text}
    </p>
    {set.beyond !== undefined && (
      <p
        className="mt-1 border-l-4 border-secondary pl-3 text-sm leading-snug"
        data-testid="beyond"
      >
        {set.beyond}
      </p>
    )}
    {set.remedies.length > 0 && (
      <ul className="mt-1.5 flex flex-col gap-1" aria-label="What would mend it">
        {set.remedies.map(({ text, change, forecast }) => (
          <li key={text}>
            <button
              type="button"
              className="flex w-full cursor-pointer items-start gap-2 rounded-field border border-primary/40 bg-base-100 px-2 py-1 text-left text-sm hover:border-primary"
              onClick={() => onChange(change, `Mended: ${text.replace(/[.,:].*$/, '')}`)}
            >
              <Wand aria-hidden className="mt-0.5 size-4 shrink-0 text-primary" />
              <span>
                {text} <b>{SET_IN_WORDS[forecast]}.</b>
              </span>
            </button>
          </li>
        ))}
      </ul>
    )}
  </section>
));
Diagnosis.displayName = 'Diagnosis';
