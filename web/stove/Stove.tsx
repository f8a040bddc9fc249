import { jarsIn, type CookRecord } from '@idle-kettle/contract';
import {
  asPlanned,
  formatGrams,
  progressOf,
  stoveCautions,
  testConflict,
  type Caution,
} from '@idle-kettle/core';
import { useMemo, useState } from 'react';
import { usePotSight } from '../api/cooks.ts';
import { ClimbStrip } from '../drawings/ClimbStrip.tsx';
import { fruitColourOfLines } from '../ui/fruit.ts';
import { Guarded } from '../ui/Guarded.tsx';
import { Curve } from './Curve.tsx';
import { EventButtons, OneNumber, type TestKind } from './EventButtons.tsx';
import { Figures } from './Figures.tsx';
import { LogList } from './LogList.tsx';
import { instructionFor } from './instruction.ts';
import { InstructionPanel } from './InstructionPanel.tsx';
import { OwnProbe } from './OwnProbe.tsx';
import { PotView } from './PotView.tsx';
import { isCalibrated, stoveSheet } from './stoveSheet.ts';
import { Tests } from './Tests.tsx';
import { TopBar } from './TopBar.tsx';
import { can, useAttention } from './useAttention.ts';
import type { CookLog } from './useCookLog.ts';
import { useEstimate } from './useEstimate.ts';
import { useKitchenNow } from './useKitchenNow.ts';
import { stoveSayings } from './sayings.ts';
import { useStanding } from './useStanding.ts';
import { useVoice } from './useVoice.ts';
import { WaterCheck, type Keeping } from './WaterCheck.tsx';

type Props = {
  readonly cook: CookRecord;
  readonly log: CookLog;
  /** Keeps what boiling water showed for the whole kitchen; null for a practice. */
  readonly keeping: Keeping | null;
  readonly onReady: () => void;
};

