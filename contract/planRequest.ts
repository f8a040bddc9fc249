import {
  LEAST_ALTITUDE_M,
  MOST_ALTITUDE_M,
  USUAL_DRAWS,
  USUAL_JARS,
  USUAL_POWER_KW,
  USUAL_TARGET_PCT,
  type Canner,
  type Fault,
  type PlanRequest,
  type School,
} from '@idle-kettle/core';
import { plainToInstance, Type } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsIn,
  IsInt,
  IsNumber,
  IsOptional,
  Max,
  Min,
  ValidateNested,
  validateSync,
} from 'class-validator';
import { IsName } from './text.ts';
import { faultsOf } from './faults.ts';
import { AreLines, WrittenLineDto, type LineDto } from './lines.ts';

export const SCHOOLS: readonly School[] = ['sterilised', 'ten-minute'];
export const CANNERS: readonly Canner[] = ['boiling-water', 'steam'];

/** The lowest and highest reading of boiling water that a kitchen thermometer can honestly give, °C. */
export const LEAST_WATER_BOILS_C = 80;
export const MOST_WATER_BOILS_C = 105;

const IS_NUMBER = { allowNaN: false, allowInfinity: false };

const between = (low: number, high: number, unit: string) => ({
  message: `$property must be a number from ${low} to ${high} ${unit}.`,
});

export class PotDto {
  @IsNumber(IS_NUMBER, between(5, 150, 'cm'))
  @Min(5, between(5, 150, 'cm'))
  @Max(150, between(5, 150, 'cm'))
  diameterCm!: number;

  @IsNumber(IS_NUMBER, between(3, 150, 'cm'))
  @Min(3, between(3, 150, 'cm'))
  @Max(150, between(3, 150, 'cm'))
  heightCm!: number;
}

export class TargetDto {
  /** Soluble solids to stop at, g per 100 g of the whole mass. */
  @IsOptional()
  @IsNumber(IS_NUMBER, between(50, 75, '%'))
  @Min(50, between(50, 75, '%'))
  @Max(75, between(50, 75, '%'))
  solublesPct?: number;
}

export class JarDto {
  @IsName()
  name!: string;

  @IsNumber(IS_NUMBER, between(30, 4000, 'mL'))
  @Min(30, between(30, 4000, 'mL'))
  @Max(4000, between(30, 4000, 'mL'))
  volumeMl!: number;

  /** How many are on hand; left out when there is no limit. */
  @IsOptional()
  @IsInt(between(0, 10_000, 'jars'))
  @Min(0, between(0, 10_000, 'jars'))
  @Max(10_000, between(0, 10_000, 'jars'))
  count?: number | null;
}

/** What `POST /api/plan` and `./kettle plan` take. */
export class PlanRequestDto {
  @IsOptional()
  @IsIn(['jam'], { message: 'product must be jam: the other spreads are not planned yet.' })
  product?: 'jam';

  @IsOptional()
  @IsIn(['long-boil'], {
    message: 'method must be long-boil: the other methods are not planned yet.',
  })
  method?: 'long-boil' | null;

  @AreLines()
  lines!: LineDto[];

  @IsOptional()
  @IsNumber(IS_NUMBER, between(LEAST_ALTITUDE_M, MOST_ALTITUDE_M, 'm'))
  @Min(LEAST_ALTITUDE_M, between(LEAST_ALTITUDE_M, MOST_ALTITUDE_M, 'm'))
  @Max(MOST_ALTITUDE_M, between(LEAST_ALTITUDE_M, MOST_ALTITUDE_M, 'm'))
  altitudeM?: number | null;

  /** Measured boiling point of plain water; overrides the altitude for the stop point. */
  @IsOptional()
  @IsNumber(IS_NUMBER, between(LEAST_WATER_BOILS_C, MOST_WATER_BOILS_C, '°C'))
  @Min(LEAST_WATER_BOILS_C, between(LEAST_WATER_BOILS_C, MOST_WATER_BOILS_C, '°C'))
  @Max(MOST_WATER_BOILS_C, between(LEAST_WATER_BOILS_C, MOST_WATER_BOILS_C, '°C'))
  waterBoilsC?: number | null;

