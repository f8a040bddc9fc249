import { PLACE_KINDS, type PlaceKind } from '@idle-kettle/core';
import { IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';

/** A place of the household’s own, as the kitchen keeps it. */
export class ShelfPlaceDto {
  @IsString({ message: refusal('requests.text') })
  @Matches(/^[a-z0-9-]{1,40}$/, { message: refusal('requests.placeId') })
  id!: string;

  @IsString({ message: refusal('requests.text') })
  @MinLength(1, { message: refusal('requests.text') })
  @MaxLength(40, { message: refusal('requests.textLength', { most: 40 }) })
  name!: string;

  @IsOneOf(PLACE_KINDS)
  kind!: PlaceKind;
}
