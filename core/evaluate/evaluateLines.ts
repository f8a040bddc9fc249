import { asLearned } from './asLearned.ts';
import { ambientOf } from '../ambient/index.ts';
import { type LineReading, type UnrecognizedLine, type UnderstoodLine } from '../parser/index.ts';
import { chooseMethod, METHODS, type MethodChoice } from '../method/index.ts';
import { pretreatedOf, inThePot } from './pretreated.ts';
import { simulateBoil } from './simulateBoil.ts';
import { heatOf, type PlanRequest } from './request.ts';
import type { Evaluation } from './evaluation.ts';

/** What the parts of a plan are worked out from, for lines that all go into the pot raw. */
export function evaluateLines(request: PlanRequest, readings: readonly LineReading[]): Evaluation {
  const pretreated = pretreatedOf(request);
  const own = readings.filter((line): line is UnderstoodLine => line.understood);
  const understood = asLearned(inThePot(pretreated, own), request);
  const choice = choiceOf(request, understood);
  return {
    request,
    ambient: ambientOf(request),
    choice,
    heat: heatOf(request),
    pretreated,
    understood,
    forShelf: inThePot(pretreated, own, 'forShelf'),
    emptied: null,
    unrecognized: [
      ...(pretreated?.unrecognized ?? []),
      ...readings.filter((line): line is UnrecognizedLine => !line.understood),
    ],
    boil: simulateBoil(request, choice.method, understood),
  };
}

const choiceOf = (
  { product, method }: PlanRequest,
  lines: readonly UnderstoodLine[],
): MethodChoice =>
  method === null
    ? chooseMethod(product, lines)
    : { method, reason: `As asked: ${METHODS[method].name}.` };
