import { say } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import { formatMass, isNamed, type JarPlan } from '@idle-kettle/core';
import { addMonths, format } from 'date-fns';
import { eatBy } from './eatBy.ts';

/** What a label prints, line by line. */
export type LabelText = {
  readonly name: string;
  /** `Damson jam`. */
  readonly what: string;
  readonly made: string;
  readonly before: string;
  /** Where it is kept. */
  readonly keep: string;
  readonly ingredients: string;
  readonly statement: string;
  /** Null where nothing in it has to be told. */
  readonly allergens: string | null;
  /** What the cook states of the formula; null where nothing was. */
  readonly stated: string | null;
  readonly batch: string;
  /** The address of the batch, in the QR code. */
  readonly address: string;
  readonly fruit: string;
};

/** Enough of a batch’s id to be told from any other of a household. */
const SHORT_ID = 8;

/**
 * The words of a batch’s label.
 * @param madeMs when the jars were filled
 * @param origin where the batch’s page is: `https://kettle.example`
 */
export function labelTextOf(
  session: Pick<CookSession, 'id' | 'name' | 'batchId'>,
  jarPlan: JarPlan,
  madeMs: number,
  origin: string,
  fruit: string,
): LabelText {
  const { shelf, label, product, stated } = jarPlan;
  const pantry = shelf.verdict === 'pantry';
  const day = (date: Date | number) => format(date, 'd MMM yyyy');
  const before = pantry
    ? format(addMonths(madeMs, shelf.months), 'MMM yyyy')
    : day(eatBy(product, madeMs));
  const { allergens, mayHold } = label;
  const told = [
    ...(allergens.length > 0 ? [say('labels.contains', { allergens: allergens.join(', ') })] : []),
    ...(mayHold.length > 0 ? [say('labels.mayContain', { mayHold: mayHold.join(', ') })] : []),
  ];
  return {
    name: session.name,
    what: product === 'pepper-jelly' ? say('labels.pepperJelly') : product,
    made: say('labels.made', { day: day(madeMs) }),
    before: `${pantry ? say('labels.bestBefore') : say('labels.eatBy')} ${before}`,
    keep: pantry ? say('labels.keepCoolAndDarkRefrigerate') : say('labels.keepRefrigerated'),
    ingredients: say('labels.ingredients', { value: label.ingredients.join(', ') }),
    statement: say('labels.preparedWithGOfFruit', {
      value: label.fruitPer100g.toFixed(0),
      value2: label.sugarsPer100g.toFixed(0),
    }),
    allergens: told.length === 0 ? null : told.join(' '),
    stated:
      stated === null
        ? null
        : isNamed(stated)
          ? say('labels.statedByTheCookExactly', { testedFormula: stated.testedFormula })
          : say('labels.statedByTheCookA', { meterPH: stated.meterPH }),
    batch: say('labels.batch', { slice: (session.batchId ?? session.id).slice(0, SHORT_ID) }),
    address: `${origin}/batches/${session.batchId ?? ''}`,
    fruit,
  };
}

/** What a full jar weighs in spread: `Net 310 g`. */
export const netInWords = (jarPlan: JarPlan, volumeMl: number): string =>
  say('labels.net', { mass: formatMass(volumeMl / jarPlan.mlPerG, 'metric') });
