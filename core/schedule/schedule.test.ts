import { chanceFrom } from '../forecast/index.ts';
import { dayFaults } from '../test/dayFaults.ts';
import { request } from '../test/planned.ts';
import { runs } from '../test/runs.ts';
import {
  planDay,
  schedule,
  type DayBatch,
  type DayRequest,
  type Job,
  type Things,
} from './index.ts';

const HOUR = 3_600_000;
const FROM = Date.UTC(2026, 8, 12, 7);

const DAMSON = request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'] });
const PLUM = request({ lines: ['3 kg plums', '2.1 kg sugar', '30 mL bottled lemon juice'] });
const STRAWBERRY = request({
  lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
});
const SEVILLE = request({
  product: 'marmalade',
  lines: ['1 kg seville oranges', '2 kg sugar', '2 L water'],
});
const BUTTER = request({
  product: 'butter',
  lines: ['3 kg apples', '500 g sugar'],
  heat: 'slow-cooker-low',
});

const batch = (
  name: string,
  formula: DayBatch['formula'],
  more: Partial<DayBatch> = {},
): DayBatch => ({
  name,
  formula,
  readyMs: null,
  keepsUntilMs: null,
  ...more,
});

const day = (change: Partial<DayRequest>): DayRequest => ({
  fromMs: FROM,
  finishByMs: null,
  people: 1,
  burners: 2,
  slowCookers: 1,
  canners: [{ halfPints: 7 }],
  breaks: [],
  batches: [batch('Damson', DAMSON)],
  ...change,
});

function planned(change: Partial<DayRequest>) {
  const outcome = planDay(day(change));
  if (!outcome.ok) throw new Error(JSON.stringify(outcome.faults));
  return outcome.day;
}

/** A batch of random length, with what a real one has. */
function randomJob(chance: () => number, name: string): Job {
  const some = (least: number, most: number) => Math.round(least + (most - least) * chance());
  const isOvernight = chance() < 0.15;
  const hasLoads = chance() < 0.8;
  return {
    name,
    readyMin: chance() < 0.3 ? some(0, 240) : 0,
    keepsUntilMin: chance() < 0.2 ? some(120, 900) : null,
    segments: [
      ...(isOvernight
        ? [
            {
              pieces: [{ act: 'slice' as const, minutes: some(10, 40), hands: true, holds: null }],
              mayWaitMin: 360,
            },
            {
              pieces: [
                { act: 'soak' as const, minutes: some(600, 900), hands: false, holds: null },
              ],
              mayWaitMin: 360,
            },
          ]
        : []),
      {
        pieces: [{ act: 'weigh' as const, minutes: some(5, 45), hands: true, holds: null }],
        mayWaitMin: 60,
      },
      {
        pieces: [
          { act: 'soften' as const, minutes: some(0, 20), hands: false, holds: 'burner' as const },
          { act: 'add' as const, minutes: 2, hands: true, holds: 'burner' as const },
          {
            act: 'boil-down' as const,
            minutes: some(10, 40),
            hands: true,
            holds: 'burner' as const,
          },
          { act: 'plate' as const, minutes: 2, hands: true, holds: null },
          { act: 'stand' as const, minutes: 5, hands: false, holds: null },
          { act: 'fill' as const, minutes: some(5, 20), hands: true, holds: null },
        ],
        potFrom: 0,
        mayWaitMin: 0,
      },
    ],
    loads: hasLoads
      ? Array.from({ length: some(1, 3) }, () => ({
          pieces: [
            { act: 'load' as const, minutes: 3, hands: true, holds: 'canner' as const },
            {
              act: 'heat-canner' as const,
              minutes: some(5, 12),
              hands: false,
              holds: 'canner' as const,
            },
            {
              act: 'process' as const,
              minutes: some(10, 25),
              hands: false,
              holds: 'canner' as const,
            },
            { act: 'rest' as const, minutes: 5, hands: false, holds: 'canner' as const },
            { act: 'out' as const, minutes: 3, hands: true, holds: 'canner' as const },
          ],
        }))
      : [],
    heatsMin: some(15, 30),
    jarsWaitMin: 120,
  };
}

const randomThings = (chance: () => number): Things => ({
  people: 1 + Math.floor(3 * chance()),
  burners: 1 + Math.floor(3 * chance()),
  slowCookers: 1,
  ovens: 1,
  canners: 1 + Math.floor(2 * chance()),
  ...(chance() < 0.4 ? { pots: 1 + Math.floor(2 * chance()) } : {}),
  breaks: chance() < 0.3 ? [[240, 300]] : [],
});

