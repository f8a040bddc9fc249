import { readAmount, lineInGrams } from '../quantity/index.ts';
import { formatLine } from './formatLine.ts';
import { measuredLine } from './measuredLine.ts';
import { readLine, type ParserKitchen, type UnderstoodLine } from '../parser/index.ts';

/** The number that a line starts with. */
const AMOUNT =
  /^(\d+ \d+\/\d+|\d+\/\d+|\d[\d,]*(?:\.\d+)?(?:\s?[¼½¾⅓⅔⅛⅜⅝⅞])?|[¼½¾⅓⅔⅛⅜⅝⅞])(?=\s?[a-zA-Z(])/;
/**
 * A scaled line may miss the mass it should have by this share, by rounding; more, and it is
 * written in grams.
 */
const ROUNDING = 0.004;

/**
 * A line with its amount multiplied, in the measure it was written in where that can be kept, as
 * {@link measuredLine}: `7 cups crushed damsons` twice is `14 cups crushed damsons`. Otherwise in
 * grams.
 * @param factor more than 0
 */
export function scaleLine(
  line: UnderstoodLine,
  factor: number,
  kitchen: Partial<ParserKitchen> = {},
): string {
  if (factor === 1) return line.text;
  const { massG } = line;
  const wantedG = massG.typical * factor;
  const measured = measuredLine(line, wantedG, kitchen);
  if (measured !== null) return measured;
  const [found] = AMOUNT.exec(line.text) ?? [];
  const amount = found === undefined ? null : readAmount(found);
  if (found !== undefined && amount !== null) {
    for (const decimals of [0, 1, 2, 3]) {
      const number = Number((amount * factor).toFixed(decimals));
      const text = `${number}${line.text.slice(found.length)}`;
      const reading = readLine(text, kitchen);
      if (
        reading.understood &&
        reading.ingredient.id === line.ingredient.id &&
        Math.abs(reading.massG.typical / wantedG - 1) < ROUNDING
      ) {
        return text;
      }
    }
  }
  return formatLine({
    ...scaled(line, factor),
    text: lineInGrams(Number(wantedG.toFixed(1)), line.ingredient.name),
  });
}

/**
 * The same line of so many times the mass.
 * @param factor more than 0
 */
export const scaled = (line: UnderstoodLine, factor: number): UnderstoodLine => ({
  ...line,
  massG: {
    low: line.massG.low * factor,
    typical: line.massG.typical * factor,
    high: line.massG.high * factor,
  },
});
