import { SECOND_CORPUS } from '../test/secondCorpus.ts';
import { readLine } from './readLine.ts';

/** Whether a line was read as it was meant, asked about, or taken for something else. */
function readingOf([line, id, massG]: (typeof SECOND_CORPUS)[number]): 'read' | 'asked' | 'wrong' {
  const reading = readLine(line);
  if (!reading.understood) return 'asked';
  const isRight =
    id === reading.ingredient.id && Math.abs(reading.massG.typical / massG - 1) < 0.02;
  return isRight ? 'read' : 'wrong';
}

const READ = SECOND_CORPUS.map((line) => ({ line, as: readingOf(line) }));

test('there are at least 600 lines', () => {
  expect(new Set(SECOND_CORPUS.map(([line]) => line)).size).toBeGreaterThanOrEqual(600);
});

test('at most three in a thousand are read as what they are not', () => {
  const wrong = READ.filter(({ as }) => as === 'wrong').map(({ line }) => line[0]);
  expect(wrong.length / READ.length <= 0.003 ? [] : wrong).toEqual([]);
});

test('of those that say what they are, at least 92 % are read', () => {
  const clear = READ.filter(({ line: [, id] }) => id !== null);
  const asked = clear.filter(({ as }) => as === 'asked').map(({ line }) => line[0]);
  expect(1 - asked.length / clear.length >= 0.92 ? [] : asked).toEqual([]);
});
