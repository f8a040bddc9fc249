import { textOf } from '@idle-kettle/words';
import { beforeOf, codes, planned } from '../test/planned.ts';
import { costOf } from './cost.ts';
import { lidsShort } from './lidsShort.ts';
import { prepareOf, type Stock } from './prepareOf.ts';

describe('what a batch costs', () => {
  const plan = planned({
    lines: ['860 g prepared apples', '1.5 kg sugar', '1 cup water'],
    draws: 0,
  });

  test('counts the waste, and says what has no price', () => {
    // 860 g of prepared apple is 1 kg as bought at 86 % edible.
    expect(costOf(plan, { apple: 300 })).toEqual({
      totalMinor: 300,
      perJarMinor: Math.round(300 / (plan.yield?.fullJars.p50 ?? NaN)),
      unpriced: ['white sugar'],
    });
    expect(costOf(plan, { apple: 300, sugar: 120 })).toMatchObject({
      totalMinor: 480,
      unpriced: [],
    });
    expect(costOf(plan, {})).toBeNull();
  });
});

describe('preparation', () => {
  test('what the cupboard holds is not bought again', () => {
    const plan = planned({
      lines: ['1 kg plums', '2.4 kg sugar', '1 box powdered pectin'],
      draws: 0,
    });
    const listed = (stock: Stock) =>
      Object.fromEntries(
        prepareOf(plan, stock).shopping.map(({ ingredient, haveG, lackG, packs }) => [
          ingredient,
          [haveG, Math.round(lackG), packs && textOf(packs)],
        ]),
      );
    expect(listed({ sugar: 600, 'powdered-pectin': 98 })).toMatchObject({
      sugar: [600, 1800, '2 bags of 1 kg (1 bag of 4 lb)'],
      'powdered-pectin': [98, 0, undefined],
    });
    expect(listed({ sugar: 0 })).toMatchObject({
      sugar: [0, 2400, '3 bags of 1 kg (2 bags of 4 lb)'],
      'powdered-pectin': [undefined, 49, '1 box of 49 g'],
    });
  });

  test('shopping in packs, with what is thrown away', () => {
    const { shopping, prep } = prepareOf(
      planned({
        lines: ['5 lb apples, peeled and cored', '1.4 kg sugar', '1 box powdered pectin'],
        draws: 0,
      }),
    );
    const sugar = shopping.find(({ name }) => name === 'white sugar');
    expect(textOf(sugar?.packs ?? '')).toBe('2 bags of 1 kg (1 bag of 4 lb)');
    expect(textOf(shopping.find(({ name }) => name === 'powdered pectin')?.packs ?? '')).toBe(
      '1 box of 49 g',
    );
    expect(sugar?.written).toBeUndefined();
    expect(prep[0]?.boughtG).toBeCloseTo(2268, 0);
    expect((prep[0]?.wasteG ?? NaN) + (prep[0]?.preparedG ?? NaN)).toBeCloseTo(
      prep[0]?.boughtG ?? NaN,
      6,
    );
    expect(shopping.map(({ name }) => name)).not.toContain('water');
  });

  test('amounts as the cook wrote them, where that is not in grams', () => {
    const { shopping } = prepareOf(
      planned({
        lines: ['5 cups crushed strawberries', '4 cups sugar', '500 g sugar', '2 tbsp lemon juice', '1 lb plums', '1 cup plums'],
        draws: 0,
      }),
    ); // prettier-ignore
    const written = Object.fromEntries(shopping.map((item) => [item.name, item.written]));
    expect(written).toEqual({
      strawberry: '5 cups',
      'white sugar': undefined,
      'lemon juice': '2 tbsp',
      // A pound in the pot is more at the shop: a weight of what is bought stands alone.
      plum: undefined,
    });
  });

  test('five and a half pounds with their skins on are five and a half at the shop', () => {
    const { shopping, prep } = prepareOf(
      planned({ lines: ['5½ lb apples, skins on', '3 lb sugar'], draws: 0 }),
    );
    expect(shopping[0]).toMatchObject({ name: 'apple', written: '5½ lb' });
    expect(shopping[0]?.massG).toBeCloseTo(2494.8, 0);
    expect(prep).toEqual([]);
    const cored = prepareOf(planned({ lines: ['2 kg apples, peeled', '1 kg sugar'], draws: 0 }));
    expect(cored.shopping[0]?.massG).toBe(2000);
    expect(cored.prep[0]).toMatchObject({ boughtG: 2000, preparedG: 1720 });
  });

  test('eggs by the piece', () => {
    const { shopping } = prepareOf(
      planned({
        product: 'curd',
        lines: ['1 cup bottled lemon juice', '4 eggs', '7 egg yolks', '2 cups sugar'],
        draws: 0,
      }),
    );
    expect(shopping.map(({ name, packs }) => [name, packs])).toEqual(
      expect.arrayContaining([
        ['egg', '4'],
        ['egg yolk', '7'],
      ]),
    );
  });

  test('the sugar that carries the pectin comes out of the bowl', () => {
    const { ready } = prepareOf(
      planned({
        lines: ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'],
        draws: 0,
      }),
    );
    expect(textOf(ready.map(({ text }) => text))).toContain('1,350 g of the sugar');
  });

  test('a marmalade stands overnight; jars, plates and canner are made ready', () => {
    const plan = planned({
      product: 'marmalade',
      lines: ['1 kg Seville oranges', '2 kg sugar', '2 litres water'],
      draws: 200,
    });
    const { overnight, ready } = prepareOf(plan);
    expect(overnight[0]).toMatchObject({ id: 'soak', hands: 'none' });
    expect(ready.map(({ id }) => id)).toEqual(
      expect.arrayContaining(['ready-jars', 'ready-plate', 'ready-canner']),
    );
    expect(textOf(ready[0]?.text ?? '')).toContain(`${plan.yield?.jarsToHeat} jars`);
    expect(codes(plan)).toContain('local-guidance');
  });
});

