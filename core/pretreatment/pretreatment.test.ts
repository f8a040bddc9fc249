import fc from 'fast-check';
import { readLine, type UnderstoodLine } from '../parser/index.ts';
import { beforeOf, codes, planned } from '../test/planned.ts';
import { PRETREATMENT_KINDS, CLOTS, type Pretreatment } from './pretreatment.ts';
import { CLOT_PECTIN, clotOf } from './evidence.ts';
import { pretreatmentYieldOf } from './pretreatmentYield.ts';

const read = (...texts: string[]) => texts.map((text) => readLine(text) as UnderstoodLine);
const obtained = (of: Pretreatment) => pretreatmentYieldOf(of, read(...(of.lines as string[])));
const CUP_ML = 236.6;

describe('juice through a cloth', () => {
  /** USDA Complete Guide, from memory: each gives about 4 cups. */
  test.each([
    ['3 lb apples', null],
    ['3 lb crab apples', 710],
    ['4 lb blackberries', null],
    ['3½ lb quinces', 1656],
    ['3½ lb plums', 355],
  ])('%s give about four cups', (line, waterG) => {
    const { massG, measured } = obtained(beforeOf('extract', [line], { waterG }));
    const cups = massG.typical / 1.04 / CUP_ML;
    expect(Math.abs(cups / 4 - 1)).toBeLessThanOrEqual(0.15);
    expect(massG.low / 1.04 / CUP_ML).toBeLessThan(4);
    expect(massG.high / 1.04 / CUP_ML).toBeGreaterThan(4);
    expect(measured).toBe(false);
  });

  test('carries the fruit’s pectin and acid: 60 to 90 % of the pectin of hard fruit', () => {
    const [juice] = obtained(beforeOf('extract', ['3 lb crab apples'])).lines;
    const [fruit] = read('3 lb crab apples');
    const inFruit =
      ((fruit?.massG.typical ?? NaN) * (fruit?.ingredient.pectinPct.typical ?? NaN)) / 100;
    // All that dripped and all that the pulp held back is liquid of the same strength.
    const liquidG = 1361 * 1.5 * 0.93 - 0.025 * 1361;
    const inLiquid = (liquidG * (juice?.ingredient.pectinPct.typical ?? NaN)) / 100;
    expect(inLiquid / inFruit).toBeGreaterThan(0.6);
    expect(inLiquid / inFruit).toBeLessThan(0.95);
    expect(juice?.ingredient.sour?.pH.typical).toBeLessThan(3.3);
    expect(juice?.ingredient.make.insolublesPct.typical).toBeLessThan(0.2);
  });

  test('is thinner with more water, and there is more of it', () => {
    const of = (waterG: number) => obtained(beforeOf('extract', ['2 kg redcurrants'], { waterG }));
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 3000 }), (waterG) => {
        const [little, much] = [of(waterG), of(waterG + 200)];
        const solids = ({ lines }: typeof little) =>
          lines[0]?.ingredient.make.solublesPct.typical ?? NaN;
        expect(solids(much)).toBeLessThan(solids(little));
        expect(much.massG.typical).toBeGreaterThan(little.massG.typical);
      }),
    );
  });

  test('of two fruits is each fruit’s share, as they lie in the pan', () => {
    const { lines, massG } = obtained(beforeOf('extract', ['1 kg rhubarb', '1 kg strawberries']));
    expect(lines.map(({ ingredient }) => ingredient.name)).toEqual([
      'rhubarb juice',
      'strawberry juice',
    ]);
    const sum = lines.reduce((grams, line) => grams + line.massG.typical, 0);
    expect(sum).toBeCloseTo(massG.typical, 6);
  });

  test('is what was measured, once it is', () => {
    const { massG, measured } = obtained(
      beforeOf('extract', ['3 lb apples'], { obtainedMl: 1000 }),
    );
    expect(measured).toBe(true);
    expect(massG.typical).toBeCloseTo(1040, 6);
    expect(massG.high / massG.low).toBeLessThan(1.05);
  });

  test('is believed to be as sweet as a refractometer says, and as rich as it clots', () => {
    const pectin = (clot: Pretreatment['clot']) =>
      obtained(beforeOf('extract', ['3 lb apples'], { clot })).lines[0]?.ingredient.pectinPct;
    expect(pectin('lump')?.typical).toBeGreaterThan(pectin(null)?.typical ?? NaN);
    expect(pectin('flakes')?.typical).toBeLessThan(pectin(null)?.typical ?? NaN);
    expect(pectin('flakes')?.high).toBeLessThan(pectin('lump')?.low ?? NaN);
    const sweet = obtained(beforeOf('extract', ['3 lb apples'], { brix: 11 }));
    expect(sweet.lines[0]?.ingredient.make.solublesPct.typical).toBe(11);
    for (const clot of CLOTS) expect(clotOf(CLOT_PECTIN[clot].typical)).toBe(clot);
  });

  test('makes a jelly in place of the fruit: crab apples from 3 lb to jars (USDA Complete Guide: 4 to 5 half-pints, firm)', () => {
    const plan = planned({
      product: 'jelly',
      before: beforeOf('extract', ['3 lb crab apples'], { waterG: 710 }),
      lines: ['4 cups sugar'],
    });
    expect(plan.before).toMatchObject({ kind: 'extract', waterG: 710, clot: 'lump' });
    expect(plan.set?.forecast).toMatch(/firm|slices/);
    expect((plan.yield?.volumeMl.p50 ?? NaN) / 237).toBeGreaterThan(3.75);
    expect((plan.yield?.volumeMl.p50 ?? NaN) / 237).toBeLessThan(5.25);
    expect(plan.shelf.verdict).toBe('pantry');
    expect(plan.acts[0]).toMatchObject({
      id: 'extract',
      waterG: 710,
      uses: [{ name: 'crab apple' }],
    });
    expect(plan.acts.map(({ id }) => id)).toContain('clot-test');
  });

  test('stands for the line that asks for it', () => {
    const asked = planned({
      product: 'jelly',
      before: beforeOf('extract', ['3½ lb quinces']),
      lines: ['3¾ cups quince juice', '3 cups sugar', '¼ cup lemon juice'],
    });
    // Juice of 3¾ cups, sugar and lemon, and no second helping of juice.
    expect(asked.start?.massG).toBeCloseTo(930 + 600 + 61, -2);
  });
});

