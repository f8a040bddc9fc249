import { cook, labels, putUp, settleIn, toTheStove } from '../walk.ts';
import { expect, line, test, typeLines } from '../kitchen.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

// From an empty kitchen to a label, as new cooks go: by clicks and keys alone.
test.describe.configure({ timeout: 480_000 });

test('a UK kitchen without a canner: the jars go in the fridge, and their labels say so', async ({
  page,
  kettle,
}) => {
  await settleIn(page, kettle, { altitude: '150', units: /Grams and UK recipes/ });
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await page.getByRole('button', { name: 'Change canner' }).click();
  await page.getByRole('combobox', { name: 'Canner' }).selectOption('none');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('No canner, so jars go in the fridge or freezer.')).toBeVisible();
  await page.getByRole('link', { name: 'Batches' }).click();
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await typeLines(page, ['1 kg raspberries', '1 kg jam sugar']);
  await expect(page.getByTestId('shelf')).toHaveText(/^Fridge only/);
  await expect(page.getByText(/This kitchen has no canner/).first()).toBeVisible();
  await page.getByLabel('Batch name').fill('Raspberry, Sunday');
  await toTheStove(page);
  await cook(page, kettle);
  await putUp(page, kettle);
  await expect(page.getByTestId('places')).toContainText('fridge, eat by');
  const words = await labels(page);
  expect(words).toContain('Raspberry, Sunday');
  expect(words).toMatch(/Eat by \d+ \w+ \d{4}/);
  expect(words).not.toMatch(/Best before|Cool and dark/i);
});

test('in cups at a mile: a box of pectin, half the sugar, then twelve jars', async ({
  page,
  kettle,
}) => {
  await settleIn(page, kettle, { altitude: '5280' });
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await typeLines(page, ['5½ cups crushed strawberries', '1 box powdered pectin', '8 cups sugar']);
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await expect(page.getByTestId('jars')).toContainText('half-pints');
  await line(page, 3).fill('4 cups sugar');
  await expect(page.getByTestId('diagnosis')).toBeVisible();
  await line(page, 3).fill('8 cups sugar');
  await page.getByLabel(/Jars wanted/).fill('12');
  await page.getByRole('button', { name: 'Find the amounts' }).click();
  await expect(page.getByTestId('jars')).toHaveText(/^11–13 half-pints/);
  await expect(page.getByText(/2 loads, \d+ min each/)).toBeVisible();
  await expect(page.getByRole('button', { name: 'Split it into 2 pots' }).first()).toBeVisible();
  await toTheStove(page);
  await cook(page, kettle);
  await putUp(page, kettle);
  expect(await labels(page)).toMatch(/Best before/);
});

test('a butter in a slow cooker overnight, some of it frozen', async ({ page, kettle }) => {
  await settleIn(page, kettle, { altitude: '1000' });
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await page.getByRole('button', { name: 'Change burners' }).click();
  await page.getByRole('button', { name: 'Add a burner' }).click();
  await page.getByLabel('Type').last().selectOption('slow-cooker-low');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/slow cooker on low/)).toBeVisible();
  await page.getByRole('link', { name: 'Batches' }).click();
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await page.getByLabel('Batch name').fill('Overnight apple butter');
  await typeLines(page, [
    '4 lb apples, cored',
    '1½ lb frozen apples, cored',
    '1 cup brown sugar',
    '¾ cup white sugar',
  ]);
  // The title says what it is.
  await expect(page.getByLabel('Product')).toHaveValue('butter');
  await page.getByLabel('Store in').selectOption('freezer');
  await expect(page.getByTestId('shelf')).toContainText('Freezer');
  await expect(page.getByTestId('process')).toHaveText('none');
  await page.getByLabel('Store in').selectOption('pantry');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await page.getByRole('link', { name: 'Prepare' }).click();
  await expect(page.getByText('Half an hour before it’s done')).toBeVisible();
  await expect(page.getByText(/turn it on/).first()).toBeVisible();
  await page.goBack();
  await toTheStove(page);
  await cook(page, kettle);
  const last = page.getByTestId('row-1').getByRole('button', { name: /^All \d+$/ });
  await last.click();
  await page.getByTestId('jar-1.1').click();
  await page.getByRole('button', { name: 'Into the freezer' }).click();
  await putUp(page, kettle);
  await expect(page.getByTestId('places')).toContainText('1 half-pint: freezer');
  const words = await labels(page);
  expect(words).toMatch(/Keep frozen/);
  expect(words).toMatch(/Best before/);
});

