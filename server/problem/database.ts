import { BaseError } from 'sequelize';

type Trouble = { readonly status: number; readonly detail: string };

const SHORTLY = 'Nothing was stored; try again shortly.';

/** What PostgreSQL says with its codes (appendix A of its manual), in words, and what is answered for it. */
const IN_WORDS: { readonly [code: string]: Trouble } = {
  '53100': {
    status: 507,
    detail:
      'The disk that the database is on is full. Nothing was stored; what you wrote stays where you wrote it. Free some space, and save again.',
  },
  '53200': { status: 503, detail: `The database is out of memory. ${SHORTLY}` },
  '53300': { status: 503, detail: `Too many are connected to the database. ${SHORTLY}` },
  '57P01': { status: 503, detail: `The database was stopped. ${SHORTLY}` },
  '57P02': { status: 503, detail: `The database crashed and recovers. ${SHORTLY}` },
  '57P03': { status: 503, detail: `The database is starting. ${SHORTLY}` },
  '25006': {
    status: 503,
    detail: 'The database may only be read just now. Nothing was stored.',
  },
  '58030': {
    status: 503,
    detail: 'The database cannot read or write its disk. Nothing was stored; look at the disk.',
  },
  '28P01': {
    status: 503,
    detail:
      'The database does not take the password that this server has. Nothing was stored; start it again with ./kettle.',
  },
};

/** The code in what PostgreSQL answered; null for what it did not say. */
function codeIn(error: unknown): string | null {
  for (let cause: unknown = error; cause instanceof Error;) {
    if ('code' in cause && typeof cause.code === 'string' && cause.code in IN_WORDS)
      return cause.code;
    const next: unknown =
      cause instanceof BaseError ? (cause as { original?: unknown }).original : cause.cause;
    cause = next ?? (cause as { parent?: unknown }).parent;
  }
  return null;
}

/** What the database has, in words, and what is answered for it; null where it said nothing of the kind. */
export function databaseInWords(error: unknown): Trouble | null {
  const code = codeIn(error);
  return code === null ? null : (IN_WORDS[code] ?? null);
}
