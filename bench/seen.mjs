import { chromium } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';
import { ms } from './measure.mjs';

const PRESSES = 20;
const MOST_MS = 1000;
const FORMULA = { name: 'Measurements', lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

/**
 * How long it takes from a press in one browser until another browser, on another server of the
 * same kitchen, shows it. Both note the time themselves, by the one clock of this machine: the press
 * when it happens, the other at every frame.
 * @param {string} address of a running server whose kitchen is set up
 * @param {string} sibling another server on the same database
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function seenRows(address, sibling) {
  const browser = await chromium.launch(CHROMIUM);
  try {
    const id = randomUUID();
    await ask(address, 'POST', '/cook-sessions', {
      id,
      practice: { ...FORMULA, fault: 'none', seed: 7, speed: 1 },
    });
    const open = async (/** @type {string} */ server) => {
      const page = await (await browser.newContext()).newPage();
      await page.goto(`${server}/cook-sessions/${id}`);
      await page.getByTestId('press').first().waitFor();
      return page;
    };
    const [tablet, phone] = [await open(address), await open(sibling)];
    await tablet.getByRole('button', { name: 'Burner is on', exact: true }).click();
    await phone.getByRole('button', { name: 'It’s boiling', exact: true }).waitFor();
    await phone.getByRole('button', { name: 'Stirred', exact: true }).click();
    const took = [];
    for (let press = 0; press < PRESSES; press += 1) {
      const [does, shows] = press % 2 === 0 ? ['Undo', 'Redo'] : ['Redo', 'Undo'];
      const label = /** @param {string} what */ (what) => `[aria-label="${what}: Stirred"]`;
      const seen = tablet.waitForFunction(
        (sought) => document.querySelector(sought) !== null && Date.now(),
        label(shows),
        { polling: 'raf' },
      );
      const pressedAt = await phone.locator(label(does)).evaluate((element) => {
        const at = Date.now();
        /** @type {HTMLElement} */ (element).click();
        return at;
      });
      took.push(Number(await (await seen).jsonValue()) - pressedAt);
      await phone.locator(label(shows)).waitFor();
    }
    await ask(address, 'POST', `/cook-sessions/${id}/end`);
    took.sort((a, b) => a - b);
    const most = took.at(-1) ?? NaN;
    return [
      {
        what: 'a press in one browser, until one on another server shows it',
        bar: `≤ ${ms(MOST_MS)}`,
        found: `median ${ms(took[took.length >> 1] ?? NaN)}, most ${ms(most)}`,
        met: most <= MOST_MS,
      },
    ];
  } finally {
    await browser.close();
  }
}
