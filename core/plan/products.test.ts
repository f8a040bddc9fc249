import { PRODUCT_IDS, PRODUCTS } from '../method/index.ts';
import { codes, planned } from '../test/planned.ts';
import type { PlanRequest } from '../evaluate/index.ts';

/** Whatever the altitude, the school or the canner. */
const EVERYWHERE: readonly Partial<PlanRequest>[] = [
  { altitudeM: 0 },
  { altitudeM: 1600, school: 'ten-minute' },
  { altitudeM: 2500, canner: 'steam' },
  { waterBoilsC: 97.5 },
];
const QUARTER_PINT = [{ name: 'quarter-pint', volumeMl: 118, count: null }];

describe('never for the pantry', () => {
  test.each<[string, Partial<PlanRequest>, string]>([
    [
      'pumpkin butter',
      {
        product: 'butter',
        lines: ['4 cups pumpkin puree', '2 cups sugar', '½ cup bottled lemon juice'],
      },
      'no safe home-canning process',
    ],
    [
      'passion-fruit curd',
      {
        product: 'curd',
        lines: [
          '1 cup passion fruit pulp',
          '4 eggs',
          '4 egg yolks',
          '1½ cups sugar',
          '½ cup butter',
        ],
      },
      'Only lemon or lime curd',
    ],
    [
      'chocolate plum butter',
      { product: 'butter', lines: ['2 kg plums', '500 g sugar', '100 g dark chocolate'] },
      'chocolate',
    ],
    [
      'melon jam',
      { lines: ['2.27 kg diced melon', '1.13 kg sugar', '1 cup bottled lemon juice'] },
      'low-acid',
    ],
    [
      'roasted pepper spread with too little vinegar',
      {
        product: 'pepper-jelly',
        lines: ['6 cups chopped roasted sweet peppers', '¼ cup vinegar', '2 cups sugar'],
      },
      'too little 5 % vinegar',
    ],
    [
      'the same as a jam',
      { lines: ['6 cups chopped roasted sweet peppers', '¼ cup vinegar', '2 cups sugar'] },
      'low-acid',
    ],
    [
      'curd of fresh lime juice',
      {
        product: 'curd',
        lines: ['1 cup lime juice', '4 eggs', '7 egg yolks', '2½ cups sugar', '¾ cup butter'],
      },
      'varies in strength',
    ],
    [
      'an infusion of flowers with hardly any acid',
      {
        product: 'infusion-jelly',
        lines: [
          '3 cups elderflower infusion',
          '3 cups sugar',
          '1 tbsp bottled lemon juice',
          '1 box powdered pectin',
        ],
      },
      'at least a sixteenth',
    ],
  ])('%s', (_, change, reason) => {
    for (const place of EVERYWHERE) {
      const { shelf, process, cautions } = planned({ ...change, ...place, draws: 200 });
      expect(shelf.verdict).not.toBe('pantry');
      expect(shelf.reasons.join(' ')).toContain(reason);
      expect(process).toMatchObject({ method: 'none', minutes: 0 });
      expect(cautions.map(({ code }) => code)).toContain('local-guidance');
    }
  });
});

describe('lime curd of bottled juice', () => {
  const lines = [
    '1 cup bottled lime juice',
    '4 eggs',
    '7 egg yolks',
    '2½ cups sugar',
    '¾ cup butter',
  ];

  test('in half-pints or smaller is for the pantry three to four months', () => {
    for (const jars of [undefined, QUARTER_PINT]) {
      const found = planned({ product: 'curd', lines, ...(jars ? { jars } : {}) });
      expect(found.shelf).toMatchObject({ verdict: 'pantry', months: 3 });
      expect(found.keeping.text).toContain('3 months');
      expect(found.process).toMatchObject({ minutes: 15, presterilise: false, headspaceMm: 12.7 });
      expect(found.process.notes.join(' ')).toContain('82 °C (180 °F)');
    }
  });

  test('in pints it is not', () => {
    const jars = [{ name: 'pint', volumeMl: 473, count: null }];
    expect(planned({ product: 'curd', lines, jars }).shelf.verdict).toBe('fridge');
  });

  test('is stopped at 77 °C, wherever the kitchen is, and never boiled', () => {
    for (const altitudeM of [0, 2500]) {
      const { stop, pot } = planned({ product: 'curd', lines, altitudeM });
      expect(stop).toMatchObject({ kind: 'egg', tempC: 77 });
      expect(stop.tempF).toBeCloseTo(170.6, 1);
      expect(pot?.stirEveryMin).toEqual({ start: 0, finish: 0 });
    }
  });
});

