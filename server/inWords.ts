import { languageFor, withCodes, wordsIn } from '@idle-kettle/words';
import type { RequestHandler } from 'express';

/**
 * Puts every message of a JSON answer into the language that was asked for, with its code and
 * values beside it. It stands before Nest and not in it, where it would answer for a live view
 * before that has found out whether there is one.
 */
export const inWords = (): RequestHandler => (request, response, next) => {
  const words = wordsIn(languageFor(request.headers['accept-language']));
  const send = response.json.bind(response);
  response.json = (answer: unknown) => send(withCodes(answer, words));
  next();
};
