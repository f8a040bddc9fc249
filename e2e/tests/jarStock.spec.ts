import type { Batch, Kitchen } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { expect, test } from '../kitchen.ts';

const state = (page: Page, jar: string) => page.getByTestId(`jar-${jar}`);

test('more jars than there are, and more than the pot holds, are told; nothing is lost', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({
    jars: [{ name: 'half-pint', volumeMl: 237, count: 1 }],
    pots: [{ name: 'small', diameterCm: 20, heightCm: 15 }],
  });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Plum',
    lines: ['1 kg plums', '700 g sugar'],
  });
  await page.goto(`${kettle.address}/batches/${id}/jars`);
  await page.getByRole('button', { name: 'Measure…' }).click();
  await page.getByLabel('In the pot now, cups').fill('40');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toContainText('Enter a number from 0 to 19.9 cups.');
  await page.getByLabel('In the pot now, cups').fill('2½');
  await page.getByRole('button', { name: 'Log it' }).click();
  const row = page.getByTestId('row-1');
  for (let i = 0; i < 2; i += 1) await row.getByRole('button', { name: 'One filled' }).click();
  await expect(page.getByRole('list', { name: 'Warnings' })).toContainText(
    '2 of half-pint are filled',
  );
  await expect(state(page, '1.2')).toBeVisible();
  await page.getByRole('button', { name: /^Undo: Filled half-pint 2/ }).click();
  await expect(state(page, '1.2')).toHaveCount(0);
});

test('jars that come back, lids that are bought and jars that are chipped are counted with a press, and taken back', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({
    jars: [{ name: 'half-pint', volumeMl: 237, count: 5, lids: 2, inUse: 7 }],
  });
  const jar = async () => (await kettle.send<Kitchen>('GET', '/kitchen')).jars[0];
  await page.goto(`${kettle.address}/kitchen`);
  await page.getByRole('button', { name: 'Change the jar count' }).click();
  const sheet = page.getByRole('dialog', { name: 'Jars and lids' });
  await sheet.getByLabel('How many').fill('3');
  await sheet.getByRole('button', { name: 'came back empty' }).click();
  await expect(sheet).toContainText('8 empty, 4 full; 2 new lids');
  await sheet.getByRole('button', { name: 'new lids bought' }).click();
  await expect(sheet).toContainText('5 new lids');
  await sheet.getByRole('button', { name: 'Undo' }).click();
  await expect(sheet).toContainText('2 new lids');
  await sheet.getByRole('button', { name: 'broken or thrown out' }).click();
  await expect.poll(jar).toMatchObject({ count: 5, inUse: 4, lids: 2 });
  await sheet.getByLabel('How many').fill('many');
  await expect(sheet.getByRole('alert')).toContainText('Enter a whole number from 1');
});
