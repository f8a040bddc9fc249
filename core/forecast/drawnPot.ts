import { message, type Text } from '@idle-kettle/words/message';
import { contentsOf, NOTHING, plus, type Contents } from '../formula/index.ts';
import { type UnderstoodLine } from '../parser/index.ts';
import {
  acidLoadOf,
  freedShare,
  type FruitCook,
  NO_ACID,
  NO_SETTERS,
  plusLoad,
  plusSetters,
  type AcidLoad,
  type Setters,
} from '../gel/index.ts';
import type { Range } from '../quantity/index.ts';
import { quantileOf, type Chance } from './random.ts';

/** Whether an amount goes by cups, spoons or pieces, and was not weighed. */
export const isMeasured = ({ low, high }: Range): boolean => low < high;

/** One imagined pot before it is lit. */
export type DrawnPot = {
  /** What is boiled. */
  readonly contents: Contents;
  /** What goes in at the end. */
  readonly late: Contents;
  readonly acid: AcidLoad;
  readonly setters: Setters;
};

/**
 * Share of imagined batches in which ripeness alone decides where a property lies in its range.
 * Judgement.
 */
const BY_RIPENESS = 0.5;

/**
 * Told of everything that was drawn, in the same order for every pot: what it is, of which
 * ingredient, and how far up its range, 0 to 1. Null where nobody asks.
 */
export type Note = ((what: Text, of: string, u: number) => void) | null;

/** What is drawn of a line, as a {@link Note} is told it. */
const DRAWN = {
  theRipeness: message('forecast.theRipeness'),
  theAmount: message('forecast.theAmount'),
  theSolids: message('forecast.theSolids'),
  thePieces: message('forecast.thePieces'),
  thePectin: message('forecast.thePectin'),
  theCalcium: message('forecast.theCalcium'),
  thePh: message('forecast.thePh'),
  theAcid: message('forecast.theAcid'),
};

/**
 * Draws one pot: amounts within the scatter of measuring, and each ingredient's properties within
 * their ranges. The properties of one fruit hang together: in half of the pots its ripeness sets
 * them all (sugars and pH up, acid and pectin down), in the others each has its own luck.
 */
export function drawPot(
  lines: readonly UnderstoodLine[],
  lateLines: ReadonlySet<UnderstoodLine>,
  fruitCook: FruitCook,
  /**
   * How full this cook's cups and spoons are, over what is usual: it is the same for every line
   * that is not weighed.
   */
  cups: number,
  chance: Chance,
  note: Note,
  /** What is worked out of it besides what it weighs; the luck is the same either way. */
  wanted: { readonly acid: boolean; readonly setters: boolean },
): DrawnPot {
  let [contents, late] = [NOTHING, NOTHING];
  let acid = NO_ACID;
  let setters = NO_SETTERS;
  for (const line of lines) {
    const { ingredient, massG: massRange } = line;
    const { make, sour, pectinPct, name } = ingredient;
    const ripeness = chance();
    const ripens = ingredient.kind === 'fruit';
    if (ripens) note?.(DRAWN.theRipeness, name, ripeness);
    const draw = (what: Text, from: Range, towards: 1 | -1 | 0): number => {
      if (from.low === from.high) return from.typical;
      const own = chance();
      note?.(what, name, own);
      if (towards === 0 || !ripens || chance() >= BY_RIPENESS) return quantileOf(from, own);
      return quantileOf(from, towards === 1 ? ripeness : 1 - ripeness);
    };
    const massG = draw(DRAWN.theAmount, massRange, 0) * (isMeasured(massRange) ? cups : 1);
    const part = contentsOf(
      ingredient,
      massG,
      draw(DRAWN.theSolids, make.solublesPct, 1),
      draw(DRAWN.thePieces, make.insolublesPct, 0),
    );
    if (lateLines.has(line)) late = plus(late, part);
    else contents = plus(contents, part);
    const pectin = draw(DRAWN.thePectin, pectinPct, -1);
    const calcium = draw(DRAWN.theCalcium, ingredient.calciumMg, 0);
    if (wanted.setters)
      setters = plusSetters(setters, {
        ingredient,
        massG,
        pectinG: (massG * pectin * freedShare(ingredient, fruitCook)) / 100,
        insolublesG: part.insolubles,
        calciumMg: (massG * calcium) / 100,
      });
    if (sour) {
      const reading = {
        pH: draw(DRAWN.thePh, sour.pH, 1),
        taPct: draw(DRAWN.theAcid, sour.taPct, -1),
        acids: sour.acids,
      };
      if (wanted.acid) acid = plusLoad(acid, acidLoadOf(reading, massG, part.water));
    }
  }
  return { contents, late, acid, setters };
}