  @IsOptional()
  @ValidateNested({ message: 'pot must have diameterCm and heightCm.' })
  @Type(() => PotDto)
  pot?: PotDto | null;

  /** Heat that the burner puts into the pot. */
  @IsOptional()
  @IsNumber(IS_NUMBER, between(0.05, 50, 'kW'))
  @Min(0.05, between(0.05, 50, 'kW'))
  @Max(50, between(0.05, 50, 'kW'))
  netPowerKw?: number | null;

  @IsOptional()
  @ValidateNested({ message: 'target must be like { "solublesPct": 65 }.' })
  @Type(() => TargetDto)
  target?: TargetDto;

  @IsOptional()
  @IsArray({ message: 'jars must be a list, like [{ "name": "half-pint", "volumeMl": 237 }].' })
  @ArrayMinSize(1, { message: 'Name at least one size of jar.' })
  @ArrayMaxSize(12, { message: 'At most 12 sizes of jar.' })
  @ValidateNested({ each: true, message: 'Each jar needs a name and volumeMl.' })
  @Type(() => JarDto)
  jars?: JarDto[];

  @IsOptional()
  @IsIn(SCHOOLS, { message: `school must be one of: ${SCHOOLS.join(', ')}.` })
  school?: School;

  @IsOptional()
  @IsIn(CANNERS, { message: `canner must be one of: ${CANNERS.join(', ')}.` })
  canner?: Canner;

  @IsOptional()
  @IsInt(between(0, 2_147_483_647, ''))
  @Min(0, between(0, 2_147_483_647, ''))
  @Max(2_147_483_647, between(0, 2_147_483_647, ''))
  seed?: number;

  @IsOptional()
  @IsInt(between(100, 20_000, 'draws'))
  @Min(100, between(100, 20_000, 'draws'))
  @Max(20_000, between(100, 20_000, 'draws'))
  draws?: number;
}

/** Rules for every body: unknown keys are refused by name, and each field gets one message. */
export const VALIDATION = {
  whitelist: true,
  forbidNonWhitelisted: true,
  forbidUnknownValues: true,
  stopAtFirstError: true,
} as const;

/** The request that core plans, with every default filled in. */
export const toPlanRequest = (dto: PlanRequestDto): PlanRequest => ({
  product: dto.product ?? 'jam',
  method: dto.method ?? null,
  lines: dto.lines.map((line) => (line instanceof WrittenLineDto ? line.text : line)),
  altitudeM: dto.altitudeM ?? null,
  waterBoilsC: dto.waterBoilsC ?? null,
  pot: dto.pot ?? null,
  netPowerKw: dto.netPowerKw ?? USUAL_POWER_KW,
  targetSolublesPct: dto.target?.solublesPct ?? USUAL_TARGET_PCT,
  jars:
    dto.jars?.map(({ name, volumeMl, count }) => ({ name, volumeMl, count: count ?? null })) ??
    USUAL_JARS,
  school: dto.school ?? 'ten-minute',
  canner: dto.canner ?? 'boiling-water',
  seed: dto.seed ?? 1,
  draws: dto.draws ?? USUAL_DRAWS,
});

/** Reads parsed JSON as a plan request: the request, or every fault with its field. */
export function readPlanRequest(
  json: unknown,
):
  | { readonly ok: true; readonly request: PlanRequest }
  | { readonly ok: false; readonly faults: Fault[] } {
  if (typeof json !== 'object' || json === null || Array.isArray(json)) {
    return { ok: false, faults: [{ field: '', message: 'Send one JSON object with "lines".' }] };
  }
  const dto = plainToInstance(PlanRequestDto, json);
  const faults = faultsOf(validateSync(dto, VALIDATION));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, request: toPlanRequest(dto) };
}
