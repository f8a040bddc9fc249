import { chromium } from '@playwright/test';
import { letLoose } from '../e2e/monkey.mjs';
import { CHROMIUM } from '../launcher/chromium.mjs';

const SEEDS = 20;
const SECONDS_EACH = 30;

/**
 * Twenty seeded monkeys on the demo kitchen, ten minutes in all: each fault with what was pressed
 * before it.
 * @param {string} address of a running server whose kitchen is set up
 * @returns {Promise<import('./measure.mjs').Row[]>}
 */
export async function monkeyRows(address) {
  const browser = await chromium.launch(CHROMIUM);
  const asked = Number(process.env['MONKEY_SEED']);
  const seeds = asked > 0 ? [asked] : Array.from({ length: SEEDS }, (_, index) => index + 1);
  let acts = 0;
  let faults = 0;
  try {
    for (const seed of seeds) {
      const context = await browser.newContext({
        viewport: { width: 1280, height: 800 },
        locale: 'en-US',
      });
      const page = await context.newPage();
      await page.goto(address);
      const addresses = await addressesOf(address);
      const found = await letLoose(context, page, { seed, seconds: SECONDS_EACH, addresses });
      for (const fault of found.faults) process.stderr.write(`${fault}\n`);
      acts += found.acts;
      faults += found.faults.length;
      await context.close();
    }
  } finally {
    await browser.close();
  }
  return [
    {
      what: `${seeds.length} monkeys on every screen, ${SECONDS_EACH} s each`,
      bar: 'nothing found',
      found: `${acts} acts, ${faults} faults`,
      met: faults === 0,
    },
  ];
}

/**
 * Every screen of the kitchen, of a batch in each state, and of what is not there.
 * @param {string} address
 */
async function addressesOf(address) {
  const ask = async (/** @type {string} */ path) => {
    const response = await fetch(`${address}/api${path}`);
    return /** @type {Promise<{ id: string }[]>} */ (response.json());
  };
  const [batches, sessions] = await Promise.all([ask('/batches'), ask('/cook-sessions')]);
  return [
    ...[
      '/',
      '/batches',
      '/shelf',
      '/stove',
      '/recipes',
      '/kitchen',
      '/batches/new',
      '/batches/gone',
      '/nowhere',
    ],
    ...batches.flatMap(({ id }) => [
      `/batches/${id}`,
      `/batches/${id}/prepare`,
      `/batches/${id}/stove`,
    ]),
    ...sessions.flatMap(({ id }) => [`/cook-sessions/${id}`, `/cook-sessions/${id}/jars`]),
  ].map((path) => `${address}${path}`);
}
