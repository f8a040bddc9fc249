import type { Page } from '@playwright/test';
import { seriousFaults } from './axe.ts';
import { dayScreens } from './daySheet.ts';
import { bookScreens } from './keptBook.ts';
import { expect, typeLines } from './kitchen.ts';
import type { KettleServer } from './kettleServer.ts';

/** In the dark, only what the dark changes. */
const RULES = { light: undefined, dark: ['color-contrast', 'link-in-text-block'] };

/** Goes from a new kitchen to a saved batch, and has axe look at every screen on the way. */
export async function nothingSerious(
  page: Page,
  kettle: KettleServer,
  colorScheme: keyof typeof RULES,
): Promise<void> {
  await page.emulateMedia({ colorScheme, reducedMotion: 'reduce' });
  await page.goto(kettle.address);
  await expect(page.getByRole('heading', { name: 'Where is your kitchen?' })).toBeVisible();
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);

  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg diced melon', '1 kg sugar', '3 blobs of zorp']);
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');

  for (const name of ['Methods', 'Less sugar', 'Gel map', 'Measurements', 'Save & share']) {
    await page.getByRole('tab', { name }).click();
    await expect(page.getByRole('tabpanel', { name })).toBeVisible();
  }
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(page.getByRole('heading', { name: 'Run sheet' })).toBeVisible();
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);
  await page.goto(`${kettle.address}/kitchen`);
  await expect(page.getByRole('region', { name: 'Jars and canner' })).toBeVisible();
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);
  await page.getByRole('button', { name: 'Change jars' }).click();
  await page.getByRole('button', { name: 'Add a jar' }).click();
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);

  for (const path of ['/', '/shelf', '/shelf/stock-take', ...(await dayScreens(kettle))]) {
    await page.goto(`${kettle.address}${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect([path, await seriousFaults(page, RULES[colorScheme])]).toEqual([path, []]);
  }
  await page.goto(`${kettle.address}/batches`);
  await expect(page.getByRole('listitem').filter({ hasText: 'Melon jam' })).toBeVisible();
  expect(await seriousFaults(page, RULES[colorScheme])).toEqual([]);
  for (const path of await bookScreens(kettle)) {
    await page.goto(`${kettle.address}${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    expect([path, await seriousFaults(page, RULES[colorScheme])]).toEqual([path, []]);
  }
}
