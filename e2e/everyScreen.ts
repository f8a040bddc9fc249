import type { Page } from '@playwright/test';
import { seriousFaults } from './axe.ts';
import { dayScreens } from './daySheet.ts';
import { bookScreens } from './keptBook.ts';
import { expect, typeLines } from './kitchen.ts';
import type { KettleServer } from './kettleServer.ts';

/** From this width on a screen is a table’s. */
const TABLE_PX = 1000;

/** What the dark changes. */
const OF_THE_DARK = ['color-contrast', 'link-in-text-block'];

/** What axe finds of a screen in the light, and in the dark: a phone’s colours are the table’s. */
async function faultsOf(page: Page): Promise<readonly string[]> {
  await page.emulateMedia({ colorScheme: 'light', reducedMotion: 'reduce' });
  const light = await seriousFaults(page);
  if ((page.viewportSize()?.width ?? 0) < TABLE_PX) return light;
  await page.emulateMedia({ colorScheme: 'dark', reducedMotion: 'reduce' });
  const dark = await seriousFaults(page, OF_THE_DARK);
  return [...light, ...dark.map((fault) => `in the dark, ${fault}`)];
}

/** Goes from a new kitchen to a saved batch, and has axe look at every screen on the way. */
export async function nothingSerious(page: Page, kettle: KettleServer): Promise<void> {
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(kettle.address);
  await expect(page.getByRole('heading', { name: 'Where is your kitchen?' })).toBeVisible();
  expect(await faultsOf(page)).toEqual([]);

  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg diced melon', '1 kg sugar', '3 blobs of zorp']);
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  expect(await faultsOf(page)).toEqual([]);
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');

  for (const name of ['Methods', 'Less sugar', 'Gel map', 'Measurements', 'Save & share']) {
    await page.getByRole('tab', { name }).click();
    await expect(page.getByRole('tabpanel', { name })).toBeVisible();
  }
  expect(await faultsOf(page)).toEqual([]);
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(page.getByRole('heading', { name: 'Run sheet' })).toBeVisible();
  expect(await faultsOf(page)).toEqual([]);
  await page.goto(`${kettle.address}/kitchen`);
  await expect(page.getByRole('region', { name: 'Jars and canner' })).toBeVisible();
  expect(await faultsOf(page)).toEqual([]);
  await page.getByRole('button', { name: 'Change jars' }).click();
  await page.getByRole('button', { name: 'Add a jar' }).click();
  expect(await faultsOf(page)).toEqual([]);

  for (const path of ['/', '/shelf', '/shelf/stock-take', ...(await dayScreens(kettle))]) {
    await page.goto(`${kettle.address}${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect([path, await faultsOf(page)]).toEqual([path, []]);
  }
  await page.goto(`${kettle.address}/batches`);
  await expect(page.getByRole('listitem').filter({ hasText: 'Melon jam' })).toBeVisible();
  expect(await faultsOf(page)).toEqual([]);
  for (const path of await bookScreens(kettle)) {
    await page.goto(`${kettle.address}${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect([path, await faultsOf(page)]).toEqual([path, []]);
  }
}
