import type { Batch, CookSession } from '@idle-kettle/contract';
import type { JarStory, Shelf } from '@idle-kettle/contract/season';
import type { Page } from '@playwright/test';
import { randomUUID } from 'node:crypto';
import { create } from 'qrcode';
import { PNG } from 'pngjs';
import { JarLog } from '../../core/test/jarLog.ts';
import { expect, test } from '../kitchen.ts';
import type { KettleServer } from '../kettleServer.ts';

const HOUR_MS = 3_600_000;
const DAY_MS = 24 * HOUR_MS;

test.beforeEach(({ kettle }) =>
  kettle.setUpKitchen({ jars: [{ name: 'half-pint', volumeMl: 237, count: 40, lids: 40 }] }),
);

const cooling = (jars: string) => new JarLog().closed(0, jars).processed(1, 1, jars, 10, 20);
const stored = (jars: string) =>
  cooling(jars).at(800, 'sealed', jars).at(801, 'labelled').at(802, 'put-away');

/** A cook of damsons whose jars are as a log leaves them, begun so many hours ago. */
async function cooked(
  kettle: KettleServer,
  log: JarLog,
  hoursAgo: number,
  name = 'Damson jam',
): Promise<CookSession> {
  const { id: batchId } = await kettle.send<Batch>('POST', '/batches', {
    name,
    lines: ['2 kg crushed damsons', '1.4 kg sugar'],
  });
  const cook = await kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId,
  });
  const from = Date.now() - hoursAgo * HOUR_MS;
  await kettle.send('POST', `/cook-sessions/${cook.id}/log`, {
    entries: log.entries.map((entry) => ({ ...entry, at: Math.round(from + entry.at) })),
  });
  return cook;
}

const codes = async (kettle: KettleServer, { id }: CookSession): Promise<string[]> =>
  (await kettle.send<JarStory[]>('GET', `/cook-sessions/${id}/jars`)).map(({ code }) => code);

const groupOf = (page: Page, name: string) =>
  page.getByRole('region', { name: 'Pantry' }).getByRole('listitem').filter({ hasText: name });

test('jars are stored, opened, eaten and given away, until it is told how long they last', async ({
  page,
  kettle,
}) => {
  await cooked(kettle, stored('1.1-8'), 20);
  await page.goto(`${kettle.address}/shelf`);
  const lasts = page.getByRole('region', { name: 'How long it lasts' });
  await expect(lasts).toContainText('Take jars out here');
  await expect(groupOf(page, 'Damson jam')).toContainText('8 × half-pint');
  await groupOf(page, 'Damson jam').getByRole('button', { name: 'Open one' }).click();
  await expect(page.getByText(/Opened Damson jam, \d+-1\./)).toBeVisible();
  await expect(page.getByRole('region', { name: 'Fridge' })).toContainText('Open');
  await expect(groupOf(page, 'Damson jam')).toContainText('7 × half-pint');
  await expect(lasts).toContainText(/Until about/);
  const first = await lasts.getByText(/Until about/).innerText();
  // What it takes to make more, beside what stands empty.
  await expect(lasts.getByTestId('to-buy')).toContainText(
    /^All of that together is \d+–\d+ half-pints\./,
  );
  // Taken out twice by a quick finger, two are gone; undone, the second is back.
  const takeOut = groupOf(page, 'Damson jam').getByRole('button', { name: 'Take one out' });
  await takeOut.click();
  await expect(groupOf(page, 'Damson jam')).toContainText('6 × half-pint');
  await takeOut.click();
  await expect(groupOf(page, 'Damson jam')).toContainText('5 × half-pint');
  expect(await lasts.getByText(/Until about/).innerText()).not.toBe(first);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(groupOf(page, 'Damson jam')).toContainText('6 × half-pint');
  // Two are given away: that is no eating.
  await groupOf(page, 'Damson jam').getByRole('button', { name: 'More' }).click();
  await page.getByLabel('How many').fill('2');
  await page.getByLabel('To whom').fill('Aunt Vi');
  await page.getByRole('button', { name: 'Give away' }).click();
  await expect(page.getByText('Gave away 2 jars of Damson jam.')).toBeVisible();
  await expect(groupOf(page, 'Damson jam')).toContainText('4 × half-pint');
  await expect(lasts).toContainText('2 half-pints given away');
  // What went where is told of every jar of the batch.
  await groupOf(page, 'Damson jam').getByRole('link', { name: 'Damson jam' }).click();
  await expect(page.getByRole('table')).toContainText('Given to Aunt Vi');
  await expect(page.getByRole('row')).toHaveCount(9);
  // Found by its number; what is not there is said.
  await page.goto(`${kettle.address}/shelf`);
  await page.getByLabel('Find a jar').fill('-7');
  await expect(groupOf(page, 'Damson jam')).toHaveCount(1);
  await page.getByLabel('Find a jar').fill('quince');
  await expect(page.getByText('No jar matches.')).toBeVisible();
});

