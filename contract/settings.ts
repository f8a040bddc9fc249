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
import { IsIn, IsOptional } from 'class-validator';
import { StoredPretreatmentDto } from './pretreatment.ts';
import { SafetyEvidenceDto, MeasuredDto } from './evidence.ts';
import { IsBetween } from './numbers.ts';
import { IsName } from './text.ts';

/** What a formula says besides its lines; whatever is left out is as usual. */
export class SettingsDto {
  @IsOptional()
  @IsIn(PRODUCT_IDS, { message: `product must be one of: ${PRODUCT_IDS.join(', ')}.` })
  product?: Product;

  /** Chosen by the lines when left out. */
  @IsOptional()
  @IsIn(METHOD_IDS, { message: `method must be one of: ${METHOD_IDS.join(', ')}.` })
  method?: Method | null;

  @IsOptional()
  @IsBetween(20, 78, '%')
  targetSolublesPct?: number | null;

  /** How thick a butter is wanted. */
  @IsOptional()
  @IsIn(BODY_STOPS, { message: `bodyStop must be one of: ${BODY_STOPS.join(', ')}.` })
  bodyStop?: BodyStop;

  /** What is done first: juice through a cloth, an infusion, a soak. */
  @IsOptional()
  @IsPart(
    () => StoredPretreatmentDto,
    'before must be like { "kind": "extract", "lines": ["3 lb apples"] }.',
  )
  before?: StoredPretreatmentDto | null;

  @IsOptional()
  @IsBetween(0.5, 60, 'minutes')
  boilMin?: number | null;

  /** Where the jars are wanted; left out for the best that is safe. */
  @IsOptional()
  @IsIn(STORAGES, { message: `storeIn must be one of: ${STORAGES.join(', ')}.` })
  storeIn?: Storage | null;

  /** Id of one of the kitchen’s pots; its name will do. */
  @IsOptional()
  @IsName()
  pot?: string | null;

  /** Id of one of the kitchen’s burners; its name will do. */
  @IsOptional()
  @IsName()
  burner?: string | null;

  @IsOptional()
  @IsPart(() => MeasuredDto, 'measured must be like { "startBrix": 41, "startPH": 3.3 }.')
  measured?: MeasuredDto;

  @IsOptional()
  @IsPart(() => SafetyEvidenceDto, 'assurance must be like { "meterPH": 3.9 }.')
  assurance?: SafetyEvidenceDto;
}
