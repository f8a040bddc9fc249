import { IsOneOf } from './oneOf.ts';
import { packed, refusal } from './refusal.ts';
import { message, type Text } from '@idle-kettle/words';
import { AreParts } from './nested.ts';
import {
  findIngredient,
  MEASURE_IDS,
  teachingFault,
  DEFAULT_PARSER_KITCHEN,
  type MeasuresId,
  type ParserKitchen,
} from '@idle-kettle/core';

import {
  ArrayMaxSize,
  IsArray,
  IsISO8601,
  IsOptional,
  IsString,
  MaxLength,
  registerDecorator,
  type ValidationArguments,
} from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { ArePacks, PackDto } from './evidence.ts';
import { AreLines, WrittenLineDto, type LineDto } from './lines.ts';
import { IsName } from './text.ts';

/** Most names that one kitchen can be taught. */
export const MOST_TAUGHT_NAMES = 200;

/** Why a name cannot be taught for what is given beside it. */
const faultOf = (name: string, of: ValidationArguments | undefined): Text | null => {
  const { ingredient } = (of?.object ?? {}) as Partial<TaughtNameDto>;
  return teachingFault(name, typeof ingredient === 'string' ? findIngredient(ingredient) : null);
};

/** A name that no row of the ingredient table and nothing else has already. */
const IsTeachable = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'isTeachable',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown, of) => typeof value === 'string' && faultOf(value, of) === null,
      defaultMessage: (of) =>
        packed(faultOf(String(of?.value), of) ?? message('requests.anotherName')),
    },
  });

/** The id or a name of a row of the ingredient table. */
const IsIngredient = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'isIngredient',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown) => typeof value === 'string' && findIngredient(value) !== null,
      defaultMessage: () => refusal('requests.fromTheList'),
    },
  });

/** A name that a kitchen was taught: “Old Codlin” is its apple. */
export class TaughtNameDto {
  @IsName()
  @IsTeachable()
  name!: string;

  /** Id of the row that it is taken for. */
  @IsString({ message: refusal('requests.nameTheIngredient') })
  @MaxLength(80, { message: refusal('requests.ingredientLength', { most: 80 }) })
  @IsIngredient()
  ingredient!: string;

  /** When it was taught; the server fills it in. */
  @IsOptional()
  @IsISO8601({ strict: true }, { message: refusal('requests.dateAndTime') })
  taughtAt?: string;

  /** The line that it was taught from. */
  @IsOptional()
  @IsString({ message: refusal('requests.text') })
  @MaxLength(200, { message: refusal('requests.lineLength', { most: 200 }) })
  line?: string;
}

export const AreTaughtNames = (): PropertyDecorator =>
  applyDecorators(
    IsOptional(),
    IsArray({ message: refusal('requests.list') }),
    ArrayMaxSize(MOST_TAUGHT_NAMES, {
      message: refusal('requests.mostTaught', { most: MOST_TAUGHT_NAMES }),
    }),
    AreParts(() => TaughtNameDto, refusal('requests.nameNeeds')),
  );

/** Whose cup, pint and spoon. */
export const IsMeasures = (): PropertyDecorator => IsOneOf(MEASURE_IDS);

/** What `./kettle read` and `POST /api/read` take. */
export class ReadRequestDto {
  @AreLines()
  lines!: LineDto[];

  @IsOptional()
  @IsMeasures()
  measures?: MeasuresId;

  @AreTaughtNames()
  names?: TaughtNameDto[];

  @ArePacks()
  packs?: PackDto[];
}

/** What lines are read with, the usual filled in. */
export const toReadingKitchen = ({
  measures,
  names,
  packs,
}: Pick<ReadRequestDto, 'measures' | 'names' | 'packs'>): ParserKitchen => ({
  measures: measures ?? DEFAULT_PARSER_KITCHEN.measures,
  names: names ?? DEFAULT_PARSER_KITCHEN.names,
  packs: packs ?? DEFAULT_PARSER_KITCHEN.packs,
});

/** Lines as core takes them: text, or weighed. */
export const toLines = (lines: readonly LineDto[]) =>
  lines.map((line) => (line instanceof WrittenLineDto ? line.text : line));
