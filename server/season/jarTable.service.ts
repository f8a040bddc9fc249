import { kitchenTime, type CookClock } from '@idle-kettle/contract';
import type { ShelfPlace } from '@idle-kettle/core';
import {
  shelfJarOf,
  stockAfter,
  type JarEvent,
  type JarLifeKind,
  type LoggedJar,
  type ShelfJar,
  type StockHeld,
} from '@idle-kettle/core/season';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';

/** A cook whose jars are told of. */
export type JarsOfCook = {
  readonly id: string;
  readonly householdId: HouseholdId;
  /** Its number in the household. */
  readonly number: number;
  readonly clock: CookClock;
};

/** Jars of a cook as its log leaves them, and the fruit that they are of. */
export type Logged = { readonly fruit: string | null; readonly jars: readonly LoggedJar[] };

/**
 * The table of jars: how each stands, worked out of the log of its cook and of what happened to it
 * since. It is written whole for a cook, in a transaction that holds the cook, so that it never
 * tells of half of what is known.
 */
@Injectable()
export class JarTable {
  private readonly written = new Map<HouseholdId, number>();

  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly kitchens: KitchenService,
  ) {}

  /** How often this server has written jars of a household: what is worked out of them goes by it. */
  timesWritten(householdId: HouseholdId): number {
    return this.written.get(householdId) ?? 0;
  }

  /** How many cooks of a household have jars that are still to be told anew, for their log has grown. */
  async waiting(householdId: HouseholdId): Promise<number> {
    const [row] = await this.database.query<{ count: string }>(
      `SELECT count(*) FROM cook_sessions
       WHERE household_id = $1::uuid AND batch_id IS NOT NULL AND jars_settled < events`,
      { type: QueryTypes.SELECT, bind: [householdId] },
    );
    return Number(row?.count ?? 0);
  }

  /**
   * Writes the jars of a cook anew, by its log as it is now.
   * @param nowMs on the server’s clock: jars of a cook whose clock runs by itself are put on it
   */
  async project(
    cook: JarsOfCook,
    { fruit, jars }: Logged,
    nowMs: number,
    transaction: Transaction,
  ): Promise<void> {
    const real = (ms: number) =>
      Math.round(nowMs + (ms - kitchenTime(cook.clock, nowMs)) / cook.clock.speed);
    const logged = jars.map((jar) => ({
      ...jar,
      filledAtMs: real(jar.filledAtMs),
      outAtMs: jar.outAtMs === null ? null : real(jar.outAtMs),
    }));
    await this.write([{ ...cook, fruit, jars: logged }], transaction);
  }

  /** Writes the jars of some cooks anew, by their logs as they were read last. */
  async again(
    householdId: HouseholdId,
    cookIds: readonly string[],
    transaction: Transaction,
  ): Promise<void> {
    const rows = await this.database.query<{
      id: string;
      number: number;
      fruit: string | null;
      logged: LoggedJar;
    }>(
      `SELECT session.id, session.number, jar.fruit, jar.logged
       FROM jars AS jar JOIN cook_sessions AS session ON session.id = jar.session_id
       WHERE jar.household_id = $1::uuid AND jar.session_id = ANY($2::uuid[])`,
      { type: QueryTypes.SELECT, bind: [householdId, cookIds], transaction },
    );
    const cooks = cookIds.flatMap((id) => {
      const own = rows.filter((row) => row.id === id);
      const [first] = own;
      return first === undefined
        ? []
        : [
            {
              id,
              householdId,
              number: first.number,
              fruit: first.fruit,
              jars: own.map(({ logged }) => logged),
            },
          ];
    });
    await this.write(cooks, transaction);
  }

  private async write(
    cooks: readonly (Pick<JarsOfCook, 'id' | 'householdId' | 'number'> & Logged)[],
    transaction: Transaction,
  ): Promise<void> {
    const [first] = cooks;
    if (first === undefined) return;
    const { householdId } = first;
    const ids = cooks.map(({ id }) => id);
    const [events, { shelves }] = await Promise.all([
      this.events(householdId, ids, transaction),
      this.kitchens.current(householdId, transaction),
    ]);
    const places: readonly ShelfPlace[] = shelves;
    const rows = cooks.flatMap((cook) =>
      cook.jars.map((jar) => {
        const own = events.get(`${cook.id} ${jar.size}.${jar.number}`) ?? [];
        const shelf = shelfJarOf(jar, { cook: cook.number }, own, places);
        const moment = (ms: number | null) => (ms === null ? null : new Date(ms).toISOString());
        return {
          session_id: cook.id,
          size: jar.size,
          number: jar.number,
          code: shelf.code,
          logged: jar,
          holds_ml: jar.holdsMl,
          size_name: jar.sizeName,
          fruit: cook.fruit,
          stands: jar.state,
          out_at: moment(jar.outAtMs),
          life: shelf.life,
          place: shelf.place,
          since: moment(jar.filledAtMs),
          eat_by: moment(shelf.eatByMs),
          opened_at: moment(shelf.openedAtMs),
          left_at: moment(shelf.leftAtMs),
          given_to: shelf.givenTo,
        };
      }),
    );
    await this.database.query(WRITE, {
      bind: [householdId, ids, JSON.stringify(rows)],
      transaction,
    });
    transaction.afterCommit(() => {
      this.written.set(householdId, this.timesWritten(householdId) + 1);
    });
  }

  /**
   * What the jars of a cook have of the stock, as the table tells; to be asked in the transaction
   * that wrote it.
   */
  async stockOf(cookId: string, transaction: Transaction): Promise<readonly StockHeld[]> {
    const rows = await this.database.query<{ logged: LoggedJar; life: ShelfJar['life'] }>(
      `SELECT logged, life FROM jars WHERE session_id = $1::uuid ORDER BY size, number`,
      { type: QueryTypes.SELECT, bind: [cookId], transaction },
    );
    return stockAfter(rows.map(({ logged, life }) => ({ ...logged, life })));
  }

  /** What happened to the jars of some cooks, by the jar. */
  private async events(
    householdId: HouseholdId,
    cookIds: readonly string[],
    transaction: Transaction,
  ): Promise<ReadonlyMap<string, readonly JarEvent[]>> {
    const rows = await this.database.query<{
      sessionId: string;
      source: string;
      seq: number;
      at: Date;
      kind: JarLifeKind;
      size: number;
      number: number;
      to: string | null;
    }>(
      `SELECT session_id AS "sessionId", source, seq, at, kind, size, number, "to"
       FROM jar_events WHERE household_id = $1::uuid AND session_id = ANY($2::uuid[])`,
      { type: QueryTypes.SELECT, bind: [householdId, cookIds], transaction },
    );
    const found = new Map<string, JarEvent[]>();
    for (const { sessionId, size, number, at, ...event } of rows) {
      const key = `${sessionId} ${size}.${number}`;
      const own = found.get(key) ?? [];
      own.push({ ...event, at: at.getTime(), jar: { size, number } });
      found.set(key, own);
    }
    return found;
  }
}

