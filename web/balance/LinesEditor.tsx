import { readLine, type UnitSystem } from '@idle-kettle/core';
import { Undo2 } from 'lucide-react';
import { useEffect, useRef, type Dispatch } from 'react';
import { LineRow } from './LineRow.tsx';
import type { LinesAction, LinesState } from './lines.ts';

type Props = {
  readonly state: LinesState;
  readonly dispatch: Dispatch<LinesAction>;
  readonly units: UnitSystem;
};

/** The lines of a formula: type, paste a whole recipe, take out, put back; all of it by keyboard too. */
export function LinesEditor({ state, dispatch, units }: Props) {
  const list = useRef<HTMLOListElement>(null);
  const wanted = useRef<number | null>(null);

  useEffect(() => {
    if (wanted.current === null) return;
    list.current?.querySelector<HTMLInputElement>(`[data-line="${wanted.current}"]`)?.focus();
    wanted.current = null;
  });

  function focus(index: number) {
    const input = list.current?.querySelector<HTMLInputElement>(`[data-line="${index}"]`);
    if (input) input.focus();
    else wanted.current = index;
  }

  function remove(index: number) {
    wanted.current = Math.max(0, index - 1);
    dispatch({ type: 'remove', index });
  }

  return (
    <section aria-labelledby="lines-title">
      <h2 id="lines-title" className="mb-1 text-lg font-bold text-primary">
        In the pot
      </h2>
      <p className="mb-2 text-sm opacity-80">
        Write it as you would on a card, after stoning, coring and peeling. Paste a whole list if
        you have one.
      </p>
      <ol ref={list}>
        {state.lines.map((text, index) => (
          <LineRow
            key={index}
            text={text}
            index={index}
            reading={text.trim() === '' ? null : readLine(text)}
            units={units}
            onType={(next) => dispatch({ type: 'type', index, text: next })}
            onPaste={(next) => dispatch({ type: 'paste', index, text: next })}
            onEnter={() => {
              wanted.current = index + 1;
              dispatch({ type: 'insert', after: index });
            }}
            onRemove={() => remove(index)}
            onMove={(by) => focus(index + by)}
          />
        ))}
      </ol>
      {state.refused !== null && (
        <p role="alert" className="mt-2 border-l-4 border-error pl-3 text-error">
          {state.refused}
        </p>
      )}
      {state.removed && (
        <p role="status" className="mt-2 flex items-center gap-2 text-sm">
          Took out “{state.removed.text}”.
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() => dispatch({ type: 'put back' })}
          >
            <Undo2 aria-hidden className="size-4" /> Put it back
          </button>
        </p>
      )}
    </section>
  );
}
