import { spawn, spawnSync } from 'node:child_process';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { once } from 'node:events';
import { Failure } from './say.mjs';
import { end, watched } from './stopping.mjs';

/** The checkout. */
export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/**
 * Runs a command to its end with its output shown (on standard error), and gives its exit code.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv, signal?: AbortSignal }} [options] signal: ends
 * it and all that it started, which is then thrown
 * @returns {Promise<number>}
 */
export async function run(command, args, { cwd = ROOT, env = process.env, signal } = {}) {
  signal?.throwIfAborted();
  const child = spawn(command, args, {
    cwd,
    env,
    stdio: ['ignore', process.stderr, process.stderr],
    // A group of its own can be ended whole; Ctrl-C then reaches it by way of the launcher alone.
    detached: signal !== undefined,
  });
  const code = await exitOf(child, signal);
  signal?.throwIfAborted();
  return code;
}

/**
 * Runs a program quietly to its end, without holding anything else up; throws a Failure with what
 * it printed when it does not succeed.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv, uid?: number, gid?: number, signal?: AbortSignal
 * }} options
 * @returns {Promise<string>} what it printed
 */
export async function answerOf(command, args, { signal, ...options }) {
  signal?.throwIfAborted();
  const child = spawn(command, args, {
    ...options,
    stdio: ['ignore', 'pipe', 'pipe'],
    detached: true,
  });
  let [out, errors] = ['', ''];
  child.stdout.setEncoding('utf8').on('data', (text) => (out += text));
  child.stderr.setEncoding('utf8').on('data', (text) => (errors += text));
  const closed = once(child, 'close');
  const code = await exitOf(child, signal);
  await closed;
  signal?.throwIfAborted();
  if (code !== 0) throw new Failure(`${errors}${out}`.trim() || `${command} ended with ${code}`);
  return out;
}

/** So long a program that is asked to end may take before it is killed. */
const ENDS_WITHIN_MS = 5000;

/**
 * @param {import('node:child_process').ChildProcess} child @param {AbortSignal} [signal]
 * @returns {Promise<number>}
 */
async function exitOf(child, signal) {
  watched(child);
  /** @type {NodeJS.Timeout | undefined} */
  let timer;
  const stop = () => {
    end(child, 'SIGTERM');
    timer = setTimeout(() => end(child, 'SIGKILL'), ENDS_WITHIN_MS);
  };
  signal?.addEventListener('abort', stop, { once: true });
  try {
    const [code] = await once(child, 'exit');
    return code ?? 1;
  } finally {
    clearTimeout(timer);
    signal?.removeEventListener('abort', stop);
  }
}

/**
 * Runs a command quietly, and throws a Failure with what it printed when it does not succeed.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv, uid?: number, gid?: number, input?: string }}
 * [options]
 * @returns {string} what it printed
 */
export function ask(command, args, options = {}) {
  const result = spawnSync(command, args, { encoding: 'utf8', ...options });
  if (result.status !== 0) {
    const said = result.error?.message ?? `${result.stderr}${result.stdout}`.trim();
    throw new Failure(`${command} ${args[0] ?? ''} failed: ${said}`);
  }
  return result.stdout;
}

/** Whether a command is on the PATH. @param {string} command */
export const has = (command) =>
  spawnSync('sh', ['-c', `command -v ${command}`], { stdio: 'ignore' }).status === 0;