describe('each product and method', () => {
  test.each<[string, Partial<PlanRequest>, object]>([
    ['jam by long boil', {}, { method: 'long-boil', stop: { kind: 'temperature', boilMin: null } }],
    [
      'jam with powder',
      { lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'] },
      { method: 'powdered-pectin', stop: { kind: 'timed-boil', boilMin: 1 } },
    ],
    [
      'jelly with liquid pectin',
      { product: 'jelly', lines: ['4 cups grape juice', '7 cups sugar', '1 pouch liquid pectin'] },
      { method: 'liquid-pectin', stop: { kind: 'timed-boil', boilMin: 1 } },
    ],
    [
      'jam with low-methoxyl pectin',
      {
        lines: [
          '4 cups crushed peaches',
          '1 cup sugar',
          '2 tsp low-methoxyl pectin',
          '2 tsp calcium water',
        ],
      },
      { method: 'low-methoxyl', stop: { kind: 'timed-boil' } },
    ],
    [
      'fruit butter',
      { product: 'butter', lines: ['2 kg chopped apples', '300 g sugar'] },
      { method: 'reduce', stop: { kind: 'body' }, set: { forecast: 'soft', short: 'none' } },
    ],
    [
      'fruit butter without sugar',
      { product: 'butter', lines: ['2 kg chopped apples'] },
      { method: 'reduce', set: { forecast: 'soft', short: 'none' } },
    ],
    [
      'jellied sauce',
      { product: 'sauce', lines: ['4 cups cranberries', '2 cups sugar', '1 cup water'] },
      { method: 'long-boil', process: { minutes: 15 }, shelf: { verdict: 'pantry' } },
    ],
    [
      'conserve',
      { product: 'conserve', lines: ['1 kg plums', '200 g raisins', '800 g sugar', '1 orange'] },
      { method: 'long-boil', shelf: { verdict: 'pantry' } },
    ],
    [
      'pepper jelly with vinegar enough',
      {
        product: 'pepper-jelly',
        lines: [
          '2 cups chopped sweet peppers',
          '1½ cups vinegar',
          '6 cups sugar',
          '2 pouches liquid pectin',
        ],
      },
      { method: 'liquid-pectin', shelf: { verdict: 'pantry' } },
    ],
    [
      'mint jelly on apple juice',
      {
        product: 'infusion-jelly',
        lines: [
          '4 cups apple juice',
          '½ cup mint',
          '7 cups sugar',
          '¼ cup lemon juice',
          '2 pouches liquid pectin',
        ],
      },
      { method: 'liquid-pectin', shelf: { verdict: 'pantry' } },
    ],
  ])('%s', (_, change, expected) => {
    expect(planned(change)).toMatchObject(expected);
  });

  test('every product has a chain that goes through the stove and ends with a label', () => {
    for (const product of PRODUCT_IDS) {
      for (const method of PRODUCTS[product].methods) {
        const { acts } = planned({
          product,
          method,
          lines: ['1 kg plums', '1 kg sugar', '2 eggs', '1 cup lemon juice'],
          draws: 0,
        });
        expect(['label', 'shelf']).toContain(acts.at(-1)?.id);
        expect(acts.some(({ phase }) => phase === 'stove')).toBe(true);
      }
    }
  });

  test('a timed boil loses some water too', () => {
    const { finish } = planned({
      lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
    });
    expect(finish?.steamG).toBeGreaterThan(50);
    expect(finish?.steamG).toBeLessThan(400);
  });

  test('a slow cooker takes the night, and is told to stay hot', () => {
    const found = planned({
      product: 'butter',
      heat: 'slow-cooker-low',
      lines: ['2 kg chopped apples', '300 g sugar'],
    });
    expect(found.minutes?.p50).toBeGreaterThan(8 * 60);
    expect(codes(found)).toContain('keep-hot');
  });

  test('nothing climbs in a slow cooker, but it has to fit under the lid', () => {
    const inCrock = (kg: number) =>
      planned({
        product: 'butter',
        heat: 'slow-cooker-high',
        pot: { diameterCm: 25, heightCm: 14 },
        lines: [`${kg} kg chopped apples`, '300 g sugar'],
      });
    const small = inCrock(3);
    expect(small.pot).not.toHaveProperty('boilOver');
    expect(codes(small)).not.toEqual(expect.arrayContaining(['boil-over']));
    expect(codes(small)).not.toContain('overfull');
    expect(codes(inCrock(7))).toContain('overfull');
  });
});

describe('sweeteners', () => {
  const with_ = (sweetener: string) => planned({ lines: ['1 kg plums', sweetener] });

  test('honey and syrups sweeten, are said to differ, and stay for the pantry', () => {
    for (const sweetener of ['800 g honey', '800 g golden syrup', '800 g agave']) {
      const found = with_(sweetener);
      expect(codes(found)).toContain('sweetener');
      expect(found.shelf.verdict).toBe('pantry');
    }
  });

  test('a substitute does not set regular pectin, and only sucralose stands the canner', () => {
    const sucralose = with_('2 cups sucralose sweetener');
    expect(codes(sucralose)).toContain('no-gel-without-sugar');
    expect(sucralose.shelf.verdict).toBe('pantry');
    expect(with_('2 cups stevia').shelf.verdict).toBe('fridge');
  });
});

describe('what a label prints', () => {
  test('fruit and sugars per 100 g, and the definitions that are met', () => {
    const { label, finish } = planned({ lines: ['1 kg strawberries', '1 kg sugar'] });
    expect(label?.statement).toBe(
      `Prepared with ${finish?.fruitPer100g.toFixed(0)} g of fruit per 100 g. Total sugar content ${finish?.sugarsPer100g.toFixed(0)} g per 100 g.`,
    );
    // 55 parts of fruit to 55 of sugar, 65 % solids: more than the 47 that 21 CFR 150.160 asks of
    // group I.
    expect(label?.definitions[0]).toMatchObject({ source: '21 CFR 150.160', met: true });
  });

  test('a spoon is about 20 g and 50 kcal, as food tables have jam', () => {
    // USDA FoodData Central, jams and preserves: 20 g a tablespoon, 56 kcal, 9.7 g sugars; from
    // memory.
    const spoon = planned({ lines: ['1 kg strawberries', '1 kg sugar'] }).label?.spoon;
    expect(Math.abs((spoon?.spoonG ?? NaN) / 20 - 1)).toBeLessThan(0.08);
    expect(Math.abs((spoon?.energyKcal ?? NaN) / 56 - 1)).toBeLessThan(0.15);
  });
});
