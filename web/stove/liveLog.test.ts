import { nameOf } from '@idle-kettle/core';
import { Unreachable } from '../api/request.ts';
import { FakeClock, settled } from '../test/fakeClock.ts';
import { COOK, FakeCooks } from '../test/fakeCooks.ts';
import { refusal } from '../test/fakeNet.ts';
import type { Fate } from '../test/fate.ts';
import { forecast } from '../test/weather.ts';
import { newEntry } from './keptEntry.ts';
import { SILENT_MS } from './liveLog.ts';
import { MemoryCookStore, type LocalCookStore } from './localCookStore.ts';
import { OPENING, MINUTE, house, kinds, opened } from '../test/stoveHouse.ts';

const LIT = { kind: 'lit', at: 5, value: null, text: null } as const;

test('a cook is shown from the shelf at once, before any server answers', async () => {
  const store = new MemoryCookStore();
  await store.keepCook(COOK);
  await store.writeDown(
    newEntry('pot', 'browser a', 1, LIT, { page: 'another', stretch: 0, gainedMs: 0 }),
  );
  const { log } = house({ store, weather: () => ({ fate: 'drop', ms: 1000 }) });
  expect(log.state.session).toBeNull();
  void log.start();
  await settled();
  expect(log.state).toMatchObject({ session: { name: 'Damson' }, waiting: 1, heard: false });
});

test('what is noted is on the shelf before it is sent, and is the server’s soon after', async () => {
  const { log, clock, server, shelf: store } = await opened();
  expect(log.state).toMatchObject({ heard: true, waiting: 0, error: null });
  void log.note('lit');
  await settled();
  expect(await store.waiting('pot')).toHaveLength(1);
  expect(log.state.waiting).toBe(1);
  await clock.pass(100);
  expect(kinds(server.log)).toEqual(['lit']);
  expect(log.state.waiting).toBe(0);
  server.tell();
  await settled();
  expect(log.state.entries).toMatchObject([{ kind: 'lit', position: 1 }]);
});

test('a press is later than what it answers, though the clocks were compared anew and went back', async () => {
  const { log, clock, server } = await opened();
  const now = clock.now();
  server.put({ source: 'phone', seq: 1, at: now + 900, kind: 'lit' });
  // A device whose clock is an hour ahead is not followed there.
  server.put({ source: 'wrong', seq: 1, at: now + 60 * MINUTE, kind: 'stirred' });
  server.tell();
  void log.note('skimmed');
  void log.note('skimmed');
  expect(log.state.entries.map(({ kind, at }) => [kind, at - now])).toEqual([
    ['lit', 900],
    ['skimmed', 901],
    ['skimmed', 902],
    ['stirred', 60 * MINUTE],
  ]);
});

test('what others note is seen, once each, though it is told twice', async () => {
  const { log, server, clock } = await opened();
  const values = () => log.state.entries.map(({ value }) => value);
  const read = (seq: number, kind: 'temperature' | 'stirred' = 'temperature') =>
    server.put({ source: 'probe', seq, at: seq, kind, value: 20 + seq });
  for (const seq of [1, 2, 3]) read(seq);
  server.tell();
  server.tell(true);
  // What a probe says each second is taken in some of it at a time.
  expect(values()).toEqual([]);
  await clock.pass(4000);
  expect(values()).toEqual([21, 22, 23]);
  // A press is taken in at once, and what was read before it with it.
  read(4);
  read(5, 'stirred');
  server.tell();
  expect(values()).toEqual([21, 22, 23, 24, 25]);
  // So is what was missed.
  for (let seq = 6; seq <= 40; seq += 1) read(seq);
  server.tell();
  expect(values()).toHaveLength(40);
});

test.each<Fate>([408, 429, 503, 'drop', 'lost'])(
  'an entry that meets %s is not given up, and is delivered once',
  async (fate) => {
    const { log, clock, server } = await opened({ weather: forecast(...OPENING, fate, fate) });
    void log.note('stirred');
    await clock.pass(100);
    expect(log.state).toMatchObject({ waiting: 1, refused: null, heard: false });
    await clock.pass(10_000);
    expect(log.state).toMatchObject({ waiting: 0, refused: null, heard: true });
    expect(kinds(server.log)).toEqual(['stirred']);
  },
);

