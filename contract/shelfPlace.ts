import { PLACE_KINDS, type PlaceKind } from '@idle-kettle/core';
import { IsString, Matches, MaxLength, MinLength } from 'class-validator';
import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';

/** Most characters of its name. */
export const MOST_PLACE_CHARS = 40;

/** A place of the household’s own, as the kitchen keeps it. */
export class ShelfPlaceDto {
  @IsString({ message: refusal('requests.text') })
  @Matches(/^[a-z0-9-]{1,40}$/, { message: refusal('requests.placeId') })
  id!: string;

  @IsString({ message: refusal('requests.text') })
  @MinLength(1, { message: refusal('requests.text') })
  @MaxLength(MOST_PLACE_CHARS, {
    message: refusal('requests.textLength', { most: MOST_PLACE_CHARS }),
  })
  name!: string;

  @IsOneOf(PLACE_KINDS)
  kind!: PlaceKind;
}
