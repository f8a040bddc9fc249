import type { Send } from '../api/request.ts';
import { LiveLog } from '../stove/liveLog.ts';
import { MemoryCookStore, type LocalCookStore } from '../stove/localCookStore.ts';
import { ServerClock } from '../stove/serverClock.ts';
import { FakeClock } from './fakeClock.ts';
import { FakeCooks } from './fakeCooks.ts';
import { fakeNet } from './fakeNet.ts';
import type { Fate, Weather } from './fate.ts';

export const MINUTE = 60_000;

type House = {
  readonly clock?: FakeClock;
  readonly store?: LocalCookStore;
  readonly server?: FakeCooks;
  readonly weather?: Weather;
  readonly wrap?: (send: Send) => Send;
};
/** A stove in a browser, before a server. */
export function house({
  clock = new FakeClock(),
  store = new MemoryCookStore(),
  server = new FakeCooks(clock),
  weather,
  wrap = (send) => send,
}: House = {}) {
  const send = wrap(fakeNet(clock, server.answer, weather));
  const log = new LiveLog('pot', {
    store,
    send,
    listen: server.listen,
    clock,
    serverClock: new ServerClock(send, clock),
    inTurn: (post) => post(),
  });
  return { clock, shelf: store, server, log };
}
/** The calls that are made before the line is open: the cook, and the clock three times. */
export const OPENING: readonly Fate[] = ['ok', 'ok', 'ok', 'ok'];

export const kinds = (entries: readonly { readonly kind: string }[]) =>
  entries.map(({ kind }) => kind);

/** A stove whose line is open. */
export async function opened(with_: House = {}) {
  const all = house(with_);
  void all.log.start();
  await all.clock.pass(1000);
  return all;
}
