import { chromium } from '@playwright/test';
import { setTimeout as pause } from 'node:timers/promises';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';
import { ms } from './measure.mjs';
import { bringIn, p95 } from './pastCooks.mjs';

const BATCHES = 5000;
const WITH_JARS = 375;
const JARS_EACH = 8;
const MOST_SHELF_MS = 100;
const MOST_TODAY_MS = 50;
const MOST_DRAWN_MS = 300;
const QUESTIONS = 100;
const LOOKS = 7;
/** How much slower than this machine the browser is, as a phone of some years ago. */
const SLOWED = 4;
const DAY_MS = 86_400_000;
const MIN_MS = 60_000;
/** For so long that the table of jars may be told, ms. */
const MOST_WAIT_MS = 600_000;

/**
 * A household of five thousand batches and three thousand jars: how quickly its Shelf and its Today
 * are answered, and how quickly a slowed browser draws the Shelf.
 * @param {string} address of a running server whose kitchen is set up
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function seasonRows(address) {
  const batches = await bringIn(address, BATCHES, (nth) => {
    const startMs = Date.now() - (nth + 1) * (DAY_MS / 8) - DAY_MS;
    return {
      name: `Number ${nth} of the season`,
      startMs,
      notes: '',
      log: nth < WITH_JARS ? logOf(startMs) : [],
    };
  });
  const wanted = WITH_JARS * JARS_EACH;
  let jars = 0;
  for (const until = Date.now() + MOST_WAIT_MS; jars < wanted && Date.now() < until;) {
    await pause(2000);
    jars = await jarsOn(address);
  }
  // What was worked out meanwhile is over: only what is asked now takes time.
  await pause(5000);
  const shelf = await p95(address, QUESTIONS, () => '/shelf');
  const today = await p95(address, QUESTIONS, () => '/today');
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
