import type { LiveMessage } from '@idle-kettle/contract';
import { wallClock } from '../api/clock.ts';
import { request } from '../api/request.ts';
import type { StreamHandlers, LiveLogPorts } from './liveLogPorts.ts';
import { ServerClock } from './serverClock.ts';
import { BrowserCookStore } from './localCookStore.ts';

const LOCK = 'idle-kettle-outbox';

function listen(path: string, ear: StreamHandlers): () => void {
  const source = new EventSource(`/api${path}`);
  source.addEventListener('open', ear.open);
  source.addEventListener('error', ear.lost);
  source.addEventListener('beat', ear.beat);
  source.addEventListener('cook', ear.cook);
  source.addEventListener('log', ({ data }: MessageEvent<string>) =>
    ear.log(JSON.parse(data) as LiveMessage),
  );
  return () => source.close();
}

/** What the live logs of this page stand on. */
export const browserPorts: LiveLogPorts = {
  store: new BrowserCookStore(),
  send: request,
  listen,
  clock: wallClock,
  serverClock: new ServerClock(),
  inTurn: async (post) => {
    if ('locks' in navigator) await navigator.locks.request(LOCK, post);
    else await post();
  },
};
