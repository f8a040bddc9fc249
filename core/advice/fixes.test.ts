import { codes, planned } from '../test/planned.ts';
import { readLine } from '../parser/index.ts';
import { type PlanRequest } from '../evaluate/index.ts';
import { leastSteps } from './leastSteps.ts';
import { replanned } from '../test/replanned.ts';
import { holdsItsClass } from '../test/holdsItsClass.ts';

describe('remedies', () => {
  test.each<[string, Partial<PlanRequest>]>([
    ['acid', { lines: ['1 kg chopped pears', '800 g sugar'] }],
    ['pectin', { lines: ['1 kg rhubarb', '1 kg sugar'] }],
    ['acid', { lines: ['1 kg ripe peaches', '1 kg sugar'] }],
    ['sugar', { lines: ['6½ cups crushed strawberries', '5 cups sugar', '1 box powdered pectin'] }],
    [
      'pectin',
      {
        lines: [
          '1 kg crushed peaches',
          '200 g sugar',
          '1 tsp low-methoxyl pectin',
          '60 mL lemon juice',
          '1 tbsp calcium water',
        ],
      },
    ],
    [
      'calcium',
      {
        lines: [
          '4 cups mint infusion',
          '2½ tsp low-methoxyl pectin',
          '1 cup sugar',
          '¼ cup lemon juice',
        ],
      },
    ],
    [
      'egg',
      {
        product: 'curd',
        lines: ['1 cup bottled lemon juice', '3 egg yolks', '2 cups sugar', '¾ cup butter'],
      },
    ],
    ['fruit', { product: 'butter', lines: ['2 kg chopped apples'], targetSolublesPct: 20 }],
  ])('what is short of %s is offered what mends it, and it does', (short, change) => {
    const { set } = planned(change);
    expect(set?.short).toBe(short);
    expect(set?.remedies.length).toBeGreaterThan(0);
    for (const remedy of set?.remedies ?? []) {
      const mended = replanned(change, remedy.change);
      expect(['soft', 'firm', 'slices']).toContain(mended.set?.forecast);
      holdsItsClass(mended.set, remedy);
      expect(mended.set?.short).toBe('none');
    }
  });

  test('are the least that does: half of the powder is not enough', () => {
    const lines = ['1 kg sour cherries', '1 kg sugar'];
    const powder = planned({ lines }).set?.remedies.find(({ change }) =>
      change.add?.[0]?.endsWith('powdered pectin'),
    );
    const grams = Number.parseFloat(powder?.change.add?.[0] ?? '');
    const less = planned({
      lines: [...lines, `${0.5 * grams} g powdered pectin`],
      method: 'long-boil',
    });
    expect(less.set?.short).not.toBe('none');
    expect(less.set?.forecast).not.toBe(powder?.forecast);
  });

  test('are one thing where one does: powder alone for sour cherries, lemon beside it for pears', () => {
    const ways = (lines: readonly string[]) =>
      planned({ lines }).set?.remedies.map(({ change }) => change.add?.length) ?? [];
    expect(ways(['1 kg sour cherries', '1 kg sugar'])).not.toContain(2);
    expect(ways(['1 kg pears', '800 g sugar'])).toEqual([2]);
  });

  test('are told as they are measured: juice and powder in spoons, cups and boxes, grams with their comma', () => {
    const remedies = (lines: readonly string[]) => planned({ lines }).set?.remedies ?? [];
    const found = [
      ...remedies(['1 kg pears', '800 g sugar']),
      ...remedies(['5 kg strawberries', '5 kg sugar']),
      ...remedies(['8 kg rhubarb', '8 kg sugar']),
      ...remedies(['6½ cups crushed strawberries', '5 cups sugar', '1 box powdered pectin']),
    ];
    for (const { text, act } of found) expect(text.startsWith(act)).toBe(true);
    const acts = found.map(({ act }) => act);
    const juices = acts.flatMap((act) => [
      ...act.matchAll(/([\d.]+ m?L) \(([^)]+)\) bottled lemon juice/g),
    ]);
    const powders = acts.flatMap((act) => [...act.matchAll(/(\d+) g \(([^)]+)\) [a-z-]+ pectin/g)]);
    expect(juices.length).toBeGreaterThan(0);
    expect(powders.length).toBeGreaterThan(2);
    const massG = (line: string): number => {
      const read = readLine(line);
      return read.understood ? read.massG.typical : NaN;
    };
    const sum = (spoons: string, thing: string) =>
      spoons.split(' + ').reduce((all, part) => all + massG(`${part} ${thing}`), 0);
    for (const [, measured = '', spoons = ''] of juices)
      expect(Math.abs(sum(spoons, 'water') / massG(`${measured} water`) - 1)).toBeLessThan(0.04);
    for (const [, grams = '', spoons = ''] of powders)
      expect(Math.abs(sum(spoons, 'powdered pectin') - Number(grams))).toBeLessThan(3);
    expect(acts.join()).toMatch(/ 1,\d{3} g /);
    expect(acts.join()).not.toMatch(/\d{4} g/);
    expect(acts.join()).toMatch(/\(\d box(?:es)?\)/);
  });

  test('say what they do to taste and jars, and how sure they are', () => {
    for (const { effect, odds } of planned({ lines: ['1 kg rhubarb', '1 kg sugar'] }).set
      ?.remedies ?? []) {
      expect(effect).toMatch(
        /^Tastes .*, (?:as many jars|\d+ % (?:more|less) to fill jars with)\.$/,
      );
      expect(odds).toBeGreaterThanOrEqual(0.8);
      expect(odds).toBeLessThanOrEqual(1);
    }
  });

  test('are not offered to what sets, nor when only typical figures are asked for', () => {
    expect(planned({ lines: ['1 kg gooseberries', '1 kg sugar'] }).set?.remedies).toEqual([]);
    const weak = ['1 kg rhubarb', '1 kg sugar'];
    expect(planned({ lines: weak, draws: 0 }).set?.remedies).toEqual([]);
  });

  test('none is made up for melon, whose acid no spoonful mends', () => {
    const { set } = planned({ lines: ['2.27 kg diced melon', '1.13 kg sugar'] });
    expect(set).toMatchObject({ forecast: 'pours', short: 'acid', remedies: [] });
  });

  test('a search finds the least that is enough, or that none is', () => {
    for (const least of [1, 2, 7, 63, 64]) {
      expect(leastSteps(64, (n) => n >= least)).toBe(least);
    }
    expect(leastSteps(64, () => false)).toBeNull();
    expect(leastSteps(0, () => true)).toBeNull();
  });
});

