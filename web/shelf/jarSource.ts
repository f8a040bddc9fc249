import type { JarEventDto } from '@idle-kettle/contract/season';

/** Where numbers are kept: a browser’s storage. */
export type SeqStorage = Pick<Storage, 'getItem' | 'setItem'>;

const KEY = 'kettle.jarSource';

type Kept = { readonly source: string; readonly seq: number };

function kept(storage: SeqStorage): Kept | null {
  try {
    const { source, seq } = JSON.parse(storage.getItem(KEY) ?? 'null') as Kept;
    return typeof source === 'string' && Number.isInteger(seq) ? { source, seq } : null;
  } catch {
    return null;
  }
}

/** The one of this page, where its browser keeps nothing. */
let own: Kept = { source: `browser ${crypto.randomUUID()}`, seq: 0 };

/**
 * The next number of this browser’s own: with its source it names an event for ever, so that one
 * that is sent twice is kept once.
 */
export function nextName(storage: SeqStorage = localStorage): Kept {
  const last = kept(storage) ?? own;
  own = {
    source: last.source,
    seq: Math.max(last.seq, own.source === last.source ? own.seq : 0) + 1,
  };
  try {
    storage.setItem(KEY, JSON.stringify(own));
  } catch {
    // A full or forbidden storage counts on this page alone.
  }
  return own;
}

/** Something that happened to a jar now, with a name of its own. */
export const jarEvent = (
  jar: string,
  kind: JarEventDto['kind'],
  to: string | null = null,
): JarEventDto => ({ ...nextName(), at: Date.now(), kind, jar, to });

/** The event that undoes another. */
export const undoOf = ({ source, seq, jar }: JarEventDto): JarEventDto =>
  jarEvent(jar, 'undone', `${source}/${seq}`);
