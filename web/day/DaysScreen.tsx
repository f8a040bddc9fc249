import { say } from '@idle-kettle/words';
import type { DaySheet } from '@idle-kettle/contract/daySheet';
import { format } from 'date-fns';
import { CalendarPlus, Undo2 } from 'lucide-react';
import { Link, useLocation, useNavigate } from 'react-router';
import { useDays, useMakeDay } from '../api/days.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { useOneAtATime } from '../api/oneAtATime.ts';
import { sayError } from '../api/request.ts';
import { useShelf, useToday } from '../api/season.ts';
import { useMay, useWho } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { documentOf, newSheet } from './sheet.ts';
import { Season } from './Season.tsx';

/** The day sheets, and what ripens: `/days`. */
export function DaysScreen() {
  const days = useDays();
  const kitchen = useKitchen();
  const today = useToday();
  const shelf = useShelf();
  const me = useWho().data?.member?.name ?? null;
  const make = useOneAtATime(useMakeDay());
  const goTo = useNavigate();
  const mayCook = useMay()('cook');
  const state = useLocation().state as { readonly deleted?: DaySheet } | null;
  const deleted = state?.deleted ?? null;
  const failure = failureOf([days, kitchen, today, shelf]);
  if (failure) return <NotFetched {...failure} />;
  if (!days.data || !kitchen.data || !today.data || !shelf.data)
    return <Loading what={say('days.daySheets')} />;
  const begin = () =>
    make.mutate(newSheet(kitchen.data, me, Date.now()), {
      onSuccess: ({ id }) => void goTo(`/days/${id}`),
    });
  return (
    <div className="flex flex-col gap-5">
      <header className="flex flex-wrap items-center gap-4">
        <PageHeading className="text-3xl font-bold text-primary">
          {say('days.daySheets')}
        </PageHeading>
        {mayCook && (
          <button
            type="button"
            className="btn btn-primary ml-auto"
            disabled={make.isPending}
            onClick={begin}
          >
            <CalendarPlus aria-hidden className="size-5" /> {say('days.make')}
          </button>
        )}
      </header>
      {deleted !== null && !days.data.some(({ id }) => id === deleted.id) && (
        <p role="status" className="flex items-center gap-2">
          {say('days.deleted', { name: deleted.name })}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() =>
              make.mutate(
                { id: deleted.id, ...documentOf(deleted) },
                { onSuccess: ({ id }) => void goTo(`/days/${id}`) },
              )
            }
          >
            <Undo2 aria-hidden className="size-4" /> {say('days.undo')}
          </button>
        </p>
      )}
      {make.error && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          {say('days.notKept', { error: sayError(make.error) })}
        </p>
      )}
      {days.data.length === 0 ? (
        <p className="max-w-prose text-lg">{say('days.none')}</p>
      ) : (
        <ul className="flex flex-col">
          {days.data.map(({ id, name, from, batches }) => (
            <li key={id} className="flex flex-wrap gap-x-4 border-b border-base-300 py-2">
              <Link className="link text-lg font-bold" to={`/days/${id}`}>
                {name}
              </Link>
              <span>{format(new Date(from), 'd MMM yyyy, HH:mm')}</span>
              <span className="opacity-80">{batches.join(', ')}</span>
            </li>
          ))}
        </ul>
      )}
      <Season
        kitchen={kitchen.data}
        fruit={today.data.fruit}
        stock={shelf.data.stock}
        nowMs={today.data.nowMs}
        me={me}
        mayCook={mayCook}
      />
    </div>
  );
}
