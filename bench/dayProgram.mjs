/** @typedef {import('@idle-kettle/core/schedule').Job} Job */
/** @typedef {import('@idle-kettle/core/schedule').Piece} Piece */
/** @typedef {import('@idle-kettle/core/schedule').Things} Things */
/**
 * A stretch in which something is wanted: from so long after the beginning of its row.
 * @typedef {{ job: number, row: string, after: number, minutes: number }} Want
 */

/** No day is longer, min. */
const M = 3000;

/** @param {readonly Piece[]} pieces */
const lengthOf = (pieces) => pieces.reduce((sum, { minutes }) => sum + minutes, 0);

/**
 * Where hands are wanted in a row of acts, one stretch for acts that follow one another.
 * @param {readonly Piece[]} pieces
 */
function handsOf(pieces) {
  /** @type {{ after: number, minutes: number }[]} */
  const wants = [];
  let at = 0;
  for (const { minutes, hands } of pieces) {
    const last = wants.at(-1);
    if (hands && minutes > 0) {
      if (last !== undefined && last.after + last.minutes === at) last.minutes += minutes;
      else wants.push({ after: at, minutes });
    }
    at += minutes;
  }
  return wants;
}

/**
 * From the first act that holds a thing to the last; null for none.
 * @param {readonly Piece[]} pieces
 * @param {Piece['holds']} kind
 */
function holdingOf(pieces, kind) {
  const first = pieces.findIndex(({ holds }) => holds === kind);
  if (first < 0) return null;
  const last = pieces.findLastIndex(({ holds }) => holds === kind);
  return {
    after: lengthOf(pieces.slice(0, first)),
    minutes: lengthOf(pieces.slice(first, last + 1)),
  };
}

/**
 * A day with one person and one canner as a mixed-integer program: when each row of acts begins, and
 * which of two goes first where both want one thing. A canner is taken to be hot at once, so that
 * its optimum is never later than that of the day.
 * @param {readonly Job[]} jobs
 * @param {Things} things
 */
export function programOfDay(jobs, things) {
  /** @type {string[]} */
  const rules = [];
  /** @type {Map<string, Want[]>} */
  const wants = new Map();
  /** @type {(what: string, want: Want) => void} */
  const want = (what, one) => wants.set(what, [...(wants.get(what) ?? []), one]);
  for (const [job, { readyMin, segments, loads, jarsWaitMin }] of jobs.entries()) {
    let before = '';
    let beforeMin = 0;
    let mayWait = 0;
    for (const [nth, segment] of segments.entries()) {
      const row = `s${job}_${nth}`;
      if (nth === 0) rules.push(`${row} >= ${readyMin}`);
      else {
        rules.push(`${row} - ${before} >= ${beforeMin}`);
        rules.push(`${row} - ${before} <= ${beforeMin + mayWait}`);
      }
      for (const one of handsOf(segment.pieces)) want('hands', { job, row, ...one });
      for (const kind of /** @type {const} */ (['burner', 'slow cooker', 'oven'])) {
        const held = holdingOf(segment.pieces, kind);
        if (held !== null) want(kind, { job, row, ...held });
      }
      [before, beforeMin, mayWait] = [row, lengthOf(segment.pieces), segment.mayWaitMin];
      rules.push(`T - ${row} >= ${beforeMin}`);
    }
    for (const [nth, { pieces }] of loads.entries()) {
      const row = `l${job}_${nth}`;
      const minutes = lengthOf(pieces);
      rules.push(`${row} - ${before} >= ${beforeMin}`);
      rules.push(`${row} - ${before} <= ${beforeMin + (nth === 0 ? 0 : jarsWaitMin)}`);
      if (nth > 0)
        rules.push(`${row} - l${job}_${nth - 1} >= ${lengthOf(loads[nth - 1]?.pieces ?? [])}`);
      for (const one of handsOf(pieces)) want('hands', { job, row, ...one });
      want('canner', { job, row, after: 0, minutes });
      rules.push(`T - ${row} >= ${minutes}`);
    }
  }
  /** @type {string[]} */
  const binaries = [];
  const count = {
    hands: things.people,
    burner: things.burners,
    'slow cooker': 1,
    oven: 1,
    canner: 1,
  };
  for (const [what, all] of wants) {
    const short = what.replaceAll(' ', '');
    const several = count[/** @type {keyof typeof count} */ (what)] > 1;
    if (several) binaries.push(...all.map((_, a) => `y${short}_${a}`));
    for (const [a, one] of all.entries())
      for (const [b, other] of all.entries()) {
        if (b <= a || one.job === other.job) continue;
        const name = `${short}_${a}_${b}`;
        binaries.push(`o${name}`);
        const apart = several ? ` + ${M} d${name}` : '';
        if (several) {
          rules.push(`d${name} - y${short}_${a} - y${short}_${b} <= 0`);
          rules.push(`d${name} + y${short}_${a} + y${short}_${b} <= 2`);
        }
        // The one before the other, or the other before the one, or on two things.
        rules.push(
          `${other.row} - ${one.row} + ${M} o${name}${apart} >= ${one.after + one.minutes - other.after}`,
          `${one.row} - ${other.row} - ${M} o${name}${apart} >= ${other.after + other.minutes - one.after - M}`,
        );
      }
  }
  return `minimize
 T
subject to
${rules.map((rule, index) => ` r${index}: ${rule}`).join('\n')}
binary
 ${binaries.join('\n ')}
end`;
}
