import { estimate, type Entry, type Estimate, type CookPlan } from '@idle-kettle/core';
import { expose } from 'comlink';
import { isCalibrated, stoveCookPlan, type CookFacts } from '../stove/stoveCookPlan.ts';

export type Question = {
  readonly cook: CookFacts;
  /**
   * What the thermometer showed in boiling water on this cook; null where that was not looked at.
   */
  readonly waterBoilsC: number | null;
  readonly entries: readonly Entry[];
  readonly nowMs: number;
};

let last: { readonly key: string; readonly cookPlan: CookPlan | null } | null = null;

function sheetFor({ cook, waterBoilsC }: Question): CookPlan | null {
  const key = JSON.stringify([cook.formula, cook.kitchen, cook.practice, waterBoilsC]);
  if (last?.key !== key) last = { key, cookPlan: stoveCookPlan(cook, waterBoilsC) };
  return last.cookPlan;
}

const estimator = {
  estimate(question: Question): Estimate | null {
    const cookPlan = sheetFor(question);
    if (cookPlan === null) return null;
    const { cook, waterBoilsC, entries, nowMs } = question;
    return estimate(cookPlan, entries, nowMs, { calibrated: isCalibrated(cook, waterBoilsC) });
  },
};

export type Estimator = typeof estimator;

expose(estimator);
