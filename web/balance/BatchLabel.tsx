import type { Kitchen } from '@idle-kettle/contract';
import {
  costOf,
  formatMass,
  formatTemperature,
  formatVolume,
  METHODS,
  type Change,
  type Plan,
} from '@idle-kettle/core';
import { ClipboardList, CookingPot, DoorOpen } from 'lucide-react';
import { Link } from 'react-router';
import { A_SPOON_ML } from '../drawings/jarsDrawn.ts';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { SET_IN_WORDS, SetFigure } from './SetFigure.tsx';
import { Figure, Note } from './Figure.tsx';
import { RangeBar } from '../ui/RangeBar.tsx';
import { Where } from '../ui/Where.tsx';
import {
  jarsInWords,
  minutesInWords,
  moneyInWords,
  packingInWords,
  processInWords,
  shelfInWords,
} from '../ui/words.ts';

type Props = {
  readonly plan: Plan;
  readonly kitchen: Kitchen;
  readonly fruit: string;
  /** The batch’s name, as a heading or as a field to write it in. */
  readonly title: React.ReactNode;
  /** The lines cannot be planned just now; what is shown is from before. */
  readonly stale: boolean;
  /** Only typical figures yet; the ranges are being worked out. */
  readonly rough: boolean;
  /** Null for a batch that is not saved yet. */
  readonly batchId: string | null;
  /** Makes a change to the formula, with what it did in words. */
  readonly onChange: (change: Change, did: string) => void;
};

/** The verdicts, in the shape of the label that this batch will wear. It fills in while you type. */
export function BatchLabel(props: Props) {
  const { plan, kitchen, fruit, title, stale, rough, batchId, onChange } = props;
  const { stop, finish, yield: jars, shelf, process, why } = plan;
  const scale = kitchen.temperature;
  const other = scale === 'C' ? 'F' : 'C';
  const stopC = stop.tempC ?? stop.ruleTempC;
  const cost = costOf(
    plan,
    Object.fromEntries(kitchen.prices.map((price) => [price.ingredient, price.minorPerKg])),
  );
  return (
    <section
      aria-label="What this batch will be"
      style={{ '--fruit': fruit } as React.CSSProperties}
      className={`jar-label flex flex-col gap-2.5 py-4 pr-6 pl-5 [contain:content] will-change-transform ${stale ? 'opacity-50' : ''}`}
    >
      {title}

      <Figure
        name={STOP_NAME[stop.kind]}
        value={
          stop.boilMin === null
            ? formatTemperature(stopC, scale)
            : `${stop.boilMin} min at a full rolling boil`
        }
        aside={
          stop.boilMin === null
            ? formatTemperature(stopC, other)
            : `then it shows ${formatTemperature(stopC, scale)}`
        }
        small={stop.boilMin !== null}
        testId="stop"
      >
        {stop.kind !== 'egg' && <TemperatureStrip stop={stop} scale={scale} />}
        <Note>
          {stop.kind === 'temperature' && (
            <p>
              The rule, boiling water + 8 °F:{' '}
              <b data-testid="rule-stop">{formatTemperature(stop.ruleTempC, scale)}</b>
              {kitchen.waterBoilsC !== null && ', on your thermometer'}
            </p>
          )}
          {stop.kind === 'body' && <p>Or when a spoonful mounds and weeps no ring.</p>}
          {stop.kind === 'egg' && <p>Above 82 °C (180 °F) it curdles.</p>}
          <Where about={STOP_NAME[stop.kind]}>{why.stop}</Where>
        </Note>
      </Figure>

      {plan.minutes && (
        <Figure name="On the stove" value={minutesInWords(plan.minutes)} testId="minutes">
          <Note>
            <p>From cold to the stop, by {METHODS[plan.method].name}.</p>
            <Where about="On the stove">{why.minutes}</Where>
          </Note>
          {plan.lid && <p className="text-sm">{lidInWords(plan.lid)}</p>}
          <Narrower of={plan.narrowing.filter(({ figure }) => figure === 'minutes')} />
        </Figure>
      )}

      {plan.set && <SetFigure set={plan.set} why={why.set} />}

      {jars && (
        <Figure
          name="Jars"
          value={jarsInWords(plan) ?? ''}
          aside={partInWords(jars.partMl, kitchen)}
          testId="jars"
        >
          <RangeBar spread={jars.volumeMl} say={(volume) => formatVolume(volume, kitchen.units)} />
          {(jars.jars.length > 1 ||
            (jars.jars.length > 0 && jars.fullJars.p10 < jars.fullJars.p90)) && (
            <p className="text-sm">Most likely {packingInWords(jars)}.</p>
          )}
          <Note>
            <p>Heat {jars.jarsToHeat} jars, one to spare.</p>
            <Where about="Jars">{why.yield}</Where>
          </Note>
          {plan.contributors[0] && (
            <p className="text-sm">
              Most of the range is {plan.contributors[0].what}:{' '}
              {Math.round(100 * plan.contributors[0].share)} %.
            </p>
          )}
          <Narrower of={plan.narrowing.filter(({ figure }) => figure === 'jars')} />
        </Figure>
      )}

      {plan.lines.length > 0 && (
        <>
          <Figure
            name="Shelf"
            value={shelfInWords(plan)}
            testId="shelf"
            tone={shelf.verdict === 'pantry' ? 'text-success' : 'text-error'}
          >
            <ul className="text-sm">
              {shelf.reasons.map((reason) => (
                <li key={reason} className="leading-snug">
                  {reason}
                </li>
              ))}
            </ul>
            {shelf.way && (
              <WayBack
                text={shelf.way.text}
                onTake={() =>
                  onChange(shelf.way?.change ?? {}, `Opened the pantry: ${shelf.way?.text}`)
                }
              />
            )}
          </Figure>

          <Figure name="In the canner" value={processInWords(plan)} testId="process">
            {process.method !== 'none' && (
              <p className="text-sm">
                Leave {process.headspaceMm} mm ({process.headspaceMm > 10 ? '½' : '¼'} in) of
                headspace. {process.notes.join(' ')}
              </p>
            )}
            <Where about="In the canner">{why.process}</Where>
          </Figure>
        </>
      )}

      {finish && (
        <Figure
          name="In 100 g"
          value={`${Math.round(finish.fruitPer100g)} g fruit · ${Math.round(finish.sugarsPer100g)} g sugars`}
          testId="per100g"
          small
        >
          <p className="text-sm">
            {formatMass(finish.massG.p50, kitchen.units)} in the pot at the stop,{' '}
            {Math.round(finish.solublesPct)} % soluble solids.
          </p>
          <Where about="In 100 g">{why.label}</Where>
        </Figure>
      )}

      {plan.label && (
        <Figure
          name="A spoonful"
          value={`${plan.label.spoon.sugarsG} g sugars · ${plan.label.spoon.energyKcal} kcal`}
          testId="spoon"
          small
        >
          <Note>
            <p>A level tablespoon, {plan.label.spoon.spoonG} g.</p>
            <Where about="A spoonful">{why.spoon}</Where>
          </Note>
          <details className="text-sm">
            <summary className="w-fit cursor-pointer underline decoration-dotted underline-offset-4">
              What it may be called
            </summary>
            <p className="mt-1">{plan.label.statement}</p>
            <ul>
              {plan.label.definitions.map(({ name, source, met, text }) => (
                <li key={name} className="mt-1 leading-snug">
                  <b>
                    {name}: {met ? 'yes' : 'no'}.
                  </b>{' '}
                  {text} <span className="opacity-80">({source})</span>
                </li>
              ))}
            </ul>
          </details>
        </Figure>
      )}

      {cost && (
        <Figure
          name="Cost"
          value={`${cost.unpriced.length > 0 ? 'at least ' : ''}${moneyInWords(cost.totalMinor, kitchen.currency)}`}
          aside={
            cost.perJarMinor === null || cost.unpriced.length > 0
              ? ''
              : `${moneyInWords(cost.perJarMinor, kitchen.currency)} a jar`
          }
          testId="cost"
          small
        >
          <Where about="Cost">
            What goes in, as bought, at the prices in your kitchen.
            {cost.unpriced.length > 0 && ` No price yet for ${cost.unpriced.join(', ')}.`}
          </Where>
        </Figure>
      )}

      {plan.finish && (
        <p className="mt-1 flex flex-wrap items-center justify-between gap-2 text-sm">
          <span role="status">
            {rough ? 'Working out the ranges' : <span className="sr-only">{inShort(plan)}</span>}
          </span>
          {batchId !== null && (
            <span className="flex flex-wrap gap-2">
              <Link to={`/batches/${batchId}/prepare`} className="btn btn-primary">
                <ClipboardList aria-hidden className="size-5" /> Prepare it
              </Link>
              <Link to={`/batches/${batchId}/stove`} className="btn btn-outline">
                <CookingPot aria-hidden className="size-5" /> Stove
              </Link>
            </span>
          )}
        </p>
      )}
    </section>
  );
}

