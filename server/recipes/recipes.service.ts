import { message } from '@idle-kettle/words/message';
import type { Recipe, RecipeDto } from '@idle-kettle/contract';
import { Injectable } from '@nestjs/common';
import { InjectConnection, InjectModel } from '@nestjs/sequelize';
import { randomUUID } from 'node:crypto';
import { UniqueConstraintError, type Transaction } from 'sequelize';
import { Sequelize } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import type { Actor } from '../identity/actor.ts';
import { AuditService } from '../identity/audit.service.ts';
import { Conflict, NotFound } from '../problem/errors.ts';
import { RecipeModel } from './recipe.model.ts';
import { RecipeVersionModel } from './recipeVersion.model.ts';

/** Most recipes that one listing answers with, last changed first. */
const MOST_LISTED = 200;

@Injectable()
export class RecipesService {
  constructor(
    @InjectModel(RecipeModel) private readonly recipes: typeof RecipeModel,
    @InjectModel(RecipeVersionModel) private readonly versions: typeof RecipeVersionModel,
    private readonly audit: AuditService,
    @InjectConnection() private readonly database: Sequelize,
  ) {}

  async list(householdId: HouseholdId): Promise<Recipe[]> {
    const rows = await this.recipes.findAll({
      where: { householdId },
      include: [RecipeVersionModel],
      order: [['updatedAt', 'DESC']],
      limit: MOST_LISTED,
    });
    return rows.map(answer);
  }

  async find(householdId: HouseholdId, id: string): Promise<Recipe> {
    return answer(await this.row(householdId, id));
  }

  /**
   * Keeps a new recipe with its first version: both or none. Asked twice with the same id, there is
   * one: the first.
   */
  async create(
    householdId: HouseholdId,
    { id = randomUUID(), name, ...version }: RecipeDto,
  ): Promise<Recipe> {
    await this.database.transaction(async (transaction) => {
      const [recipe, isNew] = await this.recipes.findOrCreate({
        where: { id },
        defaults: { householdId, name },
        paranoid: false,
        transaction,
      });
      if (isNew) await this.add(recipe, 1, version, transaction);
    });
    return this.find(householdId, id);
  }

  /** Keeps a new version of a recipe; the older ones stay. */
  async addVersion(
    householdId: HouseholdId,
    id: string,
    { name, ...version }: RecipeDto,
  ): Promise<Recipe> {
    const recipe = await this.row(householdId, id);
    try {
      await this.add(
        recipe,
        Math.max(0, ...recipe.versions.map(({ number }) => number)) + 1,
        version,
      );
    } catch (error) {
      if (!(error instanceof UniqueConstraintError)) throw error;
      throw new Conflict(message('problems.recipeKeptJustNow'));
    }
    recipe.changed('updatedAt', true);
    await recipe.update({ name, updatedAt: new Date() });
    return this.find(householdId, id);
  }

  async remove(actor: Actor, id: string): Promise<void> {
    const row = await this.row(actor.householdId, id);
    await row.destroy();
    await this.audit.note(actor, 'recipe-deleted', row.name);
  }

  async restore(householdId: HouseholdId, id: string): Promise<Recipe> {
    await (await this.row(householdId, id, true)).restore();
    return this.find(householdId, id);
  }

  private async add(
    { id: recipeId }: RecipeModel,
    number: number,
    { lines, settings = {}, note = '' }: Omit<RecipeDto, 'name'>,
    transaction: Transaction | null = null,
  ): Promise<void> {
    // A recipe is not begun from one.
    const { recipe: _, ...own } = settings;
    await this.versions.create({ recipeId, number, lines, settings: own, note }, { transaction });
  }

  private async row(
    householdId: HouseholdId,
    id: string,
    alsoPutAway = false,
  ): Promise<RecipeModel> {
    const row = await this.recipes.findOne({
      where: { id, householdId },
      include: [RecipeVersionModel],
      paranoid: !alsoPutAway,
    });
    if (row === null) throw new NotFound(message('problems.noSuchRecipeOrDeleted'));
    return row;
  }
}

const answer = ({ id, name, versions }: RecipeModel): Recipe => ({
  id,
  name,
  versions: [...versions]
    .sort((a, b) => b.number - a.number)
    .map(({ number, lines, settings, note, createdAt }) => ({
      number,
      lines,
      settings,
      note,
      createdAt: createdAt.toISOString(),
    })),
});
