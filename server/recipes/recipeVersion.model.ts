import type { SettingsDto } from '@idle-kettle/contract';
import {
  AllowNull,
  Column,
  CreatedAt,
  DataType,
  Default,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';

/** A recipe as it was at one time. Never changed. */
@Table({ tableName: 'recipe_versions', underscored: true, updatedAt: false })
export class RecipeVersionModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare recipeId: string;

  /** 1 for the first. */
  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare number: number;

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare lines: string[];

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare settings: SettingsDto;

  @AllowNull(false)
  @Column(DataType.TEXT)
  declare note: string;

  @CreatedAt
  declare createdAt: Date;
}
