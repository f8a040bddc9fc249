import type { Page } from '@playwright/test';
import { nothingSerious } from '../everyScreen.ts';
import { expect, test } from '../kitchen.ts';

test('axe finds nothing serious on any screen, in the light and in the dark', ({ page, kettle }) =>
  nothingSerious(page, kettle));

test('a batch is made with the keyboard alone', async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  await page.goto(kettle.address);
  const tabTo = async (name: string) => {
    for (let presses = 0; presses < 40; presses++) {
      await page.keyboard.press('Tab');
      const label = await page.evaluate(
        () =>
          document.activeElement?.getAttribute('aria-label') ??
          document.activeElement?.textContent ??
          '',
      );
      if (label.includes(name)) return;
    }
    throw new Error(`Tab never reached ${name}`);
  };
  await expect(page.getByRole('link', { name: 'Start a batch' })).toBeVisible();
  await tabTo('Start a batch');
  await page.keyboard.press('Enter');
  await expect(page.getByLabel('Line 1', { exact: true })).toBeVisible();
  await tabTo('Line 1');
  await page.keyboard.type('2 kg damsons');
  await page.keyboard.press('Enter');
  await page.keyboard.type('1.8 kg sugar');
  await page.keyboard.press('ArrowUp');
  await expect(page.getByLabel('Line 1', { exact: true })).toBeFocused();
  await tabTo('Save batch');
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
});

test('Tab reaches everything on Balance that can be pressed or written in, whichever bench is open', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await kettle.send<{ id: string }>('POST', '/batches', {
    name: 'Damson',
    lines: ['2 kg damsons', '1.4 kg sugar', '30 g butter'],
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(page.getByTestId('set')).toBeVisible();
  for (const bench of [
    'Targets',
    'Methods',
    'Less sugar',
    'Gel map',
    'Measurements',
    'Save & share',
  ]) {
    const tab = page.getByRole('tab', { name: bench, exact: true });
    await expect(tab).toHaveAttribute('aria-selected', 'true');
    await expect.poll(() => missedByTab(page), { timeout: 60_000 }).toEqual([]);
    await tab.focus();
    await page.keyboard.press('ArrowRight');
  }
});

/** What can be pressed or written in, and is not reached by going once round with Tab. */
async function missedByTab(page: Page): Promise<string[]> {
  await page.evaluate(() => {
    document
      .querySelectorAll('[data-reached]')
      .forEach((one) => one.removeAttribute('data-reached'));
    (document.activeElement as HTMLElement | null)?.blur();
    window.getSelection()?.removeAllRanges();
  });
  for (let presses = 0; presses < 250; presses += 1) {
    await page.keyboard.press('Tab');
    const again = await page.evaluate(() => {
      const on = document.activeElement;
      if (on === null || on === document.body) return false;
      const seen = on.hasAttribute('data-reached');
      on.setAttribute('data-reached', '');
      return seen;
    });
    if (again) break;
  }
  return page.evaluate(() =>
    [
      ...document.querySelectorAll<HTMLElement>(
        'a[href], button, input, select, textarea, summary, [tabindex="0"]',
      ),
    ]
      .filter(
        (one) =>
          one.tabIndex >= 0 &&
          one.checkVisibility() &&
          !one.matches(':disabled, [data-reached]') &&
          // Of a group of choices Tab reaches the one that is chosen; arrows do the rest.
          !(one instanceof HTMLInputElement && one.type === 'radio' && !one.checked),
      )
      .map((one) => one.outerHTML.slice(0, 120)),
  );
}
