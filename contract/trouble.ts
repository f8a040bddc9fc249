import 'reflect-metadata';
import {
  FIGURE_FACTS,
  SYMPTOMS,
  YES_NO_FACTS,
  type Facts,
  type FigureFact,
  type RemakeRequest,
  type Symptom,
  type TroubleRequest,
} from '@idle-kettle/core/troubleshooting';
import type { Formula } from '@idle-kettle/core';
import { message } from '@idle-kettle/words';
import { IsIn, IsOptional, registerDecorator, type ValidationArguments } from 'class-validator';
import { IsPart } from './nested.ts';
import { IsBetween } from './numbers.ts';
import { IsOneOf } from './oneOf.ts';
import { PlanRequestDto, readJson, toPlanRequest, type ReadJson } from './planRequest.ts';
import { packed, refusal } from './refusal.ts';

const FIGURES = new Set<string>(Object.keys(FIGURE_FACTS));
const YES_NO = new Set<string>(YES_NO_FACTS);

/** What is wrong with facts; null for nothing. What is null counts as not known. */
function factsFault(facts: unknown) {
  if (typeof facts !== 'object' || facts === null || Array.isArray(facts))
    return message('requests.object', { property: 'facts' });
  for (const [name, value] of Object.entries(facts as { readonly [fact: string]: unknown })) {
    if (!FIGURES.has(name) && !YES_NO.has(name))
      return message('requests.unknownFact', {
        name: name.slice(0, 40),
        known: [...FIGURES, ...YES_NO].join(', '),
      });
    if (value === null) continue;
    if (YES_NO.has(name)) {
      if (typeof value !== 'boolean') return message('requests.factYesNo', { name });
      continue;
    }
    const [low, high] = FIGURE_FACTS[name as FigureFact];
    if (typeof value !== 'number' || !(value >= low && value <= high))
      return message('requests.factBetween', { name, low, high });
  }
  return null;
}

const AreFacts = (): PropertyDecorator => (target, property) =>
  registerDecorator({
    name: 'areFacts',
    target: target.constructor,
    propertyName: String(property),
    validator: {
      validate: (value: unknown) => factsFault(value) === null,
      defaultMessage: (of?: ValidationArguments) =>
        packed(factsFault(of?.value) ?? message('requests.object', { property: 'facts' })),
    },
  });

const toFacts = (facts: object | null | undefined): Facts =>
  Object.fromEntries(Object.entries(facts ?? {}).filter(([, value]) => value !== null)) as Facts;

/** A cook that something may be wrong with: its formula, and the facts that its record gives. */
export type TroubledCook = {
  readonly id: string;
  readonly name: string;
  readonly formula: Formula;
  readonly facts: Facts;
  /** What is in its jars, mL; null where nobody knows. */
  readonly volumeMl: number | null;
};

/** What `./kettle trouble` takes: what is wrong, the formula where it is known, and any facts. */
export class TroubleRequestDto {
  @IsOneOf(SYMPTOMS)
  symptom!: Symptom;

  @IsOptional()
  @IsPart(() => PlanRequestDto, refusal('requests.object'))
  formula?: PlanRequestDto | null;

  @IsOptional()
  @AreFacts()
  facts?: object | null;
}

class EmptiedJarsDto {
  @IsBetween(20, 200_000, 'mL')
  volumeMl!: number;
}

/** What `./kettle remake` takes: the formula, the jars that are emptied, and what is wrong. */
export class RemakeRequestDto {
  @IsPart(() => PlanRequestDto, refusal('requests.object'))
  formula!: PlanRequestDto;

  @IsPart(() => EmptiedJarsDto, refusal('requests.object'))
  jars!: EmptiedJarsDto;

  @IsIn(['loose', 'stiff'], { message: refusal('requests.looseOrStiff') })
  problem!: 'loose' | 'stiff';

  @IsOptional()
  @AreFacts()
  facts?: object | null;
}

/** Reads parsed JSON as a question about a batch that went wrong, or every fault of it. */
export const readTroubleRequest = (json: unknown): ReadJson<TroubleRequest> =>
  readJson(TroubleRequestDto, json, ({ symptom, formula, facts }) => ({
    symptom,
    formula: formula == null ? null : toPlanRequest(formula),
    facts: toFacts(facts),
  }));

/** Reads parsed JSON as jars to be made again, or every fault of it. */
export const readRemakeRequest = (json: unknown): ReadJson<RemakeRequest> =>
  readJson(RemakeRequestDto, json, ({ formula, jars, problem, facts }) => ({
    formula: toPlanRequest(formula),
    volumeMl: jars.volumeMl,
    problem,
    facts: toFacts(facts),
  }));
