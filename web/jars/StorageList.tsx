import { say, textOf, type PlainMessageId } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import {
  headspaceMm,
  isNamed,
  isProcessed,
  eitherJarSize,
  jarPlaceOf,
  type Jar,
  type JarPlace,
  type JarPlan,
  type JarProgress,
  type Storage,
} from '@idle-kettle/core';
import { format } from 'date-fns';
import { conditionInWords, placeInWords } from '../ui/words.ts';
import { headspaceInWords } from '../words/headspace.ts';
import { keepsUntil } from '../words/keeps.ts';
import { countedInWords } from './jarWords.ts';

type Props = {
  readonly jarPlan: JarPlan;
  readonly progress: JarProgress;
  readonly nowMs: number;
  /** Loads that the batch takes in all; 0 where nothing is processed. */
  readonly loads: number;
};

/**
 * Where the jars are as they stand, until when, and why; for what is not for the pantry, what to do
 * instead.
 */
export function StorageList({ jarPlan, progress, nowMs, loads }: Props) {
  const { shelf, stated, product } = jarPlan;
  const isPantry = isProcessed(shelf.verdict);
  const isOurs = shelf.verdict === 'pantry';
  return (
    <section
      aria-label={say('jars.storage')}
      data-testid="keeping"
      data-verdict={shelf.verdict}
      className={`rounded-box border-4 p-4 ${isOurs ? 'border-base-300' : isPantry ? 'border-secondary' : 'border-error'}`}
    >
      <h2 className="text-2xl font-bold">
        {isPantry ? placeInWords(jarPlan) : say('jars.notForThePantry')}
        {isPantry && (
          <span className="block text-lg">
            {[conditionInWords(jarPlan), loads > 1 ? say('jars.inLoads', { loads }) : null]
              .filter((part) => part !== null)
              .join(', ')}
          </span>
        )}
      </h2>
      <Places jarPlan={jarPlan} jars={progress.jars} />
      <ul className="mt-1 list-outside list-disc pl-5 text-base">
        {shelf.reasons.map((reason) => (
          <li key={textOf(reason)}>{textOf(reason)}</li>
        ))}
      </ul>
      {!isPantry && <Instead jarPlan={jarPlan} filledAtMs={filledAt(progress) ?? nowMs} />}
      {stated !== null && (
        <p data-testid="stated" className="mt-2 border-l-8 border-secondary pl-3 text-lg">
          <Say
            id="jars.itIsPrintedOnThe"
            values={{
              part: <b>{say('jars.yourEvidence')}</b>,
              part2: isNamed(stated)
                ? say('jars.thisIsExactly', {
                    testedFormula: stated.testedFormula,
                    part: stated.source === null ? '' : say('jars.from', { source: stated.source }),
                    part2:
                      stated.minutes === null
                        ? ''
                        : say('jars.minutes', { minutes: stated.minutes }),
                    jars:
                      stated.jarMl === null
                        ? ''
                        : say('jars.jarsUpTo', { volume: textOf(eitherJarSize(stated.jarMl)) }),
                  })
                : say('jars.aCalibratedMeterReadPh', { meterPH: stated.meterPH }),
            }}
          />
        </p>
      )}
      <details className="mt-2 text-base">
        <summary className="cursor-pointer text-lg font-bold">
          {say('jars.upsideDownJarsWaxOven')}
        </summary>
        <p className="mt-1">
          {say('jars.aLidMayGoDown', {
            part: product === 'curd' ? say('jars.two') : say('jars.three'),
          })}
        </p>
      </details>
    </section>
  );
}

/** When the first jar was filled; null before that. */
const filledAt = ({ jars }: JarProgress): number | null =>
  jars.length === 0 ? null : Math.min(...jars.map(({ filledAtMs }) => filledAtMs));

const WHERE: { readonly [place in Exclude<JarPlace, 'gone'>]: PlainMessageId } = {
  pantry: 'jars.placePantry',
  fridge: 'jars.placeFridge',
  freezer: 'jars.placeFreezer',
  unchecked: 'jars.placeUnchecked',
  unfinished: 'jars.placeUnfinished',
};

const isStorage = (place: JarPlace): place is Storage =>
  place === 'pantry' || place === 'fridge' || place === 'freezer';

/** How many jars are where, and until when: `6 half-pints: pantry, best before November 2027`. */
function Places({ jarPlan, jars }: { readonly jarPlan: JarPlan; readonly jars: readonly Jar[] }) {
  const places = (Object.keys(WHERE) as (keyof typeof WHERE)[]).flatMap((place) => {
    const own = jars.filter((jar) => jarPlaceOf(jar, jarPlan.shelf.verdict) === place);
    return own.length === 0 ? [] : [{ place, own }];
  });
  if (places.length === 0) return null;
  return (
    <ul data-testid="places" className="mt-2 flex flex-col gap-1 text-lg">
      {places.map(({ place, own }) => (
        <li key={place} data-place={place}>
          <b>{countedInWords(jarPlan, own)}</b>: {say(WHERE[place])}
          {isStorage(place) ? `, ${until(jarPlan, place, own)}` : ''}
        </li>
      ))}
    </ul>
  );
}

/** Until when the first of some jars keeps. */
function until({ keeping }: JarPlan, place: Storage, jars: readonly Jar[]): string {
  const first = Math.min(...jars.map(({ filledAtMs }) => filledAtMs));
  const day = keepsUntil(keeping.unopened, place, first);
  return place === 'fridge'
    ? say('jars.eatByDay', { day: format(day, 'd MMMM yyyy') })
    : say('jars.bestBeforeMonth', { month: format(day, 'MMMM yyyy') });
}

/** What is done with what is not for the pantry: fridge or freezer, with its headspace. */
function Instead({
  jarPlan,
  filledAtMs,
}: {
  readonly jarPlan: JarPlan;
  readonly filledAtMs: number;
}) {
  const { keeping, product } = jarPlan;
  const day = (place: Storage) =>
    format(keepsUntil(keeping.unopened, place, filledAtMs), 'd MMMM yyyy');
  const { high } = keeping.openedWeeks;
  return (
    <ul className="mt-2 flex flex-col gap-1 text-lg">
      <li>
        <Say
          id="jars.eatByOnceOpened"
          values={{
            part: <b>{say('jars.fridge')}</b>,
            day: day('fridge'),
            weeks: say('jars.weeksCount', { count: high }),
          }}
        />
      </li>
      <li>
        <Say
          id="jars.bestUntilUseStraightSided"
          values={{
            part: <b>{say('jars.freezer')}</b>,
            day: day('freezer'),
            headspace: headspaceInWords(headspaceMm(product, 'freezer')),
          }}
        />
      </li>
      <li>
        <Say id="jars.fromHotToFridgeCold" values={{ part: <b>{say('jars.coolQuickly')}</b> }} />
      </li>
    </ul>
  );
}
