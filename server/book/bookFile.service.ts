import type {
  BookFileDto,
  BookImported,
  KeptCookDto,
  KeptEntry,
} from '@idle-kettle/contract/bookFile';
import { BOOK_FORMAT, BOOK_FORMAT_VERSION } from '@idle-kettle/contract/bookFile';
import { isOfADevice, type Fault } from '@idle-kettle/core';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { Op, QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BatchModel } from '../batches/batch.model.ts';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import { BadInput } from '../problem/errors.ts';
import { RecipeModel } from '../recipes/recipe.model.ts';
import { RecipeVersionModel } from '../recipes/recipeVersion.model.ts';
import { BookReader } from './bookReader.service.ts';
import { OutcomeModel } from './outcome.model.ts';
import { outcomeOf } from './outcomes.service.ts';
import { PhotoModel } from './photo.model.ts';
import { asItCame } from './smallPhoto.ts';

/** Rows that are written in one statement. */
const MOST_AT_ONCE = 500;

/** The whole Book as a file, and back: what is kept, and nothing that is worked out. */
@Injectable()
export class BookFileService {
  constructor(
    @InjectModel(RecipeModel) private readonly recipes: typeof RecipeModel,
    @InjectModel(RecipeVersionModel) private readonly versions: typeof RecipeVersionModel,
    @InjectModel(BatchModel) private readonly batches: typeof BatchModel,
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectModel(OutcomeModel) private readonly outcomes: typeof OutcomeModel,
    @InjectModel(PhotoModel) private readonly photos: typeof PhotoModel,
    @InjectConnection() private readonly database: Sequelize,
    private readonly reader: BookReader,
  ) {}

  /**
   * The Book of a household as JSON, a row a line, piece by piece: the same bytes for the same
   * Book.
   */
  async *text(householdId: HouseholdId): AsyncGenerator<string> {
    yield `{"format":"${BOOK_FORMAT}","version":${BOOK_FORMAT_VERSION},\n"recipes":[`;
    yield* lines(await this.keptRecipes(householdId));
    yield '],\n"batches":[';
    yield* lines(await this.keptBatches(householdId));
    yield '],\n"cooks":[';
    yield* linesOf(this.keptCooks(householdId));
    yield '],\n"photos":[';
    yield* linesOf(this.keptPhotos(householdId));
    yield ']}\n';
  }

  /**
   * Takes a Book in, all of it or nothing. What is there already stays as it is, so that the same
   * file twice adds nothing.
   */
  async take({ householdId, author }: Actor, text: string): Promise<BookImported> {
    const read = await this.reader.read(text);
    if (!read.ok) throw new BadInput(read.faults);
    const { recipes, batches, cooks, photos = [] } = read.request;
    const made = await Promise.all(
      photos.map(({ jpeg }, index) => asItCame(Buffer.from(jpeg, 'base64'), index)),
    );
    return this.database.transaction(async (transaction) => {
      const there = await this.there(householdId, read.request, transaction);
      const isNew = ({ id }: { readonly id: string }) => !there.has(id);
      await this.putRecipes(householdId, recipes.filter(isNew), transaction);
      const fresh = {
        recipes: recipes.filter(isNew).length,
        batches: batches.filter(isNew),
        cooks: cooks.filter(isNew),
        photos: photos.flatMap((photo, index) => (isNew(photo) ? [{ photo, index }] : [])),
      };
      await inParts(fresh.batches, (some) =>
        this.batches.bulkCreate(
          some.map(({ version = 1, ticked = [], settings = {}, doneAt, deletedAt, ...batch }) => ({
            ...batch,
            householdId,
            version,
            ticked,
            settings,
            doneAt: doneAt ?? null,
            deletedAt: deletedAt ?? null,
          })),
          { transaction },
        ),
      );
      for (const cook of fresh.cooks) await this.putCook(householdId, author, cook, transaction);
      await inParts(fresh.photos, (some) =>
        this.photos.bulkCreate(
          some.map(({ photo: { id, cookId, takenAt }, index }) => ({
            id,
            householdId,
            sessionId: cookId,
            ...made[index],
            byKind: author.kind,
            byId: author.id,
            createdAt: takenAt,
          })),
          { transaction },
        ),
      );
      return {
        recipes: fresh.recipes,
        batches: fresh.batches.length,
        cooks: fresh.cooks.length,
        photos: fresh.photos.length,
        there: there.size,
      };
    });
  }

