import type { Page } from '@playwright/test';
import { HomeNetwork } from '../homeNetwork.ts';
import { dayScreens } from '../daySheet.ts';
import { bookScreens } from '../keptBook.ts';
import { cookOfBatch, expect, test, typeLines } from '../kitchen.ts';

const TABLE = { width: 1280, height: 800 };
const PASSPHRASE = 'velvet-otter-ladder-94';

let home: HomeNetwork;
test.beforeAll(async () => {
  home = await HomeNetwork.open();
  await home.server.setUpKitchen();
  await home.server.send('POST', '/sign-up', {
    household: 'Hill House',
    name: 'Ann',
    passphrase: PASSPHRASE,
  });
});
test.afterAll(() => home.close());
test.describe.configure({ timeout: 480_000 });

/** Somebody who was invited, at the table, and what was refused them. */
async function invited(role: string, name: string): Promise<{ page: Page; refused: string[] }> {
  const { code } = await home.server.send<{ code: string }>('POST', '/invites', {
    role,
    who: 'tablet',
  });
  const { page } = await home.device(TABLE);
  const refused: string[] = [];
  page.on('response', (answer) => {
    if (answer.status() === 403) refused.push(`${answer.request().method()} ${answer.url()}`);
  });
  await page.goto(`${home.address}/join/${code}`);
  await page.getByRole('textbox', { name: 'What is this tablet called?' }).fill(name);
  await page.getByRole('button', { name: 'Make this the kitchen tablet' }).click();
  await expect(page.getByRole('link', { name: 'Batches' })).toBeVisible();
  return { page, refused };
}

/** What would end the session. */
const ENDS = /Sign out/;

/** Presses everything on a page that can be pressed; answers with what that was. */
async function pressAll(page: Page, path: string): Promise<string[]> {
  const pressed: string[] = [];
  await page.goto(home.address + path);
  await expect(page.locator('main h1').first()).toBeAttached();
  for (;;) {
    const buttons = page.locator('main :is(button, summary):visible');
    const names = await buttons.evaluateAll((all) =>
      all.map((one) => one.getAttribute('aria-label') ?? one.textContent ?? ''),
    );
    const at = names.findIndex((name) => !pressed.includes(name) && !ENDS.test(name));
    if (at === -1) return pressed;
    pressed.push(names[at] ?? '');
    await buttons
      .nth(at)
      .click({ timeout: 2000, force: true })
      .catch(() => undefined);
    await page.waitForLoadState('networkidle').catch(() => undefined);
    if (new URL(page.url()).pathname !== path) await page.goto(home.address + path);
  }
}

test('a viewer sees no button that would be refused, on any screen', async () => {
  const { id, batchId } = await cookOfBatch(home.server);
  const { page, refused } = await invited('viewer', 'Vera');
  const pressed: string[] = [];
  for (const path of [
    '/',
    '/batches',
    '/shelf',
    '/shelf/stock-take',
    ...(await dayScreens(home.server)),
    '/recipes',
    '/kitchen',
    '/household',
    '/stove',
    `/batches/${batchId}`,
    `/batches/${batchId}/prepare`,
    `/cook-sessions/${id}`,
    `/cook-sessions/${id}/jars`,
    ...(await bookScreens(home.server)),
  ])
    pressed.push(...(await pressAll(page, path)));
  expect(pressed.length).toBeGreaterThan(8);
  expect(refused).toEqual([]);
});

test('a helper cooks, and is offered neither to delete nor to change the kitchen', async () => {
  const { id, batchId } = await cookOfBatch(home.server);
  const { page, refused } = await invited('helper', 'Ben');
  const pressed: string[] = [];
  for (const path of ['/', '/recipes', '/kitchen', '/household', `/batches/${batchId}/prepare`])
    pressed.push(...(await pressAll(page, path)));
  expect(pressed.filter((name) => /Delete|Change the|Remove|Forget/.test(name))).toEqual([]);
  await page.goto(`${home.address}/cook-sessions/${id}`);
  await page.getByRole('button', { name: 'Burner is on' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Bring to the boil, lid on');
  await page.goto(`${home.address}/batches/new`);
  await typeLines(page, ['2 kg crushed damsons', '1.4 kg sugar']);
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page).toHaveURL(/batches\/[0-9a-f-]{36}$/);
  expect(refused).toEqual([]);
});
