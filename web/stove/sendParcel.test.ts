import type { CookClock } from '@idle-kettle/contract';
import { FakeClock } from '../test/fakeClock.ts';
import type { Dated } from './dated.ts';
import { newEntry, type KeptEntry } from './keptEntry.ts';
import { sendParcel } from './sendParcel.ts';
import { ServerClock } from './serverClock.ts';

const DAY = 24 * 3_600_000;

test('what was dated by a clock that was wrong goes with what that clock would show, each part alone', async () => {
  const clock = new FakeClock();
  const sent: { entries: { seq: number }[]; now?: number }[] = [];
  const send = <T>(path: string, _?: string, body?: unknown) => {
    if (path === '/health/time') return Promise.resolve({ now: clock.steady() } as T);
    sent.push(body as (typeof sent)[number]);
    return Promise.resolve({ position: 0 } as T);
  };
  clock.setWall(3 * DAY);
  const serverClock = new ServerClock(send, clock);
  const noted = (seq: number, dated: Dated): KeptEntry =>
    newEntry('pot', 'browser a', seq, { kind: 'stirred', at: seq, value: null, text: null }, dated);
  const wrong = serverClock.dated;
  await serverClock.compare();
  const parcel = [
    noted(1, { page: 'another', stretch: 0, gainedMs: 0 }),
    noted(2, wrong),
    noted(3, serverClock.dated),
    noted(4, wrong),
  ];
  const running: CookClock = { realAt: clock.steady(), cookAt: clock.steady(), speed: 1 };
  await sendParcel({ send, serverClock }, 'pot', { clock: running }, parcel);
  expect(sent.map(({ entries, now }) => [entries.map(({ seq }) => seq), now])).toEqual([
    [[1], undefined],
    [[2, 4], clock.steady() + 3 * DAY],
    [[3], clock.steady()],
  ]);
});
