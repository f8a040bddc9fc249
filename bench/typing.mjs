import { chromium } from '@playwright/test';
import { CHROMIUM } from '../launcher/chromium.mjs';

const SLOWED = 4;
const MOST_MS = 100;
/** New batches that are written, so that there are several first keys. */
const BATCHES = 4;
/** Longer than between two keys: what is drawn later does not follow from the key alone. */
const RESTING_MS = 240;
const LINES = ['2 kg crushed damsons', '1.4 kg sugar', '30 mL bottled lemon juice', '1 cup water'];

/**
 * Two times of every key, in a browser slowed down four times, while ranges are worked out beside
 * it: until the key is on the screen, and until the label and the pot have followed it, where they
 * have anything to follow before the next key.
 * @param {string} address of a running server whose kitchen is set up
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function typingRows(address) {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const shown = /** @type {number[][]} */ ([]);
    const followed = /** @type {number[][]} */ ([]);
    for (let batch = 0; batch < BATCHES; batch += 1) {
      const taken = await writeBatch(browser, address);
      shown.push(taken.shown);
      followed.push(taken.followed);
    }
    return [
      row('a key to the screen', shown, MOST_MS),
      // They give way to the next key, and are told without a bar.
      row('a key to the verdicts that follow it', followed, null),
    ];
  } finally {
    await browser.close();
  }
}

/** @param {import('@playwright/test').Browser} browser @param {string} address */
async function writeBatch(browser, address) {
  const page = await browser.newPage({ viewport: { width: 1280, height: 800 } });
  const session = await page.context().newCDPSession(page);
  await page.goto(`${address}/batches/new`);
  await page.getByLabel('Line 1', { exact: true }).click();
  // Somebody looks at the page before writing.
  await page.waitForTimeout(1500);
  await session.send('Emulation.setCPUThrottlingRate', { rate: SLOWED });
  await page.evaluate((resting) => {
    const times = { shown: /** @type {number[]} */ ([]), followed: /** @type {number[]} */ ([]) };
    Object.assign(window, { times });
    let start = NaN;
    let last = NaN;
    /** @param {(now: number) => void} then */
    const afterFrame = (then) =>
      // A message posted in a frame is handled once it is painted.
      requestAnimationFrame(() => {
        const { port1, port2 } = new MessageChannel();
        port1.onmessage = () => then(performance.now());
        port2.postMessage(0);
      });
    const follows = '[aria-label="What this batch will be"], figure';
    new MutationObserver((changes) => {
      const isPart = changes.some(({ target }) =>
        (target instanceof Element ? target : target.parentElement)?.closest(follows),
      );
      // Ranges come when the typing rests; they are another matter.
      if (!isPart || performance.now() - start > resting) return;
      const since = start;
      afterFrame((now) => {
        if (since === start) last = now;
      });
    }).observe(document.body, {
      subtree: true,
      childList: true,
      attributes: true,
      characterData: true,
    });
    document.addEventListener(
      'input',
      () => {
        if (!Number.isNaN(last)) times.followed.push(last - start);
        last = NaN;
        start = performance.now();
        const since = start;
        afterFrame((now) => times.shown.push(now - since));
      },
      true,
    );
  }, RESTING_MS);
  for (const [index, line] of LINES.entries()) {
    if (index > 0) await page.keyboard.press('Enter');
    await page.keyboard.type(line, { delay: 120 });
  }
  const times = await page.evaluate(
    () =>
      /** @type {{ times: { shown: number[], followed: number[] } }} */ (
        /** @type {unknown} */ (window)
      ).times,
  );
  await page.close();
  return times;
}

/**
 * @param {string} what @param {readonly number[][]} batches the time of every key of every batch,
 * ms
 * @param {number | null} most of nine keys in ten, and of a first key, ms; null for what is only
 * told
 */
function row(what, batches, most) {
  const sorted = batches.flat().sort((a, b) => a - b);
  const at = (/** @type {number} */ share) =>
    sorted[Math.floor(share * (sorted.length - 1))] ?? NaN;
  const first = Math.max(...batches.map(([key]) => key ?? NaN));
  return {
    what: `${what}, browser slowed ${SLOWED} ×`,
    bar: most === null ? 'told' : `p90 and first key ≤ ${most} ms`,
    found: `p50 ${at(0.5).toFixed(0)} ms, p90 ${at(0.9).toFixed(0)} ms, first key ${first.toFixed(0)} ms, ${sorted.length} keys`,
    met: most === null || (at(0.9) <= most && first <= most),
  };
}
