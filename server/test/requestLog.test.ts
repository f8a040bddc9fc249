import type { NestExpressApplication } from '@nestjs/platform-express';
import request from 'supertest';
import { createApp } from '../app.ts';
import { Draining } from '../draining.ts';
import { freshDatabase } from './freshDatabase.ts';
import { serverConfig } from './serverOn.ts';

let app: NestExpressApplication;
const lines: string[] = [];
beforeAll(async () => {
  const config = { ...serverConfig(await freshDatabase()), logsRequests: true };
  app = await createApp(config, new Draining(), { write: (line) => void lines.push(line) });
  await app.listen(0, '127.0.0.1');
});
afterAll(() => app.close());

test('a request is a line of JSON, without anything that somebody wrote', async () => {
  const api = request(app.getHttpServer());
  const name = 'Grandmother Elsie’s plum';
  const made = await api
    .post('/api/batches')
    .send({ name, lines: ['1 kg plums', '800 g sugar'] })
    .expect(201);
  const { id } = made.body as { id: string };
  await api.get(`/api/batches/${id}`).expect(200);
  await api.get('/api/join/a-secret-code-that-nobody-should-read').expect(404);
  await api.delete(`/api/kitchen/names/${encodeURIComponent('Old Codlin')}`).expect(200);
  const told = lines.map((line) => JSON.parse(line) as Record<string, unknown>);
  expect(told).toMatchObject([
    { method: 'POST', route: '/api/batches', status: 201, door: 'loopback', role: 'keeper' },
    { method: 'GET', route: '/api/batches/:id', status: 200 },
    { method: 'GET', route: '/api/join/:code', status: 404 },
    { method: 'DELETE', route: '/api/kitchen/names/:name', status: 200 },
  ]);
  for (const one of told) expect(Number.isFinite(one['responseTime'])).toBe(true);
  for (const secret of ['Elsie', 'plum', id, 'a-secret', 'Codlin', '127.0.0.1'])
    expect(lines.join('')).not.toContain(secret);
});
