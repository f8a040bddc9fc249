import { METHOD_IDS, MOST_LINES, type Method } from '@idle-kettle/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsOptional,
  IsString,
  IsUUID,
  MaxLength,
} from 'class-validator';
import { IsPart } from './nested.ts';
import { IsBetween } from './numbers.ts';
import { IsOneOf } from './oneOf.ts';
import { StoredPretreatmentDto } from './pretreatment.ts';
import { refusal } from './refusal.ts';

/** Most characters of one line that a batch keeps. */
const MOST_KEPT_CHARS = 400;

/** Jars that are emptied into the pot again. */
export class StoredRemakeDto {
  /** The cook that they are of. */
  @IsUUID(undefined, { message: refusal('requests.uuid') })
  cook!: string;

  /** The formula that they were made by. */
  @IsArray({ message: refusal('requests.listOfText') })
  @ArrayMinSize(1, { message: refusal('requests.leastLines') })
  @ArrayMaxSize(MOST_LINES, { message: refusal('requests.mostLines', { most: MOST_LINES }) })
  @IsString({ each: true, message: refusal('requests.eachLineText') })
  @MaxLength(MOST_KEPT_CHARS, {
    each: true,
    message: refusal('requests.lineLength', { most: MOST_KEPT_CHARS }),
  })
  lines!: readonly string[];

  @IsOptional()
  @IsPart(
    () => StoredPretreatmentDto,
    refusal('requests.like', { example: '{ "kind": "extract", "lines": ["3 lb apples"] }' }),
  )
  before?: StoredPretreatmentDto | null;

  @IsOptional()
  @IsOneOf(METHOD_IDS)
  method?: Method | null;

  @IsBetween(20, 200_000, 'mL')
  volumeMl!: number;

  @IsOptional()
  @IsBetween(5, 85, '%')
  solublesPct?: number | null;

  /** Share of the formula’s sugar that went in. */
  @IsOptional()
  @IsBetween(0, 5)
  sugarShare?: number | null;

  @IsIn(['loose', 'stiff'], { message: refusal('requests.looseOrStiff') })
  problem!: 'loose' | 'stiff';
}
