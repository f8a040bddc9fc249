import { wrap, type Remote } from 'comlink';

/** A worker at work: how it is asked, when it has died, and how it is let go. */
export type StartedWorker<T> = {
  readonly remote: T;
  /** Fails when the worker does. */
  readonly died: Promise<never>;
  readonly end: () => void;
};

/** Longest that an answer is waited for, ms. */
export const LONGEST_ANSWER_MS = 30_000;

/**
 * A worker that is started when it is first asked, and anew after one that died or did not answer.
 */
export class RestartingWorker<T> {
  private hired: StartedWorker<T> | null = null;

  constructor(private readonly hire: () => StartedWorker<T>) {}

  /**
   * Asks something. Throws what the worker throws, or Error where it died or did not answer in
   * time.
   */
  async ask<R>(question: (of: T) => R): Promise<Awaited<R>> {
    const hired = (this.hired ??= this.hire());
    let timer: ReturnType<typeof setTimeout> | undefined;
    const late = new Promise<never>((_, reject) => {
      timer = setTimeout(() => this.lay(hired, reject), LONGEST_ANSWER_MS);
    });
    hired.died.catch(() => this.lay(hired));
    try {
      return await Promise.race([question(hired.remote), hired.died, late]);
    } finally {
      clearTimeout(timer);
    }
  }

  private lay(hired: StartedWorker<T>, tell: (why: Error) => void = () => undefined): void {
    if (this.hired === hired) this.hired = null;
    hired.end();
    tell(new Error('The worker did not answer.'));
  }
}

/** A worker of this page, by its script. */
export function startWorker<T>(script: () => Worker): StartedWorker<Remote<T>> {
  const worker = script();
  return {
    remote: wrap<T>(worker),
    died: new Promise((_, reject) => {
      worker.addEventListener('error', () => reject(new Error('The worker stopped.')));
    }),
    end: () => worker.terminate(),
  };
}
