import { say, textOf } from '@idle-kettle/words';
import { isSomething, type Batch, type Kitchen } from '@idle-kettle/contract';
import {
  PRETREATMENT_FACTS,
  findIngredient,
  type PretreatmentKind,
  type Caution,
  type Change,
  type GaugeId,
  type Plan,
  type PlanLine,
  type PlanRequest,
  jarsOnHand,
  type Formula,
} from '@idle-kettle/core';
import { useCallback, useEffect, useMemo, useReducer, useRef, useState } from 'react';
import { Link } from 'react-router';
import { Dipsticks } from '../drawings/Dipsticks.tsx';
import { JarRow } from '../drawings/JarRow.tsx';
import { fruitColourOf, suggestedName } from '../ui/fruit.ts';
import { ErrorBoundary } from '../ui/ErrorBoundary.tsx';
import { planner } from '../workers/planner.ts';
import { isBareFruit } from './bareFruit.ts';
import { BatchLabel } from './BatchLabel.tsx';
import { Cautions, Impossible, Split } from './Cautions.tsx';
import { Conflict } from './Conflict.tsx';
import { isCrowded } from './crowded.ts';
import { formulaOf, formulaReducer, written } from './formula.ts';
import { PretreatmentPanel } from './PretreatmentPanel.tsx';
import { FoldedLines } from './FoldedLines.tsx';
import { handOverHistory, historyOf, keepHistory } from './history.ts';
import { HistoryBar } from './HistoryBar.tsx';
import { LinesEditor } from './LinesEditor.tsx';
import { NotSaved } from './NotSaved.tsx';
import { readPasted } from './pasted.ts';
import { Diagnosis } from './Diagnosis.tsx';
import { SaveState } from './SaveState.tsx';
import { SettingsBar } from './SettingsBar.tsx';
import { MOST_NAME_CHARS } from './saverState.ts';
import { usePlan } from './usePlan.ts';
import { useAsk } from './useSlowQuestion.ts';
import { useSaver } from './useSaver.ts';
import { StartingPoints } from './StartingPoints.tsx';
import { Workbench } from './Workbench.tsx';
import { SuggestFormula } from './SuggestFormula.tsx';

/** Quiet after which an edit is over, ms. */
const PAUSE_MS = 1500;

/** Fields whose text has an undo of its own. */
const OWN_TEXT =
  'textarea, input:not([data-line]):not([type=range]):not([type=checkbox]):not([type=radio])';

type Props = {
  readonly kitchen: Kitchen;
  readonly saved: Batch | null;
  /** What a new batch starts from: a card. */
  readonly from: (Formula & { readonly name: string }) | null;
};

const NOTHING_DECIDES: Plan['shelf']['decides'] = [];

