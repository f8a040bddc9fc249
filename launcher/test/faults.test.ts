import { spawn, spawnSync, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import {
  chmodSync,
  existsSync,
  mkdirSync,
  readFileSync,
  rmSync,
  statSync,
  writeFileSync,
} from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import {
  childOf,
  dropStates,
  inDatabase,
  KETTLE,
  names,
  namesAgain,
  newState,
  PLUM,
  processes,
  save,
  start,
  stop,
  stopAny,
  type Process,
} from './running.ts';

jest.setTimeout(180_000);

afterEach(stopAny);
afterAll(dropStates);

/** The server process that a launcher started. */
const serverOf = (launcher: ChildProcess): Process => {
  const found = processes('server/dist/main.bundle.js').find(({ pid }) =>
    childOf(pid, launcher.pid),
  );
  if (!found) throw new Error('There is no server');
  return found;
};

test('a server and a database that are killed are started again, and nothing is lost', async () => {
  const state = newState();
  const { child, address, said } = await start(state);
  await save(address);
  const first = serverOf(child);
  process.kill(first.pid, 'SIGKILL');
  expect(await namesAgain(address)).toEqual(['Plum']);
  expect(serverOf(child).pid).not.toBe(first.pid);
  expect(said()).toContain('the server stopped by itself; starting it again');

  await save(address);
  const postmaster = Number(
    readFileSync(join(state, 'own/pg/postmaster.pid'), 'utf8').split('\n')[0],
  );
  process.kill(postmaster, 'SIGKILL');
  for (let tries = 0; tries < 300 && !said().includes('the database stopped'); tries += 1)
    await pause(100);
  expect(await namesAgain(address)).toEqual(['Plum', 'Plum']);
  await save(address);
  expect(await names(address)).toHaveLength(3);
  expect(await stop()).toBe(0);
});

test('no password is on a command line, logs are nobody else’s to read, and as root the server runs as another', async () => {
  const state = newState();
  const seen: string[] = [];
  let watching = true;
  const watch = (async () => {
    while (watching) {
      seen.push(...processes('').map(({ command }) => command));
      await pause(15);
    }
  })();
  const { child } = await start(state);
  watching = false;
  await watch;
  const { password, keeperPassword } = JSON.parse(
    readFileSync(join(state, 'own/state.json'), 'utf8'),
  ) as { password: string; keeperPassword: string };
  expect(password).toMatch(/^[0-9a-f]{48}$/);
  expect(
    seen.filter((command) => command.includes(password) || command.includes(keeperPassword)),
  ).toEqual([]);
  expect(statSync(join(state, 'own/postgres.log')).mode & 0o077).toBe(0);
  expect(statSync(join(state, 'own/state.json')).mode & 0o077).toBe(0);
  // Whoever starts it, the server is not root.
  if (process.getuid?.() === 0) expect(serverOf(child).uid).not.toBe(0);
});

/** Starts the database of a state as the launcher does, without a server, and reads names of batches. */
const REACH = `
  import { join } from 'node:path';
  import pg from 'pg';
  const { startCluster } = await import(join(process.cwd(), 'launcher/cluster.mjs'));
  const cluster = await startCluster(process.argv[1]);
  const client = new pg.Client({ connectionString: cluster.url });
  await client.connect();
  const { rows } = await client.query('SELECT name FROM batches');
  await client.end();
  await cluster.stop();
  process.stdout.write(JSON.stringify(rows.map(({ name }) => name)));
`;

/** What is in the database of a state, and what was said while it was reached. */
function reached(state: string): { readonly names: unknown; readonly said: string } {
  const { stdout, stderr, status } = spawnSync(
    process.execPath,
    ['--input-type=module', '-e', REACH, join(state, 'own')],
    { cwd: dirname(KETTLE), encoding: 'utf8' },
  );
  if (status !== 0) throw new Error(stderr);
  return { names: JSON.parse(stdout), said: stderr };
}

test('with its memory damaged, missing or of another day it still reaches the data', async () => {
  const state = newState();
  const { address } = await start(state);
  await save(address);
  await stop();
  const file = join(state, 'own/state.json');
  const memories = [
    ['damaged', '{"password": "12'],
    ['of the wrong kind', '{"databasePort": "here", "password": 12}'],
    ['missing', null],
  ] as const;
  for (const [what, memory] of memories) {
    rmSync(`${file}.damaged`, { force: true });
    if (memory === null) rmSync(file);
    else writeFileSync(file, memory);
    const again = reached(state);
    expect([what, again.names]).toEqual([what, ['Plum']]);
    expect(again.said).toContain('its data stays');
    expect(existsSync(`${file}.damaged`)).toBe(memory !== null);
  }
  const third = reached(state);
  expect(third.said).not.toContain('its data stays');
  expect(third.names).toEqual(['Plum']);
  const kept = JSON.parse(readFileSync(file, 'utf8')) as object;
  for (const wrong of [
    { password: 'another' },
    { keeperPassword: 'another' },
    { password: 'another', keeperPassword: 'another' },
  ]) {
    writeFileSync(file, JSON.stringify({ ...kept, ...wrong }));
    expect(reached(state).names).toEqual(['Plum']);
  }
  // The server reaches it as well.
  writeFileSync(file, '{');
  expect(await names((await start(state)).address)).toEqual(['Plum']);
  await stop();
});

/** How many batches are in the database of the demo, as soon as they are what is waited for. */
const batchesWhen = (state: string, enough: (count: number) => boolean): Promise<number> =>
  inDatabase(state, 'demo', async (client) => {
    for (;;) {
      const { rows } = await client.query<{ count: number }>(
        'SELECT count(*)::int AS count FROM batches',
      );
      const count = rows[0]?.count ?? 0;
      if (enough(count)) return count;
      await pause(5);
    }
  });

test('a demo whose first load was interrupted is there whole the next time', async () => {
  const state = newState();
  const child = spawn(KETTLE, ['demo'], {
    env: { ...process.env, KETTLE_STATE: state },
    stdio: 'ignore',
  });
  // Killed when some of it is there, and all it started with it.
  let loader: Process | undefined;
  for (let tries = 0; tries < 1200 && loader === undefined; tries += 1) {
    loader = processes('loadDemo.bundle.js').find(({ pid }) => childOf(pid, child.pid));
    await pause(50);
  }
  const there = await batchesWhen(state, (count) => count >= 3);
  if (loader !== undefined) process.kill(loader.pid, 'SIGKILL');
  child.kill('SIGKILL');
  await once(child, 'exit');
  expect(there).toBeLessThan(17);
  const { address } = await start(state, 'demo');
  const whole = await names(address);
  expect(whole).toHaveLength(17);
  expect(new Set(whole).size).toBe(17);
  const kitchen = (await (await fetch(`${address}/api/kitchen`)).json()) as { setUp: boolean };
  expect(kitchen.setUp).toBe(true);
  const cooks = (await (await fetch(`${address}/api/cook-sessions`)).json()) as {
    batchId: string;
    endedAt: string | null;
  }[];
  expect(cooks.filter(({ endedAt }) => endedAt === null)).toHaveLength(1);
  expect(new Set(cooks.map(({ batchId }) => batchId)).size).toBe(cooks.length);
});

/** What a start that cannot be says, and that it says it in one line. */
async function cannotStart(state: string, args: readonly string[] = []): Promise<string> {
  const said = await start(state, 'start', args).then(
    () => 'It started',
    (error: Error) => error.message,
  );
  const lines = said
    .split('\n')
    .filter((line) => line.trim() !== '' && !/first run only|its data stays/.test(line));
  expect(lines).toHaveLength(1);
  return lines[0] ?? '';
}

test('a port that is taken, a file for a folder and a folder for a file are each said in one line', async () => {
  const state = newState();
  const taken = createServer().listen(0, '127.0.0.1');
  await once(taken, 'listening');
  const { port } = taken.address() as { port: number };
  expect(await cannotStart(state, ['--port', String(port)])).toContain(
    `Port ${port} is taken. Name another with --port.`,
  );
  taken.close();

  for (const file of ['state.json', 'launcher.pid', 'postgres.log']) {
    const folder = join(state, 'own', file);
    rmSync(folder, { recursive: true, force: true });
    mkdirSync(folder);
    const said = await cannotStart(state);
    expect(said).toContain(file);
    expect(said).toContain('there is a folder where a file should be. Move it away');
    rmSync(folder, { recursive: true });
  }
  const file = join(newState(), 'a-file');
  writeFileSync(file, '');
  expect(await cannotStart(file)).toContain('there is a file where a folder should be');
  // With all of it out of the way it starts, on what was there.
  const { address } = await start(state);
  expect(await names(address)).toEqual([]);
});

test('two starts at once: one runs, the other says where', async () => {
  const state = newState();
  const [one, other] = await Promise.allSettled([start(state), start(state)]);
  const told = [one, other].map((end) =>
    end.status === 'fulfilled' ? 'runs' : (end.reason as Error).message,
  );
  expect(told.filter((word) => word === 'runs')).toHaveLength(1);
  expect(told.find((word) => word !== 'runs')).toMatch(/already (running at|starting)/);
});

/** A state folder on a small disk of its own; null for a user who may not mount one. */
function onSmallDisk(): string | null {
  const state = newState();
  const mounted = spawnSync('mount', ['-t', 'tmpfs', '-o', 'size=150m', 'tmpfs', state]);
  if (mounted.status !== 0) {
    expect(process.getuid?.() === 0 && existsSync('/dev/loop-control')).toBe(false);
    return null;
  }
  chmodSync(state, 0o755);
  return state;
}

test('a disk that is full is said in one line, before and while it runs, and what was there stays', async () => {
  const state = onSmallDisk();
  if (state === null) return;
  const fill = () => spawnSync('dd', ['if=/dev/zero', `of=${join(state, 'fill')}`, 'bs=1M']);
  try {
    fill();
    expect(await cannotStart(state)).toMatch(
      /^kettle: \S+ cannot be used: the disk is full\. Free some space, and start again/,
    );
    rmSync(join(state, 'fill'));
    const { address } = await start(state);
    await save(address);
    fill();
    const full = await fetch(`${address}/api/batches`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({
        ...PLUM,
        lines: Array.from({ length: 90 }, () => '1 kg plums, stoned'),
      }),
    });
    expect([201, 507]).toContain(full.status);
    expect(await names(address)).toContain('Plum');
    await stop();
    rmSync(join(state, 'fill'));
    const again = await start(state);
    expect(await names(again.address)).toContain('Plum');
    await stop();
  } finally {
    spawnSync('umount', [state]);
  }
});

test('a disk that may only be read is said in one line, and what is on it is there when it may be written again', async () => {
  const state = onSmallDisk();
  if (state === null) return;
  const remount = (how: string) => spawnSync('mount', ['-o', `remount,${how}`, state]).status;
  try {
    await save((await start(state)).address);
    await stop();
    expect(remount('ro')).toBe(0);
    const refused = await start(state).then(String, (error: Error) => error.message);
    expect(refused).toMatch(
      /^kettle: \S+ cannot be used: it is on a disk that may only be read\. /,
    );
    expect(refused.trim()).not.toContain('\n');
    expect(remount('rw')).toBe(0);
    expect(await names((await start(state)).address)).toContain('Plum');
    await stop();
  } finally {
    spawnSync('umount', [state]);
  }
});
