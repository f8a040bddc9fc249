import { Sequelize } from 'sequelize-typescript';
import { freshDatabase } from '../test/freshDatabase.ts';
import { ClockSources } from './clockSources.ts';
import { ServerClock } from './serverClock.service.ts';

const DAY = 24 * 3_600_000;
const START = Date.UTC(2026, 8, 1);

/** Clocks that are set by hand. */
class SetClocks extends ClockSources {
  wallMs = START;
  steadyMs = 5000;
  wall = () => this.wallMs;
  steady = () => this.steadyMs;

  pass(ms: number): void {
    this.wallMs += ms;
    this.steadyMs += ms;
  }
}

let database: Sequelize;
beforeAll(async () => {
  database = new Sequelize(await freshDatabase(), { dialect: 'postgres', logging: false });
});
afterAll(() => database.close());
afterEach(() => database.query('DELETE FROM cook_sessions'));

/** A cook at which something was done at a moment. */
const cookAt = (at: number) =>
  database.query(
    `WITH session AS (
       INSERT INTO cook_sessions (id, household_id, name, formula, kitchen, clock)
       SELECT gen_random_uuid(), id, 'Plum', '{}', '{}', '{}' FROM households LIMIT 1
       RETURNING id)
     INSERT INTO cook_session_entries (session_id, source, seq, position, at, kind)
     SELECT id, 'a', 1, 1, to_timestamp($1 / 1000.0), 'canner-boils' FROM session`,
    { bind: [at] },
  );

test('while a cook is under way a wall clock that is set makes no minute', async () => {
  const sources = new SetClocks();
  const clock = new ServerClock(sources, database);
  expect(clock.now()).toBe(START);
  await cookAt(START);
  for (const jump of [3_600_000, -2 * 3_600_000, 3 * DAY]) {
    const before = clock.now();
    sources.wallMs += jump;
    sources.pass(60_000);
    await clock.compare();
    expect(clock.now() - before).toBe(60_000);
  }
});

test('with no cook under way the kitchen goes by the wall again', async () => {
  const sources = new SetClocks();
  const clock = new ServerClock(sources, database);
  sources.wallMs += 3 * DAY;
  sources.pass(60_000);
  expect(clock.now()).toBe(START + 60_000);
  await cookAt(START - 2 * DAY);
  const warn = jest.spyOn(clock['logger'], 'warn').mockImplementation(() => undefined);
  await clock.compare();
  expect(clock.now()).toBe(START + 3 * DAY + 60_000);
  expect(warn).toHaveBeenCalledWith(expect.stringContaining('was set by 259200 s'));
});