  private async keptRecipes(householdId: HouseholdId) {
    const rows = await this.recipes.findAll({
      where: { householdId },
      include: [RecipeVersionModel],
      paranoid: false,
      order: BY_AGE,
    });
    return rows.map((row) => ({
      id: row.id,
      name: row.name,
      versions: [...row.versions]
        .sort((a, b) => a.number - b.number)
        .map(({ number, lines: written, settings, note, createdAt }) => ({
          number,
          lines: written,
          settings,
          note,
          createdAt,
        })),
      deletedAt: row.deletedAt,
      createdAt: row.createdAt,
      updatedAt: row.updatedAt,
    }));
  }

  private async keptBatches(householdId: HouseholdId) {
    const rows = await this.batches.findAll({
      attributes: { exclude: ['plan', 'summary', 'planFaults'] },
      where: { householdId },
      paranoid: false,
      order: BY_AGE,
    });
    return rows.map((row) => ({
      id: row.id,
      name: row.name,
      lines: row.lines,
      settings: row.settings,
      ticked: row.ticked,
      version: row.version,
      doneAt: row.doneAt,
      deletedAt: row.deletedAt,
      createdAt: row.createdAt,
      updatedAt: row.updatedAt,
    }));
  }

  /** The cooks of batches that are over, one after the other: a log may be long. */
  private async *keptCooks(householdId: HouseholdId): AsyncGenerator<object> {
    const rows = await this.sessions.findAll({
      attributes: ['id'],
      where: { householdId, batchId: { [Op.ne]: null }, endedAt: { [Op.ne]: null } },
      order: [
        ['startedAt', 'ASC'],
        ['id', 'ASC'],
      ],
    });
    for (const { id } of rows) {
      const [row, log, outcome] = await Promise.all([
        this.sessions.findByPk(id),
        this.entries.findAll({
          where: { sessionId: id },
          order: [['position', 'ASC']],
          raw: true,
        }),
        this.outcomes.findByPk(id),
      ]);
      if (row === null) continue;
      yield {
        id,
        batchId: row.batchId,
        name: row.name,
        formula: row.formula,
        kitchen: row.kitchen,
        startedAt: row.startedAt,
        endedAt: row.endedAt,
        storedAt: row.storedAt,
        jarPlaces: row.jarPlaces,
        log: log.map(keptEntry),
        outcome: outcome && outcomeOf(outcome),
      };
    }
  }

  private async *keptPhotos(householdId: HouseholdId): AsyncGenerator<object> {
    const rows = await this.photos.findAll({
      attributes: ['id'],
      where: { householdId },
      order: [
        ['createdAt', 'ASC'],
        ['id', 'ASC'],
      ],
    });
    for (const { id } of rows) {
      const row = await this.photos.findByPk(id);
      if (row === null) continue;
      yield {
        id,
        cookId: row.sessionId,
        takenAt: row.createdAt,
        jpeg: row.jpeg.toString('base64'),
      };
    }
  }

  /** What of a file is in the household already; what is in another’s is refused. */
  private async there(
    householdId: HouseholdId,
    { recipes, batches, cooks, photos = [] }: BookFileDto,
    transaction: Transaction,
  ): Promise<ReadonlySet<string>> {
    const found = new Set<string>();
    const faults: Fault[] = [];
    for (const [table, field, rows] of [
      ['recipes', 'recipes', recipes],
      ['batches', 'batches', batches],
      ['cook_sessions', 'cooks', cooks],
      ['photos', 'photos', photos],
    ] as const) {
      const kept = await this.database.query<{ id: string; own: boolean }>(
        `SELECT id, household_id = $1::uuid AS own FROM ${table} WHERE id = ANY($2::uuid[])`,
        {
          type: QueryTypes.SELECT,
          bind: [householdId, rows.map(({ id }) => id)],
          transaction,
        },
      );
      for (const { id, own } of kept) {
        if (own) found.add(id);
        else {
          const index = rows.findIndex((row) => row.id === id);
          faults.push({ field: `${field}[${index}].id`, message: message('problems.idOfAnother') });
        }
      }
    }
    if (faults.length > 0) throw new BadInput(faults);
    return found;
  }

