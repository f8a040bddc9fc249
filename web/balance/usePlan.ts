import { BARE_KITCHEN, planInKitchen, type Formula, type PlanningKitchen } from '@idle-kettle/core';
import { say } from '@idle-kettle/words';
import { type Kitchen } from '@idle-kettle/contract';
import type { Fault, Plan, PlanOutcome } from '@idle-kettle/core';
import { startTransition, useEffect, useMemo, useRef, useState } from 'react';
import { planner } from '../workers/planner.ts';

export type Planning = {
  readonly plan: Plan | null;
  /** What stands against a new plan; the plan is then the last there was. */
  readonly faults: readonly Fault[];
  /**
   * The last plan with its ranges, for what need not follow every key; the plan itself before there
   * is one.
   */
  readonly settled: Plan | null;
  /** The formula that the settled plan is of. */
  readonly settledOf: Formula;
  /** Whether the plan still has only its typical figures; its ranges are being worked out. */
  readonly rough: boolean;
  /** Whether ranges could not be worked out the last time. */
  readonly failing: boolean;
};

type Answer = {
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly plan: Plan;
};

/** Between two keys of one word; the ranges are asked for after it. */
const QUIET_MS = 400;
/**
 * After a worker that did not answer, or could not even be fetched, the ranges are asked for again.
 */
const AGAIN_MS = 3000;

/**
 * The plan of a formula: its typical figures at once, its ranges and remedies from the worker as
 * soon as they are there. One question is with the worker at a time; of those that come meanwhile
 * only the last is asked, and an answer to a question that is no longer asked is dropped.
 */
export function usePlan(formula: Formula, kitchen: Kitchen): Planning {
  const typical = useMemo(() => typicalPlan(formula, kitchen), [formula, kitchen]);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const wanted = useRef<{ formula: Formula; kitchen: Kitchen } | null>(null);
  const busy = useRef(false);
  const timer = useRef<ReturnType<typeof setTimeout>>(undefined);
  const [failing, setFailing] = useState(false);

  useEffect(() => {
    wanted.current = { formula, kitchen };
    function askIn(ms: number) {
      clearTimeout(timer.current);
      timer.current = setTimeout(() => void ask(), ms);
    }
    async function ask() {
      if (busy.current) return;
      busy.current = true;
      try {
        while (wanted.current) {
          const asked = wanted.current;
          const outcome = await planner.ask((of) => of.plan(asked.formula, asked.kitchen));
          if (wanted.current !== asked) continue;
          // Faults are known at once from the typical figures; the last plan there was stays to be
          // shown.
          if (outcome.ok) startTransition(() => setAnswer({ ...asked, plan: outcome.plan }));
          wanted.current = null;
        }
        setFailing(false);
      } catch {
        setFailing(true);
        if (wanted.current) askIn(AGAIN_MS);
      } finally {
        busy.current = false;
      }
    }
    askIn(QUIET_MS);
    return () => {
      wanted.current = null;
      clearTimeout(timer.current);
    };
  }, [formula, kitchen]);

  useEffect(warmUp, []);

  const last = answer?.plan ?? null;
  const settledOf = answer?.formula ?? formula;
  if (!typical.ok)
    return { plan: last, settled: last, settledOf, faults: typical.faults, rough: false, failing };
  const current = answer?.formula === formula && answer.kitchen === kitchen;
  const plan = current ? answer.plan : typical.plan;
  return { plan, settled: last ?? plan, settledOf, faults: [], rough: !current, failing };
}

/**
 * A plan of something while nothing is asked, so that the first key of a batch need not wait for
 * code that never ran.
 */
function warmUp(): void {
  if (isWarm) return;
  isWarm = true;
  setTimeout(() => typicalPlan(ANY_BATCH, BARE_KITCHEN), WARM_UP_MS);
}
let isWarm = false;
const ANY_BATCH: Formula = { lines: ['2 kg crushed plums', '1.4 kg sugar'], settings: {} };
const WARM_UP_MS = 300;

/**
 * The typical figures; a formula that no plan can be made of is a fault like others, and no reason
 * to show nothing.
 */
function typicalPlan(formula: Formula, kitchen: PlanningKitchen): PlanOutcome {
  try {
    return planInKitchen(formula, kitchen, 0);
  } catch {
    const message = say('balance.thisBatchCantBeWorked');
    return { ok: false, faults: [{ field: '', message }] };
  }
}
