import { ambientOf } from '../ambient/index.ts';
import { boilingPointC, ruleStopC } from '../boil/index.ts';
import type { BatchForecast } from '../forecast/index.ts';
import {
  massOf,
  MOST_LINES,
  readLine,
  readWeighedLine,
  solublesPctOf,
  sugarsG,
  syrupBrixOf,
  type Contents,
  type LineReading,
  type PuzzlingLine,
  type UnderstoodLine,
} from '../formula/index.ts';
import {
  LARGEST_JAR_ML,
  shelfVerdict,
  softSpreadMinutes,
  SOFT_SPREAD_HEADSPACE_MM,
  steriliseMinutes,
  type ShelfVerdict,
} from '../process/index.ts';
import { celsiusToFahrenheit } from '../quantity/index.ts';
import { packJars } from '../yield/index.ts';
import { cautionsFor } from './cautions.ts';
import type { Fault, Layers, Plan, PlanLine, PlanOutcome } from './plan.ts';
import type { PlanRequest } from './request.ts';
import { roundTo, roundSpread } from './round.ts';
import { explain } from './why.ts';
import { boilOf } from './boilOf.ts';
import { diagnose } from './diagnosis.ts';
import { remediesFor } from './remedies.ts';
import type { Boil, Worked } from './worked.ts';

/**
 * Plans a batch: lines to grams, grams to solids, solids to a stop point, jars, and a verdict for
 * the shelf. The same request always gives the same plan. Lines that are not understood stay in
 * the plan and make a warning; impossible amounts refuse it.
 * @returns the plan, or every fault with its field
 */
export function planBatch(request: PlanRequest): PlanOutcome {
  if (request.lines.length > MOST_LINES) {
    return refuse(
      'lines',
      `A formula may have at most ${MOST_LINES} lines; this one has ${request.lines.length}.`,
    );
  }
  const readings = request.lines.map((line) =>
    typeof line === 'string' ? readLine(line) : readWeighedLine(line),
  );
  const faults = readings.flatMap(faultOf);
  if (faults.length > 0) return { ok: false, faults };
  return { ok: true, plan: assemble(work(request, readings), readings) };
}

const refuse = (field: string, message: string): PlanOutcome => ({
  ok: false,
  faults: [{ field, message }],
});

function faultOf(reading: LineReading, index: number): Fault[] {
  if (reading.understood || reading.trouble.kind !== 'impossible') return [];
  return [{ field: `lines[${index}]`, message: reading.trouble.message }];
}

function work(request: PlanRequest, readings: readonly LineReading[]): Worked {
  const understood = readings.filter((line): line is UnderstoodLine => line.understood);
  const puzzling = readings.filter((line): line is PuzzlingLine => !line.understood);
  return {
    request,
    ambient: ambientOf(request),
    understood,
    puzzling,
    boil: boilOf(request, understood),
  };
}

function assemble(worked: Worked, readings: readonly LineReading[]): Plan {
  const { request, understood, puzzling, boil, ambient } = worked;
  const minutes = softSpreadMinutes(ambient.processingAltitudeM, request.school);
  const shelf = shelfVerdict({
    ingredients: understood.map((line) => line.ingredient),
    puzzlingLines: puzzling.length,
    butterPct: sharePct(understood, 'butter'),
    processMinutes: minutes,
    jarTooLarge: request.jars.some((jar) => jar.volumeMl > LARGEST_JAR_ML + 1),
    computedPH: boil?.forecast.pH?.finish ?? null,
  });
  const plan: Omit<Plan, 'cautions' | 'why'> = {
    lines: readings.map(planLine),
    method: 'long-boil',
    methodReason:
      request.method === null
        ? 'Chosen: fruit and sugar with no added pectin set by a long boil.'
        : 'As asked.',
    ...(boil === null ? {} : startToYield(request, understood, boil)),
    stop: stopOf(worked),
    shelf,
    process: processOf(worked, shelf, minutes),
  };
  return { ...plan, cautions: cautionsFor(worked, plan), why: explain(worked, plan) };
}

/** Grams of one ingredient in 100 g of what goes into the pot; 0 for an empty pot. */
function sharePct(lines: readonly UnderstoodLine[], id: string): number {
  const sum = (of: readonly UnderstoodLine[]) => of.reduce((g, line) => g + line.massG.typical, 0);
  return lines.length === 0
    ? 0
    : (100 * sum(lines.filter(({ ingredient }) => ingredient.id === id))) / sum(lines);
}

const planLine = (reading: LineReading): PlanLine =>
  reading.understood
    ? {
        text: reading.text,
        understood: true,
        ingredient: reading.ingredient.id,
        name: reading.ingredient.name,
        form: reading.form,
        massG: roundTo(reading.massG.typical, 1),
        ...(reading.assumed === undefined ? {} : { assumed: reading.assumed }),
      }
    : { text: reading.text, understood: false, trouble: reading.trouble.message };

