import type { BatchSummary, Kitchen, PlanSummary } from '@idle-kettle/contract';
import { formatTemperature } from '@idle-kettle/core';
import { format } from 'date-fns';
import { Archive } from 'lucide-react';
import { Link } from 'react-router';
import { jarsInWords, processInWords, shelfInWords } from '../ui/words.ts';

type Props = {
  readonly batch: BatchSummary;
  readonly kitchen: Kitchen;
  readonly onPutAway: () => void;
};

/** A batch as its label, small: the way in, and the way out of sight. */
export function BatchCard({ batch, kitchen, onPutAway }: Props) {
  const { plan } = batch;
  return (
    <li
      className="jar-label relative flex flex-col gap-2 py-4 pr-5 pl-4"
      style={plan?.colour ? ({ '--fruit': plan.colour } as React.CSSProperties) : {}}
    >
      <h2 className="pr-8 text-xl leading-tight font-bold text-primary">
        <Link to={`/batches/${batch.id}`} className="after:absolute after:inset-0">
          {batch.name}
        </Link>
      </h2>
      {plan === null ? (
        <p role="status">Its label is being worked out</p>
      ) : (
        <Figures plan={plan} kitchen={kitchen} />
      )}
      <p className="mt-auto text-sm opacity-80">
        {format(new Date(batch.updatedAt), 'd MMMM yyyy')}
      </p>
      <button
        type="button"
        aria-label={`Put away ${batch.name}`}
        title="Put away"
        onClick={onPutAway}
        className="btn btn-square btn-ghost btn-sm absolute top-3 right-4 z-[1]"
      >
        <Archive aria-hidden className="size-4" />
      </button>
    </li>
  );
}

const Figures = ({ plan, kitchen }: { readonly plan: PlanSummary; readonly kitchen: Kitchen }) => (
  <>
    <p className="text-2xl font-bold">{jarsInWords(plan) ?? 'No yield yet'}</p>
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-base">
      <dt className="opacity-80">Stop</dt>
      <dd>{formatTemperature(plan.stopC, kitchen.temperature)}</dd>
      <dt className="opacity-80">Shelf</dt>
      <dd className={plan.shelf.verdict === 'pantry' ? '' : 'font-bold text-error'}>
        {shelfInWords(plan)}
      </dd>
      <dt className="opacity-80">Canner</dt>
      <dd>{processInWords(plan)}</dd>
    </dl>
  </>
);
