import type { CookSession } from '@idle-kettle/contract';
import { randomUUID } from 'node:crypto';
import type { AddressInfo } from 'node:net';
import { Client } from 'pg';
import { body } from './servedApi.ts';
import { count, followed, PRACTICE, servedCooks } from './servedCooks.ts';

const { api, first, other, databaseUrl, cookOfBatch, logOf } = servedCooks();

const T0 = Date.now();
const reading = (seq: number, value = 90) => ({
  source: 'probe',
  seq,
  at: T0 + seq * 1000,
  kind: 'temperature',
  value,
});

describe('the log of a cook', () => {
  test('keeps every entry once, with places without gaps, from two servers at once', async () => {
    const { id } = await cookOfBatch();
    const sends = Array.from({ length: 40 }, (_, i) => {
      // Each goes out twice, by either server, overlapping its neighbours.
      const entries = [reading(i + 1), reading(i + 2)];
      return api(i % 2 === 0 ? first() : other())
        .post(`/api/cook-sessions/${id}/log`)
        .send({ entries })
        .expect(200);
    });
    await Promise.all(sends);
    const { entries, position } = await logOf(id);
    expect(position).toBe(41);
    expect(entries.map((entry) => entry.position)).toEqual(
      Array.from({ length: 41 }, (_, i) => i + 1),
    );
    expect(new Set(entries.map(({ seq }) => seq)).size).toBe(41);
    expect((await logOf(id, 40)).entries).toHaveLength(1);
  });

  test('takes all of a delivery or nothing, and says what is wrong', async () => {
    const { id } = await cookOfBatch();
    const send = (entry: object) =>
      api()
        .post(`/api/cook-sessions/${id}/log`)
        .send({ entries: [reading(1), entry] });
    for (const wrong of [
      { ...reading(2), kind: 'exploded' },
      { ...reading(2), seq: 0 },
      { ...reading(2), at: 12 },
      { ...reading(2), source: '<b>' },
      { ...reading(2), value: 'warm' },
      // What would break every view of the cook: figures and times that cannot be.
      { ...reading(2), value: 5800 },
      { ...reading(2), kind: 'water-boils', value: -20 },
      { ...reading(2), kind: 'flame', value: -5 },
      { ...reading(2), kind: 'added', value: 1_000_000, text: 'as planned' },
      { ...reading(2), kind: 'added', value: 100 },
      { ...reading(2), kind: 'plate-test', value: null, text: 'sings' },
      { ...reading(2), at: Date.UTC(2000, 1) },
      { ...reading(2), at: Date.UTC(2099, 1) },
    ]) {
      await send(wrong).expect(400);
    }
    expect((await logOf(id)).entries).toHaveLength(0);
    await api().post(`/api/cook-sessions/${id}/log`).send({ entries: [] }).expect(400);
  });

  test('a cook whose devices cannot be read harms no other', async () => {
    const begin = async () =>
      body<CookSession>(
        await api()
          .post('/api/cook-sessions')
          .send({ id: randomUUID(), practice: PRACTICE })
          .expect(201),
      ).id;
    // The ill one is the first to be read, in every turn.
    const [ill, well] = [await begin(), await begin()];
    const admin = new Client({ connectionString: databaseUrl() });
    await admin.connect();
    await admin.query(`UPDATE cook_sessions SET formula = '{"lines": 7}' WHERE id = $1`, [ill]);
    const { position } = await logOf(well);
    const heard = await followed(first(), well, position, (messages) => count(messages) >= 60);
    expect(count(heard)).toBeGreaterThanOrEqual(60);
    await admin.query('DELETE FROM cook_session_entries WHERE session_id = $1', [ill]);
    await admin.query('DELETE FROM cook_sessions WHERE id = $1', [ill]);
    await admin.end();
  });

  test('an entry that repeats a name with other content is refused loudly; the same again is not', async () => {
    const { id } = await cookOfBatch();
    const send = (...entries: object[]) =>
      api().post(`/api/cook-sessions/${id}/log`).send({ entries });
    await send(reading(1), reading(2)).expect(200);
    await send(reading(1), reading(2), reading(2)).expect(200);
    for (const other of [
      { ...reading(2), value: 91 },
      { ...reading(2), at: reading(2).at + 1 },
      { ...reading(2), kind: 'stirred', value: null },
    ]) {
      const refused = await send(reading(3), other).expect(409);
      const { detail, faults } = body<{
        detail: string;
        faults: { field: string; message: string }[];
      }>(refused);
      expect(detail).toContain('nothing was taken');
      expect(faults).toMatchObject([{ field: 'entries[1]' }]);
      expect(faults[0]?.message).toContain('already has a different entry');
    }
    // Two of one name in one delivery, too.
    await send(reading(4), { ...reading(4), value: 95 }).expect(409);
    expect((await logOf(id)).entries.map(({ seq }) => seq)).toEqual([1, 2]);
  });

  test.each(['simulated probe', 'simulated scale'])('nobody writes as its %s', async (source) => {
    const { id } = body<CookSession>(
      await api()
        .post('/api/cook-sessions')
        .send({ id: randomUUID(), practice: PRACTICE })
        .expect(201),
    );
    const forged = { ...reading(1), source, at: Date.now() };
    const refused = await api()
      .post(`/api/cook-sessions/${id}/log`)
      .send({ entries: [forged] })
      .expect(400);
    expect(body<{ faults: object[] }>(refused).faults).toMatchObject([
      { field: 'entries[0].source' },
    ]);
  });

  test('every message of its live view carries the place where it stands, and a browser goes on from there', async () => {
    const { id } = await cookOfBatch();
    await api()
      .post(`/api/cook-sessions/${id}/log`)
      .send({ entries: [reading(1), reading(2), reading(3)] })
      .expect(200);
    const { port } = first().getHttpServer().address() as AddressInfo;
    const read = async (headers: Record<string, string>) => {
      const gone = new AbortController();
      const response = await fetch(`http://127.0.0.1:${port}/api/cook-sessions/${id}/live`, {
        headers,
        signal: gone.signal,
      });
      let text = '';
      const decoder = new TextDecoder();
      for await (const chunk of response.body ?? []) {
        text += decoder.decode(chunk, { stream: true });
        if (text.includes('event: log')) break;
        if (headers['Last-Event-ID'] === '3' && text.includes('event: beat')) break;
      }
      gone.abort();
      return [...text.matchAll(/^id: (.*)$/gm)].map(([, place]) => place);
    };
    expect(await read({})).toEqual(['0', '3']);
    expect(await read({ 'Last-Event-ID': '1' })).toEqual(['1', '3']);
    expect(await read({ 'Last-Event-ID': '3' })).toEqual(['3']);
  });

  test('what was stored and cannot be, years off, harms no pot: the probe goes on', async () => {
    const { id } = body<CookSession>(
      await api()
        .post('/api/cook-sessions')
        .send({ id: randomUUID(), practice: PRACTICE })
        .expect(201),
    );
    const admin = new Client({ connectionString: databaseUrl() });
    await admin.connect();
    for (const [seq, at, kind, value] of [
      [1, '2000-01-01', 'lit', null],
      [2, '2099-01-01', 'added', 1e6],
      [3, '2099-06-01', 'flame', -5],
    ]) {
      await admin.query(
        `INSERT INTO cook_session_entries (session_id, source, seq, position, at, kind, value, text)
         VALUES ($1, 'old', $2, 1000 + $2, $3, $4, $5, 'as planned')`,
        [id, seq, at, kind, value],
      );
    }
    await admin.end();
    const seen = await api().get(`/api/cook-sessions/${id}/pot`).expect(200);
    expect(body<{ surface: string }>(seen).surface).toBe('still');
    let readings = 0;
    for (let tries = 0; tries < 100 && readings === 0; tries += 1) {
      readings = (await logOf(id)).entries.filter(({ kind }) => kind === 'temperature').length;
      await new Promise((resolve) => setTimeout(resolve, 100));
    }
    expect(readings).toBeGreaterThan(0);
    await api().post(`/api/cook-sessions/${id}/end`).expect(200);
  });

  test('is heard on the other server, from where the listener stopped', async () => {
    const { id } = await cookOfBatch();
    await api()
      .post(`/api/cook-sessions/${id}/log`)
      .send({ entries: [reading(1), reading(2), reading(3)] });
    const hearing = followed(other(), id, 2, (messages) => count(messages) >= 3);
    await api()
      .post(`/api/cook-sessions/${id}/log`)
      .send({ entries: [reading(4), reading(5)] });
    const heard = (await hearing).flatMap(({ entries }) => entries);
    expect(heard.map(({ seq }) => seq)).toEqual([3, 4, 5]);
  });

  test('is heard again after the database dropped every connection', async () => {
    const { id } = await cookOfBatch();
    const hearing = followed(other(), id, 0, (messages) => count(messages) >= 2);
    await api()
      .post(`/api/cook-sessions/${id}/log`)
      .send({ entries: [reading(1)] })
      .expect(200);
    const admin = new Client({ connectionString: databaseUrl() });
    await admin.connect();
    await admin.query(
      'SELECT pg_terminate_backend(pid) FROM pg_stat_activity WHERE datname = current_database() AND pid <> pg_backend_pid()',
    );
    await admin.end();
    // A first try may meet a connection that has just been dropped; a browser tries again as well.
    let sent = 0;
    while (sent !== 200) {
      ({ status: sent } = await api()
        .post(`/api/cook-sessions/${id}/log`)
        .send({ entries: [reading(2)] }));
    }
    expect((await hearing).flatMap(({ entries }) => entries).map(({ seq }) => seq)).toEqual([1, 2]);
  });
});

