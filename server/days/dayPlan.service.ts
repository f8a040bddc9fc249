import { jamColourOf, mainFruitOf, type Kitchen } from '@idle-kettle/contract';
import type { DayAnswer, DaySheet, SheetBatch } from '@idle-kettle/contract/daySheet';
import type { Formula } from '@idle-kettle/core';
import type { AskedBatch, AskedDay, WorkedDay } from '@idle-kettle/core/schedule';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import { CookLogService, type CookSessionTimes } from '../cookSessions/cookLog.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { PlanningService } from '../planning/planning.service.ts';

/** A cook that was begun so long before its day belongs to it still, ms: a soak has its night. */
const BEFORE_MS = 36 * 3_600_000;
/** And one after it no more, ms. */
const AFTER_MS = 48 * 3_600_000;
/** A day is worked out anew so often where nothing happened, ms: time goes by. */
const GOES_BY_MS = 30_000;
/** Most days that are kept. */
const MOST_KEPT = 50;

type BatchRow = {
  readonly id: string;
  readonly name: string;
  readonly formula: Formula;
  readonly version: number;
};
type CookRow = Pick<CookSessionTimes, 'startedAt' | 'clock' | 'id'> & {
  readonly batchId: string;
  readonly formula: Formula;
  readonly kitchen: AskedBatch['kitchen'];
  readonly events: number;
};

/** A day sheet as it is planned by now: from its batches, their cooks and its ticks. */
@Injectable()
export class DayPlanService {
  private readonly kept = new Map<string, { readonly key: string; readonly worked: WorkedDay }>();

  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
    private readonly kitchens: KitchenService,
    private readonly log: CookLogService,
    private readonly planning: PlanningService,
  ) {}

  async answer(householdId: HouseholdId, sheet: DaySheet): Promise<DayAnswer> {
    const nowMs = this.clock.now();
    const ids = sheet.batches.map(({ batchId }) => batchId);
    const fromMs = new Date(sheet.from).getTime();
    const [rows, cooks, kitchen] = await Promise.all([
      this.database.query<BatchRow>(
        `SELECT id, name, jsonb_build_object('lines', lines, 'settings', settings) AS formula,
           version
         FROM batches
         WHERE household_id = $1::uuid AND id = ANY($2::uuid[]) AND deleted_at IS NULL`,
        { type: QueryTypes.SELECT, bind: [householdId, ids] },
      ),
      this.database.query<CookRow>(
        `SELECT DISTINCT ON (batch_id) id, batch_id AS "batchId", formula, kitchen, clock,
           started_at AS "startedAt", events
         FROM cook_sessions
         WHERE household_id = $1::uuid AND batch_id = ANY($2::uuid[])
           AND started_at BETWEEN $3 AND $4
         ORDER BY batch_id, started_at DESC, id`,
        {
          type: QueryTypes.SELECT,
          bind: [householdId, ids, new Date(fromMs - BEFORE_MS), new Date(fromMs + AFTER_MS)],
        },
      ),
      this.kitchens.current(householdId),
    ]);
    const there = sheet.batches.flatMap((wished) => {
      const batch = rows.find(({ id }) => id === wished.batchId);
      const cook = cooks.find(({ batchId }) => batchId === wished.batchId);
      return batch === undefined ? [] : [{ wished, batch, cook }];
    });
    const key = JSON.stringify([
      sheet.version,
      kitchen.version,
      Math.floor(nowMs / GOES_BY_MS),
      there.map(({ batch, cook }) => [batch.id, batch.version, cook?.id, cook?.events]),
    ]);
    const known = this.kept.get(sheet.id);
    const worked =
      known?.key === key
        ? known.worked
        : await this.planning.runPlan('liveDay', await this.asked(sheet, there, kitchen, nowMs));
    this.keep(sheet.id, key, worked);
    const { day, faults, crew, shopping, batches } = worked;
    return {
      // What was deleted stands on it no more.
      sheet: { ...sheet, batches: there.map(({ wished }) => wished) },
      batches: there.map(({ batch, cook }, index): SheetBatch => {
        const planned = batches[index];
        return {
          batchId: batch.id,
          name: batch.name,
          colour: planned === undefined ? null : jamColourOf(mainFruitOf(planned)),
          cookId: cook?.id ?? null,
          jars: planned?.jars ?? 0,
        };
      }),
      day,
      faults,
      crew,
      shopping,
      nowMs,
    };
  }

  private async asked(
    sheet: DaySheet,
    there: readonly {
      readonly wished: DaySheet['batches'][number];
      readonly batch: BatchRow;
      readonly cook: CookRow | undefined;
    }[],
    { handMinutes, ...kitchen }: Kitchen,
    nowMs: number,
  ): Promise<AskedDay> {
    const ms = (moment: string | null | undefined) =>
      moment == null ? null : new Date(moment).getTime();
    const batches = await Promise.all(
      there.map(async ({ wished, batch, cook }): Promise<AskedBatch> => ({
        name: batch.name,
        formula: cook?.formula ?? batch.formula,
        kitchen: cook?.kitchen ?? kitchen,
        readyMs: ms(wished.notBefore),
        keepsUntilMs: ms(wished.keepsUntil),
        person: wished.person ?? null,
        ticks: sheet.ticks
          .filter(({ batchId }) => batchId === wished.batchId)
          .map(({ act, at }) => ({ act, atMs: Math.min(nowMs, new Date(at).getTime()) })),
        cook:
          cook === undefined
            ? null
            : {
                beganAtMs: cook.startedAt.getTime(),
                entries: (await this.log.events(cook)).entries,
              },
      })),
    );
    return {
      fromMs: new Date(sheet.from).getTime(),
      finishByMs: ms(sheet.finishBy),
      people: sheet.people.length,
      burners: sheet.burners.length,
      slowCookers: sheet.slowCookers.length,
      canners: sheet.canners.map(({ halfPints }) => ({ halfPints })),
      pots: sheet.pots?.length ?? null,
      bowls: sheet.bowls?.length ?? null,
      breaks: sheet.breaks.map(({ from, to }) => ({
        fromMs: new Date(from).getTime(),
        toMs: new Date(to).getTime(),
      })),
      batches,
      handMinutes,
      nowMs,
    };
  }

  private keep(id: string, key: string, worked: WorkedDay): void {
    this.kept.delete(id);
    this.kept.set(id, { key, worked });
    const [oldest] = this.kept.keys();
    if (this.kept.size > MOST_KEPT && oldest !== undefined) this.kept.delete(oldest);
  }
}
