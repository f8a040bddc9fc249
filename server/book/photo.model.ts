import type { Author } from '@idle-kettle/contract';
import { AllowNull, Column, DataType, Model, PrimaryKey, Table } from 'sequelize-typescript';
import type { HouseholdId } from '../household/household.model.ts';

/** A picture of a cook, as it was made small: without where and with what it was taken. */
@Table({ tableName: 'photos', underscored: true, updatedAt: false })
export class PhotoModel extends Model {
  @PrimaryKey
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare sessionId: string;

  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare width: number;

  @AllowNull(false)
  @Column(DataType.INTEGER)
  declare height: number;

  @AllowNull(false)
  @Column(DataType.BLOB)
  declare jpeg: Buffer;

  /** The same for a list. */
  @AllowNull(false)
  @Column(DataType.BLOB)
  declare small: Buffer;

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare byKind: Author['kind'];

  @Column(DataType.UUID)
  declare byId: string | null;

  declare createdAt: Date;
}
