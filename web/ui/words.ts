import { say, type PlainMessageId } from '@idle-kettle/words';
import type { PlanSummary } from '@idle-kettle/contract';
import { listed, type Plan } from '@idle-kettle/core';

/** A text whose shares do not part from their sign at the end of a row. */
export const unbroken = (text: string): string => text.replace(/ (?=[%°])/g, '\u00a0');

const plural = (count: number, name: string): string => (count === 1 ? name : `${name}s`);

/** `7 half-pints and 1 quarter-pint`: what the batch most likely fills. */
export const packingInWords = ({ jars }: Pick<NonNullable<Plan['yield']>, 'jars'>): string =>
  jars.length === 0
    ? say('ui.noFullJar')
    : listed(jars.map(({ name, count }) => `${count} ${plural(count, name)}`));

/**
 * `7–8 half-pints`, `5–6 half-pints and up to 1 quarter-pint`: poor to good outcome, size by size;
 * null before there is a yield.
 */
export function jarsInWords({
  yield: jars,
}: {
  readonly yield?: PlanSummary['yield'] | undefined;
}): string | null {
  if (!jars) return null;
  if (jars.fullJars.p90 === 0) return say('ui.lessThanOneJar');
  return listed(
    jars.sizes.map(({ name, poor, good }) => {
      const count =
        poor === good ? `${good}` : poor === 0 ? say('ui.upTo', { good }) : `${poor}–${good}`;
      return `${count} ${plural(good, name)}`;
    }),
  );
}

/** A verdict in a word or two. */
export const SHELF: { readonly [verdict in Plan['shelf']['verdict']]: PlainMessageId } = {
  pantry: 'ui.pantry',
  fridge: 'ui.fridgeOnly',
  freezer: 'ui.freezerOnly',
  'by-source': 'ui.bySource',
};

/** `Pantry, 12 months`, `Fridge only, 3 weeks`. */
export function placeInWords({ shelf }: Pick<PlanSummary, 'shelf'>): string {
  const { verdict, months } = shelf;
  // What keeps for a month or less in a fridge is told in weeks.
  const time =
    months < 1 || (verdict === 'fridge' && months === 1)
      ? say('ui.weeks', { count: Math.round(months * 4) })
      : say('ui.months', { count: months });
  return `${say(SHELF[verdict])}, ${time}`;
}

/**
 * `if boiled 10 min in closed jars`: what a pantry verdict hangs on; null for what is not for the
 * pantry.
 */
export function conditionInWords({ process }: Pick<PlanSummary, 'process'>): string | null {
  const { method, minutes } = process;
  if (method === 'none') return null;
  if (minutes === null) return say('ui.ifProcessedAsPrinted');
  return method === 'steam'
    ? say('ui.ifSteamedMin', { minutes })
    : say('ui.ifBoiledMin', { minutes });
}

/** `Pantry, 12 months, if boiled 10 min in closed jars`. */
export const shelfInWords = (plan: Pick<PlanSummary, 'shelf' | 'process'>): string =>
  [placeInWords(plan), conditionInWords(plan)].filter((part) => part !== null).join(', ');

/** `10 min`, or `none` for a batch that is not processed. */
export const processInWords = ({ process }: Pick<PlanSummary, 'process'>): string =>
  process.method === 'none'
    ? say('ui.none')
    : process.minutes === null
      ? say('ui.asPrintedInTheFormula')
      : say('ui.min', { minutes: process.minutes });

/** `31–38 min`, or `8–9 h` where it takes hours; a single figure where both ends agree. */
export function minutesInWords({
  p10,
  p90,
}: {
  readonly p10: number;
  readonly p90: number;
}): string {
  const hours = p90 >= 180;
  const shown = (minutes: number) =>
    hours ? Number((minutes / 60).toFixed(1)) : Math.round(minutes);
  const unit = hours ? 'h' : 'min';
  return shown(p10) === shown(p90)
    ? `${shown(p90)} ${unit}`
    : `${shown(p10)}–${shown(p90)} ${unit}`;
}

const moneyFormats = new Map<string, Intl.NumberFormat>();

/** `$4.80`, in the money of the kitchen. */
export function moneyInWords(minor: number, currency: string): string {
  let format = moneyFormats.get(currency);
  if (!format) {
    format = new Intl.NumberFormat('en-US', { style: 'currency', currency });
    moneyFormats.set(currency, format);
  }
  return format.format(minor / 100);
}

/**
 * A diagnosis as it is read: what it means, and the figures that it rests on, which may be none.
 */
export function meaningFirst(text: string): { readonly means: string; readonly figures: string } {
  const end = text.indexOf('. ');
  return end < 0
    ? { means: text, figures: '' }
    : { means: text.slice(0, end + 1), figures: text.slice(end + 2) };
}
