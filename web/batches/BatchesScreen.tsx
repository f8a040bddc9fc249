import { say } from '@idle-kettle/words';
import type { BatchSummary, Kitchen } from '@idle-kettle/contract';
import { CookingPot, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { useBatches, useRestoreBatch, useDeleteBatch } from '../api/batches.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Empty } from '../ui/Empty.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useAsked } from '../ui/useAsked.ts';
import { BatchCard } from './BatchCard.tsx';
import { DeletedBatches } from './DeletedBatches.tsx';
import { FindBar } from './FindBar.tsx';
import { byNeed, findingIn, found } from './finding.ts';

/**
 * Home: every batch by its label, with what it wants next. A kitchen that was never set up is asked
 * about its place first.
 */
export function BatchesScreen() {
  const kitchen = useKitchen();
  const batches = useBatches();
  const failure = failureOf([kitchen, batches]);
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || !batches.data) return <Loading what={say('batches.theBatches')} />;
  if (!kitchen.data.setUp) return <Navigate to="/kitchen" replace />;
  return (
    <>
      {batches.error && (
        <p role="alert" className="mb-4 border-l-4 border-error pl-3">
          {say('batches.showingWhatWasLoadedLast', { sayError: sayError(batches.error) })}
        </p>
      )}
      <Batches kitchen={kitchen.data} batches={batches.data} />
    </>
  );
}

type Props = { readonly kitchen: Kitchen; readonly batches: readonly BatchSummary[] };

function Batches({ kitchen, batches }: Props) {
  const [search, ask] = useAsked();
  const mayDo = useMay();
  const remove = useDeleteBatch();
  const restore = useRestoreBatch();
  const [last, setLast] = useState<{
    readonly text: string;
    readonly way: string;
    readonly undo: () => void;
  } | null>(null);
  const [asked, setAsked] = useState<BatchSummary | null>(null);
  const finding = findingIn(search);
  const shown = byNeed(found(batches, finding));
  const trouble = remove.error ?? restore.error;
  const deleteIt = (batch: BatchSummary) => {
    setAsked(null);
    remove.mutate(batch, {
      onSuccess: () =>
        setLast({
          text: say('batches.deleted', { name: batch.name }),
          way: say('batches.restore'),
          undo: () => restore.mutate(batch, forget),
        }),
    });
  };
  const forget = { onSuccess: () => setLast(null) };

  return (
    <>
      <div className="mb-3 flex flex-wrap items-center gap-4">
        <PageHeading className="text-3xl font-bold text-primary">
          {say('batches.batches')}
        </PageHeading>
        {mayDo('cook') && (
          <Link to="/batches/new" className="btn btn-primary btn-lg ml-auto">
            <CookingPot aria-hidden className="size-6" />
            {say('batches.startABatch')}
          </Link>
        )}
      </div>
      {batches.length > 0 && <FindBar batches={batches} finding={finding} onFind={ask} />}
      {last && (
        <p role="status" className="mb-4 flex items-center gap-2">
          {last.text}
          <button type="button" className="btn btn-ghost btn-sm" onClick={last.undo}>
            <Undo2 aria-hidden className="size-4" /> {last.way}
          </button>
        </p>
      )}
      {asked && (
        <div role="alert" className="mb-4 border-l-8 border-secondary pl-4">
          <p className="text-lg">{say('batches.isOnTheStove', { name: asked.name })}</p>
          <div className="mt-2 flex flex-wrap gap-2">
            <button type="button" className="btn btn-primary" onClick={() => setAsked(null)}>
              {say('batches.keepIt')}
            </button>
            <button type="button" className="btn" onClick={() => deleteIt(asked)}>
              {say('batches.deleteAnyway')}
            </button>
          </div>
        </div>
      )}
      {trouble && (
        <p role="alert" className="mb-4 border-l-4 border-error pl-3 text-error">
          {sayError(trouble)}
        </p>
      )}
      {batches.length === 0 ? (
        <Empty title={say('batches.noBatchesYet')}>{say('batches.startWithWhatIsIn')}</Empty>
      ) : shown.length === 0 ? (
        <Empty title={say('batches.noBatchMatches')}>
          <button
            type="button"
            className="link"
            onClick={() => ask({ find: '', state: '', fruit: '' })}
          >
            {say('batches.showAllBatches')}
          </button>
        </Empty>
      ) : (
        <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
          {shown.map((batch) => (
            <ErrorBoundary
              key={batch.id}
              what={say('batches.theLabelOf', { name: batch.name })}
              as="li"
              on={batch}
            >
              <BatchCard
                batch={batch}
                kitchen={kitchen}
                onDelete={
                  mayDo('remove')
                    ? () => (batch.state === 'on the stove' ? setAsked(batch) : deleteIt(batch))
                    : null
                }
              />
            </ErrorBoundary>
          ))}
        </ul>
      )}
      {mayDo('remove') && <DeletedBatches />}
    </>
  );
}
