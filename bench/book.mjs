import { chromium } from '@playwright/test';
import { setTimeout as pause } from 'node:timers/promises';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';
import { ms } from './measure.mjs';
import { bringIn, FRUITS, p95 } from './pastCooks.mjs';

const COOKS = 5000;
const MOST_P95_MS = 100;
const MOST_OPENED_MS = 150;
const QUESTIONS = 200;
const DAY_MS = 86_400_000;
/** Of sixty frames a second, one in so many may be missed. */
const LEAST_FRAMES = 57;
const SCROLLED_MS = 3000;
/** For so long that many cooks may be worked out, ms. */
const MOST_WAIT_MS = 900_000;

/**
 * A Book of five thousand cooks: how quickly it is listed, looked through and opened, and how the
 * list scrolls.
 * @param {string} address of a running server whose kitchen is set up
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function bookRows(address) {
  await bringIn(address, COOKS, (nth) => ({
    name: `Number ${nth} of the shelf`,
    startMs: Date.now() - (nth + 10) * (DAY_MS / 4),
    notes: `Row ${nth % 40}.`,
    log: [],
  }));
  const until = Date.now() + MOST_WAIT_MS;
  for (let waiting = COOKS; waiting > 0 && Date.now() < until;) {
    await pause(2000);
    waiting = /** @type {{ waiting: number }} */ (await ask(address, 'GET', '/book/home')).waiting;
  }
  const { total, entries } = /** @type {{ total: number, entries: { id: string }[] }} */ (
    await ask(address, 'GET', '/book')
  );
  const listed = await p95(address, QUESTIONS, (n) => `/book?page=${n % (total / 100)}`);
  const searched = await p95(
    address,
    QUESTIONS,
    (n) => `/book?words=${FRUITS[n % FRUITS.length]?.slice(0, 4)}%20num%20${n}`,
  );
  const opened = await p95(address, QUESTIONS, (n) => `/book/${entries[n % entries.length]?.id}`);
  const frames = await scrolled(address);
  const told = (
    /** @type {string} */ what,
    /** @type {number} */ found,
    /** @type {number} */ most,
  ) => ({
    what: `${what}, of ${total} cooks, p95`,
    bar: `≤ ${ms(most)}`,
    found: ms(found),
    met: found <= most && total >= COOKS,
  });
  return [
    told('a page of the Book', listed, MOST_P95_MS),
    told('the Book looked through by words', searched, MOST_P95_MS),
    told('a cook opened', opened, MOST_OPENED_MS),
    {
      what: 'frames a second while the list scrolls',
      bar: `≥ ${LEAST_FRAMES}`,
      found: frames.toFixed(1),
      met: frames >= LEAST_FRAMES,
    },
  ];
}

/** Frames a second of a list that is turned by the wheel. @param {string} address */
async function scrolled(address) {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const page = await (
      await browser.newContext({ viewport: { width: 1280, height: 800 } })
    ).newPage();
    await page.goto(`${address}/book`);
    await page.getByRole('list').getByRole('listitem').first().waitFor();
    await page.mouse.move(600, 500);
    const counted = page.evaluate(
      (ms) =>
        new Promise((resolve) => {
          const begin = performance.now();
          let frames = 0;
          const next = () => {
            frames += 1;
            if (performance.now() - begin < ms) requestAnimationFrame(next);
            else resolve((1000 * frames) / (performance.now() - begin));
          };
          requestAnimationFrame(next);
        }),
      SCROLLED_MS,
    );
    const until = Date.now() + SCROLLED_MS;
    while (Date.now() < until) {
      await page.mouse.wheel(0, 400);
      await pause(30);
    }
    return Number(await counted);
  } finally {
    await browser.close();
  }
}
