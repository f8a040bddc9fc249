import type { Beside } from './beside.ts';
import type { MeasuresId } from './measures.ts';
import type { NameBook, TaughtName } from './names.ts';

/** What a pack in the kitchen says of itself, in place of the usual. */
export type OwnPack = {
  /** Id of the ingredient: `powdered-pectin`. */
  readonly ingredient: string;
  readonly packG: number;
  /** Pectin in the pack, g: 150-grade where it gels with sugar; null where it does not say. */
  readonly pectinG: number | null;
  /** Minutes at a full boil that a gelling sugar prints; null or left out for what is usual. */
  readonly boilMin?: number | null;
};

/** What a kitchen knows that lines are read with. */
export type ParserKitchen = {
  /** What the packs in the cupboard say of themselves. */
  readonly packs: readonly OwnPack[];
  /** Whose cup, pint and spoon. */
  readonly measures: MeasuresId;
  /** Names that it was taught. */
  readonly names: readonly TaughtName[];
  /**
   * Whether a bare “apple juice” is what drips from the cloth, as in a jelly, and not the drink.
   */
  readonly extractsJuice?: boolean;
  /** Whether whole lemons are meant by their juice and zest, as in a curd. */
  readonly squeezesCitrus?: boolean;
  /** What `sugar per cup of juice` may go by. */
  readonly beside?: Beside | undefined;
};

export const DEFAULT_PARSER_KITCHEN: ParserKitchen = { packs: [], measures: 'us', names: [] };

/** A kitchen with its names ready to be looked up. */
export type Parser = ParserKitchen & { readonly book: NameBook };
