import type { JarName } from '../chain/index.ts';

/** A jar of a household: the number of its cook, and which jar of that it is. */
export type JarCode = JarName & { readonly cook: number };

const FIRST_LETTER = 'a'.charCodeAt(0);

/**
 * The short number of a jar, as its label prints it: `14-3` is the third jar of cook 14, `14-b2` the
 * second of its second size.
 */
export const jarCode = ({ cook, size, number }: JarCode): string =>
  `${cook}-${size === 1 ? '' : String.fromCharCode(FIRST_LETTER + size - 1)}${number}`;

const CODE = /^\s*(\d{1,7})\s*[-–]\s*([b-z]?)\s*(\d{1,3})\s*$/i;

/** The jar of a short number, however it is typed; null for a text that is none. */
export function jarOfCode(text: string): JarCode | null {
  const [, cook, letter = '', number] = CODE.exec(text) ?? [];
  if (cook === undefined || number === undefined) return null;
  const size = letter === '' ? 1 : letter.toLowerCase().charCodeAt(0) - FIRST_LETTER + 1;
  const jar = { cook: Number(cook), size, number: Number(number) };
  return jar.cook > 0 && jar.number > 0 ? jar : null;
}
