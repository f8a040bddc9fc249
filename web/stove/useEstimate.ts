import type { CookRecord } from '@idle-kettle/contract';
import type { Entry, Estimate } from '@idle-kettle/core';
import { wrap, type Remote } from 'comlink';
import { useEffect, useRef, useState } from 'react';
import type { Estimator } from '../workers/estimator.worker.ts';

/** Between two estimates, ms: a pot does not change faster. */
const EVERY_MS = 400;

let worker: Remote<Estimator> | null = null;

const estimator = (): Remote<Estimator> =>
  (worker ??= wrap<Estimator>(
    new Worker(new URL('../workers/estimator.worker.ts', import.meta.url), { type: 'module' }),
  ));

type Asked = {
  readonly cook: CookRecord | null;
  readonly waterBoilsC: number | null;
  readonly entries: readonly Entry[];
  readonly now: () => number;
};

/** What is known of the pot, estimated again and again in a worker; null before the first answer. */
export function useEstimate(asked: Asked): Estimate | null {
  const [answer, setAnswer] = useState<Estimate | null>(null);
  const latest = useRef(asked);
  useEffect(() => {
    latest.current = asked;
  });
  const id = asked.cook?.id ?? null;

  useEffect(() => {
    if (id === null) return undefined;
    let gone = false;
    let timer: ReturnType<typeof setTimeout> | null = null;
    async function ask() {
      const { cook, waterBoilsC, entries, now } = latest.current;
      if (cook !== null) {
        const found = await estimator()
          .estimate({
            cook: { formula: cook.formula, kitchen: cook.kitchen, practice: cook.practice },
            waterBoilsC,
            entries: entries.map(({ source, seq, at, kind, value, text }) => ({
              source,
              seq,
              at,
              kind,
              value,
              text,
            })),
            nowMs: now(),
          })
          // Before there is anything to go by, a pot cannot be estimated.
          .catch(() => null);
        if (!gone && found !== null) setAnswer(found);
      }
      if (!gone) timer = setTimeout(() => void ask(), EVERY_MS);
    }
    void ask();
    return () => {
      gone = true;
      if (timer) clearTimeout(timer);
    };
  }, [id]);
  return answer;
}
