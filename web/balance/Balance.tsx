import { planInKitchen, type Batch, type Kitchen } from '@idle-kettle/contract';
import type { Fault, Plan } from '@idle-kettle/core';
import { useDeferredValue, useEffect, useMemo, useReducer, useState } from 'react';
import { useNavigate } from 'react-router';
import { useSaveBatch } from '../api/batches.ts';
import { JarRow } from '../drawings/JarRow.tsx';
import { KettleSection } from '../drawings/KettleSection.tsx';
import { fruitColourOf, suggestedName } from '../ui/fruit.ts';
import { BatchLabel } from './BatchLabel.tsx';
import { Cautions, Impossible } from './Cautions.tsx';
import { dropDraft, keepDraft, keptDraft } from './draft.ts';
import { linesReducer, startingWith, written } from './lines.ts';
import { LinesEditor } from './LinesEditor.tsx';
import { SaveBar } from './SaveBar.tsx';

/** The Balance screen of one batch, saved or new. */
export function Balance({ kitchen, saved }: { kitchen: Kitchen; saved: Batch | null }) {
  const id = saved?.id ?? null;
  const [draft] = useState(() => keptDraft(id));
  const [state, dispatch] = useReducer(
    linesReducer,
    draft?.lines ?? saved?.lines ?? [],
    startingWith,
  );
  const [name, setName] = useState(draft?.name ?? saved?.name ?? '');
  const [madeOn, setMadeOn] = useState(draft ? draft.version : (saved?.version ?? null));
  const save = useSaveBatch(id);
  const saveAsNew = useSaveBatch(null);
  const navigate = useNavigate();

  const lines = useMemo(() => written(state.lines), [state.lines]);
  const { plan, faults } = usePlan(lines, kitchen);
  const stale = faults.length > 0;
  const fruit = fruitColourOf(plan);
  const finalName = name.trim() === '' ? suggestedName(plan) : name.trim();
  const changed =
    saved === null
      ? lines.length > 0 || name.trim() !== ''
      : name !== saved.name || lines.join('\n') !== saved.lines.join('\n');

  useEffect(() => {
    if (changed) keepDraft(id, { name, lines, version: madeOn });
    else dropDraft(id);
  }, [changed, id, name, lines, madeOn]);

  function onSaved(batch: Batch) {
    dropDraft(id);
    setName(batch.name);
    setMadeOn(batch.version);
    if (batch.id !== id) void navigate(`/batches/${batch.id}`, { replace: true });
  }

  function onSave() {
    const body = { name: finalName, lines, ...(madeOn === null ? {} : { version: madeOn }) };
    save.mutate(body, { onSuccess: onSaved });
  }

  function onSaveAsNew() {
    saveAsNew.mutate({ name: `${finalName} (copy)`, lines }, { onSuccess: onSaved });
  }

  function onDiscard() {
    if (saved === null) return;
    dropDraft(id);
    save.reset();
    dispatch({ type: 'load', lines: saved.lines });
    setName(saved.name);
    setMadeOn(saved.version);
  }

  return (
    <div className="grid items-start gap-6 md:grid-cols-2 lg:grid-cols-3">
      <h1 className="sr-only">Balance: {finalName}</h1>
      <div className="flex flex-col gap-5">
        <LinesEditor state={state} dispatch={dispatch} units={kitchen.units} />
        <SaveBar
          changed={changed}
          empty={lines.length === 0}
          saved={saved}
          saving={save.isPending || saveAsNew.isPending}
          error={save.error ?? saveAsNew.error}
          onSave={onSave}
          onSaveAsNew={onSaveAsNew}
          onDiscard={onDiscard}
        />
      </div>
      <div className="flex flex-col gap-4 max-md:order-last">
        {plan && (
          <div className={stale ? 'opacity-50' : ''}>
            <KettleSection plan={plan} fruit={fruit} />
            {plan.yield && <JarRow jars={plan.yield} fruit={fruit} />}
          </div>
        )}
        {stale ? <Impossible faults={faults} /> : plan && <Cautions cautions={plan.cautions} />}
      </div>
      {plan && (
        <div className="md:max-lg:col-start-2 md:max-lg:row-span-2 md:max-lg:row-start-1">
          <BatchLabel
            plan={plan}
            kitchen={kitchen}
            fruit={fruit}
            stale={stale}
            onAddLine={(text) => dispatch({ type: 'add', text })}
            title={
              <input
                type="text"
                aria-label="Name of this batch"
                value={name}
                onChange={(event) => setName(event.target.value)}
                placeholder={suggestedName(plan)}
                maxLength={120}
                className="input input-ghost -ml-2 h-auto w-full px-2 py-1 text-2xl font-bold text-primary"
              />
            }
          />
        </div>
      )}
    </div>
  );
}

/**
 * The plan of the lines, worked out after the typing is on screen. While some line is impossible it
 * is the last plan there was, with the faults that stand against a new one.
 */
function usePlan(
  lines: readonly string[],
  kitchen: Kitchen,
): { plan: Plan | null; faults: readonly Fault[] } {
  const deferred = useDeferredValue(lines);
  const outcome = useMemo(() => planInKitchen(deferred, kitchen), [deferred, kitchen]);
  const [last, setLast] = useState<Plan | null>(null);
  if (outcome.ok && last !== outcome.plan) setLast(outcome.plan);
  return outcome.ok ? { plan: outcome.plan, faults: [] } : { plan: last, faults: outcome.faults };
}
