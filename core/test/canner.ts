import type { Product } from '../method/index.ts';
import { processTime, type JarPreparation } from '../process/index.ts';
import { convert } from '../quantity/index.ts';

/** Jars as the tables of processing times name them, mL. */
export const HALF_PINT = 237;
export const PINT = 473;
export const QUART = 946;

export const metres = (ft: number): number => convert(ft, 'ft', 'm');

/** Minutes in a boiling-water canner; null where the tables give none. */
export const minutes = (
  product: Product,
  ft: number,
  jarMl: number,
  school: JarPreparation,
): number | null =>
  processTime({ product, altitudeM: metres(ft), jarMl, school, canner: 'boiling-water' })
    ?.minutes ?? null;
