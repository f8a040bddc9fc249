import type { Page } from '@playwright/test';
import { entryFault, EVENT_KINDS, isOfTheJars } from '@idle-kettle/core';
import { randomUUID } from 'node:crypto';
import { leastOfSome, some } from '../../core/test/runs.ts';
import { HOSTILE, placesIn, type Document } from '../../server/test/hostile.ts';
import type { KettleServer } from '../kettleServer.ts';
import { expect, go, test } from '../kitchen.ts';

/** Panels that failed on the screen that is there, once what it shows has come. */
async function brokenOn(page: Page, path: string, shown: string): Promise<string[]> {
  await go(page, path);
  await page.locator(shown).or(page.getByRole('alert')).first().waitFor();
  const texts = await page.getByRole('alert').allTextContents();
  return texts
    .filter((text) => /stopped working|Could not load/.test(text))
    .map((text) => `${path}: ${text}`);
}

type Body = { readonly [field: string]: unknown };

/** Something that the server stored of one field with one hostile value. */
type Stored = { readonly place: string; readonly body: Body };

/** Stores something of a kind; null where it is refused. */
async function store(
  kettle: KettleServer,
  method: string,
  path: string,
  body: unknown,
): Promise<{ readonly id: string } | null> {
  const response = await fetch(`${kettle.address}${path}`, {
    method: method.toUpperCase(),
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });
  if (response.ok) return (await response.json()) as { id: string };
  // Only what is wrong with the body refuses it: a server that is tired or broken would leave
  // values untried.
  if (![400, 404, 409, 413, 422].includes(response.status))
    throw new Error(`${method} ${path}: ${response.status} ${await response.text()}`);
  return null;
}

/**
 * Everything of a kind that the server stores of every field with the hostile values of this run;
 * each different thing once.
 */
async function storedBy(
  kettle: KettleServer,
  document: Document,
  method: string,
  path: string,
): Promise<Stored[]> {
  const seen = new Map<string, Stored>();
  for (const place of placesIn(document)) {
    if (place.method !== method || place.path !== path) continue;
    for (const value of some(HOSTILE)) {
      const body = place.put(value);
      const answer = await store(kettle, method, path, body);
      if (answer === null) continue;
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
      if (!seen.has(content)) seen.set(content, { place: place.name, body: body as Body });
    }
  }
  return [...seen.values()];
}

/**
 * Of two bodies what is hostile in either: the field of the one, or that part of it, put into the
 * other.
 */
function together(into: Body, { place, body }: Stored): Body {
  const [field = '', inner] = place.split('.');
  const [there, here] = [into[field], body[field]];
  if (inner === undefined || there === undefined) return { ...into, [field]: here };
  const part = (of: unknown) => (Array.isArray(of) ? (of[0] as Body) : (of as Body));
  const both = { ...part(there), [inner]: part(here)[inner] };
  return { ...into, [field]: Array.isArray(here) ? [both] : both };
}

/**
 * What was stored, put together so that fewer things hold it all: the first of every field in one,
 * the second of every field in the next, and so on. What decides whether anything else is drawn
 * stands by itself; so do wholes of fields whose parts others change.
 */
function inFew(stored: readonly Stored[]): Stored[][] {
  const few: Stored[][] = [];
  const alone = stored.filter(({ place }) => place === 'lines' || place === 'the whole');
  const rest = stored.filter((one) => !alone.includes(one));
  for (const ofParts of [false, true]) {
    const counts = new Map<string, number>();
    const groups: Stored[][] = [];
    for (const one of rest.filter(({ place }) => place.includes('.') === ofParts)) {
      const nth = counts.get(one.place) ?? 0;
      counts.set(one.place, nth + 1);
      (groups[nth] ??= []).push(one);
    }
    few.push(...groups);
  }
  return [...alone.map((one) => [one]), ...few];
}

/**
 * Stores everything of a kind that can be stored, and shows each; together where that is not
 * refused.
 * @returns how many different things there are
 */
async function showAll(
  kettle: KettleServer,
  document: Document,
  [method, path]: readonly [method: string, path: string],
  onStored: (id: string) => Promise<void>,
): Promise<number> {
  const stored = await storedBy(kettle, document, method, path);
  const show = async (body: Body): Promise<boolean> => {
    const own = 'id' in body ? { ...body, id: randomUUID() } : body;
    const answer = await store(kettle, method, path, own);
    if (answer !== null) await onStored(answer.id);
    return answer !== null;
  };
  for (const group of inFew(stored)) {
    const [first, ...others] = group;
    if (first === undefined) continue;
    if (others.length > 0 && (await show(others.reduce(together, first.body)))) continue;
    for (const { body } of group) expect(await show(body)).toBe(true);
  }
  return stored.length;
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

/**
 * Entries of the jars that the server takes, in no sensible order, many jars and far-off numbers
 * among them.
 */
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

/**
 * What a test does with the stored values of its kinds; each screen that draws one is looked at for
 * panels that failed.
 */
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
    test.setTimeout(600_000);
    await kettle.setUpKitchen();
    const document = await kettle.send<Document>('GET', '/docs-json');
    await page.goto(kettle.address);
    const broken: string[] = [];
    await visit(
      (method, path, onStored) => showAll(kettle, document, [method, path], onStored),
      async (path, shown) => void broken.push(...(await brokenOn(page, path, shown))),
      page,
      kettle,
    );
    expect(broken).toEqual([]);
  });

everyValueDraws('batches and cards', async (stored, look, page, kettle) => {
  const batches = await stored('post', '/api/batches', async (id) => {
    await look(`/batches/${id}`, '[data-testid="save-state"]');
    await look(`/batches/${id}/prepare`, 'h1, p.text-lg');
  });
  expect(batches).toBeGreaterThan(leastOfSome(50));
  // They were not stored by this page, which takes its list for fresh some seconds.
  await page.goto(`${kettle.address}/batches`);
  await look('/batches', 'li.jar-label');
  expect(await stored('post', '/api/recipes', () => Promise.resolve())).toBeGreaterThan(
    leastOfSome(12),
  );
  await look('/recipes', 'li.jar-label');
});

everyValueDraws('kitchens and cooks', async (stored, look, page, kettle) => {
  const { id } = await kettle.send<{ id: string }>('POST', '/batches', {
    name: 'Plum',
    lines: ['1 kg plums', '800 g sugar'],
  });
  let looks = 0;
  const kitchens = await stored('put', '/api/kitchen', async () => {
    looks += 1;
    await kitchenAnew(page, looks);
    await look('/kitchen', 'h1');
    await look(`/batches/${id}`, '[data-testid="save-state"]');
  });
  expect(kitchens).toBeGreaterThan(leastOfSome(140));
  const cooks = await stored('post', '/api/cook-sessions', async (cook) => {
    await look(`/cook-sessions/${cook}`, '[data-testid="delivery"], [role="alert"]');
    await look(`/cook-sessions/${cook}/jars`, '[data-testid="delivery"], [role="alert"]');
    // What is on the stove is read four times a second.
    await kettle.send('POST', `/cook-sessions/${cook}/end`);
  });
  expect(cooks).toBeGreaterThan(leastOfSome(12));
  const { id: jars } = await kettle.send<{ id: string }>('POST', '/cook-sessions', {
    id: randomUUID(),
    batchId: id,
  });
  await kettle.send('POST', `/cook-sessions/${jars}/log`, { entries: everythingOfTheJars() });
  await look(`/cook-sessions/${jars}/jars`, '[data-testid="jar-1.1"]');
  await look(`/cook-sessions/${jars}`, '[data-testid="delivery"]');
  await look('/stove', 'h1');
});