const WRITE = `
  WITH told AS (
    SELECT * FROM jsonb_to_recordset($3::jsonb) AS row (
      session_id uuid, size int, number int, code text, logged jsonb, holds_ml double precision,
      size_name text, fruit text, stands text, out_at timestamptz, life text, place text,
      since timestamptz, eat_by timestamptz, opened_at timestamptz, left_at timestamptz,
      given_to text)
  ), gone AS (
    DELETE FROM jars AS jar
    WHERE jar.household_id = $1::uuid AND jar.session_id = ANY($2::uuid[])
      AND NOT EXISTS (
        SELECT FROM told WHERE told.session_id = jar.session_id
          AND told.size = jar.size AND told.number = jar.number)
  )
  INSERT INTO jars (household_id, session_id, size, number, code, logged, holds_ml, size_name,
    fruit, stands, out_at, life, place, since, eat_by, opened_at, left_at, given_to)
  SELECT $1::uuid, session_id, size, number, code, logged, holds_ml, size_name,
    fruit, stands, out_at, life, place, since, eat_by, opened_at, left_at, given_to
  FROM told
  ON CONFLICT (household_id, session_id, size, number) DO UPDATE SET
    code = excluded.code, logged = excluded.logged, holds_ml = excluded.holds_ml,
    size_name = excluded.size_name, fruit = excluded.fruit, stands = excluded.stands,
    out_at = excluded.out_at, life = excluded.life, place = excluded.place,
    since = excluded.since, eat_by = excluded.eat_by, opened_at = excluded.opened_at,
    left_at = excluded.left_at, given_to = excluded.given_to`;
