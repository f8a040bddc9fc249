import 'reflect-metadata';
import {
  HEAT_IDS,
  HEAT_SOURCES,
  LEAST_ALTITUDE_M,
  MOST_ALTITUDE_M,
  type EntryKind,
  type HeatId,
} from '@idle-kettle/core';
import type { CookRecord, TaughtBurner } from '@idle-kettle/core/learning';
import { message, type Text } from '@idle-kettle/words';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsOptional } from 'class-validator';
import { CookOutcomeDto } from './cookOutcome.ts';
import { IsLookedThrough, LOGGED_KINDS } from './lookedThrough.ts';
import { AreParts, IsPart } from './nested.ts';
import { IsBetween } from './numbers.ts';
import { IsOneOf } from './oneOf.ts';
import { PlanRequestDto, PotDto, readJson, toPlanRequest, type ReadJson } from './planRequest.ts';
import { refusal } from './refusal.ts';
import { IsName } from './text.ts';

/** Most lines of one cook’s log: a probe that is read every second for half a day. */
export const MOST_LOGGED = 50_000;
/** Most cooks that are learned from at once. */
export const MOST_COOKS_LEARNED = 500;

/** A line of a log: what was read or done, and when. */
type LoggedLine = {
  readonly at: number;
  readonly kind: EntryKind;
  readonly value?: number | null;
  readonly text?: string | null;
};

/** What is wrong with a line of a log; null for nothing. */
function lineFault(line: unknown): Text | null {
  if (typeof line !== 'object' || line === null) return message('requests.eachObject');
  const { at, kind, value = null, text = null } = line as { readonly [key: string]: unknown };
  if (typeof at !== 'number' || !Number.isFinite(at)) return message('requests.loggedAt');
  if (!LOGGED_KINDS.has(kind))
    return message('requests.loggedKind', { kind: String(kind).slice(0, 40) });
  if (value !== null && (typeof value !== 'number' || !Number.isFinite(value)))
    return message('requests.loggedValue');
  return text === null || typeof text === 'string' ? null : message('requests.loggedText');
}

/** A log, looked through line by line. */
const IsLog = (): PropertyDecorator =>
  IsLookedThrough('isLog', (value) => {
    const index = Array.isArray(value)
      ? value.findIndex((line: unknown) => lineFault(line) !== null)
      : -1;
    const why = index < 0 ? null : lineFault((value as unknown[])[index]);
    return why === null ? null : { line: index + 1, why };
  });

class LearnedBurnerDto {
  @IsName()
  id!: string;

  @IsOneOf(HEAT_IDS)
  heat!: HeatId;

  /** Heat that reaches the pot, as somebody says; left out for what is usual. */
  @IsOptional()
  @IsBetween(0.05, 50, 'kW')
  netPowerKw?: number | null;
}

class LearnedPotDto extends PotDto {
  @IsName()
  id!: string;
}

class LearningKitchenDto {
  @IsArray({ message: refusal('requests.list') })
  @ArrayMinSize(1, { message: refusal('requests.leastBurners') })
  @ArrayMaxSize(20, { message: refusal('requests.mostOfThem', { most: 20 }) })
  @AreParts(() => LearnedBurnerDto, refusal('requests.eachObject'))
  burners!: LearnedBurnerDto[];

  @IsOptional()
  @IsArray({ message: refusal('requests.list') })
  @ArrayMaxSize(20, { message: refusal('requests.mostOfThem', { most: 20 }) })
  @AreParts(() => LearnedPotDto, refusal('requests.eachObject'))
  pots?: LearnedPotDto[];

  @IsOptional()
  @IsBetween(LEAST_ALTITUDE_M, MOST_ALTITUDE_M, 'm')
  altitudeM?: number | null;
}

class LoggedCookDto {
  @IsPart(() => PlanRequestDto, refusal('requests.object'))
  formula!: PlanRequestDto;

  /** By its id; the kitchen’s first where it is left out. So of the pot. */
  @IsOptional()
  @IsName()
  burner?: string | null;

  @IsOptional()
  @IsName()
  pot?: string | null;

  @IsArray({ message: refusal('requests.list') })
  @ArrayMaxSize(MOST_LOGGED, { message: refusal('requests.mostOfThem', { most: MOST_LOGGED }) })
  @IsLog()
  log!: LoggedLine[];

  @IsOptional()
  @IsPart(() => CookOutcomeDto, refusal('requests.object'))
  outcome?: CookOutcomeDto | null;
}

/** What `./kettle learn` takes: a kitchen, and its cooks in the order they were. */
export class LearnRequestDto {
  @IsPart(() => LearningKitchenDto, refusal('requests.object'))
  kitchen!: LearningKitchenDto;

  @IsArray({ message: refusal('requests.list') })
  @ArrayMaxSize(MOST_COOKS_LEARNED, {
    message: refusal('requests.mostOfThem', { most: MOST_COOKS_LEARNED }),
  })
  @AreParts(() => LoggedCookDto, refusal('requests.eachObject'))
  batches!: LoggedCookDto[];
}

/** A kitchen’s burners, and what its cooks kept. */
export type LearnRequest = {
  readonly burners: readonly TaughtBurner[];
  readonly records: readonly CookRecord[];
};

const powered = ({ heat, netPowerKw }: LearnedBurnerDto): number =>
  netPowerKw == null ? HEAT_SOURCES[heat].powerW : 1000 * netPowerKw;

function toLearnRequest({ kitchen, batches }: LearnRequestDto): LearnRequest {
  const { burners, pots = [], altitudeM } = kitchen;
  return {
    burners: burners.map((burner) => ({ id: burner.id, powerW: powered(burner) })),
    records: batches.map(({ formula, burner, pot, log, outcome }) => {
      const on = burners.find(({ id }) => id === burner) ?? burners[0];
      const inside = pots.find(({ id }) => id === pot) ?? pots[0];
      const plan = toPlanRequest(formula);
      return {
        request: {
          ...plan,
          altitudeM: plan.altitudeM ?? altitudeM ?? null,
          heat: on?.heat ?? plan.heat,
          netPowerKw: on?.netPowerKw ?? null,
          pot: plan.pot ?? inside ?? null,
        },
        burner: on?.id ?? '',
        pot: inside?.id ?? '',
        log: log.map(({ at, kind, value, text }) => ({
          at,
          kind,
          value: value ?? null,
          text: text ?? null,
        })),
        outcome: {
          volumeMl: outcome?.volumeMl ?? null,
          finalMassG: outcome?.finalMassG ?? null,
          set: outcome?.set ?? null,
        },
      };
    }),
  };
}

/** Reads parsed JSON as cooks to learn from: the request, or every fault with its field. */
export const readLearnRequest = (json: unknown): ReadJson<LearnRequest> =>
  readJson(LearnRequestDto, json, toLearnRequest);
