import { changeInWords, formulaDiff } from './formulaDiff.ts';

const PLUM = { name: 'Plum', lines: ['1 kg plums', '800 g sugar', '1 lemon'], settings: {} };
const unlike = (mine: object, theirs: object) =>
  formulaDiff({ ...PLUM, ...mine }, { ...PLUM, ...theirs })
    .filter(({ same }) => !same)
    .map(({ mine: a, theirs: b }) => [a, b]);

test('a line that was changed stands beside what it was changed to', () => {
  expect(unlike({ lines: ['1 kg plums', '700 g sugar', '1 lemon'] }, {})).toEqual([
    ['700 g sugar', '800 g sugar'],
  ]);
});

test('a line that only one of them has stands alone, and the others stay side by side', () => {
  const rows = formulaDiff(PLUM, { ...PLUM, lines: ['1 kg plums', '1 lemon', '100 mL water'] });
  expect(rows.map(({ mine, theirs }) => [mine, theirs])).toEqual([
    ['Plum', 'Plum'],
    ['1 kg plums', '1 kg plums'],
    ['800 g sugar', null],
    ['1 lemon', '1 lemon'],
    [null, '100 mL water'],
  ]);
});

test('names and what is set besides are told where they differ', () => {
  expect(
    unlike(
      { name: 'Plum, tart', settings: { product: 'butter', boilMin: 4 } },
      {
        settings: {
          product: 'jam',
          boilMin: 4,
          before: { kind: 'extract', lines: ['3 lb apples'], water: null },
        },
      },
    ),
  ).toEqual([
    ['Plum, tart', 'Plum'],
    ['product: butter', 'product: jam'],
    [null, 'first step: extract, lines ["3 lb apples"]'],
  ]);
});

test('two that are the same differ nowhere', () => expect(unlike({}, {})).toEqual([]));

test.each([
  [['1 kg plums'], ['1 kg plums', '700 g sugar'], '“700 g sugar” is back'],
  [['1 kg plums', '700 g sugar'], ['1 kg plums'], '“700 g sugar” is gone'],
  [['2 kg plums'], ['1 kg plums'], '“1 kg plums” instead of “2 kg plums”'],
  [['1 kg plums', 'a', 'b'], ['c', 'd', 'e'], '3 changes'],
])('from %j to %j “%s”', (from, to, said) => {
  const sheet = (lines: readonly string[]) => ({ name: 'Plum', lines: [...lines], settings: {} });
  expect(changeInWords(sheet(from), sheet(to))).toBe(said);
});
