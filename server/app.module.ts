import { Module, type DynamicModule } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { SequelizeModule } from '@nestjs/sequelize';
import { ServeStaticModule } from '@nestjs/serve-static';
import { ThrottlerGuard, ThrottlerModule } from '@nestjs/throttler';
import { basename, dirname } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { ServerResponse } from 'node:http';
import type { Config } from './config.ts';
import { ClockModule } from './clock/clock.module.ts';
import { BookModule } from './book/book.module.ts';
import { BatchesModule } from './batches/batches.module.ts';
import { RecipesModule } from './recipes/recipes.module.ts';
import { DaysModule } from './days/days.module.ts';
import { CookSessionsModule } from './cookSessions/cookSessions.module.ts';
import { sequelizeOptions } from './database/sequelizeOptions.ts';
import { HealthController } from './health/health.controller.ts';
import { IdentityModule } from './identity/identity.module.ts';
import { KitchenModule } from './kitchen/kitchen.module.ts';
import { PlanningModule } from './planning/planning.module.ts';
import { PlanController } from './plan/plan.controller.ts';
import { SeasonModule } from './season/season.module.ts';
import { ReadController } from './plan/read.controller.ts';

/** Requests that one address may make in ten seconds: far more than a kitchen needs. */
const MOST_REQUESTS = 2000;

const PLANNING_WORKER = fileURLToPath(new URL('./planning/planning.bundle.js', import.meta.url));

/**
 * Built assets carry a hash in their name and never change; the page and its service worker are
 * always asked for.
 */
function cacheAssets(response: ServerResponse, path: string): void {
  const forever = basename(dirname(path)) === 'assets';
  response.setHeader('Cache-Control', forever ? 'public, max-age=31536000, immutable' : 'no-cache');
}

@Module({})
export class AppModule {
  static with({
    databaseUrl,
    webDir,
    mostRequests = MOST_REQUESTS,
    planningWorker = PLANNING_WORKER,
    home,
  }: Config): DynamicModule {
    return {
      module: AppModule,
      imports: [
        SequelizeModule.forRoot(sequelizeOptions(databaseUrl)),
        ThrottlerModule.forRoot([{ ttl: 10_000, limit: mostRequests }]),
        ServeStaticModule.forRoot({
          rootPath: webDir,
          exclude: ['/api/{*rest}'],
          serveStaticOptions: { setHeaders: cacheAssets, cacheControl: false },
        }),
        ClockModule,
        IdentityModule.with(home ?? null),
        PlanningModule.with(planningWorker),
        KitchenModule,
        BatchesModule,
        RecipesModule,
        CookSessionsModule,
        BookModule,
        SeasonModule,
        DaysModule,
      ],
      controllers: [HealthController, PlanController, ReadController],
      providers: [{ provide: APP_GUARD, useClass: ThrottlerGuard }],
    };
  }
}