/** The Balance screen of one batch, saved or new. */
export function Balance({ kitchen, saved, from }: Props) {
  const id = saved?.id ?? null;
  const saving = useSaver(saved, from);
  const { saver } = saving;
  const [state, dispatch] = useReducer(formulaReducer, saver.first, (first) =>
    historyOf(id, first),
  );
  const [notice, setNotice] = useState<string | null>(null);

  const { draft } = state;
  const { name } = draft;
  const linesKey = JSON.stringify(written(draft.lines));
  const settingsKey = JSON.stringify(draft.settings);
  const settings = useMemo(() => JSON.parse(settingsKey) as Formula['settings'], [settingsKey]);
  const formula = useMemo(
    (): Formula => ({ lines: JSON.parse(linesKey) as string[], settings }),
    [linesKey, settings],
  );
  const { plan, settled, settledOf, faults, rough, failing } = usePlan(formula, kitchen);
  const stale = faults.length > 0;
  const fruit = fruitColourOf(plan);
  const finalName = name.trim() === '' ? suggestedName(plan) : name.trim();
  useEffect(() => {
    saver.write({ name, ...formula }, finalName, !stale);
  }, [saver, name, formula, finalName, stale]);
  // What was saved stands again, or what somebody else saved.
  useEffect(() => {
    return saver.onShow((batch) => {
      dispatch({ type: 'load', formula: batch });
    });
  }, [saver]);

  useEffect(() => {
    keepHistory(id, state);
  }, [id, state]);
  useEffect(() => {
    return saver.onSaved((batch, isNew) => {
      if (isNew && id === null) handOverHistory(batch.id, batch.name);
    });
  }, [saver, id]);
  // A pause ends an edit: what is typed after it is taken back by itself.
  useEffect(() => {
    if (state.typing === null) return undefined;
    const timer = setTimeout(() => dispatch({ type: 'pause' }), PAUSE_MS);
    return () => clearTimeout(timer);
  }, [state.typing, draft]);

  useEffect(() => {
    function onKey(event: KeyboardEvent) {
      if (!(event.ctrlKey || event.metaKey) || event.key.toLowerCase() !== 'z') return;
      // A text that is no line of the formula takes its own typing back.
      if (event.target instanceof Element && event.target.matches(OWN_TEXT)) return;
      event.preventDefault();
      dispatch({ type: event.shiftKey ? 'redo' : 'undo' });
    }
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);

  const take = useCallback(
    (request: PlanRequest | null, did: string) => {
      if (request === null) {
        setNotice(say('balance.fixTheHighlightedLinesFirst'));
        return;
      }
      setNotice(null);
      dispatch({ type: 'take', formula: formulaOf(request, settings), did });
    },
    [settings],
  );
  const set = useCallback(
    (next: Formula['settings'], did: string, typing?: string) =>
      dispatch({ type: 'set', settings: next, did, ...(typing === undefined ? {} : { typing }) }),
    [],
  );

  const sizes = useMemo(() => jarsOnHand(kitchen), [kitchen]);
  const latest = useRef({ take });
  useEffect(() => {
    latest.current = { take };
  });
  const { onAsk, unanswered } = useAsk(formula);
  const onTurn = useCallback(
    (gauge: GaugeId, value: number) =>
      onAsk(
        (now) => planner.ask((of) => of.turn(now, kitchen, gauge, value)),
        (request) => latest.current.take(request, say('balance.changed', { gauge })),
      ),
    [kitchen, onAsk],
  );

  const [working, setWorking] = useState(false);
  /** A formula for the fruit that is written, or for that of a line. */
  const workOut = useCallback(
    (line: string | null) => {
      setWorking(true);
      onAsk(
        (now) =>
          planner.ask((of) => of.workOut(line === null ? now : { ...now, lines: [line] }, kitchen)),
        (found) => {
          if (found.outcome === 'found') {
            latest.current.take(found.request, say('balance.suggestedAFormula'));
            return;
          }
          setNotice(textOf(found.faults.map(({ message }) => message)));
          // What was not understood is asked about where it stands.
          if (line !== null) dispatch({ type: 'paste', index: 0, lines: [line] });
        },
        () => setWorking(false),
      );
    },
    [kitchen, onAsk],
  );
  const workOutWritten = useCallback(() => workOut(null), [workOut]);

  const isJelly = draft.settings.product === 'jelly';
  const reading = useMemo(() => ({ ...kitchen, extractsJuice: isJelly }), [kitchen, isJelly]);
  const onPaste = useCallback((index: number, text: string) => {
    const pasted = readPasted(text);
    if (!pasted.ok) return setNotice(pasted.message);
    setNotice(
      pasted.rest.length === 0
        ? null
        : say('balance.skipped', {
            slice: pasted.rest.slice(0, 3).join(' · ').slice(0, 160),
            part: pasted.rest.length > 3 ? ' …' : '',
          }),
    );
    dispatch({
      type: 'paste',
      index,
      lines: pasted.lines,
      name: pasted.name.slice(0, MOST_NAME_CHARS),
    });
  }, []);

  const decides = useSameDecides(plan);
  const blank = draft.lines.length - 1;
  const bringIn = useCallback((text: string) => onPaste(blank, text), [onPaste, blank]);
  const onSplit = useCallback(
    (pots: number) =>
      onAsk(
        (now) =>
          planner.ask((of) => of.solve(now, kitchen, { fruitG: fruitGrams(settled) / pots })),
        (found) => {
          if (found.outcome === 'solved')
            latest.current.take(found.request, say('balance.splitIntoPots', { pots }));
        },
      ),
    [kitchen, settled, onAsk],
  );

  /** What comes first, with the whole fruit of the pot moved into it. */
  const startFirst = useCallback(
    (kind: PretreatmentKind) => {
      const goes = (index: number) => goesFirst(kind, plan?.lines[index]);
      const lines = formula.lines.filter((_, index) => goes(index));
      dispatch({
        type: 'take',
        formula: {
          lines: formula.lines.filter((_, index) => !goes(index)),
          settings: { ...settings, before: { kind, lines } },
        },
        did: say('balance.firstStep', { name: PRETREATMENT_FACTS[kind].name }),
      });
    },
    [formula, plan, settings],
  );

  const onChange = useCallback(
    (change: Change, did: string) => dispatch({ type: 'change', change, did }),
    [],
  );

  const stops = useMemo(
    () => (stale ? NOTHING_TO_MIND : (settled?.cautions ?? NOTHING_TO_MIND)).filter(isStop),
    [stale, settled],
  );
  const pots = settled?.pot?.boilOver?.pots ?? 1;
  const wayOn = useCallback(
    ({ code }: Caution) =>
      code === 'boil-over' ? (
        <Split pots={pots} onSplit={onSplit} />
      ) : code === 'altitude-assumed' ? (
        <Link to="/kitchen" className="btn btn-outline btn-xs ml-1.5 max-md:btn-sm">
          {say('balance.setYourAltitude')}
        </Link>
      ) : null,
    [pots, onSplit],
  );
  const isWritten = formula.lines.length > 0;
  // Under the lines as long as there is room: many ways of mending them take it, or many lines of which some decide the shelf.
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
      <h1 className="sr-only">{say('balance.balance', { finalName })}</h1>
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
            <PretreatmentPanel
              product={draft.settings.product ?? 'jam'}
              before={draft.settings.before ?? null}
              plan={plan?.before}
              kitchen={kitchen}
              fruit={fruit}
              onStart={startFirst}
              onSet={set}
            />
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
          {working && <p role="status">{say('balance.lookingForAmountsThatSet')}</p>}
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
                  aria-label={say('balance.batchName')}
                  value={name}
                  onChange={({ target }) => dispatch({ type: 'name', text: target.value })}
                  onBlur={() => dispatch({ type: 'pause' })}
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

/** What decides the shelf, the same list for as long as it says the same, so that lines need not be drawn anew for every plan. */
function useSameDecides(plan: Plan | null): Plan['shelf']['decides'] {
  const key = JSON.stringify(plan?.shelf.decides ?? NOTHING_DECIDES);
  return useMemo(() => JSON.parse(key) as Plan['shelf']['decides'], [key]);
}

/** More than these fill the room under eight lines. */
const MANY_REMEDIES = 2;

const NOTHING_TO_MIND: Plan['cautions'] = [];

const isStop = ({ level }: Caution): boolean => level === 'stop';

/** Whether a line of the pot is of what comes first: whole fruit, and what it is softened in; herbs in an infusion. */
function goesFirst(kind: PretreatmentKind, line: PlanLine | undefined): boolean {
  const row = line?.ingredient === undefined ? null : findIngredient(line.ingredient);
  if (!row) return false;
  if (row.kind === 'water') return true;
  return kind === 'infuse'
    ? row.kind === 'seasoning'
    : row.kind === 'fruit' && line?.state !== 'juice';
}

/** Grams of fruit in a batch, from its share of what is left at the stop. */
const fruitGrams = (plan: Plan | null): number =>
  ((plan?.finish?.fruitPer100g ?? 0) * ((plan?.start?.massG ?? 0) - (plan?.finish?.steamG ?? 0))) /
  100;
