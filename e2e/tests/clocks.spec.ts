import { JarLog } from '../../core/test/jarLog.ts';
import { cookOfBatch, expect, test } from '../kitchen.ts';

for (const network of ['with the network', 'without it'])
  test(`a clock on the wall that jumps by an hour makes no minute in the canner, ${network}`, async ({
    page,
    kettle,
    context,
  }) => {
    await kettle.setUpKitchen();
    const { id } = await cookOfBatch(kettle);
    const log = new JarLog().closed(0, '1.1-3').at(1, 'loaded', '1.1-3', 1);
    log.at(2, 'canner-lit', null, 1).at(22, 'canner-boils', null, 1);
    const from = Date.now() - 22 * 60_000;
    await kettle.send('POST', `/cook-sessions/${id}/log`, {
      entries: log.entries.map((entry) => ({ ...entry, at: from + entry.at })),
    });
    await page.goto(`${kettle.address}/cook-sessions/${id}/jars`);
    const clock = page.getByTestId('clock');
    await expect(clock).toHaveText(/^(9|14|19):5\d$/);
    if (network === 'without it') await context.setOffline(true);
    const minutes = Number((await clock.textContent())?.split(':')[0]);
    for (const jumpMs of [3_600_000, -2 * 3_600_000]) {
      await page.evaluate((ms) => {
        const now = Date.now;
        Date.now = () => now() + ms;
      }, jumpMs);
      const before = await clock.textContent();
      await expect(clock).not.toHaveText(before ?? '');
      await expect(clock).toHaveText(new RegExp(`^${minutes}:[45]\\d$`));
    }
    // Nor does it end the time: the heat that goes off now is too early, and is asked about.
    await page.getByRole('button', { name: 'Heat off' }).click();
    await expect(page.getByRole('alert')).toContainText('left');
  });
