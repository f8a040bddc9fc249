/// <reference lib="dom" />
import type { CookSession } from '@idle-kettle/contract';
import { test as base, type Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { KettleServer } from './kettleServer.ts';

export { expect } from '@playwright/test';

type Fixtures = {
  /** A kitchen nobody has set up yet, which no other test uses meanwhile. */
  readonly kettle: KettleServer;
};

type House = {
  /** The server and the database of one worker, which its tests use one after another. */
  readonly house: KettleServer;
};

/** A test with its own kitchen. A page that logs an error, or throws one, fails it. */
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
  kettle: async ({ house }, use) => {
    await house.startAfresh();
    await use(house);
  },
  page: async ({ page }, use) => {
    const errors: string[] = [];
    page.on('pageerror', (error) => errors.push(error.message));
    await use(page);
    if (errors.length > 0) throw new Error(`The page threw: ${errors.join('; ')}`);
  },
});

export const DAMSON = { name: 'Damson jam', lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

/** Begins a practice cook at sixty times, or as a test changes it. */
export const practice = (kettle: KettleServer, change: object = {}): Promise<CookSession> =>
  kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    practice: { ...DAMSON, fault: 'none', seed: 11, speed: 60, ...change },
  });

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
