import { say, textOf } from '@idle-kettle/words';
import { isSomething, type Batch, type Kitchen } from '@idle-kettle/contract';
import { type Caution, type Plan, jarsOnHand, readingIn, type Formula } from '@idle-kettle/core';
import { useCallback, useEffect, useMemo } from 'react';
import { useDeepCompareMemoize } from 'use-deep-compare-effect';
import { Link } from 'react-router';
import { Dipsticks } from '../drawings/Dipsticks.tsx';
import { JarRow } from '../drawings/JarRow.tsx';
import { fruitColourOf, suggestedName } from '../ui/fruit.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { PageHeading } from '../ui/PageHeading.tsx';
import { isBareFruit } from './bareFruit.ts';
import { BatchLabel } from './BatchLabel.tsx';
import { Cautions, Impossible, Split } from './Cautions.tsx';
import { Conflict } from './Conflict.tsx';
import { isCrowded } from './crowded.ts';
import { PretreatmentPanel } from './PretreatmentPanel.tsx';
import { EmptiedPanel } from './EmptiedPanel.tsx';
import { FoldedLines } from './FoldedLines.tsx';
import { HistoryBar } from './HistoryBar.tsx';
import { LinesEditor } from './LinesEditor.tsx';
import { MethodFound } from './MethodFound.tsx';
import { NotSaved } from './NotSaved.tsx';
import { Diagnosis } from './Diagnosis.tsx';
import { SaveState } from './SaveState.tsx';
import { SettingsBar } from './SettingsBar.tsx';
import { MOST_NAME_CHARS } from './saverState.ts';
import { useFormula } from './useFormula.ts';
import { useFormulaQuestions } from './useFormulaQuestions.ts';
import { usePlan } from './usePlan.ts';
import { useSaver } from './useSaver.ts';
import { StartingPoints } from './StartingPoints.tsx';
import { Workbench } from './Workbench.tsx';
import { SuggestFormula } from './SuggestFormula.tsx';

type Props = {
  readonly kitchen: Kitchen;
  readonly saved: Batch | null;
  /** What a new batch starts from: a card. */
  readonly from: (Formula & { readonly name: string }) | null;
};

