import type { Batch, CookSession, LiveMessage } from '@idle-kettle/contract';
import type { NestExpressApplication } from '@nestjs/platform-express';
import { randomUUID } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import request from 'supertest';
import { freshDatabase } from './freshDatabase.ts';
import { body } from './servedApi.ts';
import { serverOn } from './serverOn.ts';

/** A practice that goes sixty times as fast as life. */
export const PRACTICE = {
  name: 'Damson practice',
  lines: ['2 kg crushed damsons', '1.4 kg sugar'],
  fault: 'none',
  seed: 7,
  speed: 60,
};

/** Two servers on one database, as behind a balancer, for the tests of one file. */
export function servedCooks() {
  let url: string;
  let app: NestExpressApplication;
  let sibling: NestExpressApplication;
  beforeAll(async () => {
    url = await freshDatabase();
    [app, sibling] = await Promise.all([serverOn(url), serverOn(url)]);
  });
  afterAll(() => Promise.all([app.close(), sibling.close()]));

  const api = (of: NestExpressApplication = app) => request(of.getHttpServer());
  return {
    api,
    first: () => app,
    other: () => sibling,
    databaseUrl: () => url,
    cookOfBatch: async (): Promise<CookSession> => {
      const lines = ['2 kg crushed damsons', '1.4 kg sugar'];
      const saved = await api().post('/api/batches').send({ name: 'Damson', lines }).expect(201);
      const { id: batchId } = body<Batch>(saved);
      return body<CookSession>(
        await api().post('/api/cook-sessions').send({ id: randomUUID(), batchId }).expect(201),
      );
    },
    logOf: async (id: string, after = 0): Promise<LiveMessage> =>
      body<LiveMessage>(await api().get(`/api/cook-sessions/${id}/log?after=${after}`).expect(200)),
  };
}

/** Messages of the live view, as they come, until enough of them make `enough` true. */
export async function followed(
  of: NestExpressApplication,
  id: string,
  from: number,
  enough: (messages: readonly LiveMessage[]) => boolean,
): Promise<LiveMessage[]> {
  const { port } = of.getHttpServer().address() as AddressInfo;
  const stop = new AbortController();
  const response = await fetch(
    `http://127.0.0.1:${port}/api/cook-sessions/${id}/live?after=${from}`,
    {
      signal: stop.signal,
    },
  );
  const messages: LiveMessage[] = [];
  let text = '';
  const decoder = new TextDecoder();
  for await (const chunk of response.body ?? []) {
    text += decoder.decode(chunk, { stream: true });
    const whole = text.split('\n\n');
    text = whole.pop() ?? '';
    for (const message of whole) {
      if (!message.includes('event: log')) continue;
      messages.push(JSON.parse(message.split('data: ')[1] ?? '') as LiveMessage);
    }
    if (enough(messages)) break;
  }
  stop.abort();
  return messages;
}

/** How many entries came in these messages. */
export const count = (messages: readonly LiveMessage[]): number =>
  messages.reduce((sum, { entries }) => sum + entries.length, 0);
