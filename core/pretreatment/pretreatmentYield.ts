import {
  extracted,
  extractionOf,
  findIngredient,
  JELLY_RIPENESS,
  ripened,
  type Ingredient,
} from '../ingredients/index.ts';
import { exactly, range, timesRange, type Range, lineInGrams } from '../quantity/index.ts';
import { massOfLines, type UnderstoodLine } from '../parser/index.ts';
import { PRETREATMENT_FACTS, type Pretreatment, type PretreatmentKind } from './pretreatment.ts';
import { withEvidence } from './evidence.ts';
import { withoutWater } from './withoutWater.ts';

/**
 * What comes of a before: the lines that go into the formula's pot, and how much there is of them
 * together, g.
 */
export type PretreatmentYield = {
  readonly lines: readonly UnderstoodLine[];
  /**
   * What the shelf judges: juice as it is, an infusion with what was steeped in it, but peppers
   * before they were drained, and soaks and sauces before any water left them, since formulas for
   * the shelf are written so and it is the stricter.
   */
  readonly forShelf: readonly UnderstoodLine[];
  readonly massG: Range;
  /** Water that went in besides its lines, g. */
  readonly waterG: number;
  /** Whether the amount was measured, and is no forecast. */
  readonly measured: boolean;
};

/** How near a kitchen measures what it obtained. */
const MEASURED = { low: 0.98, high: 1.02 } as const;

/**
 * Water that leaves, as shares of what is in the pan: under a lid for a sauce or a soak; common
 * practice, judgement.
 */
const STEAM = { soak: range(0.02, 0.05, 0.09), sauce: range(0.03, 0.07, 0.13) } as const;
/**
 * An infusion that is poured off its flowers, over the water poured on; juice that runs from
 * chopped peppers, over the peppers.
 */
const POURED_OFF = range(0.82, 0.9, 0.96);
const DRAINED = range(0.1, 0.22, 0.35);

/** What comes of a before, from its lines as they were read. Nothing comes of no lines. */
export function pretreatmentYieldOf(
  before: Pretreatment,
  lines: readonly UnderstoodLine[],
): PretreatmentYield {
  const inG = massOfLines(lines);
  const waterG = before.waterG ?? usualWaterG(before.kind, lines);
  const measuredG = measuredMass(before);
  const measured = measuredG !== null;
  const given = (forecast: Range): Range =>
    measuredG === null
      ? forecast
      : range(measuredG * MEASURED.low, measuredG, measuredG * MEASURED.high);
  if (inG === 0) return { lines: [], forShelf: [], massG: exactly(0), waterG, measured };
  switch (before.kind) {
    case 'extract': {
      const massG = given(juiceMass(lines, waterG));
      const juices = juicesOf(before, lines, waterG, massG);
      return { lines: juices, forShelf: undiluted(lines, waterG, juices), massG, waterG, measured };
    }
    case 'infuse': {
      const liquids = [...lines.filter(isLiquid), ...waterLine('infusion', waterG)];
      const pouredG = massOfLines(liquids);
      const massG = given(timesRange(POURED_OFF, pouredG));
      const infusion = liquids.map((line) =>
        shareOf(asInfusion(line), line.massG.typical / pouredG, massG),
      );
      // What was steeped is judged as if it had stayed in.
      const steeped = lines.filter((line) => !isLiquid(line));
      return { lines: infusion, forShelf: [...infusion, ...steeped], massG, waterG, measured };
    }
    case 'soak':
    case 'sauce': {
      const all = [...lines, ...waterLine('water', waterG)];
      const potG = massOfLines(all);
      const { low, typical, high } = STEAM[before.kind];
      const massG = given(range(potG * (1 - high), potG * (1 - typical), potG * (1 - low)));
      return { lines: withoutWater(all, massG), forShelf: all, massG, waterG, measured };
    }
    case 'drain': {
      const { low, typical, high } = DRAINED;
      const massG = given(range(inG * (1 - high), inG * (1 - typical), inG * (1 - low)));
      return { lines: withoutWater(lines, massG), forShelf: lines, massG, waterG: 0, measured };
    }
  }
}

const isLiquid = ({ ingredient: { kind } }: UnderstoodLine): boolean =>
  kind === 'water' || kind === 'juice' || kind === 'acid';

function measuredMass({ kind, obtainedG, obtainedMl }: Pretreatment): number | null {
  if (obtainedG !== null) return obtainedG;
  return obtainedMl === null ? null : obtainedMl * PRETREATMENT_FACTS[kind].density;
}

/** Water that a cook adds where none is written, g. */
function usualWaterG(kind: PretreatmentKind, lines: readonly UnderstoodLine[]): number {
  if (kind !== 'extract' || lines.some(isLiquid)) return 0;
  return lines.reduce(
    (sum, { ingredient, massG }) => sum + extractionOf(ingredient.id).waterPerG * massG.typical,
    0,
  );
}

