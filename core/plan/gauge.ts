import type { Text } from '@idle-kettle/words/message';
import type { Quantiles } from '../quantity/index.ts';

/** One of the four sides of a batch. */
export type GaugeId = 'fruit' | 'sugar' | 'acid' | 'pectin';

/** One of the four sides of a batch: where it stands, and where this method works. */
export type Gauge = {
  readonly id: GaugeId;
  /** What the side is called here: `pectin`, or `egg` in a curd. */
  readonly side: string;
  /** What is measured: `soluble solids`, `pH`. */
  readonly name: Text;
  readonly unit: string;
  readonly value: Quantiles;
  /** Where the method works; `best` where it works best. */
  readonly window: { readonly low: number; readonly high: number };
  readonly best?: { readonly low: number; readonly high: number };
  /** Ends of the scale, the foot of the stick first; pH runs down, since more acid is more. */
  readonly foot: number;
  readonly top: number;
  readonly reading: 'under' | 'within' | 'over';
};
