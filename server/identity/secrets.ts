import { createHash, createHmac, randomBytes, timingSafeEqual } from 'node:crypto';

/** Bytes of what nobody guesses. */
const SECRET_BYTES = 32;

/** Something to keep that nobody guesses: text that stands in a cookie, a header and a link. */
export const newSecret = (): string => randomBytes(SECRET_BYTES).toString('base64url');

/** What is kept of a secret: it tells the right one, and is of no use to who reads it. */
export const hashOf = (secret: string): Buffer => createHash('sha256').update(secret).digest();

/**
 * What a write carries besides its cookie, which a page of another site cannot know: it follows from
 * the secret of the session, and is not that.
 */
export const writeToken = (secret: string): string =>
  createHmac('sha256', secret).update('write').digest('base64url');

/** Whether two texts are the same, in a time that does not tell where they differ. */
export function isSame(a: string, b: string): boolean {
  const [one, other] = [Buffer.from(a), Buffer.from(b)];
  return one.length === other.length && timingSafeEqual(one, other);
}
