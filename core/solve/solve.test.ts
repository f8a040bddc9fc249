import { inWords } from '@idle-kettle/words';
import type { SetClass } from '../gel/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { request } from '../test/planned.ts';
import { bisect } from './bisect.ts';
import { type Solved, solveFor } from './solveFor.ts';
import type { Wishes } from './wishes.ts';

const DAMSONS = ['2 kg crushed damsons', '1.4 kg sugar', '1 cup water'];
const WITH_BOX = ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'];
const HALF_PINT = 237;

function solved(
  change: Partial<PlanRequest>,
  wishes: Wishes,
): Extract<Solved, { outcome: 'solved' }> {
  const found = inWords(solveFor(request(change), wishes));
  if (found.outcome !== 'solved') throw new Error(JSON.stringify(found));
  return found;
}

const massOfLine = (found: ReturnType<typeof solved>, ingredient: string): number =>
  found.plan.lines.find((line) => line.ingredient === ingredient)?.massG ?? 0;

describe('a batch solved for', () => {
  test.each([12, 3, 40])('%d half-pints is as many full jars', (count) => {
    const found = solved({ lines: DAMSONS }, { jars: { count, volumeMl: HALF_PINT } });
    expect(found.plan.yield?.fullJars.p50).toBe(count);
    expect(found.plan.yield?.partMl).toBeLessThan(0.03 * count * HALF_PINT + 3);
    // Fruit and sugar keep their proportion.
    expect(massOfLine(found, 'damson') / massOfLine(found, 'sugar')).toBeCloseTo(2 / 1.4, 1);
  });

  test('all of this fruit', () => {
    const found = solved({ lines: DAMSONS }, { fruitG: 3300 });
    expect(massOfLine(found, 'damson')).toBeCloseTo(3300, -1);
    expect(massOfLine(found, 'sugar')).toBeCloseTo(2310, -1);
    expect(found.request.lines[0]).toBe('3.3 kg crushed damsons');
  });

  test('this much sugar', () => {
    const found = solved({ lines: DAMSONS }, { sugarG: 1000 });
    expect(massOfLine(found, 'sugar')).toBeCloseTo(1000, -1);
    expect(massOfLine(found, 'damson')).toBeCloseTo(1429, -1);
  });

  test('all of this fruit and this many jars: the sugar gives', () => {
    const found = solved(
      { lines: DAMSONS },
      { fruitG: 2000, jars: { count: 10, volumeMl: HALF_PINT } },
    );
    expect(massOfLine(found, 'damson')).toBeCloseTo(2000, -1);
    expect(found.plan.yield?.fullJars.p50).toBe(10);
    expect(massOfLine(found, 'sugar')).toBeGreaterThan(1500);
  });

  test('this sweet: by the stop where it is boiled down, by the sugar where the clock decides', () => {
    const boiled = solved({ lines: DAMSONS }, { sugarsPer100g: 55 });
    expect(boiled.plan.finish?.sugarsPer100g).toBeCloseTo(55, 0);
    expect(massOfLine(boiled, 'sugar')).toBeCloseTo(1400, -1);
    const timed = solved({ lines: WITH_BOX }, { sugarsPer100g: 50 });
    expect(timed.plan.finish?.sugarsPer100g).toBeCloseTo(50, 0);
    expect(massOfLine(timed, 'sugar')).toBeLessThan(1200);
    expect(massOfLine(timed, 'strawberry')).toBeCloseTo(1150, -1);
  });

  test.each<[SetClass, string[]]>([
    ['soft', ['1 kg strawberries', '1 kg sugar', '60 mL lemon juice']],
    ['firm', ['1 kg strawberries', '1 kg sugar', '60 mL lemon juice']],
    [
      'firm',
      [
        '4 cups crushed peaches',
        '1 cup sugar',
        '1 tsp low-methoxyl pectin',
        '2 tsp calcium water',
        '¼ cup lemon juice',
      ],
    ],
  ])('this firm: %s', (firmness, lines) => {
    expect(solved({ lines }, { firmness }).plan.set?.forecast).toBe(firmness);
  });

  test('this firm, for a butter: reduced as far', () => {
    const found = solved(
      { product: 'butter', lines: ['2 kg chopped apples', '300 g sugar'] },
      { firmness: 'firm' },
    );
    expect(found.plan.set?.forecast).toBe('firm');
    expect(found.request.targetSolublesPct).toBeGreaterThan(43);
  });

  test('this pot: a third full', () => {
    const pot = { diameterCm: 24, heightCm: 14 };
    const found = solved({ lines: DAMSONS, pot }, { fitsPot: true });
    expect(found.plan.pot?.boilOver?.fullShare).toBeCloseTo(1 / 3, 2);
  });

  test('wishes together', () => {
    const found = solved(
      { lines: WITH_BOX },
      { jars: { count: 6, volumeMl: HALF_PINT }, sugarsPer100g: 58, firmness: 'firm' },
    );
    expect(found.plan.yield?.fullJars.p50).toBe(6);
    expect(found.plan.set?.forecast).toBe('firm');
    expect(found.plan.finish?.sugarsPer100g).toBeCloseTo(58, -0.5);
  });
});

