import { message } from '@idle-kettle/words/message';
import { type LineReading, MOST_LINES } from '../parser/index.ts';
import { definitionsOf, labelStatement, spoonNutrition } from '../label/index.ts';
import { minutesOfActs, toTheStop } from '../chain/index.ts';
import { methodFault, METHODS } from '../method/index.ts';
import {
  type Boil,
  type PlanRequest,
  readLines,
  type Evaluation,
  evaluate,
} from '../evaluate/index.ts';
import { pretreatmentOfPlan } from './pretreatmentOfPlan.ts';
import { cautionsFor, diagnose } from '../advice/index.ts';
import { finishOfPlan, startOfPlan } from './contentsOfPlan.ts';
import { gaugesOf } from './gauges.ts';
import { processOf, yieldOf } from './jarsOfPlan.ts';
import { planLine } from './lineOfPlan.ts';
import type { Fault, Plan, PlanOutcome } from './plan.ts';
import { narrowingsOf } from './narrowing.ts';
import { learnedOfPlan } from './learnedOfPlan.ts';
import { potOf } from './potOfPlan.ts';
import { roundQuantiles, roundTo } from '../quantity/index.ts';
import { actsOfPlan } from './actsOfPlan.ts';
import { cannerHeatOf } from './cannerHeat.ts';
import { setOf } from './setOfPlan.ts';
import { remakeOfPlan } from './remakeOfPlan.ts';
import { stopOf } from './stopOfPlan.ts';
import { shelfInPlan, shelfOf, timeOf } from './storageOfPlan.ts';
import { explain } from './why.ts';

/** A plan, and what it was worked out from. */
export type EvaluatedPlan = { readonly plan: Plan; readonly worked: Evaluation };

/**
 * Plans a batch: lines to grams, grams to solids, acid and pectin, a cook to a stop, jars, and a
 * verdict for the shelf. The same request always gives the same plan. Lines that are not understood
 * stay in the plan and make a warning; impossible amounts, and methods that a product is not made
 * by, refuse it.
 * @returns the plan, or every fault with its field
 * @example planBatch({ ...USUAL_REQUEST, lines: ['2 kg damsons', '1.4 kg sugar'] })
 */
export function planBatch(request: PlanRequest): PlanOutcome {
  const outcome = evaluatedPlan(request);
  return outcome.ok ? { ok: true, plan: outcome.plan } : outcome;
}

/** A plan as {@link planBatch} makes it, with what it was worked out from. */
export function evaluatedPlan(
  request: PlanRequest,
): ({ readonly ok: true } & EvaluatedPlan) | Extract<PlanOutcome, { ok: false }> {
  if (request.lines.length > MOST_LINES) {
    return refuse([
      {
        field: 'lines',
        message: message('plan.aFormulaMayHaveAt', {
          MOSTLINES: MOST_LINES,
          count: request.lines.length,
        }),
      },
    ]);
  }
  const readings = readLines(request);
  const worked = evaluate(request, readings);
  const faults = [
    ...methodFaults(request),
    ...readings.flatMap(lineFaults('lines')),
    ...(worked.pretreated?.readings.flatMap(lineFaults('before.lines')) ?? []),
  ];
  return faults.length > 0
    ? refuse(faults)
    : { ok: true, worked, plan: assemble(worked, readings) };
}

const refuse = (faults: readonly Fault[]): Extract<PlanOutcome, { ok: false }> => ({
  ok: false,
  faults,
});

function methodFaults({ product, method }: PlanRequest): Fault[] {
  const message = method === null ? null : methodFault(product, method);
  return message === null ? [] : [{ field: 'method', message }];
}

const lineFaults =
  (field: string) =>
  (reading: LineReading, index: number): Fault[] =>
    reading.understood || reading.trouble.kind !== 'impossible'
      ? []
      : [{ field: `${field}[${index}]`, message: reading.trouble.message }];