test('a shelf is counted: what is missing is missing, and what turns up is found', async ({
  page,
  kettle,
}) => {
  const one = await cooked(kettle, stored('1.1-4'), 20, 'Plum');
  await cooked(kettle, stored('1.1-2'), 21, 'Quince');
  const [lost = ''] = await codes(kettle, one);
  await kettle.send('POST', '/jar-events', {
    events: [{ source: 'test', seq: 1, at: Date.now(), kind: 'moved', jar: lost, to: 'gifts' }],
  });
  await page.goto(`${kettle.address}/shelf`);
  await page.getByRole('link', { name: 'Stock-take' }).click();
  await page.getByRole('button', { name: 'Pantry' }).click();
  const row = (name: string) => page.getByRole('listitem').filter({ hasText: name });
  await expect(page.getByRole('button', { name: 'Finish' })).toBeDisabled();
  await row('Quince').getByRole('button', { name: 'All here' }).click();
  await page.getByRole('button', { name: 'One more: Plum' }).click();
  await page.getByRole('button', { name: 'One more: Plum' }).click();
  // The page goes away in the middle: what was counted is there again.
  await page.reload();
  await expect(row('Plum')).toContainText('2 of 3');
  await page.getByRole('button', { name: 'Scan a label' }).click();
  await page.getByLabel('Or type the number').fill(` ${lost.toUpperCase()} `);
  await page.getByRole('button', { name: 'Find', exact: true }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByText(`Here though not expected: ${lost}.`)).toBeVisible();
  await expect(page.getByText('1 jar is missing.')).toBeVisible();
  await page.getByRole('button', { name: 'Finish' }).click();
  await expect(page.getByText('Counted: 1 missing, 1 found.')).toBeVisible();
  const { groups, gone } = await kettle.send<Shelf>('GET', '/shelf');
  expect(gone.lost).toBe(1);
  expect(groups.filter(({ place }) => place === 'gifts')).toEqual([]);
});

test('a label’s code is read from a picture, and leads to its jar', async ({ page, kettle }) => {
  const cook = await cooked(kettle, stored('1.1-3'), 20);
  const [, code = ''] = await codes(kettle, cook);
  await page.goto(`${kettle.address}/shelf`);
  await page.getByRole('button', { name: 'Scan a label' }).click();
  const picture = (text: string) => ({
    name: 'label.png',
    mimeType: 'image/png',
    buffer: codePicture(text),
  });
  await page.getByLabel('Or read a picture').setInputFiles(picture('https://elsewhere.example/'));
  await expect(page.getByText(/No jar’s code could be read/)).toBeVisible();
  await page.getByLabel('Or read a picture').setInputFiles(picture(`${kettle.address}/j/${code}`));
  await page.waitForURL(new RegExp(`/j/${code}$`));
  await expect(page.getByRole('heading', { name: 'Damson jam' })).toBeVisible();
  await page.getByRole('button', { name: 'Open it' }).click();
  await expect(page.getByTestId('life')).toHaveText('Open, Fridge');
  await page.getByRole('button', { name: 'Finished' }).click();
  await expect(page.getByTestId('life')).toHaveText('Eaten');
  await page
    .getByRole('region', { name: 'What happened to it' })
    .getByRole('button', { name: 'Undo' })
    .first()
    .click();
  await expect(page.getByTestId('life')).toHaveText('Open, Fridge');
});

