/// <reference lib="dom" />
import type { Batch } from '@idle-kettle/contract';
import type { Page } from '@playwright/test';
import { bookScreens } from '../keptBook.ts';
import { settled, walkByKeyboard } from '../keyboardWalk.ts';
import { cookOfBatch, expect, line, practice, test } from '../kitchen.ts';
import type { KettleServer } from '../kettleServer.ts';

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

const DAMSON = { name: 'Damson', lines: ['2 kg damsons', '1.4 kg sugar', '2 tbsp zorp'] };

/** Every screen with something on it. */
async function screens(kettle: KettleServer): Promise<string[]> {
  const { id } = await kettle.send<Batch>('POST', '/batches', DAMSON);
  const cook = await cookOfBatch(kettle);
  const own = await practice(kettle);
  return [
    '/batches/new',
    `/batches/${id}`,
    `/batches/${id}/prepare`,
    `/batches/${id}/stove`,
    `/cook-sessions/${own.id}`,
    `/cook-sessions/${cook.id}/jars`,
    '/kitchen',
    '/recipes',
    '/stove',
    '/',
    '/batches',
    '/shelf',
    '/shelf/stock-take',
    ...(await bookScreens(kettle)),
  ].map((path) => `${kettle.address}${path}`);
}

test('by Tab and Enter alone, every press on every screen leaves the focus somewhere', async ({
  page,
  kettle,
}) => {
  test.setTimeout(480_000);
  let presses = 0;
  for (const url of await screens(kettle)) {
    await page.goto(url);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await settled(page);
    const { pressed, astray } = await walkByKeyboard(page, url);
    expect([url, astray]).toEqual([url, []]);
    presses += pressed.length;
  }
  expect(presses).toBeGreaterThan(60);
});

/** What is pressed on a phone, and is no fingertip wide and high. */
const tooSmall = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary')]
      .filter(
        (one) =>
          one.checkVisibility({ visibilityProperty: true }) && one.closest('.sr-only') === null,
      )
      .map((one) =>
        one.matches('[type=checkbox], [type=radio]') ? (one.closest('label') ?? one) : one,
      )
      // A card is pressed anywhere.
      .filter((one) => getComputedStyle(one, '::after').position !== 'absolute')
      .map((one) => ({ one, box: one.getBoundingClientRect() }))
      .filter(({ box }) => box.width > 0 && Math.min(box.width, box.height) < 43.5)
      .map(({ one, box }) => `${one.outerHTML.slice(0, 90)} ${box.width}×${box.height}`),
  );

test('on a phone everything that is pressed is a fingertip wide and high', async ({
  page,
  kettle,
}) => {
  await page.setViewportSize({ width: 390, height: 800 });
  for (const url of await screens(kettle)) {
    await page.goto(url);
    await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
    await expect.poll(() => tooSmall(page)).toEqual([]);
  }
});

/** Notes, from now on, whatever the live regions of the page say. */
const listen = (page: Page) =>
  page.evaluate(() => {
    const heard: string[] = [];
    Object.assign(window, { heard });
    const said = new WeakMap<Element, string>();
    const live = '[role="status"], [role="alert"], [aria-live]:not([aria-live="off"])';
    const look = () => {
      for (const region of document.querySelectorAll(live)) {
        const text = (region.textContent ?? '').trim().replace(/\s+/g, ' ');
        if (text !== (said.get(region) ?? '') && text !== '') heard.push(text);
        said.set(region, text);
      }
    };
    look();
    heard.length = 0;
    new MutationObserver(look).observe(document.body, {
      childList: true,
      subtree: true,
      characterData: true,
    });
  });
const heard = (page: Page) =>
  page.evaluate(() => (window as unknown as { readonly heard: readonly string[] }).heard);

test('what a line is taken for, what is not understood, undone and saved is said once, in order', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await line(page, 1).click();
  await listen(page);
  await page.keyboard.type('2 kg Bramley apples');
  await page.keyboard.press('Enter');
  const kind = 'line 1: “Bramley” counts as a kind of apple.';
  await expect.poll(() => heard(page)).toEqual([kind]);
  await page.keyboard.type('1 kg zorp');
  await page.keyboard.press('Enter');
  await expect.poll(async () => (await heard(page)).length).toBe(2);
  await page.getByRole('button', { name: 'Delete line 2' }).click();
  await page.getByRole('button', { name: 'Undo', exact: true }).click();
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  // It saves itself from now on, and says nothing more of it.
  await line(page, 1).fill('3 kg Bramley apples');
  await expect(page.getByTestId('save-state')).not.toContainText('Saved');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  expect(await heard(page)).toEqual([
    kind,
    'line 2: “zorp” isn’t a known ingredient yet.',
    'Deleted “1 kg zorp”.',
    'Undone: “1 kg zorp” is back.',
    'Saved',
  ]);
});

test('at the stove what is next is said, and no clock, count or reading', async ({
  page,
  kettle,
}) => {
  // Slow enough that a busy machine is no minute without a reading.
  const { id } = await practice(kettle, { speed: 5 });
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  const next = page.getByTestId('press');
  await expect(next).toHaveText('Burner is on');
  await listen(page);
  await next.click();
  await expect(next).not.toHaveText('Burner is on');
  await page.waitForTimeout(6000);
  const said = await heard(page);
  expect(said.length).toBeGreaterThan(0);
  expect(new Set(said).size).toBe(said.length);
  expect(
    said.filter((text) => /\d:\d\d|\d \w+ entries|Sending|All saved|\d+\.\d °/.test(text)),
  ).toEqual([]);
});

/** What Tab goes to, in its order, by name. */
const order = (page: Page) =>
  page.evaluate(() =>
    [...document.querySelectorAll<HTMLElement>('a[href], button, input, select, textarea, summary')]
      .filter((one) => one.tabIndex >= 0 && one.checkVisibility())
      .map((one) => one.getAttribute('aria-label') ?? one.textContent ?? '')
      .filter((name) => name !== ''),
  );

test('what loads late comes between, and moves nothing that Tab went to', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', DAMSON);
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(line(page, 3)).toBeVisible();
  const early = await order(page);
  await expect(page.getByTestId('set')).toBeVisible();
  const late = await order(page);
  let from = 0;
  for (const name of early) {
    const at = late.indexOf(name, from);
    expect([name, at]).toEqual([name, expect.any(Number)]);
    expect(at).toBeGreaterThanOrEqual(0);
    from = at + 1;
  }
});
