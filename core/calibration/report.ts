import { setClassOf, type SetClass } from '../gel/index.ts';
import { CALIBRATION_OFFSETS } from '../ingredients/index.ts';
import { cutSugarCases } from './cutSugar.ts';
import { ratioWith } from './features.ts';
import { fitOffsets, leaveOneOut, type FitCase, type LeftOut } from './fit.ts';
import { fitCases } from './fitCases.ts';
import { coverageOf, yieldCases } from './yields.ts';

/** A move of less than this many deviations is not written into the ingredient table. */
const WORTH_WRITING = 0.02;

/**
 * Fits the set anew and says, in columns, how each formula came out before and after, what was
 * moved, and how ranges of jars hold.
 */
export function calibrationReport(
  seen: readonly FitCase[] = fitCases(false),
  cut: readonly FitCase[] = cutSugarCases(false),
  out: readonly LeftOut[] = leaveOneOut(seen, cut),
): string {
  const unseen = fitCases(true);
  const moves = fitOffsets([...seen, ...cut], CALIBRATION_OFFSETS);
  const cutUnseen = cutSugarCases(true);
  const yields = yieldCases();
  const { coverage, width } = coverageOf(yields);
  const written = Object.entries(moves).filter(([, z]) => Math.abs(z) >= WORTH_WRITING);
  return [
    'Sets: pectin held over needed, before the fit, after it, and by a fit that did not see the formula.',
    '',
    row('formula', 'before', 'after', 'unseen', 'sets', 'may be'),
    ...seen.map((held, i) => setRow(held, moves, out[i]?.ratio)),
    '',
    'Held out from the fit.',
    '',
    ...unseen.map((held) => setRow(held, moves)),
    '',
    'With part of the printed sugar: those the fit saw, and those held out.',
    '',
    ...[...cut, ...cutUnseen].map((held) => setRow(held, moves)),
    '',
    `In their class: ${share(seen, moves)} of those the fit saw (${share(seen, {})} before it), ${share(unseen, moves)} of those held out (${share(unseen, {})} before it), ${out.filter(({ right }) => right).length} of ${out.length} when each is left out in turn.`,
    '',
    'What moved, in deviations of its prior, and where the code has it.',
    '',
    ...written.map(
      ([name, z]) =>
        `${name.padEnd(NAME_WIDTH)}${z.toFixed(2).padStart(7)}${(CALIBRATION_OFFSETS[name] ?? 0).toFixed(2).padStart(8)}`,
    ),
    '',
    'Jars: printed, and forecast p10, p50 and p90.',
    '',
    ...yields.map(
      ({ name, from, to, p10, p50, p90, holds }) =>
        `${name.padEnd(NAME_WIDTH)}${(from === to ? `${from}` : `${from}–${to}`).padStart(8)}${[p10, p50, p90].map((x) => x.toFixed(1).padStart(6)).join('')}${holds ? '' : '   outside'}`,
    ),
    '',
    `${yields.length} printed yields: ${(100 * coverage).toFixed(0)} % within their range, a quarter of a jar more or less; a range is ${(100 * width).toFixed(0)} % of its middle at the median.`,
    '',
  ].join('\n');
}

const NAME_WIDTH = 64;

const row = (name: string, ...cells: readonly string[]): string =>
  name.padEnd(NAME_WIDTH) + cells.map((cell) => cell.padStart(8)).join('');

function setRow(
  { features, sets }: FitCase,
  moves: typeof CALIBRATION_OFFSETS,
  unseen?: number,
): string {
  const after = ratioWith(features, moves);
  const found = setClassOf(after);
  return row(
    features.name,
    ratioWith(features, {}).toFixed(2),
    after.toFixed(2),
    unseen === undefined ? '' : unseen.toFixed(2),
    found,
    `  ${range(sets)}${sets.includes(found) ? '' : '   outside'}`,
  );
}

const range = (sets: readonly SetClass[]): string =>
  sets.length === 1 ? String(sets[0]) : `${sets[0]} to ${sets.at(-1)}`;

const share = (held: readonly FitCase[], moves: typeof CALIBRATION_OFFSETS): string =>
  `${held.filter(({ features, sets }) => sets.includes(setClassOf(ratioWith(features, moves)))).length} of ${held.length}`;
