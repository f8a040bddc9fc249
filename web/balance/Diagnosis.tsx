import { say, textOf } from '@idle-kettle/words';
import type { Change, Plan } from '@idle-kettle/core';
import { Wand } from 'lucide-react';
import { memo } from 'react';
import { meaningFirst, unbroken } from '../ui/words.ts';
import { SET_IN_WORDS } from './SetBar.tsx';

type Props = {
  readonly set: NonNullable<Plan['set']>;
  readonly onChange: (change: Change, did: string) => void;
};

/**
 * So many are said whole at the table; of more, the first alone, and of the others what is done.
 */
const WHOLE = 2;

/** Odds as so many of ten, never more than they are. */
const tensOf = (odds: number): number => Math.floor(10 * odds);

/** What is short, in a sentence, and what mends it with one press. */
export const Diagnosis = memo(({ set, onChange }: Props) => {
  const { beyond, remedies } = set;
  const { means, figures } = meaningFirst(textOf(set.text));
  return (
    <section aria-label={say('balance.whatsMissing')}>
      <p className="leading-snug font-bold wide:text-sm wide:leading-snug" data-testid="diagnosis">
        {unbroken(means)}
        {figures !== '' && (
          <span className="text-sm font-normal wide:text-xs"> {unbroken(figures)}</span>
        )}
      </p>
      {beyond !== undefined && (
        <p
          className="mt-1 border-l-4 border-secondary pl-3 text-sm leading-snug"
          data-testid="beyond"
        >
          {textOf(beyond)}
        </p>
      )}
      {remedies.length > 0 && (
        <ul
          className="mt-1.5 divide-y divide-primary/25 rounded-field border border-primary/40 bg-base-100"
          aria-label={say('balance.waysToFixIt')}
        >
          {remedies.map(({ text, act, effect, change, forecast, odds }, index) => {
            const whole = textOf(text);
            return (
              <li key={whole}>
                <button
                  type="button"
                  title={whole}
                  className="flex w-full cursor-pointer items-start gap-2 rounded-field px-2 py-1 text-left text-sm leading-snug hover:bg-base-200"
                  onClick={() => onChange(change, say('balance.fixed', { act }))}
                >
                  <Wand aria-hidden className="mt-0.5 size-4 shrink-0 text-primary" />
                  <span className="grow gap-2 md:flex">
                    <span className="grow">
                      {index === 0 || remedies.length <= WHOLE ? (
                        whole
                      ) : (
                        <>
                          <span className="wide:hidden">{whole}</span>
                          <span className="max-wide:hidden">{textOf(act)}</span>
                        </>
                      )}{' '}
                      <span className="text-xs opacity-80">{textOf(effect)}</span>
                    </span>{' '}
                    <span className="shrink-0 md:text-right">
                      <b className="md:block">{say(SET_IN_WORDS[forecast])}</b>{' '}
                      <span className="text-xs whitespace-nowrap">
                        {say('balance.inSoManyOfTen', { tens: tensOf(odds) })}
                      </span>
                    </span>
                  </span>
                </button>
              </li>
            );
          })}
        </ul>
      )}
    </section>
  );
});
Diagnosis.displayName = 'Diagnosis';