describe('a practice cook', () => {
  const begin = async (change: object = {}) =>
    body<CookSession>(
      await api()
        .post('/api/cook-sessions')
        .send({ id: randomUUID(), practice: { ...PRACTICE, ...change } })
        .expect(201),
    );

  test('is read by its simulated probe once for each second, though two servers read it', async () => {
    const { id } = await begin();
    const heard = await followed(first(), id, 0, (messages) => count(messages) >= 150);
    await api().post(`/api/cook-sessions/${id}/end`).expect(200);
    const readings = heard.flatMap(({ entries }) => entries);
    const seqs = readings.map(({ seq }) => seq);
    expect(new Set(seqs).size).toBe(seqs.length);
    expect(seqs).toEqual([...seqs].sort((a, b) => a - b));
    // Cold, in a kitchen of 20 °C, and noisy.
    const mean = readings.reduce((sum, { value }) => sum + (value ?? 0), 0) / readings.length;
    expect(mean).toBeGreaterThan(19.7);
    expect(mean).toBeLessThan(20.3);
  });

  test('changes its speed without a jump, and can be looked into', async () => {
    const session = await begin({ speed: 1 });
    const faster = body<CookSession>(
      await api().put(`/api/cook-sessions/${session.id}/speed`).send({ speed: 20 }).expect(200),
    );
    const before = session.clock.cookAt + (faster.clock.realAt - session.clock.realAt);
    expect(Math.abs(faster.clock.cookAt - before)).toBeLessThan(5);
    expect(body(await api().get(`/api/cook-sessions/${session.id}/pot`).expect(200))).toMatchObject(
      {
        surface: 'still',
        drops: { 'plate-test': 'runs', 'sheet-test': 'drops', 'mound-test': 'weeps' },
      },
    );
    await api().post(`/api/cook-sessions/${session.id}/end`).expect(200);
  });

  test('is debriefed once, when it ends', async () => {
    const session = await begin({ fault: 'thermometer-low' });
    const ended = body<CookSession>(
      await api().post(`/api/cook-sessions/${session.id}/end`).expect(200),
    );
    expect(ended.debrief?.set).toBe('pours');
    expect(ended.debrief?.lesson).toContain('3 °F');
    const again = body<CookSession>(
      await api().post(`/api/cook-sessions/${session.id}/end`).expect(200),
    );
    expect(again.endedAt).toBe(ended.endedAt);
  });

  test('is the only one with a speed and a pot to look into', async () => {
    const { id } = await cookOfBatch();
    await api().put(`/api/cook-sessions/${id}/speed`).send({ speed: 5 }).expect(400);
    await api().get(`/api/cook-sessions/${id}/pot`).expect(400);
  });
});
