import { solublesG, syrupBrixOf, type Contents } from '../formula/index.ts';
import { constant, fromMemory } from '../quantity/index.ts';

/**
 * Density of sucrose solutions at 20 °C, kg/m³ by °Brix (CRC Handbook / ICUMSA), from memory; the
 * tests hold it against the `brix` table of Debian's `units`.
 */
const DENSITY_BY_BRIX: readonly (readonly [brix: number, kgPerM3: number])[] = [
  [0, 998.2],
  [10, 1038.1],
  [20, 1080.9],
  [30, 1127.0],
  [40, 1176.4],
  [50, 1229.6],
  [60, 1286.4],
  [65, 1316.3],
  [70, 1347.1],
  [75, 1378.9],
  [85, 1445.4],
  [95, 1514.5],
  [100, 1550],
];

const MOST_BRIX = 100;
const TABLE_TEMP_C = 20;

export const THERMAL_THINNING = constant(
  0.00045,
  '1/K',
  fromMemory('hot sugar syrups, near 65 °Brix'),
);
export const INSOLUBLES_DENSITY = constant(1500, 'kg/m³', fromMemory('dry cell wall and seed'));
export const FAT_DENSITY = constant(920, 'kg/m³', fromMemory('butterfat near room temperature'));
export const EGG_SOLIDS_DENSITY = constant(
  1150,
  'kg/m³',
  fromMemory('about equal parts of protein (1350) and fat (920)'),
);

/**
 * Density of a syrup, kg/m³.
 * @param brix 0 to 100 g of solubles per 100 g of syrup
 * @param tempC 0 to 120 °C
 * @throws RangeError outside those ranges
 * @returns kg/m³
 */
export function syrupDensity(brix: number, tempC: number): number {
  if (!(brix >= 0 && brix <= MOST_BRIX))
    throw new RangeError(`${brix} °Brix is outside 0 to ${MOST_BRIX}`);
  if (!(tempC >= 0 && tempC <= 120)) throw new RangeError(`${tempC} °C is outside 0 to 120`);
  const above = Math.max(
    1,
    DENSITY_BY_BRIX.findIndex(([tabled]) => tabled >= brix),
  );
  const [b0, d0] = DENSITY_BY_BRIX[above - 1] as readonly [number, number];
  const [b1, d1] = DENSITY_BY_BRIX[above] as readonly [number, number];
  const at20 = d0 + ((d1 - d0) * (brix - b0)) / (b1 - b0);
  return at20 * (1 - THERMAL_THINNING.value * (tempC - TABLE_TEMP_C));
}

/**
 * Volume of a batch without trapped air, in mL, at `tempC`; pieces and syrup each take their own
 * room.
 */
export function volumeMl(batch: Contents, tempC: number): number {
  const syrupG = batch.water + solublesG(batch);
  const syrupMl = (1000 * syrupG) / syrupDensity(syrupBrixOf(batch), tempC);
  return (
    syrupMl +
    (1000 * batch.insolubles) / INSOLUBLES_DENSITY.value +
    (1000 * batch.fat) / FAT_DENSITY.value +
    (1000 * batch.egg) / EGG_SOLIDS_DENSITY.value
  );
}
