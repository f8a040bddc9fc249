import type { RequestHandler, Response } from 'express';
import { Stopping } from './problem/errors.ts';
import { answerProblem } from './problem/problem.filter.ts';

/** Longest that a request under way is waited for when the server stops, ms. */
const LONGEST_MS = 5000;

/**
 * The requests that are under way, and the end of taking more: a server that is to stop finishes
 * what it has begun, and answers 503 to whatever still comes on connections that are open.
 */
export class Draining {
  private readonly underWay = new Set<Response>();
  private isDraining = false;
  private whenIdle: () => void = () => undefined;

  /** How many requests are under way. */
  get busy(): number {
    return this.underWay.size;
  }

  /** Counts every request from its beginning to its end; refuses them once the server stops. */
  readonly watch: RequestHandler = (request, response, next) => {
    if (this.isDraining) {
      response.setHeader('Connection', 'close');
      answerProblem(new Stopping(), request, response);
      return;
    }
    this.underWay.add(response);
    response.once('close', () => {
      this.underWay.delete(response);
      if (this.underWay.size === 0) this.whenIdle();
    });
    next();
  };

  /** Takes no more, and settles when nothing is under way, or after a while in any case. */
  async drain(): Promise<void> {
    this.isDraining = true;
    // A live view goes on for ever, and is followed anew from where it stood.
    for (const response of this.underWay) if (isLive(response)) response.destroy();
    if (this.underWay.size === 0) return;
    await new Promise<void>((resolve) => {
      this.whenIdle = resolve;
      setTimeout(resolve, LONGEST_MS);
    });
  }
}

const isLive = (response: Response): boolean =>
  String(response.getHeader('Content-Type')).startsWith('text/event-stream');
