import type { Batch, CookSession, Kitchen, LiveMessage, LoggedEntry } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { startCluster } from '../../launcher/cluster.mjs';
import { stateFolder } from '../../launcher/state.mjs';
import { KettleServer } from '../kettleServer.ts';
import { seriousFaults } from '../axe.ts';
import { DAMSON, expect, fitsWidth, practice, test } from '../kitchen.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

async function cookOfBatch(kettle: KettleServer): Promise<CookSession> {
  const batch = await kettle.send<Batch>('POST', '/batches', DAMSON);
  return kettle.send<CookSession>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: batch.id,
  });
}

async function wholeLog(kettle: KettleServer, id: string): Promise<LoggedEntry[]> {
  const all: LoggedEntry[] = [];
  for (;;) {
    const { entries } = await kettle.send<LiveMessage>(
      'GET',
      `/cook-sessions/${id}/log?after=${all.at(-1)?.position ?? 0}`,
    );
    if (entries.length === 0) return all;
    all.push(...entries);
  }
}

/** A probe that sends a reading every quarter of a second, and again until it is taken. */
class Probe {
  sent = 0;
  private stopped = false;
  private running: Promise<void> | null = null;

  constructor(
    private readonly kettle: KettleServer,
    private readonly cook: string,
  ) {}

  start(): void {
    this.running = this.run();
  }

  async stop(): Promise<void> {
    this.stopped = true;
    await this.running;
  }

  private async run(): Promise<void> {
    while (!this.stopped) {
      const entry = {
        source: 'probe',
        seq: this.sent + 1,
        at: Date.now(),
        kind: 'temperature',
        value: 20 + this.sent / 20,
      };
      await expect
        .poll(
          () =>
            this.kettle
              .send('POST', `/cook-sessions/${this.cook}/log`, { entries: [entry] })
              .then(() => true)
              .catch(() => false),
          { timeout: 60_000, intervals: [200] },
        )
        .toBe(true);
      this.sent += 1;
      await new Promise((resolve) => setTimeout(resolve, 250));
    }
  }
}

