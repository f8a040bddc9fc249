/** The channel of PostgreSQL on which servers tell one another that a cook has changed. */
export const CHANNEL = 'kettle_cooks';

/** That a cook has changed, and where its log stands now. */
export type Word = { readonly cook: string; readonly position: number };

/** The statement that says it, from within a transaction: it is heard when that is through. */
export const sayThat = ({ cook, position }: Word): { query: string; values: unknown[] } => ({
  query: 'SELECT pg_notify(?, ?)',
  values: [CHANNEL, JSON.stringify({ cook, position })],
});

/** Null for what is no such word. */
export function heard(payload: string | undefined): Word | null {
  try {
    const word = JSON.parse(payload ?? '') as Partial<Word>;
    return typeof word.cook === 'string' && typeof word.position === 'number'
      ? { cook: word.cook, position: word.position }
      : null;
  } catch {
    return null;
  }
}
