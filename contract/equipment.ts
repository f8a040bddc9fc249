import { IsOneOf } from './oneOf.ts';
import { HEAT_IDS, type HeatId } from '@idle-kettle/core';
import { IsOptional } from 'class-validator';
import { IsBetween, IsWholeBetween } from './numbers.ts';
import { IsOwnId } from './owned.ts';
import { IsName } from './text.ts';

/** A pot of the kitchen, by its inside. */
export class NamedPotDto {
  @IsOwnId()
  id?: string;

  @IsName()
  name!: string;

  @IsBetween(5, 150, 'cm')
  diameterCm!: number;

  @IsBetween(3, 150, 'cm')
  heightCm!: number;
}

/** What a pot stands on, or in. */
export class BurnerDto {
  @IsOwnId()
  id?: string;

  @IsName()
  name!: string;

  @IsOneOf(HEAT_IDS)
  heat!: HeatId;

  /** Heat that reaches the pot; left out for what is usual. */
  @IsOptional()
  @IsBetween(0.05, 50, 'kW')
  netPowerKw?: number | null;
}

/** How a canner came to the boil against the sums, as loads were watched. */
export class CannerWatchedDto {
  /** Minutes that it took, over the minutes of the sums. */
  @IsBetween(0.2, 5)
  factor!: number;

  /** How many loads were watched. */
  @IsWholeBetween(1, 1000, 'loads')
  watched!: number;
}

/** How long hands take in this kitchen, min for one person; left out or null for what is usual. */
export class HandMinutesDto {
  /** To prepare a kilogram of fruit. */
  @IsOptional()
  @IsBetween(0.1, 60, 'min')
  perKg!: number | null;

  /** To fill a jar, and wipe and lid it. */
  @IsOptional()
  @IsBetween(0.1, 20, 'min')
  perJar!: number | null;
}

/** How much of something is in the cupboard. */
export class StockDto {
  /** Id of the ingredient: `sugar`. */
  @IsName()
  ingredient!: string;

  @IsBetween(0, 1_000_000, 'g')
  massG!: number;
}

/** What something costs here. */
export class PriceDto {
  /** Id of the ingredient: `sugar`. */
  @IsName()
  ingredient!: string;

  /** Minor units of the kitchen’s money a kilogram. */
  @IsBetween(0, 10_000_000)
  minorPerKg!: number;
}
