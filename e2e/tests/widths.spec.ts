import type { Batch } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { dayScreens } from '../daySheet.ts';
import { bookScreens } from '../keptBook.ts';
import { expect, fitsWidth, test } from '../kitchen.ts';

const BENCHES = ['Targets', 'Methods', 'Less sugar', 'Gel map', 'Measurements', 'Save & share'];

/** Of a table too, what a tablet would see; a phone runs all of this by itself. */
const TABLET = { width: 820, height: 1180 };

/** Whether a screen fits the window, and a tablet’s. */
async function fits(page: Page): Promise<void> {
  const own = page.viewportSize();
  expect(await fitsWidth(page)).toBe(true);
  if (own === null || own.width < TABLET.width) return;
  await page.setViewportSize(TABLET);
  await expect.poll(() => fitsWidth(page)).toBe(true);
  await page.setViewportSize(own);
}

test('nothing sticks out of any screen or bench', async ({ page, kettle }) => {
  await kettle.setUpKitchen({
    pots: [{ name: 'wide enamel pot', diameterCm: 30, heightCm: 19 }],
    burners: [{ name: 'front burner', heat: 'medium-burner' }],
    prices: [{ ingredient: 'sugar', minorPerKg: 130 }],
  });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Bramble',
    lines: ['2 kg crushed blackberries', '1.4 kg sugar', '3 blobs of zorp'],
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(page.getByTestId('diagnosis')).toBeVisible();
  await fits(page);
  for (const name of BENCHES) {
    await page.getByRole('tab', { name }).click();
    await expect(page.getByRole('tabpanel', { name })).toBeVisible();
    await fits(page);
  }
  for (const path of [
    '/batches/new',
    `/batches/${id}/prepare`,
    '/recipes',
    '/kitchen',
    '/',
    '/batches',
    '/shelf',
    '/shelf/stock-take',
    ...(await dayScreens(kettle)),
    ...(await bookScreens(kettle)),
  ]) {
    await page.goto(`${kettle.address}${path}`);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await fits(page);
  }
});
