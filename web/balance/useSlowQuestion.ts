import type { Formula } from '@idle-kettle/core';
import { useCallback, useEffect, useState } from 'react';
import { LatestQuery } from '../workers/latestQuery.ts';

/**
 * Asks a worker about what is written, and does something with the answer; at the end, answered or
 * not, it is told.
 */
export type Ask = <R>(
  question: (about: Formula) => Promise<R>,
  onAnswer: (answer: R) => void,
  onEnd?: () => void,
) => void;

/**
 * How what is written is asked about: see {@link LatestQuery}. `unanswered` where the last question
 * could not be answered.
 */
export function useAsk(formula: Formula): { readonly onAsk: Ask; readonly unanswered: boolean } {
  const [unanswered, setUnanswered] = useState(false);
  const [asker] = useState(() => new LatestQuery(formula));
  useEffect(() => {
    asker.write(formula);
  }, [asker, formula]);
  const onAsk = useCallback<Ask>(
    (question, onAnswer, onEnd = () => undefined) =>
      void asker
        .ask(question)
        .then(
          (answer) => {
            setUnanswered(false);
            if (answer !== null) onAnswer(answer);
          },
          () => setUnanswered(true),
        )
        .finally(onEnd),
    [asker],
  );
  return { onAsk, unanswered };
}
