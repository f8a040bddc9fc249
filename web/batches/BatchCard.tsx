import { say, type PlainMessageId } from '@idle-kettle/words';
import type { BatchSummary, JarPlaces, Kitchen, PlanSummary } from '@idle-kettle/contract';
import { formatTemperature, isProcessed, STORAGES, type Storage } from '@idle-kettle/core';
import { format } from 'date-fns';
import { Amphora, Flame, ListChecks, Trash2 } from 'lucide-react';
import { Link } from 'react-router';
import { STATE_IN_WORDS } from './FindBar.tsx';
import { sayFault } from '../api/request.ts';
import { jarsInWords, processInWords, shelfInWords } from '../ui/words.ts';

type Props = {
  readonly batch: BatchSummary;
  readonly kitchen: Kitchen;
  /** Null where whoever is here may not. */
  readonly onDelete: (() => void) | null;
};

/** A batch as its label, small: the way in, and the way out of sight. */
export function BatchCard({ batch, kitchen, onDelete }: Props) {
  const { plan } = batch;
  return (
    <li
      className="jar-label relative flex flex-col gap-2 py-4 pr-5 pl-4"
      style={plan?.colour ? ({ '--fruit': plan.colour } as React.CSSProperties) : {}}
    >
      <h2 className="pr-8 text-xl leading-tight font-bold text-primary">
        <Link to={`/batches/${batch.id}`} className="after:absolute after:inset-0">
          {batch.name}
        </Link>
      </h2>
      {plan !== null ? (
        <Figures plan={plan} places={batch.jarPlaces} kitchen={kitchen} />
      ) : batch.planFaults !== null ? (
        <p className="border-l-4 border-error pl-3">
          {say('batches.thisBatchCantBePlanned', {
            value: batch.planFaults.map(sayFault).join(' '),
          })}
        </p>
      ) : (
        <p role="status">{say('batches.planning')}</p>
      )}
      <div className="mt-auto flex flex-wrap items-end justify-between gap-2 pt-1">
        <p className="text-sm leading-tight">
          <b className={batch.state === 'on the stove' ? 'text-secondary' : ''}>
            {say(STATE_IN_WORDS[batch.state])}
          </b>
          <span className="block opacity-80">{format(new Date(batch.since), 'd MMMM yyyy')}</span>
        </p>
        <Next batch={batch} />
      </div>
      {onDelete !== null && (
        <button
          type="button"
          aria-label={say('batches.delete', { name: batch.name })}
          title={say('batches.delete2')}
          onClick={onDelete}
          className="btn btn-square btn-ghost btn-sm absolute top-3 right-4 z-[1]"
        >
          <Trash2 aria-hidden className="size-4" />
        </button>
      )}
    </li>
  );
}

type FiguresProps = Pick<Props, 'kitchen'> & {
  readonly plan: PlanSummary;
  readonly places: JarPlaces | null;
};

const Figures = ({ plan, places, kitchen }: FiguresProps) => (
  <>
    <p className="text-xl leading-tight font-bold">
      {jarsInWords(plan) ?? say('batches.noYieldYet')}
    </p>
    <dl className="grid grid-cols-[auto_1fr] gap-x-3 text-base">
      <dt className="opacity-80">{say('batches.cookTo')}</dt>
      <dd>{formatTemperature(plan.stopC, kitchen.temperature)}</dd>
      <dt className="opacity-80">{say('batches.storage')}</dt>
      <dd className={isProcessed(plan.shelf.verdict) ? '' : 'font-bold text-error'}>
        {places === null ? shelfInWords(plan) : placesInWords(places)}
      </dd>
      <dt className="opacity-80">{say('batches.canner')}</dt>
      <dd>{processInWords(plan)}</dd>
    </dl>
  </>
);

const PLACES: { readonly [place in Storage]: PlainMessageId } = {
  pantry: 'batches.inThePantry',
  fridge: 'batches.inTheFridge',
  freezer: 'batches.inTheFreezer',
};

/** Where the jars are, by the log: `6 in the pantry, 2 in the fridge`. */
const placesInWords = (places: JarPlaces): string =>
  STORAGES.filter((place) => places[place] > 0)
    .map((place) => say('batches.jarsIn', { count: places[place], place: say(PLACES[place]) }))
    .join(', ');

/** What the batch wants next. */
function Next({ batch }: { readonly batch: BatchSummary }) {
  const { state, plan, sessionId, id, name } = batch;
  const style = 'btn btn-sm relative z-[1]';
  if (state === 'on the stove' && sessionId !== null)
    return (
      <Link
        to={`/cook-sessions/${sessionId}`}
        className={`${style} btn-secondary`}
        aria-label={say('batches.goToTheStoveWith', { name })}
      >
        <Flame aria-hidden className="size-4" /> {say('batches.goToTheStove')}
      </Link>
    );
  if (state === 'planned' && plan !== null && plan.yield !== null)
    return (
      <Link
        to={`/batches/${id}/prepare`}
        className={style}
        aria-label={say('batches.prepare', { name })}
      >
        <ListChecks aria-hidden className="size-4" /> {say('batches.prepare2')}
      </Link>
    );
  if (sessionId !== null && (state === 'in jars' || state === 'done'))
    return (
      <Link
        to={`/cook-sessions/${sessionId}/jars`}
        className={`${style} ${state === 'done' ? '' : 'btn-secondary'}`}
        aria-label={say('batches.jarsOf', { name })}
      >
        <Amphora aria-hidden className="size-4" />{' '}
        {state === 'done' ? say('batches.jars') : say('batches.goToTheJars')}
      </Link>
    );
  return null;
}
