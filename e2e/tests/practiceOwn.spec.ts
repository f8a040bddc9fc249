import { expect, test } from '../kitchen.ts';

test('any batch and any recipe of one’s own can be practised, a butter and a jelly too', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  await kettle.send('POST', '/batches', {
    name: 'Orchard butter',
    lines: ['3 kg cooked apple pulp', '1 kg sugar'],
    settings: { product: 'butter' },
  });
  await kettle.send('POST', '/recipes', {
    name: 'Crab jelly of the house',
    lines: ['4 cups sugar'],
    settings: { product: 'jelly', before: { kind: 'extract', lines: ['2 kg crab apples'] } },
  });
  for (const [name, first] of [
    ['Orchard butter', /cooked apple pulp/],
    ['Crab jelly of the house', /juice/],
  ] as const) {
    await page.goto(`${kettle.address}/stove`);
    await page.getByRole('combobox').first().selectOption({ label: name });
    // As it is written: another fault would double it.
    await page.getByRole('combobox').nth(1).selectOption('none');
    await page.getByRole('button', { name: 'Start practice' }).click();
    await expect(page).toHaveURL(/cook-sessions/);
    await expect(page.getByText(first).first()).toBeVisible();
  }
});
