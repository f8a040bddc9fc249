import type { JarEventAnswer, JarEventDto, ShelfLife } from '@idle-kettle/contract/season';
import type { Fault } from '@idle-kettle/core';
import {
  jarCode,
  jarEventName,
  jarOfCode,
  livedJar,
  type JarCode,
  type JarEvent,
} from '@idle-kettle/core/season';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { isDeepStrictEqual } from 'node:util';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import type { StockTaken } from '../kitchen/jarStock.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { BadInput } from '../problem/errors.ts';
import { JarTable } from './jarTable.service.ts';

/** Clocks this close agree; what is dated further ahead happened now. */
const AGREE_MS = 5 * 60_000;

type Found = { readonly sessionId: string; readonly code: string };

/** Takes in what happens to jars, and keeps their table right. */
@Injectable()
export class JarEvents {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
    private readonly table: JarTable,
    private readonly kitchens: KitchenService,
  ) {}

  /**
   * Takes in events, those that are there already left out, and answers with what became of each:
   * of two that take the same jar, the earlier counts.
   * @param sentMs what the sender’s clock showed, by which the times are put right; null where it
   * did not say
   * @throws {BadInput} where a jar is not of this household: then none is taken in
   */
  async add(
    { householdId, author }: Actor,
    given: readonly JarEventDto[],
    sentMs: number | null = null,
  ): Promise<JarEventAnswer[]> {
    return this.database.transaction(async (transaction) => {
      const jars = given.map(({ jar }) => jarOfCode(jar) as JarCode);
      const found = await this.found(householdId, given, jars, transaction);
      const nowMs = this.clock.now();
      const offMs = sentMs === null ? 0 : nowMs - sentMs;
      const put = (at: number) =>
        Math.min(Math.abs(offMs) > AGREE_MS ? at + offMs : at, nowMs + AGREE_MS);
      const rows = given.map(({ source, seq, at, kind, to }, index) => ({
        source,
        seq,
        at: new Date(put(at)).toISOString(),
        kind,
        to: to ?? null,
        session_id: found[index]?.sessionId,
        size: jars[index]?.size,
        number: jars[index]?.number,
      }));
      await this.database.query(ADD, {
        bind: [householdId, author.kind, author.id, JSON.stringify(rows)],
        transaction,
      });
      const cooks = [...new Set(found.map(({ sessionId }) => sessionId))];
      await this.table.again(householdId, cooks, transaction);
      for (const id of cooks) await this.restock(householdId, id, transaction);
      return this.answers(householdId, given, found, transaction);
    });
  }

  /** Gives glass that is empty again back to the stock; of a cook that took none of it, nothing. */
  private async restock(
    householdId: HouseholdId,
    id: string,
    transaction: Transaction,
  ): Promise<void> {
    const [cook] = await this.database.query<{ taken: readonly StockTaken[] }>(
      'SELECT stock_taken AS taken FROM cook_sessions WHERE id = $1::uuid',
      { type: QueryTypes.SELECT, bind: [id], transaction },
    );
    if (cook === undefined || cook.taken.length === 0) return;
    const held = await this.table.stockOf(id, transaction);
    if (isDeepStrictEqual(held, cook.taken)) return;
    await this.kitchens.setTaken(householdId, cook.taken, held, transaction);
    await this.database.query(
      'UPDATE cook_sessions SET stock_taken = $2::jsonb WHERE id = $1::uuid',
      { bind: [id, JSON.stringify(held)], transaction },
    );
  }

  /** The jars that events name, their cooks held. */
  private async found(
    householdId: HouseholdId,
    given: readonly JarEventDto[],
    jars: readonly JarCode[],
    transaction: Transaction,
  ): Promise<readonly Found[]> {
    const codes = jars.map(jarCode);
    // Always in the same order, so that no two wait for each other.
    await this.database.query(
      `SELECT session.id FROM cook_sessions AS session
       WHERE session.id IN (
         SELECT session_id FROM jars WHERE household_id = $1::uuid AND code = ANY($2::text[]))
       ORDER BY session.id FOR UPDATE`,
      { bind: [householdId, codes], transaction },
    );
    const rows = await this.database.query<Found>(
      `SELECT session_id AS "sessionId", code FROM jars
       WHERE household_id = $1::uuid AND code = ANY($2::text[])`,
      { type: QueryTypes.SELECT, bind: [householdId, codes], transaction },
    );
    const byCode = new Map(rows.map((row) => [row.code, row]));
    const faults: Fault[] = codes.flatMap((code, index) =>
      byCode.has(code)
        ? []
        : [
            {
              field: `events[${index}].jar`,
              message: message('problems.noSuchJar', { code: given[index]?.jar ?? code }),
            },
          ],
    );
    if (faults.length > 0) throw new BadInput(faults);
    return codes.flatMap((code) => byCode.get(code) ?? []);
  }

  private async answers(
    householdId: HouseholdId,
    given: readonly JarEventDto[],
    found: readonly Found[],
    transaction: Transaction,
  ): Promise<JarEventAnswer[]> {
    const codes = found.map(({ code }) => code);
    const rows = await this.database.query<{
      code: string;
      life: ShelfLife;
      events: readonly (Omit<JarEvent, 'at'> & { readonly at: string })[];
    }>(
      `SELECT jar.code, jar.life, coalesce((
         SELECT jsonb_agg(jsonb_build_object('source', event.source, 'seq', event.seq,
           'at', event.at, 'kind', event.kind, 'to', event.to))
         FROM jar_events AS event
         WHERE event.household_id = jar.household_id AND event.session_id = jar.session_id
           AND event.size = jar.size AND event.number = jar.number), '[]') AS events
       FROM jars AS jar WHERE jar.household_id = $1::uuid AND jar.code = ANY($2::text[])`,
      { type: QueryTypes.SELECT, bind: [householdId, codes], transaction },
    );
    const lived = new Map(
      rows.map(({ code, life, events }) => {
        const all = events.map((event) => ({ ...event, at: new Date(event.at).getTime() }));
        const names = new Set(all.map(jarEventName));
        return [code, { life, counted: livedJar(all).counted, names }];
      }),
    );
    return given.map((event, index) => {
      const code = codes[index] ?? event.jar;
      const jar = lived.get(code);
      const counted =
        event.kind === 'undone'
          ? jar?.names.has(event.to ?? '') === true
          : jar?.counted.has(jarEventName(event)) === true;
      return {
        source: event.source,
        seq: event.seq,
        counted,
        jar: code,
        life: jar?.life ?? 'waiting',
      };
    });
  }
}

const ADD = `
  INSERT INTO jar_events
    (household_id, source, seq, session_id, size, number, at, kind, "to", by_kind, by_id)
  SELECT $1::uuid, source, seq, session_id, size, number, at, kind, "to", $2, $3::uuid
  FROM jsonb_to_recordset($4::jsonb) AS row (source text, seq int, session_id uuid, size int,
    number int, at timestamptz, kind text, "to" text)
  ON CONFLICT (household_id, source, seq) DO NOTHING`;
