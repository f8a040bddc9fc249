import { say, textOf } from '@idle-kettle/words';
import type { CookSession } from '@idle-kettle/contract';
import { loadsInAll, USUAL_HALF_PINTS, type Entry } from '@idle-kettle/core';
import { Award, Tags } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { useSetDone } from '../api/batches.ts';
import { useKitchen } from '../api/kitchen.ts';
import { LogList } from '../stove/LogList.tsx';
import { TopBar } from '../stove/TopBar.tsx';
import { can, useAttention } from '../stove/useAttention.ts';
import type { CookLog } from '../stove/useCookLog.ts';
import { useEstimate } from '../stove/useEstimate.ts';
import { useKitchenNow } from '../stove/useKitchenNow.ts';
import { useEffectiveLog } from '../stove/useEffectiveLog.ts';
import { useVoice } from '../stove/useVoice.ts';
import { fruitColourOfLines } from '../ui/fruit.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { useGoOn } from '../ui/useGoOn.ts';
import { JarTaskPanel } from './JarTaskPanel.tsx';
import { FillPanel } from './FillPanel.tsx';
import { JarBoard } from './JarBoard.tsx';
import { jarSayings } from './jarSayings.ts';
import type { Press } from './jarTask.ts';
import { jarTasksOf } from './jarTasks.ts';
import { StoppedFar } from './StoppedFar.tsx';
import { StorageList } from './StorageList.tsx';
import { LabelsSheet } from './LabelsSheet.tsx';
import { ShowSheet } from './ShowSheet.tsx';
import { toBoilIn, useJars } from './useJars.ts';
import { WhereFrom } from './WhereFrom.tsx';

type Props = { readonly session: CookSession; readonly log: CookLog };

