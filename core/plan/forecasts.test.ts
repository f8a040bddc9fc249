import { codes, planned } from '../test/planned.ts';
import type { PlanRequest } from '../evaluate/index.ts';

const width = ({ p10, p90 }: { p10: number; p90: number }) => p90 - p10;

describe('ranges', () => {
  const CUPS = ['9 cups crushed blackberries', '6 cups sugar'];
  const GRAMS = ['2 kg crushed blackberries', '1.2 kg sugar'];
  const jars = (change: Partial<PlanRequest>) =>
    planned({ draws: 3000, ...change }).yield?.volumeMl ?? { p10: NaN, p50: NaN, p90: NaN };

  /** Common practice: kitchens that follow one formula scatter by 8 to 15 %. */
  test('are as wide as kitchens differ, and no wider than three tenths', () => {
    const { p50, ...ends } = jars({ lines: CUPS });
    expect(width(ends) / p50).toBeGreaterThan(0.16);
    expect(width(ends) / p50).toBeLessThan(0.3);
  });

  test('narrow with what a cook does: weighs, checks the thermometer, knows the burner', () => {
    const relative = (of: ReturnType<typeof jars>) => width(of) / of.p50;
    expect(relative(jars({ lines: GRAMS }))).toBeLessThan(relative(jars({ lines: CUPS })));
    expect(width(jars({ lines: GRAMS, waterBoilsC: 100 }))).toBeLessThan(
      width(jars({ lines: GRAMS })),
    );
    const minutes = (change: Partial<PlanRequest>) =>
      planned({ lines: GRAMS, draws: 3000, ...change }).minutes ?? { p10: NaN, p90: NaN };
    expect(width(minutes({ netPowerKw: 1.1 }))).toBeLessThan(0.7 * width(minutes({})));
  });

  /**
   * A burner that nobody has measured is ± 30 %, common practice: the middle four fifths of that,
   * on minutes that go with 1/power.
   */
  test('of minutes on an unknown burner are a third from end to end', () => {
    const { p10, p50, p90 } = planned({ lines: GRAMS, draws: 3000 }).minutes ?? {
      p10: NaN,
      p50: NaN,
      p90: NaN,
    };
    expect((p90 - p10) / p50).toBeGreaterThan(0.28);
    expect((p90 - p10) / p50).toBeLessThan(0.6);
  });

  test('say what would narrow them, and to what', () => {
    const { narrowing } = planned({ lines: CUPS });
    expect(narrowing.map(({ id }) => id).sort()).toEqual(['burner', 'thermometer', 'weigh']);
    for (const { text, share } of narrowing) {
      expect(text).toMatch(/: [\d.]+(–[\d.]+)? becomes [\d.]+(–[\d.]+)? (jars|minutes)\.$/);
      expect(share).toBeGreaterThan(0);
      expect(share).toBeLessThan(1);
    }
    const known = planned({ lines: GRAMS, waterBoilsC: 100, netPowerKw: 1.1 });
    expect(known.narrowing).toEqual([]);
    expect(planned({ lines: CUPS, draws: 0 }).narrowing).toEqual([]);
  });
});

describe('a boil by the clock', () => {
  /**
   * Common practice: a syrup of some 67 % is near 220 °F when it boils again, and no more than 224
   * °F when its minute is over.
   */
  test('of a thick syrup ends no hotter than 224 °F at the sea', () => {
    const { stop, finish, start } = planned({
      product: 'pepper-jelly',
      lines: ['¾ cup chopped peppers', '2 cups vinegar', '1 box powdered pectin', '6 cups sugar'],
    });
    expect(start?.solublesPct).toBeGreaterThan(66);
    expect(stop.tempF).toBeGreaterThan(219);
    expect(stop.tempF).toBeLessThanOrEqual(224);
    expect(finish?.solublesPct).toBeLessThan(74);
  });

  test('leaves fruit acid where it is, and lets vinegar go with the steam', () => {
    const raised = (lines: readonly string[]) => {
      const { start, finish } = planned({ lines, method: 'long-boil', draws: 0 });
      return (finish?.pH?.p50 ?? NaN) - (start?.pH?.p50 ?? NaN);
    };
    const peppers = ['1 kg chopped sweet peppers', '800 g sugar'];
    expect(raised([...peppers, '200 g vinegar'])).toBeGreaterThan(
      raised([...peppers, '40 g bottled lemon juice']),
    );
  });
});