describe('a day', () => {
  test('of any batches is valid: nothing held twice, no chain broken, waits kept, hands enough', () => {
    const seed = Math.floor(Math.random() * 1e9);
    const chance = chanceFrom(seed);
    for (let run = 0; run < runs(1000); run += 1) {
      const jobs = Array.from({ length: 1 + Math.floor(4 * chance()) }, (_, nth) =>
        randomJob(chance, `job ${nth}`),
      );
      const things = randomThings(chance);
      // What is valid is so whatever way is taken: few of them do.
      const { acts, finish, bound, left } = schedule(jobs, things, 100);
      expect([seed, run, dayFaults(acts, jobs, things)]).toEqual([seed, run, []]);
      if (left.length === 0) expect(finish).toBeGreaterThanOrEqual(bound - 1e-6);
    }
  });

  test('of eight batches is valid too, and no batch is left out', () => {
    const chance = chanceFrom(3);
    const jobs = Array.from({ length: 8 }, (_, nth) => randomJob(chance, `job ${nth}`));
    const things = { people: 2, burners: 2, slowCookers: 1, ovens: 1, canners: 1, breaks: [] };
    const { acts, left } = schedule(jobs, things);
    expect(left).toEqual([]);
    expect(dayFaults(acts, jobs, things)).toEqual([]);
  });

  test('of one batch takes what its chain does, the canner hot as its jars are full', () => {
    const { acts, finishMs, infeasible } = planned({});
    expect(infeasible).toBeNull();
    expect(acts.map(({ act }) => act)).toEqual(
      expect.arrayContaining([
        'prepare',
        'soften',
        'add',
        'dissolve',
        'boil-down',
        'plate',
        'stand',
        'fill',
        'load',
        'process',
        'rest',
        'out',
        'cool',
      ]),
    );
    const fill = acts.find(({ act }) => act === 'fill');
    const load = acts.find(({ act }) => act === 'load');
    expect(load?.startMs).toBe(fill?.endMs);
    const heats = acts.find(({ act }) => act === 'heat-canner');
    expect(heats?.endMs).toBe(load?.startMs);
    expect(heats?.holds).toEqual(['canner 1']);
    // Common practice: a small batch is in its jars in two hours, and processed in another.
    expect((finishMs - FROM) / HOUR).toBeGreaterThan(1.2);
    expect((finishMs - FROM) / HOUR).toBeLessThan(3.5);
  });

  test('one bowl soaks one batch after another, and two soak both at once', () => {
    const soaked = request({
      ...SEVILLE,
      lines: ['2 kg sugar'],
      before: {
        kind: 'soak',
        lines: ['1 kg seville oranges'],
        waterG: 2000,
        hours: 14,
        obtainedG: null,
        obtainedMl: null,
        brix: null,
        clot: null,
      },
    });
    const soaks = (bowls: number | null) =>
      planned({ batches: [batch('A', soaked), batch('B', soaked)], bowls })
        .acts.filter(({ act }) => act === 'soak')
        .sort((a, b) => a.startMs - b.startMs);
    const [first, second] = soaks(1);
    expect([first?.holds, second?.holds]).toEqual([['bowl 1'], ['bowl 1']]);
    expect(second?.startMs).toBeGreaterThanOrEqual(first?.endMs ?? Infinity);
    for (const both of [soaks(2), soaks(null)])
      expect(both[1]?.startMs).toBeLessThan(both[0]?.endMs ?? 0);
    expect(soaks(null).map(({ holds }) => holds)).toEqual([[], []]);
  });

  test('one pot makes one batch after another, however many burners there are', () => {
    const batches = [batch('Damson', DAMSON), batch('Plum', PLUM)];
    const free = planned({ batches, people: 2 });
    const one = planned({ batches, people: 2, pots: 1 });
    expect(one.finishMs).toBeGreaterThan(free.finishMs);
    const inPot = (of: number) => one.acts.filter((act) => act.of === of && act.pot === 0);
    const [damson, plum] = [inPot(0), inPot(1)];
    const ends = (acts: typeof damson) => Math.max(...acts.map(({ endMs }) => endMs));
    const begins = (acts: typeof damson) => Math.min(...acts.map(({ startMs }) => startMs));
    expect(damson.map(({ act }) => act)).toEqual(expect.arrayContaining(['light', 'fill']));
    expect(ends(damson) <= begins(plum) || ends(plum) <= begins(damson)).toBe(true);
    expect(free.acts.every(({ pot }) => pot === null)).toBe(true);
    const short = planned({ batches, people: 2, pots: 1, finishByMs: free.finishMs });
    expect(short.infeasible?.resource).toBe('pots');
    expect(planned({ batches: [batch('Butter', BUTTER)], pots: 0 }).infeasible).toBeNull();
  });

  test('more hands or burners never make it longer', () => {
    const batches = [batch('Damson', DAMSON), batch('Plum', PLUM), batch('Strawberry', STRAWBERRY)];
    const alone = planned({ batches, people: 1, burners: 1 });
    const two = planned({ batches, people: 2, burners: 1 });
    const rich = planned({
      batches,
      people: 3,
      burners: 3,
      canners: [{ halfPints: 7 }, { halfPints: 7 }],
    });
    expect(two.finishMs).toBeLessThanOrEqual(alone.finishMs);
    expect(rich.finishMs).toBeLessThan(alone.finishMs);
  });

  test('soaks overnight by itself, and what comes next the day after', () => {
    const soaked = request({
      ...SEVILLE,
      lines: ['2 kg sugar'],
      before: {
        kind: 'soak',
        lines: ['1 kg seville oranges'],
        waterG: 2000,
        hours: 14,
        obtainedG: null,
        obtainedMl: null,
        brix: null,
        clot: null,
      },
    });
    const { acts } = planned({ batches: [batch('Seville', soaked), batch('Damson', DAMSON)] });
    const soak = acts.find(({ act }) => act === 'soak');
    expect(soak).toMatchObject({ hands: false, holds: [] });
    expect(((soak?.endMs ?? 0) - (soak?.startMs ?? 0)) / HOUR).toBeCloseTo(14, 1);
    const damson = acts.filter(({ batch: of, act }) => of === 'Damson' && act !== 'cool');
    expect(Math.max(...damson.map(({ endMs }) => endMs))).toBeLessThan(soak?.endMs ?? 0);
  });

  test('a slow cooker holds itself and no burner', () => {
    const { acts } = planned({ batches: [batch('Butter', BUTTER)], burners: 0 });
    expect(acts.find(({ act }) => act === 'slow')?.holds).toEqual(['slow cooker 1']);
  });

  test('that does not come out says by how many minutes, and more of what would do', () => {
    const batches = [batch('Damson', DAMSON), batch('Plum', PLUM), batch('Strawberry', STRAWBERRY)];
    const { finishMs } = planned({ batches });
    const short = planned({ batches, finishByMs: finishMs - 30 * 60_000 }).infeasible;
    expect(short?.shortMin).toBeGreaterThan(0);
    expect(short?.shortMin).toBeLessThanOrEqual(30);
    expect(planned({ batches, finishByMs: FROM + HOUR }).infeasible?.resource).toBe('time');
    expect(planned({ batches, finishByMs: finishMs }).infeasible).toBeNull();
  });

  test('fruit that will not keep is begun before the rest', () => {
    const batches = [
      batch('Plum', PLUM),
      batch('Strawberry', STRAWBERRY, { keepsUntilMs: FROM + 10 * 60_000 }),
    ];
    const { acts, infeasible } = planned({ batches });
    expect(infeasible).toBeNull();
    expect(acts.find(({ act }) => act === 'prepare')?.batch).toBe('Strawberry');
  });

  test('nobody works in a break, and what needs nobody goes on', () => {
    const night = { fromMs: FROM + HOUR / 4, toMs: FROM + 10 * HOUR };
    const { acts } = planned({
      batches: [batch('Butter', BUTTER), batch('Damson', DAMSON)],
      breaks: [night],
    });
    const during = acts.filter(
      ({ startMs, endMs }) => startMs < night.toMs && endMs > night.fromMs,
    );
    expect(during.filter(({ hands }) => hands)).toEqual([]);
    expect(acts.filter(({ hands }) => hands).length).toBeGreaterThan(5);
  });

  test('a formula without anything to cook is named', () => {
    for (const lines of [[], ['2 kg sugar'], ['1 kg of the unknown']]) {
      const outcome = planDay(
        day({ batches: [batch('Plum', PLUM), batch('X', request({ lines }))] }),
      );
      expect([lines, outcome.ok ? [] : outcome.faults.map(({ field }) => field)]).toEqual([
        lines,
        ['batches[1].formula.lines'],
      ]);
    }
  });

  test('a formula that cannot be planned is named', () => {
    const outcome = planDay(day({ batches: [batch('X', request({ lines: ['-2 kg plums'] }))] }));
    expect(outcome.ok ? [] : outcome.faults.map(({ field }) => field)).toEqual([
      'batches[0].formula.lines[0]',
    ]);
  });
});
