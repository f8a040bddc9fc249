import type { PlanRequest } from '../evaluate/index.ts';
import type { TaughtHands } from './handMinutes.ts';

/** Batches of one day, and what there is to make them with. Times in ms. */
export type DayRequest = {
  readonly fromMs: number;
  /** Null for whenever it is over. */
  readonly finishByMs: number | null;
  readonly people: number;
  /** Whether many of them work in teams, one to a pot; left out for each by themselves. */
  readonly crew?: boolean;
  readonly burners: number;
  readonly slowCookers: number;
  /** Pots for the burners; null or left out for as many as are wanted. */
  readonly pots?: number | null;
  /** Bowls to soak, drip and infuse in; null or left out for as many as are wanted. */
  readonly bowls?: number | null;
  /** Half-pints that each canner takes. */
  readonly canners: readonly { readonly halfPints: number }[];
  /** When nobody is there: meals, and the night. */
  readonly breaks: readonly { readonly fromMs: number; readonly toMs: number }[];
  /** What the kitchen taught of its hands; left out for what is usual. */
  readonly handMinutes?: TaughtHands | null;
  readonly batches: readonly DayBatch[];
};

/** One batch of a day. */
export type DayBatch = {
  readonly name: string;
  readonly formula: PlanRequest;
  /** From when its fruit is there; null for the beginning. */
  readonly readyMs: number | null;
  /** Until when it must have begun; null for any time. */
  readonly keepsUntilMs: number | null;
  /** Who makes it, from 0; left out for whoever is free. */
  readonly person?: number | null;
};
