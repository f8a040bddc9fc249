import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { randomUUID } from 'node:crypto';
import { readdirSync, readFileSync } from 'node:fs';
import { CHROMIUM } from '../launcher/chromium.mjs';
import { ask } from './ask.mjs';

const SECONDS = Number(process.env['KETTLE_BENCH_SECONDS'] ?? 30);
const SETTLES_MS = 12_000;
const MOST_SHARE = 0.05;
const FORMULA = { name: 'Measurements', lines: ['2 kg crushed damsons', '1.4 kg sugar'] };
const TICKS = Number(execFileSync('getconf', ['CLK_TCK'], { encoding: 'utf8' }));

/** What of `/proc/PID/stat` tells the parent, and the time used in the program and for it. */
const [PARENT, OWN, SYSTEM] = /** @type {const} */ ([1, 11, 12]);

/** The state of every process, by its pid. */
function processes() {
  /** @type {Map<number, readonly string[]>} */
  const all = new Map();
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const stat = readFileSync(`/proc/${pid}/stat`, 'utf8');
      all.set(Number(pid), stat.slice(stat.lastIndexOf(')') + 2).split(' '));
    } catch {
      // It has ended.
    }
  }
  return all;
}

/** Seconds of processor time that a process and all that it started have used. @param {number} root */
function used(root) {
  const all = processes();
  const isOf = (/** @type {number} */ pid) => {
    for (let at = pid; at > 1; at = Number(all.get(at)?.[PARENT] ?? 0))
      if (at === root) return true;
    return false;
  };
  let ticks = 0;
  for (const [pid, stat] of all) if (isOf(pid)) ticks += Number(stat[OWN]) + Number(stat[SYSTEM]);
  return ticks / TICKS;
}

/** The share of a core that processes use while nothing is done. @param {readonly number[]} roots */
async function shares(roots) {
  const before = roots.map(used);
  await new Promise((resolve) => setTimeout(resolve, 1000 * SECONDS));
  return roots.map((root, index) => (used(root) - (before[index] ?? 0)) / SECONDS);
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
