import { execFileSync } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';

const TICKS = Number(execFileSync('getconf', ['CLK_TCK'], { encoding: 'utf8' }));

/** What of `/proc/PID/stat` tells the parent, and the time used in the program and for it. */
const [PARENT, OWN, SYSTEM] = /** @type {const} */ ([1, 11, 12]);

/** The state of every process, by its pid. */
function processes() {
  /** @type {Map<number, readonly string[]>} */
  const all = new Map();
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
      all.set(Number(pid), stat.slice(stat.lastIndexOf(')') + 2).split(' '));
    } catch {
      // It has ended.
    }
  }
  return all;
}

/**
 * Seconds of processor time that a process and all that it started, and that runs, have used.
 * @param {number} root
 */
export function usedBy(root) {
  const all = processes();
  const isOf = (/** @type {number} */ pid) => {
    for (let at = pid; at > 1; at = Number(all.get(at)?.[PARENT] ?? 0))
      if (at === root) return true;
    return false;
  };
  let ticks = 0;
  for (const [pid, stat] of all) if (isOf(pid)) ticks += Number(stat[OWN]) + Number(stat[SYSTEM]);
  return ticks / TICKS;
}

/**
 * Seconds of processor time so far: all of it, what was not idle, and what the host of this machine
 * gave to others meanwhile (proc(5): the fourth, the fifth and the eighth number of `/proc/stat`).
 */
function machine() {
  const line = readFileSync('/proc/stat', 'utf8').split('\n')[0] ?? '';
  const seconds = line
    .split(/\s+/)
    .slice(1, 9)
    .map((ticks) => Number(ticks) / TICKS);
  const all = seconds.reduce((sum, n) => sum + n, 0);
  const idle = (seconds[3] ?? 0) + (seconds[4] ?? 0);
  return { all, busy: all - idle, stolen: seconds[7] ?? 0 };
}

/**
 * From now on: the share of processor time that the host of this machine gives to others, which no
 * bar can do anything about.
 */
export function heldBack() {
  const before = machine();
  return () => {
    const now = machine();
    return (now.stolen - before.stolen) / Math.max(0.01, now.all - before.all);
  };
}

/**
 * From now on: the share of the machine’s processor time that others than a process and what it
 * started take, the host of the machine among them.
 * @param {number} root
 */
export function takenByOthers(root) {
  const [before, own] = [machine(), usedBy(root)];
  return () => {
    const now = machine();
    const others = now.busy - before.busy - (usedBy(root) - own);
    return Math.max(0, others / Math.max(0.01, now.all - before.all));
  };
}
