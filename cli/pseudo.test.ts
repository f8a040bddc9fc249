import { setLanguage } from '@idle-kettle/words';
import { addPseudo, outsideCatalogue, PSEUDO } from '@idle-kettle/words/pseudo';
import { planCommand, planFromText } from './plan.ts';
import { readFromText } from './read.ts';

beforeAll(() => {
  addPseudo();
  setLanguage(PSEUDO);
});
afterAll(() => setLanguage('en-US'));

/**
 * Sentences, which data has none of: words that begin with a capital letter and end with a point.
 */
const SENTENCE = /\p{Lu}\p{Ll}+ .*[.?!]/u;

test.each([
  ['what is no JSON', '{'],
  ['what is too large', `"${'x'.repeat(300_000)}"`],
  ['too many requests', JSON.stringify(Array.from({ length: 2001 }, () => ({})))],
  ['a key there is none of', JSON.stringify({ lines: ['1 kg plums'], foo: 1 })],
  ['two jars by one name', JSON.stringify({ lines: [], jars: [{}, {}] })],
])('%s is refused in words of the catalogue', (_, source) => {
  const { err } = planFromText(source);
  expect(err).toContain('⟦');
  expect(outsideCatalogue(err).match(SENTENCE)).toBeNull();
});

test('a file that cannot be read is refused in words of the catalogue', async () => {
  expect((await planCommand('/nowhere/plan.json')).err).toMatch(/^⟦/);
});

test.each([
  ['a jam', { lines: ['2 kg crushed damsons', '1.4 kg sugar'], altitudeM: 1500 }],
  ['a butter', { lines: ['3 kg apples', '500 g sugar'], product: 'butter', altitudeM: 0 }],
  ['a refused one', { lines: ['1 kg melon', '200 g figs', '600 g sugar', 'a handful of joy'] }],
])('every sentence of a plan of %s is of the catalogue', (_, request) => {
  const { code, out } = planFromText(JSON.stringify(request));
  expect(code).toBe(0);
  const sentences: string[] = [];
  JSON.parse(out, (_key, value: unknown) => {
    if (typeof value === 'string' && SENTENCE.test(outsideCatalogue(value))) sentences.push(value);
    return value;
  });
  expect(sentences).toEqual([]);
});

test('every sentence about lines that are read is of the catalogue', () => {
  const { out } = readFromText('2 kg crushed damsons\n1 box magic\n-3 cups sugar\n½ glass rum');
  expect(out).toContain('⟦');
  const outside = outsideCatalogue(out).match(/"[^"\n]*\p{Ll} \p{Ll}+ \p{Ll}+[^"\n]*\."/gu);
  expect(outside).toBeNull();
});
