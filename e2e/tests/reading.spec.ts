import { textOf } from '@idle-kettle/words';
import { formatGrams, type PlanLine } from '@idle-kettle/core';
import type { Page } from '@playwright/test';
import { answerOf } from '../cli.ts';
import { expect, flagged, line, paste, test, typeLines } from '../kitchen.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

const grams = (page: Page, number: number) =>
  page.getByRole('listitem').filter({ has: line(page, number) });

const MESSY = `Hedgerow jam
1 kg Old Codlin, peeled and cored
2-1/2 cups blackberries (about 12 oz)
12 oz bag cranberries
3 cups grape or cherry tomatoes
2 kg plums, 1 kg pumpkin
juice of 2–3 lemons
6 Bramley apples, unpeeled
1.75 oz box powdered pectin
200 g sugar, brown
1 cup sugar or honey
500 g blackberries\u2028250 g raspberries
a knob of butter`;

test('of a messy recipe three lines are asked about, and each is mended with a press', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await line(page, 1).click();
  await paste(page, MESSY);
  await expect(line(page, 13)).toHaveValue('a knob of butter');
  await expect(line(page, 12)).toHaveValue('250 g raspberries');
  await expect(flagged(page)).toHaveCount(3);
  await expect(grams(page, 3)).toContainText('340 g');

  // The words that stand in the way are marked, and each line says what may be meant.
  await expect(grams(page, 5).locator('mark')).toHaveText('pumpkin');
  await page.getByRole('button', { name: 'Read line 5 as 2 kg plums, and 1 kg pumpkin' }).click();
  await expect(line(page, 5)).toHaveValue('2 kg plums');
  await expect(line(page, 6)).toHaveValue('1 kg pumpkin');
  await expect(page.getByTestId('shelf')).toContainText('Fridge');
  await page.getByRole('button', { name: 'Read line 11 as 1 cup sugar' }).click();
  await expect(line(page, 11)).toHaveValue('1 cup sugar');
  await expect(flagged(page)).toHaveCount(1);

  // A name that nobody told us of is taught once.
  await page.getByRole('button', { name: 'Teach “Old Codlin”' }).click();
  const what = page.getByLabel('“Old Codlin” is our');
  await what.fill('zorp');
  await expect(page.getByText('“zorp” isn’t an ingredient in the list.')).toBeVisible();
  await expect(page.getByRole('button', { name: 'Teach' })).toBeDisabled();
  await what.fill('apple');
  await what.press('Enter');
  await expect(flagged(page)).toHaveCount(0);
  await expect(grams(page, 1)).toContainText('860 g');
  await expect(page.getByText('“Old Codlin” is apple in this kitchen.')).toBeVisible();

  // It is kept with the kitchen, where it came from, and can be forgotten there.
  await page.goto(`${kettle.address}/kitchen`);
  await expect(page.getByText('from “1 kg Old Codlin, peeled and cored”')).toBeVisible();
  await page.getByRole('button', { name: 'Delete Old Codlin' }).click();
  await expect(page.getByText('None yet.')).toBeVisible();
  await page.goto(`${kettle.address}/batches/new`);
  await expect(flagged(page)).toHaveCount(1);
});

test('a line reads the same typed, pasted, as JSON-LD, on the command line and over the API', async ({
  page,
  kettle,
}) => {
  const lines = [
    '2-1/2 cups sugar',
    '12 oz bag cranberries',
    '3–4 quinces (about 1 kg), peeled and cored',
    '2 kg ripe white peaches',
    'juice of 2–3 lemons',
    '2 kg plums, 1 kg pumpkin',
    '3 cups grape or cherry tomatoes',
  ];
  const { lines: read } = await answerOf<{ lines: PlanLine[] }>('read', lines.join('\n'));
  expect(await kettle.send('POST', '/read', { lines })).toEqual({ lines: read });
  const planned = await kettle.send<{ lines: PlanLine[] }>('POST', '/plan', { lines, draws: 0 });
  expect(planned.lines).toEqual(read);

  const json = JSON.stringify({ '@type': 'Recipe', name: 'Same', recipeIngredient: lines });
  for (const how of ['typed', `Ingredients\n${lines.join('\n')}`, json]) {
    await page.goto(`${kettle.address}/batches/new`);
    await page.evaluate(() => localStorage.clear());
    await page.reload();
    if (how === 'typed') await typeLines(page, lines);
    else {
      await line(page, 1).click();
      await paste(page, how);
    }
    for (const [index, { text, massG, trouble }] of read.entries()) {
      await expect(line(page, index + 1)).toHaveValue(text);
      await expect(grams(page, index + 1)).toContainText(
        textOf(trouble ?? formatGrams(massG ?? NaN)),
      );
    }
  }
});

