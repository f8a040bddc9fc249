/** The channel of PostgreSQL on which servers tell one another that a cook has changed. */
export const CHANNEL = 'kettle_cooks';

/** That a cook’s log has grown, or that the cook itself has changed: its clock, its end. */
export type CookWord = { readonly cook: string; readonly what: 'log' | 'cook' };

/** That a session of a member is over. */
export type SignedOutWord = { readonly signedOut: string };

export type Word = CookWord | SignedOutWord;

export const isSignedOut = (word: Word | 'look'): word is SignedOutWord =>
  word !== 'look' && 'signedOut' in word;

/** The statement that says it, from within a transaction: it is heard when that is through. */
export const sayThat = (word: Word): { query: string; values: unknown[] } => ({
  query: 'SELECT pg_notify(?, ?)',
  values: [CHANNEL, JSON.stringify(word)],
});

/** Null for what is no such word. */
export function heard(payload: string | undefined): Word | null {
  try {
    const { cook, what, signedOut } = JSON.parse(payload ?? '') as Partial<
      CookWord & SignedOutWord
    >;
    if (typeof signedOut === 'string') return { signedOut };
    return typeof cook === 'string' && (what === 'log' || what === 'cook') ? { cook, what } : null;
  } catch {
    return null;
  }
}
