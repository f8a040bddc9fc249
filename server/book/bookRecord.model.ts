import type { Method, Product } from '@idle-kettle/core';
import type { CookSummary } from '@idle-kettle/core/book';
import type { CookEvidence } from '@idle-kettle/core/learning';
import { AllowNull, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';

/**
 * What is worked out of a cook that is over: what the Book lists of it, and what it tells of the
 * kitchen. Everything here can be worked out again from its log and its outcome.
 */
@Table({ tableName: 'book_records', underscored: true, timestamps: false })
export class BookRecordModel extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare sessionId: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  /** How much of its log, and which version of its outcome, it was worked out from. */
  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare position: number;

  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare outcomeVersion: number;

  /** Null for what cannot be planned any more. */
  @Column(DataType.JSONB)
  declare summary: CookSummary | null;

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare evidence: CookEvidence;

  @AllowNull(false)
  @Column(DataType.TEXT)
  declare burner: string;

  @AllowNull(false)
  @Column(DataType.TEXT)
  declare pot: string;

  @AllowNull(false)
  @Column(DataType.DOUBLE)
  declare powerW: number;

  @Column(DataType.STRING(60))
  declare fruit: string | null;

  @Column(DataType.STRING(40))
  declare product: Product | null;

  @Column(DataType.STRING(40))
  declare method: Method | null;

  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare year: number;

  @AllowNull(false)
  @Column(DataType.DATE)
  declare cookedAt: Date;

  /** Who did most at it; null for whoever was at the machine itself. */
  @Column(DataType.STRING(120))
  declare cook: string | null;
}
