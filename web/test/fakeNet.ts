import type { Problem } from '@idle-kettle/contract';
import { LONGEST_MS, Refused, Unreachable, type Send } from '../api/request.ts';
import type { FakeClock } from './fakeClock.ts';
import type { Weather } from './fate.ts';

/** How a server answers a call. */
export type Answer = (path: string, method: string, body: unknown) => unknown;

export const refusal = (status: number, detail = `status ${status}`): Refused =>
  new Refused({ status, detail, faults: [], type: '', title: '', instance: '' } satisfies Problem);

/**
 * A network of that weather before a server: what is sent takes its time, is lost, comes late or
 * twice.
 */
export function fakeNet(
  clock: FakeClock,
  answer: Answer,
  weather: Weather = () => ({ fate: 'ok', ms: 5 }),
): Send {
  return async <T>(path: string, method = 'GET', body?: unknown): Promise<T> => {
    const { fate, ms } = weather();
    // What is sent is fixed when it is sent.
    const sent: unknown = body === undefined ? undefined : JSON.parse(JSON.stringify(body));
    const heard = () => JSON.parse(JSON.stringify(answer(path, method, sent) ?? null)) as T;
    const late = (after: number) =>
      clock.after(after, () => {
        try {
          heard();
        } catch {
          // Nobody waits for this answer.
        }
      });
    if (fate === 'late') late(LONGEST_MS + ms);
    if (fate === 'drop' || fate === 'late') {
      await clock.sleep(fate === 'drop' ? ms : LONGEST_MS);
      throw new Unreachable();
    }
    await clock.sleep(ms);
    if (typeof fate === 'number') throw refusal(fate);
    const answered = heard();
    if (fate === 'double') late(30 * ms);
    await clock.sleep(ms);
    if (fate === 'lost') throw new Unreachable();
    return answered;
  };
}
