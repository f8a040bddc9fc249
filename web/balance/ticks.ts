/**
 * What was ticked and unticked of a preparation here, and is not saved yet. Never changed: a new
 * one is made.
 */
export class Ticks {
  private readonly done: ReadonlyMap<string, boolean>;

  constructor(pairs: Iterable<readonly [id: string, on: boolean]> = []) {
    this.done = new Map(pairs);
  }

  get pairs(): readonly (readonly [id: string, on: boolean])[] {
    return [...this.done];
  }

  get isEmpty(): boolean {
    return this.done.size === 0;
  }

  with(id: string, on: boolean): Ticks {
    return new Ticks([...this.done, [id, on]]);
  }

  /** What is ticked where a server has these ticked. */
  over(saved: readonly string[]): readonly string[] {
    const ticked = new Set(saved);
    for (const [id, on] of this.done) {
      if (on) ticked.add(id);
      else ticked.delete(id);
    }
    return [...ticked];
  }

  /** What of it a server that has these ticked does not have. */
  without(saved: readonly string[]): Ticks {
    return new Ticks([...this.done].filter(([id, on]) => saved.includes(id) !== on));
  }
}
