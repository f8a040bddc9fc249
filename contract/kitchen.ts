import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { MOST_VERSION } from './batch.ts';
import { AreParts, IsPart, MayBeLeftOut } from './nested.ts';
import {
  CANNERS,
  LEAST_ALTITUDE_M,
  MOST_ALTITUDE_M,
  type Canner,
  type KitchenKnowledge,
  type MeasuresId,
  type JarPreparation,
  type TemperatureScale,
  type UnitSystem,
} from '@idle-kettle/core';

import {
  ArrayMaxSize,
  IsArray,
  IsNumber,
  IsObject,
  IsOptional,
  IsTimeZone,
  Matches,
  Max,
  Min,
} from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import {
  BurnerDto,
  CannerWatchedDto,
  HandMinutesDto,
  NamedPotDto,
  PriceDto,
  StockDto,
} from './equipment.ts';
import { PackDto } from './evidence.ts';
import { AllDiffer } from './owned.ts';
import { ShelfPlaceDto } from './shelfPlace.ts';
import { AreTaughtNames, IsMeasures, TaughtNameDto } from './reading.ts';
import { IsWholeBetween } from './numbers.ts';
import { IsName } from './text.ts';
import {
  JarDto,
  LEAST_WATER_BOILS_C,
  MOST_WATER_BOILS_C,
  JAR_PREPARATIONS,
} from './planRequest.ts';

const altitude = {
  message: refusal('requests.altitude', { least: LEAST_ALTITUDE_M, most: MOST_ALTITUDE_M }),
};
const boiling = {
  message: refusal('requests.waterBoils', { least: LEAST_WATER_BOILS_C, most: MOST_WATER_BOILS_C }),
};
const NUMBER = { allowNaN: false, allowInfinity: false };

/** A short list of equipment, each item by its own rules. */
const AreItems = (most: number, kind: () => new () => object): PropertyDecorator =>
  applyDecorators(
    IsOptional(),
    IsArray({ message: refusal('requests.list') }),
    ArrayMaxSize(most, { message: refusal('requests.mostOfThem', { most }) }),
    AreParts(kind, refusal('requests.eachObject')),
    AllDiffer(),
  );

/** The kitchen's place and habits, as the set-up form sends them. */
export class KitchenDto {
  @IsName()
  name!: string;

  /** Metres above sea level. Null until somebody has said. */
  @IsOptional()
  @IsNumber(NUMBER, altitude)
  @Min(LEAST_ALTITUDE_M, altitude)
  @Max(MOST_ALTITUDE_M, altitude)
  altitudeM!: number | null;

  /** What this kitchen's thermometer shows in boiling water, °C. Null when not measured. */
  @IsOptional()
  @IsNumber(NUMBER, boiling)
  @Min(LEAST_WATER_BOILS_C, boiling)
  @Max(MOST_WATER_BOILS_C, boiling)
  waterBoilsC!: number | null;

  @IsOneOf(['metric', 'us'])
  units!: UnitSystem;

  @IsOneOf(['C', 'F'])
  temperature!: TemperatureScale;

  @IsOneOf(['m', 'ft'])
  altitudeUnit!: 'm' | 'ft';

  @IsOneOf(JAR_PREPARATIONS)
  school!: JarPreparation;

  @IsOptional()
  @IsOneOf(CANNERS)
  canner?: Canner;

  /** How many half-pints stand in it in one layer. Null until somebody has said. */
  @IsOptional()
  @IsWholeBetween(1, 60, 'half-pints')
  cannerHolds?: number | null;

  /** How fast it comes to the boil, learned from loads. Null until one was watched. */
  @IsOptional()
  @IsPart(() => CannerWatchedDto, refusal('requests.object'))
  cannerWatched?: CannerWatchedDto | null;

  /** The first is taken where a batch names none. */
  @AreItems(20, () => NamedPotDto)
  pots?: readonly NamedPotDto[];

  /** The first is taken where a batch names none. */
  @AreItems(20, () => BurnerDto)
  burners?: readonly BurnerDto[];

  /** Jars on hand; an empty list means as many half-pints as it takes. */
  @AreItems(12, () => JarDto)
  jars?: readonly JarDto[];

  /** What the packs of pectin in the cupboard say of themselves. */
  @AreItems(20, () => PackDto)
  packs?: readonly PackDto[];

  /** Whose cup, pint and spoon its recipes mean. */
  @IsOptional()
  @IsMeasures()
  measures?: MeasuresId;

  /** Names that it was taught, and what they are taken for. */
  @AreTaughtNames()
  names?: readonly TaughtNameDto[];

  /** What is in the cupboard; what is not named may be there or not. */
  @AreItems(200, () => StockDto)
  stock?: readonly StockDto[];

  @AreItems(200, () => PriceDto)
  prices?: readonly PriceDto[];

  /** Places of its own where jars are kept, besides pantry, fridge, freezer and the box for gifts. */
  @AreItems(30, () => ShelfPlaceDto)
  shelves?: readonly ShelfPlaceDto[];

  /** What it taught of its hands. Null for what is usual. */
  @IsOptional()
  @IsPart(() => HandMinutesDto, refusal('requests.object'))
  handMinutes?: HandMinutesDto | null;

  /** The time zone that it keeps, as the IANA names it. Null until a browser told. */
  @IsOptional()
  @IsTimeZone({ message: refusal('requests.zone') })
  zone?: string | null;

  /** ISO 4217: `USD`. */
  @IsOptional()
  @Matches(/^[A-Z]{3}$/, { message: refusal('requests.currency') })
  currency?: string;

  /**
   * The version that this was made on; refused where it has changed since. Left out, it counts for
   * whatever is there.
   */
  @MayBeLeftOut()
  @IsWholeBetween(1, MOST_VERSION)
  version?: number;
}

/** Some fields of a kitchen, changed on a version of it. What is not named stays as it is. */
export class KitchenChangeDto {
  /** The version that the change was made on. */
  @IsWholeBetween(1, MOST_VERSION)
  version!: number;

  /** The fields that are other now, as in a whole kitchen. */
  @IsObject({ message: refusal('requests.like', { example: '{ "altitudeM": 300 }' }) })
  changes!: object;
}

/** The kitchen as the server answers with it: nothing left out. */
export type Kitchen = Required<Omit<KitchenDto, 'version'>> & {
  readonly id: string;
  /** Goes up by one with every change. */
  readonly version: number;
  /** What its cooks told of it; null for nothing. */
  readonly knowledge: KitchenKnowledge | null;
  /** Whether the set-up was ever saved; a new household is asked for its altitude first. */
  readonly setUp: boolean;
};
