import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import type { Caution as Told, Change, Plan } from '@idle-kettle/core';
import { ClipboardList, CookingPot, RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useMay } from '../api/who.ts';
import { jarsInWords, shelfInWords } from '../ui/words.ts';
import { LabelBack } from './LabelBack.tsx';
import { LabelFront } from './LabelFront.tsx';
import { SET_IN_WORDS } from './SetBar.tsx';

type Props = {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly fruit: string;
  /** The batch’s name, as a heading or as a field to write it in. */
  readonly title: React.ReactNode;
  /** The lines cannot be planned just now; what is shown is from before. */
  readonly stale: boolean;
  /** Only typical figures yet; the ranges are being worked out. */
  readonly rough: boolean;
  /** Null for a batch that is not saved yet. */
  readonly batchId: string | null;
  /** What not to go on with. */
  readonly stops: readonly Told[];
  /** The way on from one of them, where a press helps. */
  readonly wayOn: (caution: Told) => React.ReactNode;
  /** Makes a change to the formula, with what it did in words. */
  readonly onChange: (change: Change, did: string) => void;
};

/**
 * The verdicts, in the shape of the label that this batch will wear; turned over, the rest and
 * where they come from.
 */
export function BatchLabel(props: Props) {
  const { plan, kitchen, fruit, title, stale, rough, batchId, stops, wayOn, onChange } = props;
  const [turned, setTurned] = useState(false);
  const mayCook = useMay()('cook');
  return (
    <section
      aria-label={say('balance.labelOfThisBatch')}
      style={{ '--fruit': fruit } as React.CSSProperties}
      className={`jar-label flex min-w-0 flex-col gap-2 py-3 pr-5 pl-4 [contain:content] max-md:order-1 wide:py-1.5 will-change-transform ${stale ? 'opacity-50' : ''}`}
    >
      {title}
      {turned ? (
        <LabelBack plan={plan} kitchen={kitchen} />
      ) : (
        <LabelFront plan={plan} kitchen={kitchen} stops={stops} wayOn={wayOn} onChange={onChange} />
      )}
      <div className="flex flex-wrap items-center gap-2">
        <button
          type="button"
          data-look
          className="btn btn-ghost btn-sm -ml-2 max-md:px-2"
          aria-pressed={turned}
          aria-label={turned ? say('balance.backToTheFront') : say('balance.detailsAndSources')}
          title={turned ? say('balance.backToTheFront') : say('balance.detailsAndSources')}
          onClick={() => setTurned(!turned)}
        >
          <RotateCcw aria-hidden className="size-4" />
          <span className={batchId === null ? '' : 'max-md:sr-only'}>
            {turned
              ? say('balance.front')
              : batchId === null
                ? say('balance.detailsAndSources')
                : say('balance.details')}
          </span>
        </button>
        <span className="text-sm">
          {plan.finish &&
            (rough ? (
              // Beside the ways on it takes no more room than what follows it, so that nothing
              // moves under a press.
              <>
                <span className={batchId === null ? '' : 'sr-only'}>
                  {say('balance.workingOutTheRanges')}
                </span>
                {batchId !== null && (
                  <span aria-hidden className="loading loading-xs loading-dots align-middle" />
                )}
              </>
            ) : (
              <span className="sr-only">{inShort(plan)}</span>
            ))}
        </span>
        {batchId !== null && plan.finish && (
          <span className="ml-auto flex gap-2">
            <Link to={`/batches/${batchId}/prepare`} className="btn btn-primary btn-sm">
              <ClipboardList aria-hidden className="size-4" /> {say('balance.prepare')}
            </Link>
            {mayCook && (
              <Link to={`/batches/${batchId}/stove`} className="btn btn-outline btn-sm">
                <CookingPot aria-hidden className="size-4" /> {say('balance.stove')}
              </Link>
            )}
          </span>
        )}
      </div>
    </section>
  );
}

/**
 * The verdicts in one sentence, said once they stand: a screen reader is not read the label at
 * every key.
 */
const inShort = (plan: Plan): string =>
  [plan.set && say(SET_IN_WORDS[plan.set.forecast]), jarsInWords(plan), shelfInWords(plan)]
    .filter(Boolean)
    .join(', ');
