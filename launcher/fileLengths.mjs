import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { ROOT } from './shell.mjs';
import { filesIn } from './sources.mjs';

const ROOMS = ['words', 'core', 'contract', 'cli', 'server', 'web', 'e2e', 'bench', 'launcher'];

/** A file of more lines than this holds more than one concept. */
const MOST_LINES = 350;

/** Tables, texts and cases: as long as what they list. */
const DATA = new Set([
  'core/calibration/testedFormulas.ts',
  'core/ingredients/fruits.ts',
  'core/ingredients/otherIngredients.ts',
  'core/parser/words.ts',
  'core/test/lineCorpus.ts',
  'core/test/storageFormulas.ts',
  'words/en-US/balance.ts',
]);

/**
 * Source files that are too long to be about one thing, as `file: lines`.
 * @returns {string[]}
 */
export const longFiles = () =>
  ROOMS.flatMap((room) => filesIn(room, ['.ts', '.tsx', '.mjs'])).flatMap((file) => {
    const lines = readFileSync(join(ROOT, file), 'utf8').split('\n').length - 1;
    return lines > MOST_LINES && !DATA.has(file) ? [`${file}: ${lines}`] : [];
  });
