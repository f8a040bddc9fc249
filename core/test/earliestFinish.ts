import type { Job, Piece, Things } from '../schedule/job.ts';

/** A stretch of time in which something is held. Whole minutes. */
type Span = readonly [from: number, to: number];
type Claims = { readonly hands: Span[]; readonly held: { [kind: string]: Span[] } };

/**
 * When a small day is over at the earliest: every way to place its acts on whole minutes is tried.
 * For days without canners, whose jobs take whole minutes.
 */
export function earliestFinish(jobs: readonly Job[], things: Things, horizon: number): number {
  let best = horizon;
  const claims: Claims = { hands: [], held: {} };
  const counts: { readonly [kind: string]: number } = {
    burner: things.burners,
    'slow cooker': things.slowCookers,
    oven: things.ovens,
    canner: things.canners,
  };

  const nextJob = (index: number, finish: number): void => {
    const job = jobs[index];
    if (job === undefined) {
      best = Math.min(best, finish);
      return;
    }
    const after = tails(job);
    const segment = (nth: number, from: number, to: number): void => {
      const one = job.segments[nth];
      if (one === undefined) return nextJob(index + 1, Math.max(finish, from));
      for (let start = from; start <= to && start + (after[nth] ?? 0) < best; start += 1) {
        const own = claimsOf(one.pieces, start);
        if (!isFree(own, claims, counts, things.people)) continue;
        add(claims, own);
        const end = start + lengthOf(one.pieces);
        segment(nth + 1, end, end + one.mayWaitMin);
        remove(claims, own);
      }
    };
    segment(0, job.readyMin, horizon);
  };
  nextJob(0, 0);
  return best;
}

const lengthOf = (pieces: readonly Piece[]): number =>
  pieces.reduce((sum, { minutes }) => sum + minutes, 0);

/** From each segment on, how long a job takes at the least. */
const tails = ({ segments }: Job): readonly number[] =>
  segments.map((_, nth) =>
    segments.slice(nth).reduce((sum, { pieces }) => sum + lengthOf(pieces), 0),
  );

function claimsOf(pieces: readonly Piece[], start: number): Claims {
  const own: Claims = { hands: [], held: {} };
  let at = start;
  for (const { minutes, hands, holds } of pieces) {
    if (hands) own.hands.push([at, at + minutes]);
    if (holds !== null) {
      const [span] = own.held[holds] ?? [];
      own.held[holds] = [[span?.[0] ?? at, at + minutes]];
    }
    at += minutes;
  }
  return own;
}

const add = (all: Claims, own: Claims): void => {
  all.hands.push(...own.hands);
  for (const [kind, spans] of Object.entries(own.held)) (all.held[kind] ??= []).push(...spans);
};

const remove = (all: Claims, own: Claims): void => {
  all.hands.length -= own.hands.length;
  for (const [kind, spans] of Object.entries(own.held))
    (all.held[kind] ?? []).length -= spans.length;
};

/** Things of a kind are alike, so that it is enough to count them at every beginning. */
const isWithin = (own: readonly Span[], all: readonly Span[], most: number): boolean => {
  const spans = [...all, ...own];
  return own.every((span) =>
    spans
      .map(([from]) => Math.max(from, span[0]))
      .every(
        (at) => at >= span[1] || spans.filter(([from, to]) => from <= at && to > at).length <= most,
      ),
  );
};

const isFree = (
  own: Claims,
  all: Claims,
  counts: { readonly [kind: string]: number },
  people: number,
): boolean =>
  isWithin(own.hands, all.hands, people) &&
  Object.entries(own.held).every(([kind, spans]) =>
    isWithin(spans, all.held[kind] ?? [], counts[kind] ?? 0),
  );
