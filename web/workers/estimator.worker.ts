import { estimate, type Entry, type Estimate, type Sheet } from '@idle-kettle/core';
import { expose } from 'comlink';
import { isCalibrated, stoveSheet, type CookFacts } from '../stove/stoveSheet.ts';

export type Question = {
  readonly cook: CookFacts;
  /** What the thermometer showed in boiling water on this cook; null where that was not looked at. */
  readonly waterBoilsC: number | null;
  readonly entries: readonly Entry[];
  readonly nowMs: number;
};

let last: { readonly key: string; readonly sheet: Sheet | null } | null = null;

function sheetFor({ cook, waterBoilsC }: Question): Sheet | null {
  const key = JSON.stringify([cook.formula, cook.kitchen, cook.practice, waterBoilsC]);
  if (last?.key !== key) last = { key, sheet: stoveSheet(cook, waterBoilsC) };
  return last.sheet;
}

const estimator = {
  estimate(question: Question): Estimate | null {
    const sheet = sheetFor(question);
    if (sheet === null) return null;
    const { cook, waterBoilsC, entries, nowMs } = question;
    return estimate(sheet, entries, nowMs, { calibrated: isCalibrated(cook, waterBoilsC) });
  },
};

export type Estimator = typeof estimator;

expose(estimator);
