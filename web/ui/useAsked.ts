import { useCallback, useSyncExternalStore } from 'react';
import { NavigationType, useLocation, useNavigationType, useSearchParams } from 'react-router';
import { Listeners } from '../api/listeners.ts';

/** What fields of an address ask for; an empty one is taken out. */
export type Asks = { readonly [field: string]: string };

/** That an address follows what was asked on its page, and was not gone to. */
const FOLLOWS = { follows: true } as const;

const isFollowing = (state: unknown): boolean =>
  (state as { readonly follows?: unknown } | null)?.follows === true;

/** What was asked last: on which page, and at which entry of the browser’s history. */
type Last = { readonly path: string; readonly key: string; readonly asked: URLSearchParams };

let last: Last | null = null;
const changed = new Listeners();

/**
 * What the address of a page asks for, as fields and filters change it: seen at once, for a field
 * that waited for its address would lose what is typed meanwhile. The address follows, so that a
 * reload and a way back find it.
 *
 * What was asked is kept outside of what is drawn: React may begin to draw the address that follows,
 * be interrupted by the next letter and begin anew, and a page may be drawn anew, whole.
 */
export function useAsked(): readonly [URLSearchParams, (changes: Asks) => void] {
  const [inAddress, setSearch] = useSearchParams();
  const at = useLocation();
  const { key, pathname: path } = at;
  const follows = useNavigationType() !== NavigationType.Pop && isFollowing(at.state);
  const now = useCallback(
    () => (last?.path === path && (follows || last.key === key) ? last.asked : inAddress),
    [path, key, follows, inAddress],
  );
  const ask = useCallback(
    (changes: Asks) => {
      const asked = new URLSearchParams(now());
      for (const [field, value] of Object.entries(changes)) {
        if (value === '') asked.delete(field);
        else asked.set(field, value);
      }
      last = { path, key, asked };
      changed.tell();
      setSearch(asked, { replace: true, state: FOLLOWS });
    },
    [now, path, key, setSearch],
  );
  return [useSyncExternalStore(changed.add, now), ask];
}
