import type { Job, Things } from '../schedule/index.ts';
import type { PlacedAct } from '../schedule/place.ts';

type Timed = { readonly from: number; readonly to: number };
const overlap = (a: Timed, b: Timed): boolean => a.from < b.to - 1e-6 && b.from < a.to - 1e-6;

/** What is wrong with a schedule: nothing held twice, hands enough, chains whole, waits kept. */
export function dayFaults(
  acts: readonly PlacedAct[],
  jobs: readonly Job[],
  things: Things,
): string[] {
  const faults: string[] = [];
  for (const [i, a] of acts.entries())
    for (const b of acts.slice(i + 1))
      if (
        a.holds !== null &&
        b.holds !== null &&
        a.holds.kind === b.holds.kind &&
        a.holds.thing === b.holds.thing &&
        overlap(a, b)
      )
        faults.push(`${a.act} of ${a.job} and ${b.act} of ${b.job} hold one ${a.holds.kind}`);
  for (const [i, a] of acts.entries())
    for (const b of acts.slice(i + 1))
      if (a.pot !== null && a.pot === b.pot && a.job !== b.job && overlap(a, b))
        faults.push(`${a.act} of ${a.job} and ${b.act} of ${b.job} are in one pot`);
  if (things.pots !== undefined)
    for (const { job, act, from, pot } of acts) {
      const segment = jobs[job]?.segments.find(({ pieces }) =>
        pieces.some((one) => one.act === act),
      );
      const isIn =
        segment?.potFrom !== undefined &&
        segment.pieces.findIndex((one) => one.act === act) >= segment.potFrom;
      if (isIn && pot === null) faults.push(`${act} of ${job} at ${from} is in no pot`);
    }
  const manned = acts.filter(({ hands, from, to }) => hands && to - from > 1e-6);
  for (const act of manned)
    for (const [from, to] of things.breaks)
      if (overlap(act, { from, to })) faults.push(`${act.act} of ${act.job} is in a break`);
  for (const { from } of manned) {
    const busy = manned.filter((act) => act.from <= from + 1e-9 && act.to > from + 1e-6);
    if (busy.length > things.people) faults.push(`${busy.length} pairs of hands at ${from}`);
  }
  for (const [index, job] of jobs.entries()) {
    const own = acts.filter((act) => act.job === index && act.load === null);
    if (own.length === 0) continue;
    const pieces = job.segments.flatMap(({ pieces: all, mayWaitMin }) =>
      all.map((piece, nth) => ({ ...piece, mayWaitMin: nth === all.length - 1 ? mayWaitMin : 0 })),
    );
    if (own.length !== pieces.length) faults.push(`${job.name} lacks acts`);
    if ((own[0]?.from ?? 0) < job.readyMin - 1e-6) faults.push(`${job.name} begins too soon`);
    for (const [nth, act] of own.entries()) {
      const piece = pieces[nth];
      if (act.act !== piece?.act || Math.abs(act.to - act.from - piece.minutes) > 1e-6)
        faults.push(`${job.name}: ${act.act} is not as long as its ${piece?.act}`);
      const next = own[nth + 1];
      if (next === undefined) continue;
      const wait = next.from - act.to;
      if (wait < -1e-6 || wait > (piece?.mayWaitMin ?? 0) + 1e-6)
        faults.push(`${job.name}: ${next.act} waits ${wait} min`);
    }
    const full = own.at(-1)?.to ?? 0;
    for (const [nth] of job.loads.entries()) {
      const load = acts.filter((act) => act.job === index && act.load === nth);
      const first = load.find(({ act }) => act === 'load');
      const wait = (first?.from ?? Infinity) - full;
      if (wait < -1e-6 || wait > (nth === 0 ? 0 : job.jarsWaitMin) + 1e-6)
        faults.push(`${job.name}: load ${nth} waits ${wait} min`);
      const heats = load.find(
        ({ act, to }) => act === 'heat-canner' && to <= (first?.from ?? 0) + 1e-6,
      );
      const ready = heats ?? null;
      // It heated for its time, or was hot from the load before.
      if (ready === null && job.heatsMin > 0) {
        const before = acts.some(
          (act) =>
            act.holds?.kind === 'canner' &&
            act.holds.thing === first?.holds?.thing &&
            act.to <= (first?.from ?? 0) + 1e-6 &&
            act.to >= (first?.from ?? 0) - 25 - 1e-6,
        );
        if (!before) faults.push(`${job.name}: load ${nth} goes into a cold canner`);
      }
    }
  }
  return faults;
}
