import type { LiveMessage, LoggedEntry } from '@idle-kettle/contract';
import { startCluster } from '../../launcher/cluster.mjs';
import { stateFolder } from '../../launcher/state.mjs';
import { KettleServer } from '../kettleServer.ts';
import { cookOfBatch, expect, test } from '../kitchen.ts';

// What is kept for a browser without a server is tried here.
test.use({ serviceWorkers: 'allow' });

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
  test.setTimeout(600_000);
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
    await expect(delivery).toHaveText('All saved', { timeout: 60_000 });

    // The database is restarted under the server.
    await cluster.stop();
    await stirOnce();
    cluster = await startCluster(folder);
    await stirOnce();
    await expect(delivery).toHaveText('All saved', { timeout: 60_000 });

    // A minute without any network.
    await context.setOffline(true);
    const offlineAt = Date.now();
    await stirOnce();
    await expect(delivery).toContainText('kept here until the server is back', { timeout: 60_000 });
    await expect.poll(() => Date.now() - offlineAt, { timeout: 70_000 }).toBeGreaterThan(60_000);
    await clockIsTrue();
    await context.setOffline(false);
    await expect(delivery).toHaveText('All saved', { timeout: 60_000 });
    await stirOnce();
    await page.reload();
    await expect(page.getByRole('listitem').filter({ hasText: 'Stirred' })).toHaveCount(stirs);
    await expect(delivery).toHaveText('All saved', { timeout: 60_000 });
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
