import {
  formatGrams,
  formatMass,
  MOST_LINE_CHARS,
  type LineReading,
  type UnitSystem,
} from '@idle-kettle/core';
import { CircleAlert, CircleHelp, X } from 'lucide-react';
import { useId, type ClipboardEvent, type KeyboardEvent } from 'react';

type Props = {
  readonly text: string;
  readonly index: number;
  /** How core reads it; null for a blank line. */
  readonly reading: LineReading | null;
  readonly units: UnitSystem;
  readonly onType: (text: string) => void;
  readonly onPaste: (text: string) => void;
  readonly onEnter: () => void;
  readonly onRemove: () => void;
  readonly onMove: (by: -1 | 1) => void;
};

/** One line as written, its grams beside it, and under it whatever was assumed or not understood. */
export function LineRow({
  text,
  index,
  reading,
  units,
  onType,
  onPaste,
  onEnter,
  onRemove,
  onMove,
}: Props) {
  const noteId = useId();
  const trouble = reading?.understood === false ? reading.trouble : null;
  const note = trouble?.message ?? (reading?.understood ? reading.assumed : undefined);

  function onKeyDown(event: KeyboardEvent<HTMLInputElement>) {
    const act = {
      Enter: onEnter,
      ArrowUp: () => onMove(-1),
      ArrowDown: () => onMove(1),
      ...(text === '' ? { Backspace: onRemove } : {}),
    }[event.key];
    if (!act) return;
    event.preventDefault();
    act();
  }

  function onPasteText(event: ClipboardEvent<HTMLInputElement>) {
    const pasted = event.clipboardData.getData('text/plain');
    if (!pasted.includes('\n') && pasted.length <= MOST_LINE_CHARS) return;
    event.preventDefault();
    onPaste(`${text}${pasted}`);
  }

  return (
    <li className="border-b border-base-300 py-1.5">
      <div className="flex items-center gap-1 sm:gap-2">
        <input
          type="text"
          data-line={index}
          value={text}
          onChange={(event) => onType(event.target.value)}
          onKeyDown={onKeyDown}
          onPaste={onPasteText}
          aria-label={`Line ${index + 1}`}
          aria-invalid={trouble !== null}
          aria-describedby={note === undefined ? undefined : noteId}
          placeholder={index === 0 ? '7 cups crushed damsons' : 'add a line'}
          autoComplete="off"
          spellCheck={false}
          className="input input-ghost h-10 min-w-0 grow px-1 text-base sm:px-2 sm:text-lg"
        />
        <Grams reading={reading} units={units} />
        <button
          type="button"
          onClick={onRemove}
          aria-label={`Take out line ${index + 1}`}
          disabled={text === ''}
          className="btn btn-square btn-ghost btn-sm disabled:invisible"
        >
          <X aria-hidden className="size-4" />
        </button>
      </div>
      {note !== undefined && (
        <p
          id={noteId}
          className={`flex items-start gap-1.5 px-2 text-sm ${trouble ? 'text-error' : 'opacity-80'}`}
        >
          {trouble && <CircleAlert aria-hidden className="mt-0.5 size-4 shrink-0" />}
          <span>{note}</span>
        </p>
      )}
    </li>
  );
}

function Grams({ reading, units }: { reading: LineReading | null; units: UnitSystem }) {
  if (reading === null) return <span className="w-20 shrink-0 sm:w-24" />;
  if (!reading.understood) {
    return (
      <span className="w-20 shrink-0 text-right text-error sm:w-24">
        <CircleHelp aria-label="not understood" className="ml-auto size-5" />
      </span>
    );
  }
  const { typical } = reading.massG;
  return (
    <span className="w-20 shrink-0 text-right leading-tight sm:w-24 tabular-nums">
      <span className="text-base font-bold sm:text-lg">{formatGrams(typical)}</span>
      {units === 'us' && (
        <span className="block text-sm opacity-80">{formatMass(typical, 'us')}</span>
      )}
    </span>
  );
}
