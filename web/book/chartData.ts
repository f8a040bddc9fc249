import type { ChartRow } from '@idle-kettle/contract';
import { findIngredient, SET_CLASSES, type SetClass } from '@idle-kettle/core';

/** How far off a plan was, %, of the cook in its place; null where one side is not known. */
export type ErrorPoint = {
  readonly name: string;
  readonly jarsPct: number | null;
  readonly minutesPct: number | null;
};

const offPct = (planned: number | null, came: number | null): number | null =>
  planned === null || came === null || !(came > 0) ? null : 100 * (planned / came - 1);

/** How far off the plans were, cook by cook. */
export const errorsOf = (rows: readonly ChartRow[]): readonly ErrorPoint[] =>
  rows
    .map(({ name, plannedMl, volumeMl, plannedMinutes, minutes }) => ({
      name,
      jarsPct: offPct(plannedMl, volumeMl),
      minutesPct: offPct(plannedMinutes, minutes),
    }))
    .filter(({ jarsPct, minutesPct }) => jarsPct !== null || minutesPct !== null);

/** Jars of one fruit, year by year. */
export type FruitJars = {
  readonly id: string;
  readonly fruit: string;
  readonly jars: readonly number[];
};

/** Jars by fruit and year, the fruit of most jars first. */
export function jarsByFruit(rows: readonly ChartRow[]): {
  readonly years: readonly number[];
  readonly fruits: readonly FruitJars[];
} {
  const told = rows.filter(({ jars, fruit }) => jars !== null && fruit !== null);
  const years = [...new Set(told.map(({ year }) => year))].toSorted((a, b) => a - b);
  const fruits = [...new Set(told.map(({ fruit }) => fruit ?? ''))].map((id) => ({
    id,
    fruit: findIngredient(id)?.name ?? id,
    jars: years.map((year) =>
      told
        .filter((row) => row.fruit === id && row.year === year)
        .reduce((sum, { jars }) => sum + (jars ?? 0), 0),
    ),
  }));
  const sum = ({ jars }: FruitJars) => jars.reduce((all, one) => all + one, 0);
  return { years, fruits: fruits.toSorted((a, b) => sum(b) - sum(a)) };
}

/** Where a cook was stopped above its plan, K, and how it set, by its step. */
export type StopPoint = { readonly name: string; readonly aboveK: number; readonly set: SetClass };

/** Stop against set, of the cooks that say both. */
export const stopsOf = (rows: readonly ChartRow[]): readonly StopPoint[] =>
  rows.flatMap(({ name, plannedStopC, stopC, set }) =>
    plannedStopC === null || stopC === null || set === null
      ? []
      : [{ name, aboveK: stopC - plannedStopC, set }],
  );

/** The place of a set among its classes, from the loosest. */
export const stepOf = (set: SetClass): number => SET_CLASSES.indexOf(set);

/** What a jar cost, in the smallest coin, of the cooks that say so. */
export const costsOf = (
  rows: readonly ChartRow[],
): readonly { readonly name: string; readonly minor: number }[] =>
  rows.flatMap(({ name, costMinor, jars }) =>
    costMinor === null || jars === null || jars === 0
      ? []
      : [{ name, minor: Math.round(costMinor / jars) }],
  );
