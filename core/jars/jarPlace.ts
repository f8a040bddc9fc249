import { isProcessed, type Storage, type Verdict } from '../process/index.ts';
import type { EntryKind } from '../stove/index.ts';
import type { Jar } from './jarState.ts';
import type { JarState } from './jarTransitions.ts';

/**
 * Where one jar belongs as it stands: `unfinished` has yet to be processed, `unchecked` has been,
 * and its lid was not pressed yet.
 */
export type JarPlace = Storage | 'unfinished' | 'unchecked' | 'gone';

/**
 * Where a jar belongs by how it stands, of a batch whose verdict is for the pantry. Of any other
 * batch none belongs there.
 */
const PLACE: { readonly [state in JarState]: JarPlace } = {
  filled: 'unfinished',
  closed: 'unfinished',
  'in the canner': 'unfinished',
  'cut short': 'fridge',
  cooling: 'unchecked',
  sealed: 'pantry',
  unsealed: 'fridge',
  fridge: 'fridge',
  freezer: 'freezer',
  shelf: 'pantry',
  broken: 'gone',
};

/**
 * Where a jar belongs.
 * @param verdict of its batch: what is not for the pantry never is, whatever was done with a jar of
 * it
 */
export function jarPlaceOf(
  { state, part, cool }: Pick<Jar, 'state' | 'part' | 'cool'>,
  verdict: Verdict,
): JarPlace {
  const place = PLACE[state];
  if (place === 'gone' || place === 'fridge' || place === 'freezer') return place;
  if (!isProcessed(verdict)) return verdict;
  // What was not filled hot has no shelf until it was heated again.
  return part || cool !== null ? 'fridge' : place;
}

/** What of a log says where jars are kept. */
export const JAR_PLACE_EVENTS: ReadonlySet<EntryKind> = new Set([
  'put-away',
  'to-fridge',
  'to-freezer',
  'was-hot',
]);
