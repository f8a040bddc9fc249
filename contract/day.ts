import 'reflect-metadata';
import type { DayRequest } from '@idle-kettle/core/schedule';
import { ArrayMaxSize, ArrayMinSize, IsArray, IsBoolean, IsOptional } from 'class-validator';
import { BreakDto, IsMoment } from './moment.ts';
import { AreParts, IsPart } from './nested.ts';
import { IsWholeBetween } from './numbers.ts';
import { PlanRequestDto, readJson, toPlanRequest, type ReadJson } from './planRequest.ts';
import { refusal } from './refusal.ts';
import { IsName } from './text.ts';

/** Most batches of one day. */
export const MOST_OF_A_DAY = 40;

class DayCannerDto {
  /** Half-pints that it takes in one layer. */
  @IsWholeBetween(1, 60, 'half-pints')
  halfPints!: number;
}

class DayBatchDto {
  @IsName()
  name!: string;

  @IsPart(() => PlanRequestDto, refusal('requests.object'))
  formula!: PlanRequestDto;

  /** From when its fruit is there; left out for the beginning. */
  @IsOptional()
  @IsMoment()
  ready?: string | null;

  /** Until when it must have begun; left out for any time. */
  @IsOptional()
  @IsMoment()
  keepsUntil?: string | null;
}

/** What `./kettle day` takes: the batches of a day, and what there is to make them with. */
export class DayRequestDto {
  @IsMoment()
  from!: string;

  @IsOptional()
  @IsMoment()
  finishBy?: string | null;

  @IsOptional()
  @IsWholeBetween(1, 50, 'people')
  people?: number;

  /** Whether four and more work in teams, one to a pot. */
  @IsOptional()
  @IsBoolean({ message: refusal('requests.trueOrFalse') })
  crew?: boolean;

  @IsOptional()
  @IsWholeBetween(0, 20, 'burners')
  burners?: number;

  @IsOptional()
  @IsWholeBetween(0, 20, 'slow cookers')
  slowCookers?: number;

  @IsOptional()
  @IsArray({ message: refusal('requests.list') })
  @ArrayMaxSize(10, { message: refusal('requests.mostOfThem', { most: 10 }) })
  @AreParts(() => DayCannerDto, refusal('requests.like', { example: '{ "halfPints": 7 }' }))
  canners?: DayCannerDto[];

  /** Pots for the burners; left out for as many as are wanted. */
  @IsOptional()
  @IsWholeBetween(0, 20, 'pots')
  pots?: number | null;

  /** Bowls to soak, drip and infuse in; left out for as many as are wanted. */
  @IsOptional()
  @IsWholeBetween(0, 20, 'bowls')
  bowls?: number | null;

  /** When nobody is there: meals, the night. */
  @IsOptional()
  @IsArray({ message: refusal('requests.list') })
  @ArrayMaxSize(MOST_OF_A_DAY, { message: refusal('requests.mostOfThem', { most: MOST_OF_A_DAY }) })
  @AreParts(
    () => BreakDto,
    refusal('requests.like', {
      example: '{ "from": "2026-09-12T20:00:00Z", "to": "2026-09-13T06:00:00Z" }',
    }),
  )
  breaks?: BreakDto[];

  @IsArray({ message: refusal('requests.list') })
  @ArrayMinSize(1, { message: refusal('requests.leastBatches') })
  @ArrayMaxSize(MOST_OF_A_DAY, { message: refusal('requests.mostOfThem', { most: MOST_OF_A_DAY }) })
  @AreParts(() => DayBatchDto, refusal('requests.eachObject'))
  batches!: DayBatchDto[];
}

const ms = (moment: string | null | undefined): number | null =>
  moment == null ? null : new Date(moment).getTime();

/** Reads parsed JSON as a day to be planned, or every fault of it. */
export const readDayRequest = (json: unknown): ReadJson<DayRequest> =>
  readJson(DayRequestDto, json, (dto) => ({
    fromMs: new Date(dto.from).getTime(),
    finishByMs: ms(dto.finishBy),
    people: dto.people ?? 1,
    crew: dto.crew ?? false,
    burners: dto.burners ?? 1,
    slowCookers: dto.slowCookers ?? 0,
    canners: dto.canners ?? [],
    pots: dto.pots ?? null,
    bowls: dto.bowls ?? null,
    breaks: (dto.breaks ?? []).map(({ from, to }) => ({
      fromMs: new Date(from).getTime(),
      toMs: new Date(to).getTime(),
    })),
    batches: dto.batches.map(({ name, formula, ready, keepsUntil }) => ({
      name,
      formula: toPlanRequest(formula),
      readyMs: ms(ready),
      keepsUntilMs: ms(keepsUntil),
    })),
  }));
