import { ForbiddenException } from '@nestjs/common';
import type { RequestHandler } from 'express';
import { answerProblem } from './problem/problem.filter.ts';

/** Names that this server goes by on its own machine. */
const OWN_NAMES: ReadonlySet<string> = new Set(['127.0.0.1', 'localhost', '[::1]']);

/** The name in a `Host` header, without its port; null for none that can be read. */
function nameIn(host: string): string | null {
  const url = `http://${host}`;
  return URL.canParse(url) ? new URL(url).hostname : null;
}

/**
 * Answers only under the machine's own names, and only its own pages: a foreign name that was made to
 * point at loopback would otherwise read and write everything from any page that is open in a
 * browser, and so would a page of another program on this machine, at another port.
 * @param more other names that it goes by, as behind a balancer
 */
export function hostGuard(more: readonly string[] = []): RequestHandler {
  const isOwn = (host: string): boolean => {
    const name = nameIn(host);
    return name !== null && (OWN_NAMES.has(name) || more.includes(name));
  };
  return (request, response, next) => {
    const { host = '', origin } = request.headers;
    const isOwnPage = origin === undefined || origin === originOf(host);
    if (isOwn(host) && isOwnPage) {
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

/** The origin of the pages that are asked for under a `Host` header, as a browser names it. */
const originOf = (host: string): string | null => {
  const url = `http://${host}`;
  return URL.canParse(url) ? new URL(url).origin : null;
};
