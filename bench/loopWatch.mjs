import { appendFileSync } from 'node:fs';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { isMainThread } from 'node:worker_threads';

/** Loaded before a server’s program: notes for how long its event loop was held at most, four times a second. */
const file = process.env['KETTLE_BENCH_LOOP'];
const EVERY_MS = 250;

if (isMainThread && file !== undefined) {
  const delay = monitorEventLoopDelay({ resolution: 1 });
  delay.enable();
  setInterval(() => {
    appendFileSync(file, `${JSON.stringify({ at: Date.now(), heldMs: delay.max / 1e6 })}\n`);
    delay.reset();
  }, EVERY_MS).unref();
}
