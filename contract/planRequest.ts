import { IsOneOf } from './oneOf.ts';
import { refusal } from './refusal.ts';
import { message } from '@idle-kettle/words';
import { AreParts, IsPart } from './nested.ts';
import {
  BODY_STOPS,
  CANNERS,
  STORAGES,
  type Storage,
  LEAST_ALTITUDE_M,
  MOST_ALTITUDE_M,
  HEAT_IDS,
  METHOD_IDS,
  PRODUCT_IDS,
  USUAL_REQUEST,
  type BodyStop,
  type Canner,
  type Fault,
  type HeatId,
  type MeasuresId,
  type Method,
  type PlanRequest,
  type Product,
  type ReadRequest,
  type JarPreparation,
} from '@idle-kettle/core';
import { plainToInstance } from 'class-transformer';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsBoolean,
  IsOptional,
  validateSync,
} from 'class-validator';
import { PretreatmentDto, toPretreatment } from './pretreatment.ts';
import { AllDiffer, IsOwnId } from './owned.ts';
import { IsName } from './text.ts';
import { unclean } from './unclean.ts';
import { faultsOf } from './faults.ts';
import { IsBetween, IsWholeBetween } from './numbers.ts';
import { AreLines, type LineDto } from './lines.ts';
import { ArePacks, SafetyEvidenceDto, MeasuredDto, PackDto } from './evidence.ts';
import {
  AreTaughtNames,
  IsMeasures,
  ReadRequestDto,
  TaughtNameDto,
  toLines,
  toReadingKitchen,
} from './reading.ts';

export const JAR_PREPARATIONS: readonly JarPreparation[] = ['sterilised', 'ten-minute'];

/**
 * The lowest and highest reading of boiling water that a kitchen thermometer can honestly give, °C.
 */
export const LEAST_WATER_BOILS_C = 80;
export const MOST_WATER_BOILS_C = 101;

export class PotDto {
  @IsBetween(5, 150, 'cm')
  diameterCm!: number;

  @IsBetween(3, 150, 'cm')
  heightCm!: number;
}

export class TargetDto {
  /** Soluble solids to stop at, g per 100 g of the whole mass. */
  @IsOptional()
  @IsBetween(20, 78, '%')
  solublesPct?: number;

  /** How thick a butter is wanted, where no solids are asked for. */
  @IsOptional()
  @IsOneOf(BODY_STOPS)
  body?: BodyStop;
}

export class JarDto {
  @IsOwnId()
  id?: string;

  @IsName()
  name!: string;

  @IsBetween(30, 4000, 'mL')
  volumeMl!: number;

  /** How many are on hand; left out when there is no limit. */
  @IsOptional()
  @IsWholeBetween(0, 10_000, 'jars')
  count?: number | null;

  /** Taken before others that do as well. */
  @IsOptional()
  @IsBoolean({ message: refusal('requests.trueOrFalse') })
  prefer?: boolean;

  /** How many are filled first, to be given away. */
  @IsOptional()
  @IsWholeBetween(0, 1000, 'jars')
  gift?: number;

  /** New lids that fit it; left out when nobody counts them. A lid is used once. */
  @IsOptional()
  @IsWholeBetween(0, 10_000, 'lids')
  lids?: number | null;

  /** How many stand filled on a shelf or in a fridge, and come back when they are eaten. */
  @IsOptional()
  @IsWholeBetween(0, 10_000, 'jars')
  inUse?: number;
}

/** Longest that a lid is on, min: two days. */
export const MOST_LID_MIN = 2880;

/** Most batches that are imagined for the ranges of one plan. */
export const MOST_DRAWS = 10_000;

/** What `POST /api/plan` and `./kettle plan` take. */
export class PlanRequestDto {
  @IsOptional()
  @IsOneOf(PRODUCT_IDS)
  product?: Product;

  /** Chosen when left out, and said why. */
  @IsOptional()
  @IsOneOf(METHOD_IDS)
  method?: Method | null;

  @AreLines()
  lines!: LineDto[];

  /** What is done first, and gives what the lines go with. */
  @IsOptional()
  @IsPart(
    () => PretreatmentDto,
    refusal('requests.like', { example: '{ "kind": "extract", "lines": ["3 lb apples"] }' }),
  )
  before?: PretreatmentDto | null;

  @IsOptional()
  @IsBetween(LEAST_ALTITUDE_M, MOST_ALTITUDE_M, 'm')
  altitudeM?: number | null;

  /** Measured boiling point of plain water; overrides the altitude for the stop point. */
  @IsOptional()
  @IsBetween(LEAST_WATER_BOILS_C, MOST_WATER_BOILS_C, '°C')
  waterBoilsC?: number | null;

  @IsOptional()
  @IsPart(() => PotDto, refusal('requests.pot'))
  pot?: PotDto | null;

  /** What the pot stands on or in. */
  @IsOptional()
  @IsOneOf(HEAT_IDS)
  heat?: HeatId;

  /** Heat that it puts into the pot; left out for what is usual. */
  @IsOptional()
  @IsBetween(0.05, 50, 'kW')
  netPowerKw?: number | null;

  /**
   * Minutes at a full rolling boil, for methods that stop by the clock; left out for the method’s
   * own.
   */
  @IsOptional()
  @IsBetween(0.5, 60, 'minutes')
  boilMin?: number | null;

  /** Minutes with the lid on, in a slow cooker or an oven; left out for its usual. */
  @IsOptional()
  @IsBetween(0, MOST_LID_MIN, 'minutes')
  lidMin?: number | null;

  @IsOptional()
  @IsPart(() => TargetDto, refusal('requests.like', { example: '{ "solublesPct": 65 }' }))
  target?: TargetDto;

