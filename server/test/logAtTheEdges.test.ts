import type { BatchSummary, CookSession, Kitchen, Problem } from '@idle-kettle/contract';
import { Client } from 'pg';
import { setTimeout } from 'node:timers/promises';
import { JarLog } from '../../core/test/jarLog.ts';
import { body } from './servedApi.ts';
import { servedCooks } from './servedCooks.ts';

const { api, databaseUrl, cookOfBatch, logOf } = servedCooks();

jest.setTimeout(120_000);

const MIN = 60_000;
const DAY = 24 * 60 * MIN;

const cookNow = async (id: string) =>
  body<CookSession>(await api().get(`/api/cook-sessions/${id}`).expect(200));

const send = (id: string, entries: readonly object[], more: object = {}) =>
  api()
    .post(`/api/cook-sessions/${id}/log`)
    .send({ entries, ...more });

/** Three jars, whole and away, the last of it at a time. */
const stored = (lastAt: number) => {
  const log = new JarLog()
    .closed(0, '1.1-3')
    .processed(1, 1, '1.1-3', 20, 20)
    .at(46 + 12 * 60, 'sealed', '1.1-3')
    .at(47 + 12 * 60, 'put-away');
  const last = log.entries.at(-1)?.at ?? 0;
  return log.entries.map((entry) => ({ ...entry, at: Math.round(lastAt - last + entry.at) }));
};

async function inDatabase<T>(work: (client: Client) => Promise<T>): Promise<T> {
  const client = new Client({ connectionString: databaseUrl() });
  await client.connect();
  try {
    return await work(client);
  } finally {
    await client.end();
  }
}

async function until(holds: () => Promise<boolean>): Promise<void> {
  for (let tries = 0; tries < 150; tries += 1) {
    if (await holds()) return;
    await setTimeout(100);
  }
  throw new Error('It never came to that');
}

test('thirty batches put away at the same time are all stored, and other requests are answered meanwhile', async () => {
  const cooks = await Promise.all(Array.from({ length: 30 }, cookOfBatch));
  const answered = Promise.all(cooks.map(({ id }) => send(id, stored(Date.now()))));
  const others = await Promise.all(Array.from({ length: 10 }, () => api().get('/api/batches')));
  expect(others.map(({ status }) => status)).toEqual(others.map(() => 200));
  expect((await answered).map(({ status }) => status)).toEqual(cooks.map(() => 200));
  const now = await Promise.all(cooks.map(({ id }) => cookNow(id)));
  expect(now.every(({ storedAt }) => storedAt !== null)).toBe(true);
});

test('what a server that was killed left undone, the next one does', async () => {
  const { id } = await cookOfBatch();
  await send(id, stored(Date.now())).expect(200);
  // As if it had died between the log and the jars.
  await inDatabase((client) =>
    client.query(
      `UPDATE cook_sessions SET events_settled = 0, stored_at = NULL, ended_at = NULL,
         jar_places = NULL WHERE id = $1`,
      [id],
    ),
  );
  await until(async () => (await cookNow(id)).storedAt !== null);
});

test('an entry from the future counts when that time has come', async () => {
  const { id, batchId } = await cookOfBatch();
  await send(id, stored(Date.now() + 4000)).expect(200);
  const { storedAt } = await cookNow(id);
  expect(storedAt).toBeNull();
  await until(async () => (await cookNow(id)).storedAt !== null);
  const listed = body<BatchSummary[]>(await api().get('/api/batches').expect(200));
  expect(listed.find((batch) => batch.id === batchId)?.state).toBe('done');
});

