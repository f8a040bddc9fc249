import type { Page } from '@playwright/test';
import { entryFault, EVENT_KINDS, isOfTheJars } from '@idle-kettle/core';
import { randomUUID } from 'node:crypto';
import { HOSTILE, placesIn, type Document } from '../../server/test/hostile.ts';
import type { KettleServer } from '../kettleServer.ts';
import { expect, go, test } from '../kitchen.ts';

/** Panels that failed on the screen that is there, once what it shows has come. */
async function brokenOn(page: Page, path: string, shown: string): Promise<string[]> {
  await go(page, path);
  await page.locator(shown).first().waitFor();
  const texts = await page.getByRole('alert').allTextContents();
  return texts
    .filter((text) => /stopped working|could not be fetched/.test(text))
    .map((text) => `${path}: ${text}`);
}

/** Everything of a kind that the server stores of every field with every hostile value; each different thing once. */
async function storedBy(
  kettle: KettleServer,
  document: Document,
  method: string,
  path: string,
  onStored: (answer: { readonly id: string }) => Promise<void>,
): Promise<number> {
  const seen = new Set<string>();
  for (const place of placesIn(document)) {
    if (place.method !== method || place.path !== path) continue;
    for (const value of HOSTILE) {
      const body = place.put(value);
      const response = await fetch(`${kettle.address}${path}`, {
        method: method.toUpperCase(),
        headers: { 'content-type': 'application/json' },
        body: JSON.stringify(body),
      });
      if (!response.ok) continue;
      const answer = (await response.json()) as { id: string };
      const content = JSON.stringify({
        ...answer,
        id: '',
        createdAt: '',
        updatedAt: '',
        startedAt: '',
        clock: '',
        version: 0,
        versions: (answer as { versions?: { lines: unknown }[] }).versions?.map(
          ({ lines }) => lines,
        ),
      });
      if (seen.has(content)) continue;
      seen.add(content);
      await onStored(answer);
    }
  }
  return seen.size;
}

/** Longer than the app takes the kitchen for fresh, ms. */
const STALE_MS = 120_000;

/** Goes to the kitchen’s screen, which asks for the kitchen anew as if some minutes had gone by. */
async function kitchenAnew(page: Page, later: number): Promise<void> {
  await page.clock.setSystemTime(Date.now() + later * STALE_MS);
  const fetched = page.waitForResponse(
    (response) => response.url().endsWith('/api/kitchen') && response.request().method() === 'GET',
  );
  await go(page, '/kitchen');
  await fetched;
  await page.evaluate(
    () => new Promise((drawn) => requestAnimationFrame(() => requestAnimationFrame(drawn))),
  );
}

/** Entries of the jars that the server takes, in no sensible order, many jars and far-off numbers among them. */
const everythingOfTheJars = () =>
  ['1.1-300', '12.1 99.999', '1.7', '1'].flatMap((text, i) =>
    EVENT_KINDS.filter((kind) => isOfTheJars(kind))
      .filter((kind) => entryFault({ kind, value: 1 + 98 * i, text }) === null)
      .map((kind, j) => ({
        source: 'hostile',
        seq: 1 + 100 * i + j,
        at: Date.now() + j,
        kind,
        value: 1 + 98 * i,
        text,
      })),
  );

type Look = (path: string, shown: string) => Promise<void>;

/** What a test does with the stored values of its kinds; each screen that draws one is looked at for panels that failed. */
const everyValueDraws = (
  what: string,
  visit: (
    stored: (
      method: string,
      path: string,
      onStored: (id: string) => Promise<void>,
    ) => Promise<number>,
    look: Look,
    page: Page,
    kettle: KettleServer,
  ) => Promise<void>,
) =>
  test(`whatever the server stores of ${what}, with every hostile value, every screen draws`, async ({
    page,
    kettle,
  }) => {
    test.setTimeout(240_000);
    await kettle.setUpKitchen();
    const document = await kettle.send<Document>('GET', '/docs-json');
    await page.goto(kettle.address);
    const broken: string[] = [];
    await visit(
      (method, path, onStored) =>
        storedBy(kettle, document, method, path, ({ id }) => onStored(id)),
      async (path, shown) => void broken.push(...(await brokenOn(page, path, shown))),
      page,
      kettle,
    );
    expect(broken).toEqual([]);
  });

everyValueDraws('batches and cards', async (stored, look) => {
  const ids: string[] = [];
  const keep = (id: string) => Promise.resolve(void ids.push(id));
  expect(await stored('post', '/api/batches', keep)).toBeGreaterThan(20);
  for (const id of ids) {
    await look(`/batches/${id}`, '[data-testid="save-state"]');
    await look(`/batches/${id}/prepare`, 'h1, p.text-lg');
  }
  await look('/', 'li.jar-label');
  expect(await stored('post', '/api/cards', () => Promise.resolve())).toBeGreaterThan(10);
  await look('/cards', 'li.jar-label');
});

everyValueDraws('kitchens and cooks', async (stored, look, page, kettle) => {
  const { id } = await kettle.send<{ id: string }>('POST', '/batches', {
    name: 'Plum',
    lines: ['1 kg plums', '800 g sugar'],
  });
  let kitchens = 0;
  await stored('put', '/api/kitchen', async () => {
    kitchens += 1;
    await kitchenAnew(page, kitchens);
    await look('/kitchen', 'h1');
    await look(`/batches/${id}`, '[data-testid="save-state"]');
  });
  expect(kitchens).toBeGreaterThan(20);
  const cooks = await stored('post', '/api/cooks', async (cook) => {
    await look(`/cooks/${cook}`, '[data-testid="delivery"], [role="alert"]');
    await look(`/cooks/${cook}/jars`, '[data-testid="delivery"], [role="alert"]');
    // What is on the stove is read four times a second.
    await kettle.send('POST', `/cooks/${cook}/end`);
  });
  expect(cooks).toBeGreaterThan(3);
  const { id: jars } = await kettle.send<{ id: string }>('POST', '/cooks', {
    id: randomUUID(),
    batchId: id,
  });
  await kettle.send('POST', `/cooks/${jars}/log`, { entries: everythingOfTheJars() });
  await look(`/cooks/${jars}/jars`, '[data-testid="jar-1.1"]');
  await look(`/cooks/${jars}`, '[data-testid="delivery"]');
  await look('/stove', 'h1');
});
