import type {
  JarStory,
  Shelf,
  ShelfGroup,
  ShelfLife,
  ShelfPlaceOf,
} from '@idle-kettle/contract/season';
import { jamColourOf } from '@idle-kettle/contract';
import { PLACE_KINDS } from '@idle-kettle/core';
import { jarEventName, livedJar, toBuy, type JarLifeKind } from '@idle-kettle/core/season';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { NotFound } from '../problem/errors.ts';
import { JarTable } from './jarTable.service.ts';
import { StockService } from './stock.service.ts';

type GroupRow = Omit<ShelfGroup, 'colour' | 'madeAt' | 'eatBy'> & {
  readonly madeAt: Date;
  readonly eatBy: Date | null;
};

type JarRow = {
  readonly code: string;
  readonly cook: string;
  readonly size: number;
  readonly number: number;
  readonly name: string;
  readonly fruit: string | null;
  readonly sizeName: string;
  readonly holdsMl: number;
  readonly life: ShelfLife;
  readonly place: string;
  readonly madeAt: Date;
  readonly eatBy: Date | null;
  readonly givenTo: string | null;
};

type EventRow = {
  readonly source: string;
  readonly seq: number;
  readonly at: Date;
  readonly kind: JarLifeKind;
  readonly to: string | null;
  readonly by: string | null;
  readonly size: number;
  readonly number: number;
};

/** The Shelf: what stands where. */
@Injectable()
export class ShelfService {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly kitchens: KitchenService,
    private readonly stock: StockService,
    private readonly table: JarTable,
    private readonly clock: ServerClock,
  ) {}

  /** Everything that stands in the household, by batch, size and place; to be eaten first, first. */
  async find(householdId: HouseholdId): Promise<Shelf> {
    const waiting = await this.table.waiting(householdId);
    const [groups, gone, stock, { shelves, jars }] = await Promise.all([
      this.database.query<GroupRow>(GROUPS, { type: QueryTypes.SELECT, bind: [householdId] }),
      this.database.query<{ life: keyof Shelf['gone']; count: string }>(
        `SELECT life, count(*) FROM jars
         WHERE household_id = $1::uuid AND life IN ('eaten', 'given', 'lost', 'discarded', 'remade')
         GROUP BY life`,
        { type: QueryTypes.SELECT, bind: [householdId] },
      ),
      this.stock.ofHousehold(householdId),
      this.kitchens.current(householdId),
    ]);
    const places: readonly ShelfPlaceOf[] = [
      ...PLACE_KINDS.map((kind) => ({ id: kind, name: null, kind })),
      ...shelves,
    ];
    return {
      nowMs: this.clock.now(),
      groups: groups.map(({ madeAt, eatBy, ...group }) => ({
        ...group,
        colour: jamColourOf(group.fruit),
        madeAt: madeAt.toISOString(),
        eatBy: eatBy?.toISOString() ?? null,
      })),
      waiting,
      places,
      stock,
      toBuy: toBuy(
        stock.filter(({ uses }) => uses > 0).map(({ halfPints }) => halfPints),
        jars,
      ),
      gone: {
        eaten: 0,
        given: 0,
        lost: 0,
        discarded: 0,
        remade: 0,
        ...Object.fromEntries(gone.map(({ life, count }) => [life, Number(count)])),
      },
    };
  }

  /** One jar by its short number, and what happened to it. */
  async jar(householdId: HouseholdId, code: string): Promise<JarStory> {
    const [jar] = await this.stories(householdId, 'jar.code = $2', code);
    if (jar === undefined) throw new NotFound(message('problems.noSuchJar', { code }));
    return jar;
  }

  /** Every jar of a cook, wherever it is: what a recall asks for. */
  async ofCook(householdId: HouseholdId, id: string): Promise<readonly JarStory[]> {
    const [cook] = await this.database.query<{ id: string }>(
      'SELECT id FROM cook_sessions WHERE id = $1::uuid AND household_id = $2::uuid',
      { type: QueryTypes.SELECT, bind: [id, householdId] },
    );
    if (cook === undefined) throw new NotFound(message('problems.noSuchCook'));
    return this.stories(householdId, 'jar.session_id = $2::uuid', id);
  }

  private async stories(
    householdId: HouseholdId,
    where: string,
    of: string,
  ): Promise<readonly JarStory[]> {
    const jars = await this.database.query<JarRow>(
      `SELECT jar.code, jar.session_id AS cook, jar.size, jar.number, session.name, jar.fruit,
         jar.size_name AS "sizeName", jar.holds_ml AS "holdsMl", jar.life, jar.place,
         jar.since AS "madeAt", jar.eat_by AS "eatBy", jar.given_to AS "givenTo"
       FROM jars AS jar JOIN cook_sessions AS session ON session.id = jar.session_id
       WHERE jar.household_id = $1::uuid AND ${where}
       ORDER BY jar.size, jar.number`,
      { type: QueryTypes.SELECT, bind: [householdId, of] },
    );
    const [first] = jars;
    if (first === undefined) return [];
    const events = await this.database.query<EventRow>(
      `SELECT event.source, event.seq, event.at, event.kind, event.to, member.name AS by,
         event.size, event.number
       FROM jar_events AS event LEFT JOIN members AS member ON member.id = event.by_id
       WHERE event.household_id = $1::uuid AND event.session_id = $2::uuid
       ORDER BY event.at, event.source, event.seq`,
      { type: QueryTypes.SELECT, bind: [householdId, first.cook] },
    );
    return jars.map(({ size, number, fruit, sizeName, madeAt, eatBy, ...jar }) => {
      const own = events.filter((event) => event.size === size && event.number === number);
      const { counted } = livedJar(
        own.map(({ at, ...event }) => ({ ...event, at: at.getTime(), jar: { size, number } })),
      );
      return {
        ...jar,
        size: sizeName,
        colour: jamColourOf(fruit),
        madeAt: madeAt.toISOString(),
        eatBy: eatBy?.toISOString() ?? null,
        events: own.map((event) => ({
          name: jarEventName(event),
          at: event.at.toISOString(),
          kind: event.kind,
          to: event.to,
          by: event.by,
          counted: counted.has(jarEventName(event)),
        })),
      };
    });
  }
}

const GROUPS = `
  SELECT jar.session_id AS cook, session.number AS "cookNumber", session.name, jar.fruit,
    jar.size_name AS size, max(jar.holds_ml) AS "holdsMl", jar.place, jar.life,
    min(jar.since) AS "madeAt", min(jar.eat_by) AS "eatBy",
    array_agg(jar.code ORDER BY jar.size, jar.number) AS codes
  FROM jars AS jar JOIN cook_sessions AS session ON session.id = jar.session_id
  WHERE jar.household_id = $1::uuid AND jar.life IN ('in', 'opened')
  GROUP BY jar.session_id, session.number, session.name, jar.fruit, jar.size_name, jar.place,
    jar.life, jar.eat_by::date
  ORDER BY min(jar.eat_by), session.number, jar.size_name`;
