/**
 * Those who want to be told of something. Whoever stops listening while it is told is told this
 * once more.
 */
export class Listeners<T extends readonly unknown[] = []> {
  private readonly all = new Set<(...what: T) => void>();

  /** Adds a listener; what it answers takes it away again. */
  add = (listener: (...what: T) => void): (() => void) => {
    this.all.add(listener);
    return () => this.all.delete(listener);
  };

  tell(...what: T): void {
    for (const listener of [...this.all]) listener(...what);
  }
}