test('what is in both is a second helping, but for juice and infusions, which are made first', () => {
  const start = (of: Pretreatment, lines: readonly string[]) =>
    planned({ product: 'jelly', before: of, lines, draws: 0 }).start?.massG ?? NaN;
  const apples = beforeOf('extract', ['3 lb apples', '500 g sugar']);
  // The juice with its share of that sugar, and all of the sugar of the pot.
  expect(start(apples, ['600 g sugar'])).toBeCloseTo(start(apples, ['1 g sugar']) + 599, 0);
  const soaked = beforeOf('soak', ['1 kg oranges', '500 mL water']);
  expect(start(soaked, ['500 g oranges', '600 g sugar'])).toBeCloseTo(
    start(soaked, ['600 g sugar']) + 500,
    0,
  );
  const mint = beforeOf('infuse', ['2 cups mint leaves'], { waterG: 1000 });
  expect(start(mint, ['2 cups mint infusion', '600 g sugar'])).toBeCloseTo(474 + 600, -1);
});

describe('what else comes first', () => {
  test('an infusion gives its water back but for what the flowers hold', () => {
    const { lines, massG } = obtained(beforeOf('infuse', ['2 cups mint leaves'], { waterG: 700 }));
    expect(lines.map(({ ingredient }) => ingredient.id)).toEqual(['infusion']);
    expect(massG.typical).toBeLessThan(700);
    expect(massG.typical).toBeGreaterThan(500);
  });

  test('a soak keeps everything but a little steam', () => {
    const { lines, massG } = obtained(
      beforeOf('soak', ['1 kg Seville oranges', '2 lemons'], { waterG: 2000 }),
    );
    expect(lines.map(({ ingredient }) => ingredient.id)).toEqual([
      'seville-orange',
      'lemon',
      'water',
    ]);
    expect(massG.typical / 3209).toBeCloseTo(0.95, 2);
    expect(lines.reduce((sum, line) => sum + line.massG.typical, 0)).toBeCloseTo(massG.typical, 6);
  });

  test('drained peppers are fewer and drier, and the shelf counts them as they were', () => {
    const of = beforeOf('drain', ['1 kg chopped sweet peppers']);
    const { lines, forShelf } = obtained(of);
    expect(lines[0]?.massG.typical).toBeLessThan(900);
    expect(lines[0]?.ingredient.make.insolublesPct.typical).toBeGreaterThan(
      forShelf[0]?.ingredient.make.insolublesPct.typical ?? NaN,
    );
    expect(forShelf[0]?.massG.typical).toBe(1000);
    const plan = planned({
      product: 'pepper-jelly',
      before: of,
      // Enough vinegar for the drained peppers, and too little for the peppers.
      lines: ['400 g vinegar', '1.4 kg sugar', '2 pouches liquid pectin'],
    });
    expect(plan.shelf.verdict).toBe('fridge');
    expect(plan.shelf.reasons.join(' ')).toContain('1 kg (2 lb 3.3 oz) of peppers');
  });

  test('a sauce goes on from where it is: no second softening', () => {
    const lines = ['2¼ cups white sugar', '2¼ cups packed brown sugar'];
    const apples = ['8 lb apples, cored and quartered', '2 cups cider', '2 cups vinegar'];
    const first = planned({ product: 'butter', before: beforeOf('sauce', apples), lines });
    const all = planned({ product: 'butter', lines: [...apples, ...lines] });
    expect(first.minutes?.p50).toBeLessThan((all.minutes?.p50 ?? NaN) - 15);
    expect((first.yield?.volumeMl.p50 ?? NaN) / 473).toBeGreaterThan(7.5);
    const ids = first.acts.filter(({ phase }) => phase === 'stove').map(({ id }) => id);
    expect(ids).not.toContain('puree');
  });

  test('applesauce is an ingredient like any other: it is not cooked to a sauce again', () => {
    const { acts } = planned({ product: 'butter', lines: ['10 cups applesauce', '2 cups sugar'] });
    expect(acts.some(({ id }) => id === 'sauce' || id === 'puree')).toBe(false);
  });
});

