import {
  Column,
  CreatedAt,
  DataType,
  Default,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';

declare const ofAHousehold: unique symbol;

/**
 * The id of a household, as whoever asks belongs to it or a row of the database says: no text that
 * somebody sends is one.
 */
export type HouseholdId = string & { readonly [ofAHousehold]: true };

/** The people who share a kitchen. Every other row belongs to one. */
@Table({ tableName: 'households', underscored: true, updatedAt: false })
export class HouseholdModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: HouseholdId;

  /** Null until somebody signs up as its keeper. */
  @Column(DataType.STRING(120))
  declare name: string | null;

  @CreatedAt
  declare createdAt: Date;
}
