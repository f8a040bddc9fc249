import type { Locator, Page, Request } from '@playwright/test';
import type { KettleServer } from '../kettleServer.ts';
import { expect, practice, test } from '../kitchen.ts';

/** How a page asks for a cook or its log. */
const ASKS = /\/api\/cook-sessions\/[^/]+(?:\/log.*)?$/;

/**
 * Presses in one browser, and the other shows it: told by its server, without having asked. How
 * soon is measured in `./kettle bench seen`.
 */
async function toldOf(button: Locator, other: Page, shown: Locator): Promise<void> {
  await expect(other.getByTestId('delivery')).toHaveText('All saved');
  const asked: string[] = [];
  const note = (request: Request) => {
    if (request.method() === 'GET' && ASKS.test(request.url())) asked.push(request.url());
  };
  other.on('request', note);
  await button.click();
  await expect(shown).toBeVisible();
  other.off('request', note);
  expect(asked).toEqual([]);
}

const nextAct = (page: Page, text: string) =>
  page.getByTestId('next-act').filter({ hasText: new RegExp(`^${text}$`) });
const named = (page: Page, name: string) => page.getByRole('button', { name, exact: true });

test('two browsers on two servers show the same pot, and each is told what was pressed at the other', async ({
  browser,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const other = await kettle.sibling();
  try {
    const { id } = await practice(kettle, { speed: 20 });
    const open = async (server: KettleServer) => {
      const page = await (await browser.newContext()).newPage();
      const listens = page.waitForResponse(/\/live\?/);
      await page.goto(`${server.address}/cook-sessions/${id}`);
      await listens;
      await expect(page.getByTestId('delivery')).toHaveText('All saved');
      return page;
    };
    const [tablet, phone] = await Promise.all([open(kettle), open(other)]);

    const [boil, soften] = ['Bring to the boil, lid on', 'Soften the fruit, lid on'];
    await toldOf(named(tablet, 'Burner is on'), phone, nextAct(phone, boil));
    await toldOf(named(phone, 'It’s boiling'), tablet, nextAct(tablet, soften));
    await toldOf(named(phone, 'Stirred'), tablet, named(tablet, 'Undo: Stirred'));
    await toldOf(named(phone, 'Undo: Stirred'), tablet, named(tablet, 'Redo: Stirred'));

    const clock = async (page: Page) => {
      const [minutes = 0, seconds = 0] = ((await page.getByTestId('clock').textContent()) ?? '')
        .split(':')
        .map(Number);
      return minutes * 60 + seconds;
    };
    // Twenty seconds of this kitchen are one of the wall.
    await expect
      .poll(async () => {
        const [one, two] = await Promise.all([clock(tablet), clock(phone)]);
        return Math.abs(one - two);
      })
      .toBeLessThan(20);
    const shows = async (page: Page) =>
      Number.parseFloat((await page.getByText(/^now \d/).textContent())?.slice(4) ?? '');
    await expect
      .poll(async () => {
        const [one, two] = await Promise.all([shows(tablet), shows(phone)]);
        return Math.abs(one - two);
      })
      .toBeLessThan(2);

    await named(tablet, '5×').click();
    await expect(named(phone, '5×')).toHaveAttribute('aria-pressed', 'true');
  } finally {
    await other.stop();
  }
});
