import { useEffect, useState } from 'react';

/**
 * The answer to a question that a worker is asked; null until it is there. Answers to older
 * questions are dropped.
 */
export function useAnswer<T>(ask: () => Promise<T>, on: readonly unknown[]): T | null {
  const [answer, setAnswer] = useState<{
    readonly value: T;
    readonly on: readonly unknown[];
  } | null>(null);
  useEffect(() => {
    let asked = true;
    void ask().then((value) => {
      if (asked) setAnswer({ value, on });
    });
    return () => {
      asked = false;
    };
    // The question is the same as long as what it is about is.
    // oxlint-disable-next-line react/exhaustive-deps
  }, on);
  return answer !== null && answer.on.every((thing, i) => thing === on[i]) ? answer.value : null;
}