const layersOf = (contents: Contents): Layers => ({
  waterG: roundTo(contents.water, 1),
  sugarsG: roundTo(sugarsG(contents), 1),
  otherSolublesG: roundTo(contents.otherSolubles, 1),
  insolublesG: roundTo(contents.insolubles, 1),
});

function startToYield(
  request: PlanRequest,
  lines: readonly UnderstoodLine[],
  boil: Boil,
): Partial<Plan> {
  const { start, forecast, cook } = boil;
  const diagnosis = diagnose(boil);
  const set =
    diagnosis === undefined
      ? {}
      : { set: { ...diagnosis, remedies: remediesFor(request, lines, diagnosis.short) } };
  return {
    start: {
      massG: roundTo(massOf(start), 1),
      solublesPct: roundTo(solublesPctOf(start), 2),
      layers: layersOf(start),
      ...(forecast.pH ? { pH: roundSpread(forecast.pH.start, 2) } : {}),
    },
    finish: finishOfPlan(lines, boil),
    ...(cook.outcome === 'reached' ? { minutes: roundSpread(forecast.minutes, 1) } : {}),
    ...set,
    yield: yieldOf(request, forecast),
  };
}

function finishOfPlan(
  lines: readonly UnderstoodLine[],
  { start, finish: { contents }, forecast, cook, pectinPct }: Boil,
): NonNullable<Plan['finish']> {
  const massG = massOf(contents);
  const fruitG = lines
    .filter((line) => line.ingredient.kind === 'fruit')
    .reduce((sum, line) => sum + line.massG.typical, 0);
  return {
    massG: roundSpread(forecast.massG, 1),
    solublesPct: roundTo(solublesPctOf(contents), 2),
    syrupBrix: roundTo(syrupBrixOf(contents), 2),
    steamG: roundTo(massOf(start) - massG, 1),
    ...(forecast.pH ? { pH: roundSpread(forecast.pH.finish, 2) } : {}),
    ...(pectinPct === null
      ? {}
      : { pectinPct: roundTo(pectinPct, 3), invertPct: roundTo(100 * cook.invertShare, 0) }),
    fruitPer100g: roundTo((100 * fruitG) / massG, 1),
    sugarsPer100g: roundTo((100 * sugarsG(contents)) / massG, 1),
    layers: layersOf(contents),
  };
}

function yieldOf(request: PlanRequest, forecast: BatchForecast): NonNullable<Plan['yield']> {
  const packed = packJars(forecast.volumeMl.p50, request.jars);
  const fullJarsIn = (volume: number): number =>
    packJars(volume, request.jars).jars.reduce((sum, jar) => sum + jar.count, 0);
  const fullJars = {
    p10: fullJarsIn(forecast.volumeMl.p10),
    p50: packed.jars.reduce((sum, jar) => sum + jar.count, 0),
    p90: fullJarsIn(forecast.volumeMl.p90),
  };
  return {
    volumeMl: roundSpread(forecast.volumeMl, 1),
    jars: packed.jars,
    partMl: roundTo(packed.partMl, 1),
    fullJars,
    jarsToHeat: fullJars.p90 + 1,
  };
}

function stopOf({ ambient, boil }: Worked): Plan['stop'] {
  const { waterBoilsC } = ambient;
  const ruleTempC = ruleStopC(ambient);
  const rule = {
    kind: 'temperature',
    waterBoilsC: roundTo(waterBoilsC, 2),
    waterBoilsF: roundTo(celsiusToFahrenheit(waterBoilsC), 1),
    ruleTempC: roundTo(ruleTempC, 2),
    ruleTempF: roundTo(celsiusToFahrenheit(ruleTempC), 1),
  } as const;
  if (boil === null) return rule;
  const tempC = boilingPointC(boil.finish.contents, ambient.pressurePa);
  return {
    ...rule,
    tempC: roundTo(tempC, 2),
    tempF: roundTo(celsiusToFahrenheit(tempC), 1),
    aboveWaterC: roundTo(tempC - waterBoilsC, 2),
  };
}

function processOf(
  { request, ambient }: Worked,
  { verdict }: ShelfVerdict,
  minutes: number | null,
): Plan['process'] {
  if (verdict !== 'pantry' || minutes === null) {
    return {
      method: 'none',
      minutes: 0,
      presterilise: false,
      headspaceMm: SOFT_SPREAD_HEADSPACE_MM,
      notes: ['Not for the pantry: fill clean hot jars, cool, and keep them in the fridge.'],
    };
  }
  const sterilised = request.school === 'sterilised';
  return {
    method: request.canner,
    minutes,
    presterilise: sterilised,
    headspaceMm: SOFT_SPREAD_HEADSPACE_MM,
    notes: [
      sterilised
        ? `Boil the empty jars ${steriliseMinutes(ambient.processingAltitudeM)} minutes first, and keep them hot.`
        : 'Clean, hot jars will do: ten minutes or more in the canner makes them safe.',
      'Count from the full rolling boil, jars covered by 1 to 2 in of water.',
      'For half-pints and pints only.',
    ],
  };
}
