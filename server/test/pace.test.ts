import type { NestExpressApplication } from '@nestjs/platform-express';
import { monitorEventLoopDelay } from 'node:perf_hooks';
import { Client } from 'pg';
import request from 'supertest';
import { freshDatabase } from './freshDatabase.ts';
import { serverOn } from './serverOn.ts';

// Counts seconds: run by itself.

let app: NestExpressApplication;
let database: Client;

beforeAll(async () => {
  const databaseUrl = await freshDatabase();
  app = await serverOn(databaseUrl, { mostRequests: 1_000_000 });
  database = new Client({ connectionString: databaseUrl });
  await database.connect();
});

afterAll(async () => {
  await database.end();
  await app.close();
});

const api = () => request(app.getHttpServer());

test('a database that does not get on is told within five seconds, and is no hang', async () => {
  await database.query('BEGIN');
  await database.query('LOCK TABLE batches IN ACCESS EXCLUSIVE MODE');
  const from = Date.now();
  const response = await api().get('/api/batches').expect(503);
  expect(Date.now() - from).toBeLessThan(5000);
  expect((response.body as { detail: string }).detail).toContain('The database does not answer');
  await database.query('ROLLBACK');
  await api().get('/api/batches').expect(200);
}, 20_000);

test('no plan holds the server up: while the hardest are worked out, what is small is answered', async () => {
  const hard = { lines: Array.from({ length: 100 }, () => '1 kg rhubarb'), draws: 10_000 };
  await api()
    .post('/api/plan')
    .send({ lines: ['1 kg plums'], draws: 0 })
    .expect(200);
  await api().get('/api/health/time').expect(200);
  const loop = monitorEventLoopDelay({ resolution: 5 });
  loop.enable();
  const planning = Promise.all([1, 2].map(() => api().post('/api/plan').send(hard).expect(200)));
  let done = false;
  void planning.finally(() => (done = true));
  let small = 0;
  while (!done) {
    await api().get('/api/health/time').expect(200);
    small += 1;
  }
  loop.disable();
  expect(small).toBeGreaterThan(20);
  // Held for the length of a plan, it would be hundreds of milliseconds again and again; what is
  // left is the answer itself and the machine’s own noise.
  expect(loop.percentile(95) / 1e6).toBeLessThan(50);
  await api()
    .post('/api/plan')
    .send({ ...hard, draws: 10_001 })
    .expect(400);
}, 60_000);
