import type { Problem } from '@idle-kettle/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { connect, type AddressInfo } from 'node:net';
import { setTimeout as pause } from 'node:timers/promises';
import { brotliCompressSync, gzipSync } from 'node:zlib';
import request from 'supertest';
import { createApp } from '../app.ts';
import { Draining } from '../draining.ts';
import { freshDatabase } from './freshDatabase.ts';
import { body, PLUM } from './servedApi.ts';
import { serverConfig, serverOn } from './serverOn.ts';

let url: string;
let app: NestExpressApplication;
beforeAll(async () => {
  url = await freshDatabase();
  app = await serverOn(url);
});
afterAll(() => app.close());

const api = () => request(app.getHttpServer());
const portOf = (of: NestExpressApplication) => (of.getHttpServer().address() as AddressInfo).port;

test.each([
  ['another port of this machine', 'http://127.0.0.1:3000'],
  ['another of its names', 'http://localhost:PORT'],
  ['another scheme', 'https://127.0.0.1:PORT'],
  ['a name that is ours in part', 'http://127.0.0.1:PORT.example'],
])('a page of %s is refused, and may not write', async (_, origin) => {
  const port = String(portOf(app));
  const from = { Host: `127.0.0.1:${port}`, Origin: origin.replace('PORT', port) };
  await api().post('/api/batches').set(from).send(PLUM).expect(403);
  const own = { ...from, Origin: `http://127.0.0.1:${port}` };
  await api().post('/api/batches').set(own).send(PLUM).expect(201);
});

const WHOLE = Buffer.from(JSON.stringify({ lines: Array(90).fill('1 kg plums') }));

test.each([
  ['gzip', gzipSync(WHOLE)],
  ['br', brotliCompressSync(WHOLE)],
  ['deflate', gzipSync(WHOLE)],
])('a body in %s that ends too soon, or is none, is refused as unreadable', async (how, packed) => {
  const send = (bytes: Buffer) =>
    fetch(`http://127.0.0.1:${portOf(app)}/api/plan`, {
      method: 'POST',
      headers: { 'content-type': 'application/json', 'content-encoding': how },
      body: new Uint8Array(bytes),
    });
  for (const wrong of [
    packed.subarray(0, packed.length / 2),
    packed.subarray(0, packed.length - 1),
    packed.subarray(0, 2),
    Buffer.from('not at all'),
  ]) {
    const answer = await send(wrong);
    expect(answer.status).toBe(400);
    expect(((await answer.json()) as Problem).detail).not.toBe('');
  }
});

test.each([
  ['of JSON', 'POST /api/plan', 'Content-Type: application/json\r\n'],
  ['of anything', 'POST /api/plan', 'Content-Type: text/plain\r\n'],
  ['to a page', 'GET /', ''],
])('a chunked body %s without an end is cut off', async (_, what, type) => {
  const socket = connect(portOf(app), '127.0.0.1');
  const chunk = `1000\r\n${' '.repeat(0x1000)}\r\n`;
  let chunks = 0;
  let said = '';
  const more = setInterval(() => {
    // Enough to be far over the bound; without a cut it would come to the limit of this test.
    for (let i = 0; i < 8; i += 1) if (socket.writable && socket.write(chunk)) chunks += 1;
  }, 5);
  socket.setEncoding('utf8').on('data', (text: string) => (said += text));
  socket.on('error', () => undefined);
  socket.write(`${what} HTTP/1.1\r\nHost: 127.0.0.1\r\n${type}Transfer-Encoding: chunked\r\n\r\n`);
  const isCut = await Promise.race([
    new Promise<boolean>((resolve) => void socket.once('close', () => resolve(true))),
    pause(10_000).then(() => false),
  ]);
  clearInterval(more);
  socket.destroy();
  expect(isCut).toBe(true);
  expect(said).toMatch(/^HTTP\/1\.1 (413|400|200) /);
  expect(chunks * 0x1000).toBeLessThan(20_000_000);
});

test('however much is wrong, the answer is short and says what it leaves out', async () => {
  const wrong = {
    lines: Array.from({ length: 100 }, (_, i) => ({ ingredient: `ß${i}`.repeat(200), massG: -i })),
    jars: Array.from({ length: 200 }, () => ({ name: '', volumeMl: -1, x: 1 })),
  };
  const answer = await api().post('/api/plan').send(wrong).expect(400);
  const { faults, moreFaults = 0 } = body<Problem>(answer);
  expect(Buffer.byteLength(JSON.stringify(answer.body))).toBeLessThanOrEqual(20_000);
  expect(faults.length).toBeGreaterThan(10);
  expect(moreFaults).toBeGreaterThan(20);
  const lost = await api()
    .get(`/api/${'nowhere/'.repeat(900)}`)
    .expect(404);
  expect(Buffer.byteLength(JSON.stringify(lost.body))).toBeLessThan(4000);
});

test('styles come from here alone', async () => {
  const { headers } = await api().get('/').expect(200);
  const policy = String(headers['content-security-policy']);
  expect(/style-src ([^;]*)/.exec(policy)?.[1]).toBe("'self'");
  expect(policy).not.toContain('https:');
});

test('a version that never was is refused, and nothing is changed', async () => {
  const now = body<{ version: number }>(await api().get('/api/kitchen').expect(200));
  const changes = { altitudeM: 77 };
  for (const version of [now.version + 1, now.version + 899]) {
    const refused = await api().patch('/api/kitchen').send({ version, changes }).expect(409);
    expect(body<Problem>(refused).detail).toContain(`never was a version ${version}`);
  }
  const after = body<{ altitudeM: number | null }>(await api().get('/api/kitchen').expect(200));
  expect(after.altitudeM).not.toBe(77);
  const batch = body<{ id: string }>(await api().post('/api/batches').send(PLUM).expect(201));
  await api()
    .put(`/api/batches/${batch.id}`)
    .send({ ...PLUM, version: 12 })
    .expect(409);
});

test('a server that stops finishes what is under way, and answers 503 to what still comes', async () => {
  const draining = new Draining();
  const stopping = await createApp(serverConfig(url), draining);
  await stopping.listen(0, '127.0.0.1');
  const to = request(stopping.getHttpServer());
  const plan = (seed: number) =>
    to.post('/api/plan').send({ lines: ['2 kg damsons', '1.4 kg sugar'], draws: 500, seed });
  // The first one waits for the threads that plan.
  await plan(9).expect(200);
  // Plans take their time; they are begun before it is asked to stop.
  const plans = Array.from({ length: 4 }, (_, seed) => plan(seed).then(({ status }) => status));
  while (draining.busy < plans.length) await pause(1);
  const drained = draining.drain();
  const late = await to.post('/api/batches').send(PLUM);
  expect([late.status, body<Problem>(late).detail]).toEqual([
    503,
    'The server is being stopped. Nothing was stored; try again shortly.',
  ]);
  await drained;
  expect(await Promise.all(plans)).toEqual([200, 200, 200, 200]);
  await stopping.close();
});
