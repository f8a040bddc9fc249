import { say } from '@idle-kettle/words';
import { format } from 'date-fns';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { useDeletedBatches, useRestoreBatch } from '../api/batches.ts';
import { sayError } from '../api/request.ts';

/** What was deleted, to be restored; fetched once somebody asks for it. */
export function DeletedBatches() {
  const [open, setOpen] = useState(false);
  return (
    <details className="mt-8" onToggle={({ currentTarget }) => setOpen(currentTarget.open)}>
      <summary className="w-fit cursor-pointer font-bold text-primary">
        {say('batches.deletedBatches')}
      </summary>
      {open && <Deleted />}
    </details>
  );
}

function Deleted() {
  const deleted = useDeletedBatches();
  const restore = useRestoreBatch();
  const trouble = deleted.error ?? restore.error;
  if (trouble)
    return (
      <p role="alert" className="mt-2 border-l-4 border-error pl-3 text-error">
        {sayError(trouble)}
      </p>
    );
  if (!deleted.data) return <p role="status">{say('batches.loadingDeleted')}</p>;
  if (deleted.data.length === 0) return <p className="mt-2">{say('batches.nothingDeleted')}</p>;
  return (
    <ul className="mt-2 flex max-w-2xl flex-col" aria-label={say('batches.deletedBatches')}>
      {deleted.data.map(({ id, name, deletedAt }) => (
        <li key={id} className="flex items-center gap-3 border-b border-base-300 py-1">
          <span className="grow">
            <b>{name}</b>
            <span className="block text-sm opacity-80">
              {say('batches.deletedOn', { day: format(new Date(deletedAt), 'd MMMM yyyy') })}
            </span>
          </span>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-label={say('batches.restoreNamed', { name })}
            disabled={restore.isPending}
            onClick={() => restore.mutate({ id })}
          >
            <Undo2 aria-hidden className="size-4" /> {say('batches.restore')}
          </button>
        </li>
      ))}
    </ul>
  );
}
