import { kitchenTime } from '@idle-kettle/contract';
import { JAR_PLACE_EVENTS, type Entry } from '@idle-kettle/core';
import {
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { literal, Op, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BatchesService } from '../batches/batches.service.ts';
import { ServerClock } from '../clock/serverClock.service.ts';
import { takenBy, type StockTaken } from '../kitchen/jarStock.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { PlanningService } from '../planning/planning.service.ts';
import type { TASKS } from '../planning/planning.worker.ts';
import { JarTable, type Logged } from '../season/jarTable.service.ts';
import { CookLogService } from './cookLog.service.ts';
import { CookSessionModel } from './cookSession.model.ts';

/** Between two looks for what was left undone, ms. */
const EVERY_MS = 5000;
/** Most cooks that are looked after at a time. */
const MOST_AT_ONCE = 50;
/** A log that grows faster than it is worked out is left to the next look. */
const MOST_TRIES = 20;

type OfJars = ReturnType<(typeof TASKS)['jarsOfLog']>;
const NO_JARS: OfJars = { jars: [], fruit: null, places: null, used: null, watched: null };

/**
 * Works out of a cook’s whole log where its jars are, whether it is done, and what it has taken off
 * the stock: the same whatever order the entries came in. That is computed without holding anything,
 * and written in one transaction that finds the log as it was read; where it has grown meanwhile it
 * is done again. What a server left undone is done by the next that looks.
 */
@Injectable()
export class JarSettler implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger(JarSettler.name);
  private readonly underWay = new Map<string, Promise<void>>();
  private timer: NodeJS.Timeout | null = null;
  private stopped = false;

  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly log: CookLogService,
    private readonly kitchens: KitchenService,
    private readonly batches: BatchesService,
    private readonly planning: PlanningService,
    private readonly clock: ServerClock,
    private readonly jars: JarTable,
  ) {}

  onApplicationBootstrap(): void {
    this.lookLater();
  }

  onModuleDestroy(): void {
    this.stopped = true;
    if (this.timer) clearTimeout(this.timer);
  }

  /**
   * Settles a cook after entries that are stored already: where that is not possible now it is done
   * later, and said in the log of this server alone.
   */
  async settle(id: string): Promise<void> {
    // Who asks while it is worked out may have added to the log: it is worked out once more.
    const before = this.underWay.get(id);
    const work = (before ?? Promise.resolve())
      .catch(() => undefined)
      .then(() => this.settleNow(id));
    this.underWay.set(id, work);
    try {
      await work;
    } catch (error) {
      if (!this.stopped) this.logger.warn(`The jars of cook ${id} wait: ${String(error)}`);
    } finally {
      if (this.underWay.get(id) === work) this.underWay.delete(id);
    }
  }

  /** Tells the table of jars anew of every cook, as if it had never been; answers with how many. */
  async rebuild(): Promise<number> {
    await this.database.query(
      'DELETE FROM jars; UPDATE cook_sessions SET jars_settled = 0 WHERE batch_id IS NOT NULL',
    );
    let done = 0;
    for (let more = true; more;) {
      const left = await this.sessions.findAll({
        attributes: ['id'],
        where: literal('(batch_id IS NOT NULL AND jars_settled < events)'),
        limit: MOST_AT_ONCE,
      });
      for (const { id } of left) await this.settleNow(id);
      done += left.length;
      more = left.length > 0;
    }
    return done;
  }

  private lookLater(): void {
    if (this.stopped) return;
    this.timer = setTimeout(() => void this.look(), EVERY_MS);
    this.timer.unref();
  }

  private async look(): Promise<void> {
    try {
      const left = await this.sessions.findAll({
        attributes: ['id'],
        where: {
          [Op.or]: [
            literal('events_settled < events'),
            literal('(batch_id IS NOT NULL AND jars_settled < events)'),
            { settleAt: { [Op.lte]: new Date(this.clock.now()) } },
          ],
        },
        limit: MOST_AT_ONCE,
      });
      for (const { id } of left) if (!this.stopped) await this.settle(id);
    } catch {
      // The database is away; who asks it for something else hears of that.
    }
    this.lookLater();
  }

  private async settleNow(id: string): Promise<void> {
    for (let tries = 0; tries < MOST_TRIES; tries += 1) {
      const session = await this.sessions.findByPk(id);
      if (session === null || isSettled(session, this.clock.now())) return;
      const { entries, nextMs } = await this.log.events(session);
      const jars = (await this.ofJars(session, entries)) ?? NO_JARS;
      const settleAt = nextMs === null ? null : this.realTime(session, nextMs);
      const done = await this.database.transaction((transaction) =>
        this.write(session, jars, settleAt, transaction),
      );
      if (done) return;
    }
  }

  /** Where the jars are by a log; null for one that never spoke of it, and need not be worked out. */
  private async ofJars(
    session: CookSessionModel,
    events: Parameters<(typeof TASKS)['jarsOfLog']>[0]['events'],
  ): Promise<OfJars | null> {
    const tells = session.batchId === null ? tellsPlaces : tellsJars;
    if (!hasJars(session) && !events.some(tells)) return null;
    const { formula, kitchen } = session;
    const { cannerHolds, cannerWatched } = await this.kitchens.current(session.householdId);
    return this.planning.runInteractive('jarsOfLog', {
      session: { formula, kitchen },
      events,
      canner: { holds: cannerHolds, watched: cannerWatched ?? null },
    });
  }

  /** Writes down what was worked out; answers false where the log has grown since it was read. */
  private async write(
    read: CookSessionModel,
    { places, used, watched, fruit, jars }: OfJars,
    settleAt: Date | null,
    transaction: Transaction,
  ): Promise<boolean> {
    const row = await this.sessions.findByPk(read.id, {
      lock: transaction.LOCK.UPDATE,
      transaction,
    });
    if (row === null) return true;
    if (row.events !== read.events) return false;
    await this.writeTable(row, { fruit, jars }, transaction);
    // What was settled before stands: only its jars were still to be told.
    if (isCounted(row, this.clock.now())) {
      row.jarsSettled = row.events;
      await row.save({ transaction, silent: true });
      return true;
    }
    const isTold = hasJars(row) || places !== null || used !== null;
    row.eventsSettled = row.events;
    row.jarsSettled = row.events;
    row.settleAt = settleAt;
    row.jarPlaces = places;
    const taken = await this.takenOf(row, used, transaction);
    if (JSON.stringify(taken) !== JSON.stringify(row.stockTaken)) {
      await this.kitchens.setTaken(row.householdId, row.stockTaken, taken, transaction);
      row.stockTaken = taken;
    }
    if (used !== null && watched !== null && !row.cannerCounted) {
      await this.kitchens.keepCannerWatched(row.householdId, watched, transaction);
      row.cannerCounted = true;
    }
    const isAway = used !== null;
    if (isAway !== (row.storedAt !== null)) {
      const { storedAt: was } = row;
      row.storedAt = isAway ? new Date(this.clock.now()) : null;
      // What ended because its jars were stored did not end when they were not after all.
      if (!isAway && row.endedAt?.getTime() === was?.getTime()) row.endedAt = null;
      row.endedAt ??= row.storedAt;
      if (row.batchId !== null)
        await this.batches.markDone(row.householdId, row.batchId, isAway, transaction);
    }
    await row.save({ transaction, silent: !isTold });
    if (isTold) await this.log.tell(row, transaction);
    return true;
  }

  /** The jars of a batch live on in a table; those of a practice do not. */
  private async writeTable(
    { id, householdId, number, clock }: CookSessionModel,
    logged: Logged,
    transaction: Transaction,
  ): Promise<void> {
    if (number === null) return;
    await this.jars.project(
      { id, householdId, number, clock },
      logged,
      this.clock.now(),
      transaction,
    );
  }

  /** What its jars have of the stock once they were stored, and nothing before. */
  private async takenOf(
    { id, number }: CookSessionModel,
    used: OfJars['used'],
    transaction: Transaction,
  ): Promise<readonly StockTaken[]> {
    if (used === null) return [];
    return number === null ? used.map(takenBy) : this.jars.stockOf(id, transaction);
  }

  /** When the server’s clock shows what the kitchen’s does at a moment. */
  private realTime({ clock }: CookSessionModel, kitchenMs: number): Date {
    const now = this.clock.now();
    return new Date(now + (kitchenMs - kitchenTime(clock, now)) / clock.speed);
  }
}

const isSettled = (session: CookSessionModel, nowMs: number): boolean =>
  isCounted(session, nowMs) && (session.batchId === null || session.jarsSettled >= session.events);

/** Whether what its log took off the stock is counted. */
const isCounted = ({ events, eventsSettled, settleAt }: CookSessionModel, nowMs: number): boolean =>
  eventsSettled >= events && (settleAt === null || settleAt.getTime() > nowMs);

/** Whether an entry tells where jars are kept. */
const tellsPlaces = ({ kind }: Pick<Entry, 'kind'>): boolean => JAR_PLACE_EVENTS.has(kind);

/** Whether an entry tells of jars at all. */
const tellsJars = ({ kind }: Pick<Entry, 'kind'>): boolean =>
  kind === 'filled' || tellsPlaces({ kind });

/** Whether something of its jars is known already. */
const hasJars = ({ storedAt, jarPlaces, stockTaken }: CookSessionModel): boolean =>
  storedAt !== null || jarPlaces !== null || stockTaken.length > 0;
