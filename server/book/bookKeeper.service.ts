import {
  Injectable,
  Logger,
  type OnApplicationBootstrap,
  type OnModuleDestroy,
} from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { mainFruitOf } from '@idle-kettle/contract';
import { findIngredient } from '@idle-kettle/core';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { loggedEntry } from '../cookSessions/loggedEntry.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { PlanningService } from '../planning/planning.service.ts';
import { KnowledgeService } from './knowledge.service.ts';
import { measuredOf, OutcomeModel } from './outcome.model.ts';

/** Between two looks for what was not worked out yet, ms. */
const EVERY_MS = 5000;
/** Most cooks that are worked out before what the kitchen knows is. */
const MOST_AT_ONCE = 50;

/** A cook that has no record, or one of an earlier log or outcome. */
type Stale = { readonly id: string; readonly householdId: HouseholdId };

/**
 * Works out what the Book tells of every cook that is over, and then what its kitchen knows. What
 * stands is compared with what it was worked out from, so that nothing is left undone: what one
 * server did not do, the next that looks does.
 */
@Injectable()
export class BookKeeper implements OnApplicationBootstrap, OnModuleDestroy {
  private readonly logger = new Logger(BookKeeper.name);
  private readonly failed = new Set<string>();
  private timer: NodeJS.Timeout | null = null;
  private stopped = false;

  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectModel(OutcomeModel) private readonly outcomes: typeof OutcomeModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly planning: PlanningService,
    private readonly knowledge: KnowledgeService,
  ) {}

  onApplicationBootstrap(): void {
    this.lookLater(EVERY_MS);
  }

  onModuleDestroy(): void {
    this.stopped = true;
    if (this.timer) clearTimeout(this.timer);
  }

  /** Works one cook out now, and what its kitchen knows; where that fails, it is done later. */
  async workOut(householdId: HouseholdId, sessionId: string): Promise<void> {
    try {
      await this.record(sessionId);
      await this.knowledge.learn(householdId);
    } catch (error) {
      if (!this.stopped)
        this.logger.warn(`The record of cook ${sessionId} waits: ${String(error)}`);
    }
  }

  /** Works out everything anew, as if nothing had been; answers with how many cooks that were. */
  async rebuild(): Promise<number> {
    await this.database.query('DELETE FROM book_records');
    let done = 0;
    for (let more = true; more;) {
      const stale = await this.stale(MOST_AT_ONCE);
      for (const { id } of stale) await this.record(id);
      done += stale.length;
      more = stale.length > 0;
    }
    for (const id of await this.knowledge.households()) await this.knowledge.learn(id);
    return done;
  }

  /** How many cooks of a household are still to be worked out. */
  async waiting(householdId: HouseholdId): Promise<number> {
    const [row] = await this.database.query<{ count: string }>(
      `SELECT count(*) FROM (${STALE}) AS stale WHERE "householdId" = $1`,
      { type: QueryTypes.SELECT, bind: [householdId] },
    );
    return Number(row?.count ?? 0);
  }

  private lookLater(ms: number): void {
    if (this.stopped) return;
    this.timer = setTimeout(() => void this.look(), ms);
    this.timer.unref();
  }

  private async look(): Promise<void> {
    let isMore = false;
    try {
      const stale = (await this.stale(MOST_AT_ONCE)).filter(({ id }) => !this.failed.has(id));
      isMore = stale.length === MOST_AT_ONCE;
      const households = new Set<HouseholdId>(await this.reopened());
      for (const { id, householdId } of stale) {
        if (this.stopped) return;
        try {
          await this.record(id);
          households.add(householdId);
        } catch (error) {
          // One that cannot be worked out holds no other up; the next server tries it again.
          this.failed.add(id);
          if (!this.stopped) this.logger.warn(`No record of cook ${id}: ${String(error)}`);
        }
      }
      for (const householdId of households) await this.knowledge.learn(householdId);
    } catch {
      // The database is away; who asks it for something else hears of that.
    }
    this.lookLater(isMore ? 0 : EVERY_MS);
  }

  private stale(limit: number): Promise<Stale[]> {
    return this.database.query<Stale>(`${STALE} LIMIT ${limit}`, { type: QueryTypes.SELECT });
  }

  /** Takes out the records of cooks that are not over after all; answers with whose they were. */
  private async reopened(): Promise<readonly HouseholdId[]> {
    const rows = await this.database.query<{ householdId: HouseholdId }>(REOPENED, {
      type: QueryTypes.SELECT,
    });
    return rows.map(({ householdId }) => householdId);
  }

  /** Works out one cook from its log and its outcome, and keeps that. */
  private async record(sessionId: string): Promise<void> {
    const session = await this.sessions.findByPk(sessionId);
    if (session === null || session.endedAt === null || session.batchId === null) return;
    const [rows, outcome] = await Promise.all([
      this.entries.findAll({ where: { sessionId }, order: [['position', 'ASC']], raw: true }),
      this.outcomes.findByPk(sessionId),
    ]);
    const { formula, kitchen, householdId, name, startedAt } = session;
    const booked = await this.planning.runPlan('bookedCook', {
      formula,
      kitchen,
      entries: rows.map(loggedEntry),
      outcome: measuredOf(outcome),
    });
    const fruit = booked.fruitOf === null ? null : mainFruitOf(booked.fruitOf);
    await this.database.query(KEEP, {
      bind: [
        sessionId,
        householdId,
        session.position,
        outcome?.version ?? 0,
        JSON.stringify(booked.summary),
        JSON.stringify(booked.evidence),
        booked.burner,
        booked.powerW,
        fruit,
        booked.summary?.product ?? null,
        booked.summary?.method ?? null,
        startedAt,
        name,
        [...formula.lines, fruit === null ? '' : (findIngredient(fruit)?.name ?? '')].join('\n'),
        outcome?.notes ?? '',
        booked.pot,
      ],
    });
  }
}

