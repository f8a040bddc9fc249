import type { Batch, BatchSummary, Kitchen } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import type { Page } from '@playwright/test';
import { JarLog } from '../../core/test/jarLog.ts';
import { REFUSED } from '../../core/test/refused.ts';
import { seriousFaults } from '../axe.ts';
import { expect, fitsWidth, go, test } from '../kitchen.ts';
import { codesIn, drawn } from '../paper.ts';
import { listen } from '../speech.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

const HOUR_MS = 3_600_000;

const JARS = [
  { name: 'half-pint', volumeMl: 237, count: 20, lids: 12 },
  { name: 'quarter-pint', volumeMl: 118, count: 4 },
];

const next = (page: Page) => page.getByTestId('next-call');
const press = (page: Page) => page.getByTestId('press').click();
const state = (page: Page, jar: string) => page.getByTestId(`jar-${jar}`);

/** Closes what is filled of a size, with the four steps. */
async function close(page: Page, size: string): Promise<void> {
  const row = page.getByTestId(`row-${size}`);
  for (const step of ['Remove bubbles', 'Wipe rims', 'Lids on', 'Bands fingertip-tight'])
    await row.getByRole('button', { name: step }).click();
}

test('from off the heat to labelled, sealed jars: one fails and is processed again, one is for the fridge; servers die and pages reload between', async ({
  page,
  kettle,
}) => {
  test.setTimeout(480_000);
  await kettle.setUpKitchen({ jars: JARS });
  const { id: batchId } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Damson',
    lines: ['2 kg damsons', '1.4 kg sugar'],
  });
  const said = await listen(page);
  await page.goto(`${kettle.address}/batches/${batchId}/jars`);
  await page.waitForURL(/\/cook-sessions\/.*\/jars$/);
  await expect(next(page)).toContainText('Fill the jars now');
  await page.getByRole('button', { name: 'Speak' }).click();
  await expect.poll(said).toContain('Fill the jars now');

  // What is really in the pot, and the packing that follows.
  await page.getByRole('button', { name: 'Measure…' }).click();
  await page.getByLabel('In the pot now, cups').fill('8.31');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByTestId('row-1')).toContainText('about 8 to go');
  await page.getByTestId('row-1').getByRole('button', { name: 'One filled' }).click();
  await expect(page.getByTestId('row-1')).toContainText('1 filled, about 7 to go');
  await page.getByRole('button', { name: 'All 7', exact: true }).click();

  const jars = page.url();
  // The server dies with a jar just filled; the page goes on, and is loaded anew.
  await kettle.stop('SIGKILL');
  await page.getByRole('button', { name: /^Put the last .* for the fridge$/ }).click();
  await close(page, '1');
  await expect(page.getByTestId('delivery')).toContainText('kept here until the server is back');
  await page.reload().catch(() => undefined);
  await kettle.start();
  await page.goto(jars);
  await expect(page.getByTestId('delivery')).toHaveText('All saved');
  await expect(state(page, '1.8')).toHaveAttribute('data-state', 'closed');
  await expect(state(page, '2.1')).toHaveAttribute('data-state', 'filled');

  // The part jar to the fridge; seven into the canner, and one waits.
  await page.getByRole('button', { name: 'In the fridge' }).click();
  await expect(state(page, '2.1')).toHaveAttribute('data-state', 'fridge');
  await expect(next(page)).toContainText('7 half-pints into the canner');
  await press(page);
  await press(page);
  await expect(next(page)).toContainText('Up to a full rolling boil');
  await press(page);
  await expect(next(page)).toContainText('Keep boiling for 10 minutes');
  await expect(page.getByTestId('clock')).toContainText('9:5');
  await press(page);
  await expect(page.getByRole('alert')).toContainText('minutes are left');
  await page.getByRole('button', { name: 'Keep it boiling' }).click();
  await page.getByRole('button', { name: 'It lost the boil' }).click();
  await expect(next(page)).toContainText('the whole 10 minutes start again');
  await press(page);
  await expect(page.getByTestId('clock')).toContainText('9:5');

  // The clock runs on while the server is dead, and through a reload: ten minutes later it is time.
  kettle.aheadMs = 10.1 * 60_000;
  await kettle.stop('SIGKILL');
  await kettle.start();
  await page.reload();
  await expect(next(page)).toContainText('Time’s up: heat off');
  await expect.poll(said).toContain('Time’s up. Time’s up: heat off, canner');
  await press(page);
  await expect(next(page)).toContainText('Lid off, let them rest');
  await expect(page.getByTestId('delivery')).toHaveText('All saved');
  await kettle.letGoBy(5.1 * 60_000);
  await page.reload();
  await expect(next(page)).toContainText('Lift the jars straight out');
  await press(page);
  // The eighth waits no longer: into the fridge with it.
  await page.getByRole('button', { name: 'Into the fridge instead' }).click();
  await expect(next(page)).toContainText('Leave them to cool');

  // The next day.
  kettle.aheadMs += 14 * HOUR_MS;
  await kettle.stop();
  await kettle.start();
  await page.reload();
  await expect(next(page)).toContainText('Press every lid');
  await state(page, '1.7').click();
  await page.getByRole('button', { name: 'Not sealed', exact: true }).click();
  await state(page, '1.3').click();
  await page.getByRole('button', { name: 'Lost liquid' }).click();
  await page.getByRole('button', { name: 'All 6 sealed' }).click();
  await expect(next(page)).toContainText('Half-pint 7 did not seal');
  await press(page);
  await expect(next(page)).toContainText('1 half-pint into the canner');
  await press(page);
  await page.getByRole('button', { name: 'It’s at a rolling boil' }).click();
  await expect(page.getByTestId('delivery')).toHaveText('All saved');
  await kettle.letGoBy(10.1 * 60_000);
  await page.reload();
  await expect(next(page)).toContainText('Time’s up: heat off');
  await press(page);
  await expect(page.getByTestId('delivery')).toHaveText('All saved');
  await kettle.letGoBy(5.1 * 60_000);
  await page.reload();
  await expect(next(page)).toContainText('Lift the jars straight out');
  await press(page);
  await state(page, '1.7').click();
  await page.getByRole('button', { name: 'Sealed', exact: true }).click();

  // Labels: the file that is shown is the file that is kept, and its codes lead to the batch.
  await expect(next(page)).toContainText('Bands off, wash and label');
  await page.getByRole('button', { name: 'Labels…' }).click();
  await expect(page.locator('canvas[data-drawn=true]')).toBeVisible();
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Download' }).click(),
  ]);
  const pages = drawn(await file.path());
  expect(pages).toHaveLength(1);
  const codes = pages.flatMap(codesIn);
  expect(codes).toHaveLength(9);
  // Each has a number of its own.
  expect(new Set(codes).size).toBe(codes.length);
  for (const code of codes) expect(code).toMatch(/^http:\/\/[^/]+\/j\/\d+-b?\d+$/);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Show entry…' }).click();
  await expect(page.getByRole('region', { name: 'Entry card' })).toContainText('5,000 ft');
  await page.keyboard.press('Escape');

  await press(page);
  await expect(next(page)).toContainText('Onto the shelf');
  await press(page);
  await expect(next(page)).toContainText('All on the shelf');
  await expect(state(page, '1.3')).toHaveAttribute('data-state', 'shelf');
  await expect(state(page, '1.8')).toHaveAttribute('data-state', 'fridge');
  await expect
    .poll(async () => (await kettle.send<Kitchen>('GET', '/kitchen')).jars)
    .toMatchObject([
      { count: 12, inUse: 8, lids: 3 },
      { count: 3, inUse: 1 },
    ]);
  const [batch] = await kettle.send<BatchSummary[]>('GET', '/batches');
  expect(batch).toMatchObject({ state: 'done' });
});

