import { massOf, scaled, solublesPctOf, sugarsG } from '../formula/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import { findIngredient } from '../ingredients/index.ts';
import { isSugar, type Method } from '../method/index.ts';
import { evaluate, knownLines, type PlanRequest, type Pretreated } from '../evaluate/index.ts';
import { exactly, lineInGrams } from '../quantity/index.ts';
import { FILLING_TEMP_C, volumeMl } from '../yield/index.ts';

/** What may be moved to grant a wish. */
export type Mix = {
  /** Multiple of the fruit, and of all that goes with it. */
  readonly fruit: number;
  /** Multiple of the sugar. */
  readonly sugar: number;
  /** Soluble solids to stop at; null for the usual. */
  readonly targetPct: number | null;
  /**
   * One ingredient by its id, in all, g, in place of what the lines hold of it; null to leave them.
   */
  readonly dose: { readonly id: string; readonly massG: number } | null;
};

export const AS_WRITTEN: Omit<Mix, 'targetPct'> = { fruit: 1, sugar: 1, dose: null };

/** What a mix comes to, at its typical values. */
export type TrialMix = {
  readonly volumeMl: number;
  readonly sugarsPer100g: number;
  readonly fruitPer100g: number;
  readonly solublesPct: number;
  /** Null where nothing is sour. */
  readonly pH: number | null;
  readonly setRatio: number;
  readonly targetPct: number;
  /** Of the raw batch, hot. */
  readonly potMl: number;
};

/**
 * The recipe that is solved for: its lines as read, and its method held fast. What was done first
 * is in its lines, and not in its request.
 */
export type SolverRecipe = {
  readonly request: PlanRequest;
  readonly method: Method;
  readonly lines: readonly UnderstoodLine[];
  /** What was done first, and which of the lines it gave; null where nothing is. */
  readonly first: {
    readonly pretreated: Pretreated;
    readonly gave: ReadonlySet<UnderstoodLine>;
  } | null;
};

/** A mix as it would turn out; null where it cannot be cooked. */
export function tryMix({ request, method, lines }: SolverRecipe, mix: Mix): TrialMix | null {
  const found = mixed(lines, mix);
  const { boil } = evaluate(
    { ...knownLines(request), method, targetSolublesPct: mix.targetPct, draws: 0 },
    found,
  );
  if (boil === null) return null;
  const { contents } = boil.finish;
  return {
    volumeMl: boil.forecast.volumeMl.p50,
    sugarsPer100g: (100 * sugarsG(contents)) / massOf(contents),
    fruitPer100g: (100 * gramsOf(found, isFruit)) / massOf(contents),
    solublesPct: solublesPctOf(contents),
    pH: boil.pH,
    setRatio: boil.setRatio ?? 0,
    targetPct: boil.targetPct,
    potMl: volumeMl(boil.all, FILLING_TEMP_C),
  };
}

/** The lines of a mix. */
export function mixed(lines: readonly UnderstoodLine[], mix: Mix): UnderstoodLine[] {
  const { dose } = mix;
  const kept = lines
    .filter(({ ingredient }) => ingredient.id !== dose?.id)
    .map((line) => scaled(line, isSugar(line) ? mix.sugar : mix.fruit))
    .filter(({ massG }) => massG.typical > 0);
  return dose === null || dose.massG === 0 ? kept : [...kept, doseLine(dose)];
}

function doseLine({ id, massG }: NonNullable<Mix['dose']>): UnderstoodLine {
  const ingredient = findIngredient(id);
  if (!ingredient) throw new RangeError(`The ingredient table has no ${id}`);
  return {
    understood: true,
    text: lineInGrams(Number(massG.toFixed(1)), ingredient.name),
    ingredient,
    form: ingredient.usualForm,
    massG: exactly(massG),
  };
}

/** Grams of the lines that are meant. */
export const gramsOf = (
  lines: readonly UnderstoodLine[],
  which: (line: UnderstoodLine) => boolean,
): number => lines.filter(which).reduce((sum, { massG }) => sum + massG.typical, 0);

/** Whether a line is of fruit or its juice. */
export const isFruit = ({ ingredient }: UnderstoodLine): boolean =>
  ingredient.kind === 'fruit' || ingredient.kind === 'juice';
