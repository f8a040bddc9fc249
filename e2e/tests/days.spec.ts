import type { CookSession } from '@idle-kettle/contract';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import type { Locator, Page } from '@playwright/test';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { readFile } from 'node:fs/promises';
import { keptBatch, keptDay, OF_A_DAY } from '../daySheet.ts';
import { expect, test } from '../kitchen.ts';

const HOUR_MS = 3_600_000;

test.beforeEach(({ kettle }) =>
  kettle.setUpKitchen({ burners: [{ name: 'Front', heat: 'medium-burner' }] }),
);

const thread = (page: Page, batch: string): Locator =>
  page.getByTestId('lanes').locator(`[data-batch="${batch}"]`);
const wish = (page: Page, batch: string): Locator =>
  page.getByRole('region', { name: 'Batches' }).locator(`[data-wish="${batch}"]`);
/** A moment as a field of a browser in UTC holds it. */
const field = (ms: number): string => new Date(ms).toISOString().slice(0, 16);

/** Where the first bead of a batch stands, px. */
const beginOf = async (page: Page, batch: string): Promise<number> =>
  (await thread(page, batch).locator('[data-act]').first().boundingBox())?.x ?? NaN;

test('a Saturday of three batches with an overnight soak: planned, dragged, begun late, and followed', async ({
  page,
  kettle,
}) => {
  test.setTimeout(240_000);
  for (const batch of Object.values(OF_A_DAY)) await keptBatch(kettle, batch);
  await page.goto(kettle.address);
  await page.getByRole('link', { name: 'Day sheets' }).click();
  await page.getByRole('button', { name: 'Plan a day' }).dblclick();
  await expect(page.getByText('Which batches do you want to make?')).toBeVisible();
  const add = page.getByRole('region', { name: 'Add a batch' });
  for (const { name } of Object.values(OF_A_DAY)) {
    await add.getByRole('button', { name }).click();
    await expect(thread(page, name)).toBeVisible();
  }
  // It begins in the evening: the soak goes through the night, in which nobody is there.
  const from = new Date(Date.now() + HOUR_MS);
  from.setUTCHours(18, 0, 0, 0);
  if (from.getTime() < Date.now()) from.setUTCDate(from.getUTCDate() + 1);
  await page.getByLabel('Start', { exact: true }).fill(field(from.getTime()));
  await page.keyboard.press('Enter');
  await expect(page.getByText('Changed the start.')).toBeVisible();
  await page.getByRole('button', { name: 'Add a break' }).click();
  await expect(page.getByText('Changed when nobody is here.')).toBeVisible();
  const nobody = page.getByRole('group', { name: 'Nobody here' });
  await nobody.getByLabel('to', { exact: true }).fill(field(from.getTime() + 13 * HOUR_MS));
  await Promise.all([
    page.waitForResponse((answer) => answer.request().method() === 'PUT'),
    page.keyboard.press('Enter'),
  ]);
  await expect(page.getByText('Changed when nobody is here.')).toBeVisible();
  await expect(page.getByTestId('day-when')).toContainText('The last jar is out on');
  await expect(thread(page, 'Seville marmalade').locator('[data-act="soak"]')).toHaveCount(1);
  // A batch is dragged along the day, and what was done can be undone.
  await thread(page, 'Damson jam').scrollIntoViewIfNeeded();
  const before = await beginOf(page, 'Damson jam');
  const grip = await thread(page, 'Damson jam').locator('[data-act="fill"]').boundingBox();
  if (grip === null) throw new Error('There is nothing to drag');
  await page.mouse.move(grip.x + 4, grip.y + grip.height / 2);
  await page.mouse.down();
  await page.mouse.move(grip.x + 60, grip.y + grip.height / 2, { steps: 5 });
  await page.mouse.move(grip.x + 120, grip.y + grip.height / 2, { steps: 5 });
  await page.mouse.up();
  await expect(page.getByText(/Damson jam starts at \d\d:\d\d or later\./)).toBeVisible();
  await expect.poll(() => beginOf(page, 'Damson jam')).toBeGreaterThan(before + 20);
  await page.reload();
  await expect.poll(() => beginOf(page, 'Damson jam')).toBeGreaterThan(before + 20);
  await wish(page, 'Damson jam').getByLabel('Not before').fill('');
  await page.keyboard.press('Enter');
  await expect(page.getByText('Damson jam starts as soon as it can.')).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(wish(page, 'Damson jam').getByLabel('Not before')).not.toHaveValue('');
  await wish(page, 'Damson jam').getByLabel('Not before').fill('');
  await page.keyboard.press('Enter');
  // Forty minutes after the beginning nobody has begun: everything is later.
  const { pathname } = new URL(page.url());
  await kettle.letGoBy(from.getTime() - Date.now() + 40 * 60_000);
  await page.goto(kettle.address + pathname);
  await expect(page.getByTestId('day-when')).toContainText('Nothing has started yet');
  // What no log tells is ticked; what is cooked ticks itself.
  await wish(page, 'Seville marmalade')
    .getByRole('button', { name: 'Done: Slice the fruit' })
    .click();
  await expect(page.getByText('Seville marmalade: Slice the fruit is done.')).toBeVisible();
  const sheet = await kettle.send<DayAnswer>('GET', `/days/${pathname.split('/')[2]}`);
  const damson = sheet.batches.find(({ name }) => name === 'Damson jam');
  const cook = await kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: damson?.batchId,
  });
  await kettle.send('POST', `/cook-sessions/${cook.id}/log`, {
    entries: [{ source: 'browser day', seq: 1, at: sheet.nowMs, kind: 'lit' }],
  });
  await expect(wish(page, 'Damson jam')).toContainText('On now');
  await expect(thread(page, 'Damson jam').locator('[data-act="to-boil"]')).toHaveAttribute(
    'data-done',
    'false',
  );
  await page.goto(kettle.address);
  await expect(page.getByRole('region', { name: 'Now', exact: true })).toContainText('Day sheet:');
});

