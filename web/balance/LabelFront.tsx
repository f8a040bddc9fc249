import { say, textOf } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { Kitchen } from '@idle-kettle/contract';
import {
  formatTemperature,
  formatVolume,
  PRODUCTS,
  type Caution as Told,
  type Change,
  type Plan,
} from '@idle-kettle/core';
import { DoorOpen } from 'lucide-react';
import { memo } from 'react';
import { A_SPOON_ML } from '../drawings/jarsDrawn.ts';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { Caution } from '../ui/Caution.tsx';
import { Figure } from '../ui/Figure.tsx';
import { RangeBar } from '../ui/RangeBar.tsx';
import {
  jarsInWords,
  minutesInWords,
  packingInWords,
  processInWords,
  conditionInWords,
  placeInWords,
  unbroken,
} from '../ui/words.ts';
import { loadsInWords } from '../words/loads.ts';
import { headspaceInWords } from '../words/headspace.ts';
import { plainJamStop } from '../kitchen/plainJamStop.ts';
import { isCrowded } from './crowded.ts';
import { SET_IN_WORDS, SetBar } from './SetBar.tsx';

type Props = {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  /** What not to go on with. */
  readonly stops: readonly Told[];
  /** The way on from one of them, where a press helps. */
  readonly wayOn: (caution: Told) => React.ReactNode;
  /** Makes a change to the formula, with what it did in words. */
  readonly onChange: (change: Change, did: string) => void;
};

/**
 * What a cook asks at a glance: is it safe, where do I stop, will it set, how many jars, how long
 * on the stove and in the canner.
 */
export const LabelFront = memo(function LabelFront(props: Props) {
  const { plan, kitchen, stops, wayOn, onChange } = props;
  const { set, yield: jars, minutes, process } = plan;
  const isEmpty = plan.lines.length === 0;
  const stop = (isEmpty ? plainJamStop(kitchen) : null) ?? plan.stop;
  return (
    <div className="flex flex-col gap-2">
      {!isEmpty && <Shelf {...{ plan, stops, wayOn, onChange }} />}
      <Stop stop={stop} scale={kitchen.temperature} />
      {set && (
        <Figure name={say('balance.set')} value={say(SET_IN_WORDS[set.forecast])} testId="set">
          <SetBar share={set.share} />
        </Figure>
      )}
      {jars && (
        <Figure
          name={say('balance.jars')}
          value={jarsInWords(plan) ?? ''}
          aside={part(jars, kitchen)}
          testId="jars"
        >
          <RangeBar
            quantiles={jars.volumeMl}
            say={(volume) => formatVolume(volume, kitchen.units)}
          />
          {(jars.jars.length > 1 ||
            (jars.jars.length > 0 && jars.fullJars.p10 < jars.fullJars.p90)) && (
            <p className="text-sm max-md:hidden">
              {say('balance.mostLikely', { packing: packingInWords(jars) })}
            </p>
          )}
        </Figure>
      )}
      <div className="flex flex-col gap-2 max-md:grid max-md:grid-cols-2">
        {minutes && (
          <Figure
            name={say('balance.time')}
            value={minutesInWords(minutes)}
            aside={say('balance.fromCold')}
            brief
            testId="minutes"
          >
            {plan.lid && <p className="text-sm">{lidInWords(plan.lid)}</p>}
          </Figure>
        )}
        {plan.lines.length > 0 && (
          <Figure
            name={say('balance.canner')}
            value={processInWords(plan)}
            aside={process.method === 'none' ? '' : beside(plan, kitchen)}
            brief
            testId="process"
          />
        )}
      </div>
    </div>
  );
});

/** Where it may be kept and why; with what must not go on, and what would open the pantry. */
function Shelf({
  plan,
  stops,
  wayOn,
  onChange,
}: Pick<Props, 'plan' | 'stops' | 'wayOn' | 'onChange'>) {
  const { verdict, reasons, way } = plan.shelf;
  const safe = verdict === 'pantry';
  const atTable = isCrowded(plan.lines.length) ? AT_THE_TABLE.crowded : AT_THE_TABLE.roomy;
  return (
    <Figure
      name={say('balance.storage')}
      value={placeInWords(plan)}
      aside={conditionInWords(plan) ?? (verdict === 'fridge' ? say('balance.orFreezer') : '')}
      testId="shelf"
      tone={TONE[verdict]}
    >
      <ul className="flex flex-col gap-1 text-sm leading-snug">
        {(safe ? reasons.slice(0, 1) : reasons)
          .map((reason) => textOf(reason))
          .map((reason, index) => (
            <li key={reason} className={reasonSeen(index, atTable, safe)} title={reason}>
              {reason}
            </li>
          ))}
      </ul>
      {!safe && (
        <>
          <MoreReasons count={reasons.length - ON_A_PHONE} where="md:hidden" />
          <MoreReasons count={reasons.length - atTable} where="max-wide:hidden" />
        </>
      )}
      {stops.length > 0 && (
        <ul className="flex flex-col gap-1">
          {stops.map((caution) => (
            <Caution key={`${caution.code}${textOf(caution.text)}`} of={caution}>
              {wayOn(caution)}
            </Caution>
          ))}
        </ul>
      )}
      {plan.shelf.as?.map((product) => (
        <button
          key={product}
          type="button"
          className="btn btn-outline btn-xs w-fit max-md:btn-sm"
          onClick={() =>
            onChange({ product }, say('balance.product2', { name: PRODUCTS[product].name }))
          }
        >
          {say('balance.asOtherProduct', { name: PRODUCTS[product].name })}
        </button>
      ))}
      {way && (
        <WayBack
          text={textOf(way.text)}
          onTake={() =>
            onChange(way.change ?? {}, say('balance.madeItSafeForThe', { text: way.text }))
          }
        />
      )}
    </Figure>
  );
}

