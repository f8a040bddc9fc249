import type { Page } from '@playwright/test';
import { expect, line, paste, test, typeLines } from '../kitchen.ts';
import { pressNext, toTheStove } from '../walk.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

const RECIPE = `Overnight apple butter
6 lb apples
2 cups sugar
2 tsp cinnamon

Method
1. Put everything in a slow cooker.
2. Cover and cook on low for 6 hours, then uncover and cook 4 hours more.
3. Keep in the fridge for up to 3 weeks.`;

const found = (page: Page) => page.getByRole('region', { name: 'From the method' });

test('what a pasted method says of heat, lid and storage is shown, and used with a press each', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/kitchen`);
  await page.getByRole('button', { name: 'Change burners' }).click();
  await page.getByRole('button', { name: 'Add a burner' }).click();
  await page.getByLabel('Type').last().selectOption('slow-cooker-low');
  await page.getByRole('button', { name: 'Save' }).click();
  await page.getByRole('link', { name: 'Batches' }).click();
  await page.getByRole('link', { name: 'Start a batch' }).first().click();
  await line(page, 1).click();
  await paste(page, RECIPE);
  await expect(found(page).getByRole('listitem')).toHaveCount(3);
  await expect(found(page)).toContainText('Cover and cook on low for 6 hours');
  await found(page).getByRole('button', { name: 'Use: Cook in the slow cooker on low' }).click();
  await found(page).getByRole('button', { name: 'Use: Lid on for 6 h' }).click();
  await found(page).getByRole('button', { name: 'Use: Store in: Fridge' }).click();
  await expect(found(page).getByText('Used')).toHaveCount(3);
  await expect(page.getByLabel('Burner')).toHaveValue(/./);
  await expect(page.getByTestId('shelf')).toHaveText(/^Fridge/);
  await expect(page.getByRole('region', { name: /^Label/ })).toContainText('6 h with the lid on');
  // Undone like any other change, and then there to be used again.
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(found(page).getByText('Used')).toHaveCount(2);
  await found(page).getByRole('button', { name: 'Close what the method says' }).click();
  await expect(found(page)).toHaveCount(0);
});

test('with a box of pectin honey takes the place of half the sugar at most, with a press', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['5 cups crushed strawberries', '1 box powdered pectin', '7 cups honey']);
  await page.getByRole('button', { name: 'Use honey for half of it, sugar for the rest' }).click();
  await expect(line(page, 3)).toHaveValue(/honey/);
  await expect(line(page, 4)).toHaveValue(/sugar/);
});

test('several lines pasted into a written one come after it, and join nothing', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['1 kg plums']);
  await line(page, 1).click();
  await page.keyboard.press('End');
  await paste(page, 'Plum jam\n800 g sugar\n1 lemon');
  await expect(line(page, 1)).toHaveValue('1 kg plums');
  await expect(line(page, 2)).toHaveValue('800 g sugar');
  await expect(line(page, 3)).toHaveValue('1 lemon');
});

test('a pot that left the heat far too soon is told at the jars, with what it is now', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg crushed damsons', '1.4 kg sugar']);
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  await toTheStove(page);
  await expect(async () => {
    await pressNext(page);
    expect(page.url()).toMatch(/\/jars$/);
  }).toPass({ intervals: [300] });
  await expect(page.getByTestId('stopped-far')).toContainText(/soluble solids/);
});

test('a kind that nobody knows opens the pantry once it is confirmed, and is remembered', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['1 kg Zorp plums', '900 g sugar']);
  await expect(page.getByTestId('shelf')).toHaveText(/^Fridge only/);
  await expect(page.getByTestId('jars')).toContainText('half-pint');
  await page.getByRole('button', { name: 'Yes, it’s plum (line 1)' }).click();
  await expect(page.getByTestId('shelf')).toHaveText(/^Pantry/);
  await page.reload();
  await expect(page.getByTestId('shelf')).toHaveText(/^Pantry/);
  await line(page, 1).fill('1 kg raspberies');
  await expect(page.getByTestId('shelf')).toHaveText(/^Fridge only/);
  await page.getByRole('button', { name: 'Write it as “1 kg raspberries” (line 1)' }).click();
  await expect(line(page, 1)).toHaveValue('1 kg raspberries');
  await expect(page.getByTestId('shelf')).toHaveText(/^Pantry/);
});

test('a named formula beyond our limits is by its source: on the label, at the jars, never green', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<{ id: string }>('POST', '/batches', {
    name: 'Plum and mint',
    lines: ['2 kg plums', '1.6 kg sugar', '100 g mint leaves'],
    settings: {
      assurance: { testedFormula: 'County bulletin plum and mint', source: 'page 12', minutes: 5 },
    },
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(page.getByTestId('shelf')).toHaveText(/^By its source, 12 months/);
  await expect(page.getByTestId('shelf')).toHaveClass(/text-secondary/);
  await expect(page.getByRole('region', { name: 'Label of this batch' })).toContainText(
    'As printed in “County bulletin plum and mint”, from page 12',
  );
  // The printed five minutes are fewer than our own table gives, and ours count.
  await expect(page.getByTestId('process')).toHaveText(/^10 min/);
  await page.goto(`${kettle.address}/batches/${id}/jars`);
  await expect(page.getByTestId('keeping')).toHaveAttribute('data-verdict', 'by-source');
  await expect(page.getByTestId('stated')).toContainText('page 12');
});
