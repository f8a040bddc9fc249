import type { EntryKind } from '@idle-kettle/core';
import type { Author } from '@idle-kettle/contract';
import { AllowNull, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';

/** One line of a cook’s log. Never changed and never taken out. */
@Table({ tableName: 'cook_session_entries', underscored: true, timestamps: false })
export class SessionEntryModel extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare sessionId: string;

  @PrimaryKey
  @Column(DataType.STRING(60))
  declare source: string;

  @PrimaryKey
  @Column(DataType.INTEGER)
  declare seq: number;

  /** Its place in the log, from 1 without gaps. */
  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare position: number;

  @AllowNull(false)
  @Column(DataType.DATE(3))
  declare at: Date;

  /** The time that was said of it, by a clock that was wrong; null where it was right. */
  @Column(DataType.DATE(3))
  declare saidAt: Date | null;

  @AllowNull(false)
  @Column(DataType.STRING(20))
  declare kind: EntryKind;

  @Column(DataType.DOUBLE)
  declare value: number | null;

  @Column(DataType.STRING(120))
  declare text: string | null;

  /** Who made it; null for one of a time when that was not kept. */
  @Column(DataType.STRING(10))
  declare byKind: Author['kind'] | null;

  @Column(DataType.UUID)
  declare byId: string | null;
}
