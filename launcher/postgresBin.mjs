import { existsSync, readdirSync } from 'node:fs';
import { join } from 'node:path';

/** Where Debian puts each major version’s programs. */
const VERSIONS = '/usr/lib/postgresql';

/**
 * The folder with `initdb` and `postgres`: of that major version, or of the newest installed.
 * @param {string} [major]
 * @returns {string | null}
 */
export function postgresBin(major) {
  if (!existsSync(VERSIONS)) return null;
  const versions = readdirSync(VERSIONS).sort((a, b) => Number(b) - Number(a));
  const bins = (major === undefined ? versions : [major]).map((v) => join(VERSIONS, v, 'bin'));
  return (
    bins.find((bin) => existsSync(join(bin, 'initdb')) && existsSync(join(bin, 'postgres'))) ?? null
  );
}
