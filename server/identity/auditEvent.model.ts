import type { AuditKind } from '@idle-kettle/contract';
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

/** Something that was done and is looked up later. Never changed. */
@Table({ tableName: 'audit_events', underscored: true, timestamps: false })
export class AuditEventModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @AllowNull(false)
  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare at: Date;

  @AllowNull(false)
  @Column(DataType.STRING(30))
  declare what: AuditKind;

  /** Who did it, by the name of then; null for whoever was at the machine itself. */
  @Column(DataType.STRING(120))
  declare by: string | null;

  @Column(DataType.STRING(120))
  declare about: string | null;
}
