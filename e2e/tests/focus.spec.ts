import type { Batch } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { cookOfBatch, expect, go, openPractice, test } from '../kitchen.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

/** What has the focus, as it is named to whoever does not see it. */
const focused = (page: Page) =>
  page.evaluate(() => {
    const on = document.activeElement;
    return on === null || on === document.body
      ? 'nothing'
      : (on.getAttribute('aria-label') ?? on.textContent?.trim() ?? '');
  });

/** Presses what has this name by the keyboard alone. */
async function press(page: Page, name: string | RegExp): Promise<void> {
  const button = page.getByRole('button', { name }).first();
  await button.focus();
  await page.keyboard.press('Enter');
}

test('every page has a title of its own, and who comes to it goes on at its heading', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Damson',
    lines: ['2 kg damsons', '1.4 kg sugar'],
  });
  const cook = await cookOfBatch(kettle);
  await page.goto(kettle.address);
  await expect(page).toHaveTitle('Today · Idle Kettle');
  const pages: readonly (readonly [path: string, title: string, heading: string])[] = [
    ['/kitchen', 'Test kitchen, kitchen', 'Test kitchen'],
    ['/batches', 'Batches', 'Batches'],
    ['/shelf', 'Shelf', 'Shelf'],
    ['/shelf/stock-take', 'Stock-take', 'Stock-take'],
    ['/recipes', 'Recipes', 'Recipes'],
    ['/stove', 'On the stove', 'On the stove'],
    ['/book', 'Book', 'Book'],
    ['/book/knows', 'What this kitchen knows', 'What this kitchen knows'],
    ['/book/charts', 'Charts', 'Charts'],
    ['/book/files', 'Import and export', 'Import and export'],
    [`/batches/${id}`, 'Balance: Damson', 'Balance: Damson'],
    [`/batches/${id}/prepare`, 'Prepare: Damson', 'Prepare: Damson'],
    [`/batches/${id}/stove`, 'Damson, on the stove', 'Damson, on the stove'],
    [`/cook-sessions/${cook.id}`, 'Damson jam, on the stove', 'Damson jam'],
    [`/cook-sessions/${cook.id}/jars`, 'Damson jam, in jars', 'Damson jam'],
    ['/nowhere', 'Page not found', 'Page not found'],
  ];
  const titles = new Set<string>();
  for (const [path, title, heading] of pages) {
    await go(page, path);
    await expect(page).toHaveTitle(`${title} · Idle Kettle`);
    await expect.poll(() => focused(page)).toBe(heading);
    titles.add(title);
  }
  expect(titles.size).toBe(pages.length);
});

test('at the stove the focus stays with what is next, press after press', async ({
  page,
  kettle,
}) => {
  await openPractice(page, kettle);
  const next = page.getByTestId('press');
  for (const said of ['Burner is on', 'It’s boiling', 'It’s soft', 'Added', 'Dissolved']) {
    await expect(next).toHaveText(said);
    await next.focus();
    await page.keyboard.press('Enter');
    await expect(next).not.toHaveText(said);
    await expect(next).toBeFocused();
  }
});

test('what is deleted, undone or closed leaves the focus where the cook was', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Damson',
    lines: ['2 kg damsons', '1.4 kg sugar', '1 cup water'],
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(page.getByTestId('stop')).toBeVisible();
  await press(page, 'Delete line 2');
  await expect(page.getByLabel('Line 3', { exact: true })).toHaveValue('');
  await expect.poll(() => focused(page)).not.toBe('nothing');

  await page.goto(`${kettle.address}/kitchen`);
  await press(page, 'Change pots');
  const sheet = page.getByRole('dialog', { name: 'Pots' });
  await expect(sheet).toBeVisible();
  await press(page, 'Add a pot');
  await press(page, 'Delete pot 1');
  await expect.poll(() => focused(page)).toBe('Add a pot');
  await page.keyboard.press('Escape');
  await expect(sheet).toBeHidden();
  await expect.poll(() => focused(page)).toBe('Change pots');
});
