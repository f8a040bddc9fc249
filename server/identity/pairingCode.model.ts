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

/** Six digits that a device pairs with, for a while and once. */
@Table({ tableName: 'pairing_codes', underscored: true, timestamps: false })
export class PairingCodeModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare cookSessionId: string;

  @AllowNull(false)
  @Column(DataType.STRING(6))
  declare code: string;

  @AllowNull(false)
  @Column(DataType.DATE)
  declare until: Date;
}
