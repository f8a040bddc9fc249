import { ambientOf } from '../ambient/index.ts';
import { type LineReading, type PuzzlingLine, type UnderstoodLine } from '../reader/index.ts';
import { chooseMethod, METHODS, type MethodChoice } from '../method/index.ts';
import { boilOf } from './boilOf.ts';
import { heatOf, type PlanRequest } from './request.ts';
import type { Worked } from './worked.ts';

/** What the parts of a plan are worked out from, for lines already read. */
export function workOut(request: PlanRequest, readings: readonly LineReading[]): Worked {
  const understood = readings.filter((line): line is UnderstoodLine => line.understood);
  const choice = choiceOf(request, understood);
  return {
    request,
    ambient: ambientOf(request),
    choice,
    heat: heatOf(request),
    understood,
    puzzling: readings.filter((line): line is PuzzlingLine => !line.understood),
    boil: boilOf(request, choice.method, understood),
  };
}

const choiceOf = (
  { product, method }: PlanRequest,
  lines: readonly UnderstoodLine[],
): MethodChoice =>
  method === null
    ? chooseMethod(product, lines)
    : { method, reason: `As asked: ${METHODS[method].name}.` };