test('a dead server, a restarted database, a minute without network and reloads lose nothing and double nothing', async ({
  page,
  context,
}) => {
  test.setTimeout(240_000);
  const folder = stateFolder('stove-test');
  let cluster = await startCluster(folder, { throwaway: true });
  const kettle = await KettleServer.onEmptyDatabase(cluster.url);
  try {
    await kettle.setUpKitchen();
    const { id } = await cookOfBatch(kettle);
    const probe = new Probe(kettle, id);
    await page.goto(`${kettle.address}/cook-sessions/${id}`);
    await page.evaluate(() => navigator.serviceWorker.ready.then(() => true));
    await page.getByRole('button', { name: 'Burner is on' }).click();
    const litAt = Date.now();
    probe.start();
    const stir = page.getByRole('button', { name: 'Stirred', exact: true });
    const delivery = page.getByTestId('delivery');
    let stirs = 0;
    const stirOnce = async () => {
      await stir.click();
      stirs += 1;
      await expect(page.getByRole('listitem').filter({ hasText: 'Stirred' })).toHaveCount(stirs);
    };
    /** The clock is that of the wall, whatever happened to the page. */
    const clockIsTrue = async () => {
      const [minutes = 0, seconds = 0] = ((await page.getByTestId('since-lit').textContent()) ?? '')
        .split(':')
        .map(Number);
      expect(Math.abs(minutes * 60 + seconds - (Date.now() - litAt) / 1000)).toBeLessThan(3);
    };
    await stirOnce();
    await expect(delivery).toHaveText('All saved');

    // The server is killed, things go on, and the page is even loaded again.
    await kettle.stop('SIGKILL');
    await stirOnce();
    await stirOnce();
    await expect(delivery).toContainText('2 entries kept here until the server is back');
    await page.reload();
    await expect(page.getByRole('listitem').filter({ hasText: 'Stirred' })).toHaveCount(stirs);
    await clockIsTrue();
    await stirOnce();
    await kettle.start();
    await expect(delivery).toHaveText('All saved', { timeout: 20_000 });

    // The database is restarted under the server.
    await cluster.stop();
    await stirOnce();
    cluster = await startCluster(folder);
    await stirOnce();
    await expect(delivery).toHaveText('All saved', { timeout: 30_000 });

    // A minute without any network.
    await context.setOffline(true);
    const offlineAt = Date.now();
    await stirOnce();
    await expect(delivery).toContainText('kept here until the server is back', { timeout: 30_000 });
    await expect.poll(() => Date.now() - offlineAt, { timeout: 70_000 }).toBeGreaterThan(60_000);
    await clockIsTrue();
    await context.setOffline(false);
    await expect(delivery).toHaveText('All saved', { timeout: 20_000 });
    await stirOnce();
    await page.reload();
    await expect(page.getByRole('listitem').filter({ hasText: 'Stirred' })).toHaveCount(stirs);
    await expect(delivery).toHaveText('All saved', { timeout: 20_000 });
    await clockIsTrue();

    await probe.stop();
    const log = await wholeLog(kettle, id);
    expect(log.map(({ position }) => position)).toEqual(log.map((_, index) => index + 1));
    const readings = log.filter(({ source }) => source === 'probe');
    expect(readings.map(({ seq }) => seq)).toEqual(
      Array.from({ length: probe.sent }, (_, index) => index + 1),
    );
    const mine = log.filter(({ source }) => source !== 'probe');
    expect(new Set(mine.map(({ source, seq }) => `${source}/${seq}`)).size).toBe(mine.length);
    expect(mine.map(({ kind }) => kind)).toEqual(['lit', ...Array<string>(stirs).fill('stirred')]);
    expect(mine.map(({ at }) => at)).toEqual(mine.map(({ at }) => at).sort((a, b) => a - b));
  } finally {
    await kettle.stop();
    await cluster.stop();
  }
});

test('the minute of powdered pectin starts with “rolling boil now”, and ends by the clock', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await practice(kettle, {
    name: 'Raspberry',
    lines: ['1.2 kg crushed raspberries', '1.4 kg sugar', '49 g powdered pectin'],
  });
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByTestId('press').click();
  await page.getByRole('button', { name: 'Rolling boil now' }).click();
  await page.getByRole('button', { name: 'Added' }).click();
  await expect(page.getByTestId('clock')).toHaveCount(0);
  await page.getByRole('button', { name: 'Rolling boil now' }).click();
  await expect(page.getByTestId('next-act')).toHaveText(/Boil hard for 1 minute|Take it off/);
  await expect(page.getByTestId('next-act')).toHaveText('Take it off the heat');
});

test('a butter and a curd have faces of their own', async ({ page, kettle }) => {
  await kettle.setUpKitchen({ temperature: 'C' });
  const face = async (name: string, lines: string[], product: string) => {
    const batch = await kettle.send<Batch>('POST', '/batches', {
      name,
      lines,
      settings: { product },
    });
    await page.goto(`${kettle.address}/batches/${batch.id}/stove`);
    await page.getByRole('button', { name: 'Start cooking' }).click();
    await page.getByRole('button', { name: 'Burner is on' }).click();
  };
  await face('Apple butter', ['3 kg apples', '300 g sugar'], 'butter');
  await expect(page.getByTestId('next-act')).toHaveText('Bring to the boil, lid on');
  await page.getByRole('button', { name: 'It’s boiling' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Cook to a sauce, lid on');
  await expect(page.getByRole('button', { name: 'Mound test…' })).toBeVisible();
  await expect(page.getByRole('button', { name: 'Plate test…' })).toHaveCount(0);
  await page.getByRole('button', { name: 'Weigh…' }).click();
  await page.getByLabel('Grams in the pot, without the pot').fill('x');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toHaveText('Enter a number from 50 to 200,000 g.');
  await page.getByLabel('Grams in the pot, without the pot').fill('2900');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('listitem').filter({ hasText: 'Weighed 2,900 g' })).toBeVisible();

  await face(
    'Lime curd',
    ['4 eggs', '200 g sugar', '120 mL bottled lime juice', '100 g butter'],
    'curd',
  );
  await expect(page.getByTestId('next-act')).toHaveText(/Whisk to 77.0.°C/);
  await expect(page.locator('[data-code=do-not-boil]')).toBeVisible();
  await page.getByRole('button', { name: 'Reading…' }).click();
  await page.getByLabel('The thermometer shows').fill('77.5');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Take it off the heat');
  await page.getByRole('button', { name: 'Reading…' }).click();
  await page.getByLabel('The thermometer shows').fill('84');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.locator('[data-code=curdles]')).toContainText('82 °C');
});

