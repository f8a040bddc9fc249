import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { format, isSameDay } from 'date-fns';
import { CalendarPlus, Printer, Trash2, Undo2 } from 'lucide-react';
import { Link, useNavigate, useParams } from 'react-router';
import { useDay, useDeleteDay } from '../api/days.ts';
import { failureOf } from '../api/failure.ts';
import { useKitchen } from '../api/kitchen.ts';
import { isConflict, sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { NotFetched } from '../ui/Broken.tsx';
import { fileNameOf } from '../ui/download.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Loading } from '../ui/Loading.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { AddBatch } from './AddBatch.tsx';
import { BatchWishes } from './BatchWishes.tsx';
import { CrewLines } from './CrewLines.tsx';
import { DayNeeds } from './DayNeeds.tsx';
import { Lanes } from './Lanes.tsx';
import { begunAt, madeBy, toFiveMinutes, workersOf } from './sheet.ts';
import { SheetSetup } from './SheetSetup.tsx';
import { ShortOf } from './ShortOf.tsx';
import { useSheetChanges } from './useSheetChanges.ts';
import { WhatWhen } from './WhatWhen.tsx';

/** Several batches in one day: `/days/:id`. */
export function DayScreen() {
  const { id = '' } = useParams();
  const kitchen = useKitchen();
  const day = useDay(id);
  const failure = failureOf([kitchen, day]);
  if (failure) return <NotFetched {...failure} />;
  if (!kitchen.data || !day.data) return <Loading what={say('days.daySheet')} />;
  return (
    <>
      {day.error && (
        <p role="alert" className="mb-3 border-l-4 border-error pl-3">
          {say('batches.showingWhatWasLoadedLast', { sayError: sayError(day.error) })}
        </p>
      )}
      <ErrorBoundary what={say('days.daySheet')} on={day.data}>
        <Day key={id} answer={day.data} units={kitchen.data.units} />
      </ErrorBoundary>
    </>
  );
}

function Day({ answer, units }: { readonly answer: DayAnswer; readonly units: 'metric' | 'us' }) {
  const { sheet, batches, day } = answer;
  const { keep, undo, did, error, isPending } = useSheetChanges(sheet);
  const remove = useDeleteDay();
  const goTo = useNavigate();
  const mayChange = useMay()('cook');
  const failed = error ?? remove.error;
  const move = (of: number, byMs: number) => {
    const first = day?.acts.find((act) => act.of === of);
    const batch = batches[of];
    if (first === undefined || batch === undefined) return;
    const { batchId, name } = batch;
    const at = toFiveMinutes(first.startMs + byMs);
    const isFirst = at <= new Date(sheet.from).getTime();
    keep(
      (document) => begunAt(document, batchId, isFirst ? null : at),
      isFirst
        ? say('days.movedToFirst', { name })
        : say('days.movedTo', { name, time: format(at, 'HH:mm') }),
    );
  };
  const give = (of: number, person: number) => {
    const batch = batches[of];
    if (batch === undefined) return;
    keep(
      (document) => madeBy(document, batch.batchId, person),
      say('days.givenTo', { name: batch.name, person: workersOf(sheet)[person]?.name ?? '' }),
    );
  };
  return (
    <div className="flex flex-col gap-4">
      <header className="flex flex-wrap items-end gap-x-5 gap-y-2">
        <div>
          <PageHeading className="text-3xl font-bold text-primary">{sheet.name}</PageHeading>
          <p data-testid="day-when">{whenInWords(answer)}</p>
        </div>
        <div className="ml-auto flex flex-wrap gap-2 print:hidden">
          <button type="button" className="btn" onClick={() => window.print()}>
            <Printer aria-hidden className="size-5" /> {say('days.print')}
          </button>
          <a
            className="btn"
            href={`/api/days/${sheet.id}/calendar.ics`}
            download={`${fileNameOf(sheet.name)}.ics`}
          >
            <CalendarPlus aria-hidden className="size-5" /> {say('days.calendar')}
          </a>
          {mayChange && (
            <button
              type="button"
              className="btn btn-ghost"
              onClick={() =>
                remove.mutate(sheet.id, {
                  onSuccess: () => void goTo('/days', { state: { deleted: sheet } }),
                })
              }
            >
              <Trash2 aria-hidden className="size-5" /> {say('days.delete')}
            </button>
          )}
        </div>
      </header>
      {(did !== null || isPending) && (
        <p role="status" className="flex min-h-8 items-center gap-2 print:hidden">
          {isPending ? (
            say('days.planning')
          ) : (
            <>
              {did}
              <button type="button" className="btn btn-ghost btn-sm" onClick={undo}>
                <Undo2 aria-hidden className="size-4" /> {say('days.undo')}
              </button>
            </>
          )}
        </p>
      )}
      {failed && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          {isConflict(failed)
            ? say('days.changedElsewhere')
            : say('days.notKept', { error: sayError(failed) })}
        </p>
      )}
      {day?.infeasible && <ShortOf answer={answer} mayChange={mayChange} onChange={keep} />}
      <Faults answer={answer} />
      {day !== null && batches.length > 0 && (
        <>
          <Lanes answer={answer} mayChange={mayChange} onMove={move} onGive={give} />
          {mayChange && batches.length > 0 && (
            <p className="text-sm opacity-80 print:hidden">{say('days.howToDrag')}</p>
          )}
        </>
      )}
      {mayChange && <AddBatch sheet={sheet} isFirst={batches.length === 0} onChange={keep} />}
      <div className="grid items-start gap-6 lg:grid-cols-[minmax(0,3fr)_minmax(0,2fr)]">
        <div className="flex flex-col gap-6">
          {batches.length > 0 && (
            <BatchWishes answer={answer} mayChange={mayChange} onChange={keep} />
          )}
          {answer.crew && <CrewLines answer={answer} crew={answer.crew} units={units} />}
          <WhatWhen answer={answer} />
        </div>
        <div className="flex flex-col gap-6">
          <SheetSetup sheet={sheet} mayChange={mayChange} onChange={keep} />
          <DayNeeds answer={answer} units={units} />
        </div>
      </div>
    </div>
  );
}

