import type { BatchSummary, Recipe } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { keepBook } from '../keptBook.ts';
import { expect, openBatch, test } from '../kitchen.ts';
import { PAST_READINGS, type PastReadings } from '../pastReadings.ts';
import { cook, putUp, toTheStove } from '../walk.ts';

test.describe.configure({ timeout: 300_000 });

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

const causes = (page: Page) => page.getByRole('region', { name: 'What probably happened' });
const question = (page: Page) => page.getByRole('region', { name: 'This would help most' });

test('a soft batch is followed from the Book to its cause, and to what makes it set', async ({
  page,
  kettle,
}) => {
  const [ids] = await keepBook(kettle, [
    {
      name: 'Damson, thin',
      lines: ['2 kg crushed damsons', '1.4 kg sugar'],
      daysAgo: 9,
      // Its thermometer was in the drawer.
      log: { ...(PAST_READINGS[0] as PastReadings), readings: [] },
      outcome: { set: 'loose' },
    },
  ]);
  await page.goto(`${kettle.address}/book/${ids?.cook}`);
  await page.getByRole('link', { name: 'What went wrong?' }).click();
  await expect(page.getByText('From the record of Damson, thin.')).toBeVisible();
  await page.getByRole('button', { name: 'It did not set' }).click();
  await expect(causes(page).getByRole('listitem').first()).toBeVisible();
  // What is answered counts, and can be taken back.
  await expect(question(page)).toBeVisible();
  const first = await question(page).getByRole('textbox').getAttribute('id');
  await question(page).getByRole('textbox').fill('far too much');
  await question(page).getByRole('button', { name: 'Answer' }).click();
  await expect(question(page)).toContainText(/A number from/);
  await question(page).getByRole('button', { name: 'I don’t know' }).click();
  await expect(page.locator(`[id="${first}"]`)).toHaveCount(0);
  const remake = page.getByRole('region', { name: 'Make it again' });
  await expect(remake.getByRole('region', { name: 'Printed amounts' })).toContainText(
    'lemon juice',
  );
  await expect(remake.getByText(/Sets soft or firm in \d+ of 100/)).toBeVisible();
  await expect(remake.getByRole('region', { name: 'Try a cup first' })).toBeVisible();
  await expect(remake).toContainText(/the whole process again: \d+ min/);
  // What to do next time is a press away.
  await page.getByRole('button', { name: 'Save as a recipe' }).click();
  await expect(page.getByText('Saved: version 1 of Damson, thin')).toBeVisible();
  const [recipe] = await kettle.send<Recipe[]>('GET', '/recipes');
  expect(recipe?.versions[0]?.note).not.toBe('');
  // A cup that runs is no way on; one that wrinkles is.
  await remake.getByRole('button', { name: 'It runs' }).click();
  await expect(remake.getByText(/this isn’t enough/)).toBeVisible();
  await expect(remake.getByRole('button', { name: /Make all of it/ })).toHaveCount(0);
  await remake.getByRole('button', { name: 'It wrinkles' }).click();
  await remake.getByRole('button', { name: 'Make all of it again' }).dblclick();
  await page.waitForURL(/\/batches\/[^/]+$/);
  await expect(page.getByLabel('Batch name')).toHaveValue('Damson, thin, made again');
  const jars = page.getByRole('region', { name: 'From the jars' });
  await expect(jars).toContainText('goes back into the pot');
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
  const batches = await kettle.send<BatchSummary[]>('GET', '/batches');
  expect(batches.filter(({ name }) => name === 'Damson, thin, made again')).toHaveLength(1);
  await page.getByRole('link', { name: 'Prepare' }).first().click();
  await expect(page.getByRole('region', { name: 'Run sheet' })).toContainText('Empty the jars');
  await page.goBack();
  await toTheStove(page);
  await cook(page, kettle);
  await putUp(page, kettle);
  await expect(page.getByTestId('places')).toContainText('pantry');
  // Each names the other.
  await page.goto(`${kettle.address}/book/${ids?.cook}`);
  await page.getByRole('link', { name: 'Made again as Damson, thin, made again' }).click();
  await page.getByRole('link', { name: 'Its record in the Book' }).click();
  await expect(page.getByRole('heading', { name: 'Damson, thin', exact: true })).toBeVisible();
});

test('a jar that siphoned is followed from the board to its cause, and what to do with it', async ({
  page,
  kettle,
}) => {
  await openBatch(page, kettle, ['2 kg crushed damsons', '1.4 kg sugar']);
  await toTheStove(page);
  await cook(page, kettle);
  await putUp(page, kettle, 'press');
  await page.getByRole('button', { name: /^half-pint 1:/ }).click();
  await page.getByRole('button', { name: 'Lost liquid' }).click();
  await page.getByRole('link', { name: /went wrong/ }).click();
  await page.getByRole('button', { name: 'Jars lost liquid' }).click();
  await expect(page.getByText(/^From the record of/)).toBeVisible();
  // Its log knows how long it rested: that is not asked.
  await expect(question(page)).not.toContainText('rest after the heat was off');
  for (let asked = 0; asked < 8; asked += 1) {
    if ((await question(page).count()) === 0) break;
    if (await question(page).getByText('How much space was under the lid').isVisible()) {
      await question(page).getByRole('textbox').fill('0.04');
      await question(page).getByRole('button', { name: 'Answer' }).click();
    } else await question(page).getByRole('button', { name: 'I don’t know' }).click();
  }
  await expect(causes(page).getByRole('listitem').first()).toContainText('The jars were too full');
  await expect(page.getByRole('region', { name: 'What to do now' })).toContainText('Eat it first');
  await expect(page.getByRole('region', { name: 'Make it again' })).toHaveCount(0);
});

test('a jar that lost liquid is asked about until its cause is plain; an answer is taken back', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/trouble`);
  await page.getByRole('button', { name: 'Jars lost liquid' }).click();
  const share = causes(page).locator('[data-cause=overfilled]').getByText(/%/).first();
  const before = await share.innerText();
  for (let asked = 0; asked < 8; asked += 1) {
    if ((await question(page).count()) === 0) break;
    if (await question(page).getByText('How much space was under the lid').isVisible()) {
      await question(page).getByRole('textbox').fill('0.04');
      await question(page).getByRole('button', { name: 'Answer' }).click();
      break;
    }
    await question(page).getByRole('button', { name: 'I don’t know' }).click();
  }
  await expect(causes(page).getByRole('listitem').first()).toContainText('The jars were too full');
  expect(await share.innerText()).not.toBe(before);
  await page.getByRole('button', { name: /^Undo:/ }).click();
  await expect(share).toHaveText(before);
});

test('a mouldy one ends in the bin, whatever is said of it', async ({ page, kettle }) => {
  await page.goto(`${kettle.address}/trouble?symptom=mould`);
  await expect(page.getByRole('alert')).toContainText('Throw it away. Do not taste it.');
  await expect(page.getByRole('region', { name: 'What to do now' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Something else' }).click();
  await page.getByRole('button', { name: 'The color faded' }).click();
  await expect(page.getByRole('alert')).toHaveCount(0);
});
