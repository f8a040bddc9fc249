import type { JarEventAnswer, JarStory, Shelf } from '@idle-kettle/contract/season';
import { JAR_LIFE_KINDS } from '@idle-kettle/core/season';
import { nameOf } from '@idle-kettle/core';
import { Client } from 'pg';
import { chanceFrom } from '../../core/forecast/index.ts';
import { JarSettler } from '../cookSessions/jarSettler.service.ts';
import { body, expectProblem } from './servedApi.ts';
import { FROM, servedJars, storedLog } from './servedJars.ts';

const { api, first, other, databaseUrl, kitchen, stored, jarsOf } = servedJars();

let seq = 0;

const event = (jar: string, kind: string, more: object = {}) => ({
  source: 'phone',
  seq: (seq += 1),
  at: Date.now(),
  kind,
  jar,
  ...more,
});

const say = async (events: object[], of = first()): Promise<JarEventAnswer[]> =>
  body<JarEventAnswer[]>(await api(of).post('/api/jar-events').send({ events }).expect(200));

const shelf = async (): Promise<Shelf> => body<Shelf>(await api().get('/api/shelf').expect(200));

describe('jars that live on', () => {
  test('stand on the shelf with short numbers, which their cook’s number begins', async () => {
    const [one, two] = [await stored(), await stored(storedLog('1.1-2 2.1'))];
    const [first7, mixed] = [await jarsOf(one), await jarsOf(two)];
    expect(first7).toHaveLength(7);
    const number = Number(first7[0]?.code.split('-')[0]);
    expect(first7.map(({ code }) => code)).toEqual(
      [1, 2, 3, 4, 5, 6, 7].map((n) => `${number}-${n}`),
    );
    expect(mixed.map(({ code }) => code)).toEqual([
      `${number + 1}-1`,
      `${number + 1}-2`,
      `${number + 1}-b1`,
    ]);
    const { groups, places } = await shelf();
    const group = groups.find(({ cook }) => cook === one.id);
    expect(group).toMatchObject({
      life: 'in',
      place: 'pantry',
      fruit: 'damson',
      size: 'half-pint',
    });
    expect(group?.codes).toHaveLength(7);
    expect(places.map(({ id }) => id)).toEqual(['pantry', 'fridge', 'freezer', 'gifts', 'cellar']);
  });

  test('are opened, eaten, moved and given, each told once, and undone', async () => {
    const [a, b, c] = (await jarsOf(await stored())).map(({ code }) => code) as [
      string,
      string,
      string,
    ];
    const eaten = event(a, 'eaten');
    const [answer] = await say([eaten]);
    expect(answer).toMatchObject({ counted: true, life: 'eaten', jar: a });
    // Sent again, and told by another phone: it is eaten once.
    expect((await say([eaten]))[0]).toMatchObject({ counted: true });
    expect((await say([event(a, 'eaten', { source: 'other phone' })]))[0]).toMatchObject({
      counted: false,
      life: 'eaten',
    });
    await say([event(b, 'opened'), event(c, 'moved', { to: 'cellar' })]);
    const story = async (code: string) =>
      body<JarStory>(await api().get(`/api/jars/${code}`).expect(200));
    expect(await story(b)).toMatchObject({ life: 'opened', place: 'fridge' });
    // An open jar keeps for weeks, not for a year.
    expect(new Date((await story(b)).eatBy ?? 0).getTime()).toBeLessThan(
      Date.now() + 40 * 86_400_000,
    );
    expect(await story(c)).toMatchObject({ life: 'in', place: 'cellar' });
    const [undone] = await say([event(a, 'undone', { to: `${eaten.source}/${eaten.seq}` })]);
    // Then the other phone’s press counts.
    expect(undone).toMatchObject({ counted: true, life: 'eaten' });
  });

  test('two phones that take out the same jar at once take one, on two servers', async () => {
    const [code = ''] = (await jarsOf(await stored())).map((jar) => jar.code);
    const answers = await Promise.all(
      [first(), other()].flatMap((of) =>
        [1, 2].map((n) =>
          say([event(code, 'eaten', { source: `phone ${n} of ${of === first()}` })], of),
        ),
      ),
    );
    const story = body<JarStory>(await api().get(`/api/jars/${code}`).expect(200));
    expect(story.events.filter(({ counted }) => counted)).toHaveLength(1);
    expect(answers.flat().map(({ life }) => life)).toEqual(answers.map(() => 'eaten'));
  });

  test('a phone whose clock is days wrong tells the right moment', async () => {
    const [code = ''] = (await jarsOf(await stored())).map((jar) => jar.code);
    const wrong = Date.now() - 3 * 86_400_000;
    await api()
      .post('/api/jar-events')
      .send({ events: [event(code, 'eaten', { at: wrong })], sentMs: wrong })
      .expect(200);
    const [eaten] = body<JarStory>(await api().get(`/api/jars/${code}`).expect(200)).events;
    expect(Math.abs(new Date(eaten?.at ?? 0).getTime() - Date.now())).toBeLessThan(60_000);
  });

  test('an eaten jar’s glass comes back to the stock, a given one’s does not; undone, neither', async () => {
    const half = async () => (await kitchen()).jars.find(({ name }) => name === 'half-pint');
    const before = await half();
    const [a, b] = (await jarsOf(await stored())).map(({ code }) => code) as [string, string];
    const full = await half();
    expect(full?.inUse).toBe((before?.inUse ?? 0) + 7);
    const given = event(b, 'given', { to: 'Ann' });
    await say([event(a, 'eaten'), given]);
    expect(await half()).toMatchObject({
      inUse: (full?.inUse ?? 0) - 2,
      count: (full?.count ?? 0) + 1,
      lids: full?.lids,
    });
    await say([event(b, 'undone', { to: `${given.source}/${given.seq}` })]);
    expect(await half()).toMatchObject({
      inUse: (full?.inUse ?? 0) - 1,
      count: (full?.count ?? 0) + 1,
    });
  });

  test('a jar that is not here is named, and nothing of that is taken in', async () => {
    const [code = ''] = (await jarsOf(await stored())).map((jar) => jar.code);
    const answer = await api()
      .post('/api/jar-events')
      .send({ events: [event(code, 'eaten'), event('999999-1', 'eaten')] });
    expect(expectProblem(answer, 400).faults?.[0]?.field).toBe('events[1].jar');
    expect(body<JarStory>(await api().get(`/api/jars/${code}`).expect(200)).life).toBe('in');
    expectProblem(await api().get('/api/jars/999999-1'), 404);
    expectProblem(await api().get('/api/jars/nonsense'), 404);
    for (const events of [[], [{}], [event('x', 'eaten')], [event(code, 'vanished')], 'jars'])
      expectProblem(await api().post('/api/jar-events').send({ events }), 400);
  });

  test('a late entry of the log and an undone one move its jars, and what happened to them stays', async () => {
    const log = storedLog('1.1-3');
    const session = await stored(log);
    const [code = ''] = (await jarsOf(session)).map((jar) => jar.code);
    await say([event(code, 'opened')]);
    // The second jar was cracked after all: said later than all else.
    const late = {
      source: 'late',
      seq: 1,
      at: Math.round(FROM + 36.5 * 60_000),
      kind: 'cracked',
      value: null,
      text: '1.2',
    };
    await api()
      .post(`/api/cook-sessions/${session.id}/log`)
      .send({ entries: [late] })
      .expect(200);
    expect((await jarsOf(session)).map(({ life }) => life)).toEqual(['opened', 'broken', 'in']);
    const undo = {
      source: 'late',
      seq: 2,
      at: Math.round(FROM + 50 * 60_000),
      kind: 'undo',
      value: null,
      text: nameOf({ source: 'late', seq: 1 }),
    };
    await api()
      .post(`/api/cook-sessions/${session.id}/log`)
      .send({ entries: [undo] })
      .expect(200);
    expect((await jarsOf(session)).map(({ life }) => life)).toEqual(['opened', 'in', 'in']);
  });

  test('whatever happens to jars, the table is what a rebuild makes of nothing', async () => {
    const chance = chanceFrom(Math.floor(Math.random() * 1e9));
    const pick = <T>(of: readonly T[]): T => of[Math.floor(chance() * of.length)] as T;
    const sessions = [await stored(), await stored(storedLog('1.1-4 2.1-2'))];
    const codes = (await Promise.all(sessions.map(jarsOf))).flat().map(({ code }) => code);
    const told: { source: string; seq: number; jar: string }[] = [];
    for (let parcel = 0; parcel < 40; parcel += 1) {
      const events = Array.from({ length: 1 + Math.floor(chance() * 8) }, () => {
        const kind = pick(JAR_LIFE_KINDS);
        const jar = pick(codes);
        const undone = told.filter((one) => one.jar === jar);
        const to =
          kind === 'undone'
            ? (undone.map((one) => `${one.source}/${one.seq}`).at(-1) ?? null)
            : pick([null, 'cellar', 'gifts', 'Ann']);
        // Some are told days late.
        const one = event(jar, kind, {
          at: Date.now() - Math.floor(chance() * 5) * 86_400_000,
          to,
        });
        told.push({ source: one.source, seq: one.seq, jar });
        return one;
      });
      await say(events, chance() < 0.5 ? first() : other());
    }
    const client = new Client({ connectionString: databaseUrl() });
    await client.connect();
    const table = async () =>
      (
        await client.query<{ jars: string }>(
          "SELECT string_agg(to_jsonb(jar)::text, E'\\n' ORDER BY code) AS jars FROM jars AS jar",
        )
      ).rows[0]?.jars ?? '';
    const before = await table();
    await client.query(
      'DELETE FROM jars; UPDATE cook_sessions SET jars_settled = 0 WHERE batch_id IS NOT NULL',
    );
    await first().get(JarSettler).rebuild();
    expect(await table()).toBe(before);
    await client.end();
  });
});
