import {
  BOOK_PAGE,
  jamColourOf,
  NO_OUTCOME,
  type BookEntry,
  type BookFacets,
  type BookHome,
  type BookPage,
  type BookQuery,
  type BookRecord,
  type MadeFrom,
  type VersionCook,
} from '@idle-kettle/contract';
import { isOfADevice, type Formula } from '@idle-kettle/core';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { loggedEntry } from '../cookSessions/loggedEntry.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { NotFound } from '../problem/errors.ts';
import { RecipeModel } from '../recipes/recipe.model.ts';
import { BookKeeper } from './bookKeeper.service.ts';
import { BookRecordModel } from './bookRecord.model.ts';
import { outcomeOf } from './outcomes.service.ts';
import { OutcomeModel } from './outcome.model.ts';
import { PhotosService } from './photos.service.ts';

/** A set has come to rest after a week: then it can be judged. */
const JUDGED_AFTER = '7 days';
/** What is older is not asked about any more. */
const ASKED_FOR = '120 days';
const MOST_ASKED = 3;

type Row = Omit<BookEntry, 'cookedAt' | 'colour'> & { readonly cookedAt: Date };

/** The Book: what was cooked, and what came of it. */
@Injectable()
export class BookService {
  constructor(
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectModel(RecipeModel) private readonly recipes: typeof RecipeModel,
    @InjectModel(OutcomeModel) private readonly outcomes: typeof OutcomeModel,
    @InjectModel(BookRecordModel) private readonly records: typeof BookRecordModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly photos: PhotosService,
    private readonly keeper: BookKeeper,
  ) {}

  /**
   * One page of what a query finds, the last cooked first.
   * @param page from 0
   */
  async page(householdId: HouseholdId, query: BookQuery, page: number): Promise<BookPage> {
    const { where, bind } = whereOf(householdId, query);
    const [rows, counted] = await Promise.all([
      this.select(
        `${where} ORDER BY record.cooked_at DESC, record.session_id
        LIMIT ${BOOK_PAGE} OFFSET ${page * BOOK_PAGE}`,
        bind,
      ),
      this.database.query<{ count: string }>(`SELECT count(*) ${FROM} ${where}`, {
        type: QueryTypes.SELECT,
        bind,
      }),
    ]);
    return { total: Number(counted[0]?.count ?? 0), entries: rows };
  }

  /** What the Book can be looked through by, and what waits for a word. */
  async home(householdId: HouseholdId): Promise<BookHome> {
    const facet = async (expression: string) => {
      const rows = await this.database.query<{ value: string; count: string }>(
        `SELECT ${expression} AS value, count(*) ${FROM}
         WHERE record.household_id = $1::uuid AND ${expression} IS NOT NULL
         GROUP BY 1 ORDER BY 1`,
        { type: QueryTypes.SELECT, bind: [householdId] },
      );
      return rows.map(({ value, count }) => ({ value: String(value), count: Number(count) }));
    };
    const [fruit, year, method, set, cook, toJudge, waiting] = await Promise.all([
      facet('record.fruit'),
      facet('record.year'),
      facet('record.method'),
      facet('outcome.set'),
      facet('record.cook'),
      this.select(
        `WHERE record.household_id = $1::uuid AND outcome.set IS NULL AND outcome.again IS NULL
           AND session.ended_at < now() - interval '${JUDGED_AFTER}'
           AND session.ended_at > now() - interval '${ASKED_FOR}'
         ORDER BY record.cooked_at DESC, record.session_id LIMIT ${MOST_ASKED}`,
        [householdId],
      ),
      this.keeper.waiting(householdId),
    ]);
    const facets: BookFacets = { fruit, year: year.toReversed(), method, set, cook };
    return { facets, toJudge, waiting };
  }

  /** One cook, whole. Of another household it is not there. */
  async find(householdId: HouseholdId, id: string): Promise<BookRecord> {
    const session = await this.sessions.findOne({ where: { id, householdId } });
    if (session === null || session.batchId === null || session.endedAt === null)
      throw new NotFound(message('problems.noSuchCook'));
    const [rows, record, outcome, photos, madeFrom, remade, log] = await Promise.all([
      this.select('WHERE record.household_id = $1::uuid AND record.session_id = $2::uuid', [
        householdId,
        id,
      ]),
      this.records.findByPk(id),
      this.outcomes.findByPk(id),
      this.photos.list(householdId, id),
      this.madeFrom(householdId, session.formula),
      this.remade(householdId, id),
      this.events(session.id),
    ]);
    const [listed] = rows;
    return {
      id,
      batchId: session.batchId,
      name: session.name,
      fruit: listed?.fruit ?? null,
      colour: jamColourOf(listed?.fruit ?? null),
      product: listed?.product ?? null,
      method: listed?.method ?? null,
      cookedAt: session.startedAt.toISOString(),
      cook: listed?.cook ?? null,
      jars: listed?.jars ?? null,
      plannedJars: listed?.plannedJars ?? null,
      minutes: listed?.minutes ?? null,
      set: outcome?.setClass ?? null,
      plannedSet: listed?.plannedSet ?? null,
      taste: outcome?.taste ?? null,
      again: outcome?.again ?? null,
      formula: session.formula,
      startedAt: session.startedAt.toISOString(),
      summary: record?.summary ?? null,
      outcome: outcome === null ? NO_OUTCOME : outcomeOf(outcome),
      photos,
      madeFrom,
      remade,
      log,
    };
  }

