/** The version of a batch that a plan is wanted for. */
export type WantedPlan = { readonly id: string; readonly version: number };

/**
 * Batches that wait for their plans, one worked on at a time and the last asked for first: somebody
 * is looking at that one. A newer version of a batch takes the place of an older one that has not
 * begun.
 */
export class PlanQueue<T extends WantedPlan> {
  private readonly waiting = new Map<string, T>();
  private current: T | null = null;

  /**
   * @param work plans one batch and stores the result
   * @param onError hears of a batch whose work threw; it is worked on again when it is next asked
   * for
   */
  constructor(
    private readonly work: (wanted: T) => Promise<void>,
    private readonly onError: (wanted: T, error: unknown) => void,
  ) {}

  /** Asks for a plan. Asking again for one that waits or is being worked on changes nothing. */
  ask(wanted: T): void {
    const { id, version } = wanted;
    if (this.current?.id === id && this.current.version === version) return;
    if ((this.waiting.get(id)?.version ?? 0) >= version) return;
    this.waiting.delete(id);
    this.waiting.set(id, wanted);
    if (this.current === null) void this.run();
  }

  private async run(): Promise<void> {
    for (let next = this.takeLast(); next !== null; next = this.takeLast()) {
      this.current = next;
      try {
        await this.work(next);
      } catch (error) {
        this.onError(next, error);
      }
    }
    this.current = null;
  }

  private takeLast(): T | null {
    const last = [...this.waiting.values()].at(-1) ?? null;
    if (last !== null) this.waiting.delete(last.id);
    return last;
  }
}
