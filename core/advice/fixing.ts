import { message, type Text } from '@idle-kettle/words/message';
import { massOf, scaleLine, startContents } from '../formula/index.ts';
import type { LineReading } from '../parser/index.ts';
import { isSugar, type Method, PRODUCTS } from '../method/index.ts';
import { formatGrams, listed } from '../quantity/index.ts';
import { type Change, readingKitchen, type Evaluation } from '../evaluate/index.ts';
import { lineOf, type Part, partInWords } from './parts.ts';

/** Something a cook can change, in the steps in which it is measured. */
export type Fix = {
  readonly change: (steps: number) => Change;
  /** What is done, in words. */
  readonly act: (steps: number) => Text;
  /** What ends its sentence: what it is for, or what comes of it. */
  readonly why: Text;
  /** The most steps worth trying. */
  readonly most: number;
  /**
   * Grams that so many steps put in or take out, where fixes are offered by how little they change.
   */
  readonly gramsOf?: (steps: number) => number;
  /** In how many pots it is then cooked, where each holds a part. */
  readonly potsOf?: (steps: number) => number;
  /** Two things at once: offered only where no one thing does. */
  readonly isTwo?: true;
};

/** Lines are taken out of by twentieths, and those of less than this not at all, g. */
const TAKEN_OUT_STEPS = 20;
const LEAST_TAKEN_OUT_G = 100;

/** The kinds of fix for one batch, and what they need to know of it. */
export type Kitchen = ReturnType<typeof fixing>;

/** The kinds of fix, for one batch. */
export function fixing(
  { request, choice, understood, boil }: Evaluation,
  readings: readonly LineReading[],
) {
  const potKg = massOf(startContents(understood)) / 1000;
  const { method } = choice;
  const addParts = (parts: (n: number) => readonly Part[], most: number, does: Text): Fix => ({
    gramsOf: (n) => parts(n).reduce((sum, { amount }) => sum + amount, 0),
    // The method stays what it is, whatever is added: a little powder does not make it a timed
    // boil.
    change: (n) => ({ add: parts(n).map(lineOf), method }),
    act: (n) => message('advice.add', { listed: listed(parts(n).map(partInWords)) }),
    why: message('advice.to', { does }),
    most,
  });
  return {
    request,
    method,
    addParts,
    potKg,
    isJelly: request.product === 'jelly' || request.product === 'infusion-jelly',
    indexesOf: (which: (id: string, kind: string) => boolean): number[] =>
      readings.flatMap((line, index) =>
        line.understood && which(line.ingredient.id, line.ingredient.kind) ? [index] : [],
      ),
    /**
     * A line with up to such a share of it taken out; nothing where there is too little to be worth
     * it.
     */
    takeOut: (index: number, mostShare: number, act: (grams: string) => Text, why: Text): Fix[] => {
      const line = readings[index];
      if (!line?.understood || line.massG.typical < LEAST_TAKEN_OUT_G) return [];
      const kept = (n: number) => scaleLine(line, 1 - n / TAKEN_OUT_STEPS, readingKitchen(request));
      const out = (n: number) => formatGrams((line.massG.typical * n) / TAKEN_OUT_STEPS);
      return [
        {
          change: (n) => ({ drop: [index], add: n < TAKEN_OUT_STEPS ? [kept(n)] : [], method }),
          act: (n) => act(out(n)),
          why,
          most: Math.round(TAKEN_OUT_STEPS * mostShare),
          gramsOf: (n) => (n * line.massG.typical) / TAKEN_OUT_STEPS,
        },
      ];
    },
    sugarG: understood.filter(isSugar).reduce((sum, { massG }) => sum + massG.typical, 0),
    understood,
    readings,
    boil,
    names: (indexes: readonly number[]): string =>
      listed(
        indexes
          .map((index) => readings[index])
          .map((line) => (line?.understood ? line.ingredient.name : '')),
      ),
    offers: (other: Method): boolean => PRODUCTS[request.product].methods.includes(other),
    boilFurther(mostPct: number): Fix {
      const fromPct = Math.round(boil?.targetPct ?? mostPct);
      return {
        change: (n) => ({ targetSolublesPct: fromPct + n, method }),
        act: (n) => message('advice.boilItDownToSoluble', { value: fromPct + n }),
        why: '.',
        most: Math.max(0, mostPct - fromPct),
      };
    },
  };
}