test('no batch that is refused reaches the canner or the shelf, and each says why and what to do', async ({
  page,
  kettle,
}) => {
  test.setTimeout(480_000);
  await kettle.setUpKitchen({ jars: JARS });
  await page.goto(`${kettle.address}/batches`);
  for (const { name, lines, product = 'jam' } of REFUSED) {
    const { id: batchId } = await kettle.send<Batch>('POST', '/batches', {
      name,
      lines,
      settings: { product },
    });
    const id = randomUUID();
    await kettle.send('POST', '/cook-sessions', { id, batchId });
    const at = Date.now();
    const { entries } = new JarLog().closed(0, '1.1-2');
    await kettle.send('POST', `/cook-sessions/${id}/log`, {
      entries: entries.map((entry) => ({ ...entry, at })),
    });
    await go(page, `/cook-sessions/${id}/jars`);
    await expect(page.getByRole('heading', { name, exact: true })).toBeVisible();
    const keeping = page.getByTestId('keeping');
    await expect(keeping).not.toHaveAttribute('data-verdict', 'pantry');
    await expect(keeping).toContainText('Not for the pantry');
    await expect(keeping).toContainText('Fridge: eat by');
    await expect(page.getByRole('button', { name: 'In the fridge' }).first()).toBeVisible();
    await expect(page.getByRole('button', { name: 'Jars are in' })).toHaveCount(0);
  }
});

