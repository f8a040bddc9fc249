import { inWords, textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import { gnuUnits } from '../test/gnuUnits.ts';
import { MOST_LINE_CHARS } from './line.ts';
import { localMl } from './measures.ts';
import { amountText, readLine } from './readLine.ts';
import { readWeighedLine } from './readWeighedLine.ts';
import { understood, trouble } from '../test/readings.ts';

describe('lines as people write them', () => {
  // Volumes by US measures; cup weights from the ingredient table, which has tests of its own.
  test.each([
    ['2 kg crushed blackberries', 'blackberry', 'crushed', 2000],
    ['1.4 kg sugar', 'sugar', 'grains', 1400],
    ['1,4 kg sugar', 'sugar', 'grains', 1400],
    ['1,400 g sugar', 'sugar', 'grains', 1400],
    ['1.5kg sugar', 'sugar', 'grains', 1500],
    ['2.27 kg diced melon', 'melon', 'chopped', 2270],
    ['22 mL lemon juice', 'lemon-juice', 'liquid', 22.7],
    ['22ml fresh lemon juice', 'lemon-juice', 'liquid', 22.7],
    ['2 tbsp bottled lemon juice', 'lemon-juice-bottled', 'liquid', 30.5],
    ['7 cups crushed damsons', 'damson', 'crushed', 1610],
    // After the comma is what is still to be done: weighed before stoning, of which 6 % is lost.
    ['1 1/2 kg ripe plums, stoned', 'plum', 'sliced', 1410],
    ['1 1/2 kg stoned plums', 'plum', 'sliced', 1500],
    ['2½ cups packed brown sugar', 'brown-sugar', 'packed', 542.5],
    ['5 lb 8 oz apples, peeled and cored', 'apple', 'chopped', 2145.5],
    ['5 lb 8 oz peeled and cored apples', 'apple', 'chopped', 2494.8],
    ['5lb apples', 'apple', 'chopped', 2268],
    ['3 lb. quinces', 'quince', 'chopped', 1360.8],
    ['400ml water', 'water', 'liquid', 399.3],
    ['1 litre water', 'water', 'liquid', 998.4],
    ['3 fl oz lemon juice', 'lemon-juice', 'liquid', 91.5],
    ['1 pint raspberries', 'raspberry', 'whole', 246],
    ['1 quart strawberries, sliced', 'strawberry', 'sliced', 664],
    ['½ gallon gooseberries', 'gooseberry', 'whole', 1200],
    ['a cup of honey', 'honey', 'liquid', 333],
    ['half a cup of sugar', 'sugar', 'grains', 100],
    ['¾ cup caster sugar', 'sugar', 'grains', 150],
    ['• 500 g Black Currants', 'blackcurrant', 'whole', 500],
    ['- 500 g figs', 'fig', 'whole', 500],
    ['1 kilo sugar', 'sugar', 'grains', 1000],
    ['2 teaspoons lemon juice', 'lemon-juice', 'liquid', 10.2],
    ['250 mg sugar', 'sugar', 'grains', 0.25],
    ['1e3 g sugar', 'sugar', 'grains', 1000],
    // Pieces: a medium apple is 170 g with 86 % left after coring; common practice.
    ['10 apples', 'apple', 'chopped', 1462],
    // 3 lb of apples: about 10 medium or 5 very large ones; common practice.
    ['10 medium apples', 'apple', 'chopped', 1242.7],
    ['5 very large apples', 'apple', 'chopped', 1169.6],
    ['3 plums', 'plum', 'sliced', 197.4],
    ['half a lemon', 'lemon', 'sliced', 52.25],
    // What a piece gives: about 3 tbsp of juice from a lemon; common practice.
    ['juice of half a lemon', 'lemon-juice', 'liquid', 22.5],
    ['Juice of 2 lemons', 'lemon-juice', 'liquid', 90],
    ['½ lemon, juiced', 'lemon-juice', 'liquid', 22.5],
    ['2 limes, juiced', 'lime-juice', 'liquid', 58],
    ['juice of 1 1/2 oranges', 'orange-juice', 'liquid', 123],
    ['zest of an orange', 'zest', 'grains', 8],
    ['grated zest of 2 lemons', 'zest', 'grains', 12],
    ['a knob of butter', 'butter', 'packed', 10],
  ])('“%s” is %s, %s, %d g', (text, id, form, massG) => {
    const line = understood(text);
    expect([line.ingredient.id, line.form]).toEqual([id, form]);
    expect(Math.abs(line.massG.typical - massG)).toBeLessThanOrEqual(Math.max(0.05, massG * 0.001));
  });

  test('a volume carries the scatter of filling a cup; a weight has none', () => {
    const cups = understood('4 cups crushed damsons').massG;
    expect(cups.low).toBeLessThan(cups.typical);
    expect(cups.high).toBeGreaterThan(cups.typical);
    const kilos = understood('1 kg crushed damsons').massG;
    expect([kilos.low, kilos.high]).toEqual([1000, 1000]);
  });

  test('what was taken for granted is said', () => {
    expect(textOf(understood('4 cups damsons').assumed ?? '')).toBe(
      'Counts as whole; 150 g a cup. US cup, 237 mL.',
    );
    expect(textOf(understood('4 cups crushed damsons').assumed ?? '')).toBe('US cup, 237 mL.');
    expect(understood('1 kg damsons').assumed).toBeUndefined();
  });
});

describe('lines that are not understood are kept, and say what would mend them', () => {
  test.each([
    ['3 blobs of zorp', 'ingredient', '“blobs of zorp” isn’t a known ingredient'],
    ['2 trugs of plums', 'unit', '“trugs” isn’t a known unit'],
    ['1 colander strawberries', 'unit', '“colander” isn’t a known unit'],
    ['2 furlongs sugar', 'ingredient', '“furlongs” is not recognized'],
    ['2 zorps', 'ingredient', '“zorps” isn’t a known ingredient'],
    ['3 sugars', 'unit', 'No unit found. Give a weight'],
    ['2 blackberries', 'unit', 'The weight of one blackberry isn’t known'],
    ['2 dl water and more', 'ingredient', '“more” is not recognized'],
    ['10 t sugar', 'unit', 'may be a teaspoon or a tonne'],
    ['2 kg zorp', 'ingredient', '“zorp” isn’t a known ingredient'],
    ['2 kg', 'ingredient', 'Which ingredient?'],
    ['2 kg constructor sugar', 'ingredient', '“constructor” is not recognized'],
    ['constructor sugar', 'amount', 'No amount found'],
    ['sugar', 'amount', 'No amount found'],
    ['sugar to taste', 'amount', 'No amount found'],
    ['juice of some lemons', 'amount', 'No amount found'],
    ['1 can peaches', 'unit', 'How much is in one can?'],
    ['6 cups custard apples', 'ingredient', 'must not be taken for another'],
    ['2 400 g sugar', 'amount', 'can be read two ways'],
    ['<b 2 kg sugar', 'ingredient', '“<” and “b”'],
    ['2 kg <img src=x onerror=alert(1)>', 'ingredient', 'Which ingredient?'],
    ['2 cups whole melon', 'unit', 'no cup weight for whole melon'],
  ])('“%s”', (text, about, message) => {
    const found = trouble(text);
    expect(found).toMatchObject({ kind: 'puzzling', about });
    expect(found.message).toContain(message);
    expect(readLine(text).text).toBe(text);
  });

  test.each([
    ['-2 kg sugar', 'more than zero'],
    ['−2 kg sugar', 'more than zero'],
    ['0 kg sugar', 'more than zero'],
    ['0 cups zorp', 'more than zero'],
    ['10 tonnes sugar', '10,000 kg'],
    ['1e9 kg sugar', 'at most 500 kg'],
    ['9999999 cups water', 'at most 500 kg'],
    ['NaN kg sugar', 'must be a number'],
    ['Infinity kg sugar', 'must be a number'],
  ])('“%.20s” is impossible, and refuses the formula', (text, message) => {
    const found = trouble(text);
    expect(found.kind).toBe('impossible');
    expect(found.message).toContain(message);
  });

  test('no text at all throws, or is understood as less than nothing', () => {
    fc.assert(
      fc.property(fc.oneof(fc.string(), fc.string({ unit: 'grapheme' })), (text) => {
        const reading = inWords(readLine(text));
        if (reading.understood) expect(reading.massG.low).toBeGreaterThan(0);
        else expect(reading.trouble.message).not.toBe('');
      }),
      { numRuns: 500 },
    );
  });

  test.each([
    ['a megabyte of digits', '1'.repeat(1_000_000)],
    ['a long line', `1 kg ${'x'.repeat(MOST_LINE_CHARS)}`],
    ['too many words', 'a '.repeat(99)],
    ['a line break', '1 kg plums\n500 g sugar'],
    ['a line separator', '1 kg plums\u2028500 g sugar'],
  ])('%s is puzzling, and refuses nothing', (_, text) => {
    expect(trouble(text)).toMatchObject({ kind: 'puzzling', about: 'text' });
  });
});

describe('weighed lines', () => {
  test('juice of a fruit is the same juice, written or weighed, however ripe', () => {
    const weighed = readWeighedLine({ ingredient: 'crab-apple', massG: 500, state: 'juice' });
    const written = readLine('500 g crab apple juice');
    expect(weighed.understood && written.understood).toBe(true);
    if (!weighed.understood || !written.understood) return;
    expect(weighed.ingredient).toEqual(written.ingredient);
    const ripe = readWeighedLine({
      ingredient: 'crab-apple',
      massG: 500,
      state: 'juice',
      ripeness: 0.9,
    });
    expect(ripe.understood && ripe.ingredient.pectinPct.typical).toBeLessThan(
      written.ingredient.pectinPct.typical,
    );
  });

  test('follow the same rules', () => {
    expect(readWeighedLine({ ingredient: 'damsons', massG: 2000, form: 'crushed' })).toMatchObject({
      understood: true,
      massG: { low: 2000, typical: 2000, high: 2000 },
    });
    expect(readWeighedLine({ ingredient: 'zorp', massG: 10 })).toMatchObject({
      trouble: { kind: 'puzzling' },
    });
    for (const massG of [NaN, -1, 0, 1e9]) {
      expect(readWeighedLine({ ingredient: 'sugar', massG })).toMatchObject({
        trouble: { kind: 'impossible' },
      });
    }
  });
});

describe('ripeness, state and packs', () => {
  test('a riper fruit is sweeter, less sour and poorer in pectin', () => {
    const [green, ripe] = ['under-ripe', 'over-ripe'].map(
      (word) => understood(`1 kg ${word} gooseberries`).ingredient,
    );
    expect(green?.make.sugarsPct.typical).toBeLessThan(ripe?.make.sugarsPct.typical ?? NaN);
    expect(green?.sour?.pH.typical).toBeLessThan(ripe?.sour?.pH.typical ?? NaN);
    expect(green?.sour?.taPct.typical).toBeGreaterThan(ripe?.sour?.taPct.typical ?? NaN);
    expect(green?.pectinPct.typical).toBeGreaterThan(ripe?.pectinPct.typical ?? NaN);
  });

  test('juice has no pieces, dried fruit little water, frozen fruit less pectin', () => {
    const of = (text: string) => understood(text).ingredient;
    const water = (row: ReturnType<typeof of>) =>
      100 - row.make.solublesPct.typical - row.make.insolublesPct.typical;
    expect(of('500 mL blackcurrant juice').make.insolublesPct.typical).toBeLessThan(0.2);
    expect(water(of('100 g dried figs'))).toBeCloseTo(22, 0);
    expect(of('1 kg frozen plums').pectinPct.typical).toBeLessThan(
      of('1 kg plums').pectinPct.typical,
    );
  });

  test('a pack that says what is in it overrides the usual', () => {
    const own = [{ ingredient: 'powdered-pectin', packG: 57, pectinG: 20 }];
    const reading = readLine('1 box powdered pectin', { packs: own });
    expect(reading).toMatchObject({ understood: true, massG: { typical: 57 } });
    expect(reading.understood && reading.ingredient.pectinPct.typical).toBeCloseTo(2000 / 57, 6);
  });

  test('a range is its middle, and as uncertain as it says', () => {
    expect(understood('3 to 4 lemons').massG.low).toBeLessThan(understood('3.5 lemons').massG.low);
    expect(understood('1-2 cups sugar').massG.typical).toBe(300);
  });
});

test('the weight of a tin is with its juice', () => {
  expect(understood('1 (14 oz) can peaches').massG.low).toBeCloseTo(396.9, 1);
  const drained = understood('1 (14 oz) can peaches, drained');
  expect(drained.massG.low).toBeCloseTo(0.55 * 396.9, 0);
  expect(textOf(drained.assumed ?? '')).toMatch(/Weigh it/);
  expect(understood('1 (14 oz) can peaches, undrained').massG.low).toBeCloseTo(396.9, 1);
  expect(understood('2 kg strawberries, washed and drained').massG.low).toBe(2000);
});

test('prepared fruit of twice the cups must say how it is prepared', () => {
  expect(trouble('4 cups prepared fruit (about 2 quarts strawberries)').message).toMatch(/how/);
  expect(understood('4 cups crushed strawberries (about 2 quarts)').massG.typical).toBe(920);
});

describe('whose cups, pints and spoons', () => {
  // GNU units carries the US and the imperial measures; a UK cup is half a pint there.
  test.each([
    ['us', 'cup', 'uscup'],
    ['us', 'pint', 'uspint'],
    ['us', 'quart', 'usquart'],
    ['us', 'gallon', 'usgallon'],
    ['us', 'tbsp', 'ustablespoon'],
    ['us', 'tsp', 'usteaspoon'],
    ['us', 'fl oz', 'usfluidounce'],
    ['us', 'gill', 'usgill'],
    ['uk', 'pint', 'brpint'],
    ['uk', 'quart', 'brquart'],
    ['uk', 'gallon', 'brgallon'],
    ['uk', 'fl oz', 'brfluidounce'],
    ['uk', 'gill', 'brgill'],
    ['uk', 'cup', 'brcup'],
    ['metric', 'cup', 'metriccup'],
    ['metric', 'tbsp', '15 mL'],
  ] as const)('a %s %s is what Debian’s units says', (measures, unit, theirs) => {
    expect(localMl(unit, measures) / gnuUnits(theirs, 'mL')).toBeCloseTo(1, 5);
  });

  test('are the kitchen’s, unless the line says', () => {
    const grams = (text: string, measures: 'us' | 'uk' | 'metric') => {
      const reading = readLine(text, { measures });
      return reading.understood ? reading.massG.typical : NaN;
    };
    expect(grams('1 cup water', 'metric') / grams('1 cup water', 'us')).toBeCloseTo(
      250 / 236.588,
      4,
    );
    expect(grams('1 pint water', 'uk') / grams('1 pint water', 'us')).toBeCloseTo(1.201, 3);
    expect(grams('1 imperial pint water', 'us')).toBe(grams('1 pint water', 'uk'));
    expect(grams('1 US cup sugar', 'metric')).toBe(grams('1 cup sugar', 'us'));
    expect(grams('600 ml (1 pint) water', 'us')).toBe(grams('600 ml water', 'us'));
  });

  test('are said beside the line, and cider is asked about outside the US', () => {
    expect(inWords(readLine('2 cups sugar', { measures: 'metric' }))).toMatchObject({
      assumed: 'metric cup, 250 mL.',
    });
    expect(readLine('2 cups cider')).toMatchObject({ ingredient: { id: 'cider' } });
    expect(readLine('500 ml cider', { measures: 'uk' })).toMatchObject({
      understood: false,
      trouble: { offers: [['500 ml fresh cider'], ['500 ml hard cider']] },
    });
  });
});

test.each([
  ['7 cups crushed damsons', '7 cups'],
  ['• 5 lb 8 oz apples', '5 lb 8 oz'],
  ['2 (3 oz) pouches liquid pectin', '2 (3 oz) pouches'],
  ['2½ cups sugar', '2½ cups'],
  ['3 lemons', null],
  ['sugar, 1 kg', null],
])('the amount of “%s” is written %s', (text, amount) => {
  expect(amountText(text)).toBe(amount);
});

test('the written name is kept beside the row it was taken for', () => {
  const called = (text: string) => understood(text).called;
  expect(called('6 Bramley apples')).toBe('Bramley apples');
  expect(called('100 g pecans')).toBe('pecans');
  expect(called('1 kg plums')).toBeUndefined();
  expect(called('juice of 2 lemons')).toBeUndefined();
});
