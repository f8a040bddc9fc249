import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import type { CrewPot, DayAct } from '@idle-kettle/core/schedule';
import { format } from 'date-fns';
import { Check } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { useDay } from '../api/days.ts';
import { failureOf } from '../api/failure.ts';
import { sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { fruitColour } from '../ui/fruit.ts';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { nextFor } from './laneModel.ts';
import { thingName, tickable, withTick } from './sheet.ts';
import { useSheetChanges } from './useSheetChanges.ts';

/** What one person does next, to be read at arm’s length: `/days/:id/hands/:person`. */
export function HandsScreen() {
  const { id = '', person = '0' } = useParams();
  const day = useDay(id);
  const failure = failureOf([day]);
  if (failure) return <NotFetched {...failure} />;
  if (!day.data) return <Loading what={say('days.daySheet')} />;
  return (
    <>
      {day.error && (
        <p role="alert" className="mb-3 border-l-4 border-error pl-3">
          {say('batches.showingWhatWasLoadedLast', { sayError: sayError(day.error) })}
        </p>
      )}
      <Hands answer={day.data} person={Number(person)} />
    </>
  );
}

function Hands({ answer, person }: { readonly answer: DayAnswer; readonly person: number }) {
  const { sheet, day, crew, nowMs } = answer;
  const name = sheet.people[person]?.name;
  const pot = crew?.pots.filter(({ people }) => people.includes(person)) ?? [];
  // A crew’s acts are told of its team, by the first of it.
  const team = pot[0]?.people[0] ?? person;
  const { now, next } = nextFor(day?.acts ?? [], team, nowMs);
  if (name === undefined) return <p className="text-xl">{say('days.nobodyThere')}</p>;
  return (
    <div className="mx-auto flex max-w-xl flex-col gap-4">
      <header className="flex flex-wrap items-baseline justify-between gap-2">
        <PageHeading className="text-3xl font-bold text-primary">{name}</PageHeading>
        <Link className="link" to={`/days/${sheet.id}`}>
          {sheet.name}
        </Link>
      </header>
      {now === null && next.length === 0 ? (
        <p className="text-2xl">{say('days.nothingForYou')}</p>
      ) : (
        <>
          {now !== null && <Big answer={answer} act={now} isNow />}
          {now === null && next[0] !== undefined && (
            <Big answer={answer} act={next[0]} isNow={false} />
          )}
          <ol aria-label={say('days.then')} className="flex flex-col">
            {next.slice(now === null ? 1 : 0).map((act, nth) => (
              <li
                key={`${act.of} ${act.act} ${nth}`}
                className="flex gap-3 border-b border-base-300 py-2 text-lg"
              >
                <span className="w-16 shrink-0 tabular-nums">{format(act.startMs, 'HH:mm')}</span>
                <span>
                  {say('days.actOf', { batch: act.batch, act: say(`days.act.${act.act}`) })}
                </span>
              </li>
            ))}
          </ol>
        </>
      )}
      {pot.map((one) => (
        <Turns key={one.of} answer={answer} pot={one} person={person} />
      ))}
    </div>
  );
}

type BigProps = { readonly answer: DayAnswer; readonly act: DayAct; readonly isNow: boolean };

/** The one thing to do, large, with the way to it. */
function Big({ answer, act, isNow }: BigProps) {
  const { sheet, batches, nowMs } = answer;
  const { keep, error, isPending } = useSheetChanges(sheet);
  const mayCook = useMay()('cook');
  const batch = batches[act.of];
  const tick = tickable(answer, act.of);
  const way =
    batch?.cookId != null
      ? `/cook-sessions/${batch.cookId}`
      : `/batches/${batch?.batchId ?? ''}/prepare`;
  return (
    <section
      aria-label={say(isNow ? 'days.now' : 'days.next')}
      className="flex flex-col gap-2 rounded-box border-l-8 bg-base-100 p-4"
      style={{ borderColor: batch?.colour ?? fruitColour(null) }}
    >
      <p className="text-lg">
        {isNow
          ? say('days.nowUntil', { time: format(act.endMs, 'HH:mm') })
          : say('days.nextAt', { time: format(act.startMs, 'HH:mm') })}
      </p>
      <p className="text-4xl leading-tight font-bold">{say(`days.act.${act.act}`)}</p>
      <p className="text-2xl">
        {act.batch}
        {act.holds.length > 0 && (
          <span className="opacity-80">
            {', '}
            {act.holds.map((thing) => thingName(sheet, thing)).join(', ')}
          </span>
        )}
      </p>
      {mayCook && tick !== null && tick.act === act.act ? (
        <button
          type="button"
          className="btn btn-primary btn-xl"
          disabled={isPending}
          onClick={() =>
            keep(
              (document) => withTick(document, batch?.batchId ?? '', tick.act, nowMs),
              say('days.done'),
            )
          }
        >
          <Check aria-hidden className="size-6" /> {say('days.done')}
        </button>
      ) : (
        <Link className="btn btn-primary btn-xl" to={way}>
          {say(batch?.cookId != null ? 'days.toTheStove' : 'days.toTheBatch')}
        </Link>
      )}
      {error && (
        <p role="alert" className="text-error">
          {say('days.notKept', { error: sayError(error) })}
        </p>
      )}
    </section>
  );
}

type TurnsProps = { readonly answer: DayAnswer; readonly pot: CrewPot; readonly person: number };

/** Somebody of a crew: when they stir, and what they do as jars are filled. */
function Turns({ answer, pot, person }: TurnsProps) {
  const shifts = pot.shifts.filter((shift) => shift.person === person);
  const roles = pot.line.find((one) => one.person === person)?.roles ?? [];
  return (
    <section aria-label={answer.batches[pot.of]?.name ?? ''} className="text-lg">
      {shifts.length > 0 && (
        <p>
          <b>{say('days.yourTurns')}</b>{' '}
          {shifts
            .map(({ startMs, endMs }) => `${format(startMs, 'HH:mm')}–${format(endMs, 'HH:mm')}`)
            .join(', ')}
        </p>
      )}
      {roles.length > 0 && (
        <p>
          <b>{say('days.inTheLine')}</b> {roles.map((role) => say(`days.role.${role}`)).join(', ')}
        </p>
      )}
    </section>
  );
}