test('the stove is sound for everybody, and fits every screen', async ({ page, kettle }) => {
  await kettle.setUpKitchen();
  const { id } = await practice(kettle);
  await page.goto(`${kettle.address}/stove`);
  await expect(page.getByRole('heading', { name: 'Practice kettle' })).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByRole('button', { name: 'The probe is in boiling water' }).click();
  expect(await seriousFaults(page)).toEqual([]);
  await page.getByRole('button', { name: 'Burner is on' }).click();
  await page.getByRole('button', { name: 'Plate test…' }).click();
  await expect(page.getByTestId('your-plate')).toBeVisible();
  expect(await seriousFaults(page)).toEqual([]);
  for (const [width, height] of [
    [1280, 800],
    [820, 1180],
    [390, 844],
  ] as const) {
    await page.setViewportSize({ width, height });
    expect(await fitsWidth(page)).toBe(true);
  }
  await kettle.send('POST', `/cook-sessions/${id}/end`);
  await expect(page.getByRole('region', { name: 'Debrief' })).toBeVisible();
  await page.setViewportSize({ width: 1280, height: 800 });
  expect(await seriousFaults(page)).toEqual([]);
});

test('boiling water is read before the cook, by typing, and kept for the kitchen', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await cookOfBatch(kettle);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  await page.getByRole('button', { name: 'The probe is in boiling water' }).click();
  await page.getByLabel('Or what the thermometer shows').fill('120');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toHaveText('Enter a number from 185 to 221 °F.');
  await page.getByLabel('Or what the thermometer shows').fill('204');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByTestId('water-boils')).toHaveText('204.0 °F');
  await page.getByRole('button', { name: 'Save it for this kitchen' }).click();
  await expect(page.getByText('Saved for this kitchen.')).toBeVisible();
  await expect
    .poll(async () => (await kettle.send<Kitchen>('GET', '/kitchen')).waterBoilsC)
    .toBeCloseTo(95.56, 2);
});

test('a drop that runs when done: five minutes more, and what that usually means', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const batch = await kettle.send<Batch>('POST', '/batches', {
    name: 'Strawberry',
    lines: ['2 kg crushed strawberries', '1.4 kg sugar'],
  });
  await page.goto(`${kettle.address}/batches/${batch.id}/prepare`);
  await page.getByRole('link', { name: 'Go to the stove' }).click();
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Burner is on' }).click();
  // By key: the figures that come meanwhile may move what stands below them.
  await page.getByRole('button', { name: 'A different amount than 1,400 g' }).press('Enter');
  await page.getByLabel('Grams added').fill('1200');
  await page.getByRole('button', { name: 'Log it' }).click();
  const log = page.getByRole('listitem');
  await expect(log.filter({ hasText: 'Added 1,200 g, as planned' })).toBeVisible();
  await page.getByRole('button', { name: 'Dissolved' }).click();
  await page.getByRole('button', { name: 'Add…' }).click();
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(log.filter({ hasText: 'Added 15 g' })).toBeVisible();
  await page.getByTestId('press').click();
  await page.getByRole('button', { name: 'Plate test', exact: true }).click();
  await page.getByRole('button', { name: 'It runs' }).click();
  await expect(page.getByTestId('next-act')).toHaveText(/5.more minutes/);
  await expect(page.getByTestId('clock')).toHaveText(/^(5:00|4:5\d)$/);
  await page.getByRole('button', { name: 'Reading…' }).press('Enter');
  await page.getByLabel('The thermometer shows').fill('214');
  await page.getByRole('button', { name: 'Log it' }).click();
  await expect(page.getByRole('alert')).toContainText('acid or pectin is low');
  // Taken back, the test is asked for again.
  await page.getByRole('button', { name: 'Undo: Plate test: It runs' }).click();
  await expect(page.getByTestId('next-act')).toHaveText('Test a drop on the cold plate');
});