describe('a butter', () => {
  const butter = (change: Partial<PlanRequest> = {}) =>
    planned({ product: 'butter', lines: ['3 kg chopped apples', '400 g sugar'], ...change });

  test('is thicker the stiffer it is wanted, and its law’s name is told and not aimed at', () => {
    const solids = (['spoonable', 'mounds', 'stiff'] as const).map(
      (bodyStop) => butter({ bodyStop }).finish?.solublesPct ?? NaN,
    );
    expect(solids).toEqual([...solids].sort((a, b) => a - b));
    expect(solids[1]).toBeGreaterThan(25);
    expect(solids[1]).toBeLessThan(35);
    const [law] = butter().label?.definitions ?? [];
    expect(law).toMatchObject({ source: '21 CFR 150.110', met: false });
  });

  test('of fruit alone cooks down to about half of its sauce (common practice)', () => {
    const { start, finish } = butter({ lines: ['3 kg chopped apples'] });
    const left = (finish?.massG.p50 ?? NaN) / (start?.massG ?? NaN);
    expect(left).toBeGreaterThan(0.4);
    expect(left).toBeLessThan(0.6);
  });

  test('is never done before it has cooked down at all, however sweet', () => {
    const { start, finish, cautions } = butter({ lines: ['8 cups peach pulp', '4 cups sugar'] });
    expect((finish?.massG.p50 ?? NaN) / (start?.massG ?? NaN)).toBeLessThan(0.87);
    expect(cautions.length).toBeGreaterThan(0);
  });

  test('says how long the lid is on and off, in a slow cooker and in the oven', () => {
    expect(butter({ heat: 'slow-cooker-low' }).lid).toMatchObject({ onMin: 480 });
    expect(butter({ heat: 'oven' }).lid).toMatchObject({ onMin: 90 });
    expect(butter().lid).toBeUndefined();
  });
});