test('one refused entry is refused alone, and said', async () => {
  const clock = new FakeClock();
  const server = new FakeCooks(clock, ({ text }) => text === 'wrong');
  const { log } = house({ clock, server });
  void log.start();
  await clock.pass(1000);
  await Promise.all([
    log.note('stirred', null, 'one'),
    log.note('stirred', null, 'wrong'),
    log.note('stirred', null, 'two'),
    clock.pass(5000),
  ]);
  expect(server.log.map(({ text }) => text)).toEqual(['one', 'two']);
  expect(log.state).toMatchObject({ waiting: 0, refused: 'status 400' });
});

test('waking many times opens one connection', async () => {
  const { log, clock, server } = house();
  void log.start();
  for (let i = 0; i < 5; i += 1) log.wake();
  await clock.pass(2);
  log.wake();
  await clock.pass(1000);
  log.wake();
  await clock.pass(1000);
  expect(server.mostViews).toBe(1);
  expect(server.views.size).toBe(1);
});

test('a line that fell silent is dead: another is opened, and the old one is not listened to', async () => {
  const { log, clock, server } = await opened();
  const [old] = server.views;
  await clock.pass(SILENT_MS + 2000);
  expect(server.views.size).toBe(1);
  expect(server.views.has(old!)).toBe(false);
  expect(log.state.heard).toBe(true);
  old!.ear.log({
    entries: [
      { source: 'x', seq: 1, at: 1, kind: 'lit', value: null, text: null, position: 1, by: null },
    ],
    position: 1,
  });
  expect(log.state.entries).toEqual([]);
});

test('a tab that slept longer than a line may be silent looks at once when it wakes', async () => {
  const { clock, server, log } = await opened();
  const [old] = server.views;
  // While it sleeps no timer of it goes off: the clock alone has gone on.
  const awake = clock.now;
  Object.assign(clock, { now: () => awake() + MINUTE });
  log.wake();
  await clock.pass(100);
  expect(server.views.has(old!)).toBe(false);
  expect(server.views.size).toBe(1);
});

test('where a piece of the log is missing it is asked for from there', async () => {
  const { log, clock, server } = await opened();
  for (const seq of [1, 2, 3]) server.put({ source: 'p', seq, at: seq, kind: 'stirred' });
  for (const view of server.views) view.from = 2;
  server.tell();
  expect(log.state.entries).toEqual([]);
  await clock.pass(2000);
  expect([...server.views].map(({ from }) => from)).toEqual([0]);
  server.tell();
  expect(log.state.entries).toHaveLength(3);
});

test('a request that hangs holds the queue for twenty seconds and no longer', async () => {
  const { log, clock, server } = await opened({ weather: forecast(...OPENING, 'late') });
  void log.note('lit');
  void log.note('stirred');
  await clock.pass(19_000);
  expect(server.log).toEqual([]);
  await clock.pass(6000);
  expect(kinds(server.log)).toEqual(['lit', 'stirred']);
  expect(log.state.waiting).toBe(0);
});

test('a page that is loaded anew delivers what the old one could not', async () => {
  const clock = new FakeClock();
  const store = new MemoryCookStore();
  const server = new FakeCooks(clock);
  const first = house({ clock, store, server, weather: forecast(...OPENING, 'drop', 'drop') });
  void first.log.start();
  await clock.pass(1000);
  void first.log.note('lit');
  await clock.pass(50);
  first.log.stop();
  await clock.pass(MINUTE);
  expect(server.log).toEqual([]);
  const second = house({ clock, store, server });
  void second.log.start();
  await clock.pass(1000);
  expect(kinds(server.log)).toEqual(['lit']);
  expect(server.views.size).toBe(1);
});

