import 'reflect-metadata';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import type { ErrorRequestHandler, Response } from 'express';
import type { DestinationStream } from 'pino';
import compression from 'compression';
import helmet from 'helmet';
import { AppModule } from './app.module.ts';
import { BODIES } from './bodies.ts';
import { onlyCleanBodies } from './cleanBody.ts';
import type { Config } from './config.ts';
import { boundedBody, withoutTheRest } from './boundedBody.ts';
import { Draining } from './draining.ts';
import { documentApi } from './openapi.ts';
import { hostGuard } from './hostGuard.ts';
import { inWords } from './inWords.ts';
import { requestLog } from './requestLog.ts';
import { answerProblem, MOST_BODY, ProblemFilter } from './problem/problem.filter.ts';

/**
 * Answers for a body that could not be read, which Nest is never told of. Express knows it by its
 * four parameters.
 */
const answerBodyProblem: ErrorRequestHandler = (error, request, response, next) => {
  if (response.headersSent) next(error);
  else answerProblem(error, request, response);
};

const isStream = (response: Response): boolean =>
  String(response.getHeader('Content-Type')).startsWith('text/event-stream');

/**
 * The whole server, ready to listen.
 * @param draining of its requests, for whoever stops it
 * @param log where requests are logged, if they are
 */
export async function createApp(
  config: Config,
  draining = new Draining(),
  log: DestinationStream = process.stdout,
): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.with(config), {
    bodyParser: false,
    // Browsers hold connections open; a server that is asked to stop does not wait for them.
    forceCloseConnections: true,
    logger: ['error', 'warn'],
  });
  if (config.logsRequests === true) app.use(requestLog(config.home ?? null, log));
  app.use(withoutTheRest);
  app.use(draining.watch);
  const home = config.home ?? null;
  // Behind a proxy on this machine, who asks stands in its header.
  if (home?.certificate === null) app.set('trust proxy', 'loopback');
  app.use(hostGuard(home));
  app.setGlobalPrefix('api');
  // Answers alone: pages are fetched once, all together when a stove is first looked at, and
  // compressing them would hold the server up for seconds. A live view is sent as it comes, and
  // gains nothing by being held back.
  app.use(
    '/api',
    compression({
      filter: (request, response) => !isStream(response) && compression.filter(request, response),
    }),
  );
  app.use(
    helmet({
      // The app answers plain http on loopback, so it must not ask browsers for https; on the home
      // network it has nothing but https, and the name may be another machine’s one day.
      strictTransportSecurity: false,
      xFrameOptions: { action: 'deny' },
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          'default-src': ["'none'"],
          'script-src': ["'self'"],
          'worker-src': ["'self'"],
          'connect-src': ["'self'"],
          'img-src': ["'self'", 'data:', 'blob:'],
          'font-src': ["'self'", 'data:'],
          'style-src': ["'self'"],
          'manifest-src': ["'self'"],
          'base-uri': ["'none'"],
          'form-action': ["'self'"],
          'frame-ancestors': ["'none'"],
        },
      },
    }),
  );
  app.use(boundedBody);
  app.useBodyParser('json', { limit: MOST_BODY });
  app.use(answerBodyProblem);
  app.use(onlyCleanBodies);
  app.use('/api', inWords());
  app.useGlobalPipes(BODIES);
  app.useGlobalFilters(new ProblemFilter());
  documentApi(app);
  return app;
}
