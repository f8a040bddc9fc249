import {
  LEAST_ALTITUDE_M,
  MOST_ALTITUDE_M,
  type School,
  type TemperatureScale,
  type UnitSystem,
} from '@idle-kettle/core';
import { IsIn, IsNumber, IsOptional, Max, Min } from 'class-validator';
import { IsName } from './text.ts';
import { LEAST_WATER_BOILS_C, MOST_WATER_BOILS_C, SCHOOLS } from './planRequest.ts';

const altitude = { message: `Give an altitude from ${LEAST_ALTITUDE_M} to ${MOST_ALTITUDE_M} m.` };
const boiling = {
  message: `Boiling water reads from ${LEAST_WATER_BOILS_C} to ${MOST_WATER_BOILS_C} °C; check the reading.`,
};
const NUMBER = { allowNaN: false, allowInfinity: false };

/** The kitchen's place and habits, as the set-up form sends them. */
export class KitchenDto {
  @IsName()
  name!: string;

  /** Metres above sea level. Null until somebody has said. */
  @IsOptional()
  @IsNumber(NUMBER, altitude)
  @Min(LEAST_ALTITUDE_M, altitude)
  @Max(MOST_ALTITUDE_M, altitude)
  altitudeM!: number | null;

  /** What this kitchen's thermometer shows in boiling water, °C. Null when not measured. */
  @IsOptional()
  @IsNumber(NUMBER, boiling)
  @Min(LEAST_WATER_BOILS_C, boiling)
  @Max(MOST_WATER_BOILS_C, boiling)
  waterBoilsC!: number | null;

  @IsIn(['metric', 'us'], { message: 'units must be metric or us.' })
  units!: UnitSystem;

  @IsIn(['C', 'F'], { message: 'temperature must be C or F.' })
  temperature!: TemperatureScale;

  @IsIn(['m', 'ft'], { message: 'altitudeUnit must be m or ft.' })
  altitudeUnit!: 'm' | 'ft';

  @IsIn(SCHOOLS, { message: `school must be one of: ${SCHOOLS.join(', ')}.` })
  school!: School;
}

/** The kitchen as the server answers with it. */
export type Kitchen = KitchenDto & {
  readonly id: string;
  /** Whether the set-up was ever saved; a new household is asked for its altitude first. */
  readonly setUp: boolean;
};
