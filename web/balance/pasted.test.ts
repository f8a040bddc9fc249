import { readPasted } from './pasted.ts';

test('a recipe as text gives its lines, and says what it left out', () => {
  const pasted = readPasted(
    'Damson jam\n\n2 kg damsons\n1.4 kg sugar\n\nMethod\nBoil it hard.\n',
    'us',
  );
  if (!pasted.ok) throw new Error(pasted.message);
  expect(pasted.lines).toEqual(['2 kg damsons', '1.4 kg sugar']);
  expect(pasted.rest.join(' ')).toContain('Boil it hard');
});

test('a recipe as JSON-LD gives its name and its lines', () => {
  const pasted = readPasted(
    JSON.stringify({
      '@context': 'https://schema.org',
      '@type': 'Recipe',
      name: 'Plum jam',
      recipeIngredient: ['1 kg plums', '800 g sugar'],
    }),
    'us',
  );
  expect(pasted).toMatchObject({
    ok: true,
    name: 'Plum jam',
    lines: ['1 kg plums', '800 g sugar'],
  });
});

test.each(['{', '[1, 2]', '{"@type": "Person"}'])('%s is refused, and nothing is taken', (text) => {
  const pasted = readPasted(text, 'us');
  expect(pasted.ok).toBe(false);
  expect(pasted.ok ? '' : pasted.message).toContain('Nothing was imported.');
});