test('a jelly from the fruit, with the juice measured, and kept through a stick that is turned', async ({
  page,
  kettle,
}) => {
  await settleIn(page, kettle, { altitude: '0' });
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await page.getByLabel('Product').selectOption('jelly');
  await page.getByRole('button', { name: 'Start with juice' }).click();
  const pan = page.getByLabel('Fruit in the pan, cores and skins included, one per line');
  await pan.fill('3 lb crab apples');
  // The juice drips overnight: the first step alone is kept, and saved.
  await page.reload();
  await expect(pan).toHaveValue('3 lb crab apples');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  await page.getByLabel('Measured juice').fill('4 cups');
  await page.getByLabel('Measured juice').press('Enter');
  await typeLines(page, ['4 cups sugar']);
  await expect(page.getByTestId('obtained')).toHaveText('4 cups');
  await page.getByTestId('gauge-sugar').focus();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByTestId('obtained')).toHaveText('4 cups');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  await toTheStove(page);
  await cook(page, kettle);
  await putUp(page, kettle);
  expect(await labels(page)).toMatch(/crab apple/i);
});

test('a curd in metric: its own minutes, and a label that gives it three months', async ({
  page,
  kettle,
}) => {
  await settleIn(page, kettle, { altitude: '0', units: /Grams and liters/ });
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await page.getByLabel('Batch name').fill('Lemon curd');
  await typeLines(page, [
    '240 mL bottled lemon juice',
    '500 g caster sugar',
    '4 eggs',
    '7 egg yolks',
    '170 g butter',
  ]);
  await expect(page.getByLabel('Product')).toHaveValue('curd');
  await expect(page.getByTestId('shelf')).toContainText('3 months');
  await toTheStove(page);
  await cook(page, kettle);
  await putUp(page, kettle);
  expect(await labels(page)).toMatch(/Contains (?:egg|milk|butter)/i);
});

test('a marmalade by the keyboard alone', async ({ page, kettle }) => {
  await page.goto(kettle.address);
  const keys = page.keyboard;
  const on = async (name: string | RegExp, role: 'button' | 'link' = 'button') => {
    await page.getByRole('main').getByRole(role, { name }).last().focus();
    await keys.press('Enter');
  };
  await page.getByLabel('Altitude', { exact: true }).focus();
  await keys.type('500');
  await on('Skip the rest');
  await on('Start a batch', 'link');
  await page.getByLabel('Batch name').focus();
  await keys.type('Seville marmalade');
  await keys.press('Tab');
  await expect(page.getByLabel('Product')).toHaveValue('marmalade');
  await line(page, 1).focus();
  for (const text of ['1 kg Seville oranges', '2.5 L water', '2 kg sugar']) {
    await keys.type(text);
    await keys.press('Enter');
  }
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await on('Save batch');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  // The batch has its own way to the stove once it has its own address.
  await page.waitForURL(/\/batches\/[0-9a-f-]{36}$/);
  await on('Stove', 'link');
  await on('Start cooking');
  await page.waitForURL(/\/cook-sessions\/[^/]+$/);
  await cook(page, kettle);
  await putUp(page, kettle);
  expect(await labels(page)).toContain('Seville marmalade');
});

test('careless: two tabs, no network at the stove, double presses, back and forward, deleted and restored', async ({
  page,
  context,
  kettle,
}) => {
  await settleIn(page, kettle, { altitude: '300' });
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await typeLines(page, ['2 kg plums', '1.4 kg sugar']);
  await page.getByLabel('Batch name').fill('Plum');
  await page.getByRole('button', { name: 'Save batch' }).dblclick();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  expect(await kettle.batches()).toHaveLength(1);
  await page.goBack();
  await page.goForward();
  // Deleted, and found again at its own address.
  const address = page.url();
  await page.getByRole('link', { name: 'Batches' }).click();
  await page.getByRole('button', { name: 'Delete Plum' }).click();
  await expect(page.getByText('No batches yet.')).toBeVisible();
  await page.getByText('Deleted batches').click();
  await page.getByRole('button', { name: 'Restore Plum' }).click();
  await expect(page.getByRole('link', { name: 'Plum', exact: true })).toBeVisible();
  await page.goto(address);
  await toTheStove(page);
  const stove = page.url();
  await page.getByTestId('press').dblclick();
  const log = page.getByRole('list', { name: 'Log, newest first' }).getByRole('listitem');
  await expect(log).toHaveCount(1);
  // A second tab sees it, and goes on while the first has no network.
  const other = await context.newPage();
  await other.goto(stove);
  await expect(
    other.getByRole('list', { name: 'Log, newest first' }).getByRole('listitem'),
  ).toHaveCount(1);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'Stirred', exact: true }).click();
  await expect(log).toHaveCount(2);
  await context.setOffline(false);
  await expect(page.getByTestId('delivery')).toHaveText('All saved', { timeout: 60_000 });
  await other.close();
  await cook(page, kettle);
  await page.goBack();
  await page.goForward();
  await putUp(page, kettle);
  expect(await labels(page)).toMatch(/Plum/);
});
