/// <reference lib="dom" />
import type { Locator, Page } from '@playwright/test';
import type { KettleServer } from '../kettleServer.ts';
import { expect, practice, test } from '../kitchen.ts';

/** Longer than this after a press the other browser may not take to show it, ms. */
const WITHIN_MS = 1000;

/**
 * Presses in one browser; soon the other holds what an XPath looks for. Both note the time
 * themselves, by the one clock of this machine: the press when it happens, the other at every
 * frame.
 */
async function soonSeen(button: Locator, other: Page, xpath: string): Promise<void> {
  await button.evaluate((element) => {
    const note = () => (document.body.dataset['pressedAt'] = String(Date.now()));
    element.addEventListener('click', note, { once: true });
  });
  const seen = other.waitForFunction(
    (sought) => document.evaluate(sought, document).iterateNext() !== null && Date.now(),
    xpath,
    { polling: 'raf' },
  );
  await button.click();
  const pressedAt = await button.page().locator('body').getAttribute('data-pressed-at');
  const tookMs = Number(await (await seen).jsonValue()) - Number(pressedAt);
  expect(tookMs).toBeLessThan(WITHIN_MS);
}

const nextAct = (text: string) => `//*[@data-testid="next-act" and .="${text}"]`;
const labelled = (label: string) => `//button[@aria-label="${label}"]`;

test('two browsers on two servers show the same pot within a second', async ({
  browser,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const other = await kettle.sibling();
  try {
    const { id } = await practice(kettle, { speed: 20 });
    const open = async (server: KettleServer) => {
      const page = await (await browser.newContext()).newPage();
      await page.goto(`${server.address}/cook-sessions/${id}`);
      await expect(page.getByTestId('delivery')).toHaveText('All saved');
      return page;
    };
    const [tablet, phone] = await Promise.all([open(kettle), open(other)]);
    const named = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

    const [boil, soften] = ['Bring to the boil, lid on', 'Soften the fruit, lid on'];
    await soonSeen(named(tablet, 'Burner is on'), phone, nextAct(boil));
    await soonSeen(named(phone, 'It’s boiling'), tablet, nextAct(soften));
    await soonSeen(named(phone, 'Stirred'), tablet, labelled('Undo: Stirred'));
    await soonSeen(named(phone, 'Undo: Stirred'), tablet, labelled('Redo: Stirred'));

    const clock = async (page: Page) => {
      const [minutes = 0, seconds = 0] = ((await page.getByTestId('clock').textContent()) ?? '')
        .split(':')
        .map(Number);
      return minutes * 60 + seconds;
    };
    // Twenty seconds of this kitchen are one of the wall.
    const [a, b] = await Promise.all([clock(tablet), clock(phone)]);
    expect(Math.abs(a - b) / 20).toBeLessThan(1);
    const shows = async (page: Page) =>
      Number.parseFloat((await page.getByText(/^now \d/).textContent())?.slice(4) ?? '');
    await expect
      .poll(async () => {
        const [one, two] = await Promise.all([shows(tablet), shows(phone)]);
        return Math.abs(one - two);
      })
      .toBeLessThan(2);

    await soonSeen(named(tablet, '5×'), phone, '//button[@aria-pressed="true" and .="5×"]');
  } finally {
    await other.stop();
  }
});
