import { chromium } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { setTimeout as pause } from 'node:timers/promises';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';
import { ms } from './measure.mjs';

const COOKS = 5000;
const IN_A_FILE = 1000;
const MOST_P95_MS = 100;
const MOST_OPENED_MS = 150;
const QUESTIONS = 200;
const DAY_MS = 86_400_000;
const FRUITS = ['damsons', 'plums', 'blackberries', 'gooseberries', 'quinces', 'strawberries'];
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
  const kitchen = await ask(address, 'GET', '/kitchen');
  for (let from = 0; from < COOKS; from += IN_A_FILE)
    await fetch(`${address}/api/book/import`, {
      method: 'POST',
      headers: { 'content-type': 'application/octet-stream' },
      body: JSON.stringify(bookOf(kitchen, from, IN_A_FILE)),
    });
  const until = Date.now() + MOST_WAIT_MS;
  for (let waiting = COOKS; waiting > 0 && Date.now() < until;) {
    await pause(2000);
    waiting = /** @type {{ waiting: number }} */ (await ask(address, 'GET', '/book/home')).waiting;
  }
  const { total, entries } = /** @type {{ total: number, entries: { id: string }[] }} */ (
    await ask(address, 'GET', '/book')
  );
  const listed = await p95(address, (n) => `/book?page=${n % (total / 100)}`);
  const searched = await p95(
    address,
    (n) => `/book?words=${FRUITS[n % FRUITS.length]?.slice(0, 4)}%20num%20${n}`,
  );
  const opened = await p95(address, (n) => `/book/${entries[n % entries.length]?.id}`);
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

/** @param {string} address @param {(nth: number) => string} pathOf */
async function p95(address, pathOf) {
  const took = [];
  for (let nth = 0; nth < QUESTIONS; nth += 1) {
    const start = performance.now();
    await ask(address, 'GET', pathOf(nth));
    took.push(performance.now() - start);
  }
  return took.sort((a, b) => a - b)[Math.floor(0.95 * (took.length - 1))] ?? NaN;
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

/** @param {unknown} kitchen @param {number} from @param {number} count */
function bookOf(kitchen, from, count) {
  const made = Array.from({ length: count }, (_, index) => {
    const nth = from + index;
    const [batch, cook] = [randomUUID(), randomUUID()];
    const at = new Date(Date.now() - (nth + 10) * (DAY_MS / 4));
    const formula = {
      lines: [`2 kg ${FRUITS[nth % FRUITS.length]}`, '1.4 kg sugar', '30 mL lemon juice'],
      settings: {},
    };
    const name = `Number ${nth} of the shelf`;
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
        log: [],
        outcome: { version: 1, set: nth % 3 === 0 ? 'firm' : 'soft', notes: `Row ${nth % 40}.` },
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
