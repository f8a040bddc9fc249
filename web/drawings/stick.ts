import { type PlainMessageId, say } from '@idle-kettle/words';
import type { Gauge, GaugeId, Plan } from '@idle-kettle/core';

type Scale = Pick<Gauge, 'foot' | 'top'>;

/** Place of a value on a stick, 0 at its foot and 1 at its top; values beyond stay at the ends. */
export const placeOn = ({ foot, top }: Scale, value: number): number =>
  Math.min(1, Math.max(0, (value - foot) / (top - foot)));

/** The value at a place on a stick. */
export const valueAt = ({ foot, top }: Scale, place: number): number =>
  foot + (top - foot) * Math.min(1, Math.max(0, place));

/** The sign of a unit; a multiple has none, and is said. */
const unitInWords = (unit: string): string => (unit === 'times' ? say('drawings.times') : unit);

/** A value of a gauge as it is read: `65 %`, `pH 3.4`, `0.57 times`. */
export function shown({ id, unit }: Pick<Gauge, 'id' | 'unit'>, value: number): string {
  if (id === 'acid') return `pH ${value.toFixed(1)}`;
  return `${value.toFixed(id === 'pectin' ? 2 : 0)} ${unitInWords(unit)}`;
}

/** What a value of each gauge is of. */
const OF: { readonly [id in GaugeId]: PlainMessageId } = {
  fruit: 'drawings.per100G',
  sugar: 'drawings.solubleSolids',
  acid: 'drawings.whenDone',
  pectin: 'drawings.ofWhatItNeeds',
};

/**
 * What a stick measures, this batch on it, and the window that the method wants:
 * `65 % soluble solids`, `wants 60–68 %`.
 */
export function captionOf(gauge: Gauge): { readonly is: string; readonly wants: string } {
  const { id, value, window, unit } = gauge;
  return {
    is: `${shown(gauge, value.p50)} ${say(OF[id])}`,
    wants: say('drawings.needs', {
      low: window.low,
      high: window.high,
      unit: unitInWords(unit),
    }).trim(),
  };
}

/**
 * Whether a stick is that of the side which holds the set back most. What a curd's egg or a gel's
 * calcium lacks is read on the setters' stick.
 */
export function isShort({ id }: Pick<Gauge, 'id'>, set: Plan['set']): boolean {
  const short = set?.short;
  return short === id || (id === 'pectin' && (short === 'egg' || short === 'calcium'));
}

/** Whether a batch is where it should not be on a stick. */
export const isOff = ({ reading }: Pick<Gauge, 'reading'>, short: boolean): boolean =>
  short || reading !== 'within';

/** What a stick says, for those who cannot see it. */
export function readingInWords(gauge: Gauge, short: boolean): string {
  const { value, window, reading, name } = gauge;
  const where = {
    within: say('drawings.inside'),
    under: say('drawings.under'),
    over: say('drawings.over'),
  }[reading];
  return say('drawings.fromToTheRangeOf', {
    name,
    shown: shown(gauge, value.p50),
    shown2: shown(gauge, value.p10),
    shown3: shown(gauge, value.p90),
    where,
    low: window.low,
    high: window.high,
    part: short ? say('drawings.thisIsWhatsShort') : '',
  });
}
