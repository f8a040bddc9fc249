import { expect, line, test } from '../kitchen.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

const batch = { name: 'Damson jam', lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

test('screens nobody has opened yet open without a network', async ({ page, context, kettle }) => {
  await kettle.setUpKitchen();
  const last = page.waitForResponse(/assets\/KitchenScreen/);
  await page.goto(`${kettle.address}/batches`);
  await last;
  await context.setOffline(true);
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await expect(page.getByRole('heading', { name: 'Test kitchen' })).toBeVisible();
  await page.getByRole('link', { name: 'Recipes' }).click();
  await expect(page.getByRole('alert')).toContainText('answering');
  await page.getByRole('link', { name: 'Stove' }).click();
  await expect(page.getByRole('alert')).toContainText('answering');
  await page.getByRole('link', { name: 'Batches' }).click();
  await page.getByRole('link', { name: 'Start a batch' }).click();
  await expect(line(page, 1)).toBeVisible();
  await context.setOffline(false);
});

test('a screen whose code did not come leaves the navigation, and opens by itself', async ({
  page,
  kettle,
  provoked,
}) => {
  provoked.push(/RecipesScreen|dynamically imported/);
  await kettle.setUpKitchen();
  await kettle.send('POST', '/recipes', batch);
  await page.route(/assets\/RecipesScreen/, (route) => route.abort());
  await page.goto(kettle.address);
  await page.getByRole('link', { name: 'Recipes' }).click();
  await expect(page.getByRole('alert')).toContainText('opens by itself');
  await page.getByRole('link', { name: 'Kitchen' }).click();
  await expect(page.getByRole('heading', { name: 'Test kitchen' })).toBeVisible();
  await page.getByRole('link', { name: 'Recipes' }).click();
  await expect(page.getByRole('alert')).toContainText('opens by itself');
  await page.unroute(/assets\/RecipesScreen/);
  await expect(page.getByRole('heading', { name: 'Damson jam' })).toBeVisible();
});

test('what a server that was away could not give comes by itself', async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  const { id } = await kettle.send<{ id: string }>('POST', '/batches', batch);
  const last = page.waitForResponse(/assets\/KitchenScreen/);
  await page.goto(`${kettle.address}/batches`);
  await last;
  await kettle.stop();
  await page.getByRole('link', { name: 'Damson jam', exact: true }).click();
  await expect(page).toHaveURL(new RegExp(id));
  await expect(page.getByRole('alert').first()).toContainText('answering');
  await kettle.start();
  await expect(page.getByTestId('shelf')).toContainText('Pantry');
});
