import { readFile } from 'node:fs/promises';
import type { Batch } from '@idle-kettle/contract';
import { expect, line, test, turnLabel, openBatch } from '../kitchen.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

test('a batch is prepared: ticks last, the sheet prints, and goes out as PDF', async ({
  page,
  kettle,
}) => {
  const { id } = await openBatch(
    page,
    kettle,
    ['1 kg Seville oranges', '2 kg sugar', '2 litres water'],
    {
      product: 'marmalade',
    },
  );
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(page.getByRole('region', { name: 'The day before' })).toContainText(
    'let it stand, covered',
  );
  await page.getByRole('checkbox', { name: /white sugar/ }).check();
  await expect
    .poll(async () => (await kettle.send<Batch>('GET', `/batches/${id}`)).ticked)
    .toEqual(['buy-sugar']);
  await page.reload();
  await expect(page.getByRole('checkbox', { name: /white sugar/ })).toBeChecked();

  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('navigation', { name: 'Main' })).toBeHidden();
  await expect(page.getByRole('region', { name: 'Run sheet' })).toBeVisible();
  expect((await page.pdf()).subarray(0, 4).toString()).toBe('%PDF');
  await page.emulateMedia({ media: 'screen' });

  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'PDF' }).click();
  const file = await readFile(await (await downloading).path());
  expect(file.subarray(0, 4).toString()).toBe('%PDF');
});

test('a kitchen’s pot, jars and prices reach the batch, and a batch too large is split', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/kitchen`);
  await page.getByRole('button', { name: 'Change pots' }).click();
  await page.getByRole('button', { name: 'Add a pot' }).click();
  const pots = page.getByRole('group', { name: 'Pots' });
  await pots.getByLabel('Name').fill('small pan');
  await pots.getByLabel('Width, in').fill('8');
  await pots.getByLabel('Height, in').fill('x');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('alert')).toContainText(
    'For pot 1, the height must be from 1⅛ in to 59 in.',
  );
  // What it holds tells how high it is.
  await pots.getByLabel('Holds, qt').fill('4');
  await expect(pots.getByLabel('Height, in')).toHaveValue('4.6');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Pots and burners' })).toContainText('small pan');
  await page.getByRole('button', { name: 'Change prices' }).click();
  await page.getByRole('button', { name: 'Add a price' }).click();
  await page.getByLabel('Ingredient', { exact: true }).fill('sugar');
  await page.getByLabel('Per lb').fill('1.30');
  await page.getByRole('button', { name: 'Save', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Cupboard' })).toContainText('$1.30');

  await openBatch(page, kettle, ['4 kg crushed damsons', '3 kg sugar']);
  await turnLabel(page);
  await expect(page.getByTestId('cost')).toHaveText('at least $8.61');
  await turnLabel(page);
  const pot = page.getByRole('combobox', { name: /^Pot/ });
  await expect(pot.locator('option:checked')).toHaveText('small pan');
  await page.getByRole('button', { name: /Split it into \d+ pots/ }).click();
  await expect(page.getByRole('button', { name: /Split it into/ })).toBeHidden();
  await expect(line(page, 1)).not.toHaveValue('4 kg crushed damsons');
});

test('a jelly from the fruit to the jars: juice through a cloth first, then measured', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['3 lb crab apples', '3 cups water', '4 cups sugar'], {
    product: 'jelly',
  });
  await page.getByRole('button', { name: 'Start with juice' }).click();
  // The fruit and its water went into the pan; the sugar stays in the pot.
  await expect(line(page, 1)).toHaveValue('4 cups sugar');
  const pan = page.getByLabel('Fruit in the pan, cores and skins included, one per line');
  await expect(pan).toHaveValue('3 lb crab apples\n3 cups water');
  await expect(page.getByTestId('obtained')).toHaveText(/cups/);
  await expect(page.getByTestId('set')).toHaveText('Firm set');
  await expect(page.getByTestId('jars')).toContainText('half-pints');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');

  await page.getByLabel('Measured juice').fill('5 cups');
  await page.getByLabel('Measured juice').press('Enter');
  await expect(page.getByTestId('obtained')).toHaveText('5 cups');
  await page.getByRole('button', { name: 'flakes' }).click();
  await expect(page.getByTestId('set')).not.toHaveText('Firm set');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('set')).toHaveText('Firm set');

  await pan.fill('3 lb crab apples\n3 blobs of zorp');
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await expect(page.getByText('3 blobs of zorp').first()).toBeVisible();
  await pan.fill('3 lb crab apples');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await expect(page.getByText(/^Saved /)).toBeVisible();
  await page.reload();
  await expect(pan).toHaveValue('3 lb crab apples');
  await expect(page.getByTestId('obtained')).toHaveText('5 cups');

  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(page.getByText(/Simmer the fruit, lid on/).first()).toBeVisible();
  await expect(page.getByText(/3 lb crab apples \(1,361 g\)/).first()).toBeVisible();
  await expect(page.getByText(/Clot test/).first()).toBeVisible();
});