/** The stove: one cook, as it goes. */
export function Stove({ cook, log, keeping, onReady }: Props) {
  const { note } = log;
  const { temperature: scale } = cook.kitchen;
  const nowMs = useKitchenNow(cook.clock, cook.endedAt === null ? null : Date.parse(cook.endedAt));
  const { entries, events, waterBoilsC } = useStanding(cook, log.entries, nowMs);
  const sizes = useMemo(() => jarsIn(cook.kitchen).map(({ name }) => name), [cook.kitchen]);
  const [test, setTest] = useState<TestKind | null>(null);
  const [amount, setAmount] = useState(false);

  const sheet = useMemo(() => stoveSheet(cook, waterBoilsC), [cook, waterBoilsC]);
  const progress = useMemo(() => (sheet ? progressOf(sheet, events) : null), [sheet, events]);
  const { known, failing } = useEstimate({ cook, waterBoilsC, entries, now: () => nowMs });
  const practising = cook.practice !== null && cook.endedAt === null;
  const sight = usePotSight(cook.id, practising && progress?.litAtMs != null).data ?? null;
  const readings = useMemo(() => entries.filter(({ kind }) => kind === 'temperature'), [entries]);

  const instruction =
    sheet && progress
      ? instructionFor(sheet, progress, known, sight, nowMs, {
          scale,
          practice: cook.practice !== null,
        })
      : null;
  const { ways, set, mute } = useAttention(instruction?.rings === true && cook.endedAt === null);
  const cautions: readonly Caution[] =
    sheet && progress && known ? stoveCautions(sheet, progress, known, nowMs) : [];
  useVoice(
    ways.speech && can.speech && cook.endedAt === null,
    instruction && progress
      ? stoveSayings(instruction, progress.actIndex, known, cautions, nowMs, scale)
      : [],
  );
  if (!sheet || !progress || !instruction) {
    return (
      <p role="alert" className="p-8 text-xl">
        This batch cannot be followed: there is too little in the pot that the larder knows.
      </p>
    );
  }

  function press() {
    if (!sheet || !progress) return;
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

  const conflict = known ? testConflict(sheet, known, events) : null;
  const sinceMin = known ? Math.max(0, nowMs - known.atMs) / 60_000 : 0;
  const { adds } = progress.act;
  return (
    <div
      data-theme="enamel-stove"
      className="-mx-4 -my-5 min-h-screen bg-base-200 px-4 py-4 text-base-content sm:-mx-6 sm:px-6"
    >
      <TopBar
        cook={cook}
        log={log}
        nowMs={nowMs}
        litAtMs={progress.litAtMs}
        ways={ways}
        set={set}
        mute={mute}
      />
      <div className="grid grid-cols-1 items-start gap-4 md:grid-cols-[10rem_minmax(0,1fr)] lg:grid-cols-[11rem_minmax(0,1fr)_20rem]">
        <div className="max-md:hidden">
          <Guarded what="the strip">
            <ClimbStrip
              waterBoilsC={sheet.waterBoilsC}
              stopC={sheet.stopC}
              tempC={progress.litAtMs === null ? null : (known?.tempC.p50 ?? null)}
              scale={scale}
            />
          </Guarded>
        </div>
        <div className="flex min-w-0 flex-col gap-4 max-md:contents">
          <Guarded what="the water check">
            <WaterCheck
              entries={entries}
              nowMs={nowMs}
              progress={progress}
              scale={scale}
              waterBoilsC={sheet.waterBoilsC}
              checked={
                isCalibrated(cook, waterBoilsC) &&
                events.findLast(({ kind }) => kind === 'in-water' || kind === 'water-boils')
                  ?.kind !== 'in-water'
              }
              note={note}
              keeping={waterBoilsC === null ? null : keeping}
            />
          </Guarded>
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
              fruit={fruitColourOfLines(cook.formula)}
              plate={sight?.plate ?? null}
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
                Another amount than {formatGrams(adds.massG)}
              </button>
              {amount && (
                <OneNumber
                  label="Grams that went in"
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
            <Guarded what="the pot" on={sight}>
              <PotView sight={sight} />
            </Guarded>
          )}
          <Guarded what="the figures">
            <Figures sheet={sheet} known={known} sinceMin={sinceMin} scale={scale} />
          </Guarded>
          {failing && (
            <p role="alert" className="border-l-4 border-error pl-3 text-lg">
              The figures cannot be worked out just now, and those shown are old. Acts, clocks and
              the log go on.
            </p>
          )}
          {conflict && (
            <p role="alert" className="border-l-4 border-secondary pl-3 text-lg">
              {conflict}
            </p>
          )}
          <div className="max-md:order-2">
            <Guarded what="the curve">
              <Curve
                readings={readings}
                known={known}
                litAtMs={progress.litAtMs}
                stopC={sheet.stopC}
                waterBoilsC={sheet.waterBoilsC}
                scale={scale}
              />
            </Guarded>
          </div>
        </div>
        <div className="flex min-w-0 flex-col gap-4 max-md:contents md:max-lg:col-span-2">
          {cautions.length > 0 && (
            <ul aria-label="Mind" className="flex flex-col gap-2">
              {cautions.map(({ code, level, text }) => (
                <li
                  key={code}
                  data-code={code}
                  className={`border-l-8 py-1 pl-3 text-lg ${LOOK[level]}`}
                >
                  {text}
                </li>
              ))}
            </ul>
          )}
          <Guarded what="these buttons">
            <EventButtons
              sheet={sheet}
              progress={progress}
              scale={scale}
              note={note}
              onTest={setTest}
            />
          </Guarded>
          <div className="max-md:order-1">
            <Guarded what="the log">
              <LogList
                entries={log.entries}
                counted={entries}
                scale={scale}
                sizes={sizes}
                note={note}
              />
            </Guarded>
            {cook.practice === null && <OwnProbe cook={cook.id} />}
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
