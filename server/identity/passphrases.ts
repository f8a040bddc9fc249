import { hash, verify } from '@node-rs/argon2';

/**
 * argon2id as OWASP’s Password Storage Cheat Sheet asks for at least: 19 MiB, two passes, one lane.
 * The package works in threads of its own.
 */
const COST = { memoryCost: 19_456, timeCost: 2, parallelism: 1 };

/** What is kept of a passphrase: a PHC string. */
export const hashOfPassphrase = (passphrase: string): Promise<string> =>
  hash(normal(passphrase), COST);

/** Takes as long for a name that nobody has as for one that somebody does. */
let decoy: Promise<string> | null = null;

/** Whether it is the passphrase that was kept; never where none was. */
export async function isPassphrase(kept: string | null, passphrase: string): Promise<boolean> {
  decoy ??= hashOfPassphrase('nobody at all');
  const right = await verify(kept ?? (await decoy), normal(passphrase));
  return kept !== null && right;
}

/** The same letters typed on another keyboard are the same passphrase (NIST SP 800-63B, 5.1.1.2). */
const normal = (passphrase: string): string => passphrase.normalize('NFKC');