test('a press that a reload follows in the same instant is kept, and is there once', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  const { id } = await cookOfBatch(kettle);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  const pressed = await page.getByTestId('press').textContent();
  // The browser’s database is busy with something else, as on a slow phone.
  await page
    .evaluate(async () => {
      const database = await new Promise<IDBDatabase>((resolve) => {
        const opening = indexedDB.open('idle-kettle-stove');
        opening.onsuccess = () => resolve(opening.result);
      });
      const store = database.transaction('entries', 'readwrite').objectStore('entries');
      const goOn = () => {
        store.count().onsuccess = goOn;
      };
      goOn();
      document.querySelector<HTMLElement>('[data-testid="press"]')!.click();
      location.reload();
    })
    .catch(() => undefined);
  await expect(page.getByTestId('press')).not.toHaveText(pressed!);
  await expect.poll(async () => (await wholeLog(kettle, id)).length).toBe(1);
  await page.reload();
  await expect(page.getByTestId('press')).not.toHaveText(pressed!);
  expect(await wholeLog(kettle, id)).toHaveLength(1);
});

test('after a reload a bell that would not be heard says so, until the page is touched', async ({
  page,
  kettle,
}) => {
  const { id } = await practice(kettle);
  await page.goto(`${kettle.address}/cook-sessions/${id}`);
  // As browsers with a loudspeaker do: a page is silent until somebody has touched it.
  await page.addInitScript(() => {
    let touched = false;
    window.addEventListener('pointerdown', () => (touched = true), true);
    window.AudioContext = class extends AudioContext {
      override get state() {
        return touched ? super.state : 'suspended';
      }
    };
  });
  await page.reload();
  const mute = page.getByText('Tap the page once so it can ring');
  await expect(mute).toBeVisible();
  await page.getByRole('heading', { level: 1 }).click();
  await expect(mute).toBeHidden();
});

test('a practice is begun from its form; how the stove calls is remembered', async ({
  page,
  kettle,
}) => {
  await kettle.setUpKitchen();
  await page.goto(`${kettle.address}/stove`);
  await page.getByLabel(/^Batch/).selectOption('Strawberry jam');
  await page.getByLabel('What can go wrong').selectOption('A thermometer that reads low');
  await expect(page.getByText('dropped last week')).toBeVisible();
  await page.getByLabel('The pot is on a scale').check();
  await page.getByRole('button', { name: '60×' }).click();
  await page.getByRole('button', { name: 'Start practice' }).click();
  await expect(page.getByRole('heading', { level: 1 })).toHaveText('Strawberry jam');
  await expect(page.getByRole('button', { name: '60×' })).toHaveAttribute('aria-pressed', 'true');
  // The scale weighs once in a minute of the kitchen.
  await expect(
    page
      .getByRole('listitem')
      .filter({ hasText: /^.*Weighed/ })
      .first(),
  ).toBeVisible();

  const sound = page.getByRole('button', { name: 'Sound', exact: true });
  await expect(sound).toHaveAttribute('aria-pressed', 'true');
  await sound.click();
  await page.reload();
  await expect(sound).toHaveAttribute('aria-pressed', 'false');
  await page.goto(`${kettle.address}/stove`);
  await expect(page.getByRole('link', { name: /Strawberry jam \(practice\)/ })).toBeVisible();
});
