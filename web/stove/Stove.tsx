import { say, textOf } from '@idle-kettle/words';
import { Link } from 'react-router';
import { type CookSession } from '@idle-kettle/contract';
import {
  asPlanned,
  formatGrams,
  progressOf,
  stoveCautions,
  testConflict,
  type Caution,
  jarsOnHand,
} from '@idle-kettle/core';
import { useMemo, useState } from 'react';
import { usePotSight } from '../api/cookSessions.ts';
import { ClimbStrip } from '../drawings/ClimbStrip.tsx';
import { fruitColourOfLines } from '../ui/fruit.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { Curve } from './Curve.tsx';
import { EventButtons, OneNumber, type TestKind } from './EventButtons.tsx';
import { Figures } from './Figures.tsx';
import { LogList } from './LogList.tsx';
import { instructionFor } from './instruction.ts';
import { InstructionPanel } from './InstructionPanel.tsx';
import { useMay } from '../api/who.ts';
import { OwnProbe } from './OwnProbe.tsx';
import { PotView } from './PotView.tsx';
import { isCalibrated, stoveCookPlan } from './stoveCookPlan.ts';
import { Tests } from './Tests.tsx';
import { TopBar } from './TopBar.tsx';
import { can, useAttention } from './useAttention.ts';
import type { CookLog } from './useCookLog.ts';
import { useEstimate } from './useEstimate.ts';
import { useKitchenNow } from './useKitchenNow.ts';
import { stoveSayings } from './sayings.ts';
import { useEffectiveLog } from './useEffectiveLog.ts';
import { useStaysDue } from './useStaysDue.ts';
import { useVoice } from './useVoice.ts';
import { WaterCheck, type WaterCheckSaving } from './WaterCheck.tsx';

type Props = {
  readonly session: CookSession;
  readonly log: CookLog;
  /** Keeps what boiling water showed for the whole kitchen; null for a practice. */
  readonly keeping: WaterCheckSaving | null;
  readonly onReady: () => void;
};

/** Acts whose end is estimated. */
const NEAR_THE_STOP: ReadonlySet<string> = new Set(['boil-down', 'reduce', 'whisk']);

