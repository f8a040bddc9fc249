import { linkSync, readFileSync, renameSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { readText, writeText } from './files.mjs';

/**
 * When a process began, in clock ticks since boot; null when there is none. With the pid it names a
 * process for good, also after pids were used again.
 * @param {number} pid
 */
function beganAt(pid) {
  try {
    const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
    const fields = stat.slice(stat.lastIndexOf(')') + 2).split(' ');
    return fields[0] === 'Z' ? null : (fields[19] ?? null);
  } catch {
    return null;
  }
}

/** This process, by its name for good. */
const own = () => `${process.pid} ${beganAt(process.pid)}`;

/**
 * Who holds a lock: a process that is alive, and the address that it answers at. A lock that is
 * `free` is not there; one that is `dead` was left by a process that ended without a word.
 * @param {string} file
 * @returns {Held | 'free' | 'dead'}
 */
function holderOf(file) {
  try {
    const [pid = '', began = '', address = null] = readText(file).split(' ');
    return beganAt(Number(pid)) === began ? { heldBy: Number(pid), address } : 'dead';
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code === 'ENOENT') return 'free';
    throw error;
  }
}

/**
 * Puts a file there with its content in one step, where there is none.
 * @param {string} file @param {string} content
 * @returns {boolean} whether it was put there by this call
 */
function putWhole(file, content) {
  const unfinished = `${file}.${process.pid}`;
  try {
    writeText(unfinished, content);
    linkSync(unfinished, file);
    return true;
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code === 'EEXIST') return false;
    throw error;
  } finally {
    rmSync(unfinished, { force: true });
  }
}

/**
 * @typedef {{ readonly heldBy: number, readonly address: string | null }} Held address: null while
 * it does not answer yet
 * @typedef {object} Lock
 * @property {(address: string) => void} tell tells whoever comes next where this one answers
 * @property {() => void} release
 */

/**
 * Takes the folder for this launcher: of any number that try at once, one gets it. A lock left by a
 * launcher that was killed does not count.
 * @param {string} folder
 * @returns {Held | Lock}
 */
export function takeLock(folder) {
  const file = join(folder, 'launcher.pid');
  const breaking = `${file}.breaking`;
  for (;;) {
    if (putWhole(file, own())) return lockOn(file);
    const held = holderOf(file);
    // Released a moment ago: it is tried again, and nothing is taken away that may be another’s.
    if (held === 'free') continue;
    if (held !== 'dead') return held;
    // What a killed launcher left is taken away by one at a time, who looks once more.
    if (putWhole(breaking, own())) {
      if (holderOf(file) === 'dead') rmSync(file, { force: true });
      rmSync(breaking, { force: true });
    } else if (holderOf(breaking) === 'dead') {
      rmSync(breaking, { force: true });
    }
  }
}

/** @param {string} file @returns {Lock} */
const lockOn = (file) => ({
  tell: (address) => {
    writeText(`${file}.told`, `${own()} ${address}`);
    renameSync(`${file}.told`, file);
  },
  release: () => rmSync(file, { force: true }),
});
