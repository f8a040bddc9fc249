import { MOST_LINES, type Form, type FruitState } from '@idle-kettle/core';
import { plainToInstance, Transform } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsIn,
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
  @IsString({ message: 'A line must be text, or an ingredient with massG.' })
  text!: string;
}

/** A line as data. */
export class WeighedLineDto {
  @IsString({ message: 'Name the ingredient.' })
  @MinLength(1, { message: 'Name the ingredient.' })
  @MaxLength(80, { message: 'An ingredient’s name may have at most 80 characters.' })
  ingredient!: string;

  @IsNumber(
    { allowNaN: false, allowInfinity: false },
    { message: 'massG must be a number of grams.' },
  )
  massG!: number;

  @IsOptional()
  @IsIn(FORMS, { message: `form must be one of: ${FORMS.join(', ')}.` })
  form?: Form;

  @IsOptional()
  @IsIn(FRUIT_STATES, { message: `state must be one of: ${FRUIT_STATES.join(', ')}.` })
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
    IsArray({ message: 'lines must be a list, like ["2 kg crushed damsons", "1.4 kg sugar"].' }),
    ArrayMaxSize(MOST_LINES, { message: `A formula may have at most ${MOST_LINES} lines.` }),
    ValidateNested({ each: true, message: 'Each line must be text, or an ingredient with massG.' }),
  );
