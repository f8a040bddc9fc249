import type { Batch, CookSession } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { DAMSON, expect, test } from '../kitchen.ts';

test('one chain on paper and at the stove: what goes in last, a probe that says otherwise, a second press, a pot that is lifted', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const batch = await kettle.send<Batch>('POST', '/batches', {
    name: 'Damson with brandy',
    lines: ['2 kg damsons', '1.4 kg sugar', '5 g butter', '60 mL brandy'],
  });
  await page.goto(`${kettle.address}/batches/${batch.id}/prepare`);
  const sheet = page.getByRole('region', { name: 'Run sheet' }).getByRole('listitem');
  const told = [/^Weigh/, /^Light/, /^Bring to the boil/, /^Soften/, /^Add the sugar/, /^Stir until/, /^Add a knob/, /^Boil hard/, /^Test a drop/, /^Stir in the last additions.*brandy/, /^Skim/, /^Fill/]; // prettier-ignore
  for (const [index, text] of told.entries()) await expect(sheet.nth(index)).toHaveText(text);

  const session = await kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: batch.id,
  });
  const note = (entries: object[]) =>
    kettle.send('POST', `/cook-sessions/${session.id}/log`, { entries });
  const act = page.getByTestId('next-act');
  const press = page.getByTestId('press');
  await page.goto(`${kettle.address}/cook-sessions/${session.id}`);
  await press.click();
  await expect(act).toHaveText('Bring to the boil, lid on');

  // A probe that is far from the boil: the press is asked about, and may be taken back or stood by.
  const now = Date.now();
  await note(
    [1, 2, 3, 4, 5, 6].map((seq) => ({
      source: 'probe',
      seq,
      at: now - 1000 * (6 - seq),
      kind: 'temperature',
      value: 61,
    })),
  );
  await expect(press).toHaveAttribute('data-due', 'false');
  await press.click();
  await expect(page.getByTestId('held-back')).toContainText('Is it boiling?');
  await page.getByRole('button', { name: 'Not yet' }).click();
  await expect(act).toHaveText('Bring to the boil, lid on');
  await press.click();
  await page.getByRole('button', { name: 'Yes, it’s boiling' }).click();
  await expect(act).toHaveText('Soften the fruit, lid on');
  await press.click();

  // The sugar is in, said twice by another device: once is counted, and the next act is the next.
  await expect(act).toHaveText('Add the sugar');
  await press.click();
  const again = { source: 'phone', at: Date.now(), kind: 'added', value: 1400 };
  await note([{ ...again, seq: 1, text: 'as planned: sugar' }]);
  await note([{ ...again, seq: 2, text: 'as planned: sugar' }]);
  await expect(act).toHaveText('Stir until no grit is left');
  await expect(page.getByRole('listitem').filter({ hasText: 'Added 1,400 g' })).toHaveCount(3);
  const solids = async () =>
    Number(/([\d.]+)–/.exec((await page.getByTestId('solids').textContent()) ?? '')?.[1]);
  await expect.poll(solids).toBeLessThan(53);
  await press.click();
  await expect(act).toHaveText('Add a knob of butter against foam');
  await press.click();
  await expect(act).toHaveText(/^Boil hard to/);

  // Lifted for a moment, and put back: the boil goes on, and off the heat nothing is “to go”.
  await page.getByRole('button', { name: 'Lift it off' }).click();
  await expect(act).toHaveText('Back on the heat');
  await expect(page.getByTestId('to-go')).toHaveText('–');
  await press.click();
  await expect(act).toHaveText(/^Boil hard to/);
  await expect(page.getByRole('button', { name: 'Full', exact: true })).toHaveAttribute(
    'aria-pressed',
    'true',
  );

  // A sheet test over the pot that merges calls it off; the plate is passed over, and the brandy
  // goes in.
  await page.getByRole('button', { name: 'Sheet test…' }).click();
  await page.locator('button[data-outcome=merges]').click();
  await expect(act).toHaveText('Take it off the heat');
  await press.click();
  await expect(act).toHaveText('Stir in the last additions');
  await press.click();
  await expect(act).toHaveText('Skim, and let it stand');
  await press.click();
  await expect(act).toHaveText('Fill the jars');
});

test('entries that cannot be, from before they were refused, are lines that can be taken back, and break nothing', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const batch = await kettle.send<Batch>('POST', '/batches', DAMSON);
  const session = await kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: batch.id,
  });
  const odd = [
    ['2000-01-01', 'lit', null, null],
    ['2099-01-01', 'stirred', null, null],
    [new Date().toISOString(), 'added', 1e6, 'as planned'],
    [new Date().toISOString(), 'flame', -5, null],
    [new Date().toISOString(), 'water-boils', -20, null],
  ] as const;
  for (const [index, [at, kind, value, text]] of odd.entries()) {
    await kettle.put(
      `INSERT INTO cook_session_entries (session_id, source, seq, position, at, kind, value, text)
       VALUES ($1, 'old', $2, $2, $3, $4, $5, $6)`,
      [session.id, index + 1, at, kind, value, text],
    );
  }
  await kettle.put('UPDATE cook_sessions SET position = 5 WHERE id = $1', [session.id]);

  await page.goto(`${kettle.address}/cook-sessions/${session.id}`);
  const act = page.getByTestId('next-act');
  await expect(act).toHaveText('Light the burner');
  const wrong = page.getByRole('listitem').filter({ hasText: 'Doesn’t count.' });
  await expect(wrong).toHaveCount(5);
  await expect(wrong.filter({ hasText: 'Flame' })).toContainText('must be a number from 0 to 1.5');
  await expect(wrong.filter({ hasText: 'Burner on' })).toContainText('outside the batch');
  for (let left = 5; left > 0; left -= 1) {
    await wrong.first().getByRole('button', { name: /^Undo/ }).click();
    await expect(wrong).toHaveCount(left - 1);
  }
  await page.getByTestId('press').click();
  await expect(act).not.toHaveText('Light the burner');
  await expect(page.getByTestId('minutes-left')).toHaveText(/\d/);
});

test('a part of the stove that fails leaves the rest standing', async ({
  page,
  kettle,
  provoked,
}) => {
  provoked.push(/no canvas here/);
  await page.addInitScript(() => {
    HTMLCanvasElement.prototype.getContext = () => {
      throw new Error('no canvas here');
    };
  });
  await kettle.setUpKitchen();
  const batch = await kettle.send<Batch>('POST', '/batches', DAMSON);
  const session = await kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: batch.id,
  });
  await page.goto(`${kettle.address}/cook-sessions/${session.id}`);
  await expect(
    page.getByText('The curve stopped working; everything else still works.'),
  ).toBeVisible();
  await page.getByTestId('press').click();
  await expect(page.getByTestId('next-act')).not.toHaveText('Light the burner');
});
