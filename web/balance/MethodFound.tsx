import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import type { MethodFinding, PretreatmentKind, Settings } from '@idle-kettle/core';
import { Check, X } from 'lucide-react';
import { memo } from 'react';
import { foundInMethod, isUsed, type Use } from './methodFound.ts';

type Props = {
  readonly findings: readonly MethodFinding[];
  readonly settings: Settings;
  readonly kitchen: Kitchen;
  readonly onSet: (settings: Settings, did: string) => void;
  readonly onStart: (kind: PretreatmentKind, hours: number | null) => void;
  readonly onClose: () => void;
};

/**
 * What the text of a method says of heat, lid, times and first steps: shown as found, to be used or
 * not.
 */
export const MethodFound = memo(function MethodFound(props: Props) {
  const { findings, settings, kitchen, onSet, onStart, onClose } = props;
  function take(use: NonNullable<Use>, what: string) {
    if ('first' in use) onStart(use.first, use.hours);
    else onSet(use.settings, what);
  }
  return (
    <section
      aria-labelledby="found-title"
      className="rounded-box border border-base-300 px-3 py-2 text-sm"
    >
      <div className="flex items-center justify-between">
        <h2 id="found-title" className="font-bold text-primary">
          {say('balance.fromTheMethod')}
        </h2>
        <button
          type="button"
          aria-label={say('balance.closeFound')}
          className="btn btn-square btn-ghost btn-xs max-md:btn-md"
          onClick={onClose}
        >
          <X aria-hidden className="size-4" />
        </button>
      </div>
      <p className="mb-1 opacity-80">{say('balance.otherStepsSkipped')}</p>
      <ul className="flex flex-col gap-1.5">
        {findings.map((finding) => {
          const { what, use } = foundInMethod(finding, kitchen);
          return (
            <li key={finding.kind} className="flex items-start justify-between gap-2">
              <span className="min-w-0">
                <span className="font-semibold">{what}</span>
                <q className="block truncate opacity-80">{finding.text}</q>
              </span>
              {use !== null &&
                (isUsed(use, settings) ? (
                  <span className="flex shrink-0 items-center gap-1 py-1">
                    <Check aria-hidden className="size-4" /> {say('balance.used')}
                  </span>
                ) : (
                  <button
                    type="button"
                    aria-label={say('balance.useWhat', { what })}
                    className="btn btn-outline shrink-0 btn-xs max-md:btn-md"
                    onClick={() => take(use, what)}
                  >
                    {say('balance.use')}
                  </button>
                ))}
            </li>
          );
        })}
      </ul>
    </section>
  );
});
