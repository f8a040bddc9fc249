import { appendFileSync, readFileSync } from 'node:fs';
import { isMainThread } from 'node:worker_threads';

/**
 * Loaded before a server’s program: notes four times a second for how long its event loop was held
 * at most from one turn to the next, and for how much of that it worked itself. The rest it waited
 * for a processor that others had.
 */
const file = process.env['KETTLE_BENCH_LOOP'];
const TURN_MS = 2;
const EVERY_MS = 250;

if (isMainThread && file !== undefined) {
  let [turn, worked] = [performance.now(), workedMs()];
  let [heldMs, ownMs] = [0, 0];
  setInterval(() => {
    const [now, by] = [performance.now(), workedMs()];
    heldMs = Math.max(heldMs, now - turn);
    ownMs = Math.max(ownMs, by - worked);
    [turn, worked] = [now, by];
  }, TURN_MS).unref();
  setInterval(() => {
    appendFileSync(file, `${JSON.stringify({ at: Date.now(), heldMs, ownMs })}\n`);
    [heldMs, ownMs] = [0, 0];
  }, EVERY_MS).unref();
}

/**
 * Time on a processor of the process’s first thread, ms: the first figure of Linux’s schedstat, in
 * ns.
 */
function workedMs() {
  return Number(readFileSync('/proc/self/schedstat', 'utf8').split(' ')[0]) / 1e6;
}
