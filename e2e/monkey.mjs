import { chanceFrom } from '@idle-kettle/core';

/**
 * Somebody who presses anything: seeded, so that what it found is found again.
 * @typedef {{ readonly seed: number, readonly seconds: number, readonly addresses: readonly
 * string[] }} Walk
 * @typedef {{ readonly acts: number, readonly faults: readonly string[] }} Found
 */

/** A table and a phone. */
const SIZES = [
  { width: 1280, height: 800 },
  { width: 390, height: 844 },
  { width: 844, height: 390 },
];

/** What it writes: amounts, nonsense, nothing, too much, other scripts. */
const WORDS = [
  '2 kg crushed damsons',
  '1.4 kg sugar',
  '3 cups chopped rhubarb',
  '1 box powdered pectin',
  '¾ cup lemon juice',
  '-5',
  '0',
  '7',
  '1e9',
  '5,5',
  '212',
  '',
  ' ',
  'zorp',
  'a pinch of nothing at all, to taste, or 3 or 4',
  '💥 mermelada de higos',
  '1 kg plums\n900 g sugar\nStir. Boil 10 minutes.',
  '{"lines":',
  'x'.repeat(400),
  '<b>jam</b>',
];
const KEYS = [
  'Tab', 'Shift+Tab', 'Enter', 'Escape', ' ', 'ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight', 'Home', 'End', 'PageDown',
  'Backspace', 'Delete', 'Control+z', 'Control+y', 'Control+Enter', 'Control+a', '5',
]; // prettier-ignore

/** What leaves the page for another program, which a browser without a screen has not got. */
const LEAVES = 'a[target=_blank], a[href^=http], input[type=file], [download]';
const PRESSABLE = `button, a[href], summary, input, select, textarea, [role=button], [role=slider], [role=option], [tabindex="0"]`;

/** How a browser says that nobody answered, while the network is away by the monkey's own doing. */
const NOBODY_ANSWERED =
  /ERR_(?:CONNECTION|INTERNET|NETWORK|FAILED|ABORTED)|Failed to fetch|fetching the script/;
/** What a server says no to by rights: something is gone, or somebody was first. */
const RIGHTLY_REFUSED = new Set([404, 409]);

/** How long something on a screen may take to come once it was pressed, ms. */
const REST_MS = 25;
/** How long a page may take to be drawn, ms. */
const DRAWN_MS = 3000;

/**
 * Lets it loose on a page for a while.
 * @param {import('@playwright/test').BrowserContext} context in which the page is
 * @param {import('@playwright/test').Page} page
 * @param {Walk} walk its seed, how long, and the addresses it goes to when it is tired of pressing
 * @returns {Promise<Found>} each fault with what was done before it
 */
