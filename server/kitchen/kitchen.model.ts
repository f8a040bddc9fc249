import type {
  BurnerDto,
  JarDto,
  NamedPotDto,
  PackDto,
  PriceDto,
  HandMinutesDto,
  ShelfPlaceDto,
  CannerWatchedDto,
  StockDto,
  TaughtNameDto,
} from '@idle-kettle/contract';
import type {
  Canner,
  MeasuresId,
  JarPreparation,
  KitchenKnowledge,
  TemperatureScale,
  UnitSystem,
} from '@idle-kettle/core';
import type { Forgotten } from '@idle-kettle/core/learning';
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

@Table({ tableName: 'kitchens', underscored: true })
export class KitchenModel extends Model {
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

  /** Metres above sea level. */
  @Column(DataType.DOUBLE)
  declare altitudeM: number | null;

  /** Measured boiling point of plain water, °C. */
  @Column(DataType.DOUBLE)
  declare waterBoilsC: number | null;

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare units: UnitSystem;

  @AllowNull(false)
  @Column(DataType.STRING(1))
  declare temperature: TemperatureScale;

  @AllowNull(false)
  @Column(DataType.STRING(2))
  declare altitudeUnit: 'm' | 'ft';

  @AllowNull(false)
  @Column(DataType.STRING(20))
  declare school: JarPreparation;

  @AllowNull(false)
  @Column(DataType.STRING(20))
  declare canner: Canner;

  @Column(DataType.INTEGER)
  declare cannerHolds: number | null;

  @Column(DataType.JSONB)
  declare cannerWatched: CannerWatchedDto | null;

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare pots: NamedPotDto[];

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare burners: BurnerDto[];

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare jars: JarDto[];

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare packs: PackDto[];

  @AllowNull(false)
  @Column(DataType.STRING(10))
  declare measures: MeasuresId;

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare names: TaughtNameDto[];

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare stock: StockDto[];

  @AllowNull(false)
  @Column(DataType.JSONB)
  declare prices: PriceDto[];

  /** Places of its own where jars are kept. */
  @AllowNull(false)
  @Default([])
  @Column(DataType.JSONB)
  declare shelves: ShelfPlaceDto[];

  /** What it taught of its hands. */
  @Column(DataType.JSONB)
  declare handMinutes: HandMinutesDto | null;

  /** The time zone that it keeps. */
  @Column(DataType.STRING(60))
  declare zone: string | null;

  /** ISO 4217. */
  @AllowNull(false)
  @Column(DataType.STRING(3))
  declare currency: string;

  /** Goes up by one with every change. */
  @AllowNull(false)
  @Default(1)
  @Column(DataType.INTEGER)
  declare version: number;

  /** The version at which each field was changed last; none for what never was. */
  @AllowNull(false)
  @Default({})
  @Column(DataType.JSONB)
  declare changedAt: Partial<Record<string, number>>;

  /** What its cooks told of it; worked out from their records. */
  @Column(DataType.JSONB)
  declare knowledge: KitchenKnowledge | null;

  /** What of that somebody wanted forgotten, and when. */
  @AllowNull(false)
  @Default({})
  @Column(DataType.JSONB)
  declare forgotten: Forgotten;

  @Column(DataType.DATE)
  declare setUpAt: Date | null;
}
