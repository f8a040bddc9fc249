import type { NestExpressApplication } from '@nestjs/platform-express';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../app.ts';
import type { Config } from '../config.ts';

/** The bundled program of the planning threads, which `./kettle test` builds before the tests. */
const PLANNING_WORKER = join(import.meta.dirname, '../dist/planning/planning.bundle.js');

/** What a server on a database is told, with an empty page to serve. */
export function serverConfig(databaseUrl: string): Config {
  const webDir = mkdtempSync(join(tmpdir(), 'kettle-web-'));
  writeFileSync(join(webDir, 'index.html'), '<title>Idle Kettle</title>');
  return { databaseUrl, port: 0, webDir, planningWorker: PLANNING_WORKER };
}

/** A server on a database, listening on a port of its own. */
export async function serverOn(
  databaseUrl: string,
  change: Partial<Config> = {},
): Promise<NestExpressApplication> {
  const app = await createApp({ ...serverConfig(databaseUrl), ...change });
  await app.listen(0, '127.0.0.1');
  return app;
}
