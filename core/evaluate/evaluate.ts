import { type LineReading } from '../parser/index.ts';
import { emptiedPot, seenTimes } from './emptied.ts';
import { evaluateLines } from './evaluateLines.ts';
import { simulateBoil } from './simulateBoil.ts';
import type { PlanRequest } from './request.ts';
import type { Evaluation } from './evaluation.ts';

/**
 * What the parts of a plan are worked out from, for lines already read. Jars that are emptied into
 * the pot come before them.
 */
export function evaluate(request: PlanRequest, readings: readonly LineReading[]): Evaluation {
  const own = evaluateLines(request, readings);
  const emptied = request.remake === null ? null : emptiedPot(request, request.remake);
  if (emptied === null) return own;
  const understood = [...emptied.lines, ...own.understood];
  const { method } = own.choice;
  const times = seenTimes(emptied, request, method);
  const figure = { p10: times, p50: times, p90: times, batches: 0 };
  const asSeen = { ...request.learned, setTimes: [{ id: method, times: figure }] };
  return {
    ...own,
    understood,
    forShelf: [...emptied.forShelf, ...own.forShelf],
    emptied,
    unrecognized: [...emptied.unrecognized, ...own.unrecognized],
    boil: simulateBoil({ ...request, learned: asSeen }, method, understood),
  };
}
