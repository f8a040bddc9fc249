import type { Page } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { expect } from './kitchen.ts';
import type { KettleServer } from './kettleServer.ts';

const MINUTE_MS = 60_000;
/** Nobody presses oftener than this before something is wrong. */
const MOST_PRESSES = 60;

/** What a cook says of the place, in the first minute. */
export type Place = { readonly altitude: string; readonly units?: RegExp };

/** Sets an empty kitchen up, by its three steps. */
export async function settleIn(page: Page, kettle: KettleServer, place: Place): Promise<void> {
  await page.goto(kettle.address);
  await page.getByLabel('Altitude', { exact: true }).fill(place.altitude);
  await page.getByRole('button', { name: 'Next' }).click();
  if (place.units) await page.getByRole('radio', { name: place.units }).check();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Finish' }).click();
  await expect(page.getByRole('link', { name: 'Start a batch' })).toBeVisible();
}

/** How often a page asks the server for its time before it goes by it. */
const TIMES_ASKED = 3;
/** The clocks of a page show what it goes by after so long at most, ms. */
const TICK_MS = 1200;

/**
 * Lets time go by that a cook would wait for, and looks at the page again, once that has learned
 * what time it is.
 */
async function wait(page: Page, kettle: KettleServer, minutes: number): Promise<void> {
  await expect(page.getByTestId('delivery')).toHaveText('All saved');
  await kettle.letGoBy(minutes * MINUTE_MS);
  let asked = 0;
  const knows = page.waitForResponse(
    (answer) => answer.url().endsWith('/health/time') && (asked += 1) === TIMES_ASKED,
  );
  await page.reload();
  await knows;
  await page.waitForTimeout(TICK_MS);
}

/** So many presses in a row that nothing took mean that there is nothing to press. */
const MOST_UNTAKEN = 4;

/** What can be pressed at the stove: what a test gave, what is held back, and what comes next. */
const presses = (page: Page) => ({
  outcome: page.locator('button[data-outcome]').last(),
  heldBack: page.getByTestId('held-back').getByRole('button').first(),
  press: page.getByTestId('press'),
});

/**
 * Presses what stands at the stove, whatever the screen wants next. A button that goes as the
 * screen moves on is not waited for.
 * @returns whether anything took the press
 */
export async function pressNext(page: Page): Promise<boolean> {
  const { outcome, heldBack, press } = presses(page);
  for (const button of [outcome, heldBack, press])
    if (await button.isVisible())
      return button.click({ timeout: 3000 }).then(
        () => true,
        () => false,
      );
  return false;
}

/** Cooks what is on the stove as the next instruction says, from the burner to the jars. */
export async function cook(page: Page, kettle: KettleServer): Promise<void> {
  await page.getByTestId('press').waitFor();
  let untaken = 0;
  for (let times = 0; times < MOST_PRESSES; times += 1) {
    if (/\/jars$/.test(page.url())) return;
    const { outcome, heldBack, press } = presses(page);
    if (
      !(await outcome.isVisible()) &&
      !(await heldBack.isVisible()) &&
      (await page.getByTestId('clock').isVisible())
    ) {
      await wait(page, kettle, 12);
      await press.click();
    } else {
      // The last of them leads to the jars, where another button may stand by then, or none.
      untaken = (await pressNext(page)) ? 0 : untaken + 1;
      if (untaken === MOST_UNTAKEN) throw await lost(page, 'There is nothing to press');
    }
    await page.waitForTimeout(200);
  }
  throw await lost(page, `After ${MOST_PRESSES} presses the pot is not in jars`);
}

/** What went wrong on a walk, with what stood on the screen. */
const lost = async (page: Page, what: string): Promise<Error> =>
  new Error(`${what}, at ${page.url()}: ${await page.locator('body').innerText()}`);

/**
 * Fills, closes and processes, or chills, as the next instruction says, until the jars want labels,
 * or what is given.
 */
export async function putUp(page: Page, kettle: KettleServer, until = 'label'): Promise<void> {
  const next = page.getByTestId('next-call');
  await next.waitFor();
  for (let times = 0; times < MOST_PRESSES; times += 1) {
    const call = (await next.getAttribute('data-call')) ?? 'done';
    if (call === until || call === 'label' || call === 'done') return;
    if (call === 'fill') await fill(page);
    else if (call === 'close') await close(page);
    else if (call === 'press')
      await page
        .getByRole('button', { name: /sealed$/i })
        .first()
        .click();
    else if (call === 'cool') await wait(page, kettle, 14 * 60);
    else if (/-timed$/.test(call)) {
      await wait(page, kettle, 61);
      await page.getByTestId('press').click();
    } else if (/-resting$/.test(call)) {
      await wait(page, kettle, 6);
      await page.getByTestId('press').click();
    } else await page.getByTestId('press').click();
    await page.waitForTimeout(150);
  }
  throw await lost(page, `After ${MOST_PRESSES} presses the jars are not done`);
}

/** Fills all the jars there are of the first size, and says that the pot is empty. */
async function fill(page: Page): Promise<void> {
  const row = page.getByTestId('row-1');
  const all = row.getByRole('button', { name: /^All \d+$/ });
  const one = row.getByRole('button', { name: 'One filled' });
  if (await all.isVisible()) await all.click();
  else if (await page.getByRole('button', { name: 'The pot is empty' }).first().isVisible()) {
    await page.getByRole('button', { name: 'The pot is empty' }).first().click();
    const sure = page.getByRole('button', { name: 'Yes, it’s empty' });
    if (await sure.isVisible()) await sure.click();
  } else await one.click();
}

/** Closes what is open of every size. */
async function close(page: Page): Promise<void> {
  for (const step of ['Remove bubbles', 'Wipe rims', 'Lids on', 'Bands fingertip-tight'])
    for (const button of await page.getByRole('button', { name: step }).all())
      if (await button.isEnabled()) await button.click();
}

/** The words of the labels that are printed, read back from their file. */
export async function labels(page: Page): Promise<string> {
  await page.getByRole('button', { name: 'Labels…' }).click();
  await expect(page.locator('canvas[data-drawn=true]')).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download' }).click(),
  ]);
  await page.keyboard.press('Escape');
  // As it is read, label by label: what stands beside it on the sheet is another label.
  return execFileSync('pdftotext', ['-raw', await file.path(), '-'], {
    encoding: 'utf8',
  }).replaceAll(/\s+/g, ' ');
}

/** Saves what is written, and goes with it to the stove. */
export async function toTheStove(page: Page): Promise<void> {
  const save = page.getByRole('button', { name: 'Save batch' });
  if (await save.isVisible()) await save.click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  // Its own way to the stove: the one at the head of the page leads to a practice as well.
  await page
    .getByRole('region', { name: 'Label of this batch' })
    .getByRole('link', { name: 'Stove', exact: true })
    .click();
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.waitForURL(/\/cook-sessions\/[^/]+$/);
}
