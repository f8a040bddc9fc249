import { CLOCKS_AGREE_MS } from '@idle-kettle/core';
import { Injectable, Logger, type OnModuleDestroy, type OnModuleInit } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ClockSources } from './clockSources.ts';

/** Between two comparisons, ms. */
const EVERY_MS = 60_000;
/** A cook at which something was done within so long is under way, h. */
const UNDER_WAY_H = 24;

/**
 * The clock that a kitchen goes by. Minutes in a canner are minutes that have passed, so it runs by
 * what is steady: a clock on the wall that is set makes no minute and takes none away. Where the two
 * no longer agree it is set by the wall as soon as no cook is under way, and when a server starts.
 */
@Injectable()
export class ServerClock implements OnModuleInit, OnModuleDestroy {
  private readonly logger = new Logger(ServerClock.name);
  private timer: NodeJS.Timeout | null = null;
  /** What the kitchen’s clock is ahead of the steady one, ms. */
  private aheadMs: number;

  constructor(
    private readonly sources: ClockSources,
    @InjectConnection() private readonly database: Sequelize,
  ) {
    this.aheadMs = sources.wall() - sources.steady();
  }

  /** ms since 1970, by the server’s clock. */
  now(): number {
    return Math.round(this.sources.steady() + this.aheadMs);
  }

  onModuleInit(): void {
    this.timer = setInterval(() => void this.compare().catch(() => undefined), EVERY_MS);
    this.timer.unref();
  }

  onModuleDestroy(): void {
    if (this.timer) clearInterval(this.timer);
  }

  /** Sets it by the wall where the two do not agree, unless a cook is under way. */
  async compare(): Promise<void> {
    const offMs = this.sources.wall() - this.now();
    if (Math.abs(offMs) <= CLOCKS_AGREE_MS || (await this.isUnderWay())) return;
    this.aheadMs += offMs;
    this.logger.warn(
      `The clock of this machine was set by ${Math.round(offMs / 1000)} s; no cook is under way, so the kitchen goes by it now.`,
    );
  }

  private async isUnderWay(): Promise<boolean> {
    const [cook] = await this.database.query(
      `SELECT 1 FROM cook_sessions AS session
       WHERE stored_at IS NULL AND EXISTS (
         SELECT 1 FROM cook_session_entries AS entry
         WHERE entry.session_id = session.id AND entry.at > to_timestamp($1 / 1000.0)
       ) LIMIT 1`,
      { type: QueryTypes.SELECT, bind: [this.now() - UNDER_WAY_H * 3_600_000] },
    );
    return cook !== undefined;
  }
}
