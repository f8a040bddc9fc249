import { type PlainMessageId, say, textOf } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import { eitherAltitude, isNamed, type JarProgress, type JarPlan } from '@idle-kettle/core';
import { format } from 'date-fns';
import { whatIsMade } from '../ui/fruit.ts';
import { headspaceInWords } from '../words/headspace.ts';

/** A row of an entry card: what is asked, and what is said. */
export type EntryRow = readonly [what: string, said: string];

/** What shows ask of a jar: product, method, process, minutes, altitude, headspace, date. */
export function entryOf(
  session: Pick<CookSession, 'startedAt' | 'formula'>,
  jarPlan: JarPlan,
  { jars, loads }: JarProgress,
): readonly EntryRow[] {
  const { timedBy, process, altitudeAssumed, stated, label } = jarPlan;
  const whole = loads.filter((load) => load.whole);
  const minutes = [...new Set(whole.map((load) => load.minutes))];
  const madeMs = jars[0]?.filledAtMs ?? Date.parse(session.startedAt);
  return [
    [say('labels.product'), whatIsMade(session.formula)],
    [say('labels.ingredients2'), label.ingredients.join(', ')],
    [
      say('labels.processing'),
      whole.length === 0
        ? say('labels.noneForTheFridge')
        : timedBy.canner === 'steam'
          ? say('labels.atmosphericSteamCanner')
          : say('labels.boilingWaterCanner'),
    ],
    [
      say('labels.minutes'),
      minutes.length === 0
        ? say('ui.none')
        : minutes
            .map((each) => each ?? say('labels.asPrintedInTheFormula'))
            .join(say('labels.and')),
    ],
    [
      say('labels.altitude'),
      altitudeAssumed
        ? say('labels.notSetSeaLevelAssumed')
        : textOf(eitherAltitude(timedBy.altitudeM)),
    ],
    [say('labels.headspace'), headspaceInWords(process.headspaceMm)],
    [
      say('labels.jars'),
      timedBy.school === 'sterilised' ? say('labels.boiledFirst') : say('labels.cleanAndHot'),
    ],
    [say('labels.date'), format(madeMs, 'd MMMM yyyy')],
    ...(stated === null
      ? []
      : [
          [
            say('labels.evidence'),
            isNamed(stated)
              ? say('labels.testedFormula', { testedFormula: stated.testedFormula })
              : say('labels.meterReadingPh', { meterPH: stated.meterPH }),
          ] as const,
        ]),
  ];
}

/** An entry with who shows it and in which class, as far as they are written. */
export const withExhibitor = (
  entry: readonly EntryRow[],
  exhibitor: string,
  showClass: string,
): readonly EntryRow[] => [
  ...(exhibitor.trim() === '' ? [] : [[say('labels.exhibitor'), exhibitor.trim()] as const]),
  ...(showClass.trim() === '' ? [] : [[say('labels.class'), showClass.trim()] as const]),
  ...entry,
];

/** What judges of soft spreads look at; common practice of county shows. */
export const JUDGED: readonly {
  readonly id: string;
  readonly what: PlainMessageId;
  readonly right: PlainMessageId;
}[] = [
  {
    id: 'jar',
    what: 'labels.jar',
    right: 'labels.cleanClearNoChipsOr',
  },
  { id: 'seal', what: 'labels.seal', right: 'labels.downInTheMiddleThe' },
  {
    id: 'headspace',
    what: 'labels.headspace',
    right: 'labels.inForSpreadsInFor',
  },
  { id: 'colour', what: 'labels.color', right: 'labels.trueToTheFruitEven' },
  { id: 'clear', what: 'labels.clarity', right: 'labels.aJellySparklesNoBubbles' },
  {
    id: 'fruit',
    what: 'labels.fruit',
    right: 'labels.spreadEvenlyFromTopTo',
  },
  {
    id: 'set',
    what: 'labels.set',
    right: 'labels.aJellyHoldsACut',
  },
  {
    id: 'taste',
    what: 'labels.taste',
    right: 'labels.freshFruitFirstSweetAnd',
  },
  {
    id: 'label',
    what: 'labels.label',
    right: 'labels.whatItIsHowAnd',
  },
];
