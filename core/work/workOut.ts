import { ambientOf } from '../ambient/index.ts';
import { type LineReading, type PuzzlingLine, type UnderstoodLine } from '../reader/index.ts';
import { chooseMethod, METHODS, type MethodChoice } from '../method/index.ts';
import { beforehandOf, inThePot } from './beforehand.ts';
import { boilOf } from './boilOf.ts';
import { heatOf, type PlanRequest } from './request.ts';
import type { Worked } from './worked.ts';

/** What the parts of a plan are worked out from, for lines already read. */
export function workOut(request: PlanRequest, readings: readonly LineReading[]): Worked {
  const beforehand = beforehandOf(request);
  const own = readings.filter((line): line is UnderstoodLine => line.understood);
  const understood = inThePot(beforehand, own);
  const choice = choiceOf(request, understood);
  return {
    request,
    ambient: ambientOf(request),
    choice,
    heat: heatOf(request),
    beforehand,
    understood,
    forShelf: inThePot(beforehand, own, 'forShelf'),
    puzzling: [
      ...(beforehand?.puzzling ?? []),
      ...readings.filter((line): line is PuzzlingLine => !line.understood),
    ],
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
