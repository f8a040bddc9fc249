import type { KeptEntry } from './keptEntry.ts';
import { MemoryCookStore, type LocalCookStore } from './localCookStore.ts';

/** A store that is used for as long as it keeps anything, and one of this page alone from then on. */
export class SafeStore {
  /**
   * @param known what is known, for the store that takes its place
   * @param lost hears that this browser keeps nothing
   */
  constructor(
    private store: LocalCookStore,
    private readonly known: () => readonly KeptEntry[],
    private readonly lost: () => void,
  ) {}

  /** Does something with the store; where a browser keeps nothing, with one of this page alone. */
  async use<T>(work: (store: LocalCookStore) => Promise<T>): Promise<T> {
    const { store } = this;
    try {
      return await work(store);
    } catch {
      if (this.store === store) {
        this.store = new MemoryCookStore();
        await this.store.keep([...this.known()]);
        this.lost();
      }
      return work(this.store);
    }
  }
}
