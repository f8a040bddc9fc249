/// <reference lib="dom" />
import type { Kitchen, Recipe } from '@idle-kettle/contract';
import { readFile } from 'node:fs/promises';
import { keepBook, type PastCook } from '../keptBook.ts';
import { expect, test, turnLabel, typeLines } from '../kitchen.ts';
import { PAST_READINGS, type PastReadings } from '../pastReadings.ts';

const DAMSONS = ['2 kg crushed damsons', '1.4 kg sugar'];
const [FIRST, SECOND, BRAMBLE] = PAST_READINGS as [PastReadings, PastReadings, PastReadings];
const PAST: readonly PastCook[] = [
  { name: 'Damson, first', lines: DAMSONS, daysAgo: 60, log: FIRST, outcome: { set: 'firm' } },
  {
    name: 'Damson, less sugar',
    lines: ['2 kg crushed damsons', '1.3 kg sugar'],
    daysAgo: 40,
    log: SECOND,
    outcome: { set: 'soft', taste: 5, again: true },
  },
  {
    name: 'Hedge bramble',
    lines: ['1.5 kg crushed blackberries', '1.1 kg sugar'],
    daysAgo: 9,
    log: BRAMBLE,
  },
];

test.beforeEach(({ kettle }) =>
  kettle.setUpKitchen({
    altitudeM: 0,
    burners: [{ id: 'front', name: 'front burner', heat: 'medium-burner' }],
  }),
);

test('an outcome is said in three taps, moves what is known, and the next plan cites it', async ({
  page,
  kettle,
}) => {
  await keepBook(kettle, PAST);
  await page.goto(`${kettle.address}/book`);
  await page
    .getByRole('region', { name: 'How did these turn out?' })
    .getByRole('link', { name: 'Hedge bramble' })
    .click();
  await expect(page.getByRole('heading', { name: 'Hedge bramble', level: 1 })).toBeVisible();
  await expect(page.getByRole('img', { name: /Time: .* planned, .* came/ })).toBeVisible();
  const state = page.getByTestId('outcome-state');
  await page.getByText('soft', { exact: true }).click();
  await page.getByRole('button', { name: 'How does it taste? 4 of 5' }).click();
  await page.getByRole('button', { name: 'Yes', exact: true }).click();
  await expect(state).toHaveText('Saved');
  const before = (await kettle.send<Kitchen>('GET', '/kitchen')).knowledge?.yieldTimes ?? null;
  await page.getByText('Notes, cost and what was measured').click();
  await page.getByLabel('What reached the jars').fill('1.2 L');
  await page.getByLabel('What reached the jars').press('Enter');
  await page.getByLabel('Notes').fill('Seeds. Sieve half next time.');
  await page.getByLabel('Notes').blur();
  await expect(state).toHaveText('Saved');
  await page.reload();
  await expect(page.getByRole('radio', { name: 'soft' })).toBeChecked();
  const { knowledge } = await kettle.send<Kitchen>('GET', '/kitchen');
  expect(knowledge?.yieldTimes).not.toEqual(before);
  expect(knowledge?.burners[0]?.netPowerW.batches).toBe(3);

  await page.getByRole('link', { name: 'Back to the Book' }).click();
  await page.getByRole('link', { name: 'What this kitchen knows' }).click();
  await expect(page.getByRole('listitem', { name: 'Power of front burner' })).toContainText(
    'from 3 batches',
  );
  await page.goto(`${kettle.address}/batches/new`);
  await typeLines(page, DAMSONS);
  await turnLabel(page);
  await expect(page.getByTestId('learned')).toContainText('learned from 3 batches', {
    useInnerText: true,
  });
  // What is forgotten is cited no more.
  await page.goto(`${kettle.address}/book/knows`);
  await page.getByRole('button', { name: 'Forget: Power of front burner' }).click();
  await page.getByRole('button', { name: 'Forget', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Nothing learned yet' })).toContainText(
    'Power of front burner',
  );
});

test('the Book is looked through as somebody types, and two cooks stand side by side', async ({
  page,
  kettle,
}) => {
  await keepBook(kettle, PAST);
  await page.goto(`${kettle.address}/book`);
  const rows = page.getByRole('list', { name: 'Cooks, the last first' }).getByRole('listitem');
  await expect(rows).toHaveCount(3);
  await page.getByLabel('Search names, fruit, words').pressSequentially('dams sug');
  await expect(page.getByLabel('Search names, fruit, words')).toHaveValue('dams sug');
  await expect(rows).toHaveCount(2);
  await expect(page).toHaveURL(/words=dams\+sug/);
  await page.getByRole('checkbox', { name: 'Worth making again' }).check();
  await expect(rows).toHaveCount(1);
  await page.reload();
  await expect(rows).toHaveCount(1);
  await page.getByRole('checkbox', { name: 'Worth making again' }).uncheck();
  await page.getByLabel('Search names, fruit, words').fill('zorp');
  await expect(page.getByText('No cook is like that.')).toBeVisible();
  await expect(page.getByText('Nothing is in the Book yet.')).toBeHidden();
  await page.getByLabel('Search names, fruit, words').fill('');
  await page.getByLabel('Put Damson, first side by side').check();
  await page.getByLabel('Put Damson, less sugar side by side').check();
  await page.getByTestId('beside').click();
  await expect(page.getByRole('region', { name: 'What differs' })).toContainText(
    /less white sugar/,
  );
  await expect(page.getByRole('img', { name: /Temperature of Damson, first/ })).toBeVisible();
});

test('on a slow device no letter is lost that is typed while the page goes on', async ({
  page,
  kettle,
}) => {
  await keepBook(kettle, PAST);
  const field = page.getByLabel('Search names, fruit, words');
  const devtools = await page.context().newCDPSession(page);
  // The address that follows is drawn a part at a time, with letters between the parts.
  for (const betweenMs of [0, 10, 20, 30, 40]) {
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: 1 });
    await page.goto(`${kettle.address}/book`);
    await expect(field).toBeVisible();
    await devtools.send('Emulation.setCPUThrottlingRate', { rate: 6 });
    await field.pressSequentially('dams sug', { delay: betweenMs });
    await expect(field).toHaveValue('dams sug');
  }
});

