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

/** What a member's phone or computer signs in with: the half of a key that tells its other half. */
@Table({ tableName: 'passkeys', underscored: true, updatedAt: false })
export class PasskeyModel extends Model {
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

  /** What the authenticator calls it, in base64url. */
  @AllowNull(false)
  @Column(DataType.STRING(1400))
  declare credentialId: string;

  /** As COSE writes it. */
  @AllowNull(false)
  @Column(DataType.BLOB)
  declare publicKey: Buffer;

  /** How often it was used, as far as its authenticator counts; a number, as a string. */
  @AllowNull(false)
  @Column(DataType.BIGINT)
  declare counter: string;

  /** How the browser that made it names itself. */
  @AllowNull(false)
  @Column(DataType.STRING(200))
  declare browser: string;

  @CreatedAt
  declare createdAt: Date;

  @Column(DataType.DATE)
  declare usedAt: Date | null;
}
