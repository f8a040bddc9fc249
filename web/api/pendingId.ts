/** Where ids wait: a browser’s storage. */
export type IdStorage = Pick<Storage, 'getItem' | 'setItem' | 'removeItem'>;

const key = (what: string): string => `kettle.pending.${what}`;

/**
 * The id that something new is made under, the same until it is answered for: pressed twice, sent
 * twice or after a reload, it is one.
 * @param what names the thing: `cook of 3f…`
 */
export function pendingId(what: string, storage: IdStorage = sessionStorage): string {
  const id = storage.getItem(key(what)) ?? crypto.randomUUID();
  try {
    storage.setItem(key(what), id);
  } catch {
    // A full or forbidden storage makes a new one after a reload.
  }
  return id;
}

/** That it was answered for: what comes next is another. */
export const forgetPendingId = (what: string, storage: IdStorage = sessionStorage): void =>
  storage.removeItem(key(what));
