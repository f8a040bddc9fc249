import type { AuditEvent, Batch, CookSession, Paired, PairingCode } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import request from 'supertest';
import { servedHome, NAME, type Browser } from './homeDoor.ts';
import { expectProblem, PLUM } from './servedApi.ts';

const { api, browser, keeper, invited, home } = servedHome();
let ann: Browser;
let ben: Browser;
let vera: Browser;
beforeAll(async () => {
  ann = await keeper();
  ben = await invited(ann, 'helper', 'Ben');
  vera = await invited(ann, 'viewer', 'Vera');
});

let cook: CookSession;
let paired: Paired;
beforeAll(async () => {
  const batch = (await ann.ask('post', '/batches', PLUM).expect(201)).body as Batch;
  cook = (
    await ann.ask('post', '/cook-sessions', { id: randomUUID(), batchId: batch.id }).expect(201)
  ).body as CookSession;
  const { code } = (await ben.ask('post', `/cook-sessions/${cook.id}/pairing-code`).expect(201))
    .body as PairingCode;
  expect(code).toMatch(/^\d{6}$/);
  const pair = () =>
    browser().ask('post', '/devices/pair', { code, name: 'Jam probe', kind: 'probe' });
  paired = (await pair().expect(201)).body as Paired;
  await pair().expect(404);
});
const at = () => request(`http://127.0.0.1:${home().port}`);
const asDevice = (method: 'get' | 'post' | 'delete' | 'put', path: string, body: object = {}) => {
  const to = at();
  return to[method](`/api${path}`)
    .set('Host', NAME)
    .set('Authorization', `Bearer ${paired.token}`)
    .send(method === 'get' ? undefined : body);
};

test('a device adds what it reads to the cook that it is paired with, once each', async () => {
  const readings = [
    { value: 88.1, seq: 1 },
    { value: 88.4, seq: 2 },
  ];
  await asDevice('post', '/devices/readings', { readings }).expect(200);
  await asDevice('post', '/devices/readings', { readings: [{ value: 88.9 }] }).expect(200);
  const log = await ann.ask('get', `/cook-sessions/${cook.id}/log`).expect(200);
  const { entries } = log.body as { entries: { kind: string; value: number; by: unknown }[] };
  expect(entries.map(({ kind, value, by }) => [kind, value, by])).toEqual(
    [88.1, 88.4, 88.9].map((value) => ['temperature', value, { kind: 'device', id: paired.id }]),
  );
  const listed = await vera.ask('get', '/devices').expect(200);
  expect(listed.body).toMatchObject([
    { name: 'Jam probe', cook: { id: cook.id }, readings: [{ value: 88.9 }, {}, {}] },
  ]);
});

test('a device can do nothing else with its token, on either door', async () => {
  for (const [method, path] of [
    ['get', '/batches'],
    ['get', '/kitchen'],
    ['get', `/cook-sessions/${cook.id}`],
    ['get', `/cook-sessions/${cook.id}/log`],
    ['post', `/cook-sessions/${cook.id}/log`],
    ['post', `/cook-sessions/${cook.id}/end`],
    ['post', '/batches'],
    ['get', '/members'],
    ['get', '/devices'],
    ['post', '/invites'],
    ['post', '/sign-out'],
  ] as const)
    expect([path, (await asDevice(method, path)).status]).toEqual([path, 403]);
  const there = api().get('/api/batches').set('Authorization', `Bearer ${paired.token}`);
  await there.expect(403);
  await api().get('/api/batches').set('Authorization', 'Bearer nonsense').expect(401);
});

test('a device sends nothing that it cannot have read', async () => {
  const send = (value: unknown) => asDevice('post', '/devices/readings', { readings: [{ value }] });
  for (const value of [2000, 'hot', null]) expectProblem(await send(value).expect(400), 400);
});

test('digits are guessed as slowly as passphrases', async () => {
  await ben.ask('post', `/cook-sessions/${cook.id}/pairing-code`).expect(201);
  const thief = browser();
  const guesses = await Promise.all(
    Array.from({ length: 20 }, (_, n) =>
      thief.ask('post', '/devices/pair', {
        code: String(n).padStart(6, '0'),
        name: 'Thief',
        kind: 'probe',
      }),
    ),
  );
  expect(guesses.filter(({ status }) => status === 404).length).toBeLessThanOrEqual(6);
});

test('a device that is forgotten can send nothing more, and that is noted', async () => {
  await ben.ask('delete', `/devices/${paired.id}`).expect(403);
  await ann.ask('delete', `/devices/${paired.id}`).expect(204);
  await asDevice('post', '/devices/readings', { readings: [{ value: 90 }] }).expect(401);
  const events = (await ann.ask('get', '/audit').expect(200)).body as AuditEvent[];
  expect(events.map(({ what }) => what).slice(0, 2)).toEqual(['device-removed', 'device-paired']);
});
