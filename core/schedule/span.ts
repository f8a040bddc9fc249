import type { Piece } from './job.ts';

/** A stretch of time, min. */
export type Span = readonly [from: number, to: number];

/** How long pieces take together, min. */
export const lengthOf = (pieces: readonly Piece[]): number =>
  pieces.reduce((sum, { minutes }) => sum + minutes, 0);

/** Pieces from a moment on: when each begins and ends. */
export const timesOf = (pieces: readonly Piece[], from: number): readonly Span[] => {
  let at = from;
  return pieces.map(({ minutes }) => {
    const span: Span = [at, at + minutes];
    at += minutes;
    return span;
  });
};

/** Adds when somebody works on pieces that begin at a moment. */
export const noteWork = (pieces: readonly Piece[], from: number, work: Span[]): void => {
  for (const [nth, span] of timesOf(pieces, from).entries())
    if (pieces[nth]?.hands === true) work.push(span);
};
