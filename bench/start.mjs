import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { chmodSync, mkdtempSync, rmSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const KETTLE = join(import.meta.dirname, '../kettle');
const PORT = 4890;
const MOST_MS = 4000;

/**
 * Starts the app in a state folder and stops it again.
 * @param {string} state
 * @returns {Promise<number>} ms until it told where it is
 */
async function startOnce(state) {
  const from = performance.now();
  const child = spawn(KETTLE, ['start', '--port', String(PORT)], {
    env: { ...process.env, KETTLE_STATE: state },
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  const exit = once(child, 'exit');
  let said = '';
  for await (const text of child.stdout.setEncoding('utf8')) {
    said += text;
    if (said.includes('is at http')) break;
  }
  const took = performance.now() - from;
  if (!said.includes('is at http')) throw new Error('The app did not start');
  child.kill('SIGINT');
  await exit;
  return took;
}

/**
 * How long a kitchen that was there before takes until it answers.
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function startRows() {
  const state = mkdtempSync(join(tmpdir(), 'kettle-bench-start-'));
  // The database's own user must be able to pass through.
  chmodSync(state, 0o755);
  try {
    await startOnce(state);
    const took = [await startOnce(state), await startOnce(state), await startOnce(state)];
    const median = took.toSorted((a, b) => a - b)[1] ?? NaN;
    return [
      {
        what: 'a second start of the app, until it tells where it is',
        bar: `≤ ${MOST_MS / 1000} s`,
        found: `${(median / 1000).toFixed(1)} s`,
        met: median <= MOST_MS,
      },
    ];
  } finally {
    rmSync(state, { recursive: true, force: true });
  }
}
