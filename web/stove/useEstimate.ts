import type { CookSession } from '@idle-kettle/contract';
import type { Entry, Estimate } from '@idle-kettle/core';
import { useEffect, useRef, useState } from 'react';
import type { Estimator } from '../workers/estimator.worker.ts';
import { RestartingWorker, startWorker } from '../workers/restartingWorker.ts';
import { bare } from './keptEntry.ts';
import { basisOf, wantsEstimate, type Basis } from './estimateRhythm.ts';

/** Between two looks at whether another estimate is worth its while, ms. */
const EVERY_MS = 400;

/** Started anew when it dies, or does not answer. */
const estimator = new RestartingWorker(() =>
  startWorker<Estimator>(
    () =>
      new Worker(new URL('../workers/estimator.worker.ts', import.meta.url), { type: 'module' }),
  ),
);

type Asked = {
  readonly session: CookSession | null;
  readonly waterBoilsC: number | null;
  readonly entries: readonly Entry[];
  readonly now: () => number;
};

/** What is known of the pot, and whether that could not be worked out the last time. */
export type Estimating = { readonly known: Estimate | null; readonly failing: boolean };

/**
 * What is known of the pot, estimated in a worker whenever the log or the clock gives reason to;
 * null before the first answer.
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
    let last: Basis | null = null;
    async function look() {
      const { session, waterBoilsC, entries, now } = latest.current;
      const nowMs = now();
      const basis = basisOf(entries, waterBoilsC, nowMs);
      if (session !== null && wantsEstimate(last, basis)) {
        const found = await answerOf(session, waterBoilsC, entries, nowMs);
        // What failed is tried again at the next look.
        last = found === FAILED ? null : basis;
        if (!gone) setFailing(found === FAILED);
        if (!gone && found !== FAILED && found !== null) setAnswer(found);
      }
      if (!gone) timer = setTimeout(() => void look(), EVERY_MS);
    }
    void look();
    return () => {
      gone = true;
      if (timer) clearTimeout(timer);
    };
  }, [id]);
  return { known: answer, failing };
}

const FAILED = Symbol('failed');

const answerOf = (
  { formula, kitchen, practice }: CookSession,
  waterBoilsC: number | null,
  entries: readonly Entry[],
  nowMs: number,
): Promise<Estimate | null | typeof FAILED> =>
  estimator
    .ask((worker) =>
      worker.estimate({
        cook: { formula, kitchen, practice },
        waterBoilsC,
        entries: entries.map(bare),
        nowMs,
      }),
    )
    .catch(() => FAILED);
