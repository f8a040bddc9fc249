import type { CookOutcome } from '@idle-kettle/core/learning';
import type { Author } from '@idle-kettle/contract';
import type { SetClass } from '@idle-kettle/core';
import { AllowNull, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';

/** How a cook turned out, as somebody said a week later; null for what nobody said. */
@Table({ tableName: 'outcomes', underscored: true })
export class OutcomeModel extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare sessionId: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  /** Goes up by one with every change. */
  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare version: number;

  /** `set` in the table; a model has a method of that name. */
  @Column({ type: DataType.STRING(20), field: 'set' })
  declare setClass: SetClass | null;

  @Column(DataType.INTEGER)
  declare taste: number | null;

  @Column(DataType.INTEGER)
  declare colour: number | null;

  @Column(DataType.INTEGER)
  declare clarity: number | null;

  @Column(DataType.BOOLEAN)
  declare again: boolean | null;

  @Column(DataType.INTEGER)
  declare costMinor: number | null;

  @Column(DataType.DOUBLE)
  declare volumeMl: number | null;

  @Column(DataType.DOUBLE)
  declare finalMassG: number | null;

  @AllowNull(false)
  @Column(DataType.TEXT)
  declare notes: string;

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare byKind: Author['kind'];

  @Column(DataType.UUID)
  declare byId: string | null;
}

/** What somebody measured and judged of a cook; nothing where nobody has said anything. */
export const measuredOf = (outcome: OutcomeModel | null): CookOutcome => ({
  volumeMl: outcome?.volumeMl ?? null,
  finalMassG: outcome?.finalMassG ?? null,
  set: outcome?.setClass ?? null,
});
