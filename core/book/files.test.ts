import { textOf } from '@idle-kettle/words';
import { readRecipeBox } from '../formats/index.ts';
import {
  readBookCsv,
  readProbeCsv,
  toBookCsv,
  toProbeCsv,
  versionChanges,
  type BookCsvRow,
} from './index.ts';

describe('readings of a probe', () => {
  test.each([
    [
      'minutes and °C',
      'minute,temperature °C\n0,20\n1.5,60.5\n',
      [
        [0, 20],
        [1.5, 60.5],
      ],
    ],
    [
      'seconds, semicolons and decimal commas',
      'time (s);temp\n0;20,5\n90;60\n',
      [
        [0, 20.5],
        [1.5, 60],
      ],
    ],
    [
      '°F by its heading',
      'Elapsed min,Probe 1 (°F)\n10,68\n12,212\n',
      [
        [0, 20],
        [2, 100],
      ],
    ],
    [
      '°F by its figures',
      'time,probe\n0:00:00,68\n0:02:00,212\n',
      [
        [0, 20],
        [2, 100],
      ],
    ],
    [
      'moments',
      'timestamp,temp\n2026-09-05T09:00:00Z,20\n2026-09-05T09:30:00Z,99\n',
      [
        [0, 20],
        [30, 99],
      ],
    ],
    [
      'a probe that was out for a while',
      'minute,temp\n0,20\n1,\n2,40\n',
      [
        [0, 20],
        [2, 40],
      ],
    ],
  ] as const)('are read by %s', (_, text, wanted) => {
    const read = readProbeCsv(text);
    if (!read.ok) throw new Error(textOf(read.faults[0]?.text ?? ''));
    expect(read.readings.map(({ minute, value }) => [minute, Number(value.toFixed(3))])).toEqual(
      wanted,
    );
  });

  test.each([
    ['', 1],
    ['minute,temp', 1],
    ['a,b\n1,2\n', 1],
    ['minute,temp\n0,20\n1,hot\n2,9000\n', 3],
    ['minute,temp\n0,20\n-4,30\n', 3],
    ['minute,temp\n0,20\n2000,30\n', 3],
  ])('are refused whole as %j, from line %d on', (text, line) => {
    const read = readProbeCsv(text);
    expect(read.ok).toBe(false);
    expect(!read.ok && read.faults[0]?.line).toBe(line);
  });

  test('come back as they went', () => {
    const readings = [
      { minute: 0, kind: 'temperature', value: 20.25 },
      { minute: 1.5, kind: 'temperature', value: 99.5 },
    ] as const;
    expect(readProbeCsv(toProbeCsv(readings))).toEqual({ ok: true, readings });
  });
});

const ROW: BookCsvRow = {
  name: 'Hedge bramble',
  date: '2026-09-05',
  fruit: 'blackberry',
  product: 'jam',
  method: 'long-boil',
  cook: null,
  lines: ['2 kg blackberries', '1.4 kg sugar'],
  plannedJars: 8,
  jars: 7,
  volumeMl: 1610,
  finalMassG: null,
  plannedMinutes: 34,
  minutes: null,
  plannedStopC: 101.2,
  stopC: 101,
  plannedSet: 'soft',
  set: null,
  taste: 4,
  colour: null,
  clarity: null,
  again: true,
  costMinor: 420,
  notes: '=cmd()|"x"',
  id: '6f1c2a3b-4d5e-4f60-8a7b-9c0d1e2f3a4b',
};

test('the Book as a table has a line a cook, and no cell that is a formula', () => {
  const [head, first] = toBookCsv([ROW]).split('\r\n');
  expect(head?.split(',').length).toBe(24);
  expect(first).toContain('"2 kg blackberries\n1.4 kg sugar"');
  expect(first).toContain(`"'=cmd()|""x"""`);
});

