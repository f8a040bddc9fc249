import type { DayAnswer, SheetDocument } from '@idle-kettle/contract/daySheet';
import {
  begunAt,
  madeBy,
  newSheet,
  oneMore,
  renamed,
  thingName,
  tickable,
  toFiveMinutes,
  withBatch,
  withChange,
  without,
  withoutBatch,
  withTick,
  workersOf,
} from './sheet.ts';

const sheet: SheetDocument = {
  name: 'Saturday',
  from: '2026-09-12T09:00:00.000Z',
  finishBy: null,
  people: [{ name: 'Ana' }, { name: 'Ben' }, { name: 'Cal' }],
  burners: [{ name: 'Front' }],
  slowCookers: [],
  canners: [{ name: 'Canner', halfPints: 7 }],
  breaks: [],
  batches: [
    { batchId: 'a', person: 1 },
    { batchId: 'b', person: 2 },
  ],
  ticks: [{ batchId: 'a', act: 'weigh', at: '2026-09-12T09:10:00.000Z' }],
};

test('a new sheet is for the next morning, with the burners and the slow cookers of its kitchen', () => {
  const made = newSheet(
    {
      burners: [
        { id: 'f', name: 'Front', heat: 'medium-burner' },
        { id: 'c', name: 'Crock', heat: 'slow-cooker-low' },
      ],
      pots: [{ id: 'w', name: 'Wide pot', diameterCm: 30, heightCm: 14 }],
      cannerHolds: 9,
    } as never,
    'Ana',
    Date.UTC(2026, 8, 12, 20),
  );
  expect(new Date(made.from).getTime()).toBeGreaterThan(Date.UTC(2026, 8, 12, 20));
  expect(made.people).toEqual([{ name: 'Ana' }]);
  expect(made.burners).toEqual([{ name: 'Front' }]);
  expect(made.pots).toEqual([{ name: 'Wide pot' }]);
  expect(made.slowCookers).toEqual([{ name: 'Crock' }]);
  expect(made.canners).toEqual([{ name: 'Canner', halfPints: 9 }]);
});

test('a person less leaves the others their batches', () => {
  const left = without(sheet, 'people', 'Ben');
  expect(left.people.map(({ name }) => name)).toEqual(['Ana', 'Cal']);
  expect(left.batches).toEqual([
    { batchId: 'a', person: null },
    { batchId: 'b', person: 1 },
  ]);
  expect(without(sheet, 'people', 'Nobody')).toEqual(sheet);
});

test('a batch less takes its ticks along, and a batch twice is there once', () => {
  expect(withoutBatch(sheet, 'a')).toMatchObject({ batches: [{ batchId: 'b' }], ticks: [] });
  expect(withoutBatch(withoutBatch(sheet, 'a'), 'a').batches).toHaveLength(1);
  expect(withBatch(withBatch(sheet, 'c'), 'c').batches).toHaveLength(3);
  expect(withTick(sheet, 'a', 'prepare', 0).ticks).toHaveLength(1);
});

test('wishes of one batch leave the others alone', () => {
  const at = Date.UTC(2026, 8, 12, 11);
  expect(begunAt(sheet, 'b', at).batches[1]?.notBefore).toBe(new Date(at).toISOString());
  expect(begunAt(sheet, 'b', at).batches[0]).toEqual(sheet.batches[0]);
  expect(madeBy(sheet, 'a', null).batches[0]?.person).toBeNull();
  expect(toFiveMinutes(at + 149_000)).toBe(at);
});

test('one more of anything has a name of its own', () => {
  let more = sheet;
  for (const list of ['people', 'burners', 'pots', 'bowls', 'slow cookers', 'canners'] as const)
    for (let nth = 0; nth < 3; nth += 1) more = oneMore(more, list);
  for (const list of [more.people, more.burners, more.pots ?? [], more.slowCookers, more.canners])
    expect(new Set(list.map(({ name }) => name)).size).toBe(list.length);
  expect(renamed(more, 'burners', 'Front', 'Left').burners[0]?.name).toBe('Left');
});

test('each change that would do is made', () => {
  expect(withChange(sheet, { kind: 'leave out', of: 0 }, 0).batches).toHaveLength(1);
  expect(withChange(sheet, { kind: 'one more', resource: 'burners' }, 0).burners).toHaveLength(2);
  const late = Date.UTC(2026, 8, 12, 15, 2);
  expect(withChange(sheet, { kind: 'finish later', minutes: 2 }, late).finishBy).toBe(
    '2026-09-12T15:05:00.000Z',
  );
});

test('things go by the names of the sheet', () => {
  expect(thingName(sheet, 'burner 1')).toBe('Front');
  expect(thingName(sheet, 'canner 1')).toBe('Canner');
  expect(thingName(oneMore(sheet, 'bowls'), 'bowl 1')).toBe('Bowl 1');
  expect(thingName(sheet, 'slow cooker 3')).toBe('slow cooker 3');
});

test('a crew works in teams, fewer each for themselves', () => {
  expect(workersOf(sheet).map(({ name }) => name)).toEqual(['Ana', 'Ben', 'Cal']);
  const crew = oneMore(oneMore(sheet, 'people'), 'burners');
  expect(workersOf(crew).map(({ name }) => name)).toEqual(['Ana, Cal', 'Ben, Helper 4']);
});

test('only what no log tells can be ticked', () => {
  const act = (name: string) => ({ of: 0, act: name, hands: true }) as never;
  const of = (acts: readonly never[], cookId: string | null = null) =>
    tickable({ day: { acts }, batches: [{ cookId }] } as unknown as DayAnswer, 0);
  expect(of([act('prepare'), act('light')])).toMatchObject({ act: 'prepare' });
  expect(of([act('light')])).toBeNull();
  expect(of([act('prepare')], 'cook')).toBeNull();
});
