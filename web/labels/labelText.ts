import { say, type PlainMessageId } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import { formatMass, isNamed, type JarPlace, type JarPlan } from '@idle-kettle/core';
import { format } from 'date-fns';
import { shapeOfFormula } from '../drawings/fruitShapes.ts';
import type { FruitShape } from '../drawings/FruitDrawing.tsx';
import { fruitColourOfLines, whatIsMade } from '../ui/fruit.ts';
import { bestBefore } from '../words/keeps.ts';

/** What a label prints, line by line. */
export type LabelText = {
  readonly name: string;
  /** `Apple butter`. */
  readonly what: string;
  readonly made: string;
  /** Until when, or why that is not known yet. */
  readonly before: string;
  /** Where it is kept, or what has to be done before it can be. */
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
  readonly shape: FruitShape;
};

/** What may be printed of a jar: one that is gone has no label. */
export type LabelledPlace = Exclude<JarPlace, 'gone'>;

/** Where it is kept, by where the jar is. */
const KEEP: { readonly [place in LabelledPlace]: PlainMessageId } = {
  pantry: 'labels.keepCoolAndDarkRefrigerate',
  fridge: 'labels.keepRefrigerated',
  freezer: 'labels.keepFrozen',
  unfinished: 'labels.processItFirst',
  unchecked: 'labels.pressTheLidFirst',
};

/** Enough of a batch’s id to be told from any other of a household. */
const SHORT_ID = 8;

/**
 * The words of a jar’s label.
 * @param place where the jar is, as it stands
 * @param madeMs when it was filled
 * @param origin where the batch’s page is: `https://kettle.example`
 */
export function labelTextOf(
  session: Pick<CookSession, 'id' | 'name' | 'batchId' | 'formula'>,
  jarPlan: JarPlan,
  place: LabelledPlace,
  madeMs: number,
  origin: string,
): LabelText {
  const { label, stated } = jarPlan;
  const { allergens, mayHold } = label;
  const told = [
    ...(allergens.length > 0 ? [say('labels.contains', { allergens: allergens.join(', ') })] : []),
    ...(mayHold.length > 0 ? [say('labels.mayContain', { mayHold: mayHold.join(', ') })] : []),
  ];
  return {
    name: session.name,
    what: whatIsMade(session.formula),
    made: say('labels.made', { day: format(madeMs, 'd MMM yyyy') }),
    before: beforeOf(jarPlan, place, madeMs),
    keep: say(KEEP[place]),
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
    fruit: fruitColourOfLines(session.formula),
    shape: shapeOfFormula(session.formula),
  };
}

function beforeOf({ keeping }: JarPlan, place: LabelledPlace, madeMs: number): string {
  if (place === 'unfinished') return say('labels.notProcessedYet');
  if (place === 'unchecked') return say('labels.sealNotCheckedYet');
  return bestBefore(keeping.unopened, place, madeMs);
}

/** What a full jar weighs in spread: `Net 310 g`. */
export const netInWords = (jarPlan: JarPlan, volumeMl: number): string =>
  say('labels.net', { mass: formatMass(volumeMl / jarPlan.mlPerG, 'metric') });
