import {
  findIngredient,
  linesHeld,
  type Fault,
  type Ingredient,
  type Plan,
  type Storage,
} from '@idle-kettle/core';

/** What the label of a batch shows of its plan. */
export type PlanSummary = {
  /** Id of the fruit that it holds most of; null for none. */
  readonly fruit: string | null;
  /** The colour of that fruit’s jam, which the label wears; null for none. */
  readonly colour: string | null;
  readonly yield: Pick<NonNullable<Plan['yield']>, 'fullJars' | 'sizes'> | null;
  /** Where the cook stops, °C as this kitchen’s thermometer shows it. */
  readonly stopC: number;
  readonly shelf: Pick<Plan['shelf'], 'verdict' | 'months'>;
  readonly process: Pick<Plan['process'], 'method' | 'minutes'>;
};

/** How far a batch has come: from the written formula to where it is kept. */
export type BatchState = 'planned' | 'on the stove' | 'in jars' | 'done';

/** How many jars of a batch are where; none of them left out. */
export type JarPlaces = { readonly [place in Storage]: number };

/** A batch as a list of them tells it. */
export type BatchSummary = {
  readonly id: string;
  readonly name: string;
  readonly version: number;
  /** Null while it is worked out, for a moment after a save. */
  readonly plan: PlanSummary | null;
  /** Why it cannot be planned in its kitchen; null where it can, or while that is worked out. */
  readonly planFaults: readonly Fault[] | null;
  readonly state: BatchState;
  /** Since when it is so. */
  readonly since: string;
  /** The cook that is or was the last of it; null for none. */
  readonly sessionId: string | null;
  /** Where the jars of that cook are, as its log says; null while it does not. */
  readonly jarPlaces: JarPlaces | null;
  readonly createdAt: string;
  readonly updatedAt: string;
};

/** A batch that was deleted and can be restored. */
export type DeletedBatch = {
  readonly id: string;
  readonly name: string;
  readonly deletedAt: string;
};

/** What the label of a batch shows of its plan. */
export function summaryOf(plan: Plan): PlanSummary {
  const fruit = mainFruitOf(plan);
  return {
    fruit,
    colour: jamColourOf(fruit),
    yield: plan.yield ? { fullJars: plan.yield.fullJars, sizes: plan.yield.sizes } : null,
    stopC: plan.stop.tempC ?? plan.stop.ruleTempC,
    shelf: { verdict: plan.shelf.verdict, months: plan.shelf.months },
    process: { method: plan.process.method, minutes: plan.process.minutes },
  };
}

/** The colour of a fruit’s jam, by the fruit’s id; null for what is no fruit. */
export function jamColourOf(fruit: string | null): string | null {
  const row = fruit === null ? null : findIngredient(fruit);
  return row?.kind === 'fruit' ? row.jamColour : null;
}

/** The fruit that a batch holds most of, by its mass; null where it holds none. */
export function mainFruitOf(plan: Pick<Plan, 'before' | 'lines' | 'remake'>): string | null {
  let fruit: string | null = null;
  let most = 0;
  for (const line of linesHeld(plan)) {
    const row = line.ingredient === undefined ? null : findIngredient(line.ingredient);
    const of = row === null ? null : fruitOf(row);
    if (of !== null && (line.massG ?? 0) > most) {
      most = line.massG ?? 0;
      fruit = of.id;
    }
  }
  return fruit;
}

/** A fruit itself, or the fruit of its juice; null for what is none. */
function fruitOf(row: Ingredient): Ingredient | null {
  const fruit =
    row.kind === 'fruit' ? row : findIngredient(row.id.replace(/-juice(-bottled)?$/, ''));
  return fruit?.kind === 'fruit' ? fruit : null;
}

/** The last cook of a batch, as far as its state goes by it. */
export type LastCookSession = {
  readonly id: string;
  readonly startedAt: Date;
  readonly endedAt: Date | null;
  readonly jarPlaces: JarPlaces | null;
};

/**
 * How far a batch has come.
 * @param session its last cook; null where it was never cooked
 * @param doneAt when somebody said that it is done; a cook begun later counts more
 */
export function progressOf(
  updatedAt: Date,
  session: LastCookSession | null,
  doneAt: Date | null,
): Pick<BatchSummary, 'state' | 'since' | 'sessionId' | 'jarPlaces'> {
  const sessionId = session?.id ?? null;
  const jarPlaces = session?.jarPlaces ?? null;
  const at = (state: BatchState, since: Date) => ({
    state,
    since: since.toISOString(),
    sessionId,
    jarPlaces,
  });
  if (doneAt !== null && (session === null || session.startedAt <= doneAt))
    return at('done', doneAt);
  if (session === null) return at('planned', updatedAt);
  return session.endedAt === null
    ? at('on the stove', session.startedAt)
    : at('in jars', session.endedAt);
}