/** A day whose beginning is past by more than this is another day, min. */
const LONG_AGO_MIN = 12 * 60;

/** `Saturday, 12 September, 9:00. Over at 15:40; 20 minutes later than planned.` */
function whenInWords({ sheet, day, batches }: DayAnswer): string {
  const from = new Date(sheet.from);
  const parts = [
    say('days.from', { day: format(from, 'EEEE, d MMMM'), time: format(from, 'HH:mm') }),
  ];
  // A day on which nothing can be made has no last jar.
  if (day !== null && (day.acts.length > 0 || day.over.length > 0)) {
    const isOver = day.over.length === batches.length;
    const time = format(day.finishMs, 'HH:mm');
    if (isOver) parts.push(say('days.allOver', { time }));
    else if (isSameDay(day.finishMs, from)) parts.push(say('days.overAt', { time }));
    else parts.push(say('days.overOn', { day: format(day.finishMs, 'EEEE'), time }));
    if (!isOver && day.begun.length > 0 && Math.abs(day.lateMin) >= 5)
      parts.push(
        say(day.lateMin > 0 ? 'days.later' : 'days.sooner', { count: Math.abs(day.lateMin) }),
      );
    if (!isOver && day.begun.length === 0 && day.lateMin >= 5)
      parts.push(
        day.lateMin > LONG_AGO_MIN
          ? say('days.longAgo')
          : say('days.notBegun', { count: day.lateMin }),
      );
  }
  return parts.join(' ');
}

/** Formulas that cannot be planned, each with the way to it. */
function Faults({ answer: { faults, batches } }: { readonly answer: DayAnswer }) {
  if (faults.length === 0) return null;
  return (
    <ul role="alert" className="border-l-4 border-error pl-3">
      {faults.map(({ field, message }, index) => {
        const of = Number(/^batches\[(\d+)\]/.exec(field)?.[1] ?? -1);
        const batch = batches[of];
        return (
          <li key={index}>
            {batch !== undefined && (
              <Link className="link font-bold" to={`/batches/${batch.batchId}`}>
                {batch.name}
              </Link>
            )}{' '}
            {say('days.cannotPlan', { message })}
          </li>
        );
      })}
    </ul>
  );
}