function assemble(worked: Evaluation, readings: readonly LineReading[]): Plan {
  const { request, boil, choice } = worked;
  const time = timeOf(worked);
  const shelf = shelfOf(worked, time);
  const stop = stopOf(worked);
  const process = processOf(worked, shelf, time);
  const parts = boil === null ? {} : partsOf(worked, readings, boil);
  const heats = cannerHeatOf(worked, process.method, parts.yield?.jars);
  const plan: Omit<Plan, 'cautions' | 'why'> = {
    lines: readings.map(planLine),
    ...(worked.pretreated === null ? {} : { before: pretreatmentOfPlan(worked.pretreated) }),
    ...(worked.emptied === null || request.remake === null
      ? {}
      : { remake: remakeOfPlan(request.remake, worked.emptied) }),
    product: request.product,
    method: choice.method,
    methodReason: choice.reason,
    ...parts,
    stop,
    acts: actsOfPlan(worked, process, heats),
    ...(heats === null ? {} : { canner: heats }),
    keeping: shelf.keeping,
    contributors: boil?.forecast.contributors.jars ?? [],
    contributorsTo: {
      minutes: boil?.forecast.contributors.minutes ?? [],
      set: boil?.forecast.contributors.set ?? [],
    },
    narrowing: boil === null ? [] : narrowingsOf(worked, boil),
    ...learnedPart(worked),
    cloud: boil?.forecast.cloud ?? [],
    shelf: shelfInPlan(worked, shelf, readings),
    process,
  };
  return {
    ...plan,
    cautions: cautionsFor(worked, { ...plan, verdict: shelf.verdict }),
    why: explain(worked, plan),
  };
}

/** What of it was learned, where anything was. */
function learnedPart(worked: Evaluation): Pick<Plan, 'learned'> {
  const learned = worked.boil === null ? [] : learnedOfPlan(worked);
  return learned.length === 0 ? {} : { learned };
}

/** The parts of a plan that need a recipe. */
function partsOf(worked: Evaluation, readings: readonly LineReading[], boil: Boil): Partial<Plan> {
  const { request, choice, understood } = worked;
  const { forecast, cook } = boil;
  const finish = finishOfPlan(worked, boil);
  const diagnosis = diagnose(boil, METHODS[choice.method].setModel, finish.fruitPer100g);
  const set = diagnosis && setOf(worked, boil, readings, diagnosis);
  return {
    start: startOfPlan(boil),
    finish,
    ...(cook.outcome === 'reached' ? { minutes: roundQuantiles(forecast.minutes, 1) } : {}),
    ...(worked.heat.slow && METHODS[choice.method].stopKind === 'body' && cook.outcome === 'reached'
      ? { lid: lidOf(boil) }
      : {}),
    ...(set === undefined ? {} : { set }),
    gauges: gaugesOf(worked, boil, set),
    yield: yieldOf(worked, forecast),
    pot: potOf(worked, boil, choice.method),
    label: {
      statement: labelStatement(finish.fruitPer100g, finish.sugarsPer100g),
      definitions: definitionsOf({
        product: request.product,
        lines: understood,
        fruitPer100g: finish.fruitPer100g,
        solublesPct: finish.solublesPct,
      }),
      spoon: roundedSpoon(boil),
    },
  };
}

/** Minutes of a slow cook before its lid comes off, and after. */
function lidOf({ chain, cook }: Boil): NonNullable<Plan['lid']> {
  const minutes = minutesOfActs(toTheStop(chain.acts), cook.stages);
  const onMin = minutes.reduce(
    (sum, own, index) => (chain.acts[index]?.id === 'slow' ? sum + own : sum),
    0,
  );
  return {
    onMin: roundTo(onMin, 0),
    offMin: roundTo(cook.heatUpMin + cook.boilMin - onMin, 0),
  };
}

function roundedSpoon({ finish }: Boil): NonNullable<Plan['label']>['spoon'] {
  const spoon = spoonNutrition(finish.contents);
  return {
    spoonG: roundTo(spoon.spoonG, 1),
    sugarsG: roundTo(spoon.sugarsG, 1),
    energyKj: roundTo(spoon.energyKj, 0),
    energyKcal: roundTo(spoon.energyKcal, 0),
  };
}