  private async putRecipes(
    householdId: HouseholdId,
    recipes: BookFileDto['recipes'],
    transaction: Transaction,
  ): Promise<void> {
    await inParts(recipes, async (some) => {
      await this.recipes.bulkCreate(
        some.map(({ id, name, deletedAt, createdAt, updatedAt }) => ({
          id,
          householdId,
          name,
          deletedAt: deletedAt ?? null,
          createdAt,
          updatedAt,
        })),
        { transaction },
      );
      await this.versions.bulkCreate(
        some.flatMap(({ id: recipeId, versions }) =>
          versions.map((version) => ({ recipeId, ...version })),
        ),
        { transaction },
      );
    });
  }

  private async putCook(
    householdId: HouseholdId,
    author: Actor['author'],
    { log, outcome, jarPlaces, storedAt, ...cook }: KeptCookDto,
    transaction: Transaction,
  ): Promise<void> {
    const startMs = new Date(cook.startedAt).getTime();
    const events = log.filter((entry) => !isOfADevice(entry)).length;
    await this.sessions.create(
      {
        ...cook,
        householdId,
        practice: null,
        clock: { realAt: startMs, cookAt: startMs, speed: 1 },
        position: log.length,
        events,
        // What its jars took off the stock was taken long ago.
        eventsSettled: events,
        cannerCounted: true,
        storedAt: storedAt ?? null,
        jarPlaces: jarPlaces ?? null,
      },
      { transaction },
    );
    await inParts(log, (some, from) =>
      this.entries.bulkCreate(
        some.map(({ by, at, saidAt, ...entry }, index) => ({
          ...entry,
          sessionId: cook.id,
          position: from + index + 1,
          at: new Date(at),
          saidAt: saidAt === null ? null : new Date(saidAt),
          byKind: by?.kind ?? null,
          byId: by?.id ?? null,
        })),
        { transaction },
      ),
    );
    if (outcome == null || outcome.version === 0) return;
    const { set, ...said } = outcome;
    await this.outcomes.create(
      {
        ...said,
        notes: said.notes ?? '',
        setClass: set ?? null,
        sessionId: cook.id,
        householdId,
        byKind: author.kind,
        byId: author.id,
      },
      { transaction },
    );
  }
}

const BY_AGE: [string, string][] = [
  ['createdAt', 'ASC'],
  ['id', 'ASC'],
];

const keptEntry = (row: SessionEntryModel): KeptEntry => ({
  source: row.source,
  seq: row.seq,
  at: row.at.getTime(),
  saidAt: row.saidAt?.getTime() ?? null,
  kind: row.kind,
  value: row.value,
  text: row.text,
  by: row.byKind === null ? null : { kind: row.byKind, id: row.byId },
});

function* lines(rows: readonly object[]): Generator<string> {
  for (const [index, row] of rows.entries())
    yield `${index === 0 ? '\n' : ',\n'}${JSON.stringify(row)}`;
}

async function* linesOf(rows: AsyncIterable<object>): AsyncGenerator<string> {
  let isFirst = true;
  for await (const row of rows) {
    yield `${isFirst ? '\n' : ',\n'}${JSON.stringify(row)}`;
    isFirst = false;
  }
}

/** Does something with so many at a time. */
async function inParts<T>(
  all: readonly T[],
  work: (some: readonly T[], from: number) => Promise<unknown>,
): Promise<void> {
  for (let from = 0; from < all.length; from += MOST_AT_ONCE)
    await work(all.slice(from, from + MOST_AT_ONCE), from);
}
