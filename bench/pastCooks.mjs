import { randomUUID } from 'node:crypto';
import { ask } from './ask.mjs';

/** Most cooks that one file brings in. */
const IN_A_FILE = 1000;

export const FRUITS = [
  'damsons',
  'plums',
  'blackberries',
  'gooseberries',
  'quinces',
  'strawberries',
];

/**
 * A cook of the past, as a bench wants it.
 * @typedef {{ name: string, startMs: number, notes: string, log: readonly object[] }} PastCook
 */

/**
 * Brings cooks of the past in by the Book’s file; answers with how many were taken.
 * @param {string} address of a running server whose kitchen is set up
 * @param {number} count
 * @param {(nth: number) => PastCook} pastCook
 */
export async function bringIn(address, count, pastCook) {
  const kitchen = await ask(address, 'GET', '/kitchen');
  let taken = 0;
  for (let from = 0; from < count; from += IN_A_FILE) {
    const made = Array.from({ length: IN_A_FILE }, (_, index) =>
      batchAndCook(kitchen, from + index, pastCook(from + index)),
    );
    const { ok } = await fetch(`${address}/api/book/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: JSON.stringify({
        format: 'kettle-book',
        version: 1,
        recipes: [],
        batches: made.map(({ batch }) => batch),
        cooks: made.map(({ cook }) => cook),
        photos: [],
      }),
    });
    if (ok) taken += IN_A_FILE;
  }
  return taken;
}

/** @param {unknown} kitchen @param {number} nth @param {PastCook} past */
function batchAndCook(kitchen, nth, { name, startMs, notes, log }) {
  const [batch, cook] = [randomUUID(), randomUUID()];
  const formula = {
    lines: [`2 kg ${FRUITS[nth % FRUITS.length]}`, '1.4 kg sugar', '30 mL lemon juice'],
    settings: {},
  };
  const moment = new Date(startMs).toISOString();
  return {
    batch: {
      id: batch,
      name,
      ...formula,
      ticked: [],
      version: 1,
      doneAt: moment,
      deletedAt: null,
      createdAt: moment,
      updatedAt: moment,
    },
    cook: {
      id: cook,
      batchId: batch,
      name,
      formula,
      kitchen,
      startedAt: moment,
      endedAt: new Date(startMs + 3_600_000).toISOString(),
      storedAt: null,
      jarPlaces: null,
      log,
      outcome: { version: 1, set: nth % 3 === 0 ? 'firm' : 'soft', notes },
    },
  };
}

/**
 * What nineteen of twenty answers took at most, ms.
 * @param {string} address
 * @param {number} questions
 * @param {(nth: number) => string} pathOf
 */
export async function p95(address, questions, pathOf) {
  const took = [];
  for (let nth = 0; nth < questions; nth += 1) {
    const start = performance.now();
    await ask(address, 'GET', pathOf(nth));
    took.push(performance.now() - start);
  }
  return took.sort((a, b) => a - b)[Math.floor(0.95 * (took.length - 1))] ?? NaN;
}
