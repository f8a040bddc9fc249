import { refusal } from './refusal.ts';
import { AreParts } from './nested.ts';

import { ArrayMaxSize, IsArray, IsOptional, IsString, MaxLength } from 'class-validator';
import { applyDecorators } from './applyDecorators.ts';
import { IsBetween } from './numbers.ts';
import { IsName } from './text.ts';

/** What a pack of pectin says of itself. */
export class PackDto {
  /** Id of the ingredient: `powdered-pectin`. */
  @IsString({ message: refusal('requests.nameTheIngredient') })
  @MaxLength(80, { message: refusal('requests.ingredientLength', { most: 80 }) })
  ingredient!: string;

  @IsBetween(1, 5000, 'g')
  packG!: number;

  /** Pectin in the pack: 150-grade where it gels with sugar. */
  @IsOptional()
  @IsBetween(0, 5000, 'g')
  pectinG!: number | null;

  /** Minutes at a full boil that a gelling sugar prints. */
  @IsOptional()
  @IsBetween(1, 20, 'minutes')
  boilMin?: number | null;
}

/** What the packs in a kitchen say of themselves: a short list. */
export const ArePacks = (): PropertyDecorator =>
  applyDecorators(
    IsOptional(),
    IsArray({ message: refusal('requests.list') }),
    ArrayMaxSize(20, { message: refusal('requests.mostPacks', { most: 20 }) }),
    AreParts(() => PackDto, refusal('requests.packNeeds')),
  );

/** What was measured of the raw batch, everything stirred together. */
export class MeasuredDto {
  @IsOptional()
  @IsBetween(0, 90, '°Brix')
  startBrix?: number | null;

  @IsOptional()
  @IsBetween(1.5, 8)
  startPH?: number | null;
}

/** What the cook puts beside the sums; the sums themselves never open the pantry. */
export class SafetyEvidenceDto {
  /** Name of the tested formula from a trusted source that this is, exactly. */
  @IsOptional()
  @IsName()
  testedFormula?: string | null;

  /** Where it is printed: a leaflet, a book, an office. */
  @IsOptional()
  @IsName()
  source?: string | null;

  /** Minutes in the canner that it prints. */
  @IsOptional()
  @IsBetween(1, 120, 'minutes')
  minutes?: number | null;

  /** The largest jar that it prints, mL as it is filled. */
  @IsOptional()
  @IsBetween(30, 2000, 'mL')
  jarMl?: number | null;

  /** Reading of a calibrated meter on the finished spread. */
  @IsOptional()
  @IsBetween(1.5, 8)
  meterPH?: number | null;
}
