import { Unreachable } from '../api/request.ts';
import { FakeClock } from '../test/fakeClock.ts';
import { fakeNet } from '../test/fakeNet.ts';
import { ServerClock } from './serverClock.ts';
import { MemoryCookStore } from './localCookStore.ts';

test('of three questions the one that was answered fastest tells the time, and it is kept', async () => {
  const clock = new FakeClock();
  const ways = [400, 10, 900];
  const asked = fakeNet(
    clock,
    () => ({ now: clock.now() + 90_000 }),
    () => ({ fate: 'ok', ms: ways.shift() ?? 0 }),
  );
  const server = new ServerClock(asked, clock);
  const comparing = server.compare();
  await clock.pass(5000);
  await comparing;
  expect(server.now() - clock.now()).toBe(90_000);

  const store = new MemoryCookStore();
  await server.keep(store);
  const next = new ServerClock(asked, clock);
  await next.recall(store);
  expect(next.now() - clock.now()).toBe(90_000);
});

test('where nothing is answered, what was known stays', async () => {
  const clock = new FakeClock();
  const server = new ServerClock(() => Promise.reject(new Unreachable()), clock);
  await expect(server.compare()).rejects.toThrow(Unreachable);
  expect(server.now()).toBe(clock.now());
});

/** A server whose clock agrees with the steady one of a device, and may be out of reach. */
function device() {
  const clock = new FakeClock();
  let reachable = true;
  let asked = 0;
  const server = new ServerClock(<T>() => {
    asked += 1;
    return reachable
      ? Promise.resolve({ now: clock.steady() } as T)
      : Promise.reject(new Unreachable());
  }, clock);
  return { clock, server, asked: () => asked, cutOff: () => (reachable = false) };
}

test.each([3_600_000, -3_600_000, 3 * 24 * 3_600_000])(
  'a wall clock that jumps by %d ms makes no minute, with a network and without',
  async (jump) => {
    const { clock, server, asked, cutOff } = device();
    await server.compare();
    const before = asked();
    const from = server.now();
    clock.setWall(jump);
    await clock.pass(60_000);
    expect(server.now() - from).toBe(60_000);
    // The two clocks of the device do not agree, so the server is asked, and then no more.
    await clock.pass(10_000);
    expect(asked()).toBeGreaterThan(before);
    const settledAt = asked();
    server.now();
    await clock.pass(60_000);
    expect([server.now() - from, asked()]).toEqual([130_000, settledAt]);

    cutOff();
    clock.setWall(jump);
    await clock.pass(60_000);
    expect(server.now() - from).toBe(190_000);
    // Nor does another screen of the page, which takes up what was kept.
    const store = new MemoryCookStore();
    await store.keepFact('clock offset', 0);
    await server.recall(store);
    expect(server.now() - from).toBe(190_000);
  },
);

test('what was dated before the clock was put right is told by what it showed', async () => {
  const { clock, server, asked } = device();
  // Before it was compared it goes by a wall’s clock that is three days off.
  clock.setWall(3 * 24 * 3_600_000);
  const store = new MemoryCookStore();
  await store.keepFact('clock offset', 0);
  await server.recall(store);
  const { dated } = server;
  expect(server.now() - clock.steady()).toBe(3 * 24 * 3_600_000);
  await server.compare();
  expect(asked()).toBe(3);
  expect(server.now()).toBe(clock.steady());
  expect(server.asDated(dated)).toBe(clock.steady() + 3 * 24 * 3_600_000);
  expect(server.asDated(server.dated)).toBe(server.now());
  expect(server.asDated({ page: 'another', stretch: 0, gainedMs: 0 })).toBeNull();
});

test('what was dated before the device slept stands; what was dated after it woke lags by its sleep', async () => {
  const { clock, server } = device();
  let asleepMs = 0;
  const slept = new ServerClock(
    <T>() => Promise.resolve({ now: clock.steady() + asleepMs } as T),
    clock,
  );
  await slept.compare();
  const before = slept.dated;
  // The steady clock stands still, the wall’s and the server’s do not.
  asleepMs = 3_600_000;
  clock.setWall(asleepMs);
  const after = slept.dated;
  expect(slept.now()).toBe(clock.steady());
  await slept.compare();
  expect(slept.now()).toBe(clock.steady() + asleepMs);
  expect(slept.asDated(before)).toBe(slept.now());
  expect(slept.asDated(after)).toBe(slept.now() - asleepMs);
  expect(server.asDated(before)).toBeNull();
});