/** Cooks of batches that are over, and of which nothing was worked out, or from what is no more. */
const STALE = `
  SELECT session.id, session.household_id AS "householdId"
  FROM cook_sessions AS session
  LEFT JOIN book_records AS record ON record.session_id = session.id
  LEFT JOIN outcomes AS outcome ON outcome.session_id = session.id
  WHERE session.ended_at IS NOT NULL AND session.batch_id IS NOT NULL
    AND (record.session_id IS NULL
      OR record.position <> session.position
      OR record.outcome_version <> coalesce(outcome.version, 0))`;

const REOPENED = `
  DELETE FROM book_records AS record
  USING cook_sessions AS session
  WHERE session.id = record.session_id AND session.ended_at IS NULL
  RETURNING record.household_id AS "householdId"`;

/** Who of the household wrote most of a log. */
const COOK = `(
  SELECT member.name
  FROM cook_session_entries AS entry
  JOIN members AS member ON member.id = entry.by_id
  WHERE entry.session_id = $1::uuid AND entry.by_kind = 'member'
  GROUP BY member.name
  ORDER BY count(*) DESC, member.name
  LIMIT 1
)`;

const KEEP = `
  INSERT INTO book_records
    (session_id, household_id, position, outcome_version, summary, evidence, burner, power_w,
      fruit, product, method, year, cooked_at, cook, words, pot)
  SELECT $1::uuid, $2::uuid, $3::int, $4::int, $5::jsonb, $6::jsonb, $7, $8::double precision,
    $9, $10, $11, extract(year FROM $12::timestamptz), $12::timestamptz, ${COOK},
    setweight(to_tsvector('simple', $13::text), 'A') ||
      setweight(to_tsvector('simple', $14::text), 'B') ||
      setweight(to_tsvector('simple', $15::text || ' ' || coalesce(${COOK}, '')), 'C'),
    $16
  ON CONFLICT (session_id) DO UPDATE SET
    position = excluded.position, outcome_version = excluded.outcome_version,
    summary = excluded.summary, evidence = excluded.evidence, burner = excluded.burner,
    power_w = excluded.power_w, fruit = excluded.fruit, product = excluded.product,
    method = excluded.method, year = excluded.year, cooked_at = excluded.cooked_at,
    cook = excluded.cook, words = excluded.words, pot = excluded.pot`;
