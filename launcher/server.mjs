import { spawn, spawnSync } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { printedInPlainWords } from './plainWords.mjs';
import { Failure, say } from './say.mjs';
import { answerOf, ROOT } from './shell.mjs';
import { databaseUser } from './state.mjs';
import { end, watched } from './stopping.mjs';

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
    user && [process.execPath, join(ROOT, 'server/dist/main.bundle.js')].every(reads)
      ? user
      : undefined;
  if (user && known === undefined)
    say(
      `the user “postgres” cannot read ${ROOT}, so the server runs as root; move the checkout to a place that others may read`,
    );
  return known;
}

/**
 * Runs a program of the server’s to its end.
 * @param {string} program @param {string} databaseUrl @param {AbortSignal} [signal] ends it
 * @returns {Promise<string>} what it printed
 */
async function runProgram(program, databaseUrl, signal) {
  const file = join(ROOT, 'server/dist', program);
  try {
    const printed = await answerOf(process.execPath, [file], {
      env: environment(databaseUrl),
      cwd: ROOT,
      ...serverUser(),
      ...(signal === undefined ? {} : { signal }),
    });
    return printed.trim();
  } catch (error) {
    if (!(error instanceof Failure)) throw error;
    throw new Failure(
      printedInPlainWords(error.message, 'The database') ?? `${program} failed: ${error.message}`,
    );
  }
}

/**
 * Brings the database up to date.
 * @param {string} databaseUrl @param {AbortSignal} [signal] ends it
 * @returns {Promise<{ readonly setUp: boolean, readonly kept: boolean }>} whether its kitchen was
 * ever set up, and whether it has a keeper who can sign in
 */
export async function migrate(databaseUrl, signal) {
  const said = await runProgram('migrate.bundle.js', databaseUrl, signal);
  return { setUp: !said.includes('not set up yet'), kept: !said.includes('no keeper yet') };
}

/**
 * Loads the demo kitchen where there is none yet.
 * @param {string} databaseUrl @param {AbortSignal} [signal] ends it
 */
export const loadDemo = (databaseUrl, signal) =>
  runProgram('loadDemo.bundle.js', databaseUrl, signal);

/**
 * Works out anew, from what is kept, everything that is worked out.
 * @param {string} databaseUrl @param {AbortSignal} [signal] ends it
 */
export const rebuild = (databaseUrl, signal) =>
  runProgram('rebuild.bundle.js', databaseUrl, signal);

/**
 * @typedef {object} Server
 * @property {number} pid
 * @property {Promise<void>} ready settles when it listens; fails with Failure where it never does
 * @property {Promise<void>} died settles when it ends, asked to or not
 * @property {() => Promise<void>} stop
 */

/**
 * Starts the app’s server. Whoever has it stops it, also where it was never ready.
 * @param {string} databaseUrl
 * @param {number} port
 * @param {NodeJS.ProcessEnv} [more] for its environment
 * @returns {Server}
 */
export function startServer(databaseUrl, port, more = {}) {
  const child = watched(
    spawn(process.execPath, ['--enable-source-maps', join(ROOT, 'server/dist/main.bundle.js')], {
      env: { ...environment(databaseUrl, port), ...more },
      cwd: ROOT,
      detached: true,
      stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
      ...serverUser(),
    }),
  );
  const exited = once(child, 'exit');
  const ready = Promise.race([once(child, 'message'), exited.then(() => null)]).then((first) => {
    if (first === null) throw new Failure('The server did not start; its message is above.');
  });
  ready.catch(() => undefined);
  return {
    pid: child.pid ?? 0,
    ready,
    died: exited.then(() => undefined),
    stop: async () => {
      if (child.exitCode === null && child.signalCode === null) child.kill('SIGTERM');
      await Promise.race([exited, pause(STOPS_WITHIN_MS, undefined, { ref: false })]);
      end(child, 'SIGKILL');
    },
  };
}
