import type { DeviceKind } from '@idle-kettle/contract';
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
import type { HouseholdId } from '../household/household.model.ts';

/** A probe, a scale or a burner of a household, or one that a practice simulates. */
@Table({ tableName: 'devices', underscored: true, updatedAt: false })
export class DeviceModel extends Model {
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
  @Column(DataType.STRING(10))
  declare kind: DeviceKind;

  @AllowNull(false)
  @Default(false)
  @Column(DataType.BOOLEAN)
  declare isSimulated: boolean;

  /** Of its token. */
  @AllowNull(false)
  @Column(DataType.BLOB)
  declare secretHash: Buffer;

  /** The cook that it reads. */
  @Column(DataType.UUID)
  declare cookSessionId: string | null;

  @CreatedAt
  declare createdAt: Date;

  /** When it last sent anything. */
  @Column(DataType.DATE)
  declare heardAt: Date | null;
}