/** Green is only what our own rules say. */
const TONE: { readonly [verdict in Plan['shelf']['verdict']]: string } = {
  pantry: 'text-success',
  'by-source': 'text-secondary',
  fridge: 'text-error',
  freezer: 'text-error',
};

/**
 * So many reasons stand on the front of the label, at the table beside as few lines as have room
 * for more; the rest of them on its back.
 */
const ON_A_PHONE = 1;
const AT_THE_TABLE = { roomy: 2, crowded: 1 };

function reasonSeen(index: number, atTable: number, safe: boolean): string {
  if (index >= atTable) return 'max-md:hidden wide:hidden';
  if (index >= ON_A_PHONE) return 'max-md:hidden';
  if (!safe) return '';
  return atTable === AT_THE_TABLE.crowded ? 'line-clamp-2' : 'max-md:line-clamp-2';
}

const MoreReasons = ({ count, where }: { readonly count: number; readonly where: string }) =>
  count > 0 && (
    <p className={`text-sm ${where}`}>
      {say('balance.underDetails', {
        part:
          count === 1 ? say('balance.oneMoreReasonIs') : say('balance.moreReasonsAre', { count }),
      })}
    </p>
  );

/** `1 min at a full rolling boil`, `30 seconds at a full rolling boil`. */
const atARollingBoil = (minutes: number): string =>
  minutes < 1
    ? say('balance.secondsAtAFullRolling', { seconds: Math.round(60 * minutes) })
    : say('balance.minAtAFullRolling', { minutes });

/**
 * Where the cook ends, by the thermometer of this kitchen or by the clock, and what tells it
 * besides.
 */
function Stop({ stop, scale }: { stop: Plan['stop']; scale: Kitchen['temperature'] }) {
  const stopC = stop.tempC ?? stop.ruleTempC;
  const timed = stop.boilMin !== null;
  return (
    <Figure
      name={say('balance.cookTo2')}
      value={stop.boilMin !== null ? atARollingBoil(stop.boilMin) : formatTemperature(stopC, scale)}
      {...(timed && {
        aside: unbroken(
          say('balance.yourThermometerWillShow', {
            temperature: formatTemperature(stopC, scale),
          }),
        ),
      })}
      small={timed}
      testId="stop"
    >
      {stop.kind !== 'egg' && <TemperatureStrip stop={stop} scale={scale} />}
      {stop.kind === 'body' && <p className="text-sm">{say('balance.orUntilASpoonfulMounds')}</p>}
      {stop.kind === 'egg' && <p className="text-sm">{say('balance.above82C180F')}</p>}
    </Figure>
  );
}

const part = ({ partMl }: NonNullable<Plan['yield']>, kitchen: Kitchen): string =>
  partMl < A_SPOON_ML
    ? ''
    : say('balance.andForTheFridge', { volume: formatVolume(partMl, kitchen.units) });

/** What would open the pantry, with one press; the plan with it was made to prove it. */
const WayBack = ({ text, onTake }: { readonly text: string; readonly onTake: () => void }) => (
  <button
    type="button"
    className="mt-1 flex w-full cursor-pointer items-start gap-2 rounded-field border border-success/60 bg-base-100 px-2 py-1.5 text-left text-sm hover:border-success"
    data-testid="way-back"
    onClick={onTake}
  >
    <DoorOpen aria-hidden className="mt-0.5 size-4 shrink-0 text-success" />
    <span>
      <Say id="balance.toMakeItSafeFor" values={{ part: <b>{unbroken(text)}</b> }} />
    </span>
  </button>
);

const hours = (minutes: number): string => `${Number((minutes / 60).toFixed(1))} h`;

const lidInWords = ({ onMin, offMin }: NonNullable<Plan['lid']>): string =>
  say('balance.withTheLidOnThen', {
    hours: hours(onMin),
    part:
      offMin < 6 ? say('balance.untilDone') : say('balance.withItOff', { hours: hours(offMin) }),
  });

/**
 * `2 loads, 10 min each`; for one load the headspace. And where it is timed for, if nobody said.
 */
function beside(plan: Plan, kitchen: Kitchen): string {
  const loads = loadsInWords(plan, kitchen);
  const part =
    kitchen.altitudeM === null && kitchen.waterBoilsC === null ? say('balance.atSeaLevel') : '';
  if (loads !== processInWords(plan)) return `${part}${loads}`;
  return say('balance.inOfHeadspace', {
    part,
    headspace: headspaceInWords(plan.process.headspaceMm),
  });
}
