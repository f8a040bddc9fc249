import { BOOK_FORMAT, BOOK_FORMAT_VERSION, type KeptEntry } from '@idle-kettle/contract/bookFile';
import { Injectable } from '@nestjs/common';
import { InjectModel } from '@nestjs/sequelize';
import { Op } from 'sequelize';
import { BatchModel } from '../batches/batch.model.ts';
import { CookSessionModel } from '../cookSessions/cookSession.model.ts';
import { SessionEntryModel } from '../cookSessions/sessionEntry.model.ts';
import type { HouseholdId } from '../household/household.model.ts';
import { RecipeModel } from '../recipes/recipe.model.ts';
import { RecipeVersionModel } from '../recipes/recipeVersion.model.ts';
import { OutcomeModel } from './outcome.model.ts';
import { outcomeOf } from './outcomes.service.ts';
import { PhotoModel } from './photo.model.ts';

/** The whole Book as a file: what is kept, and nothing that is worked out. */
@Injectable()
export class BookExportService {
  constructor(
    @InjectModel(RecipeModel) private readonly recipes: typeof RecipeModel,
    @InjectModel(BatchModel) private readonly batches: typeof BatchModel,
    @InjectModel(CookSessionModel) private readonly sessions: typeof CookSessionModel,
    @InjectModel(SessionEntryModel) private readonly entries: typeof SessionEntryModel,
    @InjectModel(OutcomeModel) private readonly outcomes: typeof OutcomeModel,
    @InjectModel(PhotoModel) private readonly photos: typeof PhotoModel,
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
