import { spawn, spawnSync } from 'node:child_process';
import { dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import { Failure } from './say.mjs';

/** The checkout. */
export const ROOT = dirname(dirname(fileURLToPath(import.meta.url)));

/**
 * Runs a command to its end with its output shown (on standard error), and gives its exit code.
 * @param {string} command
 * @param {readonly string[]} args
 * @param {{ cwd?: string, env?: NodeJS.ProcessEnv }} [options]
 * @returns {Promise<number>}
 */
export function run(command, args, { cwd = ROOT, env = process.env } = {}) {
  return new Promise((resolve, reject) => {
    const child = spawn(command, args, {
      cwd,
      env,
      stdio: ['ignore', process.stderr, process.stderr],
    });
    child.once('error', reject);
    child.once('exit', (code) => resolve(code ?? 1));
  });
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