  @IsOptional()
  @IsArray({
    message: refusal('requests.listLike', {
      example: '[{ "name": "half-pint", "volumeMl": 237 }]',
    }),
  })
  @ArrayMinSize(1, { message: refusal('requests.leastJars') })
  @ArrayMaxSize(12, { message: refusal('requests.mostJars', { most: 12 }) })
  @AreParts(() => JarDto, refusal('requests.jarNeeds'))
  @AllDiffer()
  jars?: JarDto[];

  @IsOptional()
  @IsOneOf(JAR_PREPARATIONS)
  school?: JarPreparation;

  @IsOptional()
  @IsOneOf(CANNERS)
  canner?: Canner;

  /** How many half-pints stand in the canner in one layer. */
  @IsOptional()
  @IsWholeBetween(1, 60, 'half-pints')
  cannerHolds?: number | null;

  /** Where the jars are wanted; left out for the best that is safe. */
  @IsOptional()
  @IsOneOf(STORAGES)
  storeIn?: Storage | null;

  /** What the packs in this kitchen say of themselves. */
  @ArePacks()
  packs?: PackDto[];

  /** Whose cup, pint and spoon the lines mean; left out for US ones. */
  @IsOptional()
  @IsMeasures()
  measures?: MeasuresId;

  /** Names that this kitchen was taught. */
  @AreTaughtNames()
  names?: TaughtNameDto[];

  /** What was measured of the raw batch; it narrows the forecast. */
  @IsOptional()
  @IsPart(
    () => MeasuredDto,
    refusal('requests.like', { example: '{ "startBrix": 41, "startPH": 3.3 }' }),
  )
  measured?: MeasuredDto;

  /** What stands for the safety of a formula that is not plainly acid. */
  @IsOptional()
  @IsPart(() => SafetyEvidenceDto, refusal('requests.like', { example: '{ "meterPH": 3.9 }' }))
  assurance?: SafetyEvidenceDto;

  @IsOptional()
  @IsWholeBetween(0, 2_147_483_647)
  seed?: number;

  /**
   * How many batches are imagined for the ranges; 0 gives the typical figures alone, and no
   * remedies.
   */
  @IsOptional()
  @IsWholeBetween(0, MOST_DRAWS, 'draws')
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
  product: dto.product ?? USUAL_REQUEST.product,
  method: dto.method ?? null,
  lines: toLines(dto.lines),
  before: toPretreatment(dto.before),
  remake: null,
  altitudeM: dto.altitudeM ?? null,
  waterBoilsC: dto.waterBoilsC ?? null,
  pot: dto.pot ?? null,
  heat: dto.heat ?? USUAL_REQUEST.heat,
  netPowerKw: dto.netPowerKw ?? null,
  learned: USUAL_REQUEST.learned,
  targetSolublesPct: dto.target?.solublesPct ?? null,
  bodyStop: dto.target?.body ?? USUAL_REQUEST.bodyStop,
  boilMin: dto.boilMin ?? null,
  lidMin: dto.lidMin ?? null,
  jars:
    dto.jars?.map(({ name, volumeMl, count, prefer, gift }) => ({
      name,
      volumeMl,
      count: count ?? null,
      prefer: prefer ?? false,
      gift: gift ?? 0,
    })) ?? USUAL_REQUEST.jars,
  school: dto.school ?? USUAL_REQUEST.school,
  canner: dto.canner ?? USUAL_REQUEST.canner,
  cannerHolds: dto.cannerHolds ?? null,
  storeIn: dto.storeIn ?? null,
  ...toReadingKitchen(dto),
  measured: {
    startBrix: dto.measured?.startBrix ?? null,
    startPH: dto.measured?.startPH ?? null,
  },
  assurance: {
    testedFormula: dto.assurance?.testedFormula ?? null,
    source: dto.assurance?.source ?? null,
    minutes: dto.assurance?.minutes ?? null,
    jarMl: dto.assurance?.jarMl ?? null,
    meterPH: dto.assurance?.meterPH ?? null,
  },
  seed: dto.seed ?? USUAL_REQUEST.seed,
  draws: dto.draws ?? USUAL_REQUEST.draws,
});

/** Something read from JSON, or every fault with its field. */
export type ReadJson<T> =
  { readonly ok: true; readonly request: T } | { readonly ok: false; readonly faults: Fault[] };

/** Reads parsed JSON by a class of the contract: what is made of it, or every fault with its field. */
export function readJson<D extends object, T>(
  kind: new () => D,
  json: unknown,
  make: (dto: D) => T,
): ReadJson<T> {
  if (typeof json !== 'object' || json === null || Array.isArray(json)) {
    return { ok: false, faults: [{ field: '', message: message('requests.oneObject') }] };
  }
  const dirty = unclean(json);
  if (dirty.length > 0) return { ok: false, faults: dirty };
  const dto = plainToInstance(kind, json);
  const faults = faultsOf(validateSync(dto, VALIDATION));
  return faults.length > 0 ? { ok: false, faults } : { ok: true, request: make(dto) };
}

/** Reads parsed JSON as a plan request: the request, or every fault with its field. */
export const readPlanRequest = (json: unknown): ReadJson<PlanRequest> =>
  readJson(PlanRequestDto, json, toPlanRequest);

/** Reads parsed JSON as lines to be read and what they are read with. */
export const readReadRequest = (json: unknown): ReadJson<ReadRequest> =>
  readJson(ReadRequestDto, json, (dto) => ({
    ...toReadingKitchen(dto),
    lines: toLines(dto.lines),
  }));
