import { jamColourOf } from '@idle-kettle/contract';
import type { FruitStock } from '@idle-kettle/contract/season';
import { findIngredient } from '@idle-kettle/core';
import { toMake, useRateOf, type UsedJar } from '@idle-kettle/core/season';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { JarTable } from './jarTable.service.ts';

/** What was worked out counts for so long where this server wrote no jars meanwhile, ms. */
const KEPT_MS = 60_000;

type Row = {
  readonly fruit: string;
  readonly holdsMl: number;
  readonly since: Date;
  readonly leftAt: Date | null;
  readonly life: string;
};

/** How long what a household has of each fruit lasts, and what to make of it. */
@Injectable()
export class StockService {
  private readonly kept = new Map<
    HouseholdId,
    { readonly atMs: number; readonly written: number; readonly stock: readonly FruitStock[] }
  >();

  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
    private readonly kitchens: KitchenService,
    private readonly table: JarTable,
  ) {}

  /** What there is of each fruit, what runs out first before what lasts. */
  async ofHousehold(householdId: HouseholdId): Promise<readonly FruitStock[]> {
    const nowMs = this.clock.now();
    const written = this.table.timesWritten(householdId);
    const kept = this.kept.get(householdId);
    if (kept?.written === written && Math.abs(nowMs - kept.atMs) < KEPT_MS) return kept.stock;
    const [rows, { zone }] = await Promise.all([
      this.database.query<Row>(
        `SELECT fruit, holds_ml AS "holdsMl", since, left_at AS "leftAt", life FROM jars
         WHERE household_id = $1::uuid AND fruit IS NOT NULL AND life NOT IN ('waiting', 'broken')
           AND (left_at IS NULL OR left_at > to_timestamp($2::double precision / 1000) - interval '3 years')`,
        { type: QueryTypes.SELECT, bind: [householdId, nowMs] },
      ),
      this.kitchens.current(householdId),
    ]);
    const byFruit = new Map<string, Row[]>();
    for (const row of rows) byFruit.set(row.fruit, [...(byFruit.get(row.fruit) ?? []), row]);
    const stock = [...byFruit].map(([fruit, own]) => stockOf(fruit, own, nowMs, zone ?? null));
    stock.sort((a, b) => (a.until.p50 ?? Infinity) - (b.until.p50 ?? Infinity));
    this.kept.set(householdId, { atMs: nowMs, written, stock });
    return stock;
  }
}

function stockOf(
  fruit: string,
  rows: readonly Row[],
  nowMs: number,
  zone: string | null,
): FruitStock {
  const jars = rows.map((row): UsedJar => ({
    holdsMl: row.holdsMl,
    sinceMs: row.since.getTime(),
    leftAtMs: row.leftAt?.getTime() ?? null,
    left: LEFT[row.life] ?? null,
  }));
  const there = rows.filter(({ life }) => life === 'in');
  const leftMl = there.reduce((sum, { holdsMl }) => sum + holdsMl, 0);
  const rate = useRateOf(jars, nowMs);
  return {
    ...toMake(fruit, rate, leftMl, nowMs, zone),
    name: findIngredient(fruit)?.name ?? fruit,
    colour: jamColourOf(fruit),
    jars: there.length,
    holdsMl: leftMl,
    perMonth: rate.perMonth,
    uses: rate.uses,
    givenAYear: rate.givenAYear,
  };
}

/** What became of a jar, as far as it tells how fast a household eats. */
const LEFT: { readonly [life: string]: UsedJar['left'] } = {
  opened: 'eaten',
  eaten: 'eaten',
  given: 'given',
  lost: 'gone',
  discarded: 'gone',
  // It comes back as a jar of its remake.
  remade: 'gone',
};
