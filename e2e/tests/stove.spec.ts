import type { Batch, Kitchen } from '@idle-kettle/contract';
import { seriousFaults } from '../axe.ts';
import { cookOfBatch, expect, fitsWidth, practice, test } from '../kitchen.ts';

test('the minute of powdered pectin starts with “rolling boil now”, and ends by the clock', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await practice(kettle, {
    name: 'Raspberry',
    lines: ['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin'],
  });
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByTestId('press').click();
  await page.getByRole('button', { name: 'Rolling boil now' }).click();
  await page.getByRole('button', { name: 'Added' }).click();
  await expect(page.getByTestId('clock')).toHaveCount(0);
  await page.getByRole('button', { name: 'Rolling boil now' }).click();
  await expect(page.getByTestId('next-act')).toHaveText(/Boil hard for 1 minute|Take it off/);
  await expect(page.getByTestId('next-act')).toHaveText('Take it off the heat');
});

test('a butter and a curd have faces of their own', async ({ page, kettle }) => {
  await kettle.setUpKitchen({ temperature: 'C' });
  const face = async (name: string, lines: string[], product: string) => {
    const batch = await kettle.send<Batch>('POST', '/batches', {
      name,
      lines,
      settings: { product },
    });
    await page.goto(`${kettle.address}/batches/${batch.id}/stove`);
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await page.getByRole('button', { name: 'Burner is on' }).click();
  };
  await face('Apple butter', ['3 kg apples', '300 g sugar'], 'butter');
  await expect(page.getByTestId('next-act')).toHaveText('Bring to the boil, lid on');
  await page.getByRole('button', { name: 'It’s boiling' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Cook to a sauce, lid on');
  await expect(page.getByRole('button', { name: 'Mound test…' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Plate test…' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Weigh…' }).click();
  await page.getByLabel('Grams in the pot, without the pot').fill('x');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toHaveText('Enter a number from 50 to 200,000 g.');
  await page.getByLabel('Grams in the pot, without the pot').fill('2900');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Weighed 2,900 g' })).toBeVisible();

  await face(
    'Lime curd',
    ['4 eggs', '200 g sugar', '120 mL bottled lime juice', '100 g butter'],
    'curd',
  );
  await expect(page.getByTestId('next-act')).toHaveText(/Whisk to 77.0.°C/);
  await expect(page.locator('[data-code=do-not-boil]')).toBeVisible();
  await page.getByRole('button', { name: 'Reading…' }).click();
  await page.getByLabel('The thermometer shows').fill('77.5');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Take it off the heat');
  await page.getByRole('button', { name: 'Reading…' }).click();
  await page.getByLabel('The thermometer shows').fill('84');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.locator('[data-code=curdles]')).toContainText('82 °C');
});

test('the stove is sound for everybody, and fits every screen', async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  const { id } = await practice(kettle);
  await page.goto(`${kettle.address}/stove`);
  await expect(page.getByRole('heading', { name: 'Practice kettle' })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByRole('button', { name: 'The probe is in boiling water' }).click();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Burner is on' }).click();
  await page.getByRole('button', { name: 'Plate test…' }).click();
  await expect(page.getByTestId('your-plate')).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    expect(await fitsWidth(page)).toBe(true);
  }
  await kettle.send('POST', `/cook-sessions/${id}/end`);
  await expect(page.getByRole('region', { name: 'Debrief' })).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });
  expect(await seriousFaults(page)).toEqual([]);
});

test('boiling water is read before the cook, by typing, and kept for the kitchen', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await cookOfBatch(kettle);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByRole('button', { name: 'The probe is in boiling water' }).click();
  await page.getByLabel('Or what the thermometer shows').fill('120');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toHaveText('Enter a number from 185 to 221 °F.');
  await page.getByLabel('Or what the thermometer shows').fill('204');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByTestId('water-boils')).toHaveText('204.0 °F');
  await page.getByRole('button', { name: 'Save it for this kitchen' }).click();
  await expect(page.getByText('Saved for this kitchen.')).toBeVisible();
  await expect
    .poll(async () => (await kettle.send<Kitchen>('GET', '/kitchen')).waterBoilsC)
    .toBeCloseTo(95.56, 2);
});

test('a drop that runs when done: five minutes more, and what that usually means', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const batch = await kettle.send<Batch>('POST', '/batches', {
    name: 'Strawberry',
    lines: ['2 kg crushed strawberries', '1.4 kg sugar'],
  });
  await page.goto(`${kettle.address}/batches/${batch.id}/prepare`);
  await page.getByRole('link', { name: 'Go to the stove' }).click();
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Burner is on' }).click();
  // By key: the figures that come meanwhile may move what stands below them.
  await page.getByRole('button', { name: 'A different amount than 1,400 g' }).press('Enter');
  await page.getByLabel('Grams added').fill('1200');
  await page.getByRole('button', { name: 'Log it' }).click();
  const log = page.getByRole('listitem');
  await expect(log.filter({ hasText: 'Added 1,200 g, as planned' })).toBeVisible();
  await page.getByRole('button', { name: 'Dissolved' }).click();
  await page.getByRole('button', { name: 'Add…' }).click();
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(log.filter({ hasText: 'Added 15 g' })).toBeVisible();
  await page.getByTestId('press').click();
  await page.getByRole('button', { name: 'Plate test', exact: true }).click();
  await page.getByRole('button', { name: 'It runs' }).click();
  await expect(page.getByTestId('next-act')).toHaveText(/5.more minutes/);
  await expect(page.getByTestId('clock')).toHaveText(/^(5:00|4:5\d)$/);
  await page.getByRole('button', { name: 'Reading…' }).press('Enter');
  await page.getByLabel('The thermometer shows').fill('214');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toContainText('acid or pectin is low');
  // Taken back, the test is asked for again.
  await page.getByRole('button', { name: 'Undo: Plate test: It runs' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Test a drop on the cold plate');
});

test('after a reload a bell that would not be heard says so, until the page is touched', async ({
  page,
  kettle,
}) => {
  const { id } = await practice(kettle);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  // As browsers with a loudspeaker do: a page is silent until somebody has touched it.
  await page.addInitScript(() => {
    let touched = false;
    window.addEventListener('pointerdown', () => (touched = true), true);
    window.AudioContext = class extends AudioContext {
      override get state() {
        return touched ? super.state : 'suspended';
      }
    };
  });
  await page.reload();
  const mute = page.getByText('Tap the page once so it can ring');
  await expect(mute).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await expect(mute).toBeHidden();
});

test('a practice is begun from its form; how the stove calls is remembered', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/stove`);
  await page.getByLabel(/^Batch/).selectOption('Strawberry jam');
  await page.getByLabel('What can go wrong').selectOption('A thermometer that reads low');
  await expect(page.getByText('dropped last week')).toBeVisible();
  await page.getByLabel('The pot is on a scale').check();
  await page.getByRole('button', { name: '60×' }).click();
  await page.getByRole('button', { name: 'Start practice' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Strawberry jam');
  await expect(page.getByRole('button', { name: '60×' })).toHaveAttribute('aria-pressed', 'true');
  // The scale weighs once in a minute of the kitchen.
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /^.*Weighed/ })
      .first(),
  ).toBeVisible();

  const sound = page.getByRole('button', { name: 'Sound', exact: true });
  await expect(sound).toHaveAttribute('aria-pressed', 'true');
  await sound.click();
  await page.reload();
  await expect(sound).toHaveAttribute('aria-pressed', 'false');
  await page.goto(`${kettle.address}/stove`);
  await expect(page.getByRole('link', { name: /Strawberry jam \(practice\)/ })).toBeVisible();
});
