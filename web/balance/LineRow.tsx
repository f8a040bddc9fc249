import { say } from '@idle-kettle/words';
import { useSortable } from '@dnd-kit/sortable';
import { CSS } from '@dnd-kit/utilities';
import {
  formatGrams,
  formatMass,
  isTwoLines,
  MOST_LINE_CHARS,
  readLine,
  type LineReading,
  type ParserKitchen,
  type UnitSystem,
} from '@idle-kettle/core';
import { useCombobox } from 'downshift';
import { ChevronDown, CircleHelp, GripVertical, ShieldX, X } from 'lucide-react';
import {
  memo,
  useCallback,
  useId,
  useMemo,
  useState,
  type ClipboardEvent,
  type Dispatch,
  type KeyboardEvent,
} from 'react';
import { completionsOf } from './completions.ts';
import type { FormulaAction } from './formula.ts';
import { LineDetails } from './LineDetails.tsx';
import { LineNote } from './LineNote.tsx';
import { useDeferredText } from './useDeferredText.ts';
import { useNoteAnnounced } from './useNoteAnnounced.ts';

type Props = {
  readonly text: string;
  readonly index: number;
  readonly units: UnitSystem;
  readonly kitchen: ParserKitchen;
  /** Why this line stands against the pantry; undefined where it does not. */
  readonly against: string | undefined;
  /** There are so many lines that the reason is cut at the table: the label says it whole. */
  readonly crowded: boolean;
  readonly dispatch: Dispatch<FormulaAction>;
  /** Something longer than a line was pasted: in place of the line, or after it. */
  readonly onPaste: (index: number, text: string, after: boolean) => void;
  readonly onEnter: (index: number) => void;
  readonly onRemove: (index: number) => void;
  readonly onFocus: (index: number) => void;
  readonly onMove: (from: number, to: number) => void;
};

/**
 * One line as written, its grams beside it, and under it whatever was assumed or not understood.
 */
