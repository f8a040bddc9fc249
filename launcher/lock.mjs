import { existsSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';

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

/**
 * Takes the folder for this launcher. A lock left by a launcher that was killed does not count.
 * @param {string} folder
 * @returns {{ readonly heldBy: number } | { readonly release: () => void }}
 */
export function takeLock(folder) {
  const file = join(folder, 'launcher.pid');
  if (existsSync(file)) {
    const [pid = '', began = ''] = readFileSync(file, 'utf8').split(' ');
    if (Number(pid) !== process.pid && beganAt(Number(pid)) === began)
      return { heldBy: Number(pid) };
  }
  writeFileSync(file, `${process.pid} ${beganAt(process.pid)}`);
  return { release: () => rmSync(file, { force: true }) };
}
