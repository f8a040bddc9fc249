import { textOf } from '@idle-kettle/words';
import { readLine } from '../parser/index.ts';
import { LINE_CORPUS } from '../test/lineCorpus.ts';
import { formatLine } from './formatLine.ts';

const READ = LINE_CORPUS.filter(([, ingredient]) => ingredient !== null);

test('a line written out in grams reads back the same', () => {
  for (const [text] of READ) {
    const line = readLine(text);
    if (!line.understood) throw new Error(`${text}: ${textOf(line.trouble.message)}`);
    const again = readLine(formatLine(line));
    expect([text, again]).toMatchObject([
      text,
      { understood: true, ingredient: { id: line.ingredient.id } },
    ]);
    if (!again.understood) continue;
    expect([text, again.form, again.ripeness]).toEqual([text, line.form, line.ripeness]);
    expect(Math.abs(again.massG.typical - line.massG.typical)).toBeLessThanOrEqual(0.06);
  }
});
