import { MOST_ENTRIES } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { readFileSync } from 'node:fs';
import { ask } from './ask.mjs';
import { ms } from './measure.mjs';

const MOST_HELD_MS = 50;
/** Rounds of the largest requests, and how many of each are made at once in one more. */
const HARD_TIMES = 10;
/** What the watch of the loop adds up over, ms. */
const WATCH_MS = 250;

/** @typedef {import('./measure.mjs').Row} Row */

/**
 * For how long the server’s event loop was held at most while the largest of everything that is
 * taken was asked for, one request after another, and several at once.
 * @param {string} at @param {string} noted file that the server’s watch writes @returns
 * {Promise<Row>}
 */
export async function held(at, noted) {
  const single = await heldBy(noted, () => largest(at, 1, HARD_TIMES));
  const together = await heldBy(noted, () => largest(at, HARD_TIMES, 1));
  const inWords = (/** @type {Held} */ { ownMs, heldMs }) =>
    `${ms(ownMs)} of its own work, ${ms(heldMs)} by the clock`;
  return {
    what: 'the event loop under the largest plans, readings, saves, cooks and logs',
    bar: `held ≤ ${MOST_HELD_MS} ms`,
    found: `${inWords(single)}; with ${HARD_TIMES} of each at once ${inWords(together)}`,
    met: single.ownMs <= MOST_HELD_MS,
  };
}

/**
 * The longest that the loop was held by its own work, and by the clock: meanwhile it may wait for a
 * processor, since the planning threads, the database and this program run on the same two.
 * @typedef {{ readonly ownMs: number, readonly heldMs: number }} Held
 * @param {string} noted @param {() => Promise<void>} work @returns {Promise<Held>}
 */
async function heldBy(noted, work) {
  const from = Date.now();
  await work();
  await new Promise((resolve) => setTimeout(resolve, 2 * WATCH_MS));
  return readFileSync(noted, 'utf8')
    .trim()
    .split('\n')
    .map((line) => /** @type {Held & { readonly at: number }} */ (JSON.parse(line)))
    .filter((note) => note.at > from + WATCH_MS)
    .reduce(
      (most, note) => ({
        ownMs: Math.max(most.ownMs, note.ownMs),
        heldMs: Math.max(most.heldMs, note.heldMs),
      }),
      { ownMs: 0, heldMs: 0 },
    );
}

/**
 * Some rounds of every large request, so many of each at once.
 * @param {string} at
 * @param {number} atOnce
 * @param {number} rounds
 */
async function largest(at, atOnce, rounds) {
  const lines = Array.from({ length: 100 }, () => '1 kg rhubarb');
  const cook = randomUUID();
  const batch = /** @type {{ id: string }} */ (
    await ask(at, 'POST', '/batches', { name: 'Hard', lines })
  );
  await ask(at, 'POST', '/cook-sessions', { id: cook, batchId: batch.id });
  let seq = 0;
  const reading = () => ({
    source: 'hard',
    seq: (seq += 1),
    at: Date.now(),
    kind: 'temperature',
    value: 90,
  });
  const requests = [
    () => ask(at, 'POST', '/plan', { lines, draws: 10_000 }),
    () => ask(at, 'POST', '/read', { lines }),
    () => ask(at, 'POST', '/recipes', { name: 'Hard', lines }),
    () => ask(at, 'POST', '/batches', { name: 'Hard', lines }),
    () => ask(at, 'POST', '/cook-sessions', { id: randomUUID(), batchId: batch.id }),
    () =>
      ask(at, 'POST', `/cook-sessions/${cook}/log`, {
        entries: Array.from({ length: MOST_ENTRIES }, reading),
      }),
    () => ask(at, 'GET', `/cook-sessions/${cook}/log?after=0`),
    () => ask(at, 'GET', '/docs-json'),
  ];
  for (let round = 0; round < rounds; round += 1)
    for (const request of requests) await Promise.all(Array.from({ length: atOnce }, request));
  await ask(at, 'POST', `/cook-sessions/${cook}/end`);
}
