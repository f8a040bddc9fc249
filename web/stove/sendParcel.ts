import { kitchenTime, type CookSession } from '@idle-kettle/contract';
import type { Dated } from './dated.ts';
import { bare, type KeptEntry } from './keptEntry.ts';
import type { LiveLogPorts } from './liveLogPorts.ts';

/**
 * Sends entries of a cook: those that were dated by one clock together, with what that clock would
 * show now, by which a server puts their times right. Of a cook that is not known yet, and of what
 * another page dated, that cannot be told.
 */
export async function sendParcel(
  { send, serverClock }: Pick<LiveLogPorts, 'send' | 'serverClock'>,
  id: string,
  session: Pick<CookSession, 'clock'> | null,
  parcel: readonly KeptEntry[],
): Promise<void> {
  for (const { dated, entries } of byClock(parcel)) {
    const now = dated === undefined ? null : serverClock.asDated(dated);
    const shown = now === null || session === null ? {} : { now: kitchenTime(session.clock, now) };
    await send(`/cook-sessions/${id}/log`, 'POST', { entries: entries.map(bare), ...shown });
  }
}

type OfOneClock = { readonly dated: Dated | undefined; readonly entries: readonly KeptEntry[] };

/** A parcel by what its entries were dated by. */
function byClock(parcel: readonly KeptEntry[]): readonly OfOneClock[] {
  const parts = new Map<string, { dated: Dated | undefined; entries: KeptEntry[] }>();
  for (const entry of parcel) {
    const { dated } = entry;
    const key = JSON.stringify(dated ?? null);
    const part = parts.get(key) ?? { dated, entries: [] };
    part.entries.push(entry);
    parts.set(key, part);
  }
  return [...parts.values()];
}
