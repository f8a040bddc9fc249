import type { Request, RequestHandler } from 'express';
import { pino, stdTimeFunctions, type DestinationStream } from 'pino';
import { pinoHttp } from 'pino-http';
import { actorOf } from './identity/actor.ts';
import { doorOf, type HomeDoor } from './identity/door.ts';

/** The route that answers, without what stands in its places: those are names, ids and secrets. */
const routeOf = ({ route, path }: Request): string => {
  const found: unknown = (route as { path?: unknown } | undefined)?.path;
  if (typeof found === 'string') return found;
  return path.startsWith('/api/') ? '/api/*' : '/*';
};

/**
 * A line of JSON for every request: what was asked for, by which door and which role, what came of it
 * and how long it took. No address, no name, and nothing that anybody wrote.
 */
export const requestLog = (home: HomeDoor | null, out: DestinationStream): RequestHandler =>
  pinoHttp<Request>({
    logger: pino({ base: null, timestamp: stdTimeFunctions.isoTime }, out),
    serializers: { req: () => undefined, res: () => undefined, err: () => undefined },
    customLogLevel: (_, { statusCode }) => (statusCode >= 500 ? 'error' : 'info'),
    customSuccessMessage: () => 'answered',
    customErrorMessage: () => 'failed',
    customProps: (request, { statusCode }) => ({
      method: request.method,
      route: routeOf(request),
      status: statusCode,
      door: doorOf(request, home),
      role: actorOf(request)?.role ?? null,
    }),
  }) as RequestHandler;
