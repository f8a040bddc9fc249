import { constant, fromMemory } from '../quantity/index.ts';
import type { MeasuresId } from '../parser/index.ts';
import { syrupDensity } from '../yield/index.ts';

/** Soluble solids of the jam that net weights are printed for, g per 100 g. */
const NET_WEIGHT_PCT = 65;

/** What is filled of a jar that holds so much to its brim. */
export const FILLED_OF_BRIM = constant(
  0.91,
  'mL/mL',
  fromMemory(
    'glassmakers’ lists of jam jars, brimful and net weight of jam: 190 mL and 8 oz, 282 mL and 12 oz, 380 mL and 1 lb',
  ),
);

/** How the size of a jar is told: as it is filled, to its brim, or by the net weight of jam. */
export type JarMeasure = 'filled' | 'brim' | 'net';

/**
 * What goes in a jar, up to its headspace, mL.
 * @param size mL; g of jam for a net weight
 */
export function filledMl(size: number, measure: JarMeasure): number {
  switch (measure) {
    case 'filled':
      return size;
    case 'brim':
      return size * FILLED_OF_BRIM.value;
    case 'net':
      return size / (syrupDensity(NET_WEIGHT_PCT, 20) / 1000);
  }
}

/** A size of jar that is sold: what people call it, and how its size is told. */
export type SoldJar = {
  readonly name: string;
  readonly size: number;
  readonly measure: JarMeasure;
};

/** Sizes that are sold where a kitchen has these cups, the usual one first; from memory. */
export const JAR_SIZES: { readonly [place in MeasuresId]: readonly SoldJar[] } = {
  us: [
    { name: 'half-pint', size: 237, measure: 'filled' },
    { name: 'quarter-pint', size: 118, measure: 'filled' },
    { name: '12-oz jar', size: 355, measure: 'filled' },
    { name: 'pint', size: 473, measure: 'filled' },
    { name: 'quart', size: 946, measure: 'filled' },
  ],
  uk: [
    { name: '1-lb jar', size: 454, measure: 'net' },
    { name: '12-oz jar', size: 340, measure: 'net' },
    { name: '8-oz jar', size: 227, measure: 'net' },
    { name: '500-mL jar', size: 500, measure: 'brim' },
  ],
  metric: [
    { name: '370-mL jar', size: 370, measure: 'brim' },
    { name: '340-g jar', size: 340, measure: 'net' },
    { name: '250-mL jar', size: 250, measure: 'brim' },
    { name: '500-mL jar', size: 500, measure: 'brim' },
  ],
};
