import { say, type PlainMessageId } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import { isNamed, type JarPlace, type JarPlan, type UnitSystem } from '@idle-kettle/core';
import { jarCode, type JarCode } from '@idle-kettle/core/season';
import { format } from 'date-fns';
import { shapeOfFormula } from '../drawings/fruitShapes.ts';
import type { FruitShape } from '../drawings/FruitDrawing.tsx';
import { fruitColourOfLines, whatIsMade } from '../ui/fruit.ts';
import { bestBefore } from '../words/keeps.ts';
import { massInWords } from '../words/mass.ts';

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
  /** The address of the jar, or of its batch, in the QR code. */
  readonly address: string;
  readonly fruit: string;
  readonly shape: FruitShape;
  /** How and how long it was processed; null where it is not. */
  readonly processed: string | null;
  /** A line of the cook’s own; null where there is none. */
  readonly line: string | null;
  /** Who gives it to whom; null where that is to be written by hand. */
  readonly to: string | null;
  readonly from: string | null;
};

/** What a cook writes on the labels of a batch; blank for what is printed without it. */
export type OwnWords = {
  readonly name: string;
  readonly line: string;
  readonly to: string;
  readonly from: string;
};

export const NO_WORDS: OwnWords = { name: '', line: '', to: '', from: '' };

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
 * @param own what the cook writes on it
 * @param minutes that its load was in the canner; null where it was in none, or none are known
 * @param jar which of the batch’s it is; null for any of them
 */
export function labelTextOf(
  session: Pick<CookSession, 'id' | 'name' | 'batchId' | 'number' | 'formula'>,
  jarPlan: JarPlan,
  place: LabelledPlace,
  madeMs: number,
  origin: string,
  own: OwnWords = NO_WORDS,
  minutes: number | null = null,
  jar: Omit<JarCode, 'cook'> | null = null,
): LabelText {
  const code =
    session.number === null || jar === null ? null : jarCode({ ...jar, cook: session.number });
  const { label, stated } = jarPlan;
  const { allergens, mayHold } = label;
  const told = [
    ...(allergens.length > 0 ? [say('labels.contains', { allergens: allergens.join(', ') })] : []),
    ...(mayHold.length > 0 ? [say('labels.mayContain', { mayHold: mayHold.join(', ') })] : []),
  ];
  return {
    name: own.name.trim() || session.name,
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
    batch:
      code === null
        ? say('labels.batch', { slice: (session.batchId ?? session.id).slice(0, SHORT_ID) })
        : say('labels.jarNumber', { code }),
    address: code === null ? `${origin}/batches/${session.batchId ?? ''}` : `${origin}/j/${code}`,
    fruit: fruitColourOfLines(session.formula),
    shape: shapeOfFormula(session.formula),
    processed: place === 'pantry' ? processedOf(jarPlan, minutes) : null,
    line: own.line.trim() || null,
    to: own.to.trim() === '' ? null : say('labels.toWhom', { name: own.to.trim() }),
    from: own.from.trim() === '' ? null : say('labels.fromWhom', { name: own.from.trim() }),
  };
}

function beforeOf({ keeping }: JarPlan, place: LabelledPlace, madeMs: number): string {
  if (place === 'unfinished') return say('labels.notProcessedYet');
  if (place === 'unchecked') return say('labels.sealNotCheckedYet');
  return bestBefore(keeping.unopened, place, madeMs);
}

/** `Processed 10 minutes in a boiling-water canner`; null where no minutes are known. */
const processedOf = ({ timedBy }: JarPlan, count: number | null): string | null =>
  count === null
    ? null
    : say('labels.processedIn', {
        count,
        canner: say(
          timedBy.canner === 'steam'
            ? 'labels.atmosphericSteamCanner'
            : 'labels.boilingWaterCanner',
        ),
      });

/** What a full jar weighs in spread: `Net 310 g`, and in ounces first where a kitchen has those. */
export const netInWords = (jarPlan: JarPlan, volumeMl: number, units: UnitSystem): string =>
  say('labels.net', { mass: massInWords(volumeMl / jarPlan.mlPerG, units) });
