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