/** The Balance screen of one batch, saved or new. */
export function Balance({ kitchen, saved, from }: Props) {
  const id = saved?.id ?? null;
  const saving = useSaver(saved, from);
  const { saver } = saving;
  const { state, dispatch, formula, set, onChange, onNamed } = useFormula(id, saver);
  const { draft } = state;
  const { name } = draft;
  const { plan, settled, settledOf, faults, rough, failing } = usePlan(formula, kitchen);
  const stale = faults.length > 0;
  const fruit = fruitColourOf(plan);
  const finalName = name.trim() === '' ? suggestedName(plan) : name.trim();
  useEffect(() => {
    saver.write({ name, ...formula }, finalName, !stale);
  }, [saver, name, formula, finalName, stale]);
  const sizes = useMemo(() => jarsOnHand(kitchen), [kitchen]);
  const { extractsJuice = false, squeezesCitrus = false, ...others } = readingIn(formula, kitchen);
  const beside = useDeepCompareMemoize(others.beside);
  const reading = useMemo(
    () => ({ ...kitchen, extractsJuice, squeezesCitrus, beside }),
    [kitchen, extractsJuice, squeezesCitrus, beside],
  );
  // The same list for as long as it says the same, so that lines need not be drawn anew for every
  // plan.
  const decides = useDeepCompareMemoize(plan?.shelf.decides ?? NOTHING_DECIDES);
  const blank = draft.lines.length - 1;
  const {
    notice,
    found,
    closeFound,
    take,
    onTurn,
    workOut,
    workOutWritten,
    working,
    onPaste,
    onSplit,
    startFirst,
    onAsk,
    unanswered,
  } = useFormulaQuestions({ formula, kitchen, plan, settled, dispatch });
  const bringIn = useCallback((text: string) => onPaste(blank, text), [onPaste, blank]);
  const stops = useMemo(
    () => (stale ? NOTHING_TO_MIND : (settled?.cautions ?? NOTHING_TO_MIND)).filter(isStop),
    [stale, settled],
  );
  const pots = settled?.pot?.boilOver?.pots ?? 1;
  const wayOn = useCallback(
    ({ code, pots: asked, offer }: Caution) =>
      offer !== undefined ? (
        <button
          type="button"
          className="btn btn-outline btn-xs ml-1.5 max-md:btn-sm"
          onClick={() => dispatch({ type: 'change', change: offer.change, did: textOf(offer.act) })}
        >
          {textOf(offer.act)}
        </button>
      ) : code === 'boil-over' || asked !== undefined ? (
        <Split pots={asked ?? pots} onSplit={onSplit} />
      ) : code === 'altitude-assumed' ? (
        <Link to="/kitchen" className="btn btn-outline btn-xs ml-1.5 max-md:btn-sm">
          {say('balance.setYourAltitude')}
        </Link>
      ) : null,
    [pots, onSplit, dispatch],
  );
  const isWritten = formula.lines.length > 0 || formula.settings.remake != null;
  // Under the lines as long as there is room: many ways of mending them take it, or many lines of
  // which some decide the shelf.
  const underLabel =
    (settled?.set?.remedies.length ?? 0) > MANY_REMEDIES ||
    (isCrowded(formula.lines.length) && (settled?.shelf.decides.length ?? 0) > 1);
  const toMind = !stale && settled && isWritten && (
    <div className="min-w-0 max-md:order-3">
      <ErrorBoundary what={say('balance.theNotes')} on={settled}>
        <Cautions cautions={settled.cautions} wayOn={wayOn} />
      </ErrorBoundary>
    </div>
  );

  return (
    <div className="grid items-start gap-x-5 gap-y-3 max-md:pb-12 md:grid-cols-2 wide:grid-cols-[minmax(0,25rem)_minmax(0,1fr)_minmax(0,22rem)]">
      <PageHeading className="sr-only">{say('balance.balance', { finalName })}</PageHeading>
      <div className="flex min-w-0 flex-col gap-2 max-md:contents">
        <FoldedLines lines={plan?.lines ?? []} open={saved === null}>
          <ErrorBoundary what={say('balance.theSettings')} on={draft}>
            <SettingsBar
              settings={draft.settings}
              method={plan?.method ?? null}
              stop={plan?.stop.kind ?? null}
              solublesPct={Math.round(plan?.finish?.solublesPct ?? 65)}
              kitchen={kitchen}
              onSet={set}
            />
          </ErrorBoundary>
          <ErrorBoundary what={say('balance.theFirstStep')} on={draft}>
            {draft.settings.remake != null ? (
              <EmptiedPanel
                remake={draft.settings.remake}
                plan={plan?.remake}
                kitchen={kitchen}
                onSet={set}
              />
            ) : (
              <PretreatmentPanel
                product={draft.settings.product ?? 'jam'}
                before={draft.settings.before ?? null}
                plan={plan?.before}
                kitchen={kitchen}
                fruit={fruit}
                onStart={startFirst}
                onSet={set}
              />
            )}
          </ErrorBoundary>
          <ErrorBoundary what={say('balance.theIngredientLines')} on={draft}>
            <LinesEditor
              lines={draft.lines}
              dispatch={dispatch}
              units={kitchen.units}
              kitchen={reading}
              decides={decides}
              named={draft.settings.before != null}
              onPaste={onPaste}
            />
          </ErrorBoundary>
          {found.length > 0 && (
            <ErrorBoundary what={say('balance.theMethodText')} on={found}>
              <MethodFound
                findings={found}
                settings={draft.settings}
                kitchen={kitchen}
                onSet={set}
                onStart={startFirst}
                onClose={closeFound}
              />
            </ErrorBoundary>
          )}
          {(state.refused ?? notice) !== null && (
            <p role="alert" className="border-l-4 border-secondary pl-3 text-sm">
              {state.refused ?? notice}
            </p>
          )}
        </FoldedLines>
        <div className="flex min-w-0 items-center gap-2 max-md:order-3 md:order-first">
          <SaveState saving={saving} empty={!isSomething(formula)} />
          <HistoryBar
            canUndo={state.past.length > 0}
            canRedo={state.future.length > 0}
            dispatch={dispatch}
          />
        </div>
        <NotSaved saving={saving} />
        <div className="flex min-w-0 flex-col gap-2 max-md:order-2">
          {(failing || unanswered) && (
            <p role="alert" className="border-l-4 border-error pl-3 text-sm">
              {unanswered
                ? say('balance.thatDidntWorkJustNow')
                : say('balance.showingTypicalValuesRangesAre')}
            </p>
          )}
          {saving.theirs && (
            <ErrorBoundary what={say('balance.theOtherVersion')} on={saving.theirs}>
              <Conflict
                mine={{ name: finalName, ...formula }}
                theirs={saving.theirs}
                saver={saver}
              />
            </ErrorBoundary>
          )}
          {stale ? (
            <Impossible faults={faults} />
          ) : plan && isBareFruit(formula, plan) ? (
            <ErrorBoundary what={say('balance.theDiagnosis')} on={plan}>
              <SuggestFormula busy={working} onWorkOut={workOutWritten} />
            </ErrorBoundary>
          ) : (
            plan?.set && (
              <ErrorBoundary what={say('balance.theSuggestedFormula')} on={plan}>
                <Diagnosis set={plan.set} onChange={onChange} />
              </ErrorBoundary>
            )
          )}
          {working && <p>{say('balance.lookingForAmountsThatSet')}</p>}
          <p role="status" className="text-sm empty:-mt-2">
            {state.did === null ? '' : `${state.did}.`}
          </p>
          {!underLabel && toMind}
        </div>
      </div>
      <div className="grid min-w-0 items-start gap-3 max-md:contents md:max-wide:order-1 md:max-wide:col-span-2 md:max-wide:grid-cols-2">
        {!isWritten && saved === null && (
          <div className="min-w-0 max-md:order-1 md:max-wide:col-span-2">
            <ErrorBoundary what={say('balance.theStartingPoints')} on={draft}>
              <StartingPoints
                units={kitchen.units}
                busy={working}
                onFruit={workOut}
                onBringIn={bringIn}
              />
            </ErrorBoundary>
          </div>
        )}
        {plan && (isWritten || saved !== null) && (
          <div className={`min-w-0 max-md:order-5 ${stale ? 'opacity-50' : ''}`}>
            <ErrorBoundary what={say('balance.theDrawing')} on={plan}>
              <Dipsticks plan={plan} fruit={fruit} onTurn={onTurn} />
            </ErrorBoundary>
            {plan.yield && (
              <ErrorBoundary what={say('balance.theJars')} on={plan}>
                <JarRow jars={plan.yield} sizes={sizes} fruit={fruit} />
              </ErrorBoundary>
            )}
          </div>
        )}
        {isWritten && settled?.finish && (
          <div className="min-w-0 max-md:order-4">
            <ErrorBoundary what={say('balance.theTools')} on={settled}>
              <Workbench
                name={finalName}
                formula={settledOf}
                kitchen={kitchen}
                plan={settled}
                fruit={fruit}
                onTake={take}
                onSet={set}
                onAsk={onAsk}
                onBringIn={bringIn}
              />
            </ErrorBoundary>
          </div>
        )}
      </div>
      {plan && (
        <div className="flex min-w-0 flex-col gap-2 max-md:contents">
          <ErrorBoundary what={say('balance.theLabel')} on={plan}>
            <BatchLabel
              plan={plan}
              kitchen={kitchen}
              fruit={fruit}
              stale={stale}
              rough={rough}
              batchId={id}
              stops={stops}
              wayOn={wayOn}
              onChange={onChange}
              title={
                <input
                  type="text"
                  data-name
                  aria-label={say('balance.batchName')}
                  value={name}
                  onChange={({ target }) => dispatch({ type: 'name', text: target.value })}
                  onBlur={onNamed}
                  placeholder={suggestedName(plan)}
                  maxLength={MOST_NAME_CHARS}
                  className="input input-ghost -ml-2 h-auto w-full px-2 py-0.5 text-xl font-bold text-primary"
                />
              }
            />
          </ErrorBoundary>
          {underLabel && toMind}
        </div>
      )}
    </div>
  );
}

/** More than these fill the room under eight lines. */
const MANY_REMEDIES = 2;

const NOTHING_DECIDES: Plan['shelf']['decides'] = [];

const NOTHING_TO_MIND: Plan['cautions'] = [];

const isStop = ({ level }: Caution): boolean => level === 'stop';
