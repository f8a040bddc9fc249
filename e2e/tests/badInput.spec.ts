import type { Batch } from '@idle-kettle/contract';
import { expect, paste, test, typeLines } from '../kitchen.ts';

test.beforeEach(async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/batches/new`);
});

test('a line that is not recognized is kept, marked, warned about, and can be saved', async ({
  page,
  kettle,
}) => {
  await typeLines(page, ['2 kg plums', '1 kg sugar', '3 blobs of zorp']);
  await expect(page.getByLabel('Line 3', { exact: true })).toHaveAttribute('aria-invalid', 'true');
  await expect(page.getByText('“3 blobs of zorp” isn’t counted.')).toBeVisible();
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  const [batch] = await kettle.batches();
  expect(batch?.lines).toContain('3 blobs of zorp');
});

for (const [line, message] of [
  ['-2 kg sugar', 'The amount must be more than zero.'],
  ['0 kg sugar', 'The amount must be more than zero.'],
  ['10 tonnes sugar', 'One line may have at most 500 kg.'],
  ['NaN kg sugar', 'The amount must be a number.'],
] as const) {
  test(`“${line}” is refused with a message, and nothing is stored or lost`, async ({
    page,
    kettle,
    provoked,
  }) => {
    provoked.push(/\b400\b/);
    await typeLines(page, ['2 kg plums', line]);
    await expect(page.getByRole('region', { name: 'Fix' })).toContainText('Line 2: ');
    await page.getByRole('button', { name: 'Save batch' }).click();
    await expect(page.getByRole('alert')).toContainText(message);
    expect(await kettle.send<Batch[]>('GET', '/batches')).toEqual([]);
    await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue(line);
  });
}

test('markup in a line is shown as text; in a name it is refused', async ({
  page,
  kettle,
  provoked,
}) => {
  provoked.push(/\b400\b/);
  const markup = '<img src=x onerror="document.title=1">';
  await typeLines(page, ['2 kg plums', `1 kg ${markup}`]);
  await expect(page.getByText(`“1 kg ${markup}” isn’t counted.`)).toBeVisible();
  expect(await page.locator('img[src="x"]').count()).toBe(0);
  await expect(page).toHaveTitle('Balance: Plum jam · Idle Kettle');
  await page.getByLabel('Batch name').fill('<b>Plum</b>');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByRole('alert')).toContainText('A name may not contain <, >');
  expect(await kettle.send<Batch[]>('GET', '/batches')).toEqual([]);
});

test('5000 lines and a megabyte are not taken, and say so', async ({ page }) => {
  await typeLines(page, ['2 kg plums']);
  await paste(page, '\n1 g sugar'.repeat(5000));
  await expect(page.getByRole('alert')).toContainText('ingredient lines; a batch has at most 100');
  await paste(page, 'x'.repeat(1_000_000));
  await expect(page.getByRole('alert')).toContainText('at most 100,000 characters');
  await expect(page.getByLabel('Line 1', { exact: true })).toHaveValue('2 kg plums');
});

test('an altitude that cannot be is refused in the form', async ({ page, kettle }) => {
  await page.goto(`${kettle.address}/kitchen`);
  await page.getByRole('button', { name: 'Change the place and units' }).click();
  await page.getByLabel('Altitude', { exact: true }).fill('99999');
  await expect(page.getByText('Give an altitude from -450 to 5,500 m.')).toBeVisible();
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('dialog', { name: 'Place and units' })).toBeVisible();
  expect(await kettle.send('GET', '/kitchen')).toMatchObject({ altitudeM: 1524 });
});

test('an unknown address says that there is no such page', async ({ page, kettle, provoked }) => {
  provoked.push(/\b404\b/);
  await page.goto(`${kettle.address}/nowhere`);
  await expect(page.getByRole('heading', { name: 'Page not found' })).toBeVisible();
  await page.goto(`${kettle.address}/batches/00000000-0000-4000-8000-000000000000`);
  await expect(page.getByRole('alert')).toContainText('There is no such batch');
});
