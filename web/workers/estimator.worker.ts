import {
  effectiveEntries,
  estimate,
  type CookPlan,
  type Entry,
  type Estimate,
} from '@idle-kettle/core';
import { expose } from 'comlink';
import {
  isCalibrated,
  plannedMinutes,
  stoveCookPlan,
  type CookFacts,
} from '../stove/stoveCookPlan.ts';

export type Question = {
  readonly cook: CookFacts;
  /**
   * What the thermometer showed in boiling water on this cook; null where that was not looked at.
   */
  readonly waterBoilsC: number | null;
  readonly entries: readonly Entry[];
  readonly nowMs: number;
};

let last: {
  readonly key: string;
  readonly cookPlan: CookPlan | null;
  /** Minutes that its plan says; left out until they are asked for. */
  planned?: Estimate['minutesLeft'];
} | null = null;

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
    const known = estimate(cookPlan, entries, nowMs, {
      calibrated: isCalibrated(cook, waterBoilsC),
    });
    const isLit = effectiveEntries(entries).some(({ kind }) => kind === 'lit');
    if (isLit || last === null || known.minutesLeft === null) return known;
    // Nothing is known yet that the plan did not know: Balance and Stove say the same minutes.
    last.planned ??= plannedMinutes(cook, waterBoilsC);
    return { ...known, minutesLeft: last.planned };
  },
};

export type Estimator = typeof estimator;

expose(estimator);