describe('what comes first', () => {
  test('is bought as it comes, once, and done the day before', () => {
    const preparation = prepareOf(
      planned({
        product: 'jelly',
        before: beforeOf('extract', ['3½ lb quinces']),
        lines: ['3 cups quince juice', '3 cups sugar'],
      }),
    );
    const [quince, ...others] = preparation.shopping;
    expect(quince).toMatchObject({ id: 'buy-quince' });
    // Cores and skins go into the pan: nothing is thrown away first.
    expect(quince?.massG).toBeCloseTo(1588, -1);
    expect(others.map(({ id }) => id)).toEqual(['buy-sugar']);
    expect(preparation.prep).toEqual([]);
    expect(preparation.overnight[0]).toMatchObject({ id: 'extract', uses: [{ name: 'quince' }] });
  });

  test('or on the day, where it needs no night', () => {
    const { first } = prepareOf(
      planned({
        product: 'pepper-jelly',
        before: beforeOf('drain', ['6 cups chopped sweet peppers']),
        lines: ['2 cups vinegar', '6 cups sugar', '2 pouches liquid pectin'],
      }),
    );
    expect(first[0]).toMatchObject({ id: 'drain', uses: [{ name: 'sweet pepper' }] });
  });
});

describe('lids', () => {
  const short = (lids: number | null, more: Parameters<typeof planned>[0] = {}) =>
    lidsShort(planned(more), [{ name: 'half-pint', lids }]);

  test('that a good outcome wants and the kitchen has not are missed before the heat', () => {
    const good = planned().yield?.sizes[0]?.good ?? NaN;
    expect(short(good)).toEqual([]);
    expect(short(good - 3)).toEqual([{ name: 'half-pint', short: 3 }]);
    const [first] = prepareOf(planned(), {}, [{ name: 'half-pint', lids: good - 3 }]).ready;
    expect(textOf(first?.text ?? '')).toBe(
      'You are three lids short for half-pints, if all goes well.',
    );
  });

  test('that nobody counts are not missed, nor for what is not for the canner', () => {
    expect(short(null)).toEqual([]);
    expect(lidsShort(planned(), [])).toEqual([]);
    expect(short(0, { lines: ['2 kg diced melon', '1 kg sugar'] })).toEqual([]);
  });
});

describe('what cooks for hours', () => {
  const slow = planned({
    product: 'butter',
    heat: 'slow-cooker-low',
    lines: ['5½ lb apples, cored', '1 cup brown sugar', '¾ cup white sugar'],
  });
  const ids = (chores: readonly { readonly id: string }[]) => chores.map(({ id }) => id);

  test('heats no jars and no canner before the night, but near its end', () => {
    const { ready, later } = prepareOf(slow);
    expect(ids(later)).toEqual(expect.arrayContaining(['ready-jars', 'ready-canner']));
    expect(ids(ready)).not.toEqual(expect.arrayContaining(['ready-jars']));
    expect(ids(ready)).toContain('ready-sugar');
  });

  test('and a pot on a burner has everything hot before it is lit', () => {
    const { ready, later } = prepareOf(planned());
    expect(later).toEqual([]);
    expect(ids(ready)).toContain('ready-jars');
  });
});
