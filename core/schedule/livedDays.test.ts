import { chanceFrom, type Chance } from '../forecast/index.ts';
import { dayFaults } from '../test/dayFaults.ts';
import { livedDay } from '../test/livedDay.ts';
import { request } from '../test/planned.ts';
import { runs } from '../test/runs.ts';
import type { BatchProgress } from './batchProgress.ts';
import { jobsOfDay, schedule, type Job, type Schedule, type Things } from './index.ts';
import { remainingJob } from './remainingJob.ts';

const FORMULAS = [
  request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'] }),
  request({ lines: ['3 kg plums', '2.1 kg sugar', '30 mL bottled lemon juice'] }),
  request({ lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'] }),
  request({ product: 'butter', lines: ['3 kg apples', '500 g sugar'] }),
  request({ lines: ['1 kg blackberries', '700 g sugar'] }),
];

const THINGS: Things = {
  people: 1,
  burners: 2,
  slowCookers: 1,
  ovens: 1,
  canners: 1,
  breaks: [],
};

let kinds: readonly Job[] = [];

beforeAll(() => {
  const planned = jobsOfDay({
    fromMs: 0,
    finishByMs: null,
    ...THINGS,
    canners: [{ halfPints: 7 }],
    breaks: [],
    batches: FORMULAS.map((formula, index) => ({
      name: `Batch ${index}`,
      formula,
      readyMs: null,
      keepsUntilMs: null,
    })),
  });
  if (!planned.ok) throw new Error(JSON.stringify(planned.faults));
  kinds = planned.jobs;
});

/** A day of two to four batches, for one or two. */
function someDay(chance: Chance): { readonly jobs: readonly Job[]; readonly things: Things } {
  const any = (most: number) => Math.floor(chance() * most);
  const things = { ...THINGS, people: 1 + any(2) };
  const count = 2 + any(3);
  return { jobs: Array.from({ length: count }, () => kinds[any(kinds.length)] as Job), things };
}

/** Few ways will do: a plan need not be the best there is to be kept. */
const WAYS = 20;

test('days whose acts take a random time of their range break no rule in nine of ten', () => {
  const chance = chanceFrom(7);
  const days = runs(300);
  const broken: string[] = [];
  const late: number[] = [];
  for (let nth = 0; nth < days; nth += 1) {
    const { jobs, things } = someDay(chance);
    const found = schedule(jobs, things, WAYS);
    const lived = livedDay(jobs, things, found, chance);
    const [first] = lived.broken;
    if (first) broken.push(`${nth}: ${first.act} after ${first.waitedMin} min`);
    // Every act is lived in steps of half a minute, rounded up.
    if (lived.finish > found.finish + 5) late.push(nth);
  }
  expect(late).toEqual([]);
  expect(broken.length <= days / 10 ? [] : broken).toEqual([]);
});

/** How far a batch is at a moment of its day, where some of it is behind. */
function progressAt(acts: Schedule['acts'], index: number, nowMin: number): BatchProgress {
  const own = acts.filter(({ job }) => job === index);
  const spans = (of: Schedule['acts']) =>
    of
      .filter(({ to }) => to <= nowMin)
      .map(({ from, to }) => ({ startMs: from * 60_000, endMs: to * 60_000 }));
  const over = spans(own.filter(({ load }) => load === null));
  const ofLoads = own.filter(({ load }) => load !== null);
  const count = new Set(ofLoads.map(({ load }) => load)).size;
  const out = spans(ofLoads.filter(({ act }) => act === 'out'));
  const loaded = ofLoads.find(
    ({ act, from, to, load }) =>
      from <= nowMin && to > nowMin && load === out.length && act !== 'heat-canner',
  );
  return {
    over,
    out,
    on: loaded === undefined ? null : { act: loaded.act, sinceMs: loaded.from * 60_000 },
    isOver: count > 0 && out.length === count,
  };
}

test('what is left of a day at any moment is planned without a broken rule', () => {
  const chance = chanceFrom(11);
  for (let nth = 0; nth < runs(300); nth += 1) {
    const { jobs, things } = someDay(chance);
    const { acts, finish } = schedule(jobs, things, WAYS);
    const now = chance() * finish;
    // Some of it is behind, by up to half an hour.
    const rests = jobs.flatMap((job, index) => {
      const behind = chance() < 0.3 ? 30 * chance() : 0;
      const progress = progressAt(acts, index, now - behind);
      const rest = remainingJob(job, progress, now, (ms) => ms / 60_000);
      return rest === null ? [] : [rest];
    });
    const here = { ...things, from: now };
    const left = schedule(rests, here, WAYS);
    expect([nth, left.left, dayFaults(left.acts, rests, here)]).toEqual([nth, [], []]);
    expect(left.acts.filter(({ from }) => from < now - 1e-6)).toEqual([]);
  }
});