describe('a table of cooks', () => {
  const faultsOf = (text: string) => {
    const read = readBookCsv(text);
    return read.ok ? [] : read.faults.map(({ line, text: told }) => [line, textOf(told)]);
  };

  test('is read as it is written', () => {
    const { fruit, cook, plannedJars, plannedMinutes, plannedStopC, plannedSet, ...told } = ROW;
    expect(readBookCsv(toBookCsv([ROW, ROW]))).toEqual({
      ok: true,
      cooks: [2, 3].map((line) => ({ ...told, line })),
    });
  });

  test('needs three columns, in any order and of any writing', () => {
    const read = readBookCsv('\ufeffName;Lines;DATE\nPlum;"2 kg plums; 1 kg sugar";2024-08-01\n\n');
    expect(read).toMatchObject({
      ok: true,
      cooks: [
        { name: 'Plum', lines: ['2 kg plums', '1 kg sugar'], date: '2024-08-01', jars: null },
      ],
    });
  });

  test.each([
    ['no table at all', 'hello', [[1, expect.stringContaining('date, name, lines')]]],
    ['no cook', 'date,name,lines\n', [[1, expect.stringContaining('no cook')]]],
    [
      'a day that is none, a name that is missing',
      'date,name,lines\n2024-02-31,Plum,2 kg plums\n2024-01-01,,2 kg plums',
      [
        [2, expect.stringContaining('date')],
        [3, expect.stringContaining('name')],
      ],
    ],
    [
      'figures and words out of their bounds',
      'date,name,lines,minutes,set,taste,again,id\n2024-01-01,Plum,plums,-3,wobbly,6,perhaps,7',
      ['minutes', 'set', 'taste', 'again', 'id'].map((column) => [
        2,
        expect.stringMatching(new RegExp(`${column}\\.$`)) as string,
      ]),
    ],
  ])('with %s is refused line by line', (_, text, faults) => {
    const told = faultsOf(text);
    expect(told).toHaveLength(faults.length);
    expect(told).toEqual(expect.arrayContaining(faults));
  });
});

describe('what changed between two versions', () => {
  test('is told ingredient by ingredient', () => {
    expect(
      versionChanges(
        ['2 kg damsons', '1.6 kg sugar', '1 cup water'],
        ['2 kg damsons', '1.5 kg sugar', '2 tbsp brandy'],
      ),
    ).toEqual([
      { kind: 'less', name: 'white sugar', massG: expect.closeTo(100, 0) as number },
      { kind: 'came', line: '2 tbsp brandy' },
      { kind: 'gone', line: '1 cup water' },
    ]);
  });

  test('is nothing where the same is written otherwise, or in two lines', () => {
    expect(versionChanges(['1000 g sugar'], ['1 kg sugar'])).toEqual([]);
    expect(versionChanges(['1 kg sugar'], ['600 g sugar', '400 g sugar'])).toEqual([]);
    expect(versionChanges(['zorp'], ['zorp'])).toEqual([]);
    expect(versionChanges([], [])).toEqual([]);
  });

  test('of what is not understood is the line itself', () => {
    expect(versionChanges(['a bit of zorp'], ['more zorp'])).toEqual([
      { kind: 'came', line: 'more zorp' },
      { kind: 'gone', line: 'a bit of zorp' },
    ]);
  });
});

describe('a box of old recipes', () => {
  const box = (text: string) => readRecipeBox(text).map(({ name, lines }) => [name, lines]);

  test.each([
    [
      'one after the other',
      'Damson jam\n2 kg damsons\n1.4 kg sugar\n\nQuince jelly\n3 lb quinces\n2 lb sugar\n',
    ],
    [
      'with blank lines under the titles',
      'Damson jam\n\n2 kg damsons\n1.4 kg sugar\n\nQuince jelly\n\n3 lb quinces\n2 lb sugar',
    ],
    [
      'with headings, steps and Windows line ends',
      'Damson jam\r\n\r\nIngredients\r\n2 kg damsons\r\n1.4 kg sugar\r\n\r\nMethod\r\n\r\nBoil until it sets. Fill hot jars.\r\n\r\nQuince jelly\r\n3 lb quinces\r\n2 lb sugar\r\n',
    ],
  ])('is read %s', (_, text) => {
    expect(box(text)).toEqual([
      ['Damson jam', ['2 kg damsons', '1.4 kg sugar']],
      ['Quince jelly', ['3 lb quinces', '2 lb sugar']],
    ]);
  });

  test('keeps what is no ingredient as a note, and asks for a title that is not there', () => {
    const [one, two] = readRecipeBox(
      'Damson jam\n2 kg damsons\n1.4 kg sugar\n\nBoil hard for ten minutes. Stir.\n\n1 kg plums\n800 g sugar',
    );
    expect(one?.note).toBe('Boil hard for ten minutes. Stir.');
    expect(two).toMatchObject({ name: '', lines: ['1 kg plums', '800 g sugar'] });
  });

  test('of nothing is nothing', () => {
    expect(readRecipeBox('')).toEqual([]);
    expect(readRecipeBox('\n\n\n')).toEqual([]);
    expect(readRecipeBox('Only a title')).toEqual([]);
    expect(readRecipeBox('Dear aunt,\n\nthank you for the jam.')).toEqual([]);
  });

  test('of twelve is twelve', () => {
    const text = Array.from(
      { length: 12 },
      (_, i) => `Recipe of ${i + 1}\n${i + 1} kg plums\n${i + 1} kg sugar\n`,
    ).join('\n');
    expect(readRecipeBox(text)).toHaveLength(12);
  });
});
