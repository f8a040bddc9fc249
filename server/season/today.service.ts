import type { TodayAnswer } from '@idle-kettle/contract/season';
import { ripeIn } from '@idle-kettle/core/season';
import {
  CALCIUM_KEEPS_DAYS,
  JUDGED_FOR_DAYS,
  PLANNED_FOR_DAYS,
  today,
  type OpenJar,
  type TodayState,
} from '@idle-kettle/core/today';
import { jamColourOf } from '@idle-kettle/contract';
import { findIngredient, PRETREATMENT_FACTS, type Settings } from '@idle-kettle/core';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { FruitService } from './fruit.service.ts';
import { JarTable } from './jarTable.service.ts';
import { StockService } from './stock.service.ts';

const HOUR_MS = 3_600_000;

type CookRow = {
  readonly id: string;
  readonly name: string;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
  readonly jars: readonly { readonly stands: string; readonly outAt: string | null }[];
};

/** What wants a hand in a household, and what is in season. */
@Injectable()
export class TodayService {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
    private readonly kitchens: KitchenService,
    private readonly fruit: FruitService,
    private readonly stock: StockService,
    private readonly table: JarTable,
  ) {}

  async find(householdId: HouseholdId): Promise<TodayAnswer> {
    const nowMs = this.clock.now();
    // Asked first: what is settled meanwhile is looked at once more, and never taken for the last word.
    const waiting = await this.table.waiting(householdId);
    const [state, fruit, { zone }, isNew] = await Promise.all([
      this.state(householdId, nowMs),
      this.fruit.list(householdId),
      this.kitchens.current(householdId),
      this.isNew(householdId),
    ]);
    const all: TodayState = {
      ...state,
      fruit: fruit.map(({ id, line, keepsUntil }) => ({
        id,
        name: line,
        keepsUntilMs: new Date(keepsUntil).getTime(),
      })),
    };
    return {
      tasks: today(all, nowMs),
      waiting,
      nowMs,
      fruit,
      inSeason: ripeIn(new Date(nowMs).getMonth() + 1, zone ?? null).map((id) => ({
        fruit: id,
        name: findIngredient(id)?.name ?? id,
        colour: jamColourOf(id),
      })),
      isNew,
    };
  }

  private async isNew(householdId: HouseholdId): Promise<boolean> {
    const rows = await this.ask<{ one: number }>(
      'SELECT 1 AS one FROM batches WHERE household_id = $1::uuid LIMIT 1',
      householdId,
    );
    return rows.length === 0;
  }

  private async state(householdId: HouseholdId, nowMs: number): Promise<Omit<TodayState, 'fruit'>> {
    const since = (days: number) => new Date(nowMs - days * 24 * HOUR_MS);
    const [days, cooks, shortLived, standing, toJudge, [calcium], stock, [planned]] =
      await Promise.all([
        this.ask<{ id: string; name: string; from: Date; until: Date }>(
          DAYS,
          householdId,
          new Date(nowMs),
        ),
        this.ask<CookRow>(COOKS, householdId, since(COOKS_DAYS)),
        this.ask<{ code: string; name: string; eatBy: Date; jars: number }>(
          SHORT_LIVED,
          householdId,
          new Date(nowMs + SHORT_LIVED_DAYS * 24 * HOUR_MS),
        ),
        this.ask<{
          id: string;
          name: string;
          before: NonNullable<Settings['before']>;
          updatedAt: Date;
        }>(STANDING, householdId, since(STANDING_DAYS)),
        this.ask<{ id: string; name: string; endedAt: Date }>(
          TO_JUDGE,
          householdId,
          since(JUDGED_FOR_DAYS),
        ),
        this.ask<{ madeAt: Date }>(CALCIUM, householdId, since(CALCIUM_KEEPS_DAYS)),
        this.stock.ofHousehold(householdId),
        this.ask<{ id: string; name: string; updatedAt: Date }>(
          PLANNED,
          householdId,
          since(PLANNED_FOR_DAYS),
        ),
      ]);
    return {
      days: days.map(({ id, name, from, until }) => ({
        id,
        name,
        fromMs: from.getTime(),
        untilMs: until.getTime(),
      })),
      cooks: cooks.map(({ id, name, startedAt, endedAt, jars }) => ({
        id,
        name,
        startedAtMs: startedAt.getTime(),
        endedAtMs: endedAt?.getTime() ?? null,
        jars: jars.map(({ stands, outAt }): OpenJar => ({
          stands: STANDS[stands] ?? 'unfinished',
          outAtMs: outAt === null ? null : new Date(outAt).getTime(),
        })),
      })),
      shortLived: shortLived.map(({ code, name, eatBy, jars }) => ({
        code,
        name,
        eatByMs: eatBy.getTime(),
        jars,
      })),
      standing: standing.map(({ id, name, before, updatedAt }) => ({
        batchId: id,
        name,
        readyMs:
          updatedAt.getTime() + (before.hours ?? PRETREATMENT_FACTS[before.kind].hours) * HOUR_MS,
      })),
      toJudge: toJudge.map(({ id, name, endedAt }) => ({
        id,
        name,
        cookedAtMs: endedAt.getTime(),
      })),
      calciumMadeMs: calcium?.madeAt.getTime() ?? null,
      short: stock.flatMap(({ fruit, name, until, ripeMs }) =>
        until.p50 === null ? [] : [{ fruit, name, runsOutMs: until.p50, ripeMs }],
      ),
      planned:
        planned === undefined
          ? null
          : { id: planned.id, name: planned.name, changedAtMs: planned.updatedAt.getTime() },
    };
  }

  private ask<Row extends object>(sql: string, ...bind: unknown[]): Promise<Row[]> {
    return this.database.query<Row>(sql, { type: QueryTypes.SELECT, bind });
  }
}

