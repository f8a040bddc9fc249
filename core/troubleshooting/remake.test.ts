import { textOf } from '@idle-kettle/words';
import { readLine } from '../parser/index.ts';
import { readingKitchen, USUAL_REQUEST, type PlanRequest } from '../evaluate/index.ts';
import { request } from '../test/planned.ts';
import {
  publishedFor,
  QUART_ML,
  remakeOf,
  type Facts,
  type Remake,
  type RemakeWay,
} from './index.ts';

const remade = (
  formula: Partial<PlanRequest>,
  problem: 'loose' | 'stiff',
  facts: Facts = {},
  volumeMl = 1900,
): Remake => {
  const outcome = remakeOf({
    formula: request({ draws: 0, ...formula }),
    volumeMl,
    problem,
    facts,
  });
  if (!outcome.ok) throw new Error(textOf(outcome.faults[0]?.message ?? ''));
  return outcome.remake;
};
const KITCHEN = readingKitchen({ ...USUAL_REQUEST, lines: [] });
const DAMSON = { lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

/** Extension practice for a quart of soft spread, by memory. */
describe('printed amounts', () => {
  test.each<[RemakeWay, readonly string[], number | null]>([
    [
      'powder',
      ['¼ cup sugar', '½ cup water', '2 tbsp bottled lemon juice', '4 tsp powdered pectin'],
      0.5,
    ],
    ['liquid', ['¾ cup sugar', '2 tbsp bottled lemon juice', '2 tbsp liquid pectin'], 1],
    ['none', ['2 tbsp bottled lemon juice'], null],
  ])('for a quart with %s', (way, lines, minutes) => {
    expect(publishedFor(way, QUART_ML)).toEqual({ way, lines, boil: { minutes } });
  });

  test('go by how much there is, and can be read as lines', () => {
    for (const volumeMl of [237, 710, 1900, 5000])
      for (const line of publishedFor('powder', volumeMl).lines)
        expect(readLine(line, KITCHEN).understood).toBe(true);
    const grams = publishedFor('liquid', 2 * QUART_ML).lines.map((line) => {
      const read = readLine(line, KITCHEN);
      return read.understood ? read.massG.typical : NaN;
    });
    // GNU units: a cup of sugar is 200 g.
    expect(grams[0]).toBeCloseTo(1.5 * 200, 0);
    expect(grams[1]).toBeGreaterThan(55);
  });
});

describe('a batch made again', () => {
  const METHODS_TRIED: readonly (readonly [string, Partial<PlanRequest>, Facts, Facts])[] = [
    ['boiled long', DAMSON, { solublesPct: 58 }, { solublesPct: 74 }],
    [
      'boiled long, of poor fruit',
      { lines: ['2 kg crushed strawberries', '1.6 kg sugar'] },
      {},
      { solublesPct: 75 },
    ],
    [
      'a jelly',
      { product: 'jelly', lines: ['1 L apple juice', '750 g sugar', '30 mL bottled lemon juice'] },
      { solublesPct: 60 },
      { solublesPct: 73 },
    ],
    [
      'with powdered pectin',
      {
        method: 'powdered-pectin',
        lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
      },
      {},
      {},
    ],
    [
      'with liquid pectin',
      {
        method: 'liquid-pectin',
        lines: [
          '4 cups crushed strawberries',
          '7 cups sugar',
          '60 mL bottled lemon juice',
          '1 pouch liquid pectin',
        ],
      },
      {},
      {},
    ],
    [
      'with calcium',
      {
        method: 'low-methoxyl',
        lines: [
          '1 kg crushed strawberries',
          '400 g sugar',
          '2 tsp low-methoxyl pectin',
          '2 tsp calcium water',
        ],
      },
      {},
      {},
    ],
    [
      'a butter',
      { product: 'butter', lines: ['3 kg apples', '500 g sugar'] },
      { solublesPct: 25 },
      {},
    ],
    [
      'a marmalade',
      { product: 'marmalade', lines: ['1 kg seville oranges', '2 kg sugar', '2 L water'] },
      { stopTempC: 102, waterBoilsC: 100 },
      { solublesPct: 74 },
    ],
    [
      'with half its sugar',
      { lines: ['2 kg crushed damsons', '1.4 kg sugar'] },
      { sugarShare: 0.6 },
      { solublesPct: 72 },
    ],
  ];

  test.each(METHODS_TRIED)(
    '%s sets softly or firmly in four of five',
    (_, formula, loose, stiff) => {
      for (const [problem, facts] of [
        ['loose', loose],
        ['stiff', stiff],
      ] as const) {
        const { computed, refused, heatings } = remade(formula, problem, facts);
        expect([problem, refused]).toEqual([problem, null]);
        expect([problem, (computed?.forecast.odds ?? 0) >= 0.8, computed]).toEqual([
          problem,
          true,
          computed,
        ]);
        expect(heatings).toBeGreaterThanOrEqual(1);
      }
    },
  );

  test('is tried with a cup first, in the same proportions', () => {
    const { computed, trial } = remade(DAMSON, 'stiff', { solublesPct: 74 }, 4 * 236.588);
    const gramsOf = (line = '') => Number(line.split(' ')[0]);
    expect(trial?.lines).toHaveLength(computed?.lines.length ?? 0);
    expect(4 * gramsOf(trial?.lines[0])).toBeCloseTo(gramsOf(computed?.lines[0]), -1);
    expect(trial?.test).toBe('plate-test');
  });

  test('is processed as long as the first time', () => {
    const { processMin } = remade({ ...DAMSON, altitudeM: 1600 }, 'loose', { solublesPct: 58 });
    const first = remade({ ...DAMSON, altitudeM: 0 }, 'loose', { solublesPct: 58 });
    expect(processMin).toBeGreaterThan(first.processMin ?? Infinity);
  });

  test('that stopped short is boiled on with nothing in it', () => {
    const { computed } = remade(DAMSON, 'loose', { solublesPct: 58 });
    expect(computed).toMatchObject({ way: 'none', lines: [], boil: { minutes: null } });
  });

  test.each<[string, Partial<PlanRequest>, Facts, Remake['refused']]>([
    [
      'a curd',
      {
        product: 'curd',
        lines: ['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'],
      },
      {},
      'egg',
    ],
    [
      'melon that stood in the pantry',
      { lines: ['2 kg chopped melon', '1.4 kg sugar'] },
      { processedMin: 10, monthsOld: 1 },
      'not-for-the-pantry',
    ],
    [
      'jars that were never processed, after months',
      DAMSON,
      { processedMin: 0, monthsOld: 3 },
      'open-kettle',
    ],
  ])('is not offered for %s', (_, formula, facts, refused) => {
    expect(remade(formula, 'loose', facts)).toMatchObject({
      refused,
      published: null,
      computed: null,
      trial: null,
    });
  });
});
