import { execFile, spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { promisify } from 'node:util';
import { Failure, say } from './say.mjs';
import { ROOT } from './shell.mjs';
import { databaseUser } from './state.mjs';

const STOPS_WITHIN_MS = 10_000;

/** @param {string} databaseUrl @param {number} [port] @returns {NodeJS.ProcessEnv} */
const environment = (databaseUrl, port) => ({
  ...process.env,
  NODE_ENV: 'production',
  KETTLE_DATABASE_URL: databaseUrl,
  ...(port === undefined ? {} : { KETTLE_PORT: String(port) }),
});

/** @type {import('./state.mjs').DatabaseUser | null} */
let known = null;

/**
 * Who the server runs as: never root, unless nobody else can read this checkout, which is said.
 * @returns {import('./state.mjs').DatabaseUser}
 */
function serverUser() {
  if (known !== null) return known;
  const user = databaseUser();
  const reads = (/** @type {string} */ path) =>
    spawnSync('test', ['-r', path], { ...user, cwd: '/' }).status === 0;
  known =
    user && [process.execPath, join(ROOT, 'server/dist/main.js')].every(reads) ? user : undefined;
  if (user && known === undefined)
    say(
      `the user “postgres” cannot read ${ROOT}, so the server runs as root; move the checkout to a place that others may read`,
    );
  return known;
}

/**
 * Runs a program of the server’s to its end.
 * @param {string} program @param {string} databaseUrl
 * @returns {Promise<string>} what it printed
 */
async function runProgram(program, databaseUrl) {
  try {
    const { stdout } = await promisify(execFile)(
      process.execPath,
      [join(ROOT, 'server/dist', program)],
      { env: environment(databaseUrl), cwd: ROOT, ...serverUser() },
    );
    return stdout.trim();
  } catch (error) {
    const { stderr = '', message } = /** @type {Error & { stderr?: string }} */ (error);
    throw new Failure(`${program} failed: ${stderr.trim() || message}`);
  }
}

/**
 * Brings the database up to date.
 * @param {string} databaseUrl
 * @returns {Promise<{ readonly setUp: boolean }>} whether its kitchen was ever set up
 */
export const migrate = async (databaseUrl) => ({
  setUp: !(await runProgram('migrate.js', databaseUrl)).includes('not set up yet'),
});

/** Loads the demo kitchen where there is none yet. @param {string} databaseUrl */
export const loadDemo = (databaseUrl) => runProgram('loadDemo.js', databaseUrl);

/**
 * @typedef {object} Server
 * @property {Promise<void>} died settles when it ends, asked to or not
 * @property {() => Promise<void>} stop
 */

/**
 * Starts the app’s server and waits until it listens.
 * @param {string} databaseUrl
 * @param {number} port
 * @param {NodeJS.ProcessEnv} [more] for its environment
 * @returns {Promise<Server>}
 */
export async function startServer(databaseUrl, port, more = {}) {
  const child = spawn(
    process.execPath,
    ['--enable-source-maps', join(ROOT, 'server/dist/main.js')],
    {
      env: { ...environment(databaseUrl, port), ...more },
      cwd: ROOT,
      detached: true,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      ...serverUser(),
    },
  );
  const exited = once(child, 'exit');
  const first = await Promise.race([once(child, 'message'), exited.then(() => null)]);
  if (first === null) throw new Failure('The server did not start; its message is above.');
  return {
    died: exited.then(() => undefined),
    stop: async () => {
      if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
      await Promise.race([exited, pause(STOPS_WITHIN_MS, undefined, { ref: false })]);
      child.kill('SIGKILL');
    },
  };
}
