import type { Kitchen } from '@idle-kettle/contract';

type Jar = Kitchen['jars'][number];

/** What happens to a stock of jars and lids. */
export const MOVES = ['bought', 'lids', 'back', 'chipped'] as const;
/** One of {@link MOVES}. */
export type Move = (typeof MOVES)[number];

/**
 * A jar’s stock after some came or went; `by` is how many, below 0 to take it back. What nobody
 * counted begins at nothing.
 */
export function moved(jar: Jar, move: Move, by: number): Jar {
  const to = (now: number | null | undefined, more: number) => Math.max(0, (now ?? 0) + more);
  switch (move) {
    case 'bought':
      return { ...jar, count: to(jar.count, by) };
    case 'lids':
      return { ...jar, lids: to(jar.lids, by) };
    case 'back': {
      // No more come back than are out.
      const back = by > 0 ? Math.min(by, jar.inUse ?? 0) : by;
      return { ...jar, inUse: to(jar.inUse, -back), count: to(jar.count, back) };
    }
    case 'chipped':
      return { ...jar, count: to(jar.count, -by) };
  }
}

/** The kitchen’s jars after some of one size came or went. */
export const withMoved = (jars: Kitchen['jars'], name: string, move: Move, by: number): Jar[] =>
  jars.map((jar) => (jar.name === name ? moved(jar, move, by) : jar));