test('from the stove one press leads to the jars, with what is in the pot as it was followed', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({ jars: JARS });
  const { id: batchId } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Bramble',
    lines: ['2 kg crushed blackberries', '1.4 kg sugar'],
  });
  const id = randomUUID();
  await kettle.send('POST', '/cook-sessions', { id, batchId });
  const now = Date.now();
  const done = [
    ['lit', null, null, -50],
    ['added', 1400, 'as planned: sugar', -42],
    ['dissolved', null, null, -38],
    ['off-heat', null, null, -3],
    ['plate-test', null, 'wrinkles', -2],
    ['stood', null, null, -1],
  ] as const;
  await kettle.send('POST', `/cook-sessions/${id}/log`, {
    entries: done.map(([kind, value, text, minute], index) => ({
      source: 'cook',
      seq: index + 1,
      at: now + minute * 60_000,
      kind,
      value,
      text,
    })),
  });
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await expect(page.getByTestId('next-act')).toHaveText('Fill the jars');
  await page.getByRole('button', { name: 'Go to the jars' }).click();
  await page.waitForURL(/\/cook-sessions\/.*\/jars$/);
  await expect(next(page)).toContainText('Fill the jars now');
  await expect(page.getByRole('region', { name: 'Filling' })).toContainText(
    'from the stove’s readings',
  );
  await expect
    .poll(() => kettle.send<BatchSummary[]>('GET', '/batches'))
    .toMatchObject([{ state: 'in jars', sessionId: id }]);
});

test('a lime curd in a steam canner goes by the gauge: from the mark on, longer for curd, and the whole time again where it fell', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({ jars: JARS, canner: 'steam' });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Lime curd',
    lines: [
      '3 eggs',
      '7 egg yolks',
      '500 g sugar',
      '240 mL bottled lime juice',
      '170 g butter',
      '2 tbsp lime zest',
    ],
    settings: { product: 'curd' },
  });
  await page.goto(`${kettle.address}/batches/${id}/jars`);
  await page.getByTestId('row-1').getByRole('button', { name: 'One filled' }).click();
  await close(page, '1');
  await page.getByRole('button', { name: 'The pot is empty' }).click();
  await page.getByRole('button', { name: 'Yes, it’s empty' }).click();
  // The table’s 20 minutes for curd from 1,001 to 6,000 ft.
  await expect(next(page)).toContainText('It takes 20 minutes at the gauge’s mark');
  await press(page);
  await expect(next(page)).toContainText('Heat the steam canner');
  await press(page);
  await expect(next(page)).toContainText('Up to the gauge’s mark');
  await press(page);
  await expect(next(page)).toContainText('Keep the gauge at the mark for 20 minutes');
  await expect(page.getByTestId('clock')).toContainText('19:5');
  await page.getByRole('button', { name: 'It fell below the mark' }).click();
  await expect(next(page)).toContainText('the whole 20 minutes start again');
  await expect(next(page)).not.toContainText('boil');
  await press(page);
  await expect(page.getByTestId('clock')).toContainText('19:5');
  await page.reload();
  await expect(next(page)).toContainText('Keep the gauge at the mark for 20 minutes');
});

test('a tested formula that the cook names is on the screen and the label for ever, with its own minutes', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({ jars: JARS });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Plum',
    lines: ['2 kg plums', '1.4 kg sugar'],
    settings: {
      assurance: { testedFormula: 'County bulletin plum jam', source: 'the county', minutes: 25 },
    },
  });
  await page.goto(`${kettle.address}/batches/${id}/jars`);
  await expect(page.getByTestId('stated')).toContainText('County bulletin plum jam');
  await expect(page.getByTestId('stated')).toContainText('has the last word');
  await page.getByTestId('row-1').getByRole('button', { name: 'One filled' }).click();
  await close(page, '1');
  await page.getByRole('button', { name: 'The pot is empty' }).click();
  await page.getByRole('button', { name: 'Yes, it’s empty' }).click();
  await expect(next(page)).toContainText('It takes 25 minutes at the boil');
});

test('axe finds nothing serious, and nothing sticks out, at the jars: light or dark, wide or narrow', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({ jars: JARS });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Damson',
    lines: ['2 kg damsons', '1.4 kg sugar'],
  });
  await page.goto(`${kettle.address}/batches/${id}/jars`);
  await page.getByTestId('row-1').getByRole('button', { name: 'One filled' }).click();
  await expect(page.getByRole('button', { name: 'Remove bubbles' })).toBeVisible();
  for (const width of [1280, 820, 390]) {
    await page.setViewportSize({ width, height: 844 });
    expect(await fitsWidth(page)).toBe(true);
  }
  expect(await seriousFaults(page)).toEqual([]);
});
