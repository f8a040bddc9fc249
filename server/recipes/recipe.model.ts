import {
  AllowNull,
  Column,
  DataType,
  Default,
  HasMany,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';
import { RecipeVersionModel } from './recipeVersion.model.ts';

/** A formula that is made again. Putting a recipe away hides it; it can be brought back. */
@Table({ tableName: 'recipes', underscored: true, paranoid: true, deletedAt: 'deletedAt' })
export class RecipeModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @AllowNull(false)
  @Column(DataType.STRING(120))
  declare name: string;

  declare createdAt: Date;
  declare updatedAt: Date;

  /** Null for one that was not deleted. */
  declare deletedAt: Date | null;

  @HasMany(() => RecipeVersionModel, 'recipeId')
  declare versions: RecipeVersionModel[];
}