/** Jars that nobody finished for so many days are told of in Batches alone. */
const COOKS_DAYS = 7;
const SHORT_LIVED_DAYS = 21;
const STANDING_DAYS = 4;

/** How the states of a log stand to what wants a hand. */
const STANDS: { readonly [state: string]: OpenJar['stands'] } = {
  cooling: 'cooling',
  unsealed: 'unsealed',
  'cut short': 'unsealed',
  sealed: 'sealed',
};

const COOKS = `
  SELECT session.id, session.name, session.started_at AS "startedAt",
    session.ended_at AS "endedAt", coalesce((
      SELECT jsonb_agg(jsonb_build_object('stands', jar.stands, 'outAt', jar.out_at))
      FROM jars AS jar
      WHERE jar.household_id = session.household_id AND jar.session_id = session.id
        AND (jar.life = 'waiting'
          OR (jar.life = 'in' AND jar.stands IN ('sealed', 'unsealed', 'cut short')))), '[]') AS jars
  FROM cook_sessions AS session
  WHERE session.household_id = $1::uuid AND session.batch_id IS NOT NULL
    AND session.started_at > $2 AND session.stored_at IS NULL
  ORDER BY session.started_at, session.id`;

/** Days that are not over; one that has no end is over in the night. */
const DAYS = `
  SELECT id, name, "from", coalesce(finish_by, "from") + interval '12 hours' AS until
  FROM day_sheets
  WHERE household_id = $1::uuid AND coalesce(finish_by, "from") + interval '12 hours' > $2
  ORDER BY "from", id LIMIT 5`;

const SHORT_LIVED = `
  SELECT min(jar.code) AS code, session.name, min(jar.eat_by) AS "eatBy",
    count(*)::int AS jars
  FROM jars AS jar JOIN cook_sessions AS session ON session.id = jar.session_id
  WHERE jar.household_id = $1::uuid AND jar.life IN ('in', 'opened') AND jar.eat_by < $2
  GROUP BY jar.session_id, session.name, jar.life, jar.eat_by::date
  ORDER BY min(jar.eat_by), min(jar.code) LIMIT 20`;

const STANDING = `
  SELECT batch.id, batch.name, batch.settings->'before' AS before, batch.updated_at AS "updatedAt"
  FROM batches AS batch
  WHERE batch.household_id = $1::uuid AND batch.deleted_at IS NULL AND batch.done_at IS NULL
    AND batch.updated_at > $2 AND jsonb_typeof(batch.settings->'before') = 'object'
    AND EXISTS (SELECT FROM jsonb_array_elements_text(batch.ticked) AS tick WHERE tick LIKE 'overnight-%')
    AND NOT EXISTS (SELECT FROM cook_sessions AS session WHERE session.batch_id = batch.id)
  ORDER BY batch.updated_at LIMIT 10`;

const TO_JUDGE = `
  SELECT session.id, session.name, session.ended_at AS "endedAt"
  FROM cook_sessions AS session
  LEFT JOIN outcomes AS outcome ON outcome.session_id = session.id
  WHERE session.household_id = $1::uuid AND session.batch_id IS NOT NULL
    AND session.started_at > $2 AND session.ended_at IS NOT NULL
    AND outcome.set IS NULL AND outcome.again IS NULL
  ORDER BY session.ended_at DESC, session.id LIMIT 3`;

const CALCIUM = `
  SELECT max(cooked_at) AS "madeAt" FROM book_records
  WHERE household_id = $1::uuid AND method = 'low-methoxyl' AND cooked_at > $2
  HAVING max(cooked_at) IS NOT NULL`;

const PLANNED = `
  SELECT batch.id, batch.name, batch.updated_at AS "updatedAt"
  FROM batches AS batch
  WHERE batch.household_id = $1::uuid AND batch.deleted_at IS NULL AND batch.done_at IS NULL
    AND batch.updated_at > $2
    AND NOT EXISTS (SELECT FROM cook_sessions AS session WHERE session.batch_id = batch.id)
  ORDER BY batch.updated_at DESC, batch.id LIMIT 1`;
