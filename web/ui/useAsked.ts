import { useCallback, useEffect, useState } from 'react';
import { NavigationType, useLocation, useNavigationType, useSearchParams } from 'react-router';

/** What fields of an address ask for; an empty one is taken out. */
export type Asks = { readonly [field: string]: string };

/** That an address follows what was asked on its page, and was not gone to. */
const FOLLOWS = { follows: true } as const;

const isFollowing = (state: unknown): boolean =>
  (state as { readonly follows?: unknown } | null)?.follows === true;

/** What was asked on a page and does not stand in its address yet: a page drawn anew goes on from it. */
let underWay: { readonly path: string; readonly asked: URLSearchParams } | null = null;

/**
 * What the address of a page asks for, as fields and filters change it: seen at once, for a field
 * that waited for its address would lose what is typed meanwhile. The address follows, so that a
 * reload and a way back find it.
 */
export function useAsked(): readonly [URLSearchParams, (changes: Asks) => void] {
  const [inAddress, setSearch] = useSearchParams();
  const at = useLocation();
  const { key, pathname } = at;
  const isGoneTo = useNavigationType() === NavigationType.Pop || !isFollowing(at.state);
  const [state, setState] = useState(() => ({
    asked: underWay?.path === pathname ? underWay.asked : inAddress,
    seen: key,
  }));
  if (key !== state.seen) setState({ asked: isGoneTo ? inAddress : state.asked, seen: key });
  useEffect(() => {
    if (
      underWay?.path !== pathname ||
      isGoneTo ||
      underWay.asked.toString() === inAddress.toString()
    )
      underWay = null;
  }, [key, pathname, inAddress, isGoneTo]);
  const ask = useCallback(
    (changes: Asks) => {
      const next = new URLSearchParams(state.asked);
      for (const [field, value] of Object.entries(changes)) {
        if (value === '') next.delete(field);
        else next.set(field, value);
      }
      underWay = { path: pathname, asked: next };
      setState((before) => ({ ...before, asked: next }));
      setSearch(next, { replace: true, state: FOLLOWS });
    },
    [state.asked, setSearch, pathname],
  );
  return [state.asked, ask];
}