export const LineRow = memo(function LineRow(props: Props) {
  const {
    text,
    index,
    units,
    kitchen,
    against,
    crowded,
    dispatch,
    onPaste,
    onEnter,
    onRemove,
    onFocus,
    onMove,
  } = props;
  const reading = useMemo(
    () => (text.trim() === '' ? null : readLine(text, kitchen)),
    [text, kitchen],
  );
  const give = useCallback(
    (next: string) => dispatch({ type: 'type', index, text: next }),
    [dispatch, index],
  );
  const { text: typed, write, flush } = useDeferredText(text, give);
  const noteId = useId();
  useNoteAnnounced(reading, say('balance.line2', { value: index + 1 }));
  const [open, setOpen] = useState(false);
  const trouble = reading?.understood === false ? reading.trouble : null;
  const noted = trouble !== null || (reading?.understood === true && reading.assumed !== undefined);
  const replace = (lines: readonly string[]) => dispatch({ type: 'replace', index, lines });
  const items = useMemo(() => completionsOf(typed), [typed]);
  const { setNodeRef, attributes, listeners, transform, isDragging } = useSortable({
    id: index,
    disabled: reading === null,
  });

  const completing = useCombobox<string>({
    items,
    inputValue: typed,
    selectedItem: null,
    onSelectedItemChange: ({ selectedItem }) => selectedItem !== null && write(selectedItem),
  });
  const listOpen = completing.isOpen && items.length > 0;

  function onKeyDown(event: KeyboardEvent<HTMLElement>) {
    if (event.key.length > 1 || event.ctrlKey || event.metaKey) flush();
    if (listOpen && (completing.highlightedIndex >= 0 || event.key === 'ArrowDown')) return;
    const act = event.altKey
      ? { ArrowUp: () => onMove(index, index - 1), ArrowDown: () => onMove(index, index + 1) }[
          event.key
        ]
      : {
          Enter: () => onEnter(index),
          ArrowUp: () => onFocus(index - 1),
          ArrowDown: () => onFocus(index + 1),
          ...(typed === '' ? { Backspace: () => onRemove(index) } : {}),
        }[event.key];
    if (!act) return;
    event.preventDefault();
    // The list of completions must not take the key as well.
    Object.assign(event.nativeEvent, { preventDownshiftDefault: true });
    completing.closeMenu();
    act();
  }

  function onPasteText(event: ClipboardEvent<HTMLInputElement | HTMLTextAreaElement>) {
    const pasted = event.clipboardData.getData('text/plain');
    if (!isTwoLines(pasted) && !/^\s*[[{]/.test(pasted) && pasted.length <= MOST_LINE_CHARS) return;
    event.preventDefault();
    flush();
    const { selectionStart, selectionEnd } = event.currentTarget;
    const [from, to] = [selectionStart ?? typed.length, selectionEnd ?? typed.length];
    const rest = `${typed.slice(0, from)}${typed.slice(to)}`;
    // Several lines join nothing: what is written stays, and they come after it.
    if (rest.trim() !== '' && isTwoLines(pasted)) onPaste(index, pasted, true);
    else onPaste(index, `${typed.slice(0, from)}${pasted}${typed.slice(to)}`, false);
  }

  return (
    <li
      ref={setNodeRef}
      onBlurCapture={flush}
      style={{ transform: CSS.Transform.toString(transform) }}
      className={`border-b border-base-300 ${against === undefined ? '' : 'border-l-4 border-l-error'} ${isDragging ? 'relative z-10 bg-base-100 shadow' : ''}`}
    >
      <div className="flex items-center wide:pb-px">
        <button
          type="button"
          {...attributes}
          {...listeners}
          aria-label={say('balance.moveLine', { value: index + 1 })}
          tabIndex={-1}
          className="cursor-grab touch-none py-2 opacity-40 hover:opacity-100 disabled:invisible max-md:-ml-4 max-md:grid max-md:min-h-11 max-md:w-11 max-md:shrink-0 max-md:place-items-center"
          disabled={reading === null}
        >
          <GripVertical aria-hidden className="size-4" />
        </button>
        <div className={`relative min-w-0 grow ${noted ? 'self-start' : ''}`}>
          <textarea
            {...completing.getInputProps({
              onChange: (event) => write(event.currentTarget.value),
              onKeyDown,
              onPaste: onPasteText,
              'aria-label': say('balance.line', { value: index + 1 }),
              'aria-labelledby': undefined,
            })}
            rows={1}
            data-line={index}
            aria-invalid={trouble !== null}
            aria-describedby={noted ? noteId : undefined}
            placeholder={
              index === 0 ? say('balance.7CupsCrushedDamsons') : say('balance.addAnIngredient')
            }
            autoComplete="off"
            spellCheck={false}
            className={`field-sizing-content block w-full min-w-0 resize-none rounded-field bg-transparent px-1 pt-1.5 text-base leading-6 focus-visible:-outline-offset-2 wide:pt-1 ${noted ? '' : 'min-h-9 pb-1.5 wide:min-h-8 wide:pb-1'}`}
          />
          <ul
            {...completing.getMenuProps({
              'aria-label': say('balance.suggestionsForLine', { value: index + 1 }),
              'aria-labelledby': undefined,
            })}
            className={
              listOpen
                ? 'absolute z-20 w-full rounded-box border border-base-300 bg-base-100 py-1 shadow-lg'
                : 'sr-only'
            }
          >
            {listOpen &&
              items.map((item, at) => (
                <li
                  key={item}
                  {...completing.getItemProps({ item, index: at })}
                  className={`cursor-pointer px-3 py-1 ${at === completing.highlightedIndex ? 'bg-base-300' : ''}`}
                >
                  {item}
                </li>
              ))}
          </ul>
        </div>
        <Grams reading={reading} units={units} />
        <button
          type="button"
          onClick={() => setOpen(!open)}
          aria-expanded={open}
          aria-label={say('balance.detailsOfLine', { value: index + 1 })}
          disabled={reading?.understood !== true}
          className="btn btn-square btn-ghost btn-xs disabled:invisible"
        >
          <ChevronDown aria-hidden className={`size-4 ${open ? 'rotate-180' : ''}`} />
        </button>
        <button
          type="button"
          onClick={() => onRemove(index)}
          aria-label={say('balance.deleteLine', { value: index + 1 })}
          disabled={text === ''}
          className="btn btn-square btn-ghost btn-xs disabled:invisible"
        >
          <X aria-hidden className="size-4" />
        </button>
      </div>
      {against !== undefined && (
        <p
          title={against}
          className="mt-0.5 flex items-start gap-1.5 pr-2 pl-5 text-sm text-error wide:mt-0 wide:leading-5"
        >
          <ShieldX aria-hidden className="mt-0.5 size-4 shrink-0" />
          <span className={crowded ? 'wide:line-clamp-1' : ''}>
            <b>{say('balance.decidesTheStorage')}</b> {against}
          </span>
        </p>
      )}
      {noted && reading && (
        <LineNote
          id={noteId}
          reading={reading}
          where={say('balance.line2', { value: index + 1 })}
          onReplace={replace}
        />
      )}
      {open && reading?.understood && (
        <LineDetails
          line={reading}
          kitchen={kitchen}
          index={index}
          onReplace={(next) => replace([next])}
        />
      )}
    </li>
  );
});

function Grams({ reading, units }: { reading: LineReading | null; units: UnitSystem }) {
  if (reading === null) return <span className="w-18 shrink-0 sm:w-20" />;
  if (!reading.understood) {
    return (
      <span className="w-18 shrink-0 text-right text-error sm:w-20">
        <CircleHelp aria-label={say('balance.notRecognized2')} className="ml-auto size-5" />
      </span>
    );
  }
  const { typical } = reading.massG;
  return (
    <span className="w-18 shrink-0 text-right tabular-nums sm:w-20">
      <span className="block text-base leading-tight font-bold">{formatGrams(typical)}</span>
      {units === 'us' && (
        <span className="block text-xs leading-none opacity-80">{formatMass(typical, 'us')}</span>
      )}
    </span>
  );
}