describe('what mends a set', () => {
  const set = (lines: readonly string[], change: Partial<PlanRequest> = {}) =>
    planned({ lines, ...change }).set;
  const texts = (of: ReturnType<typeof set>) => of?.remedies.map(({ text }) => text) ?? [];

  test('may be less: fruit for a second batch, where that is sensible', () => {
    const found = set(['5 cups crushed strawberries', '1 box powdered pectin', '3½ cups sugar']);
    expect(found).toMatchObject({ forecast: 'pours', short: 'sugar' });
    const less = texts(found).find((text) => text.startsWith('Keep back'));
    expect(less).toMatch(/^Keep back \d+ g of the fruit for a second batch\.$/);
    // Of what is weighed in the least comes first.
    const grams = texts(set(['1 kg rhubarb', '1 kg sugar'])).flatMap(
      (text) => /^Add (\d+) g /.exec(text)?.slice(1).map(Number) ?? [],
    );
    expect(grams.length).toBeGreaterThan(1);
    expect(grams).toEqual([...grams].sort((a, b) => a - b));
  });

  test('or the water left out', () => {
    const found = set([
      '2 cups water',
      '4 cups crushed peaches',
      '¼ cup lemon juice',
      '1 box powdered pectin',
      '5 cups sugar',
    ]);
    expect(texts(found).some((text) => /^Leave out \d+ g of the water\.$/.test(text))).toBe(true);
  });

  test('is never half as much sugar again', () => {
    for (const lines of [
      ['5 cups crushed strawberries', '1 box powdered pectin', '3½ cups sugar'],
      ['6 cups crushed raspberries', '1 box powdered pectin', '2 cups sugar'],
    ]) {
      const sugarG = 200 * Number(/^(\d)/.exec(lines[2] ?? '')?.[1]);
      for (const { change } of set(lines)?.remedies ?? []) {
        const more = change.add?.find((line) => line.endsWith(' g sugar'));
        if (more !== undefined) expect(Number.parseFloat(more)).toBeLessThan(0.5 * sugarG);
      }
    }
  });

  test.each([0, 1524, 2500])(
    'is said to be out of reach for melon at %d m: what it would take, what to make instead, and nothing of the shelf',
    (altitudeM) => {
      const plan = planned({
        lines: ['2.27 kg diced melon', '1.13 kg sugar', '22 mL lemon juice'],
        altitudeM,
      });
      expect(plan.set?.remedies).toEqual([]);
      expect(plan.set?.beyond).toMatch(/it needs about \d+ g of lemon juice/);
      expect(plan.set?.beyond).toContain('low-sugar pectin');
      expect(plan.set?.beyond).toContain('none of this makes the fruit safe for the pantry');
      expect(plan.shelf.verdict).toBe('fridge');
    },
  );

  test('is never an empty space: what is short is mended, or said to be beyond mending', () => {
    for (const lines of [
      ['1 kg bananas', '1 kg sugar'],
      ['1 kg figs', '500 g sugar'],
      ['1 kg crushed pineapple', '1 kg sugar'],
      ['2 kg diced watermelon', '1 kg sugar'],
      ['1 kg papaya', '2 kg sugar'],
    ]) {
      const found = set(lines);
      if (found === undefined || found.short === 'none') continue;
      expect(found.remedies.length > 0 || (found.beyond ?? '').length > 50).toBe(true);
    }
  });

  test('of a soft set is nothing: it says what would make it firmer, and offers no cure', () => {
    const found = set(['9 cups crushed boysenberries', '6 cups sugar']);
    expect(found).toMatchObject({ forecast: 'soft', short: 'none', remedies: [] });
    expect(found?.text).toMatch(/would make it firmer\.$/);
  });
});

describe('juice in a jelly', () => {
  const lineOf = (line: string, product: PlanRequest['product'] = 'jelly') =>
    planned({ product, lines: [line, '3 cups sugar'] }).lines[0];

  test('is what drips from the cloth, and says so', () => {
    expect(lineOf('4 cups apple juice')).toMatchObject({ ingredient: 'apple', state: 'juice' });
    expect(lineOf('4 cups apple juice')?.assumed).toContain('dripped through a cloth');
    expect(lineOf('5 cups grape juice')).toMatchObject({ ingredient: 'fox-grape', state: 'juice' });
  });

  test.each(['bottled', 'clear', 'pressed', 'unsweetened'])('“%s” is the drink', (word) => {
    expect(lineOf(`4 cups ${word} apple juice`)).toMatchObject({ ingredient: 'apple-juice' });
  });

  test('elsewhere is the drink, and pressed citrus always', () => {
    expect(lineOf('4 cups apple juice', 'jam')).toMatchObject({ ingredient: 'apple-juice' });
    expect(lineOf('1 cup orange juice')).toMatchObject({ ingredient: 'orange-juice' });
  });

  test('a jelly of the drink pours, and the plan does not pretend otherwise', () => {
    const { set } = planned({
      product: 'jelly',
      lines: ['4 cups bottled apple juice', '3 cups sugar'],
    });
    expect(set).toMatchObject({ forecast: 'pours', short: 'pectin' });
  });
});

test('wild fruit and cultivated are told apart', () => {
  const ids = (line: string) => planned({ lines: [line, '1 kg sugar'] }).lines[0]?.ingredient;
  expect(ids('1 kg wild strawberries')).toBe('wild-strawberry');
  expect(ids('1 kg strawberries')).toBe('strawberry');
  expect(ids('1 kg brambles')).toBe('wild-blackberry');
  expect(ids('1 kg blackberries')).toBe('blackberry');
  expect(codes(planned({ lines: ['1 kg wild plums', '1 kg sugar'] }))).not.toContain(
    'not-understood',
  );
});
