import type { Batch, BatchSummary, CookSession } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { expect, test } from '../kitchen.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

test('batches are found by name, state and fruit; each says what it wants next', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const made = async (name: string, fruit: string) =>
    kettle.send<Batch>('POST', '/batches', { name, lines: [`2 kg ${fruit}`, '1.4 kg sugar'] });
  const cook = async ({ id }: Batch) =>
    kettle.send<CookSession>('POST', '/cook-sessions', { id: randomUUID(), batchId: id });
  await made('Plum for the fair', 'plums');
  await cook(await made('Hedge bramble', 'crushed blackberries'));
  const { id } = await cook(await made('Plum and apple', 'plums'));
  await kettle.send('POST', `/cook-sessions/${id}/end`);

  await page.goto(`${kettle.address}/batches`);
  const labels = page.getByRole('listitem');
  await expect(labels).toHaveCount(3);
  // What is on the stove first, then what waits in its jars.
  await expect(labels.nth(0)).toContainText('Hedge bramble');
  await expect(labels.nth(1)).toContainText('in jars');
  await page.getByText('planned (1)').click();
  await expect(labels).toHaveCount(1);
  await expect(labels).toContainText('Plum for the fair');
  await page.getByText('all (3)').click();
  await page.getByLabel('Fruit').selectOption('plum');
  await expect(labels).toHaveCount(2);
  await page.getByLabel('Find a batch').fill('apple');
  await expect(labels).toHaveCount(1);
  // What is looked for is in the address: a reload and the way back keep it.
  await page.reload();
  await expect(page.getByLabel('Find a batch')).toHaveValue('apple');
  await expect(labels).toHaveCount(1);

  await page.getByRole('link', { name: 'Jars of Plum and apple' }).click();
  await page.getByRole('button', { name: 'They’re already on the shelf' }).click();
  await page.getByText('done (1)').click();
  await expect(labels).toContainText('Plum and apple');
  await page.getByLabel('Find a batch').fill('zorp');
  await page.getByRole('button', { name: 'Show all batches' }).click();
  await expect(labels).toHaveCount(3);
  await page.getByRole('link', { name: 'Prepare Plum for the fair' }).click();
  await expect(page.getByRole('heading', { name: 'Prepare: Plum for the fair' })).toBeVisible();
});

test('a plan that takes minutes still reaches the list, which asks for as long as it waits', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const lines = ['2 kg plums', '1.4 kg sugar'];
  await kettle.send<Batch>('POST', '/batches', { name: 'Late', lines });
  let isLate = true;
  let asked = 0;
  await page.route('**/api/batches', async (route) => {
    asked += 1;
    const response = await route.fetch();
    const batches = (await response.json()) as BatchSummary[];
    const json = isLate ? batches.map((batch) => ({ ...batch, plan: null })) : batches;
    await route.fulfill({ response, json });
  });
  await page.clock.install();
  await page.goto(`${kettle.address}/batches`);
  const label = page.getByRole('listitem');
  await expect(label).toContainText('Planning…');
  // Five minutes of looking: more often than it once looked at all.
  await expect(async () => {
    await page.clock.runFor(5_000);
    expect(asked).toBeGreaterThan(50);
  }).toPass({ intervals: [10], timeout: 60_000 });
  isLate = false;
  await expect(async () => {
    await page.clock.runFor(5_000);
    await expect(label).toContainText('half-pints', { timeout: 500 });
  }).toPass();
  await expect(page.getByLabel('Fruit')).toContainText('plum');
});

test('a server that is dead on a first visit is said to be, and asked again with a press', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  for (const path of [
    '/',
    '/batches',
    '/shelf',
    '/batches/new',
    '/recipes',
    '/kitchen',
    '/stove',
    '/book',
  ]) {
    await page.route('**/api/**', (route) => route.abort());
    await page.goto(`${kettle.address}${path}`);
    await expect(page.getByRole('alert')).toContainText('Could not load');
    await expect(page.getByRole('alert')).toContainText('server isn’t answering');
    await page.unroute('**/api/**');
    await page.getByRole('button', { name: 'Try again' }).click();
    await expect(page.getByRole('alert')).toBeHidden();
  }
});

test('the cupboard is told what is bought and what a batch took, and takes it back', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen({ stock: [{ ingredient: 'sugar', massG: 1000 }] });
  const { id } = await kettle.send<Batch>('POST', '/batches', {
    name: 'Plum',
    lines: ['2 kg plums', '1.4 kg sugar'],
  });
  await page.goto(`${kettle.address}/batches/${id}/prepare`);
  const shopping = page.getByRole('region', { name: 'Ingredients' });
  await expect(shopping).toContainText('14.1 oz (400 g) to buy: 1 bag of 4 lb');
  const stock = async () =>
    (await kettle.send<{ stock: { massG: number }[] }>('GET', '/kitchen')).stock;
  await shopping.getByRole('button', { name: 'Bought it all' }).click();
  await expect(shopping).toContainText('in the cupboard');
  expect(await stock()).toMatchObject([{ ingredient: 'sugar', massG: 1400 }]);
  await shopping.getByRole('button', { name: 'Take it out' }).click();
  await expect(shopping).toContainText('Taken out of the cupboard.');
  expect(await stock()).toMatchObject([{ massG: 0 }]);
  await shopping.getByRole('button', { name: 'Undo' }).click();
  await expect.poll(stock).toMatchObject([{ massG: 1400 }]);

  await shopping.getByRole('button', { name: 'Change the cupboard' }).click();
  const sheet = page.getByRole('dialog', { name: 'Cupboard' });
  await sheet.getByLabel('In stock').fill('11 lb');
  await sheet.getByRole('button', { name: 'Save' }).click();
  await expect(sheet).toBeHidden();
  await expect(shopping).toContainText('in the cupboard');
});
