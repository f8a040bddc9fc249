import { existsSync, readFileSync } from 'node:fs';

const STAT = '/proc/stat';

/**
 * Processor time so far: all of it, and what the host of this machine gave to others meanwhile
 * (proc(5): the eighth number is steal).
 */
function processorTime() {
  const line = existsSync(STAT) ? (readFileSync(STAT, 'utf8').split('\n')[0] ?? '') : '';
  const numbers = line.split(/\s+/).slice(1, 9).map(Number);
  return { all: numbers.reduce((sum, n) => sum + n, 0), stolen: numbers[7] ?? 0 };
}

/**
 * From now on: the share of processor time that the host of this machine gives to others, which no
 * bar can do anything about.
 */
export function heldBack() {
  const before = processorTime();
  return () => {
    const now = processorTime();
    return (now.stolen - before.stolen) / Math.max(1, now.all - before.all);
  };
}
