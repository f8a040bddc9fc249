import type { Role } from '@idle-kettle/contract';
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

/** An invitation that nobody has taken yet. */
@Table({ tableName: 'invites', underscored: true, updatedAt: false })
export class InviteModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @AllowNull(false)
  @Column(DataType.BLOB)
  declare secretHash: Buffer;

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare role: Role;

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare who: 'person' | 'tablet';

  @AllowNull(false)
  @Column(DataType.DATE)
  declare until: Date;

  @CreatedAt
  declare createdAt: Date;
}
