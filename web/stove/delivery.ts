import { isFinal } from '../api/request.ts';
import type { KeptEntry } from './keptEntry.ts';

/** What a delivery needs of the browser's store and of the network. */
export type Post = {
  /** What waits, oldest first. */
  readonly waiting: () => Promise<readonly KeptEntry[]>;
  /**
   * Sends a parcel; throws Refused where the server says no, anything else where it does not
   * answer.
   */
  readonly send: (parcel: readonly KeptEntry[]) => Promise<void>;
  /** Marks entries as taken (null), or as refused for a reason. */
  readonly settle: (parcel: readonly KeptEntry[], refused: string | null) => Promise<void>;
};

/**
 * Delivers what waits, oldest first, one parcel after another: the next goes out only when the last
 * has been taken. A parcel that is refused, or too large, is sent again in halves, so that one
 * wrong entry is refused alone and the others are taken.
 * @param most most entries of a parcel
 * @returns how many the server has taken
 * @throws what `send` throws where no server answers, or one that asks to be asked again
 */
export async function deliverAll({ waiting, send, settle }: Post, most: number): Promise<number> {
  let taken = 0;
  for (;;) {
    const parcel = (await waiting()).slice(0, most);
    if (parcel.length === 0) return taken;
    taken += await deliverParcel(parcel);
  }

  async function deliverParcel(parcel: readonly KeptEntry[]): Promise<number> {
    try {
      await send(parcel);
    } catch (error) {
      if (!isFinal(error)) throw error;
      if (parcel.length === 1) {
        await settle(parcel, error.message);
        return 0;
      }
      const half = Math.ceil(parcel.length / 2);
      return (
        (await deliverParcel(parcel.slice(0, half))) + (await deliverParcel(parcel.slice(half)))
      );
    }
    await settle(parcel, null);
    return parcel.length;
  }
}
