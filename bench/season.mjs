import { chromium } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';
import { ms } from './measure.mjs';

const BATCHES = 5000;
const WITH_JARS = 375;
const JARS_EACH = 8;
const IN_A_FILE = 1000;
const MOST_SHELF_MS = 100;
const MOST_TODAY_MS = 50;
const MOST_DRAWN_MS = 300;
const QUESTIONS = 100;
const LOOKS = 7;
/** How much slower than this machine the browser is, as a phone of some years ago. */
const SLOWED = 4;
const DAY_MS = 86_400_000;
const MIN_MS = 60_000;
const FRUITS = ['damsons', 'plums', 'blackberries', 'gooseberries', 'quinces', 'strawberries'];
/** For so long that the table of jars may be told, ms. */
const MOST_WAIT_MS = 600_000;

/**
 * A household of five thousand batches and three thousand jars: how quickly its Shelf and its Today
 * are answered, and how quickly a slowed browser draws the Shelf.
 * @param {string} address of a running server whose kitchen is set up
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function seasonRows(address) {
  const kitchen = await ask(address, 'GET', '/kitchen');
  let batches = 0;
  for (let from = 0; from < BATCHES; from += IN_A_FILE) {
    const { ok } = await fetch(`${address}/api/book/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: JSON.stringify(bookOf(kitchen, from, IN_A_FILE)),
    });
    if (ok) batches += IN_A_FILE;
  }
  const wanted = WITH_JARS * JARS_EACH;
  let jars = 0;
  for (const until = Date.now() + MOST_WAIT_MS; jars < wanted && Date.now() < until;) {
    await pause(2000);
    jars = await jarsOn(address);
  }
  // What was worked out meanwhile is over: only what is asked now takes time.
  await pause(5000);
  const shelf = await p95(address, '/shelf');
  const today = await p95(address, '/today');
  const drawn = await drawnMs(address);
  const row = (
    /** @type {string} */ what,
    /** @type {number} */ found,
    /** @type {number} */ most,
  ) => ({
    what,
    bar: `≤ ${ms(most)}`,
    found: ms(found),
    met: found <= most && jars >= wanted && batches === BATCHES,
  });
  return [
    row(`the Shelf of ${jars} jars, p95`, shelf, MOST_SHELF_MS),
    row(`Today of ${batches} batches, p95`, today, MOST_TODAY_MS),
    row(`the Shelf drawn, ${SLOWED} × slowed, middle of ${LOOKS}`, drawn, MOST_DRAWN_MS),
  ];
}

/** @param {string} address */
async function jarsOn(address) {
  const { groups } = /** @type {{ groups: { codes: string[] }[] }} */ (
    await ask(address, 'GET', '/shelf')
  );
  return groups.reduce((sum, { codes }) => sum + codes.length, 0);
}

/** @param {string} address @param {string} path */
async function p95(address, path) {
  const took = [];
  for (let nth = 0; nth < QUESTIONS; nth += 1) {
    const start = performance.now();
    await ask(address, 'GET', path);
    took.push(performance.now() - start);
  }
  return took.sort((a, b) => a - b)[Math.floor(0.95 * (took.length - 1))] ?? NaN;
}

/**
 * From the press on its link, with what it shows fetched before, until the Shelf has been drawn.
 * @param {string} address
 */
async function drawnMs(address) {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    const session = await page.context().newCDPSession(page);
    await page.goto(`${address}/shelf`);
    await page.getByRole('region').first().waitFor();
    const took = [];
    for (let look = 0; look < LOOKS; look += 1) {
      await page.getByRole('link', { name: 'Kitchen' }).click();
      await page.getByRole('heading', { level: 1 }).waitFor();
      await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
      took.push(
        await page.evaluate(
          () =>
            new Promise((resolve) => {
              const begin = performance.now();
              /** @type {HTMLElement | null} */ (
                document.querySelector('a[href="/shelf"]')
              )?.click();
              const look = () => {
                if (document.querySelector('main [data-fruit]') === null)
                  requestAnimationFrame(look);
                else
                  requestAnimationFrame(() => setTimeout(() => resolve(performance.now() - begin)));
              };
              look();
            }),
        ),
      );
      await session.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    }
    return Number(took.sort((a, b) => Number(a) - Number(b))[Math.floor(LOOKS / 2)]);
  } finally {
    await browser.close();
  }
}

/** @param {unknown} kitchen @param {number} from @param {number} count */
function bookOf(kitchen, from, count) {
  const made = Array.from({ length: count }, (_, index) => {
    const nth = from + index;
    const [batch, cook] = [randomUUID(), randomUUID()];
    const at = new Date(Date.now() - (nth + 1) * (DAY_MS / 8) - DAY_MS);
    const formula = {
      lines: [`2 kg ${FRUITS[nth % FRUITS.length]}`, '1.4 kg sugar', '30 mL lemon juice'],
      settings: {},
    };
    const name = `Number ${nth} of the season`;
    const moment = at.toISOString();
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
        endedAt: new Date(at.getTime() + 3_600_000).toISOString(),
        storedAt: null,
        jarPlaces: null,
        log: nth < WITH_JARS ? logOf(at.getTime()) : [],
        outcome: { version: 1, set: nth % 3 === 0 ? 'firm' : 'soft', notes: '' },
      },
    };
  });
  return {
    format: 'kettle-book',
    version: 1,
    recipes: [],
    batches: made.map(({ batch }) => batch),
    cooks: made.map(({ cook }) => cook),
    photos: [],
  };
}

/** Jars that were filled, processed, sealed and stored. @param {number} startMs */
function logOf(startMs) {
  const jars = `1.1-${JARS_EACH}`;
  /** @type {[number, string, string | null, number | null][]} */
  const steps = [
    [0, 'filled', jars, null],
    ...['bubbled', 'wiped', 'lidded', 'tight'].map(
      (kind) => /** @type {[number, string, null, null]} */ ([1, kind, null, null]),
    ),
    [2, 'loaded', jars, 1],
    [2, 'canner-lit', null, 1],
    [14, 'canner-boils', null, 1],
    [39, 'canner-off', null, 1],
    [45, 'lifted-out', null, 1],
    [900, 'sealed', jars, null],
    [901, 'put-away', null, null],
  ];
  return steps.map(([minute, kind, text, value], index) => ({
    source: 'kept',
    seq: index + 1,
    at: Math.round(startMs + minute * MIN_MS),
    saidAt: null,
    kind,
    value,
    text,
    by: { kind: 'machine', id: null },
  }));
}
