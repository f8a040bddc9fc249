import type { Method, Plan, PlanAct, Product } from '@idle-kettle/core';

/**
 * What the words of an act need to know besides the act: the batch, and the stop as it is to be
 * read.
 */
export type Telling = {
  readonly product: Product;
  readonly method: Method;
  /** `219.9 °F (104.4 °C)`. */
  readonly stop: string;
  readonly process: Plan['process'];
  /** How long the canner heats; left out where nothing is known of it. */
  readonly canner?: Plan['canner'];
  /** Whether it cooks for hours in a pot with a heat of its own: nothing is lit. */
  readonly forHours: boolean;
};

/** An act of a plan or of the stove's sheet, as far as its words go by it. */
export type ToldAct = Pick<
  PlanAct,
  'id' | 'phase' | 'uses' | 'ends' | 'again' | 'softens' | 'waterG' | 'gives'
> & {
  readonly adds: Pick<NonNullable<PlanAct['adds']>, 'id' | 'massG'> | null;
  readonly minutes: number | null;
};
