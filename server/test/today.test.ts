import type { FeedAnswer, FruitInHouse, TodayAnswer } from '@idle-kettle/contract/season';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { JarLog } from '../../core/test/jarLog.ts';
import { calendarOf } from '../season/feed.service.ts';
import { body, expectProblem } from './servedApi.ts';
import { servedJars } from './servedJars.ts';

const { api, cookOfBatch, stored } = servedJars();

describe('what wants a hand today', () => {
  const today = async (): Promise<TodayAnswer> =>
    body<TodayAnswer>(await api().get('/api/today').expect(200));

  test('is told from everything that is open', async () => {
    const cooling = await stored(new JarLog().closed(0, '1.1-5').processed(1, 1, '1.1-5', 10, 20));
    const on = await cookOfBatch();
    const { tasks, inSeason, isNew, waiting } = await today();
    expect(waiting).toBe(0);
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
