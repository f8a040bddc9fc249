import { say } from '@idle-kettle/words';
import type { PlanLine } from '@idle-kettle/core';
import { ChevronDown } from 'lucide-react';
import { useId, useState } from 'react';

type Props = {
  /** Of the batch as it is planned. */
  readonly lines: readonly PlanLine[];
  /** Whether they begin in the open: those of a batch that is being written. */
  readonly open: boolean;
  readonly children: React.ReactNode;
};

/**
 * The lines and what they are made into; on a narrow screen folded under one line, so that the
 * verdicts come first.
 */
export function FoldedLines({ lines, open: first, children }: Props) {
  const [open, setOpen] = useState(first);
  const id = useId();
  return (
    <div className="flex min-w-0 flex-col gap-2">
      <button
        type="button"
        aria-expanded={open}
        aria-controls={id}
        onClick={() => setOpen(!open)}
        className="flex min-h-11 items-center gap-2 rounded-field border border-base-300 bg-base-100 px-3 py-2 text-left md:hidden"
      >
        <span className="min-w-0 grow truncate">
          <b>{inWords(lines)}</b> {lines.map(({ text }) => text).join(', ')}
        </span>
        <ChevronDown aria-hidden className={`size-5 shrink-0 ${open ? 'rotate-180' : ''}`} />
      </button>
      <div id={id} className={`flex flex-col gap-2 ${open ? '' : 'max-md:hidden'}`}>
        {children}
      </div>
    </div>
  );
}

function inWords(lines: readonly PlanLine[]): string {
  if (lines.length === 0) return say('balance.noIngredientsYet');
  const strange = lines.filter(({ understood }) => !understood).length;
  const count =
    lines.length === 1 ? say('balance.1Line') : say('balance.lines', { count: lines.length });
  return strange === 0 ? `${count}:` : say('balance.notRecognized', { count, strange });
}
