import {
  type Batch,
  type BatchSummary,
  type CookSession,
  type Kitchen,
  type LiveMessage,
} from '@idle-kettle/contract';
import {
  jarProgressOf,
  jarPlanOf,
  nameOf,
  effectiveEvents,
  type Entry,
  requestInKitchen,
} from '@idle-kettle/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { JarLog } from '../../core/test/jarLog.ts';
import { REFUSED } from '../../core/test/refused.ts';
import { freshDatabase } from './freshDatabase.ts';
import { serverOn } from './serverOn.ts';

let app: NestExpressApplication;
let other: NestExpressApplication;

beforeAll(async () => {
  const databaseUrl = await freshDatabase();
  [app, other] = await Promise.all([serverOn(databaseUrl), serverOn(databaseUrl)]);
});

afterAll(() => Promise.all([app.close(), other.close()]));

const api = (of: NestExpressApplication = app) => request(of.getHttpServer());
const body = <T>(response: { body: unknown }) => response.body as T;

async function cookOf(lines: readonly string[], settings: object = {}): Promise<CookSession> {
  const batch = body<Batch>(
    await api().post('/api/batches').send({ name: 'Plum', lines, settings }).expect(201),
  );
  return body<CookSession>(
    await api()
      .post('/api/cook-sessions')
      .send({ id: randomUUID(), batchId: batch.id })
      .expect(201),
  );
}

const kitchen = async () => body<Kitchen>(await api().get('/api/kitchen').expect(200));

async function withJars(): Promise<void> {
  const { version } = await kitchen();
  await api()
    .patch('/api/kitchen')
    .send({
      version,
      changes: {
        altitudeM: 300,
        jars: [
          { name: 'half-pint', volumeMl: 237, count: 20, lids: 15 },
          { name: 'quarter-pint', volumeMl: 118, count: 4 },
        ],
      },
    })
    .expect(200);
}

/** The entries of a log, from half an hour ago on. */
const entriesOf = (log: JarLog) =>
  log.entries.map((entry) => ({ ...entry, at: Math.round(FROM + entry.at) }));
const FROM = Date.now() - 45 * 60_000;

const send = (id: string, log: JarLog, of: NestExpressApplication = app) =>
  api(of)
    .post(`/api/cook-sessions/${id}/log`)
    .send({ entries: entriesOf(log) });

/** Seven jars through the canner and one in the fridge, one of them broken. */
const done = () =>
  new JarLog()
    .closed(0, '1.1-7')
    .at(0, 'filled', '2.1', 70)
    .at(1, 'to-fridge', '2.1')
    .processed(1, 1, '1.1-7', 10, 20)
    .at(36, 'sealed', '1.1-6')
    .at(36, 'cracked', '1.7')
    .at(37, 'labelled')
    .at(38, 'put-away');

describe('jars that are put away', () => {
  test('end the batch, and come off the stock of jars and lids once, however often it is said', async () => {
    await withJars();
    const { id, batchId } = await cookOf(['2 kg plums', '1.4 kg sugar']);
    const log = done();
    const entries = entriesOf(log);
    const post = (of: NestExpressApplication) =>
      api(of).post(`/api/cook-sessions/${id}/log`).send({ entries }).expect(200);
    await Promise.all([post(app), post(other), post(app), post(other)]);
    await post(app);
    expect((await kitchen()).jars).toMatchObject([
      { name: 'half-pint', count: 13, inUse: 6, lids: 8 },
      { name: 'quarter-pint', count: 3, inUse: 1 },
    ]);
    // The load was watched from the flame to the boil, and counts once.
    expect((await kitchen()).cannerWatched?.watched).toBe(1);
    const session = body<CookSession>(await api().get(`/api/cook-sessions/${id}`).expect(200));
    expect(session.storedAt).not.toBeNull();
    expect(session.endedAt).not.toBeNull();
    const listed = body<BatchSummary[]>(await api().get('/api/batches').expect(200));
    expect(listed.find((batch) => batch.id === batchId)).toMatchObject({ state: 'done' });
  });

  test('taken back, the batch is not done and the stock has its jars and lids again, once', async () => {
    await withJars();
    const before = (await kitchen()).jars;
    const { id, batchId } = await cookOf(['2 kg plums', '1.4 kg sugar']);
    const state = async () =>
      body<BatchSummary[]>(await api().get('/api/batches').expect(200)).find(
        (batch) => batch.id === batchId,
      )?.state;
    const log = done();
    await send(id, log).expect(200);
    const away = (await kitchen()).jars;
    expect(await state()).toBe('done');
    log.at(39, 'undo', nameOf(log.entries.at(-1) as Entry));
    // More at once than there are connections to the database: none waits for one that another
    // holds.
    const many = await Promise.all(Array.from({ length: 24 }, () => send(id, log, app)));
    expect(many.map(({ status }) => status)).toEqual(many.map(() => 200));
    await send(id, log, other).expect(200);
    expect((await kitchen()).jars).toEqual(before.map((jar) => ({ ...jar, inUse: 0 })));
    expect(body<CookSession>(await api().get(`/api/cook-sessions/${id}`)).storedAt).toBeNull();
    expect(await state()).not.toBe('done');
    // And put away again, as many are gone as the first time.
    await send(id, log.at(40, 'put-away')).expect(200);
    expect((await kitchen()).jars).toEqual(away);
    expect(await state()).toBe('done');
  });

  test('so are those of a batch that was thrown away meanwhile', async () => {
    await withJars();
    const { id, batchId } = await cookOf(['2 kg plums', '1.4 kg sugar']);
    await api().delete(`/api/batches/${batchId}`).expect(204);
    await send(id, done()).expect(200);
    expect(body<CookSession>(await api().get(`/api/cook-sessions/${id}`)).storedAt).not.toBeNull();
  });

  test('are not, where no jar is where it is kept', async () => {
    await withJars();
    const { id } = await cookOf(['2 kg plums', '1.4 kg sugar']);
    await send(id, new JarLog().closed(0, '1.1-3').at(1, 'put-away')).expect(200);
    expect((await kitchen()).jars).toMatchObject([{ count: 20, lids: 15 }, { count: 4 }]);
    const session = body<CookSession>(await api().get(`/api/cook-sessions/${id}`).expect(200));
    expect(session.storedAt).toBeNull();
  });
});

