import type { CookSession } from '@idle-kettle/contract';
import { convert, isNamed, type JarProgress, type JarPlan } from '@idle-kettle/core';
import { format } from 'date-fns';

/** A row of an entry card: what is asked, and what is said. */
export type EntryRow = readonly [what: string, said: string];

/** What shows ask of a jar: product, method, process, minutes, altitude, headspace, date. */
export function entryOf(
  session: Pick<CookSession, 'startedAt'>,
  jarPlan: JarPlan,
  { jars, loads }: JarProgress,
): readonly EntryRow[] {
  const { timedBy, process, product, altitudeAssumed, stated, label } = jarPlan;
  const whole = loads.filter((load) => load.whole);
  const minutes = [...new Set(whole.map((load) => load.minutes))];
  const feet = Math.round(convert(timedBy.altitudeM, 'm', 'ft')).toLocaleString('en-US');
  const madeMs = jars[0]?.filledAtMs ?? Date.parse(session.startedAt);
  return [
    ['Product', product === 'pepper-jelly' ? 'pepper jelly' : product],
    ['Ingredients', label.ingredients.join(', ')],
    [
      'Processed',
      whole.length === 0
        ? 'not in a canner: for the fridge'
        : timedBy.canner === 'steam'
          ? 'atmospheric steam canner'
          : 'boiling-water canner',
    ],
    [
      'Minutes',
      minutes.length === 0
        ? 'none'
        : minutes.map((each) => each ?? 'as its formula prints').join(' and '),
    ],
    [
      'Altitude',
      altitudeAssumed
        ? 'not said; taken for sea level'
        : `${feet} ft (${Math.round(timedBy.altitudeM)} m)`,
    ],
    ['Headspace', process.headspaceMm > 10 ? '½ in' : '¼ in'],
    ['Jars', timedBy.school === 'sterilised' ? 'boiled sterile first' : 'clean and hot'],
    ['Date', format(madeMs, 'd MMMM yyyy')],
    ...(stated === null
      ? []
      : [
          [
            'Stated',
            isNamed(stated)
              ? `tested formula “${stated.testedFormula}”`
              : `meter reading, pH ${stated.meterPH}`,
          ] as const,
        ]),
  ];
}

/** What judges of soft spreads look at; common practice of county shows. */
export const JUDGED: readonly {
  readonly id: string;
  readonly what: string;
  readonly right: string;
}[] = [
  {
    id: 'jar',
    what: 'Jar',
    right: 'clean, clear, no chip or scratch, a usual size, new lid, no rust, band easy to turn.',
  },
  { id: 'seal', what: 'Seal', right: 'down in the middle; the lid lifts only with a pull.' },
  {
    id: 'headspace',
    what: 'Headspace',
    right: '¼ in for spreads, ½ in for curds, even all round.',
  },
  { id: 'colour', what: 'Colour', right: 'of the fruit, even, not browned at the top.' },
  { id: 'clear', what: 'Clearness', right: 'a jelly sparkles; no bubbles, no foam, no crystals.' },
  {
    id: 'fruit',
    what: 'Fruit',
    right: 'spread evenly from top to bottom, pieces alike, none floating.',
  },
  {
    id: 'set',
    what: 'Set',
    right:
      'a jelly holds a cut edge and quivers; jam mounds on a spoon and weeps no juice; a butter spreads.',
  },
  {
    id: 'taste',
    what: 'Taste',
    right: 'of fresh fruit first, sweet and sharp together, nothing scorched.',
  },
  {
    id: 'label',
    what: 'Label',
    right: 'what it is, how it was processed and for how long, and the date.',
  },
];
