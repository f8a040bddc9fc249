/**
 * A jar of a batch: its size, by the place in the kitchen’s list from 1, and the how-manieth of
 * that size it is.
 */
export type JarName = { readonly size: number; readonly number: number };

/** Most jars of one size that a batch is followed in. */
export const MOST_OF_A_SIZE = 999;

/** The name of a jar as the log writes it: `2.7` is the seventh of the second size. */
export const jarId = ({ size, number }: JarName): string => `${size}.${number}`;

const ONE = /^([1-9]\d?)\.([1-9]\d{0,2})(?:-([1-9]\d{0,2}))?$/;

/** Jars as the log lists them, runs drawn together: `1.1-7 2.1`. */
export function jarsInText(jars: readonly JarName[]): string {
  const sorted = [...jars].sort((a, b) => a.size - b.size || a.number - b.number);
  const runs: { size: number; from: number; to: number }[] = [];
  for (const { size, number } of sorted) {
    const last = runs.at(-1);
    if (last?.size === size && number <= last.to + 1) last.to = number;
    else runs.push({ size, from: number, to: number });
  }
  return runs
    .map(({ size, from, to }) => (from === to ? `${size}.${from}` : `${size}.${from}-${to}`))
    .join(' ');
}

/** The jars of such a list; null for a text that is none, or that runs backwards. */
export function jarsFromText(text: string): readonly JarName[] | null {
  const found = new Map<string, JarName>();
  for (const part of text.trim().split(/\s+/)) {
    const [, size, from, to = from] = ONE.exec(part) ?? [];
    if (size === undefined || from === undefined || Number(to) < Number(from)) return null;
    for (let number = Number(from); number <= Number(to); number++) {
      const jar = { size: Number(size), number };
      found.set(jarId(jar), jar);
    }
  }
  return [...found.values()];
}
