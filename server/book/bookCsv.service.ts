import { toBookCsv, type BookCsvRow } from '@idle-kettle/core/book';
import { Injectable } from '@nestjs/common';
import { InjectConnection } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';

/** The Book as a table. */
@Injectable()
export class BookCsvService {
  constructor(@InjectConnection() private readonly database: Sequelize) {}

  /** One line a cook, the first first. */
  async text(householdId: HouseholdId): Promise<string> {
    const rows = await this.database.query<BookCsvRow>(ROWS, {
      type: QueryTypes.SELECT,
      bind: [householdId],
    });
    return toBookCsv(rows);
  }
}

const ROWS = `
  SELECT session.name, to_char(session.started_at AT TIME ZONE 'UTC', 'YYYY-MM-DD') AS date,
    record.fruit, record.product, record.method, record.cook,
    session.formula->'lines' AS lines,
    (record.summary->'planned'->'fullJars'->>'p50')::double precision AS "plannedJars",
    (record.summary->'happened'->>'jars')::double precision AS jars,
    (record.summary->'happened'->>'volumeMl')::double precision AS "volumeMl",
    (record.summary->'happened'->>'finalMassG')::double precision AS "finalMassG",
    (record.summary->'planned'->'minutes'->>'p50')::double precision AS "plannedMinutes",
    (record.summary->'happened'->>'minutes')::double precision AS minutes,
    (record.summary->'planned'->>'stopC')::double precision AS "plannedStopC",
    (record.summary->'happened'->>'stopC')::double precision AS "stopC",
    record.summary->'planned'->>'set' AS "plannedSet", outcome.set, outcome.taste, outcome.colour,
    outcome.clarity, outcome.again, outcome.cost_minor AS "costMinor", outcome.notes,
    session.id
  FROM cook_sessions AS session
  LEFT JOIN book_records AS record ON record.session_id = session.id
  LEFT JOIN outcomes AS outcome ON outcome.session_id = session.id
  WHERE session.household_id = $1::uuid AND session.batch_id IS NOT NULL
    AND session.ended_at IS NOT NULL
  ORDER BY session.started_at, session.id`;
