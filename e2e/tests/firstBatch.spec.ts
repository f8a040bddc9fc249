import type { Plan } from '@idle-kettle/core';
import { expect, fitsWidth, test, turnLabel, typeLines, unfoldLines } from '../kitchen.ts';

const BRAMBLE = ['2 kg crushed blackberries', '1.4 kg sugar'];

test('first run: set the altitude, type a recipe, read the verdicts, save, reload, reopen, change, save', async ({
  page,
  kettle,
}) => {
  await page.goto(kettle.address);
  await expect(page.getByRole('heading', { name: 'Where is your kitchen?' })).toBeVisible();
  await page.getByLabel('Altitude', { exact: true }).fill('5000');
  await expect(page.getByRole('region', { name: 'Here' })).toContainText(
    'cook jam to about 210.5 °F',
  );
  await expect(
    page.getByRole('img', { name: /Water boils here at 202\.8 °F\. Cook to .*, 7\.7 °F above/ }),
  ).toBeVisible();
  expect(await fitsWidth(page)).toBe(true);
  await page.getByRole('button', { name: 'Next' }).click();
  await expect(page.getByRole('radio', { name: /Cups and pounds/ })).toBeChecked();
  expect(await fitsWidth(page)).toBe(true);
  await page.getByRole('button', { name: 'Next' }).click();
  expect(await fitsWidth(page)).toBe(true);
  await page.getByRole('button', { name: 'Next' }).click();
  expect(await fitsWidth(page)).toBe(true);
  await page.getByRole('button', { name: 'Finish' }).click();
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await page.getByRole('button', { name: 'Change the place and units' }).click();
  await page.getByLabel(/Boiled/).check();
  expect(await fitsWidth(page)).toBe(true);
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByRole('region', { name: 'Place' })).toContainText('jars are boiled first');
  await page.getByRole('link', { name: 'Batches' }).click();

  await expect(page.getByText('No batches yet.')).toBeVisible();
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await typeLines(page, BRAMBLE);
  await expect(page.getByTestId('stop')).toHaveText(/^211\.\d °F$/);
  await turnLabel(page);
  await expect(page.getByTestId('rule-stop')).toHaveText('210.8 °F');
  await turnLabel(page);
  await expect(page.getByTestId('jars')).toHaveText('7–8 half-pints');
  await expect(page.getByTestId('process')).toHaveText('10 min');
  await expect(page.getByTestId('shelf')).toHaveText('Pantry, 12 months');
  await expect(page.getByText('2,000 g', { exact: true })).toBeVisible();
  await expect(page.getByRole('img', { name: /7 lb 7\.9 oz goes into the pot/ })).toBeVisible();
  expect(await fitsWidth(page)).toBe(true);

  await page.getByLabel('Batch name').fill('Hedge bramble');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  await expect(page).toHaveURL(/\/batches\/[0-9a-f-]{36}$/);

  await page.reload();
  await expect(page.getByLabel('Batch name')).toHaveValue('Hedge bramble');
  await page.getByRole('link', { name: 'Batches' }).click();
  const hedge = page.getByRole('link', { name: 'Hedge bramble', exact: true });
  await expect(page.getByRole('listitem').filter({ has: hedge })).toContainText('7–8 half-pints');
  expect(await fitsWidth(page)).toBe(true);
  await hedge.click();

  await unfoldLines(page);
  await page.getByLabel('Line 2', { exact: true }).fill('1.8 kg sugar');
  await expect(page.getByTestId('jars')).toHaveText('9–10 half-pints');
  // It saves itself after a quiet moment, which may be over before anybody can look.
  const kept = async () => (await kettle.batches())[0]?.lines;
  await expect.poll(kept).toContain('1.8 kg sugar');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  await page.reload();
  await unfoldLines(page);
  await expect(page.getByLabel('Line 2', { exact: true })).toBeVisible();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('1.8 kg sugar');
});

test('who goes elsewhere while the first steps are saved is left there', async ({
  page,
  kettle,
}) => {
  // A busy page: the answer is there long before the screen of the link is drawn.
  await page.addInitScript(() => {
    window.MessageChannel = class extends MessageChannel {
      constructor() {
        super();
        const post = this.port2.postMessage.bind(this.port2);
        this.port2.postMessage = (message: unknown) => void setTimeout(post, 300, message);
      }
    };
  });
  await page.goto(`${kettle.address}/kitchen`);
  const saved = page.waitForResponse((answer) => answer.request().method() === 'PATCH');
  await page.getByRole('button', { name: 'Skip the rest' }).click();
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await saved;
  await page.getByRole('button', { name: 'Change the place and units' }).click();
  await expect(page.getByRole('dialog')).toBeVisible();
  await expect(page).toHaveURL(/\/kitchen$/);
});

test('melon is refused the pantry, with the reason', async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice']);
  await expect(page.getByTestId('shelf')).toHaveText('Fridge only, 3 weeks');
  await expect(page.getByText('Melon is a low-acid food', { exact: false }).first()).toBeVisible();
  await expect(page.getByTestId('process')).toHaveText('none');
});

test('every figure says where it comes from', async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, BRAMBLE);
  await turnLabel(page);
  await expect(page.getByText('plain water boils at 202.8 °F')).toBeVisible();
  const { finish } = await kettle.send<Plan>('POST', '/plan', { lines: BRAMBLE, altitudeM: 1524 });
  const told = page
    .getByText(/leaves as steam/)
    .filter({ visible: true })
    .first();
  const [, lb, oz] =
    /so (\d+) lb ([\d.]+) oz leaves as steam/.exec((await told.textContent()) ?? '') ?? [];
  const steamG = 453.592 * Number(lb) + 28.3495 * Number(oz);
  expect(Math.abs(steamG - (finish?.steamG ?? NaN))).toBeLessThan(3);
  await expect(page.getByText('USDA Complete Guide')).toBeVisible();
});

test('a metric kitchen in Celsius reads in its own units', async ({ page, kettle }) => {
  await kettle.setUpKitchen({ units: 'metric', temperature: 'C', altitudeUnit: 'm', altitudeM: 0 });
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, BRAMBLE);
  await expect(page.getByTestId('stop')).toHaveText(/^105\.\d °C$/);
  await expect(page.getByText(/^1\.9\d? L$/)).toBeVisible();
  await turnLabel(page);
  await expect(page.getByTestId('rule-stop')).toHaveText('104.4 °C');
});
