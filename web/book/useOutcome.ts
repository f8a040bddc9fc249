import type { BookRecord, Outcome } from '@idle-kettle/contract';
import { useEffect, useState } from 'react';
import { useSayOutcome } from '../api/book.ts';
import { isConflict } from '../api/request.ts';

type Said = Omit<Outcome, 'version'>;

/** How the saying of an outcome stands. */
export type Saying = {
  readonly pending: boolean;
  /** Whether something was said here, and all of it is kept. */
  readonly isSaved: boolean;
  readonly error: Error | null;
  readonly again: () => void;
};

/**
 * What is said of a cook on this page: shown at once, kept one after the other, and nothing that
 * was tapped meanwhile is lost.
 */
export function useOutcome({ id, outcome }: Pick<BookRecord, 'id' | 'outcome'>): {
  readonly said: Said;
  readonly change: (of: Partial<Said>) => void;
  readonly saying: Saying;
} {
  const say = useSayOutcome(id);
  const [changes, setChanges] = useState<Partial<Said>>({});
  const [isSaved, setSaved] = useState(false);
  const { mutate, isPending, error, data } = say;
  const version = Math.max(outcome.version, data?.version ?? 0);
  const waits = Object.keys(changes).length > 0;
  const send = () => {
    const sent = changes;
    mutate(
      { ...outcome, ...sent, version },
      {
        onSuccess: () => {
          setSaved(true);
          // What was changed again meanwhile waits for its turn.
          setChanges((now) =>
            Object.fromEntries(
              Object.entries(now).filter(([field, value]) => sent[field as keyof Said] !== value),
            ),
          );
        },
        // Somebody else was first: what they said is shown, and said anew on it if it is to stand.
        onError: (failed) => isConflict(failed) && setChanges({}),
      },
    );
  };
  useEffect(() => {
    if (waits && !isPending && error === null) send();
  });
  return {
    said: { ...outcome, ...changes },
    change: (of) => {
      // What is on its way stays so: the next waits for its answer.
      if (error !== null) say.reset();
      setSaved(false);
      setChanges((before) => ({ ...before, ...of }));
    },
    saying: { pending: waits || isPending, isSaved, error, again: send },
  };
}
