/// <reference lib="dom" />
import type { Page } from '@playwright/test';

/** What was wrong after a press: what was pressed, and where the focus was then. */
type Astray = { readonly pressed: string; readonly then: string };

/** Most presses of Tab on one screen. */
const MOST_TABS = 90;
/**
 * After so many in a row that had the focus before, it has gone round: a press may put the focus a
 * little back.
 */
const MOST_SEEN = 12;
/** What asks the browser itself for something. */
const NOT_PRESSED = /^(?:PDF|Print|Save file|Choose a file|Copy)/;

/** What has the focus, and whether it had it before; null for nothing. */
const on = (page: Page) =>
  page.evaluate(() => {
    const has = document.activeElement;
    if (has === null || has === document.body) return null;
    const isNew = !has.hasAttribute('data-walked');
    has.setAttribute('data-walked', '');
    const name = (has.getAttribute('aria-label') ?? has.textContent ?? '').trim();
    return { name, isButton: has.tagName === 'BUTTON', isNew };
  });

/** What an open sheet is called for the page. */
const SHEET = 'dialog[open], [role="dialog"]';

/** Where the focus is: on something that is seen, and not behind a sheet. */
const whereIs = (page: Page) =>
  page.evaluate((sheet) => {
    const has = document.activeElement;
    if (has === null || has === document.body) return 'nowhere';
    const open = document.querySelector(sheet);
    if (open !== null && !open.contains(has)) return 'behind the sheet';
    return has.checkVisibility() ? 'somewhere' : 'on what is hidden';
  }, SHEET);

/** Waits until nothing more is drawn for a moment. */
export const settled = (page: Page): Promise<void> =>
  page.evaluate(
    () =>
      new Promise<void>((done) => {
        let quiet = setTimeout(done, 60);
        new MutationObserver(() => {
          clearTimeout(quiet);
          quiet = setTimeout(done, 60);
        }).observe(document.body, { childList: true, subtree: true });
        setTimeout(done, 2000);
      }),
  );

/** Waits until what a press led to has been drawn, and the focus has gone where it goes. */
async function focusAfter(page: Page): Promise<string> {
  await settled(page);
  for (let tries = 0; tries < 50; tries += 1) {
    const where = await whereIs(page);
    if (where === 'somewhere') return where;
    await page.waitForTimeout(100);
  }
  return whereIs(page);
}

/**
 * Goes round a screen with Tab and presses every button on the way with Enter. What opens is closed
 * again with Escape, and must give the focus back; what leads to another page must give it to
 * something there.
 * @returns what was pressed, and every press after which the focus was nowhere
 */
export async function walkByKeyboard(page: Page, url: string) {
  const astray: Astray[] = [];
  const pressed = new Set<string>();
  let seen = 0;
  for (let tabs = 0; tabs < MOST_TABS && seen < MOST_SEEN; tabs += 1) {
    await page.keyboard.press('Tab');
    const at = await on(page);
    if (at === null) break;
    seen = at.isNew ? 0 : seen + 1;
    if (!at.isButton || pressed.has(at.name) || NOT_PRESSED.test(at.name)) continue;
    pressed.add(at.name);
    await page.keyboard.press('Enter');
    const then = await focusAfter(page);
    if (then !== 'somewhere') astray.push({ pressed: at.name, then });
    if (page.url() !== url) {
      // From the start again; nothing is pressed a second time.
      await page.goto(url);
      await focusAfter(page);
    } else if (await page.locator(SHEET).first().isVisible()) {
      await page.keyboard.press('Escape');
      await focusAfter(page);
      const back = await on(page);
      if (back?.name !== at.name)
        astray.push({ pressed: `Escape, after ${at.name}`, then: back?.name ?? 'nowhere' });
    }
  }
  return { pressed: [...pressed], astray };
}
