import { LINE_CORPUS } from '../test/lineCorpus.ts';
import { readLine } from './readLine.ts';

const READ = LINE_CORPUS.filter(([, ingredient]) => ingredient !== null);
const ASKED = LINE_CORPUS.filter(([, ingredient]) => ingredient === null);

test('the corpus holds at least 500 lines', () => {
  expect(new Set(LINE_CORPUS.map(([line]) => line)).size).toBeGreaterThanOrEqual(500);
});

test.each(READ)('“%s” is %s, %d g', (text, id, massG) => {
  const line = readLine(text);
  expect(line).toMatchObject({ understood: true, ingredient: { id } });
  if (line.understood) expect(line.massG.typical / massG).toBeCloseTo(1, 2);
});

test.each(ASKED)('“%s” is asked about', (text) => {
  const line = readLine(text);
  expect(line).toMatchObject({ understood: false, text });
  if (!line.understood) expect(line.trouble.message).not.toBe('');
});