test('what is typed is kept, however soon something else follows it', async ({ page, kettle }) => {
  await page.goto(`${kettle.address}/batches/new`);
  await line(page, 1).click();
  /** A line is written and something is done to it before anything of that can be painted. */
  const writeAnd = (at: number, text: string, then: 'Enter' | 'blur' | 'reload') =>
    page.evaluate(
      ({ at, text, then }) => {
        const area = document.querySelector<HTMLTextAreaElement>(`[data-line="${at - 1}"]`);
        if (area === null) throw new Error('There is no such line');
        area.setRangeText(text, 0, area.value.length, 'end');
        area.dispatchEvent(new InputEvent('input', { bubbles: true }));
        if (then === 'blur') area.blur();
        else if (then === 'reload') location.reload();
        else
          area.dispatchEvent(
            new KeyboardEvent('keydown', { key: then, bubbles: true, cancelable: true }),
          );
      },
      { at, text, then },
    );
  await writeAnd(1, '2 kg plums', 'Enter');
  await expect(line(page, 2)).toBeFocused();
  await writeAnd(2, '1.6 kg sugar', 'blur');
  await expect(line(page, 3)).toHaveValue('');
  await expect(line(page, 1)).toHaveValue('2 kg plums');
  await expect(line(page, 2)).toHaveValue('1.6 kg sugar');
  await expect(page.getByTestId('jars')).toContainText('half-pint');
  await writeAnd(2, '1.7 kg sugar', 'reload');
  await expect(line(page, 2)).toHaveValue('1.7 kg sugar');
});

test('Enter goes to the blank line that is there, and no blank line is left behind', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg plums', '1.6 kg sugar']);
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await page.keyboard.press('Enter');
  await expect(line(page, 3)).toBeFocused();
  await expect(line(page, 4)).toHaveCount(0);

  await line(page, 1).click();
  await page.keyboard.press('Enter');
  await expect(line(page, 2)).toHaveValue('');
  await page.keyboard.press('ArrowDown');
  await expect(line(page, 2)).toHaveValue('1.6 kg sugar');
  await expect(line(page, 2)).toBeFocused();
  await expect(line(page, 4)).toHaveCount(0);
});

test('a name that cannot be kept says so, and what was typed stays', async ({ page, kettle }) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg Old Codlin']);
  await page.getByRole('button', { name: 'Teach “Old Codlin”' }).click();
  await page.getByLabel('“Old Codlin” is our').fill('apple');
  await page.route('**/api/kitchen/names', (route) => route.abort());
  await page.getByRole('button', { name: 'Teach' }).click();
  await expect(page.getByRole('alert')).toContainText('Not saved.');
  await expect(page.getByLabel('“Old Codlin” is our')).toHaveValue('apple');
  await page.unroute('**/api/kitchen/names');
  await page.getByRole('button', { name: 'Teach' }).click();
  await expect(flagged(page)).toHaveCount(0);
});

test('the line that decides the shelf is marked, and the way back opens the pantry with a press', async ({
  page,
  kettle,
}) => {
  const batch = await kettle.send<{ id: string }>('POST', '/batches', {
    name: 'Pepper jelly',
    lines: [
      '500 g sweet peppers',
      '2 cloves garlic',
      '100 ml cider vinegar',
      '1 kg sugar',
      '1 pouch liquid pectin',
    ],
    settings: { product: 'pepper-jelly' },
  });
  await page.goto(`${kettle.address}/batches/${batch.id}`);
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');
  await expect(grams(page, 1)).toContainText('Decides the storage.');
  await expect(grams(page, 1)).toContainText('3.6 oz to 1 lb 1.9 oz of peppers');
  await expect(grams(page, 2)).toContainText('Joined with the line above.');
  await expect(grams(page, 3)).not.toContainText('Decides the storage.');
  await page.getByTestId('way-back').click();
  await expect(line(page, 6)).toHaveValue('125 g vinegar');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await expect(page.getByTestId('way-back')).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('shelf')).toContainText('Fridge only');

  // What has no safe process has no way back.
  await line(page, 6).fill('150 g pumpkin');
  await expect(grams(page, 6)).toContainText('no safe home-canning process');
  await expect(page.getByTestId('way-back')).toHaveCount(0);
});
