import type { FruitInHouse, FruitStock } from '@idle-kettle/contract/season';
import { findIngredient, formatMass } from '@idle-kettle/core';

/** Fruit that could be cooked within the next weeks. */
export type FruitWish = {
  readonly id: string;
  /** What it is called on the sheet: `3 kg raspberries`, `damson`. */
  readonly name: string;
  readonly fruit: string | null;
  readonly colour: string | null;
  /** From when it is there, and until when it keeps; null for as long as it is ripe. */
  readonly fromMs: number;
  readonly untilMs: number | null;
  /** A line for each batch of it. */
  readonly lines: readonly string[];
};

/** How far ahead the season is drawn, days. */
export const AHEAD_DAYS = 35;
const DAY_MS = 86_400_000;
/** More than this is made in several batches, g: a pot, and common practice. */
const BATCH_G = 2500;
/** Most batches of one fruit in a day. */
const MOST_BATCHES = 4;

/** Fruit in the house, and fruit to make a year’s jars of that is ripe within the next weeks. */
export function wishesOf(
  fruit: readonly FruitInHouse[],
  stock: readonly FruitStock[],
  nowMs: number,
): readonly FruitWish[] {
  const inHouse = fruit.map((one): FruitWish => ({
    id: one.id,
    name: one.line,
    fruit: one.fruit,
    colour: one.colour,
    fromMs: Math.max(nowMs, new Date(one.since).getTime()),
    untilMs: new Date(one.keepsUntil).getTime(),
    lines: [one.line],
  }));
  const there = new Set(fruit.map((one) => one.fruit));
  const toMake = stock
    .filter(
      ({ uses, ripeMs, fruitG, fruit: id }) =>
        uses > 0 &&
        ripeMs !== null &&
        ripeMs < nowMs + AHEAD_DAYS * DAY_MS &&
        fruitG !== null &&
        fruitG.p50 > 0 &&
        !there.has(id),
    )
    .map((one): FruitWish => ({
      id: one.fruit,
      name: one.name,
      fruit: one.fruit,
      colour: one.colour,
      fromMs: Math.max(nowMs, one.ripeMs ?? nowMs),
      untilMs: null,
      lines: linesOf(one.fruit, one.fruitG?.p50 ?? 0),
    }));
  return [...inHouse, ...toMake].sort(
    (a, b) => (a.untilMs ?? Infinity) - (b.untilMs ?? Infinity) || a.fromMs - b.fromMs,
  );
}

/** A line for each batch of so much fruit, to the tenth of a kilogram. */
export function linesOf(fruit: string, massG: number): readonly string[] {
  const count = Math.min(MOST_BATCHES, Math.max(1, Math.ceil(massG / BATCH_G)));
  const each = Math.max(0.1, Math.round(Math.min(massG / count, BATCH_G) / 100) / 10);
  const name = findIngredient(fruit)?.name ?? fruit;
  return Array.from({ length: count }, () => `${formatMass(1000 * each, 'metric')} ${name}`);
}
