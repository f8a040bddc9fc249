import { inWords, textOf } from '@idle-kettle/words';
import { readLine } from '../parser/readLine.ts';
import { type UnderstoodLine } from '../parser/line.ts';

/** The reading of a line that must be recognized. */
export const understood = (text: string): UnderstoodLine => {
  const reading = readLine(text);
  if (!reading.understood) throw new Error(`${text}: ${textOf(reading.trouble.message)}`);
  return reading;
};

/** What stands in the way of a line that must not be. */
export const trouble = (text: string) => {
  const reading = inWords(readLine(text));
  if (reading.understood) throw new Error(`${text} was understood as ${reading.massG.typical} g`);
  return reading.trouble;
};
