import { type LineReading, readLine } from '../parser/index.ts';
import type { Method, Product } from '../method/index.ts';
import { readingKitchen } from './readLines.ts';
import type { PlanRequest } from './request.ts';

/**
 * A change to a batch: lines taken out by their index and put in at the end, and other settings.
 */
export type Change = {
  readonly drop?: readonly number[];
  readonly add?: readonly string[];
  /** Made as something else, by whatever method that takes. */
  readonly product?: Product;
  readonly method?: Method;
  readonly targetSolublesPct?: number;
};

/** The request with a change made; the change's method stands even where none was asked for. */
export function changed(request: PlanRequest, change: Change): PlanRequest {
  return {
    ...request,
    lines: [...kept(request.lines, change), ...(change.add ?? [])],
    ...(change.product === undefined
      ? {
          method: change.method ?? request.method,
          targetSolublesPct: change.targetSolublesPct ?? request.targetSolublesPct,
        }
      : { product: change.product, method: null, targetSolublesPct: null }),
  };
}

/** The readings of the changed request's lines, without reading again what stays. */
export const changedReadings = (
  readings: readonly LineReading[],
  change: Change,
  request: PlanRequest,
): LineReading[] => [
  ...kept(readings, change),
  ...(change.add ?? []).map((text) => readLine(text, readingKitchen(request))),
];

const kept = <T>(lines: readonly T[], { drop = [] }: Change): T[] =>
  lines.filter((_, index) => !drop.includes(index));
