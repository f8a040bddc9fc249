import { readFile } from 'node:fs/promises';
import type { Recipe } from '@idle-kettle/contract';
import { expect, flagged, line, paste, test, typeLines, openBatch } from '../kitchen.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

const MESSY = `  **Hedge damson jam**
Makes about 8 half-pints

Ingredients:
• 2 kg ripe damsons, stoned
– 1,4 kg  granulated sugar
1 1/2 cups water
juice of half a lemon
½ lemon, juiced
2 (3 oz) pouches liquid pectin
a knob of butter
1 vanilla pod
2 tbsp brandy
200g/7oz chopped apples
3 blobs of zorp
salt to taste

Method
1. Simmer the damsons with the water.
2. Add the sugar and boil hard.`;

test('a messy recipe pasted whole: every line is right or flagged, and a flagged one is mended in place', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await line(page, 1).click();
  await paste(page, MESSY);
  await expect(page.getByLabel('Batch name')).toHaveValue('Hedge damson jam');
  await expect(line(page, 12)).toHaveValue('salt to taste');
  await expect(page.getByText('Skipped: Makes about 8 half-pints')).toBeVisible();
  await expect(flagged(page)).toHaveCount(1);
  await expect(flagged(page)).toHaveValue('3 blobs of zorp');
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await line(page, 11).fill('3 tbsp redcurrants');
  await expect(flagged(page)).toHaveCount(0);
  await expect(page.getByTestId('jars')).toContainText('half-pints');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
});

test('a weak batch is made to set by one remedy, and undone by the keyboard', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['1 kg rhubarb', '1 kg sugar']);
  await expect(page.getByTestId('diagnosis')).toContainText('Not enough pectin');
  const weak = await page.getByTestId('set').textContent();
  await page
    .getByRole('button', { name: /Add \d+ g \(.+\) powdered pectin/ })
    .first()
    .click();
  await expect(page.getByTestId('set')).toHaveText('Soft set');
  await expect(line(page, 3)).toHaveValue(/g powdered pectin$/);
  // The method stays: a little powder does not make it a timed boil.
  await expect(page.getByRole('combobox', { name: /^Method/ })).toHaveValue('long-boil');
  await page.keyboard.press('Control+z');
  await expect(page.getByTestId('set')).toHaveText(weak ?? '');
  await expect(line(page, 3)).toHaveValue('');
  await page.keyboard.press('Control+Shift+z');
  await expect(page.getByTestId('set')).toHaveText('Soft set');
});

test('exactly twelve half-pints are asked for, and the amounts follow', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water']);
  await page.getByLabel('Jars wanted').fill('12');
  await page.getByRole('button', { name: 'Find the amounts' }).click();
  await expect(page.getByTestId('asked')).toContainText('The amounts are changed');
  await expect(page.getByText('Most likely 12 half-pints.')).toBeVisible();
  await expect(line(page, 1)).toHaveValue(/^\d\.\d+ kg crushed damsons$/);
});

test('undo by the keyboard goes edit by edit, in the name as in the lines', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['1 kg plums', '800 g sugar']);
  await line(page, 2).fill('700 g sugar');
  const name = page.getByLabel('Batch name');
  await name.click();
  await name.press('End');
  await page.keyboard.insertText(' and more');
  await page.keyboard.press('Control+z');
  await expect(name).toHaveValue('Trial');
  await expect(line(page, 2)).toHaveValue('700 g sugar');
  await line(page, 2).click();
  await page.keyboard.press('Control+z');
  await expect(line(page, 2)).toHaveValue('800 g sugar');
  await page.keyboard.press('Control+Shift+z');
  await expect(line(page, 2)).toHaveValue('700 g sugar');
});

test('two wishes that collide are named', async ({ page, kettle }) => {
  await openBatch(page, kettle, ['2 kg crushed damsons', '1.4 kg sugar']);
  await page.getByLabel('Jars wanted').fill('2');
  await page.getByLabel('Fruit to use').fill('20');
  await page.getByRole('button', { name: 'Find the amounts' }).click();
  await expect(page.getByTestId('asked')).toContainText(
    'The jars and the fruit don’t fit together.',
  );
  await expect(line(page, 1)).toHaveValue('2 kg crushed damsons');
});