const STOP_NAME: { readonly [kind in Plan['stop']['kind']]: string } = {
  temperature: 'Stop',
  'timed-boil': 'Stop by the clock',
  body: 'Stop when it mounds',
  egg: 'Stop whisking',
};

/** The verdicts in one sentence, said once they stand: a screen reader is not read the label at every key. */
const inShort = (plan: Plan): string =>
  [plan.set && SET_IN_WORDS[plan.set.forecast], jarsInWords(plan), shelfInWords(plan)]
    .filter(Boolean)
    .join(', ');

const partInWords = (partMl: number, kitchen: Kitchen): string =>
  partMl < A_SPOON_ML ? '' : `and ${formatVolume(partMl, kitchen.units)} for the fridge`;

/** What would open the pantry, with one press; the plan with it was made to prove it. */
const WayBack = ({ text, onTake }: { readonly text: string; readonly onTake: () => void }) => (
  <button
    type="button"
    className="mt-2 flex w-full cursor-pointer items-start gap-2 rounded-field border border-success/60 bg-base-100 px-2 py-1.5 text-left text-sm hover:border-success"
    data-testid="way-back"
    onClick={onTake}
  >
    <DoorOpen aria-hidden className="mt-0.5 size-4 shrink-0 text-success" />
    <span>
      The way back to the pantry: <b>{text.replaceAll(' %', '\u00a0%')}</b>.
    </span>
  </button>
);

/** What would narrow a range, and to what. */
const Narrower = ({ of }: { of: Plan['narrowing'] }) =>
  of.length === 0 ? null : (
    <details className="text-sm">
      <summary className="w-fit cursor-pointer underline decoration-dotted underline-offset-4">
        What would narrow it
      </summary>
      <ul className="mt-1 flex flex-col gap-1">
        {of.map(({ id, text }) => (
          <li key={id} className="leading-snug">
            {text}
          </li>
        ))}
      </ul>
    </details>
  );

const hours = (minutes: number): string => `${Number((minutes / 60).toFixed(1))} h`;

const lidInWords = ({ onMin, offMin }: NonNullable<Plan['lid']>): string =>
  `${hours(onMin)} with the lid on, and then ${offMin < 6 ? 'it is done' : `${hours(offMin)} with it off`}.`;
