import type { Recipe } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { keepBook } from '../keptBook.ts';
import { expect, test } from '../kitchen.ts';
import { PAST_READINGS, type PastReadings } from '../pastReadings.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

const causes = (page: Page) => page.getByRole('region', { name: 'What it was' });
const question = (page: Page) => page.getByRole('region', { name: 'This would tell most' });

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
  await expect(page.getByText('Of the record of Damson, thin.')).toBeVisible();
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
  await expect(remake.getByRole('region', { name: 'As printed' })).toContainText('lemon juice');
  await expect(remake.getByText(/It sets softly or firmly in \d+ of 100/)).toBeVisible();
  await expect(remake.getByRole('region', { name: 'A cup first' })).toBeVisible();
  await expect(remake).toContainText(/the whole process again: \d+ min/);
  // What to do next time is a press away.
  await page.getByRole('button', { name: 'Keep it as a recipe' }).click();
  await expect(page.getByText('Kept: version 1 of Damson, thin')).toBeVisible();
  const [recipe] = await kettle.send<Recipe[]>('GET', '/recipes');
  expect(recipe?.versions[0]?.note).not.toBe('');
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
    if (await question(page).getByText('How much air was under the lid').isVisible()) {
      await question(page).getByRole('textbox').fill('1');
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
