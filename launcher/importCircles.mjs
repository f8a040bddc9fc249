import { spawnSync } from 'node:child_process';
import { ROOT } from './shell.mjs';

/** Every room whose files import one another. */
const ROOMS = ['core', 'contract', 'words', 'cli', 'server', 'web', 'e2e', 'launcher', 'bench'];

/**
 * Files that import each other in a circle, as the linter finds them.
 * @returns {string[]}
 */
export function importCircles() {
  const { stdout } = spawnSync(
    'npx',
    [
      'oxlint',
      '--import-plugin',
      '-A',
      'all',
      '-D',
      'import/no-cycle',
      '--format',
      'json',
      ...ROOMS,
    ],
    { cwd: ROOT, encoding: 'utf8', maxBuffer: 64 * 1024 * 1024 },
  );
  const { diagnostics } = /** @type {{ diagnostics: { filename: string }[] }} */ (
    JSON.parse(stdout)
  );
  return [...new Set(diagnostics.map(({ filename }) => filename))];
}
