/**
 * One row of the table: what was measured, its bar, and what came out.
 * @typedef {{ what: string, bar: string, found: string, met: boolean }} Row
 */

/**
 * Median and 99th percentile of the time that `work` takes, ms, after as many to warm up.
 * @param {() => unknown} work
 * @param {number} times
 */
export function timed(work, times) {
  for (let i = 0; i < times; i++) work();
  const taken = Array.from({ length: times }, () => {
    const start = performance.now();
    work();
    return performance.now() - start;
  }).sort((a, b) => a - b);
  const at = (/** @type {number} */ share) => taken[Math.floor(share * (times - 1))] ?? NaN;
  return { median: at(0.5), p99: at(0.99) };
}

/** @param {number} value */
export const ms = (value) => `${value < 10 ? value.toFixed(2) : value.toFixed(0)} ms`;

/** @param {number} ratio */
export const times = (ratio) => `${ratio < 10 ? ratio.toFixed(1) : ratio.toFixed(0)} ×`;

/** @param {readonly Row[]} rows */
export function print(rows) {
  const width = (/** @type {keyof Row} */ key) =>
    Math.max(...rows.map((row) => String(row[key]).length), key.length);
  const columns = /** @type {const} */ (['what', 'bar', 'found']);
  const widths = columns.map(width);
  const line = (/** @type {readonly string[]} */ cells) =>
    cells.map((cell, i) => cell.padEnd(widths[i] ?? 0)).join('  ');
  process.stdout.write(`${line(columns)}\n`);
  for (const row of rows) {
    process.stdout.write(
      `${line(columns.map((key) => row[key]))}  ${row.met ? 'met' : 'NOT MET'}\n`,
    );
  }
}
