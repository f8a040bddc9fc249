import { say, textOf } from '@idle-kettle/words';
import { closestCenter, DndContext, type DragEndEvent } from '@dnd-kit/core';
import { SortableContext, verticalListSortingStrategy } from '@dnd-kit/sortable';
import type { Plan, ParserKitchen, UnitSystem } from '@idle-kettle/core';
import {
  memo,
  useCallback,
  useEffect,
  useMemo,
  useRef,
  type Dispatch,
  type FocusEvent,
} from 'react';
import { isCrowded } from './crowded.ts';
import type { FormulaAction } from './formula.ts';
import { LineRow } from './LineRow.tsx';

type Props = {
  /** The lines as written, the last one blank. */
  readonly lines: readonly string[];
  readonly dispatch: Dispatch<FormulaAction>;
  readonly units: UnitSystem;
  /** What lines are read with: its packs, measures and names. */
  readonly kitchen: ParserKitchen;
  /** Which of the lines that are written stand against the pantry, and why. */
  readonly decides: Plan['shelf']['decides'];
  /**
   * Other fruit stands above them, so that they are named even where everybody sees what they are.
   */
  readonly named: boolean;
  /** Something longer than a line was pasted into that line, or after it. */
  readonly onPaste: (index: number, text: string, after: boolean) => void;
};

/**
 * The lines of a formula: type, paste a whole recipe, move, take out; all of it by keyboard too.
 */
export const LinesEditor = memo(function LinesEditor(props: Props) {
  const { lines, dispatch, units, kitchen, decides, named, onPaste } = props;
  const count = lines.length;
  const list = useRef<HTMLOListElement>(null);
  const wanted = useRef<number | null>(null);

  useEffect(() => {
    if (wanted.current === null) return;
    inputAt(list.current, wanted.current)?.focus();
    wanted.current = null;
  });

  const against = useMemo(() => againstByRow(lines, decides), [lines, decides]);
  const items = useMemo(() => Array.from({ length: count }, (_, index) => index), [count]);
  const focus = useCallback((index: number) => {
    const input = inputAt(list.current, index);
    if (input) input.focus();
    else wanted.current = index;
  }, []);
  const remove = useCallback(
    (index: number) => {
      wanted.current = Math.max(0, index - 1);
      dispatch({ type: 'remove', index });
    },
    [dispatch],
  );
  const enter = useCallback(
    (index: number) => {
      // The blank line that is there already is gone to; nothing changes, so nothing is drawn anew.
      const below = inputAt(list.current, index + 1);
      if (below?.value.trim() === '') {
        below.focus();
        return;
      }
      wanted.current = index + 1;
      dispatch({ type: 'insert', after: index });
    },
    [dispatch],
  );
  const move = useCallback(
    (from: number, to: number) => {
      wanted.current = to;
      dispatch({ type: 'move', from, to });
    },
    [dispatch],
  );

  /** Blank lines that the cursor leaves go away; it goes on to the line it was on its way to. */
  function onBlur({ target, relatedTarget }: FocusEvent) {
    const left = lineOf(target);
    if (left !== null) dispatch({ type: 'pause' });
    if (left === null || left === count - 1 || lines[left]?.trim() !== '') return;
    const to = lineOf(relatedTarget);
    if (to === left) return;
    if (to !== null) wanted.current = to > left ? to - 1 : to;
    dispatch({ type: 'tidy' });
  }

  function onDragEnd({ active, over }: DragEndEvent) {
    if (over && active.id !== over.id) move(Number(active.id), Number(over.id));
  }

  return (
    <section aria-labelledby="lines-title">
      <h2
        id="lines-title"
        className={`font-bold text-primary ${named || count === 1 ? '' : 'wide:sr-only'}`}
      >
        {say('balance.ingredients')}
      </h2>
      {count === 1 && (
        <p className="mb-1 text-sm opacity-80">{say('balance.typeIngredientsAsYouWould')}</p>
      )}
      <DndContext collisionDetection={closestCenter} onDragEnd={onDragEnd}>
        <SortableContext items={items} strategy={verticalListSortingStrategy}>
          <ol ref={list} onBlur={onBlur}>
            {lines.map((text, index) => (
              <LineRow
                key={index}
                text={text}
                index={index}
                units={units}
                kitchen={kitchen}
                against={against.get(index)}
                crowded={isCrowded(count - 1)}
                dispatch={dispatch}
                onPaste={onPaste}
                onEnter={enter}
                onRemove={remove}
                onFocus={focus}
                onMove={move}
              />
            ))}
          </ol>
        </SortableContext>
      </DndContext>
    </section>
  );
});

const inputAt = (list: HTMLElement | null, index: number) =>
  list?.querySelector<HTMLTextAreaElement>(`[data-line="${index}"]`);

/** Which line an element belongs to; null for none. */
const lineOf = (element: EventTarget | null): number | null => {
  const line = element instanceof HTMLElement ? element.dataset['line'] : undefined;
  return line === undefined ? null : Number(line);
};

/**
 * What stands against the pantry by the row that shows it: plans count only the lines that are
 * written.
 */
function againstByRow(
  lines: readonly string[],
  decides: Plan['shelf']['decides'],
): ReadonlyMap<number, string> {
  const rows = lines.flatMap((text, row) => (text.trim() === '' ? [] : [row]));
  const found = new Map<number, string>();
  const said = new Set<string>();
  for (const { line, text: why } of decides) {
    const text = textOf(why);
    const row = rows[line];
    if (row === undefined || found.has(row)) continue;
    // One reason for several lines is said at the first of them.
    found.set(row, said.has(text) ? say('balance.joinedWithTheLineAbove') : text);
    said.add(text);
  }
  return found;
}
