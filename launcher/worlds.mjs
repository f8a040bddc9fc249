import { mkdirSync, readdirSync, rmSync, writeFileSync } from 'node:fs';
import { join, relative } from 'node:path';
import { secondsOf } from './testSeconds.mjs';
import { ROOT } from './shell.mjs';

/**
 * Where the worlds of a room stand. Without KETTLE_WORLDS nobody looks there: one file is tried as
 * ever.
 */
export const WORLDS = '.worlds';

/** In how many worlds the files of a room are tried; one that is not here keeps a world a file. */
const WORLDS_OF = /** @type {const} */ ({
  words: 1,
  core: 6,
  contract: 1,
  cli: 1,
  web: 2,
  server: 3,
});

/** @param {string} folder @returns {string[]} */
const testsIn = (folder) =>
  readdirSync(folder, { withFileTypes: true }).flatMap((entry) => {
    const path = join(folder, entry.name);
    if (entry.isDirectory())
      return ['node_modules', 'dist', WORLDS].includes(entry.name) ? [] : testsIn(path);
    return /\.test\.tsx?$/.test(entry.name) ? [path] : [];
  });

/**
 * Shares files out so that each lot takes about as long.
 * @param {readonly string[]} files @param {number} lots
 */
function sharedOut(files, lots) {
  const all = Array.from({ length: lots }, () => ({
    seconds: 0,
    files: /** @type {string[]} */ ([]),
  }));
  for (const file of [...files].sort((a, b) => secondsOf(b) - secondsOf(a) || (a < b ? -1 : 1))) {
    const lot = all.reduce((least, one) => (one.seconds < least.seconds ? one : least));
    lot.seconds += secondsOf(file);
    lot.files.push(file);
  }
  return all.map((lot) => lot.files);
}

/**
 * Test files of one room that are tried one after the other in one world of Jest’s. In a world of
 * its own each would read every module anew and compute cold: core took half as long again. What is
 * spoken is as at first for each of them.
 * @param {string} folder of the world @param {readonly string[]} files
 */
const worldOf = (folder, files) =>
  `import { DEFAULT_LANGUAGE, setLanguage, setMeasures } from '${relative(folder, join(ROOT, 'words/index.ts'))}';

const asAtFirst = () => {
  setLanguage(DEFAULT_LANGUAGE);
  setMeasures(null);
};
${files
  .map(
    (file) => `
describe('${relative(ROOT, file)}', () => {
  beforeAll(asAtFirst);
  require('${relative(folder, file)}');
});`,
  )
  .join('')}
`;

/**
 * Writes the worlds of some rooms anew.
 * @param {readonly string[]} rooms
 * @param {(file: string) => boolean} [isIn] which files; the others are tried elsewhere
 */
export function writeWorlds(rooms, isIn = () => true) {
  for (const [room, lots] of Object.entries(WORLDS_OF)) {
    if (!rooms.includes(room)) continue;
    const folder = join(ROOT, room, WORLDS);
    rmSync(folder, { recursive: true, force: true });
    mkdirSync(folder);
    sharedOut(testsIn(join(ROOT, room)).filter(isIn), lots).forEach((files, index) =>
      writeFileSync(join(folder, `${index + 1}.test.ts`), worldOf(folder, files)),
    );
  }
}
