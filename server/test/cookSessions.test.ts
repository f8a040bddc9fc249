import type { Batch, BatchSummary, CookSession } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import { body } from './servedApi.ts';
import { PRACTICE, servedCooks } from './servedCooks.ts';

const { api, first, other, cookOfBatch } = servedCooks();

describe('a cook', () => {
  test('is begun once, however often it is asked for', async () => {
    const batch = body<Batch>(
      await api()
        .post('/api/batches')
        .send({ name: 'Plum', lines: ['1 kg plums', '800 g sugar'] }),
    );
    const id = randomUUID();
    const begun = await Promise.all(
      [first(), other(), first()].map((one) =>
        api(one).post('/api/cook-sessions').send({ id, batchId: batch.id }),
      ),
    );
    expect(begun.map(({ status }) => status)).toEqual([201, 201, 201]);
    expect(new Set(begun.map((one) => body<CookSession>(one).startedAt)).size).toBe(1);
    const all = body<CookSession[]>(await api().get('/api/cook-sessions'));
    expect(all.filter((session) => session.id === id)).toHaveLength(1);
  });

  test('needs something to cook, said once', async () => {
    const id = randomUUID();
    for (const dto of [
      { id },
      { id, batchId: randomUUID(), practice: PRACTICE },
      { id, practice: { ...PRACTICE, lines: ['something blue'] } },
      { id, practice: { ...PRACTICE, speed: 61 } },
      { id: 'seven', practice: PRACTICE },
    ]) {
      const refused = await api().post('/api/cook-sessions').send(dto).expect(400);
      expect(body<{ faults: unknown[] }>(refused).faults.length).toBeGreaterThan(0);
    }
    await api().get(`/api/cook-sessions/${randomUUID()}`).expect(404);
    await api().get(`/api/cook-sessions/${randomUUID()}/log`).expect(404);
    await api().get(`/api/cook-sessions/${randomUUID()}/live`).expect(404);
  });

  test('takes its batch from planned to the stove, into jars and to the shelf; made again, it begins anew', async () => {
    const session = await cookOfBatch();
    const batch = session.batchId ?? '';
    const listed = async () =>
      body<BatchSummary[]>(await api().get('/api/batches').expect(200)).find(
        ({ id }) => id === batch,
      );
    const plan = body<Batch>(
      await api()
        .post('/api/batches')
        .send({ name: 'Planned', lines: ['1 kg plums', '800 g sugar'] })
        .expect(201),
    );
    const all = body<BatchSummary[]>(await api().get('/api/batches'));
    expect(all.find(({ id }) => id === plan.id)).toMatchObject({
      state: 'planned',
      since: plan.updatedAt,
      sessionId: null,
    });
    expect(await listed()).toMatchObject({
      state: 'on the stove',
      since: session.startedAt,
      sessionId: session.id,
    });
    const { endedAt } = body<CookSession>(await api().post(`/api/cook-sessions/${session.id}/end`));
    expect(await listed()).toMatchObject({
      state: 'in jars',
      since: endedAt,
      sessionId: session.id,
    });

    await api(other()).post(`/api/batches/${batch}/done`).expect(204);
    const done = await listed();
    expect(done).toMatchObject({ state: 'done', sessionId: session.id });
    await api().post(`/api/batches/${batch}/done`).expect(204);
    expect(await listed()).toMatchObject({
      state: 'done',
      since: done?.since,
      sessionId: session.id,
    });
    await api().delete(`/api/batches/${batch}/done`).expect(204);
    expect(await listed()).toMatchObject({ state: 'in jars' });
    await api().post(`/api/batches/${batch}/done`).expect(204);

    const again = body<CookSession>(
      await api().post('/api/cook-sessions').send({ id: randomUUID(), batchId: batch }).expect(201),
    );
    expect(await listed()).toMatchObject({ state: 'on the stove', sessionId: again.id });
    await api().post(`/api/cook-sessions/${again.id}/end`);
    await api().post(`/api/batches/${batch}/done`).expect(204);
    expect(await listed()).toMatchObject({ state: 'done', sessionId: again.id });
    await api().post(`/api/batches/${randomUUID()}/done`).expect(404);
  });

  test('keeps what it was begun with when batch and kitchen change later', async () => {
    const session = await cookOfBatch();
    await api()
      .put(`/api/batches/${session.batchId ?? ''}`)
      .send({ name: 'Damson', lines: ['1 kg damsons', '1 kg sugar'], version: 1 })
      .expect(200);
    const again = body<CookSession>(await api().get(`/api/cook-sessions/${session.id}`));
    expect(again.formula.lines).toEqual(['2 kg crushed damsons', '1.4 kg sugar']);
  });
});
