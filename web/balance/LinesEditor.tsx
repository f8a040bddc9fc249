import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import { readLine, type OwnPack, type UnitSystem } from '@idle-kettle/core';
import { useEffect, useRef, type Dispatch } from 'react';
import type { FormulaAction, FormulaState } from './formula.ts';
import { LineRow } from './LineRow.tsx';

type Props = {
  readonly state: FormulaState;
  readonly dispatch: Dispatch<FormulaAction>;
  readonly units: UnitSystem;
  readonly packs: readonly OwnPack[];
  /** Something longer than a line was pasted into that line. */
  readonly onPaste: (index: number, text: string) => void;
};

/** The lines of a formula: type, paste a whole recipe, move, take out; all of it by keyboard too. */
export function LinesEditor({ state, dispatch, units, packs, onPaste }: Props) {
  const { lines } = state.sheet;
  const list = useRef<HTMLOListElement>(null);
  const wanted = useRef<number | null>(null);

  const inputAt = (index: number) =>
    list.current?.querySelector<HTMLInputElement>(`[data-line="${index}"]`);

  useEffect(() => {
    if (wanted.current === null) return;
    inputAt(wanted.current)?.focus();
    wanted.current = null;
  });

  function focus(index: number) {
    const input = inputAt(index);
    if (input) input.focus();
    else wanted.current = index;
  }

  function remove(index: number) {
    wanted.current = Math.max(0, index - 1);
    dispatch({ type: 'remove', index });
  }

  function move(from: number, to: number) {
    if (to < 0 || to >= lines.length - 1) return;
    wanted.current = to;
    dispatch({ type: 'move', from, to });
  }

  function onDragEnd({ active, over }: DragEndEvent) {
    if (over && active.id !== over.id) move(Number(active.id), Number(over.id));
  }

  return (
    <section aria-labelledby="lines-title">
      <h2 id="lines-title" className="text-lg font-bold text-primary">
        In the pot
      </h2>
      <p className="mb-1 text-sm opacity-80">
        Write it as on a card, or paste a whole recipe. Alt with the arrows moves a line.
      </p>
      <DndContext collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext
          items={lines.map((_, index) => index)}
          strategy={verticalListSortingStrategy}
        >
          <ol ref={list}>
            {lines.map((text, index) => (
              <LineRow
                key={index}
                text={text}
                index={index}
                reading={text.trim() === '' ? null : readLine(text, packs)}
                units={units}
                onType={(next) => dispatch({ type: 'type', index, text: next })}
                onReplace={(next) => dispatch({ type: 'replace', index, text: next })}
                onPaste={(next) => onPaste(index, next)}
                onEnter={() => {
                  wanted.current = index + 1;
                  dispatch({ type: 'insert', after: index });
                }}
                onRemove={() => remove(index)}
                onFocus={(by) => focus(index + by)}
                onMove={(by) => move(index, index + by)}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </section>
  );
}
