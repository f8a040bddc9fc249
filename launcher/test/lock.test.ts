import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

const LOCK = join(__dirname, '../lock.mjs');

/** Processes that try to take the folder at once; each holds what it got until all have said what came of it. */
async function tryAll(folder: string, count: number): Promise<string[]> {
  const program = `
    import { takeLock } from ${JSON.stringify(LOCK)};
    const lock = takeLock(${JSON.stringify(folder)});
    process.stdout.write('heldBy' in lock ? 'held' : 'got');
    process.stdin.resume().once('end', () => lock.release?.());`;
  const children = Array.from({ length: count }, () =>
    spawn(process.execPath, ['--input-type=module', '-e', program]),
  );
  const ends = children.map((child) => once(child, 'exit'));
  const said = await Promise.all(
    children.map(async ({ stdout, stderr }, index) => {
      const first = (stream: typeof stdout) => once(stream.setEncoding('utf8'), 'data');
      const text = await Promise.race([first(stdout), first(stderr), ends[index]]);
      return String(text?.[0]);
    }),
  );
  for (const { stdin } of children) stdin.end();
  await Promise.all(ends);
  return said;
}

const tries = async (folder: string): Promise<string> => (await tryAll(folder, 1))[0] ?? '';

const folderWith = (left?: string): string => {
  const folder = mkdtempSync(join(tmpdir(), 'kettle-lock-'));
  if (left !== undefined) writeFileSync(join(folder, 'launcher.pid'), left);
  return folder;
};

jest.setTimeout(60_000);

test.each([
  ['an empty folder', undefined],
  ['a folder that a killed launcher left', '999999 12345'],
  ['a folder whose lock names a process that began at another time', `${process.pid} 1`],
  ['a folder with nonsense for a lock', ''],
])('of twelve that try at once for %s one gets it', async (_, left) => {
  const folder = folderWith(left);
  const said = await tryAll(folder, 12);
  expect(said.filter((word) => word === 'got')).toHaveLength(1);
  expect(said.filter((word) => word === 'held')).toHaveLength(11);
  expect(existsSync(join(folder, 'launcher.pid'))).toBe(false);
  expect(await tries(folder)).toBe('got');
});

test('a folder where the lock should be is told as what it is', async () => {
  const folder = folderWith();
  mkdirSync(join(folder, 'launcher.pid'));
  expect(await tries(folder)).toMatch(/EISDIR|node:/);
});
