import type { NestExpressApplication } from '@nestjs/platform-express';
import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../app.ts';
import type { Config } from '../config.ts';

/** The bundled program of the planning threads, which `./kettle test` builds before the tests. */
const PLANNING_WORKER = join(import.meta.dirname, '../dist/planning/planning.bundle.js');

/** A server on a database, listening on a port of its own, with an empty page to serve. */
export async function serverOn(
  databaseUrl: string,
  change: Partial<Config> = {},
): Promise<NestExpressApplication> {
  const webDir = mkdtempSync(join(tmpdir(), 'kettle-web-'));
  writeFileSync(join(webDir, 'index.html'), '<title>Idle Kettle</title>');
  const app = await createApp({
    databaseUrl,
    port: 0,
    webDir,
    planningWorker: PLANNING_WORKER,
    ...change,
  });
  await app.listen(0, '127.0.0.1');
  return app;
}
