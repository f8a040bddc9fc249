import { message, type Text } from '@idle-kettle/words/message';
import { BaseError } from 'sequelize';

/** What is answered for a trouble: its HTTP status, and what is told of it. */
export type Trouble = { readonly status: number; readonly told: Text };

const trouble = (status: number, told: Text): Trouble => ({ status, told });

/** What PostgreSQL says with its codes (appendix A of its manual), and what is answered for it. */
const IN_WORDS: { readonly [code: string]: Trouble } = {
  '53100': trouble(507, message('problems.diskFull')),
  '53200': trouble(503, message('problems.outOfMemory')),
  '53300': trouble(503, message('problems.tooManyConnected')),
  '57P01': trouble(503, message('problems.stopped')),
  '57P02': trouble(503, message('problems.crashed')),
  '57P03': trouble(503, message('problems.starting')),
  '25006': trouble(503, message('problems.readOnly')),
  '58030': trouble(503, message('problems.diskBroken')),
  '28P01': trouble(503, message('problems.password')),
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

/**
 * What the database has, in words, and what is answered for it; null where it said nothing of the
 * kind.
 */
export function databaseInWords(error: unknown): Trouble | null {
  const code = codeIn(error);
  return code === null ? null : (IN_WORDS[code] ?? null);
}
