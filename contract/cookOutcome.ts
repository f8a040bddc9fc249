import { SET_CLASSES, type SetClass } from '@idle-kettle/core';
import { IsOptional } from 'class-validator';
import { IsBetween } from './numbers.ts';
import { IsOneOf } from './oneOf.ts';

/** What came of a cook, as somebody measured and judged it; null for what nobody has said. */
export class CookOutcomeDto {
  /** What reached the jars. */
  @IsOptional()
  @IsBetween(1, 1_000_000, 'mL')
  volumeMl?: number | null;

  /** What was in the pot at the stop. */
  @IsOptional()
  @IsBetween(1, 1_000_000, 'g')
  finalMassG?: number | null;

  /** How it stood when it was cold. */
  @IsOptional()
  @IsOneOf(SET_CLASSES)
  set?: SetClass | null;
}
