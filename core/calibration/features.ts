import { contentsOf, massOf, solublesPctOf } from '../formula/index.ts';
import {
  acidLoadOf,
  boiledTo,
  carriedShare,
  freedBy,
  freedShare,
  type FruitCook,
  type NeedCurves,
  needCurves,
  NO_ACID,
  pHOf,
  plusLoad,
  pulpRatio,
  type SourReading,
  STANDARD_GEL_PECTIN,
  typicalSetters,
} from '../gel/index.ts';
import {
  acidOffset,
  calibrated,
  deviation,
  extractionOf,
  findIngredient,
  logDeviation,
  CALIBRATION_OFFSETS,
  type CalibrationOffsets,
  pectinOffset,
  pectinStrength,
  type PriorId,
  TABLED_PECTIN_PCT,
} from '../ingredients/index.ts';
import { fruitCookOf, METHODS } from '../method/index.ts';
import { type PlanRequest, readLines, USUAL_REQUEST, evaluate } from '../evaluate/index.ts';
import type { UnderstoodLine } from '../parser/index.ts';
import type { TestedFormula } from './testedFormulas.ts';

/** One line of a formula, as far as the set goes by it. */
type Part = {
  /** Pectin that gels with sugar, g, with the figures as they are in the code. */
  readonly pectinG: number;
  /** What moves that pectin besides its fruit's own figure; null for nothing. */
  readonly freedBy: PriorId | null;
  /** Whether it comes from a box or a pouch. */
  readonly isAdded: boolean;
  /**
   * The fruit whose figures are moved, and by how much one standard deviation moves them; null for
   * what is no fruit.
   */
  readonly fruit: {
    readonly id: string;
    /** Tabled pectin of the fresh fruit, before any move, g per 100 g. */
    readonly tabledPct: number;
    readonly pectinLogSd: number;
    readonly pHSd: number;
    readonly taLogSd: number;
  } | null;
  readonly sour: SourReading | null;
  readonly massG: number;
  readonly waterG: number;
};

/** A finished formula, as far as its set goes by figures that the fit may move. */
export type Features = {
  readonly name: string;
  readonly parts: readonly Part[];
  readonly massG: number;
  readonly waterG: number;
  readonly solublesPct: number;
  /** Body that pulp gives it, over the body at which it stands. */
  readonly pulpRatio: number;
  /** Logarithm of the pectin that boiling left, with the wear as it is in the code. */
  readonly logLeft: number;
};

/** The request of a tested formula, at sea level on a medium burner. */
export const requestOf = ({ request }: TestedFormula): PlanRequest => ({
  ...USUAL_REQUEST,
  altitudeM: 0,
  ...request,
});

/**
 * @throws Error for a formula with a line that is not understood, or whose set is not of sugar,
 * acid and pectin
 */
export function featuresOf(formula: TestedFormula): Features {
  const request = { ...requestOf(formula), draws: 0 };
  const readings = readLines(request);
  const puzzling = readings.find(({ understood }) => !understood);
  if (puzzling !== undefined) throw new Error(`${formula.name}: “${puzzling.text}” is not read`);
  const { boil, choice, understood } = evaluate(request, readings);
  if (boil === null || METHODS[choice.method].setModel !== 'high-methoxyl')
    throw new Error(`${formula.name} has no set of sugar, acid and pectin`);
  const { contents } = boil.finish;
  const fruitCook = fruitCookOf(request.product, choice.method, understood);
  return {
    name: formula.name,
    parts: understood.map((line) => partOf(line, fruitCook)),
    massG: massOf(contents),
    waterG: contents.water,
    solublesPct: solublesPctOf(contents),
    pulpRatio: pulpRatio(
      typicalSetters(understood, fruitCook).pulpG,
      massOf(contents),
      solublesPctOf(contents),
    ),
    logLeft: Math.log(boil.cook.pectinLeft),
  };
}

function partOf({ ingredient, massG }: UnderstoodLine, fruitCook: FruitCook): Part {
  const { sour, pectinPct, gelling } = ingredient;
  const row = ingredient.kind === 'fruit' ? findIngredient(ingredient.id) : null;
  const isJuice = ingredient.kind === 'fruit' && ingredient.state === 'juice';
  const intoJuice: PriorId | null = !isJuice
    ? null
    : extractionOf(ingredient.id).hard
      ? 'pectin into the juice of hard fruit'
      : 'pectin into the juice of soft fruit';
  return {
    pectinG:
      gelling === 'high-methoxyl'
        ? (massG.typical * pectinPct.typical * freedShare(ingredient, fruitCook)) / 100
        : 0,
    freedBy: intoJuice ?? freedBy(ingredient, fruitCook),
    isAdded: ingredient.kind === 'pectin',
    fruit:
      row?.kind === 'fruit' && row.sour !== undefined
        ? {
            id: row.id,
            tabledPct: TABLED_PECTIN_PCT.get(row.id) ?? row.pectinPct.typical,
            pectinLogSd: logDeviation(row.pectinPct),
            pHSd: deviation(row.sour.pH),
            taLogSd: logDeviation(row.sour.taPct),
          }
        : null,
    sour: sour ? { pH: sour.pH.typical, taPct: sour.taPct.typical, acids: sour.acids } : null,
    massG: massG.typical,
    waterG: contentsOf(ingredient, massG.typical).water,
  };
}

/**
 * How a formula comes out with other moves than those in the code: pectin held over needed.
 * @param curves of those moves, where they are drawn already
 */
export function ratioWith(
  { parts, massG, waterG, solublesPct, pulpRatio: pulp, logLeft }: Features,
  moves: CalibrationOffsets,
  curves: NeedCurves = needCurves(moves),
): number {
  const by = (id: string): number => (moves[id] ?? 0) - (CALIBRATION_OFFSETS[id] ?? 0);
  let [pectinG, addedG] = [0, 0];
  let acid = NO_ACID;
  for (const {
    pectinG: heldG,
    freedBy: freed,
    isAdded,
    fruit,
    sour,
    massG: partG,
    waterG: partWaterG,
  } of parts) {
    const freedTimes = freed === null ? 1 : calibrated(freed, moves) / calibrated(freed);
    const own =
      fruit === null
        ? 1
        : (Math.exp(by(pectinOffset(fruit.id)) * fruit.pectinLogSd) *
            pectinStrength(fruit.tabledPct, moves)) /
          pectinStrength(fruit.tabledPct);
    pectinG += heldG * freedTimes * own;
    if (isAdded) addedG += heldG;
    if (sour === null) continue;
    const sourer = fruit === null ? 0 : by(acidOffset(fruit.id));
    acid = plusLoad(
      acid,
      acidLoadOf(
        {
          pH: sour.pH - sourer * (fruit?.pHSd ?? 0),
          taPct: sour.taPct * Math.exp(sourer * (fruit?.taLogSd ?? 0)),
          acids: sour.acids,
        },
        partG,
        partWaterG,
      ),
    );
  }
  const wear: PriorId = 'wear of pectin, a minute at 104 °C and pH 3.1';
  const left = Math.exp((logLeft * calibrated(wear, moves)) / calibrated(wear));
  const neededPct =
    STANDARD_GEL_PECTIN.value *
    curves.bySolubles(solublesPct) *
    curves.byPH(pHOf(boiledTo(acid, waterG)));
  const carried = carriedShare((solublesPct * massG) / 100, addedG * left, moves);
  return pulp + (100 * (pectinG - addedG * (1 - carried)) * left) / massG / neededPct;
}
