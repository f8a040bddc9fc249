import { formatLine } from '../formula/index.ts';
import { MEASURE_IDS, MOST_LINES, readLine, type MeasuresId } from '../parser/index.ts';

/**
 * A formula as a file carries it, so that whoever reads the file plans the same: its lines as
 * written, its settings, and whose cups and pints they are in. Settings are as the file has them,
 * until the contract has looked at them.
 */
export type WrittenFormula = {
  readonly lines: readonly string[];
  readonly settings: object;
  readonly measures: MeasuresId;
};

/** What a file calls its formula. */
export const FORMULA_KEY = 'formula';

/** A formula as one text. */
export const formulaText = ({ lines, settings, measures }: WrittenFormula): string =>
  JSON.stringify({ lines, settings, measures });

/** The formula of such a text; null where it is none of ours. */
export function formulaOfText(text: string): WrittenFormula | null {
  let json: unknown;
  try {
    json = JSON.parse(text);
  } catch {
    return null;
  }
  if (typeof json !== 'object' || json === null) return null;
  const { lines, settings, measures } = json as Record<string, unknown>;
  const isWhole =
    Array.isArray(lines) &&
    lines.length > 0 &&
    lines.length <= MOST_LINES &&
    lines.every((line) => typeof line === 'string' && line.trim() !== '') &&
    typeof settings === 'object' &&
    settings !== null &&
    !Array.isArray(settings) &&
    MEASURE_IDS.includes(measures as MeasuresId);
  return isWhole ? { lines, settings, measures: measures as MeasuresId } : null;
}

/**
 * Lines of a file for a kitchen whose cups may be of another size: what would then be another
 * amount is written in grams.
 */
export const linesForKitchen = (
  { lines, measures }: Pick<WrittenFormula, 'lines' | 'measures'>,
  own: MeasuresId,
): readonly string[] =>
  measures === own
    ? lines
    : lines.map((line) => {
        const theirs = readLine(line, { measures });
        const ours = readLine(line, { measures: own });
        const isOther =
          theirs.understood &&
          ours.understood &&
          Math.abs(theirs.massG.typical / ours.massG.typical - 1) > SAME_AMOUNT;
        return isOther ? formatLine(theirs) : line;
      });

/** Amounts that differ by less are the same. */
const SAME_AMOUNT = 0.002;
