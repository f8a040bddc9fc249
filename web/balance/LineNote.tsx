import { say, textOf } from '@idle-kettle/words';
import type { LineReading } from '@idle-kettle/core';
import { CircleAlert } from 'lucide-react';
import { useState } from 'react';
import { Confirm } from './Confirm.tsx';
import { useMay } from '../api/who.ts';
import { TeachName } from './TeachName.tsx';

type Props = {
  readonly id: string;
  readonly reading: LineReading;
  /** Which line it is, for those who do not see it: `line 3`. */
  readonly where: string;
  readonly onReplace: (lines: readonly string[]) => void;
};

/** Under a line: what was taken for granted, or what was not understood and what may be meant. */
export function LineNote({ id, reading, where, onReplace }: Props) {
  const [teaching, setTeaching] = useState(false);
  const mayTeach = useMay()('kitchen');
  if (reading.understood) {
    const { assumed, toConfirm } = reading;
    return (
      <div
        className={`flex flex-wrap items-center gap-x-2 pr-2 pb-1 pl-5 text-xs leading-4 wide:pb-0.5 ${toConfirm === undefined ? '-mt-1.5' : 'mt-1'}`}
      >
        {/* The weight of the line ends beside the first line of its note. */}
        <p
          id={id}
          className={`opacity-80 ${toConfirm === undefined ? 'before:float-right before:h-2 before:w-24' : ''}`}
        >
          {assumed !== undefined && textOf(assumed)}
        </p>
        {toConfirm !== undefined && (
          <Confirm reading={reading} toConfirm={toConfirm} where={where} onReplace={onReplace} />
        )}
      </div>
    );
  }
  const { message, words = [], offers = [], unknownName } = reading.trouble;
  return (
    <div className="mt-0.5 flex flex-col gap-1.5 pr-2 pb-1 pl-5 text-sm">
      <div id={id} className="text-error">
        <p className="flex items-start gap-1.5">
          <CircleAlert aria-hidden className="mt-0.5 size-4 shrink-0" />
          <span>{textOf(message)}</span>
        </p>
        {words.length > 0 && <Marked text={reading.text} words={words} />}
      </div>
      {(offers.length > 0 || unknownName !== undefined) && (
        <div className="flex flex-wrap items-center gap-1.5">
          {offers.length > 0 && <span className="opacity-80">{say('balance.readItAs')}</span>}
          {offers.map((lines) => (
            <button
              key={lines.join('\n')}
              type="button"
              className="btn h-auto min-h-8 border-primary bg-base-100 px-2.5 py-1 text-left text-sm font-semibold whitespace-normal text-primary"
              aria-label={say('balance.readAs', { where, lines: lines.join(say('balance.and')) })}
              onClick={() => onReplace(lines)}
            >
              {lines.join('  +  ')}
            </button>
          ))}
          {unknownName !== undefined && !teaching && mayTeach && (
            <button
              type="button"
              className="btn h-auto min-h-8 border-dashed border-base-content/40 bg-transparent px-2.5 py-1 text-sm font-semibold"
              onClick={() => setTeaching(true)}
            >
              {say('balance.teach', { unknownName })}
            </button>
          )}
        </div>
      )}
      {teaching && unknownName !== undefined && (
        <TeachName name={unknownName} line={reading.text} onClose={() => setTeaching(false)} />
      )}
    </div>
  );
}

/** The line once more, with the words that stand in the way underlined. */
function Marked({ text, words }: { readonly text: string; readonly words: readonly string[] }) {
  return (
    <p className="mt-0.5 pl-5.5 break-words text-base-content">
      {pieces(text, words).map(({ piece, marked }, at) =>
        marked ? (
          <mark
            key={at}
            className="bg-transparent font-bold text-error underline decoration-wavy underline-offset-4"
          >
            {piece}
          </mark>
        ) : (
          <span key={at} className="opacity-80">
            {piece}
          </span>
        ),
      )}
    </p>
  );
}

/** Cuts a text at the words to be marked, taken in their order. */
function pieces(text: string, words: readonly string[]) {
  const found: { readonly piece: string; readonly marked: boolean }[] = [];
  let from = 0;
  for (const word of words) {
    const at = text.indexOf(word, from);
    if (at === -1) continue;
    if (at > from) found.push({ piece: text.slice(from, at), marked: false });
    found.push({ piece: word, marked: true });
    from = at + word.length;
  }
  if (from < text.length) found.push({ piece: text.slice(from), marked: false });
  return found;
}
