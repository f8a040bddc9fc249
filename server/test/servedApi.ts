import type { Batch, Problem } from '@idle-kettle/contract';
import type { Plan } from '@idle-kettle/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { setTimeout } from 'node:timers/promises';
import request from 'supertest';
import { freshDatabase } from './freshDatabase.ts';
import { serverOn } from './serverOn.ts';

export const PLUM = { name: 'Plum', lines: ['1 kg plums', '800 g sugar'] };

/** The body of an answer, as what it should be. */
export const body = <T>(response: { body: unknown }): T => response.body as T;

/** A server on a database of its own, from before the first test of a file to after its last. */
export function servedApi() {
  let server: NestExpressApplication;
  let url: string;
  beforeAll(async () => {
    url = await freshDatabase();
    server = await serverOn(url);
  });
  afterAll(() => server.close());

  const api = () => request(server.getHttpServer());
  return {
    api,
    server: () => server,
    databaseUrl: () => url,
    create: async (dto: object = PLUM): Promise<Batch> =>
      body<Batch>(await api().post('/api/batches').send(dto).expect(201)),
    /** The plan of a batch, as soon as it is worked out. */
    planOf: async ({ id }: Batch): Promise<Plan> => {
      for (let tries = 0; tries < 2000; tries += 1) {
        const { plan } = body<Batch>(await api().get(`/api/batches/${id}`).expect(200));
        if (plan !== null) return plan;
        await setTimeout(50);
      }
      throw new Error('The batch got no plan');
    },
  };
}

/** Every error is problem details: this media type, these members. */
export function expectProblem(
  response: { headers: Record<string, unknown>; body: unknown },
  status: number,
): Problem {
  expect(response.headers['content-type']).toContain('application/problem+json');
  const problem = body<Problem>(response);
  expect(problem).toMatchObject({ type: 'about:blank', status });
  expect(problem.detail).not.toBe('');
  return problem;
}
