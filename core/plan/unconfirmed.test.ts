import { INGREDIENTS } from '../ingredients/index.ts';
import { readLine } from '../parser/index.ts';
import { planned } from '../test/planned.ts';

const verdictOf = (line: string, more: object = {}) =>
  planned({ lines: [line, '800 g sugar', '40 g bottled lemon juice'], draws: 0, ...more }).shelf;

test.each([
  ['1 kg plums', null],
  ['1 kg Bramley apples', null],
  ['1 kg ripe Victoria plums', null],
  ['1 kg Zorp apples', { kind: 'kind', name: 'Zorp apples' }],
  ['juice of 8 Zorp lemons', { kind: 'kind', name: 'Zorp lemon' }],
  ['1 kg raspberies', { kind: 'spelling', name: 'raspberies', line: '1 kg raspberries' }],
  ['1 kg Zorp aples', null],
] as const)('%s', (line, toConfirm) => {
  const reading = readLine(line);
  expect(reading.understood ? (reading.toConfirm ?? null) : null).toEqual(toConfirm);
});

test('what was guessed is planned with, and opens the pantry once it is confirmed', () => {
  const guessed = planned({ lines: ['1 kg Zorp plums', '900 g sugar'], draws: 0 });
  expect(guessed.shelf.verdict).toBe('fridge');
  expect(guessed.yield).toBeDefined();
  const confirmed = verdictOf('1 kg Zorp plums', {
    names: [{ name: 'Zorp plums', ingredient: 'plum' }],
  });
  expect(confirmed.verdict).toBe('pantry');
  expect(verdictOf('1 kg raspberies').verdict).toBe('fridge');
  expect(verdictOf('1 kg raspberries').verdict).toBe('pantry');
});

test.each(['rotten', 'mouldy', 'battered', 'fried'])('%s plums are not plums', (treatment) => {
  expect(readLine(`1 kg ${treatment} plums`).understood).toBe(false);
});

test.each(['pie', 'crumble', 'chutney', 'yogurt'])('plum %s is no plum', (dish) => {
  const reading = readLine(`1 kg plum ${dish}`);
  expect(reading.understood && reading.ingredient.id === 'plum').toBe(false);
});

test('no word beside an acid fruit that nobody knows opens the pantry', () => {
  const acid = INGREDIENTS.filter((row) => row.kind === 'fruit' && row.acidClass === 'high');
  const open = acid.flatMap(({ name }) =>
    [`1 kg zorp ${name}`, `1 kg ${name}, zorp`, `1 kg zorpish glib ${name}`].filter(
      (line) => verdictOf(line).verdict === 'pantry',
    ),
  );
  expect(open).toEqual([]);
});

// A published fig jam wants its bottled lemon juice (from memory of the national extension centre's
// pages); a cook may leave out what need not be there.
test.each([
  ['1 cup bottled lemon juice', 'pantry'],
  ['1 cup bottled lemon juice, optional', 'fridge'],
  ['1 cup bottled lemon juice, to taste', 'fridge'],
  ['¼–1 cup bottled lemon juice', 'fridge'],
] as const)('figs with %s: %s', (acid, verdict) => {
  const { shelf } = planned({ lines: ['1.4 kg figs, crushed', acid, '1 kg sugar'], draws: 0 });
  expect(shelf.verdict).toBe(verdict);
});