test('every method is compared on the same fruit, and one is taken', async ({ page, kettle }) => {
  await openBatch(page, kettle, ['2 kg crushed blackberries', '1.4 kg sugar']);
  await page.getByRole('tab', { name: 'Methods' }).click();
  const rows = page.getByRole('table').getByRole('row');
  await expect(rows).toHaveCount(8);
  for (const method of [
    'long boil',
    'powdered pectin',
    'liquid pectin',
    'low-methoxyl pectin',
    'gelling sugar 2:1',
  ]) {
    await expect(page.getByRole('table').getByText(method, { exact: true })).toBeVisible();
  }
  // The batch's own method is told as on its label.
  await expect(page.getByText('Working out the ranges…')).toHaveCount(0);
  const own = rows.filter({ hasText: 'long boil' });
  for (const figure of ['minutes', 'jars'])
    await expect(own).toContainText((await page.getByTestId(figure).textContent()) ?? '-');
  await page.getByRole('button', { name: 'Use the amounts for low-methoxyl pectin' }).click();
  await expect(page.getByRole('combobox', { name: /^Method/ })).toHaveValue('low-methoxyl');
  await expect(page.getByTestId('stop')).toContainText('min at a full rolling boil');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(line(page, 2)).toHaveValue('1.4 kg sugar');
});

test('less sugar shows where the set fails', async ({ page, kettle }) => {
  await openBatch(page, kettle, [
    '5 cups crushed strawberries',
    '7 cups sugar',
    '1 box powdered pectin',
  ]);
  await page.getByRole('tab', { name: 'Less sugar' }).click();
  await expect(page.getByTestId('sugar-fails')).toContainText(/Below \d+ % of the sugar/);
  await page.getByRole('slider', { name: 'Share of the sugar' }).fill('0.5');
  await expect(page.getByTestId('sugar-trial')).toContainText('50 % of the sugar, 700 g: runny');
  // What would not set is not offered; the way to less sugar is.
  await expect(page.getByRole('button', { name: 'Use this much' })).toBeDisabled();
  await expect(page.getByText('Low-sugar pectin sets without it.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Use low-sugar pectin' })).toBeVisible();
  await page.getByRole('slider', { name: 'Share of the sugar' }).fill('1.25');
  await page.getByRole('button', { name: 'Use this much' }).click();
  await expect(line(page, 2)).toHaveValue('8¾ cups sugar');
});

test('a dipstick is turned by key and by hand, and the amounts follow', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['2 kg crushed blackberries', '1.4 kg sugar']);
  await expect(page.getByTestId('diagnosis')).toBeVisible();
  const acid = page.getByTestId('gauge-acid');
  const before = Number(await acid.getAttribute('aria-valuenow'));
  await acid.focus();
  await page.keyboard.press('ArrowUp');
  await expect(line(page, 3)).toHaveValue(/g bottled lemon juice$/);
  await expect
    .poll(async () => Number(await acid.getAttribute('aria-valuenow')))
    .toBeLessThan(before);

  const pectin = page.getByTestId('gauge-pectin');
  const box = (await pectin.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  const x = box.x + box.width / 2;
  await page.mouse.move(x, box.y + box.height * 0.8);
  await page.mouse.down();
  await page.mouse.move(x, box.y + box.height * 0.5, { steps: 5 });
  await page.mouse.up();
  await expect(line(page, 4)).toHaveValue(/g powdered pectin$/);
});

