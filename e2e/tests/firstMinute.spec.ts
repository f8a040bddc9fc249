import type { Batch, Kitchen } from '@idle-kettle/contract';
import type { Locator } from '@playwright/test';
import { expect, line, test } from '../kitchen.ts';

/** Presses, counted as somebody new would. */
class Presses {
  count = 0;
  async on(what: Locator): Promise<void> {
    this.count += 1;
    await what.click();
  }
}

test('from an empty kitchen to three kilograms of quince that set, saved, in six presses', async ({
  page,
  kettle,
}) => {
  const presses = new Presses();
  await page.goto(kettle.address);
  await presses.on(page.getByRole('button', { name: 'Skip the rest' }));
  await presses.on(page.getByRole('link', { name: 'Start a batch' }));
  await page.getByLabel('Amount of fruit').fill('3');
  await page.getByLabel('Unit').selectOption('kg');
  presses.count += 1;
  await presses.on(page.getByRole('button', { name: 'quinces' }));
  await expect(line(page, 1)).toHaveValue('3 kg quinces');
  await expect(page.getByTestId('set')).toContainText(/firm|soft/i);
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  // It may be played with, and taken back.
  await expect(page.getByText('Suggested a formula.')).toBeVisible();
  await presses.on(page.getByRole('button', { name: 'Save batch' }));
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  expect(presses.count).toBeLessThanOrEqual(6);
  const [batch] = await kettle.batches();
  const forecast = async () =>
    (await kettle.send<Batch>('GET', `/batches/${batch?.id}`)).plan?.set?.forecast;
  await expect.poll(forecast).toMatch(/^(soft|firm)$/);
  // Nothing was asked that could be assumed, and what was assumed is said.
  await expect(page.getByText(/Set your altitude/).first()).toBeVisible();
});

test('from a first start to a kitchen with its own pot, burner, jars and canner in ten presses', async ({
  page,
  kettle,
}) => {
  const presses = new Presses();
  const next = page.getByRole('button', { name: 'Next' });
  await page.goto(kettle.address);
  await page.getByLabel('Altitude', { exact: true }).fill('1000');
  await presses.on(next);
  await presses.on(page.getByText('Grams and UK recipes'));
  await presses.on(next);
  await presses.on(page.getByRole('button', { name: /preserving pan/ }));
  await presses.on(page.getByRole('button', { name: 'large burner' }));
  await presses.on(next);
  await presses.on(page.getByRole('button', { name: /1-lb jar/ }));
  await presses.on(page.getByRole('button', { name: 'deep pan with a rack' }));
  await presses.on(page.getByRole('button', { name: 'Finish' }));
  await expect(page.getByRole('region', { name: 'Your first batch' })).toBeVisible();
  expect(presses.count).toBeLessThanOrEqual(10);
  expect(await kettle.send('GET', '/kitchen')).toMatchObject({
    pots: [{ name: 'preserving pan', diameterCm: 36 }],
    burners: [{ name: 'large burner', heat: 'large-burner' }],
    // A pound of jam, and not what the jar holds to its brim.
    jars: [{ name: '1-lb jar', volumeMl: 345 }],
    canner: 'boiling-water',
    cannerHolds: 4,
  });
});

test('fruit that is written by itself gets a formula with a press; what is not recognized is asked about', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/batches/new`);
  await line(page, 1).fill('1 kg Seville oranges');
  await page.getByRole('button', { name: 'Suggest a formula' }).click();
  await expect(line(page, 3)).toHaveValue(/kg sugar$/);
  await expect(page.getByLabel('Product')).toHaveValue('marmalade');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line(page, 1)).toHaveValue('1 kg Seville oranges');
  await expect(line(page, 2)).toHaveValue('');

  await page.goto(kettle.address);
  await page.goto(`${kettle.address}/batches/new`);
  await line(page, 1).fill('');
  await page.getByLabel('Amount of fruit').fill('a few');
  await page.getByRole('button', { name: 'plums' }).click();
  await expect(line(page, 1)).toHaveValue('a few lb plums');
  await expect(page.getByRole('alert').first()).toContainText('Fix the highlighted lines');
});

test('a new kitchen is asked for an altitude that can be, and may be told it in four steps', async ({
  page,
  kettle,
}) => {
  await page.goto(kettle.address);
  await page.getByLabel('Altitude', { exact: true }).fill('99999');
  await page.getByRole('button', { name: 'Skip the rest' }).click();
  await expect(page.getByText('Give an altitude from -450 to 5,500 m.')).toBeVisible();
  expect(await kettle.send('GET', '/kitchen')).toMatchObject({ setUp: false });
  await page.getByLabel('Altitude', { exact: true }).fill('1000');
  await page.keyboard.press('Enter');
  await page.getByRole('radio', { name: /Grams and UK recipes/ }).check();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: /stockpot/ }).click();
  await page.getByRole('button', { name: /preserving pan/ }).click();
  await page.getByRole('button', { name: 'Back' }).click();
  await page.getByRole('button', { name: 'Back' }).click();
  // The height stays what it was, in the unit that was chosen since.
  await expect(page.getByLabel('Altitude', { exact: true })).toHaveValue('305');
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Next' }).click();
  await page.getByRole('button', { name: 'Finish' }).click();
  await expect(page.getByRole('region', { name: 'Your first batch' })).toBeVisible();
  const kitchen = await kettle.send<Kitchen>('GET', '/kitchen');
  expect(kitchen).toMatchObject({ setUp: true, units: 'metric', temperature: 'C', measures: 'uk' });
  expect(kitchen.altitudeM).toBeCloseTo(305, 0);
  expect(kitchen.pots.map(({ name }) => name)).toEqual(['preserving pan', 'stockpot']);
});
