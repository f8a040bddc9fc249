import { spawnSync } from 'node:child_process';
import { join } from 'node:path';

const WORDS = join(__dirname, '../plainWords.mjs');

/** What the launcher says of an error of the system, and of what a program printed. */
function said(expression: string): string {
  const program = `
    import { inPlainWords, printedInPlainWords } from ${JSON.stringify(WORDS)};
    const error = (code, path) => Object.assign(new Error(code + ': …'), { code, path });
    process.stdout.write(String(${expression}));`;
  return spawnSync(process.execPath, ['--input-type=module', '-e', program], { encoding: 'utf8' })
    .stdout;
}

test.each([
  ['ENOSPC', 'the disk is full. Free some space'],
  ['EROFS', 'on a disk that may only be read. Make the disk writable, or name another folder'],
  ['EACCES', 'this user may not. Change whose it is, or name another folder'],
  ['EISDIR', 'there is a folder where a file should be. Move it away'],
  ['ENOTDIR', 'there is a file where a folder should be. Move it away'],
])('%s is one plain line that names the path and the way on', (code, words) => {
  const line = said(`inPlainWords(error('${code}', '/home/x/.kettle'))`);
  expect(line).toContain('/home/x/.kettle cannot be used: ');
  expect(line).toContain(words);
  expect(line).not.toContain('\n');
});

test.each([
  ['FATAL: could not write lock file: No space left on device', 'the disk is full'],
  ['initdb: error: could not create directory: Read-only file system', 'may only be read'],
  ['could not open file: Permission denied', 'this user may not'],
])('what a program prints of the same is said so too: %s', (printed, words) => {
  expect(said(`printedInPlainWords(${JSON.stringify(printed)}, '/data')`)).toContain(words);
});

test('what is of another kind is left as it is', () => {
  expect(said("inPlainWords(new Error('x'))")).toBe('null');
  expect(said("inPlainWords(error('ECONNREFUSED', '/x'))")).toBe('null');
  expect(said("printedInPlainWords('FATAL: role does not exist', '/data')")).toBe('null');
});
