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

/** A browser in which a member is signed in. */
@Table({ tableName: 'member_sessions', underscored: true, updatedAt: false })
export class MemberSessionModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare memberId: string;

  /** Of what its cookie holds; the cookie itself is kept nowhere. */
  @AllowNull(false)
  @Column(DataType.BLOB)
  declare secretHash: Buffer;

  /** How it names itself. */
  @AllowNull(false)
  @Column(DataType.STRING(200))
  declare browser: string;

  @CreatedAt
  declare createdAt: Date;

  @AllowNull(false)
  @Default(DataType.NOW)
  @Column(DataType.DATE)
  declare seenAt: Date;

  /** It ends by itself. */
  @AllowNull(false)
  @Column(DataType.DATE)
  declare until: Date;
}
