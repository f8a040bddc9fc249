import type { CookSession, Kitchen } from '@idle-kettle/contract';
import type {
  FeedAnswer,
  FruitInHouse,
  JarEventAnswer,
  JarStory,
  Shelf,
  TodayAnswer,
} from '@idle-kettle/contract/season';
import { chanceFrom } from '../../core/forecast/index.ts';
import { JAR_LIFE_KINDS } from '@idle-kettle/core/season';
import { nameOf } from '@idle-kettle/core';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { Client } from 'pg';
import { JarLog } from '../../core/test/jarLog.ts';
import { JarSettler } from '../cookSessions/jarSettler.service.ts';
import { calendarOf } from '../season/feed.service.ts';
import { body, expectProblem } from './servedApi.ts';
import { servedCooks } from './servedCooks.ts';

const { api, first, other, databaseUrl, cookOfBatch } = servedCooks();

const FROM = Date.now() - 60 * 60_000;
let seq = 0;

const done = (jars = '1.1-7') =>
  new JarLog()
    .closed(0, jars)
    .processed(1, 1, jars, 10, 20)
    .at(36, 'sealed', jars)
    .at(37, 'labelled')
    .at(38, 'put-away');

const entriesOf = (log: JarLog) =>
  log.entries.map((entry) => ({ ...entry, at: Math.round(FROM + entry.at) }));

async function stored(log = done()): Promise<CookSession> {
  const session = await cookOfBatch();
  await api()
    .post(`/api/cook-sessions/${session.id}/log`)
    .send({ entries: entriesOf(log) })
    .expect(200);
  return session;
}

const jarsOf = async ({ id }: Pick<CookSession, 'id'>): Promise<JarStory[]> =>
  body<JarStory[]>(await api().get(`/api/cook-sessions/${id}/jars`).expect(200));

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

const kitchen = async (): Promise<Kitchen> =>
  body<Kitchen>(await api().get('/api/kitchen').expect(200));

beforeAll(async () => {
  const { version } = await kitchen();
  await api()
    .patch('/api/kitchen')
    .send({
      version,
      changes: {
        altitudeM: 300,
        zone: 'Europe/London',
        jars: [
          { name: 'half-pint', volumeMl: 237, count: 400, lids: 400 },
          { name: 'quarter-pint', volumeMl: 118, count: 40 },
        ],
        shelves: [{ id: 'cellar', name: 'Cellar', kind: 'pantry' }],
      },
    })
    .expect(200);
});

describe('jars that live on', () => {
  test('stand on the shelf with short numbers, which their cook’s number begins', async () => {
    const [one, two] = [await stored(), await stored(done('1.1-2 2.1'))];
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
    const log = done('1.1-3');
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
    const sessions = [await stored(), await stored(done('1.1-4 2.1-2'))];
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

describe('what wants a hand today', () => {
  const today = async (): Promise<TodayAnswer> =>
    body<TodayAnswer>(await api().get('/api/today').expect(200));

  test('is told from everything that is open', async () => {
    const cooling = await stored(new JarLog().closed(0, '1.1-5').processed(1, 1, '1.1-5', 10, 20));
    const on = await cookOfBatch();
    const { tasks, inSeason, isNew } = await today();
    const of = (id: string) =>
      tasks.filter((task) => task.of === id).map(({ kind, jars }) => [kind, jars]);
    expect(of(cooling.id)).toEqual([['jars-cooling', 5]]);
    expect(of(on.id)).toEqual([['on-the-stove', 0]]);
    expect(isNew).toBe(false);
    expect(Array.isArray(inSeason)).toBe(true);
  });

  test('fruit is written down, keeps for its days, is used, and is there after all', async () => {
    const id = randomUUID();
    const made = body<FruitInHouse>(
      await api()
        .post('/api/fruit')
        .send({ id, line: '3 kg ripe raspberries', place: 'fridge' })
        .expect(201),
    );
    await api()
      .post('/api/fruit')
      .send({ id, line: '3 kg ripe raspberries', place: 'fridge' })
      .expect(201);
    expect(made.fruit).toBe('raspberry');
    const days =
      (new Date(made.keepsUntil).getTime() - new Date(made.since).getTime()) / 86_400_000;
    expect(days).toBeGreaterThanOrEqual(1);
    expect(days).toBeLessThanOrEqual(4);
    expect((await today()).tasks.filter((task) => task.of === id)).toHaveLength(1);
    await api().post(`/api/fruit/${id}/used`).expect(204);
    expect((await today()).tasks.filter((task) => task.of === id)).toHaveLength(0);
    await api().delete(`/api/fruit/${id}/used`).expect(204);
    expect((await today()).tasks.filter((task) => task.of === id)).toHaveLength(1);
    expectProblem(await api().post(`/api/fruit/${randomUUID()}/used`), 404);
    expectProblem(
      await api().post('/api/fruit').send({
        line: 'plums',
        place: 'fridge',
        since: '2026-09-12T10:00:00.000Z',
        keepsUntil: '2026-09-11T10:00:00.000Z',
      }),
      400,
    );
  });

  test('the feed parses with another library, and its old address ends when it is renewed', async () => {
    expect(body<FeedAnswer>(await api().get('/api/feed').expect(200))).toEqual({
      hasFeed: false,
      path: null,
    });
    const { path: old } = body<FeedAnswer>(await api().post('/api/feed').expect(200));
    const answer = await api()
      .get(old ?? '')
      .expect(200)
      .expect('content-type', /text\/calendar/);
    const calendar = new ICAL.Component(ICAL.parse(answer.text) as unknown[]);
    const { tasks } = await today();
    const titles = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one).summary);
    expect(titles.length).toBe(
      tasks.filter(({ kind }) => kind !== 'planned' && kind !== 'on-the-stove').length,
    );
    expect(titles.some((title) => /jars are cooling/.test(title))).toBe(true);
    const { path } = body<FeedAnswer>(await api().post('/api/feed').expect(200));
    expect(path).not.toBe(old);
    expectProblem(await api().get(old ?? ''), 404);
    await api()
      .get(path ?? '')
      .expect(200);
    await api().delete('/api/feed').expect(204);
    expectProblem(await api().get(path ?? ''), 404);
  });

  test('a task across the night when clocks change stands at its moment, in any zone', () => {
    // Clocks go back on 25 October 2026 at 01:00 UTC in London: the jars cool for twelve hours all the same.
    const outMs = Date.UTC(2026, 9, 24, 18);
    const dueMs = outMs + 12 * 3_600_000;
    const text = calendarOf(
      [
        {
          id: 'press-lids c',
          kind: 'press-lids',
          name: 'Quince',
          dueMs,
          untilMs: outMs + 24 * 3_600_000,
          isNow: false,
          count: 7,
          jars: 7,
          place: 'jars',
          of: 'c',
        },
      ],
      outMs,
    );
    const calendar = new ICAL.Component(ICAL.parse(text) as unknown[]);
    const [event] = calendar.getAllSubcomponents('vevent').map((one) => new ICAL.Event(one));
    expect(event?.startDate.toJSDate().getTime()).toBe(dueMs);
    expect(event?.endDate.toJSDate().getTime()).toBe(outMs + 24 * 3_600_000);
    expect(event?.summary).toBe('Quince: press 7 lids');
    // 06:00 UTC is 06:00 in London by then, and was 07:00 the day before.
    const hour = new Intl.DateTimeFormat('en-GB', { timeZone: 'Europe/London', hour: '2-digit' });
    expect(hour.format(event?.startDate.toJSDate())).toBe('06');
  });
});