function waterLine(id: 'water' | 'infusion', massG: number): UnderstoodLine[] {
  const ingredient = findIngredient(id);
  return ingredient === null || massG <= 0
    ? []
    : [
        {
          understood: true,
          text: lineInGrams(Math.round(massG), ingredient.name),
          ingredient,
          form: ingredient.usualForm,
          massG: exactly(massG),
        },
      ];
}

/** Water in which something was steeped. */
function asInfusion(line: UnderstoodLine): UnderstoodLine {
  const infusion = line.ingredient.id === 'water' ? findIngredient('infusion') : null;
  return infusion === null ? line : { ...line, ingredient: infusion };
}

/** A line that is `share` of what was obtained. */
const shareOf = (line: UnderstoodLine, share: number, massG: Range): UnderstoodLine => ({
  ...named(line, line.ingredient, share * massG.typical),
  massG: timesRange(massG, share),
});

const named = (line: UnderstoodLine, ingredient: Ingredient, massG: number): UnderstoodLine => ({
  ...line,
  ingredient,
  text: lineInGrams(Math.round(massG), ingredient.name),
});

/**
 * Water that fruit may be simmered in and still give its juice, over what is usual, and g to a gram
 * of fruit at least; judgement.
 */
const STILL_JUICE = { times: 1.5, leastPerG: 0.6 } as const;

/** Juice as the shelf judges it: what was thinned beyond juice counts as water that was added. */
function undiluted(
  lines: readonly UnderstoodLine[],
  waterG: number,
  juices: readonly UnderstoodLine[],
): readonly UnderstoodLine[] {
  const fruits = lines.filter(({ ingredient }) => ingredient.kind === 'fruit');
  const inG = waterG + massOfLines(lines.filter(({ ingredient }) => ingredient.kind === 'water'));
  const mayG = fruits.reduce(
    (sum, { ingredient, massG }) =>
      sum +
      massG.typical *
        Math.max(STILL_JUICE.leastPerG, STILL_JUICE.times * extractionOf(ingredient.id).waterPerG),
    0,
  );
  if (inG <= mayG) return juices;
  const share = (massOfLines(fruits) + mayG) / (massOfLines(fruits) + inG);
  return [
    ...juices.map((line) => ({ ...line, massG: timesRange(line.massG, share) })),
    ...waterLine('water', (1 - share) * massOfLines(juices)),
  ];
}

/** Juice that runs through the cloth, of everything in the pan, g. */
function juiceMass(lines: readonly UnderstoodLine[], waterG: number): Range {
  const inG = massOfLines(lines);
  const per = (end: keyof Range): number =>
    lines.reduce((sum, { ingredient, massG }) => {
      const { drips, steam } = extractionOf(ingredient.id);
      const { low, typical, high } = steam;
      const steamed = { low: high, typical, high: low }[end];
      return sum + (massG.typical / inG) * (1 - steamed) * drips[end];
    }, 0);
  return timesRange(range(per('low'), per('typical'), per('high')), inG + waterG);
}

/**
 * The juice of each fruit in the pan, as it dripped through one cloth; liquids that went in are
 * part of the water.
 */
function juicesOf(
  before: Pretreatment,
  lines: readonly UnderstoodLine[],
  waterG: number,
  massG: Range,
): UnderstoodLine[] {
  const fruits = lines.filter(({ ingredient }) => ingredient.kind === 'fruit');
  const others = lines.filter(({ ingredient }) => ingredient.kind !== 'fruit');
  const water = others.filter(({ ingredient }) => ingredient.kind === 'water');
  const sour = others.filter(({ ingredient }) => ingredient.kind !== 'water');
  const fruitG = massOfLines(fruits);
  const potG = fruitG + massOfLines(others) + waterG;
  const waterPerG = fruitG === 0 ? 0 : (waterG + massOfLines(water)) / fruitG;
  const juiceShare = 1 - massOfLines(sour) / potG;
  return [
    ...fruits.map((line) => {
      const { ingredient, ripeness } = line;
      if (ingredient.kind !== 'fruit') return line;
      const fruit = ripeness === undefined ? ripened(ingredient, JELLY_RIPENESS) : ingredient;
      const share = (juiceShare * line.massG.typical) / fruitG;
      const juice = withEvidence(extracted(fruit, waterPerG), before);
      return {
        ...named(line, juice, share * massG.typical),
        form: juice.usualForm,
        massG: timesRange(massG, share),
      };
    }),
    ...sour.map((line) => shareOf(line, line.massG.typical / potG, massG)),
  ];
}