describe('four times the batch in one pot', () => {
  const pot = { diameterCm: 28, heightCm: 16 };
  const of = (times: number) =>
    planned({ lines: [`${1.5 * times} kg plums`, `${1.2 * times} kg sugar`], pot });
  const [one, four] = [of(1), of(4)];

  test('takes longer, wears the pectin and sets worse', () => {
    expect(four.minutes?.p50).toBeGreaterThan(3 * (one.minutes?.p50 ?? NaN));
    expect(four.finish?.pectinPct).toBeLessThan(0.9 * (one.finish?.pectinPct ?? NaN));
    expect(four.set?.ratio.p50).toBeLessThan(0.9 * (one.set?.ratio.p50 ?? NaN));
    expect(four.finish?.invertPct).toBeGreaterThan(one.finish?.invertPct ?? NaN);
  });

  test('climbs out of the pot, and how many pots would hold it', () => {
    expect(one.pot?.boilOver?.risk).toBe('fine');
    expect(four.pot?.boilOver).toMatchObject({ risk: 'too full', pots: 3 });
    expect(four.pot?.boilOver?.foamShare).toBeGreaterThan(1);
  });

  test('and the plan warns of it', () => {
    expect(codes(four)).toEqual(expect.arrayContaining(['boil-over', 'long-boil-wears-pectin']));
    expect(codes(one)).not.toContain('long-boil-wears-pectin');
    expect(codes(one)).not.toContain('boil-over');
  });

  test('two boxes of powder in one pot are warned of too', () => {
    const boxes = (n: number) =>
      planned({
        lines: [`${n} boxes powdered pectin`, `${n} kg strawberries`, `${1.4 * n} kg sugar`],
      });
    expect(codes(boxes(2))).toContain('double-batch');
    expect(codes(boxes(1))).not.toContain('double-batch');
    const pots = (count: number) =>
      boxes(count).cautions.find(({ code }) => code === 'double-batch')?.pots;
    expect([pots(2), pots(3)]).toEqual([2, 3]);
  });
});
