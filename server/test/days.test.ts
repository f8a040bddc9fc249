import type { Batch } from '@idle-kettle/contract';
import type { DayAnswer, DaySheet, DaySheetLine } from '@idle-kettle/contract/daySheet';
import type { TodayAnswer } from '@idle-kettle/contract/season';
import ICAL from 'ical.js';
import { randomUUID } from 'node:crypto';
import { storedLog } from './servedJars.ts';
import { body, expectProblem } from './servedApi.ts';
import { servedJars } from './servedJars.ts';

const { api } = servedJars();
const HOUR = 3_600_000;

const aBatch = async (name: string, lines: readonly string[]): Promise<Batch> =>
  body<Batch>(await api().post('/api/batches').send({ name, lines }).expect(201));

const sheetOf = (batches: readonly Pick<Batch, 'id'>[], change: object = {}) => ({
  name: 'Saturday',
  from: new Date(Date.now() + HOUR).toISOString(),
  people: [{ name: 'Ana' }],
  burners: [{ name: 'Front' }, { name: 'Back' }],
  slowCookers: [],
  canners: [{ name: 'Canner', halfPints: 7 }],
  breaks: [],
  batches: batches.map(({ id }) => ({ batchId: id })),
  ticks: [],
  ...change,
});

const answerOf = async (id: string): Promise<DayAnswer> =>
  body<DayAnswer>(await api().get(`/api/days/${id}`).expect(200));

