import { chromium } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';
import { usedBy } from './processor.mjs';

const SECONDS = Number(process.env['KETTLE_BENCH_SECONDS'] ?? 30);
const SETTLES_MS = 12_000;
const MOST_SHARE = 0.05;
const FORMULA = { name: 'Measurements', lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

/** The share of a core that processes use while nothing is done. @param {readonly number[]} roots */
async function shares(roots) {
  const before = roots.map(usedBy);
  await new Promise((resolve) => setTimeout(resolve, 1000 * SECONDS));
  return roots.map((root, index) => (usedBy(root) - (before[index] ?? 0)) / SECONDS);
}

/**
 * What a stove page takes of a core while nobody touches it, with its whole browser, and what the
 * server takes for it: a cook that is lit, and a running practice with its simulated probe.
 * @param {string} address of a running server whose kitchen is set up
 * @param {number} serverPid
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function idleRows(address, serverPid) {
  const server = await chromium.launchServer(CHROMIUM);
  const browser = await chromium.connect(server.wsEndpoint());
  const pid = server.process().pid ?? 0;
  const pct = (/** @type {number | undefined} */ share) => `${(100 * (share ?? NaN)).toFixed(1)} %`;
  try {
    const page = await browser.newPage({ viewport: { width: 390, height: 844 } });
    /** @param {string} id @param {boolean} lit */
    const look = async (id, lit) => {
      await page.goto(`${address}/cook-sessions/${id}`);
      await page.getByTestId('press').first().waitFor();
      if (lit) {
        const entries = [{ source: 'browser bench', seq: 1, at: Date.now(), kind: 'lit' }];
        await ask(address, 'POST', `/cook-sessions/${id}/log`, { entries });
      }
      await page.waitForTimeout(SETTLES_MS);
      return shares([pid, serverPid]);
    };
    await page.goto('about:blank');
    const [blank = 0] = await shares([pid]);
    const batch = /** @type {{ id: string }} */ (await ask(address, 'POST', '/batches', FORMULA));
    const cook = randomUUID();
    await ask(address, 'POST', '/cook-sessions', { id: cook, batchId: batch.id });
    const [waiting] = await look(cook, false);
    const [lit, litServer] = await look(cook, true);
    const practice = randomUUID();
    await ask(address, 'POST', '/cook-sessions', {
      id: practice,
      practice: { ...FORMULA, fault: 'none', seed: 7, speed: 1 },
    });
    const [practising, practiceServer] = await look(practice, true);
    for (const id of [cook, practice]) await ask(address, 'POST', `/cook-sessions/${id}/end`);
    /** @param {string} what @param {number | undefined} share @returns {import('./measure.mjs').Row} */
    const row = (what, share) => ({
      what,
      bar: `≤ ${100 * MOST_SHARE} % of a core`,
      found: pct(share),
      met: (share ?? 1) <= MOST_SHARE,
    });
    return [
      row(`a stove page that waits (an empty page takes ${pct(blank)})`, waiting),
      row('a stove page with the burner on', lit),
      row('the server meanwhile', litServer),
      row('the page of a running practice', practising),
      row('the server meanwhile, probe and pot simulated', practiceServer),
    ];
  } finally {
    await browser.close();
    await server.close();
  }
}