test('a day goes by on Today: the pot, cooling jars, lids to press, and fruit with its days', async ({
  page,
  kettle,
}) => {
  test.setTimeout(180_000);
  await page.goto(kettle.address);
  await expect(page.getByRole('region', { name: 'Your first batch' })).toBeVisible();
  const now = page.getByRole('region', { name: 'Now', exact: true });
  const later = page.getByRole('region', { name: 'Later' });
  // In the morning fruit comes in, and is written down twice by a quick finger: it is there once.
  await page.getByLabel('What came in?').fill('3 kg ripe raspberries');
  await page.getByLabel('Where it is').selectOption('counter');
  await page.getByRole('button', { name: 'Add' }).dblclick();
  const fruit = page.getByRole('region', { name: 'Fruit in the house' });
  await expect(fruit.getByRole('listitem')).toHaveCount(1);
  await expect(now).toContainText('3 kg ripe raspberries: cook it soon');
  // It is cooked, and its jars cool.
  await cooked(kettle, cooling('1.1-6'), 1, 'Raspberry');
  await fruit.getByRole('button', { name: 'Used: 3 kg ripe raspberries' }).click();
  await expect(fruit.getByText('3 kg ripe raspberries is used up.')).toBeVisible();
  await page.reload();
  await expect(later).toContainText('Raspberry: 6 jars are cooling');
  await expect(page.getByText('Nothing needs you right now.')).toBeVisible();
  // In the evening nothing is pressed yet; the next morning the lids are.
  await kettle.letGoBy(13 * HOUR_MS);
  await page.reload();
  await expect(now).toContainText('Raspberry: press 6 lids');
  await now.getByRole('link', { name: 'Press the lids' }).click();
  await page.getByRole('button', { name: 'All 6 sealed' }).click();
  // Pressed before the next of them stands there, a press would be a second one of the same.
  for (const call of ['label', 'put-away']) {
    await expect(page.getByTestId('next-call')).toHaveAttribute('data-call', call);
    await page.getByTestId('press').click();
  }
  await expect(page.getByTestId('next-call')).toContainText('on the shelf');
  await expect(page.getByTestId('delivery')).toHaveText('All saved');
  await page.goto(kettle.address);
  await expect(page.getByText('Nothing needs you right now.')).toBeVisible();
  // A week later it is asked how it set.
  await kettle.letGoBy(8 * DAY_MS);
  await page.reload();
  await expect(now).toContainText('How did Raspberry set?');
  await now.getByRole('link', { name: 'Write it down' }).click();
  await expect(page.getByRole('heading', { name: 'Raspberry' })).toBeVisible();
});

/** A code as a photograph has it: in the middle of something bright. */
function codePicture(text: string): Buffer {
  const { modules } = create(text, { errorCorrectionLevel: 'M' });
  const [scale, margin] = [6, 60];
  const side = modules.size * scale + 2 * margin;
  const png = new PNG({ width: side, height: side });
  png.data.fill(235);
  for (let y = 0; y < side; y += 1)
    for (let x = 0; x < side; x += 1) {
      const [row, column] = [y, x].map((at) => Math.floor((at - margin) / scale)) as [
        number,
        number,
      ];
      const isIn = row >= 0 && column >= 0 && row < modules.size && column < modules.size;
      if (isIn && modules.data[row * modules.size + column] === 1)
        png.data.fill(25, 4 * (y * side + x), 4 * (y * side + x) + 3);
    }
  return PNG.sync.write(png);
}

test('a kitchen has places of its own; jars that go back into the pot leave the shelf', async ({
  page,
  kettle,
}) => {
  const cook = await cooked(kettle, stored('1.1-4'), 20);
  const [first = ''] = await codes(kettle, cook);
  await page.goto(`${kettle.address}/kitchen`);
  const places = page.getByRole('region', { name: 'Where you keep jars' });
  await places.getByLabel('A new place').fill('Cellar');
  await places.getByRole('button', { name: 'Add' }).dblclick();
  await expect(places.getByRole('listitem')).toHaveCount(1);
  // One of that name is enough.
  await places.getByLabel('A new place').fill('cellar');
  await expect(places).toContainText('You already have a place called cellar.');
  await page.goto(`${kettle.address}/shelf`);
  await groupOf(page, 'Damson jam').getByRole('button', { name: 'More' }).click();
  await page.getByLabel('How many').fill('3');
  await page.getByLabel('Move to').selectOption({ label: 'Cellar' });
  await expect(page.getByRole('region', { name: 'Cellar' })).toContainText('3 × half-pint');
  // With jars in it, it stays.
  await page.goto(`${kettle.address}/kitchen`);
  await expect(places).toContainText('3 jars here.');
  await expect(places.getByRole('button', { name: 'Delete Cellar' })).toBeDisabled();
  const again = await kettle.send<Batch>('POST', '/batches', {
    name: 'Damson jam, again',
    lines: ['1/4 cup lemon juice'],
    settings: {
      remake: {
        cook: cook.id,
        lines: ['2 kg crushed damsons', '1.4 kg sugar'],
        volumeMl: 700,
        problem: 'loose',
      },
    },
  });
  await page.goto(`${kettle.address}/batches/${again.id}`);
  const emptied = page.getByRole('group', { name: 'Which jars did you empty?' });
  await expect(emptied.getByRole('checkbox')).toHaveCount(4);
  await expect(emptied.getByRole('checkbox', { checked: true })).toHaveCount(0);
  for (const box of (await emptied.getByRole('checkbox').all()).slice(0, 3)) await box.check();
  await emptied.getByRole('button', { name: 'Take 3 jars off the shelf' }).dblclick();
  await expect(emptied.getByRole('checkbox')).toHaveCount(1);
  await page.goto(`${kettle.address}/j/${first}`);
  await expect(page.getByTestId('life')).toHaveText('Made again');
  await page.getByRole('button', { name: 'Undo' }).first().click();
  await expect(page.getByTestId('life')).toHaveText('Cellar');
});
