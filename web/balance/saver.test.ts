import { Unreachable } from '../api/request.ts';
import { FakeBatches, memoryStorage } from '../test/fakeBatches.ts';
import { FakeClock } from '../test/fakeClock.ts';
import type { Fate } from '../test/fate.ts';
import { forecast } from '../test/weather.ts';
import { keepDraft, keptDraft } from './draft.ts';
import { QUIET_MS } from './saverState.ts';
import { MINUTE, PLUM, sugar, table } from '../test/savingTable.ts';

test('what is typed is in the browser at once, and the server’s after a quiet moment', async () => {
  const { write, saver, storage, clock, server } = table('a');
  write(sugar(700));
  expect(keptDraft('a', storage)).toMatchObject(sugar(700));
  expect(saver.state).toMatchObject({ changed: true, pending: false });
  await clock.pass(QUIET_MS - 1);
  expect(server.rows.get('a')?.version).toBe(1);
  await clock.pass(100);
  expect(server.rows.get('a')).toMatchObject({ ...sugar(700), version: 2 });
  expect(saver.state).toMatchObject({ changed: false, error: null, saved: { version: 2 } });
  expect(keptDraft('a', storage)).toBeNull();
});

test('a word is saved once, not letter by letter; what is typed back is not saved at all', async () => {
  const { write, clock, server } = table('a');
  for (const grams of [7, 70, 700]) {
    write(sugar(grams));
    await clock.pass(300);
  }
  await clock.pass(MINUTE);
  expect(server.written).toHaveLength(2);
  write(sugar(600));
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(server.written).toHaveLength(2);
});

test('a batch at fault stays in the browser until it can be planned', async () => {
  const { write, clock, server, storage } = table('a');
  write({ ...PLUM, lines: ['?'] }, false);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.version).toBe(1);
  expect(keptDraft('a', storage)?.lines).toEqual(['?']);
  write({ ...PLUM, lines: ['?'] }, true);
  await clock.pass(MINUTE);
  expect(server.rows.get('a')?.version).toBe(2);
});

test('a new batch is saved when it is asked for, and from then on by itself', async () => {
  const { write, saver, clock, server, made, storage } = table('new');
  write(PLUM);
  await clock.pass(MINUTE);
  expect(server.rows.size).toBe(0);
  expect(keptDraft(null, storage)).toMatchObject(PLUM);
  saver.save();
  await clock.pass(100);
  expect(made).toEqual(['new 1']);
  expect(keptDraft(null, storage)).toBeNull();
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(server.rows.get('new 1')).toMatchObject({ ...sugar(700), version: 2 });
});

test('what is typed during the first save is kept, and saved under the batch’s own name', async () => {
  const { write, saver, clock, server, storage } = table('new', {
    weather: () => ({ fate: 'ok', ms: 500 }),
  });
  write(PLUM);
  saver.save();
  await clock.pass(600);
  write(sugar(650));
  await clock.pass(600);
  expect(keptDraft(null, storage)).toBeNull();
  expect(keptDraft('new 1', storage)).toMatchObject(sugar(650));
  await clock.pass(MINUTE);
  expect([...server.rows.values()]).toMatchObject([{ ...sugar(650), version: 2 }]);
});

test.each<Fate>(['lost', 'drop', 'late', 'double', 429, 503])(
  'a first save that meets %s makes one batch, also by a page that was loaded anew',
  async (fate) => {
    const clock = new FakeClock();
    const server = new FakeBatches(clock);
    const storage = memoryStorage();
    const first = table('new', { clock, server, storage, weather: forecast(fate) });
    first.write(PLUM);
    first.saver.save();
    await clock.pass(fate === 'late' ? 20_050 : 100);
    first.saver.stop();
    if (fate === 'double') return expect(server.rows.size).toBe(1);
    expect(first.saver.state.error).not.toBeNull();
    const second = table('new', { clock, server, storage });
    expect(second.saver.first).toEqual(PLUM);
    second.saver.save();
    second.saver.save();
    await clock.pass(MINUTE);
    expect([...server.rows.values()]).toMatchObject([PLUM]);
    expect(second.made).toEqual(['new 1']);
    return expect(keptDraft(null, storage)).toBeNull();
  },
);

test('a first save whose answer was lost, and then another text: one batch, and the newer text', async () => {
  const { write, saver, clock, server } = table('new', { weather: forecast('lost') });
  write(PLUM);
  saver.save();
  await clock.pass(100);
  expect(saver.state.error).toBeInstanceOf(Unreachable);
  write(sugar(640));
  saver.save();
  await clock.pass(MINUTE);
  expect([...server.rows.values()]).toMatchObject([{ ...sugar(640), version: 2 }]);
});

test('a batch without a name gets the one that is suggested, and is not saved again for it', async () => {
  const { write, saver, clock, server } = table('new');
  write({ ...PLUM, name: '' });
  saver.save();
  await clock.pass(MINUTE);
  expect([...server.rows.values()]).toMatchObject([{ name: 'Suggested', version: 1 }]);
  expect(saver.state.changed).toBe(false);
});

test('while no server answers it is tried again, less and less often, and at once when the network is back', async () => {
  let calls = 0;
  let isAway = true;
  const { write, saver, clock, server } = table('a', {
    weather: () => {
      calls += 1;
      return { fate: isAway ? 'drop' : 'ok', ms: 5 };
    },
  });
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(calls).toBeGreaterThan(5);
  expect(calls).toBeLessThan(10);
  expect(saver.state.error).toBeInstanceOf(Unreachable);
  isAway = false;
  saver.wake();
  await clock.pass(100);
  expect(server.rows.get('a')).toMatchObject(sugar(700));
  expect(saver.state).toMatchObject({ error: null, changed: false });
});

test('what was refused for good is not sent again before it is another', async () => {
  const { write, saver, clock, server } = table('a');
  write({ ...PLUM, lines: ['wrong'] });
  await clock.pass(MINUTE);
  expect(saver.state.error?.message).toBe('That cannot be planned.');
  saver.wake();
  write(sugar(700));
  await clock.pass(MINUTE);
  expect(server.rows.get('a')).toMatchObject(sugar(700));
  expect(saver.state.error).toBeNull();
});

test('a page that is left during its first save leaves no draft of it behind', async () => {
  const { write, saver, clock, storage, server } = table('new', {
    weather: () => ({ fate: 'ok', ms: 500 }),
  });
  write(PLUM);
  saver.save();
  saver.stop();
  await clock.pass(MINUTE);
  expect(server.rows.size).toBe(1);
  expect(keptDraft(null, storage)).toBeNull();
});

test('what a card starts counts for more than a draft', () => {
  const storage = memoryStorage();
  keepDraft(null, { ...sugar(1), version: null }, storage);
  expect(table('new', { storage, start: PLUM }).saver.first).toEqual(PLUM);
  expect(table('new', { storage: memoryStorage() }).saver.first.lines).toEqual([]);
});
