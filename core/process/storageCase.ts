import type { Ingredient } from '../ingredients/index.ts';
import type { Product } from '../method/index.ts';
import type { Range } from '../quantity/index.ts';
import type { Storage } from './keeping.ts';
import type { Canner, ProcessTime } from './processing.ts';
import type { Text } from '@idle-kettle/words/message';

/** One ingredient and its grams, with the scatter of how it was measured. */
export type StorageLine = {
  readonly ingredient: Ingredient;
  readonly massG: Range;
  /** Words of it that were guessed, and that nobody has confirmed; absent where none were. */
  readonly toConfirm?: { readonly name: string };
  /** It need not go in. */
  readonly optional?: true;
};

/**
 * What a user can put beside the sums: it, and never the sums, opens the pantry to what is not
 * plainly acid.
 */
export type SafetyEvidence = {
  /** Name of the tested formula from a trusted source that this is, exactly; null for none. */
  readonly testedFormula: string | null;
  /** Where that formula is printed; null when not said. */
  readonly source: string | null;
  /** Minutes in the canner that are printed in it; null when not said. */
  readonly minutes: number | null;
  /** The largest jar that it prints, mL; null when not said. */
  readonly jarMl: number | null;
  /** Reading of a calibrated meter on the finished spread; null for none. */
  readonly meterPH: number | null;
};

export const NO_SAFETY_EVIDENCE: SafetyEvidence = {
  testedFormula: null,
  source: null,
  minutes: null,
  jarMl: null,
  meterPH: null,
};

/** What the verdict looks at. Nothing in it depends on draws or a seed. */
export type StorageCase = {
  readonly product: Product;
  readonly lines: readonly StorageLine[];
  /** How many lines were not understood. */
  readonly unrecognizedLines: number;
  /** Soluble solids at the stop, g per 100 g; null where there is no recipe yet. */
  readonly solublesPct: number | null;
  /** Null where nothing is tabled for this altitude, jar and canner. */
  readonly process: ProcessTime | null;
  readonly canner: Canner;
  /** Where the cook wants the jars; null for the best that is safe. */
  readonly storeIn: Storage | null;
  /** The largest jar that is filled, mL. */
  readonly largestJarMl: number;
  /** A meter’s reading of the raw batch; null for none. */
  readonly rawPH: number | null;
  readonly assurance: SafetyEvidence;
};

/**
 * A change that would take away what stands against the pantry: rows left out, and so many grams
 * more of others.
 */
export type FormulaChange = {
  readonly leaveOut?: readonly string[];
  readonly add?: readonly { readonly id: string; readonly grams: number }[];
};

/** One thing that stands against the pantry. */
export type SafetyFinding = {
  readonly text: Text;
  /** Ids of the rows that it is about; none for what is about the whole batch. */
  readonly rows: readonly string[];
  /** What would take it away; null where nothing safe does. */
  readonly pantryFix: FormulaChange | null;
};
