const PT_PER_MM = 72 / 25.4;
/** mm on paper as points. */
export const pt = (mm: number): number => mm * PT_PER_MM;

/**
 * Width of a letter over its height, on the wide side, and the height of a line: so that nothing is
 * ever cut off.
 */
const LETTER = 0.57;
const LINE = 1.3;
/** Smaller than this nobody reads, pt. */
const LEAST = 3;
const STEP = 0.25;

/** The largest type, up to `most`, in which paragraphs surely fit a room one under another, pt. */
export function sizeThatFits(
  paragraphs: readonly string[],
  wideMm: number,
  highMm: number,
  most: number,
): number {
  for (let size = most; size > LEAST; size -= STEP) {
    const perLine = Math.max(1, Math.floor(pt(wideMm) / (LETTER * size)));
    const lines = paragraphs.reduce((sum, text) => sum + linesOf(text, perLine), 0);
    if (lines * LINE * size <= pt(highMm)) return size;
  }
  return LEAST;
}

/** Lines that a text takes, broken between words. */
function linesOf(text: string, perLine: number): number {
  let lines = 1;
  let used = 0;
  for (const word of text.split(/\s+/)) {
    const long = Math.ceil(word.length / perLine);
    if (used > 0 && used + 1 + word.length > perLine) {
      lines += 1;
      used = 0;
    }
    if (long > 1) lines += long - 1;
    used += word.length + (used > 0 ? 1 : 0);
  }
  return lines;
}
