import { randomUUID } from 'node:crypto';
import { setTimeout } from 'node:timers/promises';
import type { KettleServer } from './kettleServer.ts';
import { PAST_READINGS, type PastReadings } from './pastReadings.ts';

const MINUTE_MS = 60_000;
const DAY_MS = 86_400_000;

/** A cook that was over some days ago: its log, and what is said of it. */
export type PastCook = {
  readonly name: string;
  readonly lines: readonly string[];
  readonly daysAgo: number;
  readonly log: PastReadings;
  readonly settings?: object;
  readonly outcome?: object;
};

/** Ids of what a past cook became. */
export type PastIds = { readonly cook: string; readonly batch: string };

/** The log of a cook with so many of its readings, the flame two minutes after its beginning. */
function logOf(startMs: number, { minutes, added, readings }: PastReadings): object[] {
  const entry = (
    minute: number,
    kind: string,
    value: number | null,
    text: string | null = null,
  ) => ({
    at: Math.round(startMs + (minute + 2) * MINUTE_MS),
    saidAt: null,
    kind,
    value,
    text,
    by: { kind: 'machine', id: null },
  });
  return [
    entry(0, 'lit', null),
    ...added.map(([minute, massG, what]) => entry(minute, 'added', massG, what)),
    ...readings.map(([minute, tempC]) => entry(minute, 'temperature', tempC)),
    entry(minutes, 'off-heat', null),
  ].map((one, index) => ({ source: 'kept', seq: index + 1, ...one }));
}

/** Sends a Book as the file that it is. */
async function imported(kettle: KettleServer, book: object): Promise<void> {
  const response = await fetch(`${kettle.address}/api/book/import`, {
    method: 'POST',
    headers: { 'content-type': 'application/octet-stream', connection: 'close' },
    body: JSON.stringify(book),
  });
  if (!response.ok) throw new Error(`The Book was refused: ${await response.text()}`);
}

/** Brings cooks of the past into a kitchen, and waits until its Book has worked them out. */
export async function keepBook(
  kettle: KettleServer,
  past: readonly PastCook[],
): Promise<readonly PastIds[]> {
  const kitchen = await kettle.send<object>('GET', '/kitchen');
  const made = past.map((one) => {
    const startMs = Date.now() - one.daysAgo * DAY_MS;
    const ids = { cook: randomUUID(), batch: randomUUID() };
    const moment = new Date(startMs).toISOString();
    const formula = { lines: one.lines, settings: one.settings ?? {} };
    return {
      ids,
      batch: {
        id: ids.batch,
        name: one.name,
        ...formula,
        ticked: [],
        version: 1,
        doneAt: moment,
        deletedAt: null,
        createdAt: moment,
        updatedAt: moment,
      },
      cook: {
        id: ids.cook,
        batchId: ids.batch,
        name: one.name,
        formula,
        kitchen,
        startedAt: moment,
        endedAt: new Date(startMs + (one.log.minutes + 10) * MINUTE_MS).toISOString(),
        storedAt: null,
        jarPlaces: null,
        log: logOf(startMs, one.log),
        outcome: one.outcome ? { version: 1, notes: '', ...one.outcome } : null,
      },
    };
  });
  await imported(kettle, {
    format: 'kettle-book',
    version: 1,
    recipes: [],
    batches: made.map(({ batch }) => batch),
    cooks: made.map(({ cook }) => cook),
    photos: [],
  });
  await bookSettled(kettle);
  return made.map(({ ids }) => ids);
}

/** Every screen of a Book with two cooks in it. */
export async function bookScreens(kettle: KettleServer): Promise<readonly string[]> {
  const past = await keepBook(
    kettle,
    PAST_READINGS.slice(0, 2).map((log, index) => ({
      name: `Damson of year ${index + 1}`,
      lines: ['2 kg crushed damsons', '1.4 kg sugar'],
      daysAgo: 20 * (2 - index),
      log,
      outcome: { set: 'firm', taste: 3, costMinor: 500 },
    })),
  );
  return [
    '/book',
    '/book/knows',
    '/book/charts',
    '/book/files',
    '/trouble',
    `/trouble?symptom=loose&cook=${past[0]?.cook}`,
    `/book/${past[0]?.cook}`,
    `/book/beside?cooks=${past.map(({ cook }) => cook).join(',')}`,
  ];
}

/** Waits until nothing of the Book is to be worked out. */
export async function bookSettled(kettle: KettleServer): Promise<void> {
  for (let tries = 0; tries < 300; tries += 1) {
    const { waiting } = await kettle.send<{ waiting: number }>('GET', '/book/home');
    if (waiting === 0) return;
    await setTimeout(200);
  }
  throw new Error('The Book was not worked out');
}
