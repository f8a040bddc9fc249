import { say } from '@idle-kettle/words';
import { readingIn, readLine } from '@idle-kettle/core';
import { Flame } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { useBatch } from '../api/batches.ts';
import { failureOf } from '../api/failure.ts';
import { useStartCook, useCookSessions } from '../api/cookSessions.ts';
import { useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { useGoOn } from '../ui/useGoOn.ts';

/** `/batches/:id/stove`: sets a batch on the stove, or goes on with one that stands there. */
export function BeginScreen() {
  const { id = '' } = useParams();
  const batch = useBatch(id);
  const sessions = useCookSessions();
  const kitchen = useKitchen();
  const begin = useStartCook();
  const [isAsked, setIsAsked] = useState(false);
  const goOn = useGoOn();
  const failure = failureOf([batch, sessions, kitchen]);
  if (failure) return <NotFetched {...failure} />;
  if (!batch.data || !sessions.data || !kitchen.data)
    return <Loading what={say('stove.theBatch')} />;
  const { lines, settings } = batch.data;
  const reading = readingIn(batch.data, kitchen.data);
  // What comes first is read alone, as it is in a plan.
  const unread = [
    ...(settings.before?.lines ?? []).filter((line) => !readLine(line, kitchen.data).understood),
    ...lines.filter((line) => !readLine(line, reading).understood),
  ];
  const start = () => {
    const onwards = goOn();
    begin.mutate(
      { batchId: id },
      { onSuccess: (session) => onwards(`/cook-sessions/${session.id}`) },
    );
  };
  const on = sessions.data.find(({ batchId, endedAt }) => batchId === id && endedAt === null);
  return (
    <section
      aria-label={say('stove.startCooking')}
      className="mx-auto flex max-w-2xl flex-col gap-4"
    >
      <PageHeading className="text-3xl font-bold text-primary">
        {say('stove.onTheStove', { name: batch.data.name })}
      </PageHeading>
      <ul className="list-outside list-disc pl-6 text-lg">
        <li>{say('stove.everythingIsWeighedAndThe')}</li>
        <li>{say('stove.jarsAreHotWithA')}</li>
        <li>{say('stove.aPlateIsInThe')}</li>
        <li>{say('stove.childrenAndPetsAreOut')}</li>
      </ul>
      <p className="text-lg">
        <Link to={`/batches/${id}/prepare`} className="link">
          {say('stove.seePrepareForTheWhole')}
        </Link>{' '}
        <Link to={`/batches/${id}/jars`} className="link">
          {say('stove.alreadyCookedGoToThe')}
        </Link>
      </p>
      {on && (
        <Link to={`/cook-sessions/${on.id}`} className="btn btn-primary min-h-16 text-2xl">
          <Flame aria-hidden className="size-7" /> {say('stove.goOnWithThePot')}
        </Link>
      )}
      {begin.error && (
        <p role="alert" className="text-error">
          {sayError(begin.error)}
        </p>
      )}
      <button
        type="button"
        disabled={begin.isPending}
        onClick={() => (unread.length > 0 ? setIsAsked(true) : start())}
        className={`btn min-h-16 text-2xl ${on ? 'btn-outline' : 'btn-primary'}`}
      >
        <Flame aria-hidden className="size-7" />{' '}
        {on ? say('stove.startAnotherPotOfIt') : say('stove.startCooking')}
      </button>
      {isAsked && unread.length > 0 && (
        <div role="alert" className="border-l-8 border-secondary pl-4">
          <p className="text-lg font-bold">
            {say('stove.linesNotUnderstood', { count: unread.length })}
          </p>
          <ul className="list-outside list-disc pl-6 text-lg">
            {unread.map((line) => (
              <li key={line}>{line}</li>
            ))}
          </ul>
          <p className="text-lg">{say('stove.theyCountForNothing')}</p>
          <div className="mt-2 flex flex-wrap gap-3">
            <Link to={`/batches/${id}`} className="btn btn-primary min-h-14 text-lg">
              {say('stove.fixTheLines')}
            </Link>
            <button
              type="button"
              disabled={begin.isPending}
              className="btn min-h-14 border-2 border-base-content text-lg"
              onClick={start}
            >
              {say('stove.startWithoutThem')}
            </button>
          </div>
        </div>
      )}
    </section>
  );
}
