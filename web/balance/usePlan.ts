import { planInKitchen, type Formula, type Kitchen } from '@idle-kettle/contract';
import type { Fault, Plan, PlanOutcome } from '@idle-kettle/core';
import { useEffect, useMemo, useRef, useState } from 'react';
import { planner } from '../workers/planner.ts';

export type Planning = {
  readonly plan: Plan | null;
  /** What stands against a new plan; the plan is then the last there was. */
  readonly faults: readonly Fault[];
  /** Whether the plan still has only its typical figures; its ranges are being worked out. */
  readonly rough: boolean;
};

type Answer = {
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly outcome: PlanOutcome;
};

/**
 * The plan of a formula: its typical figures at once, its ranges and remedies from the worker as soon as they are
 * there. One question is with the worker at a time; of those that come meanwhile only the last is asked, and an
 * answer to a question that is no longer asked is dropped.
 */
export function usePlan(formula: Formula, kitchen: Kitchen): Planning {
  const typical = useMemo(() => planInKitchen(formula, kitchen, 0), [formula, kitchen]);
  const [answer, setAnswer] = useState<Answer | null>(null);
  const wanted = useRef<{ formula: Formula; kitchen: Kitchen } | null>(null);
  const busy = useRef(false);

  useEffect(() => {
    wanted.current = { formula, kitchen };
    async function ask() {
      if (busy.current) return;
      busy.current = true;
      try {
        while (wanted.current) {
          const asked = wanted.current;
          const outcome = await planner().plan(asked.formula, asked.kitchen);
          if (wanted.current !== asked) continue;
          setAnswer({ ...asked, outcome });
          wanted.current = null;
        }
      } finally {
        busy.current = false;
      }
    }
    void ask();
  }, [formula, kitchen]);

  const full = answer?.formula === formula && answer.kitchen === kitchen ? answer.outcome : null;
  const outcome = full ?? typical;
  const [last, setLast] = useState<Plan | null>(null);
  if (outcome.ok && last !== outcome.plan) setLast(outcome.plan);
  return outcome.ok
    ? { plan: outcome.plan, faults: [], rough: full === null }
    : { plan: last, faults: outcome.faults, rough: false };
}
