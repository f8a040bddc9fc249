import type { Chance } from '../forecast/index.ts';
import { MAY_BE_PUT_DOWN } from '../schedule/remainingJob.ts';
import type { Job, Piece, Schedule, Things } from '../schedule/index.ts';

/** What came of a day that was lived: minutes. */
export type LivedDay = {
  /** Where what could not wait waited too long: the act, and how long. */
  readonly broken: readonly { readonly act: string; readonly waitedMin: number }[];
  readonly finish: number;
};

/** An act may wait so long for hands where it comes early: so long it does no harm. Common practice. */
const NO_HARM_MIN: { readonly [after: string]: number } = {
  // Fruit simmers on; jars stand in the hot water with the heat off.
  'to-boil': 10,
  soften: 10,
  rest: 20,
  stand: 5,
};
const LITTLE_MIN = 1;

type Row = {
  readonly pieces: readonly Piece[];
  readonly start: number;
  /** How long after the row before it may begin, min. */
  readonly mayWaitMin: number;
};
type Batch = { row: number; piece: number; leftMin: number | null; readySince: number };

const STEP_MIN = 0.5;

/**
 * Lives a planned day: rows begin as planned, or as soon after as they can; every act takes a random
 * time of its range, and hands go to what cannot wait, from a knife that may be put down.
 */
export function livedDay(
  jobs: readonly Job[],
  things: Things,
  { acts }: Pick<Schedule, 'acts'>,
  chance: Chance,
): LivedDay {
  const rows = jobs.map((job, index) =>
    rowsOfJob(
      job,
      acts.filter((act) => act.job === index),
    ),
  );
  const taken = (piece: Piece) =>
    (piece.shortest ?? piece.minutes) +
    (piece.minutes - (piece.shortest ?? piece.minutes)) * chance();
  const batches = jobs.map((): Batch => ({ row: 0, piece: 0, leftMin: null, readySince: 0 }));
  const broken: { act: string; waitedMin: number }[] = [];
  let now = 0;
  const pieceOf = (nth: number): Piece | undefined => {
    const { row, piece } = batches[nth] as Batch;
    return rows[nth]?.[row]?.pieces[piece];
  };
  const isOn = (nth: number) => batches[nth]?.leftMin !== null;
  const isUrgent = (nth: number) => {
    const { row, piece } = batches[nth] as Batch;
    return piece > 0 || rows[nth]?.[row]?.mayWaitMin === 0;
  };
  const allowed = (nth: number) => {
    const { row, piece } = batches[nth] as Batch;
    if (piece === 0) return rows[nth]?.[row]?.mayWaitMin ?? Infinity;
    return NO_HARM_MIN[rows[nth]?.[row]?.pieces[piece - 1]?.act ?? ''] ?? LITTLE_MIN;
  };
  const deadline = (nth: number) => (batches[nth]?.readySince ?? 0) + allowed(nth);
  while (batches.some((_, nth) => pieceOf(nth) !== undefined)) {
    for (const [nth, batch] of batches.entries()) {
      if (batch.leftMin === null || batch.leftMin > 1e-9) continue;
      batch.leftMin = null;
      batch.piece += 1;
      batch.readySince = now;
      if (pieceOf(nth) === undefined && rows[nth]?.[batch.row + 1] !== undefined) {
        batch.row += 1;
        batch.piece = 0;
      }
    }
    const waiting = batches
      .flatMap((batch, nth) => {
        const row = rows[nth]?.[batch.row];
        const piece = pieceOf(nth);
        if (piece === undefined || row === undefined || isOn(nth)) return [];
        return batch.piece > 0 || now >= Math.min(row.start, deadline(nth)) - 1e-9 ? [nth] : [];
      })
      .sort((a, b) => Number(isUrgent(b)) - Number(isUrgent(a)) || deadline(a) - deadline(b));
    const atWork = batches.flatMap((_, nth) =>
      isOn(nth) && pieceOf(nth)?.hands === true ? [nth] : [],
    );
    // A knife is put down for what cannot wait.
    const urgent = waiting.filter((nth) => pieceOf(nth)?.hands === true && isUrgent(nth)).length;
    const held = atWork.filter((nth) => !MAY_BE_PUT_DOWN.has(pieceOf(nth)?.act ?? ''));
    const knives = atWork.filter((nth) => !held.includes(nth));
    const kept = knives.slice(0, Math.max(0, things.people - held.length - urgent));
    const working = new Set([...held, ...kept]);
    for (const nth of waiting) {
      const piece = pieceOf(nth) as Piece;
      const batch = batches[nth] as Batch;
      if (piece.hands && working.size >= things.people) continue;
      if (piece.hands) working.add(nth);
      const waitedMin = now - batch.readySince;
      if (waitedMin > allowed(nth) + STEP_MIN && (batch.row > 0 || batch.piece > 0))
        broken.push({ act: piece.act, waitedMin });
      batch.leftMin = taken(piece);
    }
    now += STEP_MIN;
    for (const [nth, batch] of batches.entries())
      if (batch.leftMin !== null && (pieceOf(nth)?.hands !== true || working.has(nth)))
        batch.leftMin -= STEP_MIN;
  }
  return { broken, finish: now };
}

/** The rows of a batch: segments, and loads, each with when it is planned to begin. */
function rowsOfJob({ segments, loads, jarsWaitMin }: Job, acts: Schedule['acts']): readonly Row[] {
  const own = acts.filter(({ load }) => load === null);
  let before = 0;
  const chain = segments.map(({ pieces }, nth): Row => {
    const start = own[before]?.from ?? 0;
    before += pieces.length;
    return { pieces, start, mayWaitMin: segments[nth - 1]?.mayWaitMin ?? Infinity };
  });
  const after = loads.map(({ pieces }, nth): Row => ({
    pieces,
    start: acts.find(({ load, act }) => load === nth && act === 'load')?.from ?? 0,
    mayWaitMin: nth === 0 ? 0 : jarsWaitMin,
  }));
  return [...chain, ...after];
}