export async function letLoose(context, page, { seed, seconds, addresses }) {
  const chance = chanceFrom(seed);
  /** @template T @param {readonly T[]} of @returns {T} */
  const oneOf = (of) => /** @type {T} */ (of[Math.floor(chance() * of.length)]);
  const trail = /** @type {string[]} */ ([]);
  const faults = /** @type {string[]} */ ([]);
  let away = false;
  let backAt = 0;
  let acts = 0;
  const fault = (/** @type {string} */ what) =>
    faults.push(
      `seed ${seed}: ${what}\n    after ${trail.slice(-8).join(' · ')}\n    at ${page.url()}`,
    );
  page.on('pageerror', ({ message, stack }) =>
    fault(`threw ${message} ${(stack ?? '').split('\n')[1] ?? ''}`),
  );
  page.on('console', (said) => {
    const text = said.text();
    if (said.type() !== 'error' || NOBODY_ANSWERED.test(text) || /status of 40[49]/.test(text))
      return;
    fault(`said ${text} (${said.location().url})`);
  });
  page.on('response', (answer) => {
    const status = answer.status();
    if (status >= 400 && !RIGHTLY_REFUSED.has(status))
      fault(`got ${status} of ${answer.request().method()} ${answer.url()}`);
  });
  page.on('dialog', (dialog) => void dialog.accept().catch(() => undefined));
  page.on('download', (file) => void file.cancel().catch(() => undefined));

  /** @type {readonly (readonly [weight: number, name: string, act: () => Promise<string>])[]} */
  const ACTS = [
    [10, 'press', () => press(1)],
    [2, 'press twice', () => press(2)],
    [5, 'write', write],
    [4, 'key', async () => {
      const key = oneOf(KEYS);
      await page.keyboard.press(key);
      return key;
    }],
    [1, 'back', async () => {
      await page.goBack({ timeout: 3000 }).catch(() => null);
      if (page.url() === 'about:blank') await page.goForward();
      return '';
    }],
    [0.5, 'forward', async () => {
      await page.goForward({ timeout: 3000 }).catch(() => null);
      return '';
    }],
    [0.6, 'reload', async () => {
      if (!away) await page.reload();
      return '';
    }],
    [0.6, 'turn', async () => {
      const size = oneOf(SIZES);
      await page.setViewportSize(size);
      return `${size.width}`;
    }],
    [0.5, 'network', async () => {
      away = !away;
      backAt = Date.now() + 2500;
      await context.setOffline(away);
      return away ? 'off' : 'on';
    }],
    [1, 'go', async () => {
      if (away) return '';
      const address = oneOf(addresses);
      await page.goto(address);
      return address;
    }],
    [1, 'drag', async () => {
      const { width, height } = page.viewportSize() ?? SIZES[0] ?? { width: 1, height: 1 };
      const at = () => /** @type {const} */ ([chance() * width, chance() * height]);
      await page.mouse.move(...at());
      await page.mouse.down();
      await page.mouse.move(...at(), { steps: 4 });
      await page.mouse.up();
      return '';
    }],
  ]; // prettier-ignore
  const total = ACTS.reduce((sum, [weight]) => sum + weight, 0);

  /**
   * Where a pressable thing is that lies open, and what it is called; null where there is none.
   * @param {string} selector
   */
  const somewhere = (selector) =>
    page.evaluate(([selector, leaves, at]) => {
      const open = [...document.querySelectorAll(selector)].filter((element) => {
        const { width, height } = element.getBoundingClientRect();
        return (
          width > 0 &&
          height > 0 &&
          !element.matches(leaves) &&
          !element.matches(':disabled') &&
          element.checkVisibility()
        );
      });
      const element = open[Math.floor(at * open.length)];
      if (element === undefined) return null;
      element.scrollIntoView({ block: 'center' });
      const { left, top, width, height } = element.getBoundingClientRect();
      const name = element.getAttribute('aria-label') ?? element.textContent ?? '';
      return {
        x: left + width / 2,
        y: top + height / 2,
        name: `${element.tagName.toLowerCase()} ${name.trim().slice(0, 40)}`,
        select: [...document.querySelectorAll('select')].findIndex((one) => one === element),
        options: element.querySelectorAll('option').length,
      };
    }, /** @type {const} */ ([selector, LEAVES, chance()]));

  /** @param {number} times */
  async function press(times) {
    const place = await somewhere(PRESSABLE);
    if (place === null) return 'nothing';
    if (place.select >= 0) {
      // A list that a browser opens itself stands outside of the page.
      const index = Math.floor(chance() * place.options);
      await page.locator('select').nth(place.select).selectOption({ index }, { timeout: 1000 });
    } else await page.mouse.click(place.x, place.y, { clickCount: times });
    return place.name;
  }

  async function write() {
    const place = await somewhere('input:not([type=checkbox]):not([type=radio]), textarea');
    if (place === null) return 'nowhere';
    await page.mouse.click(place.x, place.y);
    if (chance() < 0.6) await page.keyboard.press('Control+a');
    const words = oneOf(WORDS);
    await page.keyboard.insertText(words);
    if (chance() < 0.4) await page.keyboard.press('Enter');
    return `${place.name} “${words.slice(0, 20)}”`;
  }

  const end = Date.now() + seconds * 1000;
  while (Date.now() < end && faults.length === 0) {
    if (away && Date.now() > backAt) {
      away = false;
      await context.setOffline(false);
    }
    let at = chance() * total;
    const [, name, act] =
      ACTS.find(([weight]) => (at -= weight) < 0) ?? /** @type {typeof ACTS[0]} */ (ACTS[0]);
    trail.push(name);
    try {
      const what = await act();
      trail[trail.length - 1] = `${name} ${what}`.trim();
    } catch (error) {
      // A page that goes elsewhere in the middle of an act has nothing to press.
      if (
        !/context was destroyed|Target|interrupted|ERR_INTERNET|navigat|Timeout/i.test(
          String(error),
        )
      )
        throw error;
    }
    acts += 1;
    await page.waitForTimeout(REST_MS);
    if (page.url().startsWith('chrome-error:')) {
      // A page that was loaded whole, without a network and before the browser had kept it: the
      // browser’s own notice.
      if (!away) fault('the browser shows its own notice');
      away = false;
      await context.setOffline(false);
      await page.goto(oneOf(addresses));
      continue;
    }
    const look = () => page.evaluate(stateOfPage).catch(() => null);
    if ((await look()) === null) continue;
    // A page that was only just opened is empty for a moment.
    await page.waitForTimeout(DRAWN_MS);
    const wrong = await look();
    if (wrong !== null) fault(wrong);
  }
  if (away) await context.setOffline(false);
  return { acts, faults };
}

/** What a page must never look like; null where it looks sound. It is called in the page. */
function stateOfPage() {
  if (document.readyState !== 'complete') return null;
  const text = document.body.innerText;
  const stopped = /[^.\n]*stopped working[^.\n]*/.exec(text);
  if (stopped) return `shows “${stopped[0]}”`;
  const nonsense = /\b(?:NaN|undefined|\[object Object\]|Infinity|Invalid Date|\{\{\w+\}\})\b/.exec(
    text,
  );
  if (nonsense)
    return `shows “${text.slice(Math.max(0, nonsense.index - 60), nonsense.index + 40).replaceAll('\n', ' ')}”`;
  if (document.querySelector('nav') === null) return 'shows no navigation';
  return null;
}
