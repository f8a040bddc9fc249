import { spawn } from 'node:child_process';
import { once } from 'node:events';
import { existsSync, mkdirSync, mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { dropStates, newState } from './running.ts';

const LOCK = join(__dirname, '../lock.mjs');

/**
 * Processes that try to take the folder at once; each holds what it got until all have said what
 * came of it.
 */
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

afterAll(dropStates);

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

test('locks that were left are broken by one at a time: never do two hold the folder', async () => {
  const folder = folderWith('999999 12345');
  const mine = JSON.stringify(join(folder, 'inside'));
  // Whoever gets it goes inside alone, and leaves as if it had been killed: each lock but the first
  // is one that was left.
  const program = `
    import { mkdirSync, renameSync, rmdirSync, writeFileSync } from 'node:fs';
    import { takeLock } from ${JSON.stringify(LOCK)};
    let times = 0;
    let last = 0;
    while (times < 300 && last < 200_000) {
      last += 1;
      if ('heldBy' in takeLock(${JSON.stringify(folder)})) continue;
      mkdirSync(${mine});
      times += 1;
      rmdirSync(${mine});
      const left = ${JSON.stringify(join(folder, 'left'))} + process.pid;
      writeFileSync(left, '999999 12345');
      renameSync(left, ${JSON.stringify(join(folder, 'launcher.pid'))});
    }
    process.stdout.write(String(times));`;
  const children = Array.from({ length: 6 }, () =>
    spawn(process.execPath, ['--input-type=module', '-e', program]),
  );
  const said = await Promise.all(
    children.map(async ({ stdout, stderr }) => {
      let [out, wrong] = ['', ''];
      stdout.on('data', (text) => (out += String(text)));
      stderr.on('data', (text) => (wrong += String(text)));
      await Promise.all([once(stdout, 'close'), once(stderr, 'close')]);
      return wrong === '' ? out : wrong;
    }),
  );
  expect(said).toEqual(said.map(() => '300'));
});

/**
 * Begins with a cluster that is thrown away, as `./kettle test` does, and says what came of it;
 * holds it until its input ends.
 */
function testRun(state: string) {
  const program = `
    import { withTestCluster } from ${JSON.stringify(join(__dirname, '../throwaway.mjs'))};
    const held = new Promise((end) => process.stdin.resume().once('end', end));
    withTestCluster('test', () => { process.stdout.write('runs'); return held; })
      .catch(({ message }) => process.stdout.write(message));`;
  return spawn(process.execPath, ['--input-type=module', '-e', program], {
    env: { ...process.env, KETTLE_STATE: state },
  });
}

test('a second run of the tests throws nothing of the first away, and says so', async () => {
  const state = newState();
  const first = testRun(state);
  expect(String(await once(first.stdout, 'data'))).toBe('runs');
  const second = testRun(state);
  expect(String(await once(second.stdout, 'data'))).toContain('Another run of this is under way');
  second.stdin.end();
  first.stdin.end();
  await Promise.all([once(first, 'exit'), once(second, 'exit')]);
  expect(existsSync(join(state, 'test/launcher.pid'))).toBe(false);
});

test('a folder where the lock should be is told as what it is', async () => {
  const folder = folderWith();
  mkdirSync(join(folder, 'launcher.pid'));
  expect(await tries(folder)).toMatch(/EISDIR|node:/);
});
