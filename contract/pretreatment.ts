import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { IsPart } from './nested.ts';
import {
  PRETREATMENT_KINDS,
  CLOTS,
  MOST_LINE_CHARS,
  MOST_LINES,
  readLine,
  type Pretreatment,
  type PretreatmentKind,
  type Clot,
  pretreatmentIn,
} from '@idle-kettle/core';
import { Transform } from 'class-transformer';
import {
  ArrayMaxSize,
  IsArray,
  IsNumber,
  IsOptional,
  IsString,
  Max,
  MaxLength,
  Min,
} from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { AreLines, type LineDto } from './lines.ts';
import { IsBetween } from './numbers.ts';
import { toLines } from './reading.ts';

/** Most that one pan holds, mL or g. */
const MOST = 500_000;
const WATER = { message: refusal('requests.water', { most: MOST }) };

/** `3 cups` or `3 cups water` as mL; anything else as it is, to be refused. */
function waterMl(value: unknown): unknown {
  if (typeof value !== 'string') return value;
  const said = readLine(/\bwater\b/i.test(value) ? value : `${value} water`);
  return said.understood && said.ingredient.id === 'water' ? said.massG.typical : value;
}

const IsWater = (): PropertyDecorator =>
  applyDecorators(
    Transform(({ value }: { value: unknown }) => waterMl(value)),
    IsNumber({ allowNaN: false, allowInfinity: false }, WATER),
    Min(0, WATER),
    Max(MOST, WATER),
  );

/** What a before gave, once it is measured: one of the two is enough. */
export class ObtainedDto {
  @IsOptional()
  @IsBetween(1, MOST, 'mL')
  volumeMl?: number | null;

  @IsOptional()
  @IsBetween(1, MOST, 'g')
  massG?: number | null;
}

/** What is said of a before besides its lines. */
class BeforeFacts {
  @IsOneOf(PRETREATMENT_KINDS)
  kind!: PretreatmentKind;

  /** Besides the lines; left out for what is usual. mL, or words. */
  @IsOptional()
  @IsWater()
  water?: number | null;

  @IsOptional()
  @IsBetween(0, 72, 'hours')
  hours?: number | null;

  @IsOptional()
  @IsPart(() => ObtainedDto, refusal('requests.like', { example: '{ "volumeMl": 950 }' }))
  obtained?: ObtainedDto | null;

  /** Soluble solids of the juice. */
  @IsOptional()
  @IsBetween(0, 90, '°Brix')
  brix?: number | null;

  /** How a spoon of the juice clots in spirit. */
  @IsOptional()
  @IsOneOf(CLOTS)
  clot?: Clot | null;
}

/** What is done before the formula's own pot. */
export class PretreatmentDto extends BeforeFacts {
  @AreLines()
  lines!: LineDto[];
}

/** The same, with its lines as they are kept: text. */
export class StoredPretreatmentDto extends BeforeFacts {
  @IsArray({ message: refusal('requests.listOfText') })
  @ArrayMaxSize(MOST_LINES, { message: refusal('requests.mostLines', { most: MOST_LINES }) })
  @IsString({ each: true, message: refusal('requests.eachLineText') })
  @MaxLength(MOST_LINE_CHARS, {
    each: true,
    message: refusal('requests.lineLength', { most: MOST_LINE_CHARS }),
  })
  lines!: readonly string[];
}

/** What is done before, as core plans it, with every default filled in. */
export const toPretreatment = (dto: PretreatmentDto | null | undefined): Pretreatment | null =>
  dto == null ? null : { ...pretreatmentIn({ ...dto, lines: [] }), lines: toLines(dto.lines) };
