import type { Batch } from '@idle-kettle/contract';
import { expect, paste, test, typeLines } from '../kitchen.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

const PLUM = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'] };

test.beforeEach(({ kettle }) => kettle.setUpKitchen());

test('what was typed survives a reload before it is saved', async ({ page, kettle }) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg plums', '1.6 kg sugar']);
  await expect(page.getByTestId('save-state')).toHaveText('Not saved yet; kept in this browser');
  await page.reload();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('1.6 kg sugar');
});

test('a dead server loses nothing: the plan goes on, saving says why not, and works when it is back', async ({
  page,
  kettle,
}) => {
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg plums']);
  await kettle.stop('SIGKILL');
  await page.keyboard.press('Enter');
  await page.keyboard.type('1.6 kg sugar');
  await expect(page.getByTestId('jars')).toContainText('half-pints');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Not saved' })).toContainText(
    'The server isn’t answering. Your changes are kept',
  );
  // Asked for once, it is saved by itself as soon as somebody answers.
  await kettle.start();
  await expect(page.getByTestId('save-state')).toContainText('Saved', { timeout: 60_000 });
  expect(await kettle.batches()).toHaveLength(1);
});

test('ranges that cannot be worked out say so, and come by themselves when they can', async ({
  page,
  kettle,
}) => {
  const program = '**/planner.worker-*.js';
  await page.route(program, (route) => route.abort());
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, PLUM.lines);
  const failing = page.getByText('Showing typical values');
  await expect(failing).toBeVisible();
  await expect(page.getByTestId('jars')).toContainText('half-pints');
  await page.unroute(program);
  await expect(failing).toBeHidden();
  await expect(page.getByTestId('jars')).toContainText('–');
});

test('a saved batch saves its changes by itself, and again when the server is back', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  await page.goto(`${kettle.address}/batches/${id}`);
  await page.getByLabel('Line 2', { exact: true }).fill('700 g sugar');
  await expect(page.getByTestId('save-state')).toContainText('Unsaved changes');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  expect(await kettle.send<Batch>('GET', `/batches/${id}`)).toMatchObject({
    lines: ['1 kg plums', '700 g sugar'],
    version: 2,
  });

  await kettle.stop('SIGKILL');
  await page.getByLabel('Line 2', { exact: true }).fill('600 g sugar');
  await expect(page.getByRole('alert')).toContainText('kept in this browser');
  await kettle.start();
  await page.evaluate(() => window.dispatchEvent(new Event('online')));
  await expect(page.getByTestId('save-state')).toContainText('Saved', { timeout: 60_000 });
  expect((await kettle.send<Batch>('GET', `/batches/${id}`)).lines).toContain('600 g sugar');
});

test('what is typed while the first save is under way is kept, and a lost answer makes no second batch', async ({
  page,
  kettle,
}) => {
  let answers = 0;
  await page.route('**/api/batches', async (route) => {
    if (route.request().method() !== 'POST') return route.continue();
    answers += 1;
    const response = await route.fetch();
    // The first answer is lost on its way, the second is late.
    if (answers === 1) return route.abort();
    await new Promise((resolve) => setTimeout(resolve, 1500));
    return route.fulfill({ response });
  });
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, ['2 kg plums', '1.6 kg sugar']);
  await page.getByRole('button', { name: 'Save batch' }).click();
  await expect(page.getByRole('alert')).toContainText('isn’t answering');
  await page.getByRole('button', { name: 'Save batch' }).click();
  await page.getByLabel('Line 2', { exact: true }).fill('1.5 kg sugar');
  await expect(page).toHaveURL(/batches\/[0-9a-f-]{36}$/);
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('1.5 kg sugar');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  const batches = await kettle.batches();
  expect(batches.map(({ lines }) => lines)).toEqual([['2 kg plums', '1.5 kg sugar']]);
  await page.goto(`${kettle.address}/batches/new`);
  await expect(page.getByLabel('Line 1', { exact: true })).toHaveValue('');
});

