import type { Batch } from '@idle-kettle/contract';
import type { Locator } from '@playwright/test';
import { DEMO_BATCHES, DEMO_KITCHEN } from '../../server/demo/demo.ts';
import { expect, test } from '../kitchen.ts';

const FIGURES = ['shelf', 'stop', 'set', 'jars', 'minutes', 'process'];
const SIZES = { table: [1280, 800], tablet: [820, 1180], phone: [390, 844] } as const;
/** One that is sound, one that is refused, and one of four lines. */
const NAMES = ['Hedge bramble', 'Melon for breakfast', 'Apricot and honey'];
const MOST_PHONE_SCREENS = 4;
/** A narrower pot has captions that nobody reads, px. */
const LEAST_POT = 310;

/** Whether all of it is seen without scrolling, above a height. */
async function isSeen(what: Locator, above: number): Promise<boolean> {
  const box = await what.boundingBox();
  return box !== null && box.y >= 0 && box.y + box.height <= above;
}

for (const [screen, [width, height]] of Object.entries(SIZES)) {
  for (const name of NAMES) {
    test(`${name} is read in one look at the ${screen}`, async ({ page, kettle }) => {
      await page.setViewportSize({ width, height });
      await kettle.send('PUT', '/kitchen', DEMO_KITCHEN);
      const batch = DEMO_BATCHES.find((one) => one.name === name);
      const { id } = await kettle.send<Batch>('POST', '/batches', batch);
      await page.goto(`${kettle.address}/batches/${id}`);
      await expect(page.getByTestId('diagnosis')).toBeVisible();
      await expect(page.getByText('Working out the ranges…')).toBeHidden();
      const heads = page.getByRole('tablist', { name: 'Tools' });
      const remedies = page.getByRole('list', { name: 'Ways to fix it' }).getByRole('button');
      expect(await isSeen(heads, height)).toBe(true);
      // On the phone the heads stand over the foot of the screen.
      const above = screen === 'phone' ? ((await heads.boundingBox())?.y ?? 0) : height;
      const wanted = FIGURES.map((figure) => page.getByTestId(figure));
      wanted.push(page.getByTestId('diagnosis'));
      if ((await remedies.count()) > 0) wanted.push(remedies.first());
      const seen = await Promise.all(wanted.map((what) => isSeen(what, above)));
      expect(seen).toEqual(wanted.map(() => true));
      if (screen === 'phone') {
        const tall = await page.evaluate(() => document.documentElement.scrollHeight);
        expect(tall / height).toBeLessThanOrEqual(MOST_PHONE_SCREENS);
      }
    });
  }
}

/**
 * Batches of eight lines, with how many ways of mending them there are at least, and as much to
 * mind as most ever have.
 */
const EIGHT: readonly (readonly [what: string, remedies: number, lines: readonly string[]])[] = [
  [
    'that sets',
    0,
    [
      '1.5 kg damsons',
      '500 g crushed blackberries',
      '2 apples, peeled and cored',
      '1.4 kg sugar',
      '2 tbsp bottled lemon juice',
      '1 cup water',
      '1 stick cinnamon',
      '2 tbsp brandy',
    ],
  ],
  [
    'of stone fruit that lacks acid',
    3,
    [
      '2 kg peaches, chopped',
      '500 g sweet cherries',
      '1 kg sugar',
      '200 g honey',
      '1 cup water',
      '1 tsp butter',
      '1 stick cinnamon',
      '2 tbsp brandy',
    ],
  ],
  [
    'that is refused, and lacks pectin',
    2,
    [
      '1.5 kg pineapple',
      '1 kg mangoes',
      '1.8 kg sugar',
      '2 tbsp bottled lemon juice',
      '1 cup water',
      '20 g root ginger',
      '1 tsp butter',
      '2 tbsp rum',
    ],
  ],
  [
    'of which three decide the shelf, and too large for its pot,',
    1,
    [
      '2 kg melon',
      '1 kg pears',
      '500 g figs',
      '1.4 kg sugar',
      '1 cup water',
      '1 tsp butter',
      '1 stick cinnamon',
      '2 tbsp brandy',
    ],
  ],
  [
    'that would climb out of its pot',
    0,
    [
      '4 kg plums',
      '1 kg peaches',
      '3.5 kg sugar',
      '2 tbsp lemon juice',
      '2 cups water',
      '1 tsp butter',
      '1 stick cinnamon',
      '2 tbsp brandy',
    ],
  ],
];

for (const [what, remedies, lines] of EIGHT) {
  test(`a batch of eight lines ${what} needs no scrolling at the table`, async ({
    page,
    kettle,
  }) => {
    await kettle.send('PUT', '/kitchen', DEMO_KITCHEN);
    const { id } = await kettle.send<Batch>('POST', '/batches', { name: 'Eight lines', lines });
    await page.goto(`${kettle.address}/batches/${id}`);
    await expect(page.getByTestId('diagnosis')).toBeVisible();
    await expect(page.getByText('Working out the ranges…')).toBeHidden();
    await expect(page.getByRole('button', { name: 'Find the amounts' })).toBeVisible();
    const mends = page.getByRole('list', { name: 'Ways to fix it' }).getByRole('button');
    expect(await mends.count()).toBeGreaterThanOrEqual(remedies);
    const tall = await page.evaluate(() => document.documentElement.scrollHeight);
    expect(tall).toBeLessThanOrEqual(SIZES.table[1]);
  });
}

test('between the sizes the pot stays large enough to be read, and nothing sticks out', async ({
  page,
  kettle,
}) => {
  await kettle.send('PUT', '/kitchen', DEMO_KITCHEN);
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Eight lines',
    lines: EIGHT[1]?.[2],
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  const pot = page.getByRole('group', { name: 'The pot with its four gauges' });
  for (const width of [768, 900, 1024, 1167, 1168, 1366]) {
    await page.setViewportSize({ width, height: 800 });
    await expect.poll(async () => (await pot.boundingBox())?.width ?? 0).toBeGreaterThan(LEAST_POT);
    const wide = await page.evaluate(() => document.documentElement.scrollWidth);
    expect(wide).toBeLessThanOrEqual(width);
  }
});

test('the label is turned over for the rest, and for where every figure comes from', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({ prices: [{ ingredient: 'sugar', minorPerKg: 130 }] });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Bramble',
    lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  const label = page.getByRole('region', { name: 'Label of this batch' });
  const turn = label.getByRole('button', { name: 'Details and sources' });
  await turn.focus();
  await page.keyboard.press('Enter');
  for (const figure of ['per100g', 'spoon', 'cost', 'rule-stop'])
    await expect(page.getByTestId(figure)).toBeVisible();
  const from = label.getByRole('region', { name: 'Sources' });
  await expect(from.getByRole('heading')).toHaveText([
    'Storage',
    'Cook to',
    'Set',
    'Jars',
    'Time',
    'Canner',
  ]);
  await page.keyboard.press('Enter');
  await expect(page.getByTestId('jars')).toBeVisible();
});

test('a dipstick goes to its ends by key, and says the value it is dragged to', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Bramble',
    lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  const sugar = page.getByTestId('gauge-sugar');
  const box = (await sugar.boundingBox()) ?? { x: 0, y: 0, width: 0, height: 0 };
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.4);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width / 2, box.y + box.height * 0.5);
  await expect(sugar).toHaveAttribute('aria-valuetext', /^\d+ %$/);
  await page.keyboard.press('Escape');
  await page.mouse.up();
  await sugar.focus();
  await page.keyboard.press('Home');
  await expect(page.getByText(/Changed sugar|Fix the highlighted/)).toBeVisible();
});
