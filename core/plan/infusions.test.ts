import { INFUSION_TAKES, roleOf } from '../process/caps.ts';
import { INGREDIENTS } from '../ingredients/index.ts';
import { readLine } from '../parser/index.ts';
import { beforeOf, planned } from '../test/planned.ts';
import { some } from '../test/runs.ts';

const LIQUID_G = 500;
const ACID_G = 65;
/** Herb jelly with bottled acid an eighth of its liquid: common practice asks for half of that. */
const HERB = {
  steeped: ['500 g water', '60 g mint'],
  lines: [`${ACID_G} g bottled lemon juice`, '800 g sugar', '49 g powdered pectin'],
};

const verdictOf = (steeped: readonly string[], lines: readonly string[], more: object = {}) =>
  planned({
    product: 'infusion-jelly',
    before: beforeOf('infuse', steeped),
    lines: [...lines],
    draws: 0,
    ...more,
  }).shelf.verdict;

describe('an infusion', () => {
  test('of herbs, with bottled acid, is for the pantry', () => {
    expect(verdictOf(HERB.steeped, HERB.lines)).toBe('pantry');
  });

  test.each([
    ['garlic, steeped', ['500 g water', '60 g mint', '50 g garlic'], HERB.lines],
    ['peppers, steeped', ['500 g water', '200 g sweet peppers'], HERB.lines],
    ['bacon fat of it, steeped', ['500 g water', '60 g mint', '30 g butter'], HERB.lines],
    ['butter, in the pot', HERB.steeped, [...HERB.lines, '30 g butter']],
    ['walnuts, in the pot', HERB.steeped, [...HERB.lines, '30 g walnuts']],
    ['more herbs than its acid bears', ['500 g water', '600 g mint'], HERB.lines],
    ['half of the acid that it needs', HERB.steeped, ['15 g bottled lemon juice', '800 g sugar']],
  ])('with %s is not', (_, steeped, lines) => {
    expect(verdictOf(steeped, lines)).not.toBe('pantry');
  });

  /**
   * Every row of the ingredient table: what the table gives no limit is none, whether it was
   * steeped or stirred in.
   */
  test('opens the pantry only inside its table, whatever is added to it, steeped or stirred in', () => {
    const outside: string[] = [];
    for (const row of some(INGREDIENTS)) {
      for (const share of [0.01, 0.1, 0.5]) {
        const line = `${share * LIQUID_G} g ${row.name}`;
        const reading = readLine(line);
        if (!reading.understood || reading.ingredient.id !== row.id) continue;
        if (share * LIQUID_G <= INFUSION_TAKES[roleOf(row)] * ACID_G) continue;
        const ways = {
          steeped: verdictOf([...HERB.steeped, line], HERB.lines),
          'stirred in': verdictOf(HERB.steeped, [...HERB.lines, line]),
        };
        for (const [way, verdict] of Object.entries(ways))
          if (verdict === 'pantry') outside.push(`${line}, ${way}`);
      }
    }
    expect(outside).toEqual([]);
  });
});

describe('a pepper jelly', () => {
  const verdict = (lines: readonly string[], more: object = {}) =>
    planned({ product: 'pepper-jelly', lines: [...lines], draws: 0, ...more }).shelf.verdict;
  const REST = ['700 mL vinegar', '1.4 kg sugar', '85 g liquid pectin'];

  test('of peppers is for the pantry', () => {
    expect(verdict(['500 g sweet peppers', '50 g garlic', ...REST])).toBe('pantry');
  });

  test.each([
    ['of garlic', ['500 g garlic', ...REST]],
    ['of onions with a few peppers', ['100 g sweet peppers', '400 g onions', ...REST]],
  ])('%s is not, whatever it is called', (_, lines) => {
    expect(verdict(lines)).not.toBe('pantry');
    const named = {
      testedFormula: 'Grandmother’s tested jelly',
      source: null,
      minutes: 10,
      meterPH: null,
    };
    expect(verdict(lines, { assurance: named })).not.toBe('pantry');
  });
});

/** What is done first, and with what it goes, of products that are for the pantry as they stand. */
const FIRSTS = [
  ['jelly', 'extract', ['2 kg apples', '1000 g water'], ['1500 g sugar']],
  ['marmalade', 'soak', ['1 kg seville oranges', '2000 g water'], ['2 kg sugar']],
  ['jam', 'soak', ['1 kg strawberries', '600 g sugar'], ['300 g sugar']],
  ['butter', 'sauce', ['2 kg apples', '300 g water'], ['500 g sugar']],
  ['conserve', 'soak', ['1 kg apricots', '800 g sugar'], ['100 g raisins']],
  [
    'pepper-jelly',
    'drain',
    ['600 g sweet peppers'],
    ['500 g vinegar', '1200 g sugar', '49 g powdered pectin'],
  ],
] as const;

describe.each(FIRSTS)('a %s with %s first', (product, kind, first, lines) => {
  const verdictWith = (line: string | null) =>
    planned({
      product,
      before: beforeOf(kind, line === null ? [...first] : [...first, line]),
      lines: [...lines],
      draws: 0,
    }).shelf.verdict;

  test('is for the pantry', () => {
    expect(verdictWith(null)).toBe('pantry');
  });

  test('opens to nothing that is never acid, however little of it goes in first', () => {
    const never = INGREDIENTS.filter((row) => {
      const role = roleOf(row);
      const isGreen = role === 'pepper' || role === 'allium';
      return (
        ['not-acid', 'barred', 'egg'].includes(role) || (isGreen && product !== 'pepper-jelly')
      );
    });
    const open = never.flatMap((row) =>
      [10, 100, 500]
        .map((grams) => `${grams} g ${row.name}`)
        .filter((line) => {
          const reading = readLine(line);
          const isRow = reading.understood && reading.ingredient.id === row.id;
          return isRow && verdictWith(line) !== 'fridge';
        }),
    );
    expect(open).toEqual([]);
  });
});