describe('odd befores', () => {
  test.each(PRETREATMENT_KINDS)('%s of nothing gives nothing, and no step', (kind) => {
    const plan = planned({ before: beforeOf(kind, []), lines: ['1 kg plums', '1 kg sugar'] });
    expect(plan.before?.obtained.massG.typical).toBe(0);
    expect(plan.acts.some(({ phase }) => phase === 'day-before')).toBe(false);
  });

  test('a line that is not understood closes the pantry, and is said', () => {
    const plan = planned({
      product: 'jelly',
      before: beforeOf('extract', ['3 lb crab apples', '1 kg zorp']),
      lines: ['4 cups sugar'],
    });
    expect(plan.before?.lines[1]).toMatchObject({ understood: false, text: '1 kg zorp' });
    expect(codes(plan)).toContain('line-not-understood');
    expect(plan.shelf.verdict).not.toBe('pantry');
  });

  test('a handful of fruit in a pan of water is no juice to the shelf', () => {
    const jelly = (waterG: number) =>
      planned({
        product: 'jelly',
        before: beforeOf('extract', ['500 g crab apples'], { waterG }),
        lines: ['500 g sugar'],
      }).shelf;
    expect(jelly(300).verdict).toBe('pantry');
    const thin = jelly(5000);
    expect(thin.verdict).toBe('fridge');
    expect(thin.reasons.join(' ')).toMatch(/liquid|water/);
  });

  test('more measured than went in, and a line that asks for more than there is, are said', () => {
    const of = (more: Partial<Pretreatment>, lines: readonly string[]) =>
      codes(
        planned({ product: 'jelly', before: beforeOf('extract', ['1 kg apples'], more), lines }),
      );
    expect(of({ obtainedMl: 9000 }, ['1 kg sugar'])).toContain('more-than-went-in');
    expect(of({}, ['8 cups apple juice', '1 kg sugar'])).toContain('asks-for-more');
    expect(of({ clot: 'flakes' }, ['1 kg sugar'])).toContain('poor-juice');
    expect(of({ brix: 60 }, ['1 kg sugar'])).toContain('odd-brix');
    expect(of({ brix: 10 }, ['1 kg sugar'])).not.toContain('odd-brix');
    const usual = of({}, ['2 cups apple juice', '400 g sugar']);
    for (const code of ['more-than-went-in', 'asks-for-more', 'poor-juice'])
      expect(usual).not.toContain(code);
  });

  test('whatever goes in, what is obtained is no more than that, and grams add up', () => {
    const amounts = fc.integer({ min: 1, max: 5000 });
    fc.assert(
      fc.property(
        fc.constantFrom(...PRETREATMENT_KINDS),
        amounts,
        amounts,
        fc.integer({ min: 0, max: 5000 }),
        (kind, apples, lemons, waterG) => {
          const {
            lines,
            massG,
            waterG: water,
          } = obtained(beforeOf(kind, [`${apples} g apples`, `${lemons} g lemons`], { waterG }));
          const sum = lines.reduce((grams, line) => grams + line.massG.typical, 0);
          expect(sum).toBeCloseTo(massG.typical, 3);
          expect(massG.high).toBeLessThanOrEqual(apples + lemons + water + 1e-6);
          for (const { ingredient } of lines) {
            const { solublesPct, insolublesPct } = ingredient.make;
            expect(solublesPct.typical + insolublesPct.typical).toBeLessThanOrEqual(100);
          }
        },
      ),
    );
  });
});
