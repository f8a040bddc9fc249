import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { IsPart } from './nested.ts';
import {
  BODY_STOPS,
  METHOD_IDS,
  PRODUCT_IDS,
  STORAGES,
  type BodyStop,
  type Method,
  type Product,
  type Storage,
} from '@idle-kettle/core';
import { IsOptional, IsUUID } from 'class-validator';
import { StoredPretreatmentDto } from './pretreatment.ts';
import { StoredRemakeDto } from './remake.ts';
import { MOST_LID_MIN } from './planRequest.ts';
import { SafetyEvidenceDto, MeasuredDto } from './evidence.ts';
import { IsBetween, IsWholeBetween } from './numbers.ts';
import { IsName } from './text.ts';

/** A recipe, and which version of it. */
export class RecipeRefDto {
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  id!: string;

  @IsWholeBetween(1, 1_000_000)
  number!: number;
}

/** What a formula says besides its lines; whatever is left out is as usual. */
export class SettingsDto {
  @IsOptional()
  @IsOneOf(PRODUCT_IDS)
  product?: Product;

  /** Chosen by the lines when left out. */
  @IsOptional()
  @IsOneOf(METHOD_IDS)
  method?: Method | null;

  @IsOptional()
  @IsBetween(20, 78, '%')
  targetSolublesPct?: number | null;

  /** How thick a butter is wanted. */
  @IsOptional()
  @IsOneOf(BODY_STOPS)
  bodyStop?: BodyStop;

  /** What is done first: juice through a cloth, an infusion, a soak. */
  @IsOptional()
  @IsPart(
    () => StoredPretreatmentDto,
    refusal('requests.like', { example: '{ "kind": "extract", "lines": ["3 lb apples"] }' }),
  )
  before?: StoredPretreatmentDto | null;

  /** Jars that are emptied into the pot before the lines go in. */
  @IsOptional()
  @IsPart(() => StoredRemakeDto, refusal('requests.object'))
  remake?: StoredRemakeDto | null;

  @IsOptional()
  @IsBetween(0.5, 60, 'minutes')
  boilMin?: number | null;

  /** Minutes with the lid on, in a slow cooker or an oven. */
  @IsOptional()
  @IsBetween(0, MOST_LID_MIN, 'minutes')
  lidMin?: number | null;

  /** Where the jars are wanted; left out for the best that is safe. */
  @IsOptional()
  @IsOneOf(STORAGES)
  storeIn?: Storage | null;

  /** The recipe that it was begun from. */
  @IsOptional()
  @IsPart(() => RecipeRefDto, refusal('requests.object'))
  recipe?: RecipeRefDto | null;

  /** Id of one of the kitchen’s pots; its name will do. */
  @IsOptional()
  @IsName()
  pot?: string | null;

  /** Id of one of the kitchen’s burners; its name will do. */
  @IsOptional()
  @IsName()
  burner?: string | null;

  @IsOptional()
  @IsPart(
    () => MeasuredDto,
    refusal('requests.like', { example: '{ "startBrix": 41, "startPH": 3.3 }' }),
  )
  measured?: MeasuredDto;

  @IsOptional()
  @IsPart(() => SafetyEvidenceDto, refusal('requests.like', { example: '{ "meterPH": 3.9 }' }))
  assurance?: SafetyEvidenceDto;
}
