import { textOf } from '@idle-kettle/words';
import { readLine, type UnderstoodLine } from '../parser/index.ts';
import { definitionsOf, labelStatement } from './definitions.ts';
import { labelIngredients } from './ingredients.ts';

const lines = (...texts: string[]) => texts.map((text) => readLine(text) as UnderstoodLine);

const met = (
  product: Parameters<typeof definitionsOf>[0]['product'],
  of: readonly UnderstoodLine[],
  fruitPer100g: number,
  solublesPct: number,
) =>
  Object.fromEntries(
    definitionsOf({ product, lines: of, fruitPer100g, solublesPct }).map((found) => [
      found.source,
      found.met,
    ]),
  );

/** Figures from memory of each text: see definitions.ts. */
describe('legal names', () => {
  test('US jam: 47 parts of group I fruit to 55 of sugar, 45 of group II, at 65 % solids', () => {
    const strawberry = (g: number) => lines(`${g} g strawberries`, '550 g sugar');
    const plum = (g: number) => lines(`${g} g plums`, '550 g sugar');
    const us = (of: readonly UnderstoodLine[], pct = 65) =>
      met('jam', of, 50, pct)['21 CFR 150.160'];
    expect([us(strawberry(471)), us(strawberry(460))]).toEqual([true, false]);
    expect([us(plum(451)), us(plum(440))]).toEqual([true, false]);
    expect(us(plum(600), 64)).toBe(false);
  });

  test('US jelly: 45 parts of juice to 55 of sugar', () => {
    const us = (g: number) =>
      met('jelly', lines(`${g} g apple juice`, '550 g sugar'), 50, 65)['21 CFR 150.140'];
    expect([us(451), us(440)]).toEqual([true, false]);
  });

  test('US fruit butter: 5 parts to 2, at 43 % solids', () => {
    const us = (sugarG: number, pct: number) =>
      met('butter', lines('1 kg apples', `${sugarG} g sugar`), 100, pct)['21 CFR 150.110'];
    expect([us(400, 43), us(420, 43), us(400, 42)]).toEqual([true, false, false]);
  });

  test('Codex, EU and UK ask for fruit per 100 g, less of strong fruit, and 60 % solids', () => {
    const by = (fruit: string, g: number, pct = 60) => met('jam', lines(`1 kg ${fruit}`), g, pct);
    expect(by('plums', 35)).toMatchObject({
      'Codex Stan 296-2009': true,
      'Directive 2001/113/EC, as amended 2024': false,
      'Jam and Similar Products Regulations 2015': true,
    });
    expect(by('plums', 45)['Directive 2001/113/EC, as amended 2024']).toBe(true);
    expect(by('blackcurrants', 25)['Codex Stan 296-2009']).toBe(true);
    expect(by('plums', 60, 59)['Codex Stan 296-2009']).toBe(false);
  });

  test('marmalade has its own, a curd none', () => {
    expect(Object.values(met('marmalade', lines('1 kg oranges'), 20, 60))).toEqual([true, true]);
    expect(definitionsOf({ product: 'curd', lines: [], fruitPer100g: 9, solublesPct: 40 })).toEqual(
      [],
    );
  });

  test('the statement has both figures', () => {
    expect(textOf(labelStatement(44.6, 61.2))).toBe(
      'Prepared with 45 g of fruit per 100 g. Total sugar content 61 g per 100 g.',
    );
  });
});

describe('ingredients', () => {
  const of = (...texts: string[]) =>
    labelIngredients(
      lines(...texts).map(({ ingredient, called, massG }) => ({
        ingredient: ingredient.id,
        name: ingredient.name,
        ...(called === undefined ? {} : { called }),
        massG: massG.typical,
      })),
    );

  /**
   * Regulation (EU) 1169/2011, Art. 18: in descending order of weight, as recorded at the time of
   * their use.
   */
  test('fall by weight, each once, without the water that boils off', () => {
    expect(
      of('700 g sugar', '1 kg blackcurrants', '300 g water', '500 g sugar').ingredients,
    ).toEqual(['sugar', 'blackcurrant']);
  });

  test.each<[string, readonly string[]]>([
    ['4 eggs', ['egg']],
    ['2 egg yolks', ['egg']],
    ['100 g butter', ['milk']],
    ['200 mL cream', ['milk']],
    ['100 g walnuts', ['nuts']],
    ['100 g flaked almonds', ['nuts']],
    ['50 g peanuts', ['peanuts']],
    ['100 mL red wine', ['sulphite, in most wine']],
    ['30 mL malt vinegar', ['barley']],
    ['1 kg plums', []],
  ])('%s: tells %j', (line, allergens) => {
    expect(of(line).allergens).toEqual(allergens);
  });

  test('what often holds sulphite may, and is said so', () => {
    expect(of('500 g dried apricots').mayHold).toEqual(['sulphite']);
    expect(of('100 g bottled lemon juice').mayHold).toEqual(['sulphite']);
    expect(of('1 kg plums', '800 g sugar').mayHold).toEqual([]);
  });
});
