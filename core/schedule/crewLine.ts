import { heatOf, type PlanRequest } from '../evaluate/index.ts';
import type { Plan } from '../plan/index.ts';
import { crewOf, CREW_FROM, fillingLine, teamOf, type LineRole } from './crew.ts';
import type { DayAct } from './day.ts';
import type { DayRequest } from './dayRequest.ts';

/** A turn at the paddle. */
export type Shift = { readonly person: number; readonly startMs: number; readonly endMs: number };

/** Fuel under one pot, for the long end of its minutes. */
export type Fuel = {
  /** Heat that has to reach the batch, kWh. */
  readonly heatKwh: number;
  /** Bottled gas under a ring, kg. */
  readonly gasKg: number;
  /** Dry wood under an open kettle, kg. */
  readonly woodKg: number;
};

/** What a crew does at one pot. */
export type CrewPot = {
  /** Which batch, from 0. */
  readonly of: number;
  /** Who belongs to it, by their places. */
  readonly people: readonly number[];
  readonly shifts: readonly Shift[];
  /** Who does what as jars are filled. */
  readonly line: readonly { readonly person: number; readonly roles: readonly LineRole[] }[];
  readonly secondsPerJar: number;
  /** Jars and lids to have there, so that nobody runs out. */
  readonly jars: number;
  /** Null where it is not on a burner. */
  readonly fuel: Fuel | null;
};

/** What a crew does, pot by pot. */
export type CrewLine = { readonly pots: readonly CrewPot[] };

const MIN_MS = 60_000;
/** A turn at the paddle of a heavy kettle; common practice. */
const SHIFT_MIN = 20;
/** Acts that somebody stirs through in a heavy kettle, even where it is stirred now and then in a small one. */
const STIRRED: ReadonlySet<string> = new Set(['dissolve', 'boil-down', 'reduce', 'whisk', 'slow']);
/** What a kilogram of fuel holds, kWh: propane 46.4 MJ, wood dried in the air 15 MJ; handbook values, from memory. */
const GAS_KWH_PER_KG = 12.9;
const WOOD_KWH_PER_KG = 4.2;
/** How much of it reaches the batch: a ring in the open, an open fire. Judgement. */
const GAS_REACHES = 0.4;
const WOOD_REACHES = 0.1;

/**
 * Who stirs when, who does what in the line, jars to have there and fuel, pot by pot; null for fewer
 * people than a crew.
 * @param acts of the day, as they are planned
 */
export function crewLine(
  request: DayRequest,
  plans: readonly Plan[],
  acts: readonly DayAct[],
): CrewLine | null {
  if (request.crew !== true || request.people < CREW_FROM) return null;
  const crew = crewOf(request);
  const pots = request.batches.map((batch, of): CrewPot => {
    const own = acts.filter((act) => act.of === of);
    const team = own.find(({ person }) => person !== null)?.person ?? of % crew.teams;
    const people = teamOf(team, crew, request.people);
    const { roles, secondsPerJar } = fillingLine(people.length);
    const plan = plans[of];
    return {
      of,
      people,
      shifts: shiftsOf(own, people),
      line: roles.map((role, nth) => ({ person: people[nth] ?? 0, roles: role })),
      secondsPerJar,
      jars: plan?.yield?.jarsToHeat ?? 0,
      fuel: plan === undefined ? null : fuelOf(batch.formula, plan),
    };
  });
  return { pots };
}

/** Turns at the paddle, one after another, so that nobody has two at once. */
function shiftsOf(acts: readonly DayAct[], people: readonly number[]): readonly Shift[] {
  const stirred = acts.filter(
    ({ act, holds }) => STIRRED.has(act) && holds.some((thing) => thing.startsWith('burner')),
  );
  const startMs = Math.min(...stirred.map((act) => act.startMs));
  const endMs = Math.max(...stirred.map((act) => act.endMs));
  if (stirred.length === 0 || people.length === 0) return [];
  const count = Math.max(1, Math.ceil((endMs - startMs) / (SHIFT_MIN * MIN_MS)));
  const each = (endMs - startMs) / count;
  return Array.from({ length: count }, (_, nth) => ({
    person: people[nth % people.length] as number,
    startMs: Math.round(startMs + nth * each),
    endMs: Math.round(startMs + (nth + 1) * each),
  }));
}

function fuelOf(formula: PlanRequest, { minutes }: Plan): Fuel | null {
  const { vessel, powerW } = heatOf(formula);
  if (vessel !== 'burner' || minutes === undefined) return null;
  const heatKwh = (powerW * minutes.p90) / 60 / 1000;
  return {
    heatKwh,
    gasKg: heatKwh / GAS_REACHES / GAS_KWH_PER_KG,
    woodKg: heatKwh / WOOD_REACHES / WOOD_KWH_PER_KG,
  };
}
