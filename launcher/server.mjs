import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import { Failure } from './say.mjs';
import { ask, ROOT } from './shell.mjs';

const STOPS_WITHIN_MS = 10_000;

/** @param {string} databaseUrl @param {number} [port] @returns {NodeJS.ProcessEnv} */
const environment = (databaseUrl, port) => ({
  ...process.env,
  NODE_ENV: 'production',
  KETTLE_DATABASE_URL: databaseUrl,
  ...(port === undefined ? {} : { KETTLE_PORT: String(port) }),
});

/** Brings the database up to date. @param {string} databaseUrl */
export const migrate = (databaseUrl) =>
  ask('node', [join(ROOT, 'server/dist/migrate.js')], { env: environment(databaseUrl) });

/** Loads the demo kitchen where there is none yet. @param {string} databaseUrl */
export const loadDemo = (databaseUrl) =>
  ask('node', [join(ROOT, 'server/dist/loadDemo.js')], { env: environment(databaseUrl) });

/**
 * Starts the app’s server and waits until it listens.
 * @param {string} databaseUrl
 * @param {number} port
 * @returns {Promise<{ died: Promise<void>, stop: () => Promise<void> }>}
 */
export async function startServer(databaseUrl, port) {
  const child = spawn('node', ['--enable-source-maps', join(ROOT, 'server/dist/main.js')], {
    env: environment(databaseUrl, port),
    detached: true,
    stdio: ['ignore', 'inherit', 'inherit', 'ipc'],
  });
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
