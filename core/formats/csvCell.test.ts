import fc from 'fast-check';
import { safeCell, safeJson, textOfCell } from './csvCell.ts';
import { runs } from '../test/runs.ts';

/** What no cell may look like, whatever separates cells where it is opened. */
const isFormula = (cell: string): boolean =>
  cell.split(/[;|\t\r\n]/).some((part) => /^[\s"`\u200b\ufeff]*[=+\-@＝＋－＠]/.test(part));

const TRICKS = [
  '=1+1',
  '＝1＋1',
  '＠SUM(A1)',
  '－2+3',
  ' =1',
  '\u200b=1',
  '\ufeff@x',
  '"=1"',
  'plum;=1+1',
  'plum|+1',
  'plum\t=1',
  'plum\r\n=1',
  'plum; "＝1"',
  '@',
];

test.each(TRICKS)('%j is text in every country', (text) => {
  expect(isFormula(text)).toBe(true);
  expect(isFormula(safeCell(text))).toBe(false);
  expect(textOfCell(safeCell(text))).toBe(text);
});

test('what is no formula stays as it is', () => {
  for (const text of ['2 kg plums', 'half-pint', 'a = b', 'me@home', '1,5 L', "cook's", ''])
    expect(safeCell(text)).toBe(text);
});

const hostile = fc
  .array(fc.constantFrom(...'=+-@＝＋－＠;|\t\r\n "\'`\u200baé1'), { maxLength: 20 })
  .map((parts) => parts.join(''));

test('whatever is written is text, and is read as it was written', () => {
  fc.assert(
    fc.property(hostile, (text) => {
      expect(isFormula(safeCell(text))).toBe(false);
      expect(textOfCell(safeCell(text))).toBe(text);
      const json = JSON.stringify({ name: text, grams: -5 });
      expect(isFormula(safeJson(json))).toBe(false);
      expect(JSON.parse(safeJson(json))).toEqual({ name: text, grams: -5 });
    }),
    { numRuns: runs(2000) },
  );
});
