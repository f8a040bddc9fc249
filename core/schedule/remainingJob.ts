import type { BatchProgress } from './batchProgress.ts';
import type { Job, Piece, Segment } from './job.ts';

/** What is on is not over sooner than this, min. */
const LEFT_AT_LEAST_MIN = 1;

/**
 * What hands do before a pot is on, and may put down for what cannot wait: a knife, a scale. Common
 * practice.
 */
export const MAY_BE_PUT_DOWN: ReadonlySet<string> = new Set([
  'empty-jars',
  'weigh',
  'carry-pectin',
  'slice',
  'drain',
]);

/**
 * What is left of a batch at a moment of its day; null where nothing is. In the middle of what
 * follows without a pause it goes on at once; what may wait begins no sooner than now.
 * @param nowMin minutes since the beginning of the day
 * @param minuteOf of a moment in ms
 */
export function remainingJob(
  job: Job,
  progress: BatchProgress,
  nowMin: number,
  minuteOf: (ms: number) => number,
): Job | null {
  if (progress.isOver) return null;
  const { over, out, on } = progress;
  const begun = over.length > 0;
  const lastMin = over.length === 0 ? job.readyMin : minuteOf(over.at(-1)?.endMs ?? 0);
  const at = placeOf(job.segments, over.length);
  // Its fruit is no longer raw once it is begun.
  const common = {
    ...job,
    readyMin: Math.max(nowMin, job.readyMin),
    keepsUntilMin: begun ? null : job.keepsUntilMin,
    heatsMin: Math.max(0, job.heatsMin - litFor(job, progress, nowMin, minuteOf)),
  };
  if (at === null) {
    const rest = on === null ? [] : restOfLoad(job, on, nowMin, minuteOf);
    return {
      ...common,
      readyMin: nowMin,
      segments: [{ pieces: rest, mayWaitMin: 0 }],
      loads: job.loads.slice(out.length + (on === null ? 0 : 1)),
      heatsMin: 0,
      jarsWaitMin: Math.max(0, job.jarsWaitMin - Math.max(0, nowMin - lastMin)),
      ...(on === null ? {} : { going: {} }),
    };
  }
  const segment = job.segments[at.segment] as Segment;
  const [first, ...others] = segment.pieces.slice(at.piece) as [Piece, ...Piece[]];
  const segments: readonly Segment[] = [
    {
      ...segment,
      pieces: [running(first, begun ? nowMin - lastMin : 0), ...others],
      ...(segment.potFrom === undefined
        ? {}
        : { potFrom: Math.max(0, segment.potFrom - at.piece) }),
    },
    ...job.segments.slice(at.segment + 1),
  ];
  const isMidway = at.piece > 0 || (begun && isByItself(first));
  if (!isMidway || (first.hands && MAY_BE_PUT_DOWN.has(first.act))) {
    return {
      ...common,
      segments: isMidway ? segments : [segment, ...job.segments.slice(at.segment + 1)],
    };
  }
  return { ...common, readyMin: nowMin, segments, going: job.going ?? {} };
}

/** For how long a pot has been on, min; its canner is put on meanwhile. 0 for one that is not lit. */
function litFor(
  { segments }: Job,
  { over }: BatchProgress,
  nowMin: number,
  minuteOf: (ms: number) => number,
): number {
  const lit = segments.flatMap(({ pieces }) => pieces).findIndex(({ act }) => act === 'light');
  const at = lit < 0 ? undefined : over[lit]?.endMs;
  return at === undefined ? 0 : Math.max(0, nowMin - minuteOf(at));
}

/** What stands and needs nobody, in a bowl or in none. */
const isByItself = ({ hands, holds }: Piece): boolean =>
  !hands && (holds === null || holds === 'bowl');

/** Where an act stands among the segments; null behind the last. */
function placeOf(
  segments: readonly Segment[],
  index: number,
): { readonly segment: number; readonly piece: number } | null {
  let before = 0;
  for (const [segment, { pieces }] of segments.entries()) {
    if (index < before + pieces.length) return { segment, piece: index - before };
    before += pieces.length;
  }
  return null;
}

/** What is left of an act that has been on for a while. */
const running = (piece: Piece, forMin: number): Piece => ({
  ...piece,
  minutes: Math.max(LEFT_AT_LEAST_MIN, piece.minutes - Math.max(0, forMin)),
});

/** What is left of the load that is in the canner. */
function restOfLoad(
  { loads }: Job,
  { act, sinceMs }: NonNullable<BatchProgress['on']>,
  nowMin: number,
  minuteOf: (ms: number) => number,
): readonly Piece[] {
  const pieces = loads[0]?.pieces ?? [];
  const at = Math.max(
    0,
    pieces.findIndex((piece) => piece.act === act),
  );
  const [first, ...others] = pieces.slice(at);
  return first === undefined ? [] : [running(first, nowMin - minuteOf(sinceMs)), ...others];
}
