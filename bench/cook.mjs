import {
  boilingPointC,
  evaporationHeat,
  integrate,
  inversionRate,
  massOf,
  NOTHING,
  pectinLossRate,
  simulateCook,
  specificHeat,
} from '@idle-kettle/core';
import { all, create } from 'mathjs';
import { ms, timed, times } from './measure.mjs';

/**
 * The part of mathjs that is used; its types leave it out.
 * @typedef {{ solveODE: (slope: (t: number, y: number[]) => number[], span: number[], start:
 * readonly number[], options: object) => { y: number[][] } }} OdeSolver
 */
const math = /** @type {OdeSolver} */ (/** @type {unknown} */ (create(all ?? {})));
const HOURS_S = 3 * 3600;
const PRESSURE_PA = 101_325;
const POWER_W = 1100;
const HYDROGEN = 10 ** -3.2;
const MOST_MS = 5;
const LEAST_RATIO = 20;

/** A large batch of fruit sauce, which boils down for three hours. */
const SAUCE = {
  ...NOTHING,
  water: 8000,
  sucrose: 1500,
  hexoses: 800,
  otherSolubles: 200,
  insolubles: 150,
};

/**
 * Boiling: water, sucrose and the logarithm of pectin left, as the cook of core has them.
 * @param {readonly number[]} y
 */
function boiling(y) {
  const sucrose = y[1] ?? 0;
  const batch = {
    ...SAUCE,
    water: y[0] ?? 0,
    sucrose,
    hexoses: SAUCE.hexoses + SAUCE.sucrose - sucrose,
  };
  const tempC = boilingPointC(batch, PRESSURE_PA);
  const small = batch.water * 1e-5;
  const climb =
    (boilingPointC({ ...batch, water: batch.water - small }, PRESSURE_PA) - tempC) / (small / 1000);
  const heat = (massOf(batch) / 1000) * specificHeat(batch);
  return [
    (-1000 * POWER_W) / (evaporationHeat(tempC) + heat * climb),
    -sucrose * inversionRate(tempC, HYDROGEN),
    -pectinLossRate(tempC, HYDROGEN),
  ];
}

const START = [SAUCE.water, SAUCE.sucrose, 0];

/** @param {number} loosen */
function ours(loosen) {
  return integrate(START, HOURS_S, {
    slope: boiling,
    event: () => -1,
    tolerance: [0.1 * loosen, 0.1 * loosen, 1e-5 * loosen],
    longestStep: 1200,
  }).y;
}

/** @param {number} tol */
function theirs(tol) {
  const { y } = math.solveODE(
    (/** @type {number} */ _, /** @type {number[]} */ at) => boiling(at),
    [0, HOURS_S],
    START,
    {
      method: 'RK23',
      tol,
    },
  );
  return /** @type {number[]} */ (y.at(-1));
}

/**
 * Largest error of a result, as a share of the reference.
 * @param {readonly number[]} found
 * @param {readonly number[]} reference
 */
const errorOf = (found, reference) =>
  Math.max(...found.map((value, i) => Math.abs(value / (reference[i] ?? NaN) - 1)));

/**
 * Row 3 of the table: three hours of cooking, and the same equations by mathjs at an error no
 * smaller.
 * @returns {import('./measure.mjs').Row[]}
 */
export function cookRows() {
  const setting = {
    pressurePa: PRESSURE_PA,
    netPowerW: POWER_W,
    panDiameterCm: 28,
    startTempC: 20,
    hydrogenAt: () => HYDROGEN,
    stages: /** @type {const} */ ([
      { name: 'boil', until: { kind: 'boil' } },
      { name: 'reduce', until: { kind: 'minutes', minutes: 180 } },
    ]),
  };
  const cook = timed(() => simulateCook(SAUCE, setting), 300);
  const reference = ours(1e-5);
  const ourError = errorOf(ours(1), reference);
  // The loosest tolerance of mathjs that is still as good.
  const tol = [1e-2, 3e-3, 1e-3, 3e-4, 1e-4, 3e-5, 1e-5, 1e-6].find(
    (at) => errorOf(theirs(at), reference) <= ourError,
  );
  const equal = tol ?? 1e-7;
  const our = timed(() => ours(1), 200);
  const their = timed(() => theirs(equal), 10);
  const ratio = their.median / our.median;
  return [
    {
      what: 'cook of 3 h',
      bar: `≤ ${MOST_MS} ms`,
      found: ms(cook.median),
      met: cook.median <= MOST_MS,
    },
    {
      what: `its equations, mathjs solveODE at equal error (${ourError.toExponential(0)})`,
      bar: `≥ ${LEAST_RATIO} ×`,
      found: `${ms(our.median)} against ${ms(their.median)}: ${times(ratio)}`,
      met: ratio >= LEAST_RATIO,
    },
  ];
}
