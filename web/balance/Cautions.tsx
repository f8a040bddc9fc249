import type { Caution, Fault } from '@idle-kettle/core';
import { Info, OctagonAlert, TriangleAlert } from 'lucide-react';
import { memo } from 'react';
import { sayFault } from '../api/request.ts';

const LOOK = {
  stop: { icon: OctagonAlert, style: 'border-error text-error font-bold' },
  warn: { icon: TriangleAlert, style: 'border-secondary' },
  note: { icon: Info, style: 'border-base-300 opacity-90' },
} as const;

type Props = {
  readonly cautions: readonly Caution[];
  /** Pots of this size that would each stay a third full. */
  readonly pots: number;
  readonly onSplit: (pots: number) => void;
};

/** What to mind with this batch, the gravest first. */
export const Cautions = memo(function Cautions({ cautions, pots, onSplit }: Props) {
  return (
    <section aria-label="Mind" className="[contain:content]">
      <ul className="flex flex-col gap-2">
        {cautions.map(({ code, level, text }) => {
          const { icon: Icon, style } = LOOK[level];
          return (
            <li key={`${code}${text}`} className={`flex gap-2 border-l-4 py-0.5 pl-3 ${style}`}>
              <Icon aria-hidden className="mt-0.5 size-5 shrink-0" />
              <span>
                {text}
                {code === 'boil-over' && pots > 1 && (
                  <button
                    type="button"
                    className="btn btn-sm mt-1 block"
                    onClick={() => onSplit(pots)}
                  >
                    Make this one of {pots} pots
                  </button>
                )}
              </span>
            </li>
          );
        })}
      </ul>
    </section>
  );
});

/** Why nothing new can be worked out, and that what is shown is from before. */
export const Impossible = ({ faults }: { faults: readonly Fault[] }) => (
  <section aria-label="Mend" className="border-l-4 border-error pl-3 text-error">
    <ul>
      {faults.map((fault) => (
        <li key={fault.field}>{sayFault(fault)}</li>
      ))}
    </ul>
    <p>Until then, the pot and the label show the batch as it was before.</p>
  </section>
);
