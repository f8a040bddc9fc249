import { message } from '@idle-kettle/words/message';
import type { RequestHandler } from 'express';
import { doorOf, type HomeDoor } from './identity/door.ts';
import { NotAllowed } from './problem/errors.ts';
import { answerProblem } from './problem/problem.filter.ts';

/** Names that this server goes by on its own machine. */
const OWN_NAMES: readonly string[] = ['127.0.0.1', 'localhost', '[::1]'];

/** What is documentation is shown on the machine itself alone. */
const DOCS = /^\/api\/docs(?:[-/]|$)/;

/** The origin that is asked for under a `Host` header, as a browser names it; null for none. */
function originOf(scheme: 'http' | 'https', host: string): URL | null {
  const url = `${scheme}://${host}`;
  return URL.canParse(url) ? new URL(url) : null;
}

/**
 * Answers only under its own names, and only its own pages: a foreign name that was made to point
 * here would otherwise read and write everything from any page that is open in a browser, and so
 * would a page of another program on this machine, at another port. On the machine itself it goes by
 * the machine’s names; on the home network by those that it was given, over https.
 */
export function hostGuard(home: HomeDoor | null): RequestHandler {
  return (request, response, next) => {
    const door = doorOf(request, home);
    const { host = '', origin } = request.headers;
    const asked = originOf(door === 'home' ? 'https' : 'http', host);
    const names = door === 'home' ? (home?.names ?? []) : OWN_NAMES;
    const isOwn = asked !== null && names.includes(asked.hostname);
    const isOwnPage = origin === undefined || origin === asked?.origin;
    if (!isOwn || !isOwnPage) {
      const told = door === 'home' ? 'problems.foreignAtHome' : 'problems.foreign';
      answerProblem(new NotAllowed(message(told)), request, response);
    } else if (door === 'home' && DOCS.test(request.path)) {
      answerProblem(new NotAllowed(message('problems.atTheMachine')), request, response);
    } else next();
  };
}
