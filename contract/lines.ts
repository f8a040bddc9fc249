import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { MOST_LINES, type Form, type FruitState } from '@idle-kettle/core';
import { plainToInstance, Transform } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsNumber,
  IsOptional,
  IsString,
  MaxLength,
  MinLength,
  ValidateNested,
} from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { IsBetween } from './numbers.ts';

export const FORMS: readonly Form[] = [
  'whole',
  'sliced',
  'chopped',
  'crushed',
  'pureed',
  'packed',
  'liquid',
  'grains',
];

export const FRUIT_STATES: readonly FruitState[] = ['fresh', 'frozen', 'dried', 'canned', 'juice'];

/** A line as written: `7 cups crushed damsons`. In JSON it may also be the bare string. */
export class WrittenLineDto {
  @IsString({ message: refusal('requests.line') })
  text!: string;
}

/** A line as data. */
export class WeighedLineDto {
  @IsString({ message: refusal('requests.nameTheIngredient') })
  @MinLength(1, { message: refusal('requests.nameTheIngredient') })
  @MaxLength(80, { message: refusal('requests.ingredientLength', { most: 80 }) })
  ingredient!: string;

  @IsNumber({ allowNaN: false, allowInfinity: false }, { message: refusal('requests.massG') })
  massG!: number;

  @IsOptional()
  @IsOneOf(FORMS)
  form?: Form;

  @IsOptional()
  @IsOneOf(FRUIT_STATES)
  state?: FruitState;

  /** 0 (green) to 1 (over-ripe); 0.5 is ordinary. */
  @IsOptional()
  @IsBetween(0, 1)
  ripeness?: number;
}

export type LineDto = WrittenLineDto | WeighedLineDto;

function toLine(value: unknown): unknown {
  if (typeof value === 'object' && value !== null && !('text' in value)) {
    return plainToInstance(WeighedLineDto, value);
  }
  return plainToInstance(
    WrittenLineDto,
    typeof value === 'object' && value !== null ? value : { text: value },
  );
}

/** The lines of a formula: strings or weighed lines, at most {@link MOST_LINES}. */
export const AreLines = (): PropertyDecorator =>
  applyDecorators(
    Transform(({ value }: { value: unknown }) =>
      Array.isArray(value) && value.length <= MOST_LINES ? value.map(toLine) : value,
    ),
    IsArray({
      message: refusal('requests.listLike', {
        example: '["2 kg crushed damsons", "1.4 kg sugar"]',
      }),
    }),
    ArrayMaxSize(MOST_LINES, { message: refusal('requests.mostLines', { most: MOST_LINES }) }),
    ValidateNested({ each: true, message: refusal('requests.eachLine') }),
  );