test('a day that does not come out says what is short, and one press mends it; its calendar is the lanes', async ({
  page,
  kettle,
}) => {
  const ids = [await keptBatch(kettle, OF_A_DAY.damson), await keptBatch(kettle, OF_A_DAY.plum)];
  const from = Date.now() + HOUR_MS;
  const { id } = await keptDay(kettle, ids, {
    finishBy: new Date(from + 2 * HOUR_MS).toISOString(),
  });
  await page.goto(`${kettle.address}/days/${id}`);
  const short = page.getByRole('region', { name: 'What’s short' });
  await expect(short).toContainText('minutes');
  await short.getByRole('button', { name: /^Finish at/ }).click();
  await expect(short).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(short).toBeVisible();
  await short.getByRole('button', { name: /^Finish at/ }).click();
  await expect(short).toHaveCount(0);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Calendar file' }).click(),
  ]);
  const calendar = new ICAL.Component(
    ICAL.parse(await readFile(await file.path(), 'utf8')) as unknown[],
  );
  const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
  const { day } = await kettle.send<DayAnswer>('GET', `/days/${id}`);
  expect(events).toHaveLength(day?.acts.length ?? 0);
  const hands = await page
    .getByRole('region', { name: 'What to do when' })
    .getByRole('row')
    .count();
  expect(hands - 1).toBe(day?.acts.filter(({ hands: wants }) => wants).length);
  // A batch is somebody’s: all of it.
  await wish(page, 'Plum jam').getByLabel('Who makes Plum jam').selectOption('Ben');
  await expect(page.getByText('Ben makes Plum jam.')).toBeVisible();
  const given = await kettle.send<DayAnswer>('GET', `/days/${id}`);
  expect(
    given.day?.acts.filter(({ of, hands: wants }) => of === 1 && wants).map(({ person }) => person),
  ).not.toContain(0);
});

test('a crew day of bushels: two phones, turns at the paddle, a place at the jars', async ({
  page,
  kettle,
  context,
}) => {
  const { version } = await kettle.send<{ version: number }>('GET', '/kitchen');
  await kettle.send('PATCH', '/kitchen', {
    version,
    changes: {
      pots: [{ id: 'copper', name: 'Copper kettle', diameterCm: 60, heightCm: 45 }],
      burners: [{ id: 'yard', name: 'Yard ring', heat: 'outdoor-ring' }],
    },
  });
  const settings = { burner: 'yard', pot: 'copper' };
  const ids = [
    await keptBatch(kettle, {
      name: 'Apple butter',
      lines: ['1 bushel apples', '10 lb sugar'],
      settings: { ...settings, product: 'butter' },
    }),
    await keptBatch(kettle, { name: 'Hall plum', lines: ['10 kg plums', '7 kg sugar'], settings }),
  ];
  const people = ['Ana', 'Ben', 'Cal', 'Dot', 'Eli', 'Fay', 'Gus', 'Hal'];
  const { id } = await keptDay(kettle, ids, {
    name: 'Hall day',
    from: new Date(Date.now() - 60_000).toISOString(),
    people: people.map((name) => ({ name })),
    burners: [{ name: 'Ring 1' }, { name: 'Ring 2' }],
    canners: [{ name: 'Big canner', halfPints: 32 }],
  });
  await page.goto(`${kettle.address}/days/${id}`);
  const crew = page.getByRole('region', { name: 'The crew' });
  for (const name of ['Apple butter', 'Hall plum']) {
    const pot = crew.locator(`[data-crew="${name}"]`);
    await expect(pot.getByRole('list', { name: 'Turns at the paddle' })).toBeVisible();
    await expect(pot).toContainText(/Have \d\d hot jars ready/);
    await expect(pot).toContainText('propane');
  }
  for (const name of people) await expect(crew).toContainText(name);
  const phones = [await context.newPage(), await context.newPage()] as const;
  for (const [nth, phone] of phones.entries()) {
    await phone.setViewportSize({ width: 390, height: 844 });
    // Two of one team, and their phones.
    await phone.goto(`${kettle.address}/days/${id}/hands/${2 * nth}`);
    await expect(phone.getByRole('heading', { level: 1 })).toHaveText(people[2 * nth] ?? '');
    await expect(phone.getByRole('region', { name: 'Now', exact: true })).toContainText(
      'Prepare and weigh',
    );
  }
  await phones[0].getByRole('button', { name: 'Done' }).click();
  for (const phone of phones)
    await expect(phone.getByRole('region', { name: /Now|Next/ }).first()).toContainText(
      'Light the burner',
    );
  await expect(phones[1].getByText('Your place at the jars:')).toBeVisible();
});

