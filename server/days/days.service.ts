import type {
  DaySheet,
  DaySheetDto,
  DaySheetLine,
  SheetDocument,
} from '@idle-kettle/contract/daySheet';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { randomUUID } from 'node:crypto';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import { BadInput, Conflict, NotFound } from '../problem/errors.ts';

/** Most sheets that one listing answers with, the latest day first. */
const MOST_LISTED = 100;

type Row = { readonly id: string; readonly version: number; readonly document: SheetDocument };

/** Day sheets: kept as somebody wrote them, each change made on a version. */
@Injectable()
export class DaysService {
  constructor(@InjectConnection() private readonly database: Sequelize) {}

  list(householdId: HouseholdId): Promise<DaySheetLine[]> {
    return this.database.query<DaySheetLine>(
      `SELECT sheet.id, sheet.name, to_json(sheet.from) #>> '{}' AS "from", coalesce((
         SELECT array_agg(batch.name ORDER BY one.place)
         FROM jsonb_array_elements(sheet.document->'batches') WITH ORDINALITY AS one(value, place)
         JOIN batches AS batch ON batch.id = (one.value->>'batchId')::uuid
           AND batch.household_id = sheet.household_id), '{}') AS batches
       FROM day_sheets AS sheet WHERE sheet.household_id = $1::uuid
       ORDER BY sheet.from DESC, sheet.id LIMIT ${MOST_LISTED}`,
      { type: QueryTypes.SELECT, bind: [householdId] },
    );
  }

  async find(householdId: HouseholdId, id: string): Promise<DaySheet> {
    const [row] = await this.database.query<Row>(
      'SELECT id, version, document FROM day_sheets WHERE id = $1::uuid AND household_id = $2::uuid',
      { type: QueryTypes.SELECT, bind: [id, householdId] },
    );
    if (row === undefined) throw new NotFound(message('problems.noSuchDay'));
    return { id: row.id, version: row.version, ...row.document };
  }

  /** Keeps a new sheet; asked twice with the same id, there is one: the first. */
  async create(
    householdId: HouseholdId,
    { id = randomUUID(), version: _, ...document }: DaySheetDto,
  ): Promise<DaySheet> {
    await this.mustBeOwn(householdId, document);
    await this.database.query(
      `INSERT INTO day_sheets (id, household_id, name, "from", finish_by, document)
       VALUES ($1::uuid, $2::uuid, $3, $4, $5, $6::jsonb) ON CONFLICT (id) DO NOTHING`,
      { bind: [id, householdId, ...columnsOf(document)] },
    );
    return this.find(householdId, id);
  }

  /** Changes a sheet; made on a version that has changed since, it is refused. */
  async update(
    householdId: HouseholdId,
    id: string,
    { id: _, version, ...document }: DaySheetDto,
  ): Promise<DaySheet> {
    await this.find(householdId, id);
    await this.mustBeOwn(householdId, document);
    const [, count] = (await this.database.query(
      `UPDATE day_sheets SET name = $3, "from" = $4, finish_by = $5, document = $6::jsonb,
         version = version + 1, updated_at = now()
       WHERE id = $1::uuid AND household_id = $2::uuid AND version = coalesce($7::int, version)`,
      {
        type: QueryTypes.UPDATE,
        bind: [id, householdId, ...columnsOf(document), version ?? null],
      },
    )) as unknown as [unknown, number];
    const now = await this.find(householdId, id);
    if (count === 0)
      throw new Conflict(
        message('problems.dayChangedElsewhere', { there: now.version, on: version ?? 0 }),
      );
    return now;
  }

  async remove(householdId: HouseholdId, id: string): Promise<void> {
    await this.find(householdId, id);
    await this.database.query(
      'DELETE FROM day_sheets WHERE id = $1::uuid AND household_id = $2::uuid',
      { bind: [id, householdId] },
    );
  }

  /** Only batches of the household can stand on its sheets, and a person of a batch is one of them. */
  private async mustBeOwn(householdId: HouseholdId, document: SheetDocument): Promise<void> {
    const { batches, people, from, finishBy } = document;
    if (finishBy != null && new Date(finishBy) <= new Date(from))
      throw new BadInput([{ field: 'finishBy', message: message('problems.finishBeforeBegin') }]);
    const rows = await this.database.query<{ id: string }>(
      'SELECT id FROM batches WHERE household_id = $1::uuid AND id = ANY($2::uuid[])',
      { type: QueryTypes.SELECT, bind: [householdId, batches.map(({ batchId }) => batchId)] },
    );
    const own = new Set(rows.map(({ id }) => id));
    const faults = batches.flatMap(({ batchId, person }, index) => [
      ...(own.has(batchId.toLowerCase())
        ? []
        : [{ field: `batches[${index}].batchId`, message: message('problems.noSuchBatch') }]),
      ...(person == null || person < people.length
        ? []
        : [{ field: `batches[${index}].person`, message: message('problems.noSuchPerson') }]),
    ]);
    if (faults.length > 0) throw new BadInput(faults);
  }
}

const columnsOf = (document: SheetDocument): readonly [string, string, string | null, string] => [
  document.name,
  document.from,
  document.finishBy ?? null,
  JSON.stringify(document),
];
