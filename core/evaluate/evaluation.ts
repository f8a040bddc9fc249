import type { StoveChain } from '../chain/index.ts';
import type { Ambient } from '../ambient/index.ts';
import {
  ruleStopC,
  solublesPctBoilingAt,
  type Cook,
  type CookSetting,
  type HeatSource,
} from '../boil/index.ts';
import type { BatchForecast } from '../forecast/index.ts';
import type { Contents } from '../formula/index.ts';
import type { UnrecognizedLine, UnderstoodLine } from '../parser/index.ts';
import type { Setters } from '../gel/index.ts';
import type { Method, MethodChoice } from '../method/index.ts';
import type { Finish } from '../yield/index.ts';
import type { Pretreated } from './pretreated.ts';
import type { PlanRequest } from './request.ts';

/**
 * Everything that goes into the pot, what it reaches, and the cook that leads there, at typical
 * values.
 */
export type Boil = {
  readonly all: Contents;
  /** The acts at the stove that the cook follows. */
  readonly chain: StoveChain;
  /** The pot, the flame and the kitchen that it is cooked with. */
  readonly setting: Omit<CookSetting, 'stages'>;
  /** The pot at its stop, before what goes in at the end. */
  readonly atStop: Contents;
  readonly finish: Finish;
  readonly cook: Cook;
  readonly targetPct: number;
  /** Of the finished batch; null where nothing in it is sour. */
  readonly pH: number | null;
  /**
   * What can make it set, after boiling wore some of it away; null when the cook cannot be
   * followed.
   */
  readonly setters: Setters | null;
  /** What makes it set, held over needed; null where it cannot be told. */
  readonly setRatio: number | null;
  readonly forecast: BatchForecast;
};

/** Jars that are emptied into a pot again: what is in them now, and what went into them once. */
export type EmptiedPot = {
  /** As they are: what their cook boiled off is gone, and what it wore is worn. */
  readonly lines: readonly UnderstoodLine[];
  /** As they were weighed out, for the shelf to judge by. */
  readonly forShelf: readonly UnderstoodLine[];
  readonly unrecognized: readonly UnrecognizedLine[];
  readonly massG: number;
  readonly solublesPct: number;
  /** Where their cook should have stopped, g per 100 g. */
  readonly targetPct: number;
  /** Their cook to where it should have stopped. */
  readonly cook: Boil;
  readonly method: Method;
};

/** What the parts of a plan are worked out from. */
export type Evaluation = {
  readonly request: PlanRequest;
  readonly ambient: Ambient;
  readonly choice: MethodChoice;
  readonly heat: HeatSource;
  /** What is done first; null for nothing. */
  readonly pretreated: Pretreated | null;
  /** Jars that are emptied into the pot; null for none. */
  readonly emptied: EmptiedPot | null;
  /** What goes into the pot: what was obtained before, and the lines that are understood. */
  readonly understood: readonly UnderstoodLine[];
  /** The same, as the shelf judges it. */
  readonly forShelf: readonly UnderstoodLine[];
  readonly unrecognized: readonly UnrecognizedLine[];
  /** Absent until the lines hold solubles, and water enough to dissolve them. */
  readonly boil: Boil | null;
};

/** Soluble solids of the pot at the rule's temperature, g per 100 g; null without a recipe. */
export function solublesPctAtRule({ ambient, boil }: Evaluation): number | null {
  if (boil === null) return null;
  return solublesPctBoilingAt(boil.atStop, ruleStopC(ambient), ambient.pressurePa);
}
