import { COOL_MS } from '../jars/index.ts';
import { today, type OpenCook, type TodayState } from './index.ts';

const HOUR = 3_600_000;
const DAY = 24 * HOUR;
const NOW = Date.UTC(2026, 8, 12, 9);

const NOTHING: TodayState = {
  days: [],
  cooks: [],
  shortLived: [],
  fruit: [],
  standing: [],
  toJudge: [],
  calciumMadeMs: null,
  short: [],
  planned: null,
};
const cook = (change: Partial<OpenCook>): OpenCook => ({
  id: 'c',
  name: 'Damson',
  startedAtMs: NOW - 3 * HOUR,
  endedAtMs: null,
  jars: [],
  ...change,
});
const at = (state: Partial<TodayState>, nowMs = NOW) => today({ ...NOTHING, ...state }, nowMs);
const kinds = (state: Partial<TodayState>, nowMs = NOW) => at(state, nowMs).map(({ kind }) => kind);
const now = (state: Partial<TodayState>, nowMs = NOW) =>
  at(state, nowMs)
    .filter(({ isNow }) => isNow)
    .map(({ kind }) => kind);

describe('what wants a hand', () => {
  test('is nothing where nothing is open', () => expect(at({})).toEqual([]));

  test('jars cool untouched for half a day, then their lids are pressed, within a day', () => {
    const jars = Array.from({ length: 7 }, () => ({ stands: 'cooling' as const, outAtMs: NOW }));
    const cooks = [cook({ endedAtMs: NOW, jars })];
    expect(at({ cooks }, NOW + HOUR)).toMatchObject([
      { kind: 'jars-cooling', jars: 7, isNow: false, dueMs: NOW + COOL_MS, place: 'jars' },
    ]);
    expect(at({ cooks }, NOW + 13 * HOUR)).toMatchObject([
      { kind: 'press-lids', jars: 7, isNow: true, untilMs: NOW + DAY },
    ]);
  });

  test('the last load that came out decides when lids are pressed, the first until when', () => {
    const cooks = [
      cook({
        endedAtMs: NOW,
        jars: [
          { stands: 'cooling', outAtMs: NOW },
          { stands: 'cooling', outAtMs: NOW + HOUR },
        ],
      }),
    ];
    expect(at({ cooks }, NOW + 14 * HOUR)).toMatchObject([
      { dueMs: NOW + HOUR + COOL_MS, untilMs: NOW + DAY },
    ]);
  });

  test('a jar that did not seal has its clock from when it came out, and comes before lids', () => {
    const cooks = [
      cook({
        endedAtMs: NOW,
        jars: [
          { stands: 'unsealed', outAtMs: NOW },
          { stands: 'cooling', outAtMs: NOW },
        ],
      }),
    ];
    expect(kinds({ cooks }, NOW + 13 * HOUR)).toEqual(['reprocess', 'press-lids']);
    expect(at({ cooks }, NOW + 13 * HOUR)[0]).toMatchObject({ untilMs: NOW + DAY, jars: 1 });
  });

  test('a jar that stood unsealed for a day is for the fridge, and no work any more', () => {
    const jars = [{ stands: 'unsealed' as const, outAtMs: NOW }];
    expect(kinds({ cooks: [cook({ endedAtMs: NOW, jars })] }, NOW + 25 * HOUR)).toEqual([]);
  });

  test('sealed jars want to go on the shelf once the others are seen to', () => {
    const sealed = { stands: 'sealed' as const, outAtMs: NOW };
    expect(kinds({ cooks: [cook({ endedAtMs: NOW, jars: [sealed] })] })).toEqual(['store']);
    expect(
      kinds({
        cooks: [cook({ endedAtMs: NOW, jars: [sealed, { stands: 'unsealed', outAtMs: NOW }] })],
      }),
    ).toEqual(['reprocess']);
  });

  test('comes in the order of what is lost by waiting', () => {
    const state: TodayState = {
      days: [{ id: 'd', name: 'Saturday', fromMs: NOW - HOUR, untilMs: NOW + 8 * HOUR }],
      cooks: [
        cook({ id: 'pot' }),
        cook({
          id: 'lids',
          endedAtMs: NOW,
          jars: [{ stands: 'cooling', outAtMs: NOW - 14 * HOUR }],
        }),
        cook({
          id: 'loose',
          endedAtMs: NOW,
          jars: [{ stands: 'unsealed', outAtMs: NOW - 14 * HOUR }],
        }),
        cook({ id: 'open', jars: [{ stands: 'unfinished', outAtMs: null }] }),
      ],
      shortLived: [{ code: '3-1', name: 'Curd', eatByMs: NOW + 2 * DAY, jars: 2 }],
      fruit: [{ id: 'f', name: '3 kg plums', keepsUntilMs: NOW + DAY }],
      standing: [{ batchId: 'm', name: 'Seville', readyMs: NOW - HOUR }],
      toJudge: [{ id: 'j', name: 'Quince', cookedAtMs: NOW - 9 * DAY }],
      calciumMadeMs: NOW - 50 * DAY,
      short: [{ fruit: 'damson', name: 'damson', runsOutMs: NOW + 60 * DAY, ripeMs: NOW }],
      planned: { id: 'p', name: 'Medlar', changedAtMs: NOW - DAY },
    };
    expect(today(state, NOW).map(({ kind }) => kind)).toEqual([
      'on-the-stove',
      'jars-waiting',
      'reprocess',
      'press-lids',
      'day-sheet',
      'next-step',
      'fruit',
      'eat',
      'judge',
      'calcium',
      'runs-short',
      'planned',
    ]);
    // Whatever order it is told in.
    const turned = { ...state, cooks: [...state.cooks].reverse() };
    expect(today(turned, NOW)).toEqual(today(state, NOW));
  });

  test('what can wait is told for later, and is not now', () => {
    const state = {
      shortLived: [{ code: '3-1', name: 'Curd', eatByMs: NOW + 20 * DAY, jars: 2 }],
      fruit: [{ id: 'f', name: 'apples', keepsUntilMs: NOW + 20 * DAY }],
      toJudge: [{ id: 'j', name: 'Quince', cookedAtMs: NOW - 2 * DAY }],
      standing: [{ batchId: 'm', name: 'Seville', readyMs: NOW + 8 * HOUR }],
    };
    expect(now(state)).toEqual([]);
    expect(kinds(state)).toEqual(['fruit', 'eat', 'judge', 'step-waiting']);
    expect(now(state, NOW + 16 * DAY)).toEqual(['next-step', 'eat', 'judge']);
  });

  test('jars past their day are told of together, and nobody is told to eat them', () => {
    const jar = (code: string, days: number) => ({
      code,
      name: `Curd ${code}`,
      eatByMs: NOW + days * DAY,
      jars: 2,
    });
    expect(at({ shortLived: [jar('3-1', -3), jar('4-1', -90), jar('5-1', 1)] })).toMatchObject([
      { kind: 'eat', of: '5-1' },
      { kind: 'past', isNow: true, jars: 4, of: '' },
    ]);
    expect(at({ shortLived: [jar('3-1', -3)] })).toMatchObject([{ kind: 'past', of: '3-1' }]);
  });

  test('a set is asked about after a week, and not for ever', () => {
    const toJudge = [{ id: 'j', name: 'Quince', cookedAtMs: NOW }];
    expect(now({ toJudge }, NOW + 6 * DAY)).toEqual([]);
    expect(now({ toJudge }, NOW + 8 * DAY)).toEqual(['judge']);
    expect(kinds({ toJudge }, NOW + 130 * DAY)).toEqual([]);
  });

  test('what runs short is told while its fruit is ripe or nearly', () => {
    const short = (ripeMs: number | null, runsOutMs: number) => [
      { fruit: 'damson', name: 'damson', runsOutMs, ripeMs },
    ];
    expect(now({ short: short(NOW, NOW + 90 * DAY) })).toEqual(['runs-short']);
    expect(kinds({ short: short(NOW + 30 * DAY, NOW + 90 * DAY) })).toEqual(['runs-short']);
    expect(kinds({ short: short(NOW + 90 * DAY, NOW + 90 * DAY) })).toEqual([]);
    expect(kinds({ short: short(NOW, NOW + 500 * DAY) })).toEqual([]);
    expect(kinds({ short: short(null, NOW) })).toEqual([]);
  });

  test('each is named the same whenever it is worked out, and no two alike', () => {
    const cooks = [
      cook({ id: 'a', endedAtMs: NOW, jars: [{ stands: 'cooling', outAtMs: NOW - 14 * HOUR }] }),
      cook({ id: 'b', endedAtMs: NOW, jars: [{ stands: 'cooling', outAtMs: NOW - 14 * HOUR }] }),
    ];
    const ids = at({ cooks }).map(({ id }) => id);
    expect(new Set(ids).size).toBe(2);
    expect(at({ cooks }, NOW + HOUR).map(({ id }) => id)).toEqual(ids);
  });

  test('a planned day is told of while it is near, and until it is over', () => {
    const days = [{ id: 'd', name: 'Saturday', fromMs: NOW, untilMs: NOW + 8 * HOUR }];
    expect(at({ days }, NOW - 5 * DAY)).toEqual([]);
    expect(at({ days }, NOW - DAY)).toMatchObject([
      { kind: 'day-sheet', isNow: false, dueMs: NOW, place: 'day', of: 'd' },
    ]);
    expect(now({ days }, NOW + HOUR)).toEqual(['day-sheet']);
    expect(at({ days }, NOW + 9 * HOUR)).toEqual([]);
  });
});
