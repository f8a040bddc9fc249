import { textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import { findIngredient, type Ingredient } from '../ingredients/index.ts';
import { readLine, type UnderstoodLine } from '../parser/index.ts';
import { contentsOf, massOf, plus, solublesPctOf } from './contents.ts';
import { restate, RIPENESS_STOPS } from './restate.ts';
import { scaleLine } from './scaleLine.ts';

const understood = (text: string): UnderstoodLine => {
  const reading = readLine(text);
  if (!reading.understood) throw new Error(`${text}: ${textOf(reading.trouble.message)}`);
  return reading;
};

describe('contents', () => {
  const rows = ['blackberry', 'melon', 'sugar', 'honey', 'water'].map(
    (id) => findIngredient(id) as Ingredient,
  );

  test('hold exactly the mass that was put in', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...rows),
        fc.double({ min: 0.1, max: 1e5, noNaN: true }),
        (row, massG) => {
          expect(massOf(contentsOf(row, massG)) / massG).toBeCloseTo(1, 12);
        },
      ),
    );
  });

  test('mixing adds, and keeps the order out of it', () => {
    const [a, b] = [contentsOf(rows[0] as Ingredient, 700), contentsOf(rows[2] as Ingredient, 500)];
    expect(massOf(plus(a, b))).toBeCloseTo(1200, 9);
    expect(plus(a, b)).toEqual(plus(b, a));
  });

  test('sugar alone is all solubles, water none', () => {
    expect(solublesPctOf(contentsOf(rows[2] as Ingredient, 10))).toBe(100);
    expect(solublesPctOf(contentsOf(rows[4] as Ingredient, 10))).toBe(0);
  });
});

describe('scaling a line', () => {
  test.each([
    ['7 cups crushed damsons', 2, '14 cups crushed damsons'],
    ['1.4 kg sugar', 0.5, '0.7 kg sugar'],
    ['1 1/2 kg plums', 3, '4.5 kg plums'],
    ['½ lemon, juiced', 4, '2 lemons, juiced'],
    ['2 (3 oz) pouches liquid pectin', 0.5, '1 (3 oz) pouch liquid pectin'],
    ['5 lb 8 oz apples', 2, '11 lb apples'],
    ['4 cups crushed strawberries', 4 / 3, '5⅓ cups crushed strawberries'],
    ['8 cups sugar', 0.59, '4¾ cups sugar'],
    ['2 cups chopped rhubarb', 1.56, '3 cups plus 2 tbsp chopped rhubarb'],
    ['1 cup bottled lemon juice', 0.1, '1½ tbsp plus ¼ tsp bottled lemon juice'],
    ['2 tbsp lemon juice', 1.05, '2 tbsp plus ¼ tsp lemon juice'],
    ['1 tsp citric acid', 1.5, '1½ tsp citric acid'],
    ['1 lb plums', 2.39, '2 lb 6¼ oz plums'],
    ['6 oz redcurrants', 1.7, '10¼ oz redcurrants'],
    ['1 box powdered pectin', 1.5, '1½ boxes powdered pectin'],
    ['1 box powdered pectin', 1.97, '2 boxes powdered pectin'],
    ['1 box powdered pectin', 1.28, '1¼ boxes powdered pectin'],
    ['4 eggs', 1.25, '5 eggs'],
    ['3 lemons, juice only', 1.2, '3½ lemons, juice only'],
    ['1.5 kg plums', 1.333, '2 kg plums'],
    ['juice of half a lemon', 3, '67.5 g lemon juice'],
  ])('“%s” times %d', (text, times, expected) => {
    expect(scaleLine(understood(text), times)).toBe(expected);
  });

  /** How near a measure comes: common practice, a scale and a cup apart. */
  test.each([
    ['1 1/2 kg plums', 0.006],
    ['a knob of butter', 0.006],
    ['7 cups crushed damsons', 0.02],
    ['2 tbsp lemon juice', 0.02],
    ['1 lb 2 oz sugar', 0.02],
    ['3 lemons', 0.06],
    ['5 eggs', 0.06],
  ])('keeps the mass of %s within %d', (text, within) => {
    fc.assert(
      fc.property(fc.double({ min: 0.3, max: 40, noNaN: true }), (times) => {
        const line = understood(text);
        const scaled = understood(scaleLine(line, times));
        expect(scaled.ingredient.id).toBe(line.ingredient.id);
        expect(Math.abs(scaled.massG.typical / line.massG.typical / times - 1)).toBeLessThanOrEqual(
          within + 1e-9,
        );
      }),
    );
  });
});

describe('a line said anew', () => {
  test.each([
    ['2 cups plums', { form: 'crushed' }, '2 cups crushed plum'],
    ['1.4 kg ripe damsons', { ripeness: 0.2 }, '1.4 kg under-ripe damson'],
    ['1 kg frozen raspberries', { state: 'fresh' }, '1 kg raspberry'],
    ['500 g apricots', { state: 'dried' }, '500 g dried apricot'],
    ['3 cups apples', { state: 'juice' }, '3 cups apple juice'],
    ['1 kg over-ripe strawberries', { ripeness: 0.5 }, '1 kg strawberry'],
  ] as const)('“%s” with %j', (text, change, expected) => {
    expect(restate(understood(text), change)).toBe(expected);
  });

  test('keeps the fruit and takes every ripeness, whatever was written', () => {
    for (const text of [
      '7 cups crushed damsons',
      '10 medium apples',
      '1 1/2 kg plums, stoned',
      '5 lb 8 oz pears',
    ]) {
      for (const ripeness of RIPENESS_STOPS) {
        const again = understood(restate(understood(text), { ripeness }));
        expect(again.ingredient.id).toBe(understood(text).ingredient.id);
        expect(again.ripeness ?? 0.5).toBe(ripeness);
      }
    }
  });
});