  /** The cooks that are over of every version of a recipe, the first first. */
  async ofRecipe(householdId: HouseholdId, recipeId: string): Promise<VersionCook[]> {
    const rows = await this.database.query<Omit<VersionCook, 'cookedAt'> & { cookedAt: Date }>(
      OF_RECIPE,
      { type: QueryTypes.SELECT, bind: [householdId, recipeId] },
    );
    return rows.map(({ cookedAt, ...row }) => ({ ...row, cookedAt: cookedAt.toISOString() }));
  }

  private async select(rest: string, bind: readonly unknown[]): Promise<BookEntry[]> {
    const rows = await this.database.query<Row>(`${SELECT} ${FROM} ${rest}`, {
      type: QueryTypes.SELECT,
      bind: [...bind],
    });
    return rows.map(({ cookedAt, ...row }) => ({
      ...row,
      colour: jamColourOf(row.fruit),
      cookedAt: cookedAt.toISOString(),
    }));
  }

  private remade(householdId: HouseholdId, id: string): Promise<BookRecord['remade']> {
    return this.database.query<BookRecord['remade'][number]>(
      `SELECT id AS "batchId", name FROM batches
       WHERE household_id = $1::uuid AND deleted_at IS NULL
         AND settings->'remake' IS NOT NULL AND settings->'remake'->>'cook' = $2
       ORDER BY created_at`,
      { type: QueryTypes.SELECT, bind: [householdId, id] },
    );
  }

  private async madeFrom(
    householdId: HouseholdId,
    { settings: { recipe: from } }: Formula,
  ): Promise<MadeFrom | null> {
    if (from == null) return null;
    const recipe = await this.recipes.findOne({
      attributes: ['id', 'name'],
      where: { id: from.id, householdId },
      paranoid: false,
    });
    return recipe && { recipeId: recipe.id, name: recipe.name, number: from.number };
  }

  /** What was done at a cook, without what devices read. */
  private async events(sessionId: string) {
    const rows = await this.entries.findAll({
      where: { sessionId },
      order: [
        ['at', 'ASC'],
        ['position', 'ASC'],
      ],
      raw: true,
    });
    return rows.map(loggedEntry).filter((entry) => !isOfADevice(entry));
  }
}

const FROM = `
  FROM book_records AS record
  JOIN cook_sessions AS session ON session.id = record.session_id
  LEFT JOIN outcomes AS outcome ON outcome.session_id = record.session_id`;

const SELECT = `
  SELECT record.session_id AS id, session.batch_id AS "batchId", session.name, record.fruit,
    record.product, record.method, record.cooked_at AS "cookedAt", record.cook,
    (record.summary->'happened'->>'jars')::double precision AS jars,
    (record.summary->'planned'->'fullJars'->>'p50')::double precision AS "plannedJars",
    (record.summary->'happened'->>'minutes')::double precision AS minutes,
    outcome.set, record.summary->'planned'->>'set' AS "plannedSet", outcome.taste, outcome.again,
    (SELECT count(*)::int FROM photos
      WHERE photos.household_id = record.household_id AND photos.session_id = record.session_id
    ) AS photos`;

const OF_RECIPE = `
  SELECT session.id, (session.formula->'settings'->'recipe'->>'number')::int AS number,
    session.started_at AS "cookedAt", outcome.set, outcome.taste,
    coalesce(outcome.notes, '') AS notes
  FROM cook_sessions AS session
  LEFT JOIN outcomes AS outcome ON outcome.session_id = session.id
  WHERE session.household_id = $1::uuid AND session.ended_at IS NOT NULL
    AND session.batch_id IS NOT NULL
    AND session.formula->'settings'->'recipe'->>'id' = $2
  ORDER BY session.started_at, session.id`;

/** Letters and figures of any language; what is between them parts words. */
const WORDS = /[\p{L}\p{N}]+/gu;
const MOST_WORDS = 8;

/** Words as they are typed: each may be the beginning of one. */
const searched = (words: string): string =>
  (words.match(WORDS) ?? [])
    .slice(0, MOST_WORDS)
    .map((word) => `${word.slice(0, 40)}:*`)
    .join(' & ');

function whereOf(householdId: HouseholdId, query: BookQuery) {
  const bind: unknown[] = [householdId];
  const conditions = ['record.household_id = $1::uuid'];
  const also = (condition: (place: string) => string, value: unknown) => {
    if (value === null) return;
    bind.push(value);
    conditions.push(condition(`$${bind.length}`));
  };
  const words = query.words === null ? '' : searched(query.words);
  also((at) => `record.words @@ to_tsquery('simple', ${at})`, words === '' ? null : words);
  also((at) => `record.fruit = ${at}`, query.fruit);
  also((at) => `record.year = ${at}::int`, query.year);
  also((at) => `record.method = ${at}`, query.method);
  also((at) => `record.cook = ${at}`, query.cook);
  also((at) => `outcome.again = ${at}::boolean`, query.again);
  if (query.set === 'unsaid') conditions.push('outcome.set IS NULL');
  else also((at) => `outcome.set = ${at}`, query.set);
  return { where: `WHERE ${conditions.join(' AND ')}`, bind };
}
