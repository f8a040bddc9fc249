import {
  AllowNull,
  Column,
  DataType,
  Default,
  HasMany,
  Model,
  PrimaryKey,
  Table,
} from 'sequelize-typescript';
import { CardVersionModel } from './cardVersion.model.ts';

/** A formula that is made again. Putting a card away hides it; it can be brought back. */
@Table({ tableName: 'cards', underscored: true, paranoid: true, deletedAt: 'putAwayAt' })
export class CardModel extends Model {
  @PrimaryKey
  @Default(DataType.UUIDV4)
  @Column(DataType.UUID)
  declare id: string;

  @AllowNull(false)
  @Column(DataType.UUID)
  declare householdId: string;

  @AllowNull(false)
  @Column(DataType.STRING(120))
  declare name: string;

  @HasMany(() => CardVersionModel, 'cardId')
  declare versions: CardVersionModel[];
}
