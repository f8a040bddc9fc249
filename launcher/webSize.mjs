import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { gzipSync } from 'node:zlib';
import { say } from './say.mjs';
import { ROOT } from './shell.mjs';

const DIST = join(ROOT, 'web/dist');
/** Scripts that the first page may ask for, gzip, kB. */
const MOST_KB = 250;

/**
 * Weighs what the first route loads, says it, and tells whether it is light enough.
 * @returns {boolean}
 */
export function firstRouteIsLight() {
  const page = readFileSync(join(DIST, 'index.html'), 'utf8');
  const scripts = [...page.matchAll(/(?:src|href)="\/(assets\/[^"]+\.js)"/g)].map(
    ([, path]) => path ?? '',
  );
  const kB =
    scripts.reduce((sum, path) => sum + gzipSync(readFileSync(join(DIST, path))).length, 0) / 1000;
  say(`first route: ${scripts.length} scripts, ${kB.toFixed(0)} kB gzip of at most ${MOST_KB}`);
  return scripts.length > 0 && kB <= MOST_KB;
}
