import { say } from '@idle-kettle/words';
import type { TodayAnswer } from '@idle-kettle/contract/season';
import { format } from 'date-fns';
import { Bell, CalendarPlus, CookingPot } from 'lucide-react';
import { Link, Navigate } from 'react-router';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useToday } from '../api/season.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { CalendarFeed } from './CalendarFeed.tsx';
import { FirstBatch } from './FirstBatch.tsx';
import { FruitAtHand } from './FruitAtHand.tsx';
import { InSeason } from './InSeason.tsx';
import { LaterList, NowList } from './TaskList.tsx';
import { useNotices } from './useNotices.ts';

/**
 * Home: what wants a hand now, in the order of what is lost by waiting. A kitchen that was never set
 * up is asked about its place first.
 */
export function TodayScreen() {
  const kitchen = useKitchen();
  const today = useToday();
  const failure = failureOf([kitchen, today]);
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || !today.data) return <Loading what={say('today.today')} />;
  if (!kitchen.data.setUp) return <Navigate to="/kitchen" replace />;
  return (
    <>
      {today.error && (
        <p role="alert" className="mb-4 border-l-4 border-error pl-3">
          {say('batches.showingWhatWasLoadedLast', { sayError: sayError(today.error) })}
        </p>
      )}
      <ErrorBoundary what={say('today.today')} on={today.data}>
        <Today today={today.data} />
      </ErrorBoundary>
    </>
  );
}

function Today({ today }: { readonly today: TodayAnswer }) {
  const { tasks, nowMs, fruit, inSeason, isNew } = today;
  const mayCook = useMay()('cook');
  const notices = useNotices(tasks, nowMs);
  const now = tasks.filter(({ isNow }) => isNow);
  // Fruit has a list of its own beside it.
  const later = tasks.filter(({ isNow, kind }) => !isNow && kind !== 'fruit');
  return (
    <>
      <header className="mb-3 flex flex-wrap items-center gap-x-4 gap-y-2">
        <div>
          <PageHeading className="text-3xl font-bold text-primary">
            {say('today.today')}
          </PageHeading>
          <p>{format(nowMs, 'EEEE, d MMMM')}</p>
        </div>
        {mayCook && (
          <div className="ml-auto flex flex-wrap gap-2">
            <Link to="/days" className="btn btn-lg">
              <CalendarPlus aria-hidden className="size-6" />
              {say('days.daySheets')}
            </Link>
            <Link to="/batches/new" className="btn btn-primary btn-lg">
              <CookingPot aria-hidden className="size-6" />
              {say('batches.startABatch')}
            </Link>
          </div>
        )}
      </header>
      <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="flex flex-col gap-5">
          {isNew && <FirstBatch />}
          <section aria-label={say('today.now')}>
            {now.length === 0 ? (
              !isNew && <p className="text-xl">{say('today.quiet')}</p>
            ) : (
              <>
                <h2 className="sr-only">{say('today.now')}</h2>
                <NowList tasks={now} nowMs={nowMs} />
              </>
            )}
          </section>
          {later.length > 0 && (
            <section aria-label={say('today.later')}>
              <h2 className="text-xl font-bold text-primary">{say('today.later')}</h2>
              <LaterList tasks={later} nowMs={nowMs} />
            </section>
          )}
        </div>
        <div className="flex flex-col gap-5">
          <FruitAtHand fruit={fruit} nowMs={nowMs} mayCook={mayCook} />
          <InSeason fruit={inSeason} />
          <section aria-label={say('today.reminders')} className="flex flex-col gap-1">
            <h2 className="text-xl font-bold text-primary">{say('today.reminders')}</h2>
            {notices.canTell && (
              <button
                type="button"
                className="btn self-start"
                aria-pressed={notices.isOn}
                onClick={() => void notices.turn(!notices.isOn)}
              >
                <Bell aria-hidden className="size-5" />{' '}
                {say(notices.isOn ? 'today.noticesOff' : 'today.noticesOn')}
              </button>
            )}
            <CalendarFeed />
          </section>
        </div>
      </div>
    </>
  );
}