test('two tabs of one browser note under numbers of their own, and nothing is delivered twice', async () => {
  const clock = new FakeClock();
  const store = new MemoryCookStore();
  const server = new FakeCooks(clock);
  const [a, b] = [house({ clock, store, server }), house({ clock, store, server })];
  void a.log.start();
  void b.log.start();
  await clock.pass(1000);
  void a.log.note('lit');
  void b.log.note('stirred');
  await clock.pass(1000);
  expect(kinds(server.log).sort()).toEqual(['lit', 'stirred']);
  expect(new Set(server.log.map(nameOf)).size).toBe(2);
});

test('that a cook ends is tried until it is heard, after all that was noted, also by the next page', async () => {
  const clock = new FakeClock();
  const store = new MemoryCookStore();
  const server = new FakeCooks(clock);
  const first = house({
    clock,
    store,
    server,
    weather: forecast(...OPENING, 'drop', 'drop', 'drop'),
  });
  void first.log.start();
  await clock.pass(1000);
  void first.log.note('ready');
  void first.log.end();
  await clock.pass(50);
  first.log.stop();
  await clock.pass(1000);
  expect(server.endings).toBe(0);

  const second = house({ clock, store, server, weather: forecast(...OPENING, 'ok', 'lost') });
  void second.log.start();
  await clock.pass(10_000);
  expect(kinds(server.log)).toEqual(['ready']);
  expect(second.log.state.session?.endedAt).not.toBeNull();
  // Heard the first time, and asked once more since the answer was lost: ended twice, it ended the
  // first time.
  expect(server.endings).toBe(2);
  await clock.pass(MINUTE);
  expect(server.endings).toBe(2);
});

test('a cook that cannot be ended says why, and is not asked for ever', async () => {
  const { log, clock } = await opened({
    wrap: (send) => (path, method, body) =>
      path.endsWith('/end') ? Promise.reject(refusal(404, 'gone')) : send(path, method, body),
  });
  void log.end();
  await clock.pass(1000);
  expect(log.state.refused).toBe('gone');
});

test('a server that is away is asked less and less often, and no more than every four seconds', async () => {
  let calls = 0;
  const { log, clock } = house({
    wrap: () => () => {
      calls += 1;
      return Promise.reject(new Unreachable());
    },
  });
  void log.start();
  await clock.pass(MINUTE);
  expect(calls).toBeGreaterThan(12);
  expect(calls).toBeLessThan(20);
  expect(log.state).toMatchObject({ heard: false, session: null });
  expect(log.state.error).toBeInstanceOf(Unreachable);
  const before = calls;
  log.wake();
  await settled();
  expect(calls).toBe(before + 1);
});

test('a browser that keeps nothing still delivers, and says that it keeps nothing', async () => {
  const no = () => Promise.reject(new Error('not in a private window'));
  const store: LocalCookStore = {
    cook: no, keepCook: no, entries: no, waiting: no, writeDown: no, keep: no, settle: no, fact: no, keepFact: no,
  }; // prettier-ignore
  const { log, clock, server } = await opened({ store });
  void log.note('lit');
  await clock.pass(1000);
  expect(kinds(server.log)).toEqual(['lit']);
  expect(log.state).toMatchObject({ keeps: false, waiting: 0 });
});

test('a shelf that fails in the middle loses nothing of what waits', async () => {
  const store = new MemoryCookStore();
  const { log, clock, server } = await opened({
    store,
    weather: forecast(...OPENING, 'drop'),
  });
  void log.note('lit');
  await clock.pass(50);
  Object.assign(store, { writeDown: () => Promise.reject(new Error('full')) });
  void log.note('stirred');
  await clock.pass(10_000);
  expect(kinds(server.log).sort()).toEqual(['lit', 'stirred']);
  expect(log.state).toMatchObject({ keeps: false, waiting: 0 });
});

test('a log that is let go of makes no more calls, and can be taken up again', async () => {
  const { log, clock, server } = await opened();
  log.stop();
  await clock.pass(MINUTE);
  expect(server.views.size).toBe(0);
  expect(clock.waiting).toBe(0);
  void log.start();
  await clock.pass(1000);
  expect(log.state.heard).toBe(true);
});
