import { readLine } from '@idle-kettle/core';
import { parseIngredient } from 'parse-ingredient';
import { ms, timed, times } from './measure.mjs';

const LINES = [
  '2 kg crushed damsons',
  '2-1/2 cups granulated sugar',
  '1 (1.75 oz) box powdered pectin',
  'juice of 2–3 lemons',
  '3–4 quinces (about 1 kg), peeled and cored',
  '3 cups grape or cherry tomatoes',
  '12 oz bag cranberries',
  '6 Bramley apples, unpeeled',
  '¼ cup bottled lemon juice',
  'a knob of butter',
];
/** Lines that want everything: words that are not known, spelling, readings to offer. */
const PUZZLES = [
  '2 kg plums, 1 kg pumpkin',
  '1 cup sugar or honey',
  '500 g Tom Putts',
  '2 kg plums, squormled',
  '1 kg strabwerries',
];
const HOSTILE = [
  '1'.repeat(1_000_000),
  '('.repeat(200),
  `1 kg ${'plums or '.repeat(20)}damsons`,
  `1 ${'and a half '.repeat(15)}cups sugar`,
  'zq '.repeat(66),
];
const MOST_MS = 2;
const MOST_HOSTILE_MS = 50;

/**
 * Ten lines of a recipe, lines that are asked about, and hostile ones.
 * @returns {import('./measure.mjs').Row[]}
 */
export function readingRows() {
  const ten = timed(() => LINES.map((line) => readLine(line)), 500);
  const theirs = timed(() => LINES.map((line) => parseIngredient(line)), 500);
  const puzzles = timed(() => PUZZLES.map((line) => readLine(line)), 200);
  const worst = Math.max(...HOSTILE.map((line) => timed(() => readLine(line), 50).p99));
  return [
    {
      what: 'reading ten lines',
      bar: `median ≤ ${MOST_MS} ms`,
      found: `${ms(ten.median)}, p99 ${ms(ten.p99)}; parse-ingredient, amounts alone, ${times(theirs.median / ten.median)} that`,
      met: ten.median <= MOST_MS,
    },
    {
      what: 'reading five lines that must be asked about',
      bar: 'none',
      found: ms(puzzles.median),
      met: true,
    },
    {
      what: 'the slowest of hostile lines',
      bar: `≤ ${MOST_HOSTILE_MS} ms`,
      found: ms(worst),
      met: worst <= MOST_HOSTILE_MS,
    },
  ];
}
