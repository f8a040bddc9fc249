/**
 * How something that runs is ended when there is no more patience: by a signal first, and what of
 * it is then left is killed.
 * @typedef {{ readonly signal: NodeJS.Signals, readonly left: () => readonly number[] }} HardEnd
 */

/**
 * Everything that this launcher started and that runs.
 * @type {Map<import('node:child_process').ChildProcess, HardEnd>}
 */
const running = new Map();

/** @type {HardEnd} */
const KILLED = { signal: 'SIGKILL', left: () => [] };

/** Somebody asked to stop before what was begun was through. */
export class StoppedEarly extends Error {}

const SIGNALS = /** @type {const} */ (['SIGINT', 'SIGTERM', 'SIGHUP']);
/** After a second Ctrl-C, so long for what runs to end; then it is killed, and nobody waits. */
const LAST_WAIT_MS = 5000;
/** What a shell gives for a program that Ctrl-C ended. */
export const STOPPED = 130;

/**
 * Keeps a process in mind until it ends, so that a second Ctrl-C ends it as well.
 * @param {import('node:child_process').ChildProcess} child
 * @param {HardEnd} [hard]
 */
export function watched(child, hard = KILLED) {
  running.set(child, hard);
  const forget = () => running.delete(child);
  child.once('exit', forget);
  child.once('error', forget);
  return child;
}

/**
 * Listens for Ctrl-C, a terminal that hangs up and a request to end. The first asks for an orderly
 * end, in the order that things depend on one another; a second ends everything at once.
 * @returns {AbortSignal} aborted at the first, with {@link StoppedEarly}
 */
export function listenForStop() {
  const stop = new AbortController();
  for (const signal of SIGNALS)
    process.on(signal, () => {
      if (stop.signal.aborted) endAtOnce();
      else stop.abort(new StoppedEarly());
    });
  return stop.signal;
}

let isEnding = false;

function endAtOnce() {
  if (isEnding) return;
  isEnding = true;
  process.stderr.write('kettle: stopping at once; what was stored is kept\n');
  const gone = () => {
    if (running.size === 0) process.exit(STOPPED);
  };
  for (const [child, { signal }] of running) {
    child.once('exit', () => setImmediate(gone));
    end(child, signal);
  }
  gone();
  setTimeout(() => {
    for (const [child, { left }] of running) {
      const pids = left();
      end(child, 'SIGKILL');
      for (const pid of pids) kill(pid);
    }
    process.exit(STOPPED);
  }, LAST_WAIT_MS);
}

/** @param {number} pid */
function kill(pid) {
  try {
    process.kill(pid, 'SIGKILL');
  } catch {
    // It has ended meanwhile.
  }
}

/**
 * Ends a process and, where it leads a group of its own, all that it started.
 * @param {import('node:child_process').ChildProcess} child @param {NodeJS.Signals} signal
 */
export function end(child, signal) {
  if (child.pid === undefined || child.exitCode !== null || child.signalCode !== null) return;
  try {
    process.kill(-child.pid, signal);
  } catch {
    // It leads no group; it alone is ended.
    child.kill(signal);
  }
}

/**
 * What a promise comes to, unless somebody asks to stop first.
 * @template T
 * @param {AbortSignal} signal from {@link listenForStop}
 * @param {Promise<T>} work goes on by itself; what it comes to then is let go
 * @returns {Promise<T>}
 */
export async function unlessStopped(signal, work) {
  work.catch(() => undefined);
  signal.throwIfAborted();
  /** @type {() => void} */
  let forget = () => undefined;
  const stopped = /** @type {Promise<never>} */ (
    new Promise((_, reject) => {
      const tell = () => reject(signal.reason);
      signal.addEventListener('abort', tell, { once: true });
      forget = () => signal.removeEventListener('abort', tell);
    })
  );
  try {
    return await Promise.race([work, stopped]);
  } finally {
    forget();
  }
}
