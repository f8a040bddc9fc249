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

/** Somebody of a household, or a tablet of its kitchen. */
@Table({ tableName: 'members', underscored: true, updatedAt: false })
export class MemberModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: HouseholdId;

  /** As they sign in; no two of an installation have the same. */
  @AllowNull(false)
  @Column(DataType.STRING(120))
  declare name: string;

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare role: Role;

  /** A tablet stays signed in, and has no passphrase. */
  @AllowNull(false)
  @Default(false)
  @Column(DataType.BOOLEAN)
  declare isTablet: boolean;

  /** argon2id, as a PHC string; null for who cannot sign in by one. */
  @Column(DataType.STRING(200))
  declare passphraseHash: string | null;

  @CreatedAt
  declare createdAt: Date;
}
