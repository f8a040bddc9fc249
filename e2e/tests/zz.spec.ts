import { expect, test } from '../fixtures.ts';
test('pics', async ({ page, kettle }) => {
  const batch = await kettle.batch({ name: 'Damson', lines: ['7 cups crushed damsons', '5 cups sugar', '2 tbsp bottled lemon juice', '3/4 cup sugar per cup of juice'] });
  await page.setViewportSize({ width: 1280, height: 800 });
  await page.goto(`${kettle.address}/batches/${batch.id}`);
  await expect(page.getByTestId('stop')).toContainText('°F');
  await page.waitForTimeout(2500);
  await page.screenshot({ path: '/tmp/p/balance.png', fullPage: true });
});