test('a change whose answer was lost is no conflict with itself, not even after a reload', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  let lost = 1;
  await page.route(`**/api/batches/${id}`, async (route) => {
    if (route.request().method() !== 'PUT' || lost === 0) return route.continue();
    lost -= 1;
    await route.fetch();
    return route.abort();
  });
  await page.goto(`${kettle.address}/batches/${id}`);
  await page.getByLabel('Line 2', { exact: true }).fill('700 g sugar');
  await expect(page.getByRole('alert')).toContainText('kept in this browser');
  await page.getByLabel('Line 2', { exact: true }).fill('600 g sugar');
  await page.reload();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('600 g sugar');
  await expect(page.getByTestId('save-state')).toContainText('Saved', { timeout: 60_000 });
  expect(await kettle.send<Batch>('GET', `/batches/${id}`)).toMatchObject({
    lines: ['1 kg plums', '600 g sugar'],
    version: 3,
  });
});

test('a change made elsewhere meanwhile is not overwritten', async ({ page, kettle, provoked }) => {
  provoked.push(/\b409\b/);
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  await page.goto(`${kettle.address}/batches/${id}`);
  await page.getByLabel('Line 2', { exact: true }).fill('700 g sugar');
  await kettle.send('PUT', `/batches/${id}`, {
    ...PLUM,
    name: 'Plum, changed elsewhere',
    version: 1,
  });
  const both = page.getByRole('alert', { name: 'Changed on another device' });
  await expect(both.getByRole('row')).toContainText([
    'This device',
    'Plum, changed elsewhere',
    '1 kg plums',
    '700 g sugar',
  ]);
  await page.getByRole('button', { name: 'Save this one as a new batch' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  const names = (await kettle.batches()).map(({ name }) => name).sort();
  expect(names).toEqual(['Plum (copy)', 'Plum, changed elsewhere']);
});

test('after a conflict, going back shows what the other saved, and not a stale copy; keeping mine saves it on top', async ({
  page,
  kettle,
  provoked,
}) => {
  provoked.push(/\b409\b/);
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  const conflict = async (grams: number, version: number) => {
    await kettle.send('PUT', `/batches/${id}`, {
      ...PLUM,
      lines: ['1 kg plums', `${grams} g sugar`],
      version,
    });
    await page.getByLabel('Line 1', { exact: true }).fill(`${version} kg plums, stoned`);
    await expect(page.getByRole('button', { name: 'Use the other one' })).toBeVisible();
  };
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('800 g sugar');
  await conflict(500, 1);
  await page.getByRole('button', { name: 'Use the other one' }).click();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('500 g sugar');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  await conflict(400, 2);
  await page.getByRole('button', { name: 'Keep this one' }).click();
  await expect(page.getByTestId('save-state')).toContainText('Saved');
  expect(await kettle.send<Batch>('GET', `/batches/${id}`)).toMatchObject({
    lines: ['2 kg plums, stoned', '500 g sugar'],
    version: 4,
  });
});

test('two ticks in one round trip, and ticks without a server, are all kept', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  await page.route(`**/api/batches/${id}`, async (route) => {
    if (route.request().method() === 'PUT') await new Promise((done) => setTimeout(done, 600));
    return route.continue();
  });
  const ticked = async () => (await kettle.send<Batch>('GET', `/batches/${id}`)).ticked.length;
  await page.goto(`${kettle.address}/batches/${id}/prepare`);
  const boxes = page.getByRole('checkbox');
  await boxes.nth(0).check();
  await boxes.nth(1).check();
  await expect.poll(ticked).toBe(2);
  await kettle.stop('SIGKILL');
  await boxes.nth(2).check();
  await expect(page.getByRole('alert')).toContainText('The ticks are kept in this browser');
  await kettle.start();
  await page.reload();
  await expect(boxes.nth(2)).toBeChecked();
  await expect.poll(ticked, { timeout: 60_000 }).toBe(3);
});

test('begun twice with a press, or after an answer that was lost, it is one cook', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  let lost = 1;
  await page.route('**/api/cook-sessions', async (route) => {
    if (route.request().method() !== 'POST' || lost === 0) return route.continue();
    lost -= 1;
    await route.fetch();
    return route.abort();
  });
  await page.goto(`${kettle.address}/batches/${id}/stove`);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(page.getByRole('alert')).toContainText('isn’t answering');
  await page.reload();
  await page.getByRole('button', { name: /^Start/ }).click();
  await expect(page).toHaveURL(/cook-sessions\//);
  expect(await kettle.send<object[]>('GET', '/cook-sessions')).toHaveLength(1);
});

test('of two who change the kitchen, both stand where they are of different fields', async ({
  page,
  kettle,
  provoked,
}) => {
  provoked.push(/\b409\b/);
  await page.goto(`${kettle.address}/kitchen`);
  const sheet = page.getByRole('dialog', { name: 'Pots' });
  const save = sheet.getByRole('button', { name: 'Save' });
  await page.getByRole('button', { name: 'Change pots' }).click();
  await sheet.getByRole('button', { name: 'Add a pot' }).click();
  await sheet.getByLabel('Name', { exact: true }).fill('wide pot');
  // What is written is not thrown away by a stray key.
  await page.keyboard.press('Escape');
  await expect(sheet.getByRole('alert')).toContainText('aren’t saved');
  await sheet.getByRole('button', { name: 'Keep editing' }).click();
  const { version } = await kettle.send<{ version: number }>('GET', '/kitchen');
  await kettle.send('PATCH', '/kitchen', { version, changes: { altitudeM: 77 } });
  await save.click();
  await expect(sheet).toBeHidden();
  expect(await kettle.send('GET', '/kitchen')).toMatchObject({
    altitudeM: 77,
    pots: [{ name: 'wide pot' }],
  });

  // Where both changed the same it is told; saved again, mine stands, and what they changed besides
  // stays theirs.
  await page.getByRole('button', { name: 'Change pots' }).click();
  await sheet.getByLabel('Name', { exact: true }).fill('wide pot, mended');
  const there = await kettle.send<{ version: number; pots: object[] }>('GET', '/kitchen');
  await kettle.send('PATCH', '/kitchen', {
    version: there.version,
    changes: {
      pots: there.pots.map((pot) => ({ ...pot, name: 'their pot' })),
      jars: [{ name: 'pint', volumeMl: 473 }],
    },
  });
  await save.click();
  await expect(sheet.getByRole('alert')).toContainText('was changed somewhere else meanwhile');
  await save.click();
  await expect(sheet).toBeHidden();
  expect(await kettle.send('GET', '/kitchen')).toMatchObject({
    pots: [{ name: 'wide pot, mended' }],
    jars: [{ name: 'pint' }],
  });
});

test('changes that are not saved yet can be given up for what was', async ({ page, kettle }) => {
  const { id } = await kettle.send<Batch>('POST', '/batches', PLUM);
  await page.goto(`${kettle.address}/batches/${id}`);
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('800 g sugar');
  await kettle.stop('SIGKILL');
  await page.getByLabel('Line 2', { exact: true }).fill('700 g sugar');
  await page.getByRole('button', { name: 'Go back to the saved version' }).click();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('800 g sugar');
  await expect(page.getByTestId('save-state')).toContainText('Saved');
});

test('a line taken out can be put back, and a recipe pasted whole', async ({ page, kettle }) => {
  await page.goto(`${kettle.address}/batches/new`);
  await page.getByLabel('Line 1', { exact: true }).click();
  await paste(page, '4 lb apricots\n2 lb 8 oz sugar\n\n¼ cup lemon juice\n');
  await expect(page.getByLabel('Line 3', { exact: true })).toHaveValue('¼ cup lemon juice');
  await page.getByRole('button', { name: 'Delete line 2' }).click();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('¼ cup lemon juice');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByLabel('Line 2', { exact: true })).toHaveValue('2 lb 8 oz sugar');
});

test('a batch put away can be brought back', async ({ page, kettle }) => {
  await kettle.send('POST', '/batches', PLUM);
  await page.goto(`${kettle.address}/batches`);
  await page.getByRole('button', { name: 'Delete Plum' }).click();
  await expect(page.getByText('No batches yet.')).toBeVisible();
  await page.getByRole('button', { name: 'Restore' }).click();
  await expect(page.getByRole('link', { name: 'Plum', exact: true })).toBeVisible();
});
