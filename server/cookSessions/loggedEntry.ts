import type { LoggedEntry } from '@idle-kettle/contract';
import type { SessionEntryModel } from './sessionEntry.model.ts';

/** A row of a log as it is answered with. */
export const loggedEntry = (row: SessionEntryModel): LoggedEntry => ({
  source: row.source,
  seq: row.seq,
  position: row.position,
  at: row.at.getTime(),
  kind: row.kind,
  value: row.value,
  text: row.text,
  by: row.byKind === null ? null : { kind: row.byKind, id: row.byId },
});
