import { MOST_LINES, planBatch, type Fault, type Plan } from '@idle-kettle/core';
import {
  ArrayMaxSize,
  ArrayMinSize,
  IsArray,
  IsInt,
  IsOptional,
  IsString,
  MaxLength,
  Min,
} from 'class-validator';
import { IsName } from './text.ts';
import type { Kitchen } from './kitchen.ts';
import { readPlanRequest } from './planRequest.ts';

/** Most characters of one line that a batch keeps: more than a plan takes, so that its fault can be shown. */
const MOST_KEPT_CHARS = 400;

/** A batch as the Balance screen saves it. */
export class BatchDto {
  @IsName()
  name!: string;

  @IsArray({ message: 'lines must be a list of text.' })
  @ArrayMinSize(1, { message: 'Write at least one line.' })
  @ArrayMaxSize(MOST_LINES, { message: `A batch may have at most ${MOST_LINES} lines.` })
  @IsString({ each: true, message: 'Each line must be text.' })
  @MaxLength(MOST_KEPT_CHARS, {
    each: true,
    message: `A line may have at most ${MOST_KEPT_CHARS} characters.`,
  })
  lines!: string[];

  /** The version this change was made on; left out for a new batch. */
  @IsOptional()
  @IsInt({ message: 'version must be a whole number.' })
  @Min(1, { message: 'version must be 1 or more.' })
  version?: number;
}

/** A batch as the server answers with it. */
export type Batch = {
  readonly id: string;
  readonly name: string;
  readonly lines: readonly string[];
  /** Goes up by one with every save. */
  readonly version: number;
  /** What was planned when it was last saved, for the kitchen as it was then. */
  readonly plan: Plan;
  readonly createdAt: string;
  readonly updatedAt: string;
};

/** The plan of a batch's lines in a kitchen: the same in the browser and on the server. */
export function planInKitchen(
  lines: readonly string[],
  kitchen: Pick<Kitchen, 'altitudeM' | 'waterBoilsC' | 'school'>,
):
  | { readonly ok: true; readonly plan: Plan }
  | { readonly ok: false; readonly faults: readonly Fault[] } {
  const read = readPlanRequest({
    lines,
    altitudeM: kitchen.altitudeM,
    waterBoilsC: kitchen.waterBoilsC,
    school: kitchen.school,
  });
  return read.ok ? planBatch(read.request) : read;
}
