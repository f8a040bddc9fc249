import { say } from '@idle-kettle/words';
import { useDeletedBatches, useRestoreBatch } from '../api/batches.ts';
import { sayError } from '../api/request.ts';
import { NotFetched, Notice } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';

type Props = { readonly id: string; readonly error: Error; readonly again: () => void };

/** At the address of a batch that is not there: one that was deleted can be restored from here. */
export function MissingBatch({ id, error, again }: Props) {
  const deleted = useDeletedBatches();
  const restore = useRestoreBatch();
  if (deleted.isPending) return <Loading what={say('balance.theBatch')} />;
  const batch = deleted.data?.find((one) => one.id === id);
  if (batch === undefined) return <NotFetched error={error} again={again} />;
  return (
    <Notice title={say('balance.wasDeleted', { name: batch.name })}>
      {restore.error ? sayError(restore.error) : say('balance.itIsKept')}{' '}
      <button
        type="button"
        className="btn btn-primary ml-2"
        disabled={restore.isPending}
        onClick={() => restore.mutate({ id })}
      >
        {say('batches.restore')}
      </button>
    </Notice>
  );
}
