import type { BookFileDto, BookImported, KeptCookDto } from '@idle-kettle/contract/bookFile';
import { isOfADevice, type Fault } from '@idle-kettle/core';
import { readBookCsv } from '@idle-kettle/core/book';
import { message } from '@idle-kettle/words/message';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { QueryTypes, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import { BatchModel } from '../batches/batch.model.ts';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import { BadInput } from '../problem/errors.ts';
import { KitchenService } from '../kitchen/kitchen.service.ts';
import { RecipeModel } from '../recipes/recipe.model.ts';
import { RecipeVersionModel } from '../recipes/recipeVersion.model.ts';
import { BookReader } from './bookReader.service.ts';
import { bookOfTable } from './bookTable.ts';
import { OutcomeModel } from './outcome.model.ts';
import { PhotoModel } from './photo.model.ts';
import { asItCame } from './smallPhoto.ts';

/** Rows that are written in one statement. */
const MOST_AT_ONCE = 500;

/** Takes Books in that were exported. */
@Injectable()
export class BookImportService {
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
    private readonly kitchens: KitchenService,
  ) {}

  /**
   * Takes a Book in, all of it or nothing. What is there already stays as it is, so that the same
   * file twice adds nothing.
   */
  async take({ householdId, author }: Actor, text: string): Promise<BookImported> {
    const file = isTable(text) ? await this.bookOf(householdId, text) : asItIs(text);
    const read = await this.reader.read(file.text);
    if (!read.ok) throw new BadInput(byLine(read.faults, file.lines));
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
        there: there.size + file.known,
      };
    });
  }

  /**
   * A table as the text of a Book, without the cooks that came out of this one, and how many those
   * are.
   */
  private async bookOf(householdId: HouseholdId, text: string): Promise<AsBook> {
    const table = readBookCsv(text);
    if (!table.ok)
      throw new BadInput(
        table.faults.map(({ line, text: told }) => ({
          field: '',
          message: message('problems.ofLine', { line, told }),
        })),
      );
    const rows = await this.database.query<{ id: string }>(
      'SELECT id FROM cook_sessions WHERE household_id = $1::uuid AND id = ANY($2::uuid[])',
      {
        type: QueryTypes.SELECT,
        bind: [householdId, table.cooks.flatMap(({ id }) => id ?? [])],
      },
    );
    const known = new Set(rows.map(({ id }) => id));
    const fresh = table.cooks.filter(({ id }) => id === null || !known.has(id));
    const kitchen = await this.kitchens.current(householdId);
    return {
      text: JSON.stringify(bookOfTable(fresh, householdId, kitchen)),
      known: table.cooks.length - fresh.length,
      lines: fresh.map(({ line }) => line),
    };
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

/** The text of a Book, how many cooks were left out of it, and which line each came from. */
type AsBook = {
  readonly text: string;
  readonly known: number;
  readonly lines: readonly number[];
};

const asItIs = (text: string): AsBook => ({ text, known: 0, lines: [] });

/** Faults named by the line of the table that they are in; those of a Book as they are. */
const byLine = (faults: readonly Fault[], lines: readonly number[]): readonly Fault[] =>
  faults.map((fault) => {
    const line = lines[Number(/^(?:batches|cooks)\[(\d+)\]/.exec(fault.field)?.[1] ?? NaN)];
    return line === undefined
      ? fault
      : { field: '', message: message('problems.ofLine', { line, told: fault.message }) };
  });

/** Whether a text is a table, and no Book. */
const isTable = (text: string): boolean => !/^[\s\ufeff]*[[{]/.test(text) && /[,;\t]/.test(text);

/** Does something with so many at a time. */
async function inParts<T>(
  all: readonly T[],
  work: (some: readonly T[], from: number) => Promise<unknown>,
): Promise<void> {
  for (let from = 0; from < all.length; from += MOST_AT_ONCE)
    await work(all.slice(from, from + MOST_AT_ONCE), from);
}