/** The jars of one batch, from the full pot to where they are kept. */
export function Jars({ session, log }: Props) {
  const kitchen = useKitchen().data;
  const setDone = useSetDone();
  const goOn = useGoOn();
  const nowMs = useKitchenNow(session.clock, null);
  const standing = useEffectiveLog(session, log.entries, nowMs);
  const { entries, typed, counted, waterBoilsC } = standing;
  const { known: pot } = useEstimate({
    session: wantsPot(entries) ? session : null,
    waterBoilsC,
    entries,
    now: () => nowMs,
  });
  const known = useJars(session, standing, pot, kitchen);
  const [sheetOpen, setSheetOpen] = useState<'labels' | 'show' | null>(null);
  const toBoil = known ? toBoilIn(session, kitchen, known.jarPlan, known.progress) : null;
  const cannerHolds = kitchen?.cannerHolds ?? USUAL_HALF_PINTS;
  const tasks =
    known && toBoil
      ? jarTasksOf({ ...known, nowMs, cannerHolds, units: session.kitchen.units, toBoil })
      : NO_CALLS;
  const { ways, set, mute } = useAttention(tasks.some(({ rings }) => rings));
  useVoice(ways.speech && can.speech, jarSayings(tasks, nowMs));
  if (known === null || toBoil === null)
    return (
      <p role="alert" className="p-8 text-xl">
        {say('jars.theseJarsCantBeFollowed')}
      </p>
    );
  const { jarPlan, progress, filling } = known;

  async function write({ notes }: Press) {
    for (const [kind, value, text] of notes) await log.note(kind, value, text);
  }

  const fruit = fruitColourOfLines(session.formula);
  const filled = progress.jars.length > 0;
  const isFilling =
    progress.loads.length === 0 &&
    progress.storedAtMs === null &&
    (!filled || progress.jars.some(({ state }) => state === 'filled' || state === 'closed'));
  const pressing = tasks.some(({ id }) => id === 'press');
  const [first, ...others] = tasks;
  return (
    <div
      data-theme="enamel-stove"
      className="-mx-4 -my-5 min-h-screen bg-base-200 px-4 py-4 text-base-content sm:-mx-6 sm:px-6"
    >
      <TopBar
        session={session}
        log={log}
        nowMs={nowMs}
        litAtMs={null}
        ways={ways}
        set={set}
        mute={mute}
        title={say('jars.jarsOf', { name: session.name })}
      />
      <div className="grid grid-cols-1 items-start gap-4 lg:grid-cols-[minmax(0,1fr)_22rem]">
        <div className="flex min-w-0 flex-col gap-4">
          {first ? (
            <JarTaskPanel
              key={first.id}
              task={first}
              nowMs={nowMs}
              onPress={(press) => void write(press)}
              large
            />
          ) : (
            <AllDone done={progress.storedAtMs !== null} />
          )}
          {others.length > 0 && (
            <div className="grid gap-3 md:grid-cols-2">
              {others.map((task) => (
                <JarTaskPanel
                  key={task.id}
                  task={task}
                  nowMs={nowMs}
                  onPress={(press) => void write(press)}
                  large={false}
                />
              ))}
            </div>
          )}
          {isFilling && (
            <ErrorBoundary what={say('jars.theFilling')} on={filling}>
              <FillPanel
                jarPlan={jarPlan}
                progress={progress}
                filling={filling}
                units={session.kitchen.units}
                fruit={fruit}
                onPress={(press) => void write(press)}
              />
            </ErrorBoundary>
          )}
          {!filled && session.batchId !== null && (
            <button
              type="button"
              className="btn h-auto min-h-12 w-fit border-2 border-base-300 px-4 text-lg"
              disabled={setDone.isPending}
              onClick={() => {
                const onwards = goOn();
                setDone.mutate(
                  { id: session.batchId ?? '', isDone: true },
                  { onSuccess: () => onwards('/batches') },
                );
              }}
            >
              {say('jars.theyreAlreadyOnTheShelf')}
            </button>
          )}
          <ErrorBoundary what={say('jars.theJars')} on={progress}>
            <JarBoard
              jarPlan={jarPlan}
              progress={progress}
              pressing={pressing}
              fruit={fruit}
              onPress={(press) => void write(press)}
            />
          </ErrorBoundary>
        </div>
        <div className="flex min-w-0 flex-col gap-4">
          {jarPlan.farStop !== null && <StoppedFar stop={jarPlan.farStop} />}
          {progress.warnings.length > 0 && (
            <ul aria-label={say('jars.warnings')} className="flex flex-col gap-2">
              {[...new Set(progress.warnings.map(({ text }) => text))].map((text) => (
                <li key={textOf(text)} className="border-l-8 border-secondary py-1 pl-3 text-lg">
                  {textOf(text)}
                </li>
              ))}
            </ul>
          )}
          <ErrorBoundary what={say('jars.theStorage')} on={jarPlan}>
            <StorageList
              jarPlan={jarPlan}
              progress={progress}
              nowMs={nowMs}
              loads={loadsInAll(jarPlan, progress, filling, cannerHolds)}
            />
          </ErrorBoundary>
          {filled && (
            <div className="flex flex-wrap gap-2">
              <button
                type="button"
                className="btn h-auto min-h-14 border-2 border-base-content px-4 text-lg"
                onClick={() => setSheetOpen('labels')}
              >
                <Tags aria-hidden className="size-6" /> {say('jars.labels')}
              </button>
              <button
                type="button"
                className="btn h-auto min-h-14 border-2 border-base-300 px-4 text-lg"
                onClick={() => setSheetOpen('show')}
              >
                <Award aria-hidden className="size-6" /> {say('jars.showEntry')}
              </button>
            </div>
          )}
          <ErrorBoundary what={say('jars.theLog')}>
            <LogList
              entries={typed}
              counted={counted}
              scale={session.kitchen.temperature}
              sizes={known.sizes}
              note={log.note}
            />
          </ErrorBoundary>
          <WhereFrom />
          <p className="text-base">{say('jars.hotJarsSteamBoilingWater')}</p>
          <p className="flex flex-wrap gap-4 text-lg">
            <Link className="link" to={`/cook-sessions/${session.id}`}>
              {say('jars.backToTheStove')}
            </Link>
            <Link className="link" to={`/trouble?cook=${session.id}`}>
              {say('book.wentWrong')}
            </Link>
            {session.batchId !== null && (
              <Link className="link" to={`/batches/${session.batchId}`}>
                {say('jars.theBatch')}
              </Link>
            )}
          </p>
        </div>
      </div>
      {sheetOpen === 'labels' && (
        <LabelsSheet session={session} jarPlan={jarPlan} progress={progress} onClose={close} />
      )}
      {sheetOpen === 'show' && (
        <ShowSheet session={session} jarPlan={jarPlan} progress={progress} onClose={close} />
      )}
    </div>
  );

  function close() {
    setSheetOpen(null);
  }
}

/**
 * Whether it is still of interest what the stove knew of the pot: it was followed there, and is
 * neither measured nor empty yet.
 */
const wantsPot = (entries: readonly Pick<Entry, 'kind'>[]): boolean =>
  entries.some(({ kind }) => kind === 'off-heat') &&
  !entries.some(({ kind }) => kind === 'measured' || kind === 'loaded');

const NO_CALLS: ReturnType<typeof jarTasksOf> = [];

const AllDone = ({ done }: { readonly done: boolean }) => (
  <section aria-label={say('jars.next')} className="rounded-box border-4 border-base-300 p-4">
    <h2 data-testid="next-call" className="text-4xl leading-tight font-bold sm:text-5xl">
      {done ? say('jars.allOnTheShelf') : say('jars.nothingToDoRightNow')}
    </h2>
    <p className="mt-2 text-lg">{done ? say('jars.ifALidComesUp') : say('jars.fillAJarOrPick')}</p>
  </section>
);
