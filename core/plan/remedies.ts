import { readLine, type UnderstoodLine } from '../formula/index.ts';
import { setClassOf, type SetClass } from '../gel/index.ts';
import { boilOf } from './boilOf.ts';
import type { Remedy } from './plan.ts';
import type { PlanRequest } from './request.ts';

/** Something a cook can add, in the steps in which it is measured. */
type Addition = {
  readonly mends: readonly string[];
  readonly line: (amount: number) => string;
  /** Smallest amount told apart, and the most worth offering per kilogram of what is in the pot. */
  readonly step: number;
  readonly mostPerKg: number;
  readonly why: string;
};

const ADDITIONS: readonly Addition[] = [
  {
    mends: ['acid', 'pectin'],
    line: (mL) => `${mL} mL bottled lemon juice`,
    step: 5,
    mostPerKg: 80,
    why: 'brings the acid nearer to where pectin links best',
  },
  {
    mends: ['pectin', 'acid'],
    line: (grams) => `${grams} g chopped crab apples`,
    step: 10,
    mostPerKg: 400,
    why: 'brings pectin and acid',
  },
  {
    mends: ['pectin'],
    line: (grams) => `${grams} g redcurrants`,
    step: 10,
    mostPerKg: 400,
    why: 'brings pectin and acid',
  },
  {
    mends: ['sugar'],
    line: (grams) => `${grams} g sugar`,
    step: 10,
    mostPerKg: 1000,
    why: 'lets the batch reach its solids while pectin is left',
  },
];

/** Pectin held over needed that a remedy must reach in the middle of its forecast: a soft set, and a little more. */
const MENDED = 0.8;

/** Draws while searching; the proof takes as many as the plan. */
const SEARCH_DRAWS = 150;

/** What a remedy must come to. */
const SETS: readonly SetClass[] = ['soft', 'firm', 'slices'];

/**
 * The least of each addition that mends a batch's short side, found by halving and planned again to
 * prove that it does. An addition that cannot mend it within reason, or whose proof fails, is not offered.
 */
export function remediesFor(
  request: PlanRequest,
  lines: readonly UnderstoodLine[],
  short: string,
): Remedy[] {
  const potG = lines.reduce((sum, { massG }) => sum + massG.typical, 0);
  return ADDITIONS.filter(({ mends }) => mends.includes(short)).flatMap((addition) => {
    const most = Math.floor((addition.mostPerKg * potG) / 1000 / addition.step);
    const steps = leastSteps(
      most,
      (n) => ratioWith(request, lines, addition.line(n * addition.step)) >= MENDED,
    );
    if (steps === null) return [];
    const found = remedy(request, lines, addition, steps * addition.step);
    return SETS.includes(found.forecast) ? [found] : [];
  });
}

function remedy(
  request: PlanRequest,
  lines: readonly UnderstoodLine[],
  { line, why }: Addition,
  amount: number,
): Remedy {
  const addLine = line(amount);
  const proof = boilOf(request, withLine(lines, addLine));
  return {
    text: `Add ${addLine}: it ${why}.`,
    change: { addLine },
    forecast: setClassOf(proof?.forecast.setRatio?.p50 ?? 0),
  };
}

/** The fewest steps, 1 to most, that are enough; null when most is not. Enough must stay enough. */
function leastSteps(most: number, enough: (steps: number) => boolean): number | null {
  if (most < 1 || !enough(most)) return null;
  let [few, many] = [0, most];
  while (many - few > 1) {
    const middle = Math.floor((few + many) / 2);
    if (enough(middle)) many = middle;
    else few = middle;
  }
  return many;
}

/** Middle of the forecast, pectin held over pectin needed, with one more line; 0 where it cannot be told. */
const ratioWith = (request: PlanRequest, lines: readonly UnderstoodLine[], line: string): number =>
  boilOf({ ...request, draws: SEARCH_DRAWS }, withLine(lines, line))?.forecast.setRatio?.p50 ?? 0;

function withLine(lines: readonly UnderstoodLine[], text: string): readonly UnderstoodLine[] {
  const reading = readLine(text);
  if (!reading.understood) throw new Error(`A remedy must be readable: ${text}`);
  return [...lines, reading];
}
