import { say, textOf } from '@idle-kettle/words';
import type { Caution as Told, Fault } from '@idle-kettle/core';
import { memo } from 'react';
import { sayFault } from '../api/request.ts';
import { Caution } from '../ui/Caution.tsx';

type Props = {
  readonly cautions: readonly Told[];
  /** The way on from one of them, where a press helps. */
  readonly wayOn: (caution: Told) => React.ReactNode;
};

/**
 * What to mind: what is about this batch in the open, with the way on, and what is so with every
 * batch folded under one line. Those not to go on with stand beside the shelf.
 */
export const Cautions = memo(function Cautions({ cautions, wayOn }: Props) {
  const warnings = cautions.filter(({ level }) => level === 'warn');
  const notes = cautions.filter(({ level }) => level === 'note');
  return (
    <section aria-label={say('balance.warnings')} className="flex flex-col gap-2 [contain:content]">
      {warnings.length > 0 && (
        <ul className="flex flex-col gap-2">
          {warnings.map((caution) => (
            <Caution key={`${caution.code}${textOf(caution.text)}`} of={caution}>
              {wayOn(caution)}
            </Caution>
          ))}
        </ul>
      )}
      {notes.length > 0 && (
        <details className="text-sm">
          <summary className="w-fit cursor-pointer underline decoration-dotted underline-offset-4">
            {say('balance.notes', { count: notes.length })}
          </summary>
          <ul className="mt-2 flex flex-col gap-2">
            {notes.map((caution) => (
              <Caution key={`${caution.code}${textOf(caution.text)}`} of={caution} />
            ))}
          </ul>
        </details>
      )}
    </section>
  );
});

type SplitProps = {
  /** Pots of this size that would each stay a third full. */
  readonly pots: number;
  readonly onSplit: (pots: number) => void;
};

/** Makes the batch one of several pots. */
export const Split = ({ pots, onSplit }: SplitProps) =>
  pots > 1 && (
    <button
      type="button"
      className="btn btn-outline btn-xs ml-1.5 max-md:btn-sm"
      onClick={() => onSplit(pots)}
    >
      {say('balance.splitItIntoPots', { pots })}
    </button>
  );

/** Why nothing new can be worked out, and that what is shown is from before. */
export const Impossible = ({ faults }: { faults: readonly Fault[] }) => (
  <section aria-label={say('balance.fix')} className="border-l-4 border-error pl-3 text-error">
    <ul>
      {faults.map((fault) => (
        <li key={fault.field}>{sayFault(fault)}</li>
      ))}
    </ul>
    <p>{say('balance.untilThenThePotAnd')}</p>
  </section>
);
