import { scaled, solublesPctOf, startContents } from '../formula/index.ts';
import { pHOf, setRatioOf, typicalAcidLoad, typicalSetters } from '../gel/index.ts';
import { fruitCookOf, isSugar, METHODS, type Method } from '../method/index.ts';
import { massOfLines, type UnderstoodLine } from '../parser/index.ts';
import { FILLING_TEMP_C, volumeMl } from '../yield/index.ts';
import { knownLines } from './asLearned.ts';
import { boiledDown } from './boiledDown.ts';
import { evaluateLines } from './evaluateLines.ts';
import type { EmptiedPot } from './evaluation.ts';
import { readLines } from './readLines.ts';
import type { PlanRequest, Remake } from './request.ts';
import { simulateBoil } from './simulateBoil.ts';

/** What a batch holds over what it needs, that is seen to be loose, or stiff. */
const SEEN_RATIO = { loose: 0.63, stiff: 1.8 } as const;

/**
 * What is in the jars that a request empties into its pot; null where their formula tells nothing.
 *
 * @param request of the remake: its kitchen and product count
 */
export function emptiedPot(request: PlanRequest, remake: Remake): EmptiedPot | null {
  const made: PlanRequest = {
    ...request,
    lines: remake.lines,
    before: remake.before,
    method: remake.method,
    targetSolublesPct: null,
    boilMin: null,
    remake: null,
    learned: { ...request.learned, setTimes: [] },
    draws: 0,
  };
  const first = evaluateLines(made, readLines(made));
  const sugared = (lines: readonly UnderstoodLine[]) =>
    lines.map((line) => (isSugar(line) ? scaled(line, remake.sugarShare) : line));
  const { method } = first.choice;
  const { stopKind } = METHODS[method];
  const isBoiledDown = stopKind === 'temperature' || stopKind === 'body';
  const wentIn = sugared(first.understood);
  const cooked = { ...knownLines(made), method };
  const whole = simulateBoil(cooked, method, wentIn);
  if (whole === null) return null;
  const stopped =
    isBoiledDown && remake.solublesPct !== null
      ? simulateBoil({ ...cooked, targetSolublesPct: remake.solublesPct }, method, wentIn)
      : whole;
  if (stopped === null) return null;
  const { contents } = stopped.finish;
  const scale = remake.volumeMl / volumeMl(contents, FILLING_TEMP_C);
  const weighed = wentIn.map((line) => scaled(line, scale));
  const lines = boiledDown(weighed, stopped, fruitCookOf(request.product, method, weighed));
  return {
    lines,
    forShelf: sugared(first.forShelf).map((line) => scaled(line, scale)),
    unrecognized: first.unrecognized,
    massG: massOfLines(lines),
    solublesPct: solublesPctOf(contents),
    targetPct: solublesPctOf(whole.finish.contents),
    cook: whole,
    method,
  };
}

/**
 * How much firmer or looser jars were seen to be than their sums say, as another method would set
 * them; never the other way.
 */
export function seenTimes(
  { lines }: EmptiedPot,
  { product, remake }: PlanRequest,
  method: Method,
): number {
  if (remake === null) return 1;
  const contents = startContents(lines);
  const acid = typicalAcidLoad(lines);
  const isSour = Object.values(acid.moles).some((moles) => moles > 0);
  const ratio = setRatioOf(
    METHODS[method].setModel,
    contents,
    isSour ? pHOf(acid) : null,
    typicalSetters(lines, fruitCookOf(product, method, lines)),
  );
  if (!(ratio > 0)) return 1;
  const times = SEEN_RATIO[remake.problem] / ratio;
  return remake.problem === 'loose' ? Math.min(1, times) : Math.max(1, times);
}
