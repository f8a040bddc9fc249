import { ForbiddenException } from '@nestjs/common';
import type { RequestHandler } from 'express';
import { answerProblem } from './problem/problem.filter.ts';

/** Names that this server goes by on its own machine. */
const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** The name in a `Host` header or an origin, without its port; null for none that can be read. */
function nameIn(text: string): string | null {
  const url = text.includes('://') ? text : `http://${text}`;
  return URL.canParse(url) ? new URL(url).hostname : null;
}

/**
 * Answers only under the machine's own names, and only pages that come from there: a foreign name
 * that was made to point at loopback would otherwise read and write everything from any page that
 * is open in a browser.
 * @param more other names that it goes by, as behind a balancer
 */
export function hostGuard(more: readonly string[] = []): RequestHandler {
  const isOwn = (text: string): boolean => {
    const name = nameIn(text);
    return name !== null && (OWN_NAMES.has(name) || more.includes(name));
  };
  return (request, response, next) => {
    const { host = '', origin } = request.headers;
    if (isOwn(host) && (origin === undefined || isOwn(origin))) {
      next();
      return;
    }
    answerProblem(
      new ForbiddenException(
        'This kitchen answers only as 127.0.0.1 or localhost, and only its own pages. Open it under the address that its launcher prints.',
      ),
      request,
      response,
    );
  };
}