test('an entry of the jars that is none is refused with its field, and nothing is kept', async () => {
  const { id } = await cookOf(['2 kg plums', '1.4 kg sugar']);
  const wrong: readonly (readonly [object, string])[] = [
    [{ kind: 'filled', text: 'one' }, 'entries[0].text'],
    [{ kind: 'filled', text: '1.1', value: 9e9 }, 'entries[0].value'],
    [{ kind: 'loaded', text: '1.1' }, 'entries[0].value'],
    [{ kind: 'canner-boils', value: 0 }, 'entries[0].value'],
    [{ kind: 'sealed' }, 'entries[0].text'],
    [{ kind: 'wiped', text: 'x' }, 'entries[0].text'],
    [{ kind: 'measured', value: -1 }, 'entries[0].value'],
  ];
  for (const [entry, field] of wrong) {
    const { faults } = body<{ faults: { field: string }[] }>(
      await api()
        .post(`/api/cook-sessions/${id}/log`)
        .send({ entries: [{ source: 'x', seq: 1, at: Date.now(), ...entry }] })
        .expect(400),
    );
    expect(faults.map((fault) => fault.field)).toContain(field);
  }
  const { position } = body<CookSession>(await api().get(`/api/cook-sessions/${id}`));
  expect(position).toBe(0);
});

test('the list of batches tells where the jars are, as soon as the log does, and takes it back', async () => {
  const { id, batchId } = await cookOf(['2 kg plums', '1.4 kg sugar']);
  const placesOf = async () =>
    body<BatchSummary[]>(await api().get('/api/batches').expect(200)).find(
      (batch) => batch.id === batchId,
    )?.jarPlaces;
  const log = new JarLog().closed(0, '1.1-3');
  await send(id, log).expect(200);
  expect(await placesOf()).toBeNull();
  log.at(1, 'to-fridge', '1.1-2').at(2, 'to-freezer', '1.3');
  await send(id, log).expect(200);
  expect(await placesOf()).toEqual({ pantry: 0, fridge: 2, freezer: 1 });
  log.at(3, 'undo', 'cook/6').at(3, 'undo', 'cook/7');
  await send(id, log).expect(200);
  expect(await placesOf()).toBeNull();
});

test('jars of a pot that never boiled are fridge jars, however they were processed', async () => {
  await withJars();
  const placesAfter = async (log: JarLog) => {
    const { id, batchId } = await cookOf(['2 kg plums', '1.4 kg sugar']);
    await send(id, log).expect(200);
    const listed = body<BatchSummary[]>(await api().get('/api/batches').expect(200));
    return listed.find((batch) => batch.id === batchId)?.jarPlaces;
  };
  const processed = (log: JarLog) =>
    log
      .at(2, 'ready')
      .closed(3, '1.1-2')
      .processed(4, 1, '1.1-2', 10, 20)
      .at(42, 'sealed', '1.1-2')
      .at(43, 'put-away');
  const cold = processed(new JarLog().at(0, 'lit'));
  expect(await placesAfter(cold)).toEqual({ pantry: 0, fridge: 2, freezer: 0 });
  const hot = processed(new JarLog().at(0, 'lit').at(1, 'rolling'));
  expect(await placesAfter(hot)).toEqual({ pantry: 2, fridge: 0, freezer: 0 });
});

/**
 * Whatever is pressed: the verdict is not the pantry, and no lid of it is ever counted as
 * processed.
 */
test.each(REFUSED)('$name reaches no pantry by the API', async ({ lines, product = 'jam' }) => {
  const verdict = body<{ shelf: { verdict: string }; process: { method: string } }>(
    await api().post('/api/plan').send({ lines, product, altitudeM: 300, draws: 0 }).expect(200),
  );
  expect(verdict.shelf.verdict).not.toBe('pantry');
  expect(verdict.process.method).toBe('none');
  const { id } = await cookOf(lines, { product });
  await send(id, done()).expect(200);
  // What any screen makes of the log that is kept: nothing went into a canner, nothing stands on a
  // shelf.
  const { entries } = body<LiveMessage>(
    await api().get(`/api/cook-sessions/${id}/log`).expect(200),
  );
  const session = body<CookSession>(await api().get(`/api/cook-sessions/${id}`).expect(200));
  const jarPlan = jarPlanOf(requestInKitchen(session.formula, session.kitchen), [], 0);
  const progress = jarPlan && jarProgressOf(jarPlan, effectiveEvents(entries));
  expect(progress?.loads).toEqual([]);
  const places = progress?.jars.map(({ state }) => state) ?? [];
  expect(places.filter((state) => state === 'shelf' || state === 'sealed')).toEqual([]);
});
