import { useCallback, useState } from 'react';
import { NavigationType, useNavigationType, useSearchParams } from 'react-router';

/** What fields of an address ask for; an empty one is taken out. */
export type Asks = { readonly [field: string]: string };

/**
 * What the address of a page asks for, as fields and filters change it: seen at once, for a field
 * that waited for its address would lose what is typed meanwhile. The address follows, so that a
 * reload and a way back find it.
 */
export function useAsked(): readonly [URLSearchParams, (changes: Asks) => void] {
  const [inAddress, setSearch] = useSearchParams();
  const byBack = useNavigationType() === NavigationType.Pop;
  const [state, setState] = useState({ asked: inAddress, seen: inAddress });
  if (inAddress !== state.seen)
    setState({ asked: byBack ? inAddress : state.asked, seen: inAddress });
  const ask = useCallback(
    (changes: Asks) => {
      const next = new URLSearchParams(state.asked);
      for (const [field, value] of Object.entries(changes)) {
        if (value === '') next.delete(field);
        else next.set(field, value);
      }
      setState((before) => ({ ...before, asked: next }));
      setSearch(next, { replace: true });
    },
    [state.asked, setSearch],
  );
  return [state.asked, ask];
}
