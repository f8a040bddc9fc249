import type { Formula, Settings } from '@idle-kettle/core';
import type { Kitchen } from '@idle-kettle/contract';
import type { Plan, PlanRequest } from '@idle-kettle/core';
import type { Ask } from './useSlowQuestion.ts';

/** What every tool of the workbench is given. */
export type WorkbenchProps = {
  readonly name: string;
  readonly formula: Formula;
  readonly kitchen: Kitchen;
  readonly plan: Plan;
  readonly fruit: string;
  /** Takes amounts that were worked out; null where they could not be. */
  readonly onTake: (request: PlanRequest | null, did: string) => void;
  readonly onSet: (settings: Settings, did: string) => void;
  /** Asks a worker about what is written by then, and does something with the answer. */
  readonly onAsk: Ask;
  /** A recipe from a file. */
  readonly onBringIn: (text: string) => void;
};
