import type { ChartRow } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';

/** The last cooks that charts are drawn of. */
const MOST_DRAWN = 5000;

type Row = Omit<ChartRow, 'cookedAt'> & { readonly cookedAt: Date };

/** What the charts of the Book are drawn from. */
@Injectable()
export class ChartsService {
  constructor(@InjectConnection() private readonly database: Sequelize) {}

  /** Every cook of the Book with its plan and what came of it, the first first. */
  async rows(householdId: HouseholdId): Promise<ChartRow[]> {
    const rows = await this.database.query<Row>(ROWS, {
      type: QueryTypes.SELECT,
      bind: [householdId],
    });
    return rows
      .toReversed()
      .map(({ cookedAt, ...row }) => ({ ...row, cookedAt: cookedAt.toISOString() }));
  }
}

const figure = (path: string) => `(record.summary->${path})::double precision`;

const ROWS = `
  SELECT record.session_id AS id, session.name, record.cooked_at AS "cookedAt", record.fruit,
    record.year,
    ${figure(`'planned'->'volumeMl'->>'p50'`)} AS "plannedMl",
    ${figure(`'happened'->>'volumeMl'`)} AS "volumeMl",
    ${figure(`'planned'->'minutes'->>'p50'`)} AS "plannedMinutes",
    ${figure(`'happened'->>'minutes'`)} AS minutes,
    ${figure(`'happened'->>'jars'`)} AS jars,
    ${figure(`'planned'->>'stopC'`)} AS "plannedStopC",
    ${figure(`'happened'->>'stopC'`)} AS "stopC",
    outcome.set, outcome.cost_minor AS "costMinor"
  FROM book_records AS record
  JOIN cook_sessions AS session ON session.id = record.session_id
  LEFT JOIN outcomes AS outcome ON outcome.session_id = record.session_id
  WHERE record.household_id = $1::uuid
  ORDER BY record.cooked_at DESC, record.session_id
  LIMIT ${MOST_DRAWN}`;