describe('wishes that collide are named', () => {
  const pot = { diameterCm: 20, heightCm: 12 };
  test.each<[string, Partial<PlanRequest>, Wishes, readonly [string, string]]>([
    [
      'more jars than the pot takes',
      { lines: DAMSONS, pot },
      { jars: { count: 12, volumeMl: HALF_PINT }, fitsPot: true },
      ['jars', 'pot'],
    ],
    [
      'more fruit than the pot takes',
      { lines: DAMSONS, pot },
      { fruitG: 4000, fitsPot: true },
      ['fruit', 'pot'],
    ],
    [
      'fruit that makes more than the jars hold',
      { lines: DAMSONS },
      { fruitG: 9000, jars: { count: 2, volumeMl: HALF_PINT } },
      ['jars', 'fruit'],
    ],
    [
      'fruit and sugar that make another number of jars',
      { lines: DAMSONS },
      { fruitG: 2000, sugarG: 1400, jars: { count: 20, volumeMl: HALF_PINT } },
      ['jars', 'sugar'],
    ],
    [
      'a sugar that is not that sweet',
      { lines: WITH_BOX },
      { fruitG: 1150, sugarG: 1400, sugarsPer100g: 30 },
      ['sugar', 'sweetness'],
    ],
    [
      'a sweetness beyond the method',
      { lines: DAMSONS },
      { sugarsPer100g: 90 },
      ['sweetness', 'recipe'],
    ],
    [
      'a firm set with regular pectin and little sugar',
      { lines: WITH_BOX },
      { firmness: 'firm', sugarsPer100g: 25 },
      ['firmness', 'sweetness'],
    ],
    [
      'a looser set than the fruit’s own',
      { lines: ['1 kg gooseberries', '1 kg sugar'] },
      { firmness: 'pours' },
      ['firmness', 'recipe'],
    ],
    ['a pot that nobody named', { lines: DAMSONS }, { fitsPot: true }, ['pot', 'recipe']],
    [
      'fruit of a recipe without',
      { lines: ['1 kg sugar', '1 kg water', '20 mL lemon juice'] },
      { fruitG: 100 },
      ['fruit', 'recipe'],
    ],
    ['sugar of a recipe without', { lines: ['1 kg plums'] }, { sugarG: 100 }, ['sugar', 'recipe']],
  ])('%s', (_, change, wishes, between) => {
    const found = solveFor(request({ ...change, draws: 200 }), wishes);
    expect(found).toMatchObject({ outcome: 'collides', collision: { between } });
    expect(found.outcome === 'collides' && found.collision.message).not.toBe('');
  });
});

describe('refusals', () => {
  test('lines that are not understood, or impossible', () => {
    const unsure = solveFor(request({ lines: [...DAMSONS, '3 blobs of zorp'] }), { fruitG: 1000 });
    expect(unsure).toMatchObject({ outcome: 'refused', faults: [{ field: 'lines' }] });
    const absurd = solveFor(request({ lines: ['-1 kg sugar'] }), { fruitG: 1000 });
    expect(absurd).toMatchObject({ outcome: 'refused', faults: [{ field: 'lines[0]' }] });
  });
});

test('halving finds where a rising function reaches its target, or the end nearest to it', () => {
  expect(bisect((x) => x * x, 2, 0, 10)).toBeCloseTo(Math.SQRT2, 5);
  expect(bisect((x) => x, 20, 0, 10)).toBeCloseTo(10, 5);
  expect(bisect((x) => x, -5, 0, 10)).toBeCloseTo(0, 5);
  expect(bisect((x) => (x < 3 || x > 9 ? NaN : x), 4, 0, 10)).toBeCloseTo(4, 5);
});