test('a line is completed from the ingredient table, moved, and said anew', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['1 kg sugar']);
  await page.keyboard.press('Enter');
  await page.keyboard.type('2 kg crab');
  await expect(page.getByRole('option', { name: '2 kg crab apples' })).toBeVisible();
  await page.keyboard.press('ArrowDown');
  await page.keyboard.press('Enter');
  await expect(line(page, 2)).toHaveValue(/2 kg crab ?apples?/);
  await page.keyboard.press('Alt+ArrowUp');
  await expect(line(page, 1)).toHaveValue(/2 kg crab ?apples?/);
  await page.getByRole('button', { name: 'Details of line 1' }).click();
  await expect(page.getByText('USDA FoodData Central', { exact: false })).toBeVisible();
  await page.getByRole('slider', { name: 'Ripeness of line 1' }).fill('1');
  await expect(line(page, 1)).toHaveValue('2 kg under-ripe crab apple');
  await page.getByLabel('Form').selectOption('crushed');
  await expect(line(page, 1)).toHaveValue('2 kg under-ripe crushed crab apple');
});

test('a formula is kept as a card, kept again as a version, and a batch started from it', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['1 kg plums', '800 g sugar'], { product: 'conserve' });
  await page.getByRole('tab', { name: 'Save & share', exact: true }).click();
  await page.getByLabel('What changed in this version').fill('the first');
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(page.getByText('Saved as version 1')).toBeVisible();
  await line(page, 2).fill('700 g sugar');
  await page
    .getByRole('combobox', { name: /^Save as/ })
    .selectOption({ label: 'version 2 of Trial' });
  await page.getByLabel('What changed in this version').fill('won at the show');
  await page.getByRole('button', { name: 'Save recipe' }).click();
  await expect(page.getByText('Saved as version 2')).toBeVisible();
  const [recipe] = await kettle.send<Recipe[]>('GET', '/recipes');
  expect(recipe?.versions.map(({ note }) => note)).toEqual(['won at the show', 'the first']);

  await page.getByRole('link', { name: 'Recipes', exact: true }).click();
  await expect(page.getByText('“won at the show”')).toBeVisible();
  await page.getByLabel('Version').selectOption('1');
  await page.getByRole('link', { name: 'Start a batch from it' }).click();
  await expect(line(page, 2)).toHaveValue('800 g sugar');
  await expect(page.getByLabel('Product')).toHaveValue('conserve');
});

test('a batch goes out as a recipe file, and comes in again', async ({ page, kettle }) => {
  await openBatch(page, kettle, ['1 kg plums', '800 g sugar']);
  await page.getByRole('tab', { name: 'Save & share', exact: true }).click();
  const downloading = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Recipe (JSON-LD)' }).click();
  const file = await (await downloading).path();
  expect(JSON.parse(await readFile(file, 'utf8'))).toMatchObject({
    '@type': 'Recipe',
    recipeIngredient: ['1 kg plums', '800 g sugar'],
  });
  await page.getByLabel('Import a recipe').setInputFiles(file);
  await expect(line(page, 4)).toHaveValue('800 g sugar');
  await page.getByLabel('Import a recipe').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"@type":"Recipe","recipeIngredient":[7]}'),
  });
  await expect(page.getByRole('alert')).toContainText('recipeIngredient[0]');
  await expect(line(page, 5)).toHaveValue('');
});

test('a meter opens no pantry, and closes one above pH 4.2', async ({ page, kettle }) => {
  await openBatch(page, kettle, ['1 kg figs', '800 g sugar', '100 mL bottled lemon juice']);
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await page.getByRole('tab', { name: 'Measurements' }).click();
  await page.getByLabel(/pH of the finished spread/).fill('12');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('alert')).toContainText('Enter a number from 1.5 to 8.');
  const meter = page.getByLabel(/pH of the finished spread/);
  await meter.fill('3.9');
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('status').filter({ hasText: 'Entered the finished pH' }),
  ).toBeVisible();
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await line(page, 1).fill('1 kg plums');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await meter.fill('4.5');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await expect(page.getByText(/A meter read pH 4.50/).first()).toBeVisible();
});

test('a melon that nothing sensible mends is told what it would take, and what to make instead', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice']);
  // Ranges and remedies come from the worker, after the typical figures.
  await expect(page.getByTestId('beyond')).toContainText('low-sugar pectin', { timeout: 60_000 });
  await expect(page.getByTestId('beyond')).toContainText('none of this makes the fruit safe');
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
});