test('fruit that waits becomes batches and a day sheet with one press', async ({
  page,
  kettle,
}) => {
  await kettle.send('POST', '/fruit', { line: '2 kg ripe damsons', place: 'fridge' });
  await page.goto(`${kettle.address}/days`);
  const season = page.getByRole('region', { name: 'What’s ripening' });
  await expect(season.getByRole('listitem')).toContainText('2 kg ripe damsons');
  await season.getByRole('button', { name: 'Make a day sheet of these' }).click();
  await expect(page.getByTestId('lanes')).toContainText('Damson jam');
  await page.getByRole('button', { name: 'Delete' }).click();
  await expect(page.getByText(/^Deleted /)).toBeVisible();
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByTestId('lanes')).toContainText('Damson jam');
});

test('the keyboard does all of it: a batch added, put off, and given away', async ({
  page,
  kettle,
}) => {
  const ids = [await keptBatch(kettle, OF_A_DAY.damson)];
  await keptBatch(kettle, OF_A_DAY.plum);
  const from = Date.now() + HOUR_MS;
  const { id } = await keptDay(kettle, ids);
  await page.goto(`${kettle.address}/days/${id}`);
  await page.getByRole('button', { name: 'Plum jam' }).focus();
  await page.keyboard.press('Enter');
  await expect(page.getByText('Added Plum jam.')).toBeVisible();
  await wish(page, 'Plum jam').getByLabel('Not before').focus();
  await wish(page, 'Plum jam')
    .getByLabel('Not before')
    .fill(field(from + 4 * HOUR_MS));
  await page.keyboard.press('Enter');
  await expect(page.getByText(/Plum jam starts at \d\d:\d\d or later\./)).toBeVisible();
  // A thread is moved by arrow keys as well.
  const grip = thread(page, 'Damson jam').getByRole('button', { name: 'Drag Damson jam' });
  await grip.focus();
  await page.keyboard.press('Space');
  for (let press = 0; press < 6; press += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Space');
  await expect(page.getByText(/Damson jam starts at \d\d:\d\d or later\./)).toBeVisible();
});

test('a change made on another phone is not overwritten, and without a network nothing is lost', async ({
  page,
  kettle,
  context,
  provoked,
}) => {
  const { id } = await keptDay(kettle, [await keptBatch(kettle, OF_A_DAY.damson)]);
  const address = `${kettle.address}/days/${id}`;
  await page.goto(address);
  const other = await context.newPage();
  await other.goto(address);
  await expect(other.getByTestId('lanes')).toBeVisible();
  await page.getByRole('button', { name: 'One more burner' }).click();
  await expect(page.getByRole('button', { name: 'Undo' })).toBeVisible();
  provoked.push(/409/);
  await other.getByRole('button', { name: 'One more canner' }).click();
  await expect(
    other.getByText(/Somebody else changed this sheet|One more canner/).first(),
  ).toBeVisible();
  const { sheet } = await kettle.send<DayAnswer>('GET', `/days/${id}`);
  expect(sheet.burners).toHaveLength(3);
  await context.setOffline(true);
  await page.getByRole('button', { name: 'One more helper' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Not saved.' })).toBeVisible();
  await expect(page.getByTestId('lanes')).toContainText('Damson jam');
  await context.setOffline(false);
});
