import { codes, planned, settles } from '../test/planned.ts';
import { type PlanRequest } from '../evaluate/index.ts';
import { holdsItsClass } from '../test/holdsItsClass.ts';
import { replanned } from '../test/replanned.ts';

/**
 * How known spreads set (common practice): what the pectin model is calibrated on. Fruit of the
 * gooseberry kind holds 1 % pectin; ripe strawberries are short of both pectin and acid.
 */
describe('sets that every preserver knows', () => {
  const BERRIES_AND_BOX = [
    '1.4 kg crushed strawberries',
    '1 box powdered pectin',
    '¼ cup lemon juice',
  ];

  test.each<[string, Partial<PlanRequest>, readonly string[]]>([
    [
      'gooseberries and sugar, weight for weight',
      { lines: ['1 kg gooseberries', '1 kg sugar', '150 g water'] },
      ['firm'],
    ],
    [
      'ripe strawberries and sugar, weight for weight',
      { lines: ['1 kg strawberries', '1 kg sugar'] },
      ['pours', 'loose'],
    ],
    [
      'strawberries with a box of powder, lemon and 54 % solids',
      { lines: [...BERRIES_AND_BOX, '7 cups sugar'] },
      ['soft', 'firm'],
    ],
    [
      'five cups of them with the same box and sugar, about 60 % solids',
      { lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'] },
      ['soft', 'firm'],
    ],
    [
      'the same box with half the sugar',
      { lines: [...BERRIES_AND_BOX, '3½ cups sugar'] },
      ['pours'],
    ],
    [
      'chopped sweet peppers with ¾ cup vinegar and no pectin',
      {
        product: 'pepper-jelly',
        lines: ['2 cups chopped sweet peppers', '¾ cup vinegar', '1½ cups sugar'],
      },
      ['pours', 'loose'],
    ],
    [
      'bitter oranges with twice their weight in sugar',
      {
        product: 'marmalade',
        lines: ['1 kg Seville oranges', '2 kg sugar', '2 litres water', '2 lemons, juiced'],
      },
      ['soft', 'firm'],
    ],
  ])('%s', (_, change, expected) => {
    const { set } = planned(change);
    expect(expected).toContain(set?.forecast);
  });

  test('pears, which lack acid, are told so, and lemon juice helps', () => {
    const pears = planned({ lines: ['1 kg chopped pears', '800 g sugar'] });
    const sharp = planned({ lines: ['1 kg chopped pears', '800 g sugar', '80 mL lemon juice'] });
    expect(pears.set?.short).toBe('acid');
    expect(settles(sharp)).toBeGreaterThan(settles(pears) + 0.1);
  });

  test.each([
    ['Nothing', ['2 kg crushed damsons', '1.4 kg sugar']],
    ['Nothing', ['1 kg gooseberries', '1 kg sugar', '150 g water']],
    ['Nothing', ['1.5 kg plums', '1 kg sugar', '2 tbsp brandy']],
    ['Nothing', ['9 cups crushed raspberries', '6 cups sugar']],
    ['Pectin', ['1 kg rhubarb', '1 kg sugar']],
    ['Pectin', ['4 cups grape juice', '3 cups sugar']],
    ['Acid', ['1 kg chopped pears', '800 g sugar']],
    ['Acid', ['1 kg ripe peaches', '1 kg sugar']],
  ])('%s is short in %j, and the figures beside it say so', (side, lines) => {
    const text = planned({ lines }).set?.text ?? '';
    expect(text).toContain(
      side === 'Nothing' ? 'Enough pectin' : `Not enough ${side.toLowerCase()}`,
    );
    const figure = (of: RegExp) => Number(of.exec(text)?.[1]);
    const wanted = figure(/needs ([\d.]+) %/);
    const held = figure(/(?:there is|set\.) ([\d.]+) %/);
    // What is held is less than what is wanted exactly when something is short.
    if (side === 'Nothing') expect(held).toBeGreaterThanOrEqual(wanted);
    else expect(held).toBeLessThan(wanted);
  });

  test('low-methoxyl pectin sets whatever the sugar, and wants its calcium', () => {
    const jam = (...more: string[]) =>
      planned({
        lines: [
          '4 cups crushed strawberries',
          '2½ tsp low-methoxyl pectin',
          '¼ cup lemon juice',
          ...more,
        ],
      });
    const calcium = '2½ tsp calcium water';
    for (const sugar of ['¼ cup sugar', '1 cup sugar', '2 cups sugar']) {
      expect(['soft', 'firm']).toContain(jam(sugar, calcium).set?.forecast);
    }
    const water = planned({
      lines: [
        '4 cups mint infusion',
        '2½ tsp low-methoxyl pectin',
        '1 cup sugar',
        '¼ cup lemon juice',
      ],
    });
    expect(water.method).toBe('low-methoxyl');
    expect(water.set?.short).toBe('calcium');
  });

  test('a curd is as thick as its eggs, a butter as its solids', () => {
    const curd = (yolks: number) =>
      planned({
        product: 'curd',
        lines: ['1 cup bottled lemon juice', `${yolks} egg yolks`, '2 cups sugar', '¾ cup butter'],
      }).set;
    expect(curd(2)?.short).toBe('egg');
    // Butter thickens too, so that five times the yolks are not five times as thick.
    expect(curd(10)?.ratio.p50).toBeGreaterThan(2 * (curd(2)?.ratio.p50 ?? NaN));
    const butter = (solublesPct: number) =>
      planned({
        product: 'butter',
        lines: ['2 kg chopped apples'],
        targetSolublesPct: solublesPct,
      }).set;
    expect(butter(20)?.short).toBe('fruit');
    expect(butter(45)?.short).toBe('none');
  });
});

describe('half the sugar in a jam with regular powder', () => {
  const change = {
    lines: [
      '1.4 kg crushed strawberries',
      '1 box powdered pectin',
      '¼ cup lemon juice',
      '3½ cups sugar',
    ],
  };

  test('pours, for want of sugar, and the low-methoxyl method mends it; so much more sugar is another formula', () => {
    const { set, method } = planned(change);
    expect(method).toBe('powdered-pectin');
    expect(set).toMatchObject({ forecast: 'pours', short: 'sugar' });
    const remedies = set?.remedies ?? [];
    const sugar = remedies.find(({ change: { add } }) => add?.[0]?.endsWith('g sugar'));
    const calcium = remedies.find(({ change: { method: other } }) => other === 'low-methoxyl');
    expect(sugar).toBeUndefined();
    expect(calcium).toBeDefined();
    for (const remedy of remedies) {
      const mended = replanned(change, remedy.change);
      expect(['soft', 'firm', 'slices']).toContain(mended.set?.forecast);
      holdsItsClass(mended.set, remedy);
      expect(mended.set?.short).toBe('none');
    }
  });
});

test('a burner that cannot do it is told, and no minutes are made up', () => {
  const found = planned({ lines: ['200 kg plums', '150 kg sugar'], netPowerKw: 0.6 });
  expect(codes(found)).toContain('burner-too-small');
  expect(found.minutes).toBeUndefined();
  expect(found.set).toBeUndefined();
  expect(found.yield?.volumeMl.p50).toBeGreaterThan(150_000);
});

describe('fruit that is boiled down with hardly any sugar', () => {
  test.each([
    ['none', ['1 kg crushed damsons'], 'no-sugar', 'jam'],
    ['a tenth', ['1 kg crushed damsons', '70 g sugar'], 'target-unreachable', 'jam'],
    ['none, as a jelly', ['1 L apple juice'], 'no-sugar', 'jelly'],
  ] as const)('has no set foretold, and says why: %s', (_, lines, code, product) => {
    const plan = planned({ lines: [...lines], product });
    expect(plan.set).toBeUndefined();
    expect(codes(plan)).toContain(code);
  });

  /** A fruit cheese, half sugar by the pulp, is the thickest that is made: common practice. */
  test.each([
    ['2 kg crushed damsons', '1 kg sugar'],
    ['1 kg crushed damsons', '350 g sugar'],
  ])('but a paste of %s and %s has one', (...lines) => {
    expect(planned({ lines }).set).toBeDefined();
  });
});

describe('honey and syrups in place of sugar', () => {
  const BOX = ['5½ cups crushed strawberries', '1 box powdered pectin'];
  const caution = (...lines: string[]) =>
    planned({ lines }).cautions.find(({ code }) => code === 'other-sweetener');

  /** Honey for a quarter to a half of the sugar, syrup for a quarter: common practice. */
  test.each([
    ['7 cups honey', ['3½ cups honey', '4¾ cups sugar']],
    ['2.3 kg honey', null],
    ['4 cups maple syrup', null],
  ])('%s is too much, and what puts it right is offered', (line, add) => {
    const { offer } = caution(...BOX, line) ?? {};
    expect(offer?.change.drop).toEqual([2]);
    if (add !== null) expect(offer?.change.add).toEqual(add);
    // Taken, nothing is left to say of it.
    expect(caution(...BOX, ...(offer?.change.add ?? []))).toBeUndefined();
  });

  test.each([[['3 cups honey', '4 cups sugar']], [['½ cup corn syrup', '6 cups sugar']]])(
    '%s are well',
    (lines) => expect(caution(...BOX, ...lines)).toBeUndefined(),
  );
});
