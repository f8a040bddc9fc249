/**
 * Asks about what is written now. An answer to what is no longer written is never given: where more
 * was written meanwhile the question is put again about that, unless another was asked since.
 */
export class LatestQuery<F> {
  private asked = 0;

  /** @param written what is written at first */
  constructor(private written: F) {}

  /** What is written now; the same object as long as nothing is changed. */
  write(written: F): void {
    this.written = written;
  }

  /** @returns null where another question has taken the place of this one */
  async ask<R>(question: (about: F) => Promise<R>): Promise<R | null> {
    const mine = (this.asked += 1);
    for (;;) {
      const about = this.written;
      const answer = await question(about);
      if (this.written === about) return answer;
      if (mine !== this.asked) return null;
    }
  }
}