test('no page is drawn in measures that may be wrong, nor anew under whoever types already', async ({
  page,
  kettle,
}) => {
  await keepBook(kettle, PAST);
  await kettle.setUpKitchen({ units: 'metric', temperature: 'C', altitudeM: 0, altitudeUnit: 'm' });
  let tell: () => void = () => undefined;
  const told = new Promise<void>((resolve) => (tell = resolve));
  await page.route('**/api/kitchen', async (route) => {
    await told;
    await route.continue();
  });
  await page.goto(`${kettle.address}/book`);
  const field = page.getByLabel('Search names, fruit, words');
  await expect(page.getByRole('main')).toContainText('Loading');
  await expect(field).toBeHidden();
  tell();
  await field.fill('damson');
  await expect(page).toHaveURL(/words=damson/);
  await expect(field).toHaveValue('damson');
  // From now on this browser knows how this kitchen is spoken to, whoever answers.
  await page.unroute('**/api/kitchen');
  await page.route('**/api/kitchen', () => undefined);
  await page.reload();
  await expect(field).toHaveValue('damson');
});

test('a box of twelve old recipes is looked over, mended and kept', async ({ page, kettle }) => {
  const box = Array.from(
    { length: 12 },
    (_, index) =>
      `${index === 4 ? '' : `Old jam ${index + 1}\n`}${index + 1} kg plums\n${index + 1} kg sugar\n`,
  ).join('\n');
  await page.goto(`${kettle.address}/book/files`);
  await page.getByLabel('Recipes as text').fill(box);
  await page.getByRole('button', { name: 'Look them over' }).click();
  await expect(page.getByText('12 recipes were read.')).toBeVisible();
  // One has no title: it is said, the others are kept, and it stays to be mended.
  await page.getByLabel('Title of recipe 5').fill('Old jam 5');
  await page.getByLabel('Lines of Old jam 2').fill('2 kg plums\n1.5 kg sugar');
  await page.getByRole('button', { name: 'Keep these 12 recipes' }).click();
  await expect(page.getByText('12 recipes are kept.')).toBeVisible();
  const recipes = await kettle.send<Recipe[]>('GET', '/recipes');
  expect(recipes).toHaveLength(12);
  expect(recipes.find(({ name }) => name === 'Old jam 2')?.versions[0]?.lines).toEqual([
    '2 kg plums',
    '1.5 kg sugar',
  ]);
});

