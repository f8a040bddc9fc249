import type { BatchSummary } from '@idle-kettle/contract';
import { CookingPot, Undo2 } from 'lucide-react';
import { useState } from 'react';
import { Link, Navigate } from 'react-router';
import { useBatches, useBringBack, usePutAway } from '../api/batches.ts';
import { useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Guarded } from '../ui/Guarded.tsx';
import { Loading } from '../ui/Loading.tsx';
import { BatchCard } from './BatchCard.tsx';

/** Home: every batch by its label. A kitchen that was never set up is asked about its place first. */
export function BatchesScreen() {
  const kitchen = useKitchen();
  const batches = useBatches();
  const putAway = usePutAway();
  const bringBack = useBringBack();
  const [gone, setGone] = useState<BatchSummary | null>(null);

  const failed = [kitchen, batches].find((query) => query.error !== null);
  if (failed?.error) return <NotFetched error={failed.error} again={() => void failed.refetch()} />;
  if (!kitchen.data || !batches.data) return <Loading what="the batches" />;
  if (!kitchen.data.setUp) return <Navigate to="/kitchen" replace />;

  const trouble = putAway.error ?? bringBack.error;
  return (
    <>
      <div className="mb-5 flex flex-wrap items-center gap-4">
        <h1 className="text-3xl font-bold text-primary">Batches</h1>
        <Link to="/batches/new" className="btn btn-primary btn-lg ml-auto">
          <CookingPot aria-hidden className="size-6" />
          Start a batch
        </Link>
      </div>
      {gone && (
        <p role="status" className="mb-4 flex items-center gap-2">
          “{gone.name}” is put away.
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => bringBack.mutate(gone, { onSuccess: () => setGone(null) })}
          >
            <Undo2 aria-hidden className="size-4" /> Bring it back
          </button>
        </p>
      )}
      {trouble && (
        <p role="alert" className="mb-4 border-l-4 border-error pl-3 text-error">
          {sayError(trouble)}
        </p>
      )}
      {batches.data.length === 0 ? (
        <NoBatches />
      ) : (
        <ul className="grid gap-4 sm:grid-cols-2 lg:grid-cols-3 xl:grid-cols-4">
          {batches.data.map((batch) => (
            <Guarded key={batch.id} what={`the label of ${batch.name}`} as="li" on={batch}>
              <BatchCard
                batch={batch}
                kitchen={kitchen.data}
                onPutAway={() => putAway.mutate(batch, { onSuccess: () => setGone(batch) })}
              />
            </Guarded>
          ))}
        </ul>
      )}
    </>
  );
}

const NoBatches = () => (
  <section className="rounded-box bg-base-100 p-8 text-lg">
    <p>No batches yet.</p>
    <p className="mt-2">
      Start one with what is in the bowl, such as “2 kg crushed damsons” and “1.4 kg sugar”, and
      read what it will give before the kettle is lit.
    </p>
  </section>
);
