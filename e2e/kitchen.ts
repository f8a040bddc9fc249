/// <reference lib="dom" />
import type { Batch, CookSession } from '@idle-kettle/contract';
import { expect, test as base, type Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { KettleServer } from './kettleServer.ts';

export { expect };

type Fixtures = {
  /** A kitchen nobody has set up yet, which no other test uses meanwhile. */
  readonly kettle: KettleServer;
  /** What a test provokes, as the console or the network tells it; anything else fails it. */
  readonly provoked: RegExp[];
  /** Fails a test on anything that a page of it complains of. */
  readonly watched: void;
};

type House = {
  /** The server and the database of one worker, which its tests use one after another. */
  readonly house: KettleServer;
};

/**
 * How a browser says that nobody answered: no fault where a test took the server or the network
 * away.
 */
const NOBODY_ANSWERED =
  /ERR_(?:CONNECTION|INTERNET|NETWORK|EMPTY|INCOMPLETE|SOCKET)|status of 50[23]| 50[23] |fetching the script/;

/** What only a test can do: break a request off in the browser itself. */
const BROKEN_OFF = /ERR_FAILED/;

/**
 * A test with its own kitchen. A page that logs an error, throws one, or is refused something that
 * its test did not provoke, fails it.
 */
export const test = base.extend<Fixtures, House>({
  house: [
    // oxlint-disable-next-line no-empty-pattern
    async ({}, use) => {
      const server = await KettleServer.withEmptyKitchen();
      await use(server);
      await server.stop();
    },
    { scope: 'worker' },
  ],
  // oxlint-disable-next-line no-empty-pattern
  provoked: async ({}, use) => {
    await use([]);
  },
  kettle: async ({ house }, use) => {
    await house.startAfresh();
    await use(house);
  },
  watched: [
    async ({ context, house, provoked, serviceWorkers }, use) => {
      // Nor is every screen fetched ahead: each test would pay for all of them.
      if (serviceWorkers === 'block') await context.addInitScript(savesData);
      const complaints: string[] = [];
      let away = false;
      const setOffline = context.setOffline.bind(context);
      context.setOffline = (offline) => {
        away ||= offline;
        return setOffline(offline);
      };
      const stopsBefore = house.stops;
      context.on('page', (page) => {
        page.on('pageerror', ({ message }) => complaints.push(`threw ${message}`));
        page.on('console', (said) => {
          if (said.type() === 'error') complaints.push(`said ${said.text()}`);
        });
        page.on('requestfailed', (request) => {
          const why = request.failure()?.errorText ?? '';
          // What a page gives up itself, by leaving or by closing a live view.
          if (why !== 'net::ERR_ABORTED') complaints.push(`lost ${request.url()} ${why}`);
        });
        page.on('response', (answer) => {
          if (answer.status() >= 400) complaints.push(`got ${answer.status()} of ${answer.url()}`);
        });
      });
      await use();
      const isAway = away || house.stops > stopsBefore;
      const left = complaints.filter(
        (what) =>
          !BROKEN_OFF.test(what) &&
          !(isAway && NOBODY_ANSWERED.test(what)) &&
          !provoked.some((known) => known.test(what)),
      );
      if (left.length > 0) throw new Error(`The pages complained:\n${left.join('\n')}`);
    },
    { auto: true },
  ],
});

/** Says, in a page, that somebody asked the browser to load as little as it can. */
function savesData(): void {
  Object.defineProperty(navigator, 'connection', { value: { saveData: true } });
}

export const DAMSON = { name: 'Damson jam', lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

/** Begins a practice cook at sixty times, or as a test changes it. */
export const practice = (kettle: KettleServer, change: object = {}): Promise<CookSession> =>
  kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    practice: { ...DAMSON, fault: 'none', seed: 11, speed: 60, ...change },
  });

/** Opens a new practice cook at the stove. */
export async function openPractice(page: Page, kettle: KettleServer): Promise<void> {
  const { id } = await practice(kettle);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
}

/** Begins to cook a batch of damsons. */
export async function cookOfBatch(kettle: KettleServer): Promise<CookSession> {
  const batch = await kettle.send<Batch>('POST', '/batches', DAMSON);
  return kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: batch.id,
  });
}

/** Opens a batch of these lines on Balance. */
export const openBatch = async (
  page: Page,
  kettle: KettleServer,
  lines: readonly string[],
  settings: object = {},
): Promise<Batch> => {
  const batch = await kettle.send<Batch>('POST', '/batches', { name: 'Trial', lines, settings });
  await page.goto(`${kettle.address}/batches/${batch.id}`);
  await expect(page.getByTestId('stop')).toBeVisible();
  return batch;
};

/** What is written in a line of Balance, by its place. */
export const line = (page: Page, number: number) =>
  page.getByLabel(`Line ${number}`, { exact: true });

/** Every line that is not understood. */
export const flagged = (page: Page) => page.locator('[data-line][aria-invalid="true"]');

/** Turns the label over, to its back or to its front. */
export const turnLabel = (page: Page): Promise<void> =>
  page.getByRole('button', { name: /^(Details and sources|Back to the front)$/ }).click();

/** On a narrow screen, opens the lines of a batch that was written before. */
export async function unfoldLines(page: Page): Promise<void> {
  await page.getByTestId('jars').waitFor();
  const fold = page.getByRole('button', { name: /^\d+ lines?/, expanded: false });
  if (await fold.isVisible()) await fold.click();
}

/** Types lines one under another, as a cook would: Enter between them. */
export async function typeLines(page: Page, lines: readonly string[]): Promise<void> {
  await page.getByLabel('Line 1', { exact: true }).click();
  for (const [index, line] of lines.entries()) {
    if (index > 0) await page.keyboard.press('Enter');
    await page.keyboard.type(line);
  }
}

/** Puts text on the clipboard and pastes it into what has the focus. */
export async function paste(page: Page, text: string): Promise<void> {
  await page.evaluate((data) => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', data);
    document.activeElement?.dispatchEvent(
      new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
    );
  }, text);
}

/** Goes to a page of the app without loading the app anew. */
export const go = (page: Page, path: string): Promise<void> =>
  page.evaluate((to) => {
    history.pushState(null, '', to);
    window.dispatchEvent(new PopStateEvent('popstate'));
  }, path);

/** Whether nothing sticks out of the page to the side. */
export const fitsWidth = (page: Page): Promise<boolean> =>
  page.evaluate(() => document.documentElement.scrollWidth <= window.innerWidth);
