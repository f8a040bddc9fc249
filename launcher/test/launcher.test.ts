import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import {
  dropStates,
  KETTLE,
  names,
  newState,
  processes,
  save,
  start,
  stop,
  stopAny,
} from './running.ts';

const ROOT = join(__dirname, '../..');

let state: string;

beforeAll(() => {
  state = newState();
});
afterAll(async () => {
  await stopAny();
  dropStates();
});

jest.setTimeout(120_000);

test('keeps batches through a stop, and through kill -9 of the launcher', async () => {
  const { address: first } = await start(state);
  await save(first);

  expect(await stop('SIGINT')).toBe(0);
  expect(processes(state)).toEqual([]);

  const { address: second } = await start(state);
  expect(second).toBe(first);
  expect(await names(second)).toEqual(['Plum']);

  await stop('SIGKILL');
  const { address: third } = await start(state);
  expect(third).toBe(first);
  expect(await names(third)).toEqual(['Plum']);

  expect(await stop('SIGTERM')).toBe(0);
  expect(processes(state)).toEqual([]);
});

test('a second start finds the first, and says where it is', async () => {
  const { address } = await start(state);
  const second = spawnSync(KETTLE, ['start'], {
    env: { ...process.env, KETTLE_STATE: state },
    encoding: 'utf8',
  });
  expect(second.status).toBe(0);
  expect(second.stderr).toContain(`already running at ${address}`);
});

test('the database listens on loopback alone, wants a password, and is nobody else’s to read', () => {
  const settings =
    processes(state).find(({ command }) => command.includes('listen_addresses'))?.command ?? '';
  expect(settings).toContain('listen_addresses=127.0.0.1');
  expect(settings).toContain('unix_socket_directories= ');
  const folder = join(state, 'own');
  const accessRules = readFileSync(join(folder, 'pg', 'pg_hba.conf'), 'utf8')
    .split('\n')
    .filter((line) => line.trim() !== '' && !line.startsWith('#'));
  expect(accessRules.every((line) => line.trim().endsWith('scram-sha-256'))).toBe(true);
  expect(statSync(join(folder, 'state.json')).mode & 0o077).toBe(0);
  expect(statSync(join(folder, 'pg')).uid).not.toBe(0);
});

test('no word, or a wrong one, gets the list of what it can do', () => {
  const alone = spawnSync(KETTLE, { encoding: 'utf8' });
  expect([alone.status, alone.stdout]).toEqual([0, expect.stringContaining('./kettle demo')]);
  expect(spawnSync(KETTLE, ['dance'], { encoding: 'utf8' }).status).toBe(2);
});

test('without apt or PostgreSQL it says the one command that helps', () => {
  // A PATH with node and the shell's own tools, but neither apt-get nor sudo.
  const bare = mkdtempSync(join(tmpdir(), 'kettle-bare-'));
  for (const tool of ['node', 'sh', 'dirname', 'pwd']) {
    spawnSync('ln', [
      '-s',
      spawnSync('which', [tool], { encoding: 'utf8' }).stdout.trim(),
      join(bare, tool),
    ]);
  }
  const script = `
    import { ensurePackages } from '${join(ROOT, 'launcher/packages.mjs')}';
    await ensurePackages([{ name: 'postgresql', present: () => false }]).catch((error) => console.log(error.message));`;
  const said = spawnSync(process.execPath, ['--input-type=module', '-e', script], {
    env: { PATH: bare },
    encoding: 'utf8',
  });
  expect(said.stdout.trim()).toBe(
    'postgresql must be installed, and there is no apt-get here. On Debian: apt-get update && apt-get install -y --no-install-recommends postgresql',
  );
});

test('plan reads standard input and files, answers JSON, and exits 2 naming each fault', () => {
  const good = spawnSync(KETTLE, ['plan'], {
    input: '{"lines":["1 kg plums","1 kg sugar"]}',
    encoding: 'utf8',
  });
  expect(good.status).toBe(0);
  expect(JSON.parse(good.stdout)).toMatchObject({ shelf: { verdict: 'pantry' } });
  const file = join(state, 'plan.json');
  writeFileSync(file, '{"lines":["-1 kg plums"],"x":1}');
  const bad = spawnSync(KETTLE, ['plan', file], { encoding: 'utf8' });
  expect(bad.status).toBe(2);
  expect(bad.stderr).toContain('x: There is no such key here');
});
