import type { PlanSummary, SettingsDto } from '@idle-kettle/contract';
import type { Fault, Plan } from '@idle-kettle/core';
import {
  AllowNull,
  Column,
  DataType,
  Default,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';

/** One making of something. Putting a batch away hides it; it can be brought back. */
@Table({ tableName: 'batches', underscored: true, paranoid: true, deletedAt: 'deletedAt' })
export class BatchModel extends Model {
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

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare lines: string[];

  @AllowNull(false)
  @Default({})
  @Column(DataType.JSONB)
  declare settings: SettingsDto;

  /** Ids of what is done of the preparation. */
  @AllowNull(false)
  @Default([])
  @Column(DataType.JSONB)
  declare ticked: string[];

  /** What was planned when it was last saved; null while that is worked out. */
  @Column(DataType.JSONB)
  declare plan: Plan | null;

  /**
   * What its label shows of the plan; null while there is none, and for a batch that was saved
   * before labels were kept.
   */
  @Column(DataType.JSONB)
  declare summary: PlanSummary | null;

  /** Why it cannot be planned in its kitchen; null where it can, or while that is worked out. */
  @Column(DataType.JSONB)
  declare planFaults: Fault[] | null;

  /** Since when it is done: in jars, cooled, and where it is kept. */
  @Column(DataType.DATE)
  declare doneAt: Date | null;

  @AllowNull(false)
  @Default(1)
  @Column(DataType.INTEGER)
  declare version: number;

  declare createdAt: Date;

  /** Null for one that was not deleted. */
  declare deletedAt: Date | null;
  declare updatedAt: Date;
}