test('everything goes out as a file, and comes in again; a broken one changes nothing', async ({
  page,
  kettle,
  provoked,
}) => {
  await keepBook(kettle, PAST);
  await page.goto(`${kettle.address}/book/files`);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('link', { name: 'Everything, as JSON' }).click(),
  ]);
  const text = await readFile(await file.path(), 'utf8');
  await page.getByLabel('Choose a file').setInputFiles(await file.path());
  await expect(page.getByText(/were there already/)).toContainText('6 were there already');
  provoked.push(/status of 400/, /got 400 of .*import/);
  await page.getByLabel('Choose a file').setInputFiles({
    name: 'broken.json',
    mimeType: 'application/json',
    buffer: Buffer.from(text.replaceAll('"lit"', '"burned"')),
  });
  await expect(page.getByRole('alert')).toContainText('Nothing was changed.');
  await expect(page.getByRole('alert')).toContainText('Line 1 of the log');
});

test('photos are added, looked at large and taken out; a file that is none is said to be', async ({
  page,
  kettle,
}) => {
  const [past] = await keepBook(kettle, PAST.slice(0, 1));
  await page.goto(`${kettle.address}/book/${past?.cook}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  // A picture that the browser itself draws.
  const drawn = await page.evaluate(() => {
    const canvas = document.createElement('canvas');
    canvas.width = 2400;
    canvas.height = 1200;
    canvas.getContext('2d')?.fillRect(0, 0, 2400, 600);
    return canvas.toDataURL('image/png').split(',')[1] ?? '';
  });
  const input = page.getByLabel('Add photos');
  await input.setInputFiles({
    name: 'jar.png',
    mimeType: 'image/png',
    buffer: Buffer.from(drawn, 'base64'),
  });
  const photo = page.getByRole('img', { name: 'Photo 1 of Damson, first' });
  await expect(photo).toBeVisible();
  await photo.click();
  const dialog = page.getByRole('dialog');
  await expect(dialog.getByRole('img')).toHaveJSProperty('naturalWidth', 1600);
  await dialog.getByRole('button', { name: 'Close' }).click();
  await input.setInputFiles({
    name: 'jar.jpg',
    mimeType: 'image/jpeg',
    buffer: Buffer.from('<script>window.pwned = 1</script>'),
  });
  await expect(page.getByRole('alert')).toContainText('cannot open that photo');
  await page.getByRole('button', { name: 'Delete photo 1' }).click();
  await expect(photo).toBeHidden();
});

test('readings of a probe go out and come in, once', async ({ page, kettle }) => {
  const [past] = await keepBook(kettle, PAST.slice(0, 1));
  await page.goto(`${kettle.address}/book/${past?.cook}`);
  const [file] = await Promise.all([
    page.waitForEvent('download'),
    page.getByRole('button', { name: 'Readings as CSV' }).click(),
  ]);
  const csv = await readFile(await file.path(), 'utf8');
  expect(csv.split('\r\n').length).toBe(FIRST.readings.length + 2);
  const given = {
    name: 'probe.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from('minute,temp °C\n3,41\n4,52\n'),
  };
  for (let time = 0; time < 2; time += 1) {
    await page.getByLabel('Bring readings in').setInputFiles(given);
    await expect(page.getByText('2 readings came in.')).toBeVisible();
  }
  const { position } = await kettle.send<{ position: number }>(
    'GET',
    `/cook-sessions/${past?.cook}`,
  );
  expect(position).toBe(FIRST.readings.length + FIRST.added.length + 4);
  await page.getByLabel('Bring readings in').setInputFiles({
    ...given,
    buffer: Buffer.from('minute,temp\n0,20\n1,hot\n'),
  });
  await expect(page.getByRole('alert')).toContainText('Line 3');
});

test('what a version of a recipe changed and did is told at the recipe and at the cook', async ({
  page,
  kettle,
}) => {
  const { id } = await kettle.send<Recipe>('POST', '/recipes', {
    name: 'Damson',
    lines: ['2 kg crushed damsons', '1.6 kg sugar'],
  });
  await kettle.send('POST', `/recipes/${id}/versions`, {
    name: 'Damson',
    lines: DAMSONS,
    note: 'won at the fair',
  });
  const [past] = await keepBook(kettle, [
    {
      name: 'Damson',
      lines: DAMSONS,
      daysAgo: 20,
      log: FIRST,
      settings: { recipe: { id, number: 2 } },
      outcome: { set: 'soft', taste: 5 },
    },
  ]);
  for (const path of ['/recipes', `/book/${past?.cook}`]) {
    await page.goto(kettle.address + path);
    await page.getByText('What changed, and what it did').click();
    const told = page.getByRole('region', { name: 'What changed, and what it did' });
    await expect(told).toContainText(/less white sugar; set soft; taste 5 of 5; “won at the fair”/);
    await expect(told).toContainText('Version 1: the first; not cooked yet');
  }
});
