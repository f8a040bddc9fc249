import { spawn, type ChildProcess } from 'node:child_process';
import { once } from 'node:events';
import { readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { setTimeout as pause } from 'node:timers/promises';
import {
  childOf,
  dropStates,
  inDatabase,
  KETTLE,
  names,
  newState,
  processes,
  save,
  start,
  stop,
  stopAny,
} from './running.ts';

jest.setTimeout(180_000);

afterEach(stopAny);
afterAll(dropStates);

/** Makes every later look at the migrations go as `how` says, until it is taken away. */
const migrationsThat = (how: string) =>
  `ALTER TABLE migrations RENAME TO migrations_kept;
   CREATE VIEW migrations AS SELECT kept.name FROM migrations_kept AS kept, LATERAL (SELECT ${how}) AS held`;

/** A launcher that is spoken to before it answers, or does not answer at all. */
function launch(state: string) {
  const child = spawn(KETTLE, ['start'], { env: { ...process.env, KETTLE_STATE: state } });
  let said = '';
  for (const stream of [child.stdout, child.stderr])
    stream.setEncoding('utf8').on('data', (text: string) => (said += text));
  const ended = once(child, 'exit') as Promise<[number | null]>;
  return { child, said: () => said, ended };
}

async function until(holds: () => boolean): Promise<void> {
  for (let tries = 0; tries < 1200; tries += 1) {
    if (holds()) return;
    await pause(50);
  }
  throw new Error('It never came to that');
}

const runs = (what: string, launcher: ChildProcess) =>
  processes(what).some(({ pid }) => childOf(pid, launcher.pid));

test('Ctrl-C while a second start migrates ends all of it, and what was stored is there', async () => {
  const state = newState();
  await save((await start(state)).address);
  await inDatabase(state, 'own', (own) => own.query(migrationsThat('pg_sleep(600)')));
  await stop();

  const { child, said, ended } = launch(state);
  // The server is started beside the migration, which this one holds up.
  await until(
    () => runs('server/dist/migrate.bundle.js', child) && runs('server/dist/main.bundle.js', child),
  );
  const [server] = processes('server/dist/main.bundle.js').filter(({ pid }) =>
    childOf(pid, child.pid),
  );
  child.kill('SIGINT');
  expect((await ended)[0]).toBe(130);
  expect(said()).toContain('stopped before it was ready; nothing is lost');
  expect(said()).not.toContain('failed');
  expect(processes(state)).toEqual([]);
  expect(processes('server/dist/main.bundle.js').map(({ pid }) => pid)).not.toContain(server?.pid);
});

test('a migration that fails is said, and leaves no server behind that answers 503', async () => {
  const state = newState();
  await save((await start(state)).address);
  const fails = migrationsThat('pg_sleep(2), 1 / (random() * 0)::int');
  await inDatabase(state, 'own', (own) => own.query(fails));
  await stop();

  const { child, said, ended } = launch(state);
  await until(() => runs('server/dist/main.bundle.js', child));
  const [server] = processes('server/dist/main.bundle.js').filter(({ pid }) =>
    childOf(pid, child.pid),
  );
  expect((await ended)[0]).toBe(1);
  expect(said()).toContain('migrate.bundle.js failed: ');
  expect(said()).toContain('division by zero');
  expect(processes(state)).toEqual([]);
  expect(processes('server/dist/main.bundle.js').map(({ pid }) => pid)).not.toContain(server?.pid);
});

test('a second Ctrl-C ends at once what would not end, and what was stored is there afterwards', async () => {
  const state = newState();
  const { address, child, said } = await start(state);
  await save(address);
  const all = processes('').filter(({ pid }) => childOf(pid, child.pid));
  // Neither the server nor the database hears a word.
  for (const { pid } of all) process.kill(pid, 'SIGSTOP');
  const ended = once(child, 'exit');
  const from = performance.now();
  child.kill('SIGINT');
  await pause(200);
  child.kill('SIGINT');
  await ended;
  expect(performance.now() - from).toBeLessThan(10_000);
  expect(said()).toContain('stopping at once; what was stored is kept');
  await until(() => processes(state).length === 0);
  const left = processes('').map(({ pid }) => pid);
  for (const { pid } of all) expect(left).not.toContain(pid);
  expect(await names((await start(state)).address)).toEqual(['Plum']);
});

test('Ctrl-C in the first start is answered in plain words, and the next start goes on', async () => {
  const state = newState();
  const { child, said, ended } = launch(state);
  await until(() => /making a private database/.test(said()));
  child.kill('SIGINT');
  expect((await ended)[0]).toBe(130);
  expect(said().trim().split('\n').at(-1)).toBe(
    'kettle: stopped before it was ready; nothing is lost, and the next start goes on from here',
  );
  expect(said()).not.toMatch(/\n\s+at /);
  expect(processes(state)).toEqual([]);
  expect(await names((await start(state)).address)).toEqual([]);
});

test('who comes second is told where the first really answers, or that it is only starting', async () => {
  const state = newState();
  const first = launch(state);
  await until(() => /making a private database/.test(first.said()));
  const early = launch(state);
  await early.ended;
  expect(early.said()).toMatch(/already starting \(process \d+\); it will print its address/);
  await until(() => first.said().includes('Idle Kettle is at'));
  const address = /is at (http:\S+)/.exec(first.said())?.[1];
  // Whatever the folder remembers of ports.
  const file = join(state, 'own/state.json');
  const kept = JSON.parse(readFileSync(file, 'utf8')) as object;
  writeFileSync(file, JSON.stringify({ ...kept, webPort: 1234 }));
  const late = launch(state);
  await late.ended;
  expect(late.said()).toContain(`already running at ${address} `);
  first.child.kill('SIGINT');
  await first.ended;
});
