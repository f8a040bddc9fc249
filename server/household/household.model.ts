import {
  Column,
  CreatedAt,
  DataType,
  Default,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';

/** The people who share a kitchen. Every other row belongs to one. */
@Table({ tableName: 'households', underscored: true, updatedAt: false })
export class HouseholdModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @CreatedAt
  declare createdAt: Date;
}
