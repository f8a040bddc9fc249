import { linkSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { readText } from './files.mjs';

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

/** Who holds a lock: the pid of a process that is alive; null for nobody. @param {string} file */
function holderOf(file) {
  try {
    const [pid = '', began = ''] = readText(file).split(' ');
    return beganAt(Number(pid)) === began ? Number(pid) : null;
  } catch (error) {
    if (/** @type {NodeJS.ErrnoException} */ (error).code === 'ENOENT') return null;
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
  writeFileSync(unfinished, content);
  try {
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
 * Takes the folder for this launcher: of any number that try at once, one gets it. A lock left by a
 * launcher that was killed does not count.
 * @param {string} folder
 * @returns {{ readonly heldBy: number } | { readonly release: () => void }}
 */
export function takeLock(folder) {
  const file = join(folder, 'launcher.pid');
  const breaking = `${file}.breaking`;
  for (;;) {
    if (putWhole(file, own())) return { release: () => rmSync(file, { force: true }) };
    const heldBy = holderOf(file);
    if (heldBy !== null) return { heldBy };
    // What a killed launcher left is taken away by one at a time, who looks once more: it may be
    // another’s by now.
    if (putWhole(breaking, own())) {
      if (holderOf(file) === null) rmSync(file, { force: true });
      rmSync(breaking, { force: true });
    } else if (holderOf(breaking) === null) {
      rmSync(breaking, { force: true });
    }
  }
}