describe('a day sheet', () => {
  let damson: Batch;
  let plum: Batch;
  beforeAll(async () => {
    damson = await aBatch('Damson', ['2 kg crushed damsons', '1.4 kg sugar']);
    plum = await aBatch('Plum', ['3 kg plums', '2.1 kg sugar']);
  });

  test('is kept once, planned, listed, changed on its version, and deleted', async () => {
    const id = randomUUID();
    for (let sent = 0; sent < 2; sent += 1)
      await api()
        .post('/api/days')
        .send({ id, ...sheetOf([damson, plum]) })
        .expect(201);
    const { sheet, batches, day, faults, shopping } = await answerOf(id);
    expect(faults).toEqual([]);
    expect(batches.map(({ name }) => name)).toEqual(['Damson', 'Plum']);
    expect(new Set(day?.acts.map(({ of }) => of))).toEqual(new Set([0, 1]));
    expect(day?.acts.filter(({ hands }) => hands).every(({ person }) => person === 0)).toBe(true);
    expect(shopping.map(({ name }) => name)).toEqual(
      expect.arrayContaining(['white sugar', 'plum', 'damson']),
    );
    const listed = body<DaySheetLine[]>(await api().get('/api/days').expect(200));
    expect(listed.find((line) => line.id === id)?.batches).toEqual(['Damson', 'Plum']);
    const change = { ...sheet, id: undefined, version: sheet.version };
    const late = new Date(new Date(sheet.from).getTime() + 5 * HOUR).toISOString();
    const moved = body<DayAnswer>(
      await api()
        .put(`/api/days/${id}`)
        .send({
          ...change,
          batches: [{ batchId: damson.id, notBefore: late }, { batchId: plum.id }],
        })
        .expect(200),
    );
    const begins = Math.min(
      ...(moved.day?.acts.filter(({ of }) => of === 0).map(({ startMs }) => startMs) ?? []),
    );
    expect(begins).toBeGreaterThanOrEqual(new Date(late).getTime());
    expectProblem(await api().put(`/api/days/${id}`).send(change), 409);
    await api().delete(`/api/days/${id}`).expect(204);
    expectProblem(await api().get(`/api/days/${id}`), 404);
  });

  test('refuses what nobody could do, and names it', async () => {
    const refuse = async (change: object, field: string) => {
      const problem = expectProblem(
        await api()
          .post('/api/days')
          .send(sheetOf([damson], change)),
        400,
      );
      expect([field, problem.faults.map(({ field: at }) => at)]).toEqual([
        field,
        expect.arrayContaining([field]),
      ]);
    };
    await refuse({ batches: [{ batchId: randomUUID() }] }, 'batches[0].batchId');
    await refuse({ batches: [{ batchId: damson.id }, { batchId: damson.id }] }, 'batches');
    await refuse({ batches: [{ batchId: damson.id, person: 3 }] }, 'batches[0].person');
    await refuse({ finishBy: '2020-01-01T00:00:00.000Z' }, 'finishBy');
    await refuse({ people: [{ name: 'Ana' }, { name: 'ana ' }] }, 'people');
    await refuse({ canners: [{ name: 'Big', halfPints: 0 }] }, 'canners[0].halfPints');
    await refuse({ from: 'tomorrow' }, 'from');
    await refuse(
      { breaks: [{ from: '2026-09-12T12:00:00.000Z', to: '2026-09-12T11:00:00.000Z' }] },
      'breaks',
    );
  });

  test('goes by ticks and by the log of its cook, and what is left is planned from now on', async () => {
    const from = new Date(Date.now() - 3 * HOUR).toISOString();
    const made = body<DaySheet>(
      await api()
        .post('/api/days')
        .send(sheetOf([damson, plum], { from }))
        .expect(201),
    );
    const before = await answerOf(made.id);
    expect(before.day?.lateMin).toBeGreaterThan(150);
    const ticked = body<DayAnswer>(
      await api()
        .put(`/api/days/${made.id}`)
        .send({
          ...sheetOf([damson, plum], { from }),
          version: made.version,
          ticks: [
            { batchId: plum.id, act: 'weigh', at: new Date(Date.now() - 60_000).toISOString() },
          ],
        })
        .expect(200),
    );
    expect(ticked.day?.done.map(({ of, act }) => [of, act])).toEqual([[1, 'prepare']]);
    const cook = body<{ id: string }>(
      await api()
        .post('/api/cook-sessions')
        .send({ id: randomUUID(), batchId: damson.id })
        .expect(201),
    );
    const entries = storedLog('1.1-5').entries.map((entry) => ({
      ...entry,
      at: Math.round(Date.now() - HOUR + entry.at),
    }));
    await api().post(`/api/cook-sessions/${cook.id}/log`).send({ entries }).expect(200);
    const { day, batches } = await answerOf(made.id);
    expect(batches[0]?.cookId).toBe(cook.id);
    expect(day?.over).toEqual([0]);
    expect(day?.acts.some(({ of }) => of === 0)).toBe(false);
    expect(day?.acts.every(({ startMs }) => startMs >= Date.now() - 60_000)).toBe(true);
  });

  test('is planned with the minutes that its kitchen taught', async () => {
    const { id } = body<DaySheet>(
      await api()
        .post('/api/days')
        .send(sheetOf([plum]))
        .expect(201),
    );
    const weighs = async () => {
      const act = (await answerOf(id)).day?.acts.find((one) => one.act === 'prepare');
      return ((act?.endMs ?? 0) - (act?.startMs ?? 0)) / 60_000;
    };
    const usual = await weighs();
    const teach = async (handMinutes: object | null) => {
      const { version } = body<{ version: number }>(await api().get('/api/kitchen').expect(200));
      await api().patch('/api/kitchen').send({ version, changes: { handMinutes } }).expect(200);
    };
    await teach({ perKg: 20, perJar: null });
    expect(await weighs()).toBeGreaterThan(usual + 30);
    await teach(null);
    expect(await weighs()).toBeCloseTo(usual, 6);
  });

  test('stands in Today while it is near', async () => {
    const soon = body<DaySheet>(
      await api()
        .post('/api/days')
        .send(sheetOf([plum]))
        .expect(201),
    );
    const { tasks } = body<TodayAnswer>(await api().get('/api/today').expect(200));
    expect(tasks.filter(({ kind, of }) => kind === 'day-sheet' && of === soon.id)).toHaveLength(1);
  });

  test('is a calendar that another library reads, through the night when clocks change', async () => {
    const seville = body<Batch>(
      await api()
        .post('/api/batches')
        .send({
          name: 'Seville',
          lines: ['2 kg sugar'],
          settings: {
            product: 'marmalade',
            before: { kind: 'soak', lines: ['1 kg seville oranges'], water: 2000, hours: 14 },
          },
        })
        .expect(201),
    );
    // In London clocks go back at 01:00 UTC on the last Sunday of October: the EU directive
    // 2000/84/EC, and the Summer Time Act.
    const year = new Date().getUTCFullYear() + 1;
    const last = new Date(Date.UTC(year, 9, 31));
    const sunday = 31 - last.getUTCDay();
    const { id } = body<DaySheet>(
      await api()
        .post('/api/days')
        .send(
          sheetOf([seville], {
            name: 'October',
            from: new Date(Date.UTC(year, 9, sunday - 1, 18)).toISOString(),
          }),
        )
        .expect(201),
    );
    const { day } = await answerOf(id);
    const text = (await api().get(`/api/days/${id}/calendar.ics`).expect(200)).text;
    const read = new ICAL.Component(ICAL.parse(text) as unknown[])
      .getAllSubcomponents('vevent')
      .map((event) => new ICAL.Event(event))
      .map(({ summary, startDate, endDate }) => ({
        summary,
        startMs: startDate.toJSDate().getTime(),
        endMs: endDate.toJSDate().getTime(),
      }));
    const seconds = (at: number) => 1000 * Math.floor(at / 1000);
    expect(read.map(({ startMs, endMs }) => [startMs, endMs])).toEqual(
      day?.acts.map(({ startMs, endMs }) => [seconds(startMs), seconds(endMs)]),
    );
    const soak = read.find(({ summary }) => summary === 'Seville: Soak');
    if (soak === undefined) throw new Error('There is no soak');
    const inLondon = (at: number) =>
      Number(
        new Intl.DateTimeFormat('en-GB', {
          timeZone: 'Europe/London',
          hour: 'numeric',
          hour12: false,
        }).format(at),
      );
    expect((soak.endMs - soak.startMs) / HOUR).toBe(14);
    // Fourteen hours by the kitchen’s clock are thirteen on its face that night.
    expect((inLondon(soak.endMs) - inLondon(soak.startMs) + 24) % 24).toBe(13);
  });
});
