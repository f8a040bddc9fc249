import { useState } from 'react';

/** A list as it was before where it holds the same things: what follows from it is then not redone. */
export function useSameList<T>(list: readonly T[]): readonly T[] {
  const [kept, setKept] = useState(list);
  if (kept === list || isSame(kept, list)) return kept;
  setKept(list);
  return list;
}

const isSame = <T>(a: readonly T[], b: readonly T[]): boolean =>
  a.length === b.length && a.every((one, index) => one === b[index]);
