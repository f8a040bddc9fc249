import type { Batch, Kitchen } from '@idle-kettle/contract';
import { useParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { useKitchen } from '../api/kitchen.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { Balance } from './Balance.tsx';

const NEW = 'new';

/** Where a batch is designed: `/batches/new` or `/batches/:id`. */
export function BalanceScreen() {
  const { id = NEW } = useParams();
  const batchId = id === NEW ? null : id;
  const kitchen = useKitchen();
  const batch = useBatch(batchId);
  const failed = [kitchen, batch].find((query) => query.error !== null);
  if (failed?.error) return <NotFetched error={failed.error} again={() => void failed.refetch()} />;
  if (!kitchen.data || (batchId !== null && !batch.data)) return <Loading what="the batch" />;
  return <Loaded key={id} kitchen={kitchen.data} batch={batch.data ?? null} />;
}

const Loaded = ({ kitchen, batch }: { kitchen: Kitchen; batch: Batch | null }) => (
  <Balance kitchen={kitchen} saved={batch} />
);
