import type { BookPage, BookRecord } from '@idle-kettle/contract';
import { workedOut } from './keptBook.ts';
import { body, expectProblem, servedApi } from './servedApi.ts';

const { api } = servedApi();

const TABLE = `Date,Name,Lines,Minutes,StopC,Jars,VolumeMl,Set,Taste,Again,Notes
2024-08-14,Plum,"2 kg plums
1.2 kg sugar",38,104.5,,1700,soft,4,yes,Aunt’s tree
2024-09-02,Damson,2 kg damsons; 1.4 kg sugar,,,7,,firm,,,
2024-09-02,Damson,2 kg damsons; 1.4 kg sugar,,,7,,firm,,,
`;
const taken = (text: string) =>
  api().post('/api/book/import').set('content-type', 'application/octet-stream').send(text);
const page = async (): Promise<BookPage> => body(await api().get('/api/book').expect(200));

beforeEach(async () => {
  await taken(TABLE).expect(200);
  await workedOut(api);
});

test('a table that somebody kept comes in as cooks of the Book, once', async () => {
  expect(body(await taken(TABLE).expect(200))).toMatchObject({ cooks: 0, batches: 0, there: 6 });
  const { total, entries } = await page();
  expect(total).toBe(3);
  const plum = entries.find(({ name }) => name === 'Plum');
  const record = body<BookRecord>(await api().get(`/api/book/${plum?.id}`).expect(200));
  expect(record).toMatchObject({
    startedAt: '2024-08-14T12:00:00.000Z',
    formula: { lines: ['2 kg plums', '1.2 kg sugar'] },
    outcome: { set: 'soft', taste: 4, again: true, volumeMl: 1700, notes: 'Aunt’s tree' },
  });
  expect(record.log.map(({ kind }) => kind)).toEqual(['lit', 'off-heat']);
  expect(record.summary?.happened).toMatchObject({ minutes: 38, stopC: 104.5, volumeMl: 1700 });
  const damson = entries.find(({ name }) => name === 'Damson');
  const other = body<BookRecord>(await api().get(`/api/book/${damson?.id}`).expect(200));
  expect(other.outcome.notes).toBe('7 jars.');
});

test('the Book’s own table adds nothing to it, and one with a fault is refused line by line', async () => {
  const { text } = await api().get('/api/book/export.csv').expect(200);
  expect(body(await taken(text).expect(200))).toMatchObject({ cooks: 0, batches: 0, there: 3 });
  const { faults } = expectProblem(
    await taken(TABLE.replace('104.5', 'hot').replace(',firm,', ',wobbly,')),
    400,
  );
  expect(faults.map(({ message }) => message)).toEqual([
    expect.stringMatching(/^Line 2: “hot”/),
    expect.stringMatching(/^Line 3: “wobbly”/),
  ]);
  const long = await taken(
    `date,name,lines\n2024-01-01,Plum,2 kg plums\n2024-01-02,${'n'.repeat(400)},x`,
  );
  expect(expectProblem(long, 400).faults[0]?.message).toMatch(/^Line 3: /);
  expect((await page()).total).toBe(3);
});
