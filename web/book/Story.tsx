import { say, type PlainMessageId } from '@idle-kettle/words';
import type { Kitchen, Knowledge } from '@idle-kettle/contract';
import {
  findIngredient,
  formatDegrees,
  formatMass,
  KG_AN_HOUR_OF_A_KW,
  METHODS,
  type Method,
  type Quantiles,
} from '@idle-kettle/core';
import type { CommonId, EstimateStory } from '@idle-kettle/core/learning';
import { format } from 'date-fns';
import { RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useForget } from '../api/book.ts';
import { sayError } from '../api/request.ts';
import { RangeBar } from '../ui/RangeBar.tsx';
import { Trend } from './Trend.tsx';

type Props = {
  readonly story: EstimateStory;
  readonly known: Knowledge;
  readonly kitchen: Kitchen;
  readonly mayForget: boolean;
};

const WHY: { readonly [what in EstimateStory['what']]: PlainMessageId } = {
  power: 'book.powerWhy',
  pot: 'book.potWhy',
  set: 'book.setWhy',
  cup: 'book.cupWhy',
  solids: 'book.solidsWhy',
  thermometer: 'book.thermometerWhy',
  yield: 'book.yieldWhy',
  minutes: 'book.minutesWhy',
  loss: 'book.lossWhy',
};

const NAMES: { readonly [what in CommonId]: PlainMessageId } = {
  thermometer: 'book.thermometer',
  yield: 'book.yieldTold',
  minutes: 'book.minutesTold',
  loss: 'book.loss',
  cup: 'book.cup',
};

/** How a figure of an estimate is written. */
function writerOf(what: EstimateStory['what'], kitchen: Kitchen): (value: number) => string {
  switch (what) {
    case 'power':
    case 'pot':
      return (watts) => say('book.kw', { value: (watts / 1000).toFixed(2) });
    case 'thermometer':
      return (kelvin) =>
        `${kelvin > 0 ? '+' : kelvin < 0 ? '−' : ''}${formatDegrees(Math.abs(kelvin), kitchen.temperature)}`;
    case 'yield':
    case 'minutes':
    case 'loss':
    case 'set':
    case 'cup':
    case 'solids':
      return (share) => say('book.percent', { value: (100 * share).toFixed(0) });
  }
}

/** What an estimate is of. */
function nameOfStory({ what, burner: on, of }: EstimateStory, known: Knowledge): string {
  const burner = known.burners.find(({ id }) => id === on)?.name ?? say('book.yourBurner');
  switch (what) {
    case 'power':
      return say('book.powerOf', { burner });
    case 'pot':
      return say('book.potOf', {
        pot: known.pots.find(({ id }) => id === of)?.name ?? say('book.yourPot'),
        burner,
      });
    case 'set':
      return say('book.setOf', { method: METHODS[of as Method]?.name ?? '' });
    case 'solids':
      return say('book.solidsOf', { fruit: findIngredient(of ?? '')?.name ?? '' });
    default:
      return say(NAMES[what]);
  }
}

/** An estimate that no cook told of yet, with what is usual. */
export const usuallyInWords = (story: EstimateStory, known: Knowledge, kitchen: Kitchen): string =>
  say('book.usual', {
    name: nameOfStory(story, known),
    value: writerOf(story.what, kitchen)(story.before.p50),
  });

/** One estimate: what it is now, from how many batches, how it came to be, and its way back. */
export function Story({ story, known, kitchen, mayForget }: Props) {
  const { what, now, before, cooks, changedAt } = story;
  const write = writerOf(what, kitchen);
  const name = nameOfStory(story, known);
  const nameOf = (id: string) => known.cooks.find((cook) => cook.id === id)?.name ?? '';
  return (
    <li
      className="jar-label flex flex-col gap-2 py-3 pr-6 pl-4"
      style={{ '--fruit': 'var(--color-secondary)' } as React.CSSProperties}
      aria-label={name}
    >
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-xl font-bold text-primary">{name}</h2>
        <p className="text-xl font-bold tabular-nums">{write(now.p50)}</p>
        <p className="text-sm opacity-80">{say('book.rests', { count: now.batches })}</p>
      </div>
      <p className="text-sm">
        {say(WHY[what])}
        {(what === 'power' || what === 'pot') &&
          ` ${say('book.boilsOff', { mass: formatMass(KG_AN_HOUR_OF_A_KW * now.p50, kitchen.units) })}`}
      </p>
      <RangeBar quantiles={now} say={write} />
      {changedAt !== null && (
        <p role="status" className="border-l-4 border-secondary pl-3">
          {say('book.changedAt', { name: nameOf(changedAt) })}
        </p>
      )}
      <Trend
        name={say('book.trendOf', { what: name })}
        before={before}
        cooks={cooks}
        write={write}
      />
      <details>
        <summary className="cursor-pointer font-bold">{say('book.eachBatch')}</summary>
        <ol className="mt-1 text-sm">
          {cooks.map(({ cook, told, after, setAside }) => {
            const of = known.cooks.find(({ id }) => id === cook);
            return (
              <li key={cook} className={setAside ? 'opacity-70' : ''}>
                <Link to={`/book/${cook}`} className="link">
                  {nameOf(cook)}
                </Link>
                {of !== undefined && `, ${format(new Date(of.cookedAt), 'd MMM yyyy')}`}
                {': '}
                {setAside
                  ? say('book.setAside')
                  : say('book.tellsBy', {
                      told: rangeTold(told, write),
                      after: rangeTold(after, write),
                    })}
              </li>
            );
          })}
        </ol>
      </details>
      {mayForget && <Forget story={story} name={name} />}
    </li>
  );
}

const rangeTold = ({ p10, p90 }: Quantiles, write: (value: number) => string): string =>
  `${write(p10)} – ${write(p90)}`;

/** Forgets an estimate, once it is said twice. */
function Forget({
  story: { what, burner, of },
  name,
}: {
  readonly story: EstimateStory;
  readonly name: string;
}) {
  const forget = useForget();
  const [asks, setAsks] = useState(false);
  if (!asks)
    return (
      <button
        type="button"
        className="btn btn-ghost btn-sm w-fit"
        aria-label={say('book.forgetOf', { what: name })}
        onClick={() => setAsks(true)}
      >
        <RotateCcw aria-hidden className="size-4" /> {say('book.forget')}
      </button>
    );
  return (
    <div
      role="group"
      aria-label={say('book.forgetOf', { what: name })}
      className="flex flex-wrap items-center gap-2"
    >
      <p>{say('book.forgetSure')}</p>
      <button
        type="button"
        className="btn btn-secondary btn-sm"
        disabled={forget.isPending}
        onClick={() => forget.mutate({ what, burner, of }, { onSuccess: () => setAsks(false) })}
      >
        {say('book.forgetYes')}
      </button>
      <button type="button" className="btn btn-sm" onClick={() => setAsks(false)}>
        {say('book.keepIt')}
      </button>
      {forget.error && (
        <p role="alert" className="text-error">
          {sayError(forget.error)}
        </p>
      )}
    </div>
  );
}