/** The stove: one cook, as it goes. */
export function Stove({ session, log, keeping, onReady }: Props) {
  const mayCook = useMay()('cook');
  const { note } = log;
  const { temperature: scale } = session.kitchen;
  const nowMs = useKitchenNow(
    session.clock,
    session.endedAt === null ? null : Date.parse(session.endedAt),
  );
  const { entries, typed, counted, events, waterBoilsC } = useEffectiveLog(
    session,
    log.entries,
    nowMs,
  );
  const sizes = useMemo(
    () => jarsOnHand(session.kitchen).map(({ name }) => name),
    [session.kitchen],
  );
  const [test, setTest] = useState<TestKind | null>(null);
  const [amount, setAmount] = useState(false);

  const cookPlan = useMemo(() => stoveCookPlan(session, waterBoilsC), [session, waterBoilsC]);
  const progress = useMemo(
    () => (cookPlan ? progressOf(cookPlan, events) : null),
    [cookPlan, events],
  );
  const { known, failing } = useEstimate({ session, waterBoilsC, entries, now: () => nowMs });
  const practising = session.practice !== null && session.endedAt === null;
  const mayLook = practising && progress?.litAtMs != null;
  const sight = usePotSight(session.id, mayLook, session.clock.speed).data ?? null;
  const readings = useMemo(() => entries.filter(({ kind }) => kind === 'temperature'), [entries]);

  const instruction = useStaysDue(
    cookPlan && progress
      ? instructionFor(cookPlan, progress, known, sight, nowMs, {
          scale,
          practice: session.practice !== null,
        })
      : null,
    progress && NEAR_THE_STOP.has(progress.act.id) ? `${progress.actIndex} ${events.length}` : null,
    known?.minutesLeft?.p50 ?? null,
  );
  const { ways, set, mute } = useAttention(instruction?.rings === true && session.endedAt === null);
  const cautions: readonly Caution[] =
    cookPlan && progress && known ? stoveCautions(cookPlan, progress, known, nowMs) : [];
  useVoice(
    ways.speech && can.speech && session.endedAt === null,
    instruction && progress
      ? stoveSayings(instruction, progress.actIndex, known, cautions, nowMs, scale)
      : [],
  );
  if (!cookPlan || !progress || !instruction) {
    return (
      <p role="alert" className="p-8 text-xl">
        {say('stove.thisBatchCantBeFollowed')}
      </p>
    );
  }

  function press() {
    if (!cookPlan || !progress) return;
    if (instruction?.says) {
      void note(instruction.says);
      return;
    }
    const { act } = progress;
    const on = act.ends[0]?.on;
    if (on === 'plate-test' || on === 'mound-test') setTest(on);
    else if (act.adds) void note('added', act.adds.massG, asPlanned(act.adds.id));
    else if (on === 'ready') void note('ready').then(onReady);
    else if (on !== undefined) void note(on);
  }

  const conflict = known ? testConflict(cookPlan, known, events) : null;
  const sinceMin = known ? Math.max(0, nowMs - known.atMs) / 60_000 : 0;
  const { adds } = progress.act;
  return (
    <div
      data-theme="enamel-stove"
      className="-mx-4 -my-5 min-h-screen bg-base-200 px-4 py-4 text-base-content sm:-mx-6 sm:px-6"
    >
      <TopBar
        session={session}
        log={log}
        nowMs={nowMs}
        litAtMs={progress.litAtMs}
        ways={ways}
        set={set}
        mute={mute}
        title={say('stove.onTheStove', { name: session.name })}
      />
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[10rem_minmax(0,1fr)] lg:grid-cols-[11rem_minmax(0,1fr)_20rem]">
        <div className="max-md:hidden">
          <ErrorBoundary what={say('stove.theTemperatureStrip')}>
            <ClimbStrip
              waterBoilsC={cookPlan.waterBoilsC}
              stopC={cookPlan.stopC}
              tempC={
                progress.litAtMs !== null && known?.tempKnown === true ? known.tempC.p50 : null
              }
              scale={scale}
            />
          </ErrorBoundary>
        </div>
        <div className="flex min-w-0 flex-col gap-4 max-md:contents">
          <ErrorBoundary what={say('stove.theWaterCheck')}>
            <WaterCheck
              entries={entries}
              nowMs={nowMs}
              progress={progress}
              scale={scale}
              waterBoilsC={cookPlan.waterBoilsC}
              checked={
                isCalibrated(session, waterBoilsC) &&
                events.findLast(({ kind }) => kind === 'in-water' || kind === 'water-boils')
                  ?.kind !== 'in-water'
              }
              note={note}
              keeping={waterBoilsC === null ? null : keeping}
            />
          </ErrorBoundary>
          {test === null ? (
            <InstructionPanel
              key={progress.actIndex}
              instruction={instruction}
              nowMs={nowMs}
              mayLeave={progress.act.hands === 'none'}
              onPress={press}
              onInstead={(says) => void note(says)}
            />
          ) : (
            <Tests
              test={test}
              acts={cookPlan.acts}
              fruit={fruitColourOfLines(session.formula)}
              drops={sight?.drops ?? null}
              onOutcome={(outcome) => {
                setTest(null);
                void note(test, null, outcome);
              }}
              onLeave={() => setTest(null)}
            />
          )}
          {adds && (
            <div>
              <button type="button" className="btn btn-ghost" onClick={() => setAmount(!amount)}>
                {say('stove.aDifferentAmountThan', { grams: formatGrams(adds.massG) })}
              </button>
              {amount && (
                <OneNumber
                  label={say('stove.gramsAdded')}
                  unit="g"
                  min={1}
                  max={200_000}
                  onGive={(grams) => {
                    setAmount(false);
                    void note('added', grams, asPlanned(adds.id));
                  }}
                />
              )}
            </div>
          )}
          {sight && (
            <ErrorBoundary what={say('stove.thePot')} on={sight}>
              <PotView sight={sight} />
            </ErrorBoundary>
          )}
          <ErrorBoundary what={say('stove.theFigures')}>
            <Figures cookPlan={cookPlan} known={known} sinceMin={sinceMin} scale={scale} />
          </ErrorBoundary>
          {failing && (
            <p role="alert" className="border-l-4 border-error pl-3 text-lg">
              {say('stove.theFiguresCantBeUpdated')}
            </p>
          )}
          {conflict && (
            <p role="alert" className="border-l-4 border-secondary pl-3 text-lg">
              {textOf(conflict)}
            </p>
          )}
          <div className="max-md:order-2">
            <ErrorBoundary what={say('stove.theCurve')}>
              <Curve
                readings={readings}
                known={known}
                litAtMs={progress.litAtMs}
                stopC={cookPlan.stopC}
                waterBoilsC={cookPlan.waterBoilsC}
                scale={scale}
              />
            </ErrorBoundary>
          </div>
        </div>
        <div className="flex min-w-0 flex-col gap-4 max-md:contents md:max-lg:col-span-2">
          {cautions.length > 0 && (
            <ul aria-label={say('stove.warnings')} className="flex flex-col gap-2">
              {cautions.map(({ code, level, text }) => (
                <li
                  key={code}
                  data-code={code}
                  className={`border-l-8 py-1 pl-3 text-lg ${LOOK[level]}`}
                >
                  {textOf(text)}
                </li>
              ))}
            </ul>
          )}
          {mayCook && (
            <ErrorBoundary what={say('stove.theseButtons')}>
              <EventButtons
                cookPlan={cookPlan}
                progress={progress}
                scale={scale}
                note={note}
                onTest={setTest}
              />
            </ErrorBoundary>
          )}
          <div className="max-md:order-1">
            <ErrorBoundary what={say('stove.theLog')}>
              <LogList entries={typed} counted={counted} scale={scale} sizes={sizes} note={note} />
              {session.practice === null && (
                <Link className="link text-lg" to={`/trouble?cook=${session.id}`}>
                  {say('book.wentWrong')}
                </Link>
              )}
            </ErrorBoundary>
            {session.practice === null && mayCook && <OwnProbe />}
          </div>
        </div>
      </div>
    </div>
  );
}

const LOOK: { readonly [level in Caution['level']]: string } = {
  stop: 'border-error text-error font-bold',
  warn: 'border-secondary font-bold',
  note: 'border-base-300',
};