test('a clock three days wrong refuses nothing: it is measured and corrected, and once only', async () => {
  for (const off of [3 * DAY, -3 * DAY]) {
    const { id } = await cookOfBatch();
    const entries = stored(Date.now() + off);
    await send(id, entries).expect(200);
    // Delivered again it is the same; what says something else under its name is not.
    await send(id, entries).expect(200);
    await send(id, [{ ...entries[0], at: (entries[0]?.at ?? 0) + 1 }]).expect(409);
    const kept = (await logOf(id)).entries;
    expect(kept).toHaveLength(entries.length);
    expect(Math.abs((kept.at(-1)?.at ?? 0) - Date.now())).toBeLessThan(10_000);
    const minutes = (of: readonly { at: number }[]) => of.map(({ at }) => at - (of[0]?.at ?? 0));
    expect(minutes(kept)).toEqual(minutes(entries));
    expect((await cookNow(id)).storedAt).not.toBeNull();
  }
});

test('a sender that tells what its clock shows is put right to the second, however little it is off', async () => {
  const { id } = await cookOfBatch();
  const now = Date.now() - 50 * MIN;
  const lit = { source: 'browser x', seq: 1, at: now - 2 * MIN, kind: 'lit' };
  await send(id, [lit], { now }).expect(200);
  const [kept] = (await logOf(id)).entries;
  expect(Math.abs((kept?.at ?? 0) - (Date.now() - 2 * MIN))).toBeLessThan(5000);
  await send(id, [lit], { now: now + 3000 }).expect(200);
  expect((await logOf(id)).entries).toHaveLength(1);
});

test('a log has a bound that is said, and a full one still knows what it holds', async () => {
  const { id } = await cookOfBatch();
  const stir = (seq: number) => ({ source: 'browser x', seq, at: Date.now(), kind: 'stirred' });
  const [kept, again] = [stir(1), stir(2)];
  await send(id, [kept]).expect(200);
  await inDatabase((client) =>
    client.query('UPDATE cook_sessions SET events = 5000, events_settled = 5000 WHERE id = $1', [
      id,
    ]),
  );
  const full = body<Problem>(await send(id, [again]).expect(409));
  expect(full.detail).toContain('takes 5,000 entries by hand');
  await send(id, [kept]).expect(200);
  // Its thermometer goes on.
  const reading = { source: 'probe', seq: 1, at: Date.now(), kind: 'temperature', value: 90 };
  await send(id, [reading]).expect(200);
});

test('twelve sizes of 999 jars are worked out at once, and a kitchen that has them can be saved', async () => {
  const kitchen = async () => body<Kitchen>(await api().get('/api/kitchen').expect(200));
  const save = async (changes: object) =>
    api()
      .patch('/api/kitchen')
      .send({ version: (await kitchen()).version, changes })
      .expect(200);
  await save({
    altitudeM: 0,
    jars: Array.from({ length: 12 }, (_, i) => ({
      name: `size ${i + 1}`,
      volumeMl: 237,
      count: 9,
    })),
  });
  const rows = Array.from({ length: 12 }, (_, i) => `${i + 1}.1-999`);
  for (const batch of [1, 2, 3]) {
    const { id } = await cookOfBatch();
    const log = new JarLog().closed(0, rows.join(' '));
    for (const [index, row] of rows.entries()) log.processed(1, 1 + index, row, 20, 30);
    log.at(60 + 13 * 60, 'sealed', rows.join(' ')).at(61 + 13 * 60, 'put-away');
    const from = Date.now() - 15 * 60 * MIN;
    await send(
      id,
      log.entries.map((entry) => ({ ...entry, at: from + entry.at })),
    ).expect(200);
    expect((await cookNow(id)).storedAt).not.toBeNull();
    expect((await kitchen()).jars[0]).toMatchObject({ count: 0, inUse: 999 * batch });
  }
  // However many are in use, and whatever is left: it can be saved as it is shown, and renamed.
  const { jars } = await kitchen();
  await save({ jars: jars.map((jar) => ({ ...jar, name: `renamed ${jar.name}` })) });
  expect((await kitchen()).jars[3]).toMatchObject({
    name: 'renamed size 4',
    count: 0,
    inUse: 2997,
  });
});
