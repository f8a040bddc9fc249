import type { CookSession } from '@idle-kettle/contract';
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
  readonly session: CookSession | null;
  readonly waterBoilsC: number | null;
  readonly entries: readonly Entry[];
  readonly now: () => number;
};

/** What is known of the pot, and whether that could not be worked out the last time. */
export type Estimating = { readonly known: Estimate | null; readonly failing: boolean };

/**
 * What is known of the pot, estimated again and again in a worker; null before the first answer.
 */
export function useEstimate(asked: Asked): Estimating {
  const [answer, setAnswer] = useState<Estimate | null>(null);
  const [failing, setFailing] = useState(false);
  const latest = useRef(asked);
  useEffect(() => {
    latest.current = asked;
  });
  const id = asked.session?.id ?? null;

  useEffect(() => {
    if (id === null) return undefined;
    let gone = false;
    let timer: ReturnType<typeof setTimeout> | null = null;
    async function ask() {
      const { session, waterBoilsC, entries, now } = latest.current;
      if (session !== null) {
        const found = await estimator()
          .estimate({
            cook: {
              formula: session.formula,
              kitchen: session.kitchen,
              practice: session.practice,
            },
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
          .then(
            (of) => ({ of, failed: false }),
            () => ({ of: null, failed: true }),
          );
        if (!gone) setFailing(found.failed);
        if (!gone && found.of !== null) setAnswer(found.of);
      }
      if (!gone) timer = setTimeout(() => void ask(), EVERY_MS);
    }
    void ask();
    return () => {
      gone = true;
      if (timer) clearTimeout(timer);
    };
  }, [id]);
  return { known: answer, failing };
}
