import { jamColourOf } from '@idle-kettle/contract';
import type { FruitDto, FruitInHouse } from '@idle-kettle/contract/season';
import { readLine } from '@idle-kettle/core';
import { fruitKeepsDays, type FruitPlace } from '@idle-kettle/core/season';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { ServerClock } from '../clock/serverClock.service.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { BadInput, NotFound } from '../problem/errors.ts';

const DAY_MS = 86_400_000;
const MOST = 200;

type Row = {
  readonly id: string;
  readonly line: string;
  readonly fruit: string | null;
  readonly place: FruitPlace;
  readonly since: Date;
  readonly keepsUntil: Date;
};

/** Fruit in the house that waits for the pot. */
@Injectable()
export class FruitService {
  constructor(
    @InjectConnection() private readonly database: Sequelize,
    private readonly clock: ServerClock,
  ) {}

  /** What is there, what keeps least first. */
  async list(householdId: HouseholdId): Promise<FruitInHouse[]> {
    const rows = await this.database.query<Row>(
      `SELECT id, line, fruit, place, since, keeps_until AS "keepsUntil" FROM fruit_in_house
       WHERE household_id = $1::uuid AND used_at IS NULL
       ORDER BY keeps_until, id LIMIT ${MOST}`,
      { type: QueryTypes.SELECT, bind: [householdId] },
    );
    return rows.map(answer);
  }

  /** Writes fruit down; sent twice with the same id, there is one. */
  async add(householdId: HouseholdId, dto: FruitDto): Promise<FruitInHouse> {
    const { id = randomUUID() } = dto;
    const { fruit, ripeness } = fruitOf(dto.line);
    const since = dto.since == null ? new Date(this.clock.now()) : new Date(dto.since);
    const keepsUntil =
      dto.keepsUntil == null
        ? new Date(since.getTime() + fruitKeepsDays(fruit, dto.place, ripeness) * DAY_MS)
        : new Date(dto.keepsUntil);
    if (keepsUntil < since)
      throw new BadInput([{ field: 'keepsUntil', message: message('problems.keepsBeforeItCame') }]);
    await this.database.query(
      `INSERT INTO fruit_in_house (id, household_id, line, fruit, place, since, keeps_until)
       VALUES ($1::uuid, $2::uuid, $3, $4, $5, $6, $7) ON CONFLICT (id) DO NOTHING`,
      { bind: [id, householdId, dto.line.trim(), fruit, dto.place, since, keepsUntil] },
    );
    return this.find(householdId, id);
  }

  /** It was cooked, eaten or thrown out; or not after all. */
  async setUsed(householdId: HouseholdId, id: string, isUsed: boolean): Promise<void> {
    const [, count] = (await this.database.query(
      `UPDATE fruit_in_house SET used_at = $3, updated_at = now()
       WHERE id = $1::uuid AND household_id = $2::uuid`,
      {
        type: QueryTypes.UPDATE,
        bind: [id, householdId, isUsed ? new Date(this.clock.now()) : null],
      },
    )) as unknown as [unknown, number];
    if (count === 0) throw new NotFound(message('problems.noSuchFruit'));
  }

  private async find(householdId: HouseholdId, id: string): Promise<FruitInHouse> {
    const [row] = await this.database.query<Row>(
      `SELECT id, line, fruit, place, since, keeps_until AS "keepsUntil" FROM fruit_in_house
       WHERE id = $1::uuid AND household_id = $2::uuid`,
      { type: QueryTypes.SELECT, bind: [id, householdId] },
    );
    // Another household has one of that id already, and is not told of.
    if (row === undefined) throw new NotFound(message('problems.noSuchFruit'));
    return answer(row);
  }
}

/** The fruit of a line, and how ripe it says it is; nothing where it is not understood. */
function fruitOf(line: string): {
  readonly fruit: string | null;
  readonly ripeness: number | null;
} {
  const read = readLine(line);
  return read.understood && read.ingredient.kind === 'fruit'
    ? { fruit: read.ingredient.id, ripeness: read.ripeness ?? null }
    : { fruit: null, ripeness: null };
}

const answer = ({ since, keepsUntil, ...row }: Row): FruitInHouse => ({
  ...row,
  colour: jamColourOf(row.fruit),
  since: since.toISOString(),
  keepsUntil: keepsUntil.toISOString(),
});
