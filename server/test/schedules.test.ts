import type { Batch, BatchSummary, CookSession, Kitchen } from '@idle-kettle/contract';
import {
  entriesByHand,
  jarPlaceOf,
  jarPlanOf,
  jarProgressOf,
  requestInKitchen,
  stockUseOf,
  type JarProgress,
  type StockUse,
} from '@idle-kettle/core';
import { randomUUID } from 'node:crypto';
import { cookSchedule, type CookSchedule } from '../../core/test/cookSchedule.ts';
import { body } from './servedApi.ts';
import { servedCooks } from './servedCooks.ts';

/** How many cooks; `./kettle bench cooks` asks for two thousand. */
const COOKS = Number(process.env['KETTLE_COOKS'] ?? 30);
/** Cooks between two counts of the stock: no kitchen counts more than ten thousand jars. */
const COUNTED_TOGETHER = 100;
const AT_ONCE = 6;
const DAY_MS = 24 * 3_600_000;

const { api, first, other } = servedCooks();

jest.setTimeout(60_000 + COOKS * 2000);

const kitchen = async () => body<Kitchen>(await api().get('/api/kitchen').expect(200));

async function countJars(): Promise<Kitchen> {
  const { version } = await kitchen();
  const changes = {
    altitudeM: 300,
    jars: [
      { name: 'half-pint', volumeMl: 237, count: 5000, lids: 5000 },
      { name: 'quarter-pint', volumeMl: 118, count: 5000, lids: 5000 },
    ],
  };
  return body<Kitchen>(await api().patch('/api/kitchen').send({ version, changes }).expect(200));
}

/** A cook as its whole log in order says. */
type Expected = {
  readonly session: CookSession;
  readonly progress: JarProgress;
  readonly used: readonly StockUse[];
  readonly places: { pantry: number; fridge: number; freezer: number };
};

function expectedOf(session: CookSession, { entries }: CookSchedule): Expected {
  const jarPlan = jarPlanOf(requestInKitchen(session.formula, session.kitchen), [], 0);
  if (jarPlan === null) throw new Error('There is no plan for these lines');
  const progress = jarProgressOf(jarPlan, entriesByHand(entries));
  const count = (place: string) =>
    progress.jars.filter((jar) => jarPlaceOf(jar, jarPlan.shelf.verdict) === place).length;
  return {
    session,
    progress,
    used: progress.storedAtMs === null ? [] : stockUseOf(jarPlan, progress),
    places: { pantry: count('pantry'), fridge: count('fridge'), freezer: count('freezer') },
  };
}

/** What is on a shelf, or sealed, had its whole time at the boil, by the figures of its load. */
function expectWholeProcess({ jars, loads }: JarProgress): void {
  for (const { state, load: number } of jars) {
    if (state !== 'sealed' && state !== 'shelf') continue;
    const load = loads.find((one) => one.number === number);
    const endMs = load?.offAtMs ?? load?.outAtMs ?? 0;
    expect(load?.whole).toBe(true);
    expect(endMs - (load?.timedFromMs ?? Infinity)).toBeGreaterThanOrEqual(
      (load?.minutes ?? Infinity) * 60_000,
    );
  }
}

/** Cooks one random batch on two servers; answers with what its log says. */
async function cook(seed: number): Promise<Expected> {
  const of = { name: `Plum ${seed}`, lines: ['2 kg plums', '1.4 kg sugar'] };
  const batch = body<Batch>(await api().post('/api/batches').send(of).expect(201));
  const session = body<CookSession>(
    await api()
      .post('/api/cook-sessions')
      .send({ id: randomUUID(), batchId: batch.id })
      .expect(201),
  );
  const schedule = cookSchedule(seed, Date.now() - 0.9 * DAY_MS);
  const send = async (entries: CookSchedule['parcels'][number], index: number) => {
    const { status } = await api(index % 2 === 0 ? first() : other())
      .post(`/api/cook-sessions/${session.id}/log`)
      .send({ entries });
    expect(status).toBe(200);
  };
  const parcels = [...schedule.parcels];
  for (let index = 0; parcels.length > 0; index += 1) {
    // One after the other, or some at once.
    const some = parcels.splice(0, 1 + ((seed + index) % 3));
    await Promise.all(some.map((parcel, place) => send(parcel, index + place)));
  }
  return expectedOf(session, schedule);
}

test(`${COOKS} random cooks on two devices, late, twice, out of order and taken back, end as their logs in order`, async () => {
  const seen = { stored: 0, not: 0, undone: 0 };
  for (let from = 0; from < COOKS; from += COUNTED_TOGETHER) {
    const before = await countJars();
    const all: Expected[] = [];
    const seeds = Array.from(
      { length: Math.min(COUNTED_TOGETHER, COOKS - from) },
      (_, index) => 1 + from + index,
    );
    await Promise.all(
      Array.from({ length: AT_ONCE }, async () => {
        for (let seed = seeds.shift(); seed !== undefined; seed = seeds.shift())
          all.push(await cook(seed));
      }),
    );
    const listed = body<BatchSummary[]>(await api().get('/api/batches').expect(200));
    for (const { session, progress, places } of all) {
      expectWholeProcess(progress);
      const isStored = progress.storedAtMs !== null;
      const now = body<CookSession>(
        await api().get(`/api/cook-sessions/${session.id}`).expect(200),
      );
      const state = listed.find(({ id }) => id === session.batchId);
      const { pantry, fridge, freezer } = places;
      expect({ seed: session.name, stored: now.storedAt !== null, state: state?.state }).toEqual({
        seed: session.name,
        stored: isStored,
        state: isStored ? 'done' : 'on the stove',
      });
      expect({ seed: session.name, places: state?.jarPlaces }).toEqual({
        seed: session.name,
        places: pantry + fridge + freezer === 0 ? null : places,
      });
      seen[isStored ? 'stored' : 'not'] += 1;
    }
    const used = (name: string) =>
      all.flatMap((one) => one.used).filter((use) => use.name === name);
    const sum = (uses: readonly StockUse[], figure: 'inUse' | 'broken' | 'lids') =>
      uses.reduce((total, use) => total + use[figure], 0);
    expect((await kitchen()).jars).toEqual(
      before.jars.map((jar) => ({
        ...jar,
        inUse: sum(used(jar.name), 'inUse'),
        count: 5000 - sum(used(jar.name), 'inUse') - sum(used(jar.name), 'broken'),
        lids: 5000 - sum(used(jar.name), 'lids'),
      })),
    );
  }
  // Both ends are tried.
  expect(Math.min(seen.stored, seen.not)).toBeGreaterThan(COOKS / 10);
});
