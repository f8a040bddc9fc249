import { cookPlanOf, type Entry } from '../stove/index.ts';
import { JarLog } from '../test/jarLog.ts';
import { request } from '../test/planned.ts';
import { jobsOfDay, liveDayOf, planDay, type LiveBatch, type LiveDayRequest } from './index.ts';

const MIN = 60_000;
const HOUR = 60 * MIN;
const FROM = Date.UTC(2026, 8, 12, 7);

const batch = (
  name: string,
  lines: readonly string[],
  change: Partial<LiveBatch> = {},
): LiveBatch => ({
  name,
  formula: request({ lines }),
  readyMs: null,
  keepsUntilMs: null,
  ticks: [],
  cook: null,
  ...change,
});
const damson = (change: Partial<LiveBatch> = {}) =>
  batch('Damson', ['2 kg crushed damsons', '1.4 kg sugar'], change);
const plum = (change: Partial<LiveBatch> = {}) =>
  batch('Plum', ['3 kg plums', '2.1 kg sugar'], change);

const day = (change: Partial<LiveDayRequest>): LiveDayRequest => ({
  fromMs: FROM,
  finishByMs: null,
  people: 1,
  burners: 2,
  slowCookers: 0,
  canners: [{ halfPints: 7 }],
  breaks: [],
  batches: [damson(), plum()],
  nowMs: FROM - HOUR,
  ...change,
});

function live(change: Partial<LiveDayRequest>) {
  const request = day(change);
  const planned = jobsOfDay(request);
  if (!planned.ok) throw new Error(JSON.stringify(planned.faults));
  return liveDayOf(request, planned);
}

const entry = (atMs: number, kind: Entry['kind'], seq: number, text: string | null = null): Entry =>
  ({ source: 'browser test', seq, at: atMs, saidAt: null, kind, value: null, text }) as Entry;

describe('a day that is followed', () => {
  test('stands as it was planned until it begins', () => {
    const planned = planDay(day({}));
    const before = live({});
    expect(before.done).toEqual([]);
    expect(before.lateMin).toBe(0);
    expect(planned.ok && before.finishMs - planned.day.finishMs).toBeLessThan(10 * MIN);
  });

  test('slides with the clock while nobody begins', () => {
    const first = live({}).finishMs;
    const late = live({ nowMs: FROM + HOUR });
    expect(late.finishMs).toBeGreaterThanOrEqual(first + HOUR - MIN);
    expect(late.lateMin).toBeGreaterThanOrEqual(59);
    expect(late.acts.every(({ startMs }) => startMs >= FROM + HOUR - 1)).toBe(true);
  });

  test('what is ticked is done, and the rest of its batch follows', () => {
    const atMs = FROM + 10 * MIN;
    const now = live({
      nowMs: atMs + MIN,
      batches: [damson({ ticks: [{ act: 'weigh', atMs }] }), plum()],
    });
    expect(now.done).toMatchObject([{ of: 0, act: 'prepare', endMs: atMs }]);
    expect(now.begun).toEqual([0]);
    expect(now.acts.some(({ of, act }) => of === 0 && act === 'prepare')).toBe(false);
    // Prepared fruit waits an hour at most, as in the chain.
    const light = now.acts.find(({ of, act }) => of === 0 && act === 'light');
    expect((light?.startMs ?? 0) - atMs).toBeLessThanOrEqual(HOUR + MIN);
  });

  test('a pot on the stove goes on at once, whatever else is to be done', () => {
    const litMs = FROM + 20 * MIN;
    const nowMs = litMs + 3 * MIN;
    const now = live({
      nowMs,
      batches: [
        plum(),
        damson({ cook: { beganAtMs: litMs - MIN, entries: [entry(litMs, 'lit', 1)] } }),
      ],
    });
    const own = now.acts.filter(({ of }) => of === 1);
    expect(own[0]).toMatchObject({ act: 'to-boil', startMs: nowMs });
    for (const [nth, act] of own
      .filter(({ load, act: is }) => load === null && is !== 'cool')
      .entries())
      if (nth > 0) expect(act.startMs).toBe(own[nth - 1]?.endMs);
  });

  test('an act that lasts longer than planned is not over before it is', () => {
    const litMs = FROM + 20 * MIN;
    const cook = { beganAtMs: litMs - MIN, entries: [entry(litMs, 'lit', 1)] };
    const at = (minutes: number) =>
      live({ nowMs: litMs + minutes * MIN, batches: [damson({ cook })] });
    expect(at(90).finishMs).toBeGreaterThan(at(5).finishMs + 60 * MIN);
    expect(at(90).acts[0]).toMatchObject({ act: 'to-boil', endMs: litMs + 91 * MIN });
  });

  test('jars that are out of the canner end it, and whatever is left goes on', () => {
    const cookPlan = cookPlanOf(damson().formula);
    const log = new JarLog().closed(0, '1.1-5').processed(1, 1, '1.1-5', 10, 20);
    const entries = log.entries.map((one) => ({ ...one, at: Math.round(FROM + one.at) }));
    const nowMs = Math.max(...entries.map(({ at }) => at)) + MIN;
    const now = live({ nowMs, batches: [damson({ cook: { beganAtMs: FROM, entries } }), plum()] });
    expect(cookPlan).not.toBeNull();
    expect(now.over).toEqual([0]);
    expect(new Set(now.acts.map(({ of }) => of))).toEqual(new Set([1]));
    const all = live({ nowMs, batches: [damson({ cook: { beganAtMs: FROM, entries } })] });
    expect(all.acts).toEqual([]);
    expect(all.finishMs).toBeLessThanOrEqual(nowMs);
    expect(all.infeasible).toBeNull();
  });

  test('a day that is late says what would do, and leaves out what is not begun', () => {
    const litMs = FROM + 20 * MIN;
    const cook = { beganAtMs: litMs, entries: [entry(litMs, 'lit', 1)] };
    const now = live({
      nowMs: litMs + MIN,
      finishByMs: litMs + 3 * HOUR,
      batches: [damson({ cook }), plum(), plum({ name: 'Second plum' })],
    });
    expect(now.infeasible?.shortMin).toBeGreaterThan(0);
    for (const change of now.infeasible?.wouldDo ?? [])
      if (change.kind === 'leave out') expect(change.of).not.toBe(0);
  });

  test('whoever has a pot keeps it when the day is planned anew', () => {
    const before = live({ people: 2 });
    const personOf = (of: number, acts: typeof before.acts) =>
      acts.find((act) => act.of === of && act.hands)?.person;
    const atMs = FROM + 12 * MIN;
    const after = live({
      people: 2,
      nowMs: atMs,
      batches: [damson({ ticks: [{ act: 'weigh', atMs }] }), plum()],
    });
    expect(personOf(1, after.acts)).toBe(personOf(1, before.acts));
  });
});
