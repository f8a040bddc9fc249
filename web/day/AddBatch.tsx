import { say } from '@idle-kettle/words';
import { MOST_ON_A_SHEET, type DaySheet } from '@idle-kettle/contract/daySheet';
import { Plus } from 'lucide-react';
import { Link } from 'react-router';
import { useBatches } from '../api/batches.ts';
import { withBatch } from './sheet.ts';
import type { Keep } from './useSheetChanges.ts';

type Props = {
  readonly sheet: DaySheet;
  readonly isFirst: boolean;
  readonly onChange: Keep;
};

/** Puts a batch that is not cooked yet on the sheet. */
export function AddBatch({ sheet, isFirst, onChange }: Props) {
  const batches = useBatches();
  const isFull = sheet.batches.length >= MOST_ON_A_SHEET;
  const open = (batches.data ?? []).filter(
    ({ id, state }) => state === 'planned' && !sheet.batches.some(({ batchId }) => batchId === id),
  );
  return (
    <section aria-label={say('days.addABatch')} className="print:hidden">
      {isFirst && <p className="text-lg">{say('days.addTheFirst')}</p>}
      <div className="flex flex-wrap items-center gap-2">
        {open.slice(0, MOST_OFFERED).map(({ id, name }) => (
          <button
            key={id}
            type="button"
            className="btn"
            disabled={isFull}
            onClick={() =>
              onChange((document) => withBatch(document, id), say('days.added', { name }))
            }
          >
            <Plus aria-hidden className="size-4" /> {name}
          </button>
        ))}
        <Link className="btn btn-ghost" to="/batches/new">
          {say('days.newBatch')}
        </Link>
      </div>
      {batches.data !== undefined && open.length === 0 && isFirst && (
        <p>{say('days.noOpenBatch')}</p>
      )}
    </section>
  );
}

/** More than these are found on Batches. */
const MOST_OFFERED = 12;
