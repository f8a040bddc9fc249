import type { RequestHandler } from 'express';
import { answerProblem, MOST_BODY_BYTES } from './problem/problem.filter.ts';

/** For so long an answer is on its way before its connection is cut, ms. */
const LET_GO_MS = 250;

/**
 * Lets go of a body that is still coming when its request was answered: one without an end would
 * otherwise be read for ever.
 */
export const withoutTheRest: RequestHandler = (request, response, next) => {
  response.once('finish', () => {
    if (!request.complete) setTimeout(() => request.socket.destroy(), LET_GO_MS);
  });
  next();
};

/**
 * Refuses a body as soon as more of it has come than the bound, whatever it says of its length. It
 * stands right before what reads bodies, which would read one that is too large to its end.
 */
export const boundedBody: RequestHandler = (request, response, next) => {
  let bytes = 0;
  const count = (chunk: Buffer) => {
    bytes += chunk.length;
    if (bytes <= MOST_BODY_BYTES || response.headersSent) return;
    request.off('data', count);
    answerProblem(tooLarge(), request, response);
  };
  // What has no body of its own is not set flowing.
  if (request.headers['transfer-encoding'] !== undefined) request.on('data', count);
  next();
};

/** As Express’s body parser says it. */
const tooLarge = (): Error => Object.assign(new Error(), { type: 'entity.too.large' });
