import type { NestExpressApplication } from '@nestjs/platform-express';
import { readFileSync } from 'node:fs';
import { createServer as createHttpServer, type RequestListener, type Server } from 'node:http';
import { createServer as createHttpsServer } from 'node:https';
import { once } from 'node:events';
import type { HomeDoor } from '../identity/door.ts';
import { trustPages } from './trustPages.ts';

/**
 * Opens the door of the home network on an app that listens on its own machine already: https with a
 * certificate of its own and a page that says how a phone trusts it, or plain http for a proxy on
 * this machine.
 * @returns what closes it again
 */
export async function openHomeDoor(
  app: NestExpressApplication,
  { port, bind, names, certificate, trust }: HomeDoor,
): Promise<() => void> {
  const answer = app.getHttpAdapter().getInstance() as RequestListener;
  const servers: Server[] = [
    await listening(
      certificate === null
        ? createHttpServer(answer)
        : createHttpsServer(
            {
              cert: readFileSync(certificate.certFile),
              key: readFileSync(certificate.keyFile),
              minVersion: 'TLSv1.2',
            },
            answer,
          ),
      port,
      bind,
    ),
  ];
  if (trust !== null) {
    const pages = trustPages({
      authority: readFileSync(trust.authorityFile, 'utf8'),
      address: `https://${names[0] ?? ''}:${port}`,
    });
    servers.push(await listening(createHttpServer(pages), trust.port, bind));
  }
  return () => {
    for (const server of servers) {
      server.close();
      server.closeAllConnections();
    }
  };
}

async function listening(server: Server, port: number, bind: string | null): Promise<Server> {
  server.listen({ port, ...(bind === null ? {} : { host: bind }) });
  await once(server, 'listening');
  return server;
}
