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
    ['½ lemon, juiced', 4, '2 lemon, juiced'],
    ['2 (3 oz) pouches liquid pectin', 0.5, '1 (3 oz) pouches liquid pectin'],
    ['5 lb 8 oz apples', 2, '4989.5 g apple'],
    ['juice of half a lemon', 3, '67.5 g lemon juice'],
  ])('“%s” times %d', (text, times, expected) => {
    expect(scaleLine(understood(text), times)).toBe(expected);
  });

  test('keeps the mass, whatever was written', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(
          '7 cups crushed damsons',
          '3 lemons',
          '1 1/2 kg plums',
          'a knob of butter',
          '2 tbsp lemon juice',
          '1 lb 2 oz sugar',
        ),
        fc.double({ min: 0.3, max: 40, noNaN: true }),
        (text, times) => {
          const line = understood(text);
          const scaled = understood(scaleLine(line, times));
          expect(scaled.ingredient.id).toBe(line.ingredient.id);
          expect(Math.abs(scaled.massG.typical / line.massG.typical / times - 1)).toBeLessThan(
            0.006,
          );
        },
      ),
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
