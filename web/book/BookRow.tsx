import { say } from '@idle-kettle/words';
import type { BookEntry } from '@idle-kettle/contract';
import { format } from 'date-fns';
import { Camera, ThumbsUp } from 'lucide-react';
import { memo } from 'react';
import { Link } from 'react-router';
import { SET_IN_A_WORD } from '../words/sets.ts';

type Props = {
  /** Null while its page is on its way. */
  readonly entry: BookEntry | null;
  readonly picked: boolean;
  readonly onPick: (id: string, picked: boolean) => void;
};

/** How high a row is, px: all of them the same, so that the list knows its length. */
export const ROW_PX = 76;

/** A cook in the Book: its label, long and low. */
export const BookRow = memo(function BookRow({ entry, picked, onPick }: Props) {
  if (entry === null) return <div className="jar-label h-[68px] opacity-40" aria-hidden />;
  const { id, name, colour, cookedAt, photos, again } = entry;
  return (
    <div
      className="jar-label relative grid h-[68px] grid-cols-[minmax(0,1fr)_auto] items-center gap-x-3 py-1 pr-5 pl-3 sm:grid-cols-[minmax(0,1fr)_10rem_11rem_4.5rem]"
      style={colour === null ? {} : ({ '--fruit': colour } as React.CSSProperties)}
    >
      <div className="min-w-0">
        <p className="truncate text-lg leading-tight font-bold text-primary">
          <Link to={`/book/${id}`} className="after:absolute after:inset-0">
            {name}
          </Link>
        </p>
        <p className="truncate text-sm opacity-80">
          {format(new Date(cookedAt), 'd MMM yyyy')}
          {entry.cook !== null && ` · ${entry.cook}`}
          <span className="sm:hidden">{jarsTold(entry) !== '' && ` · ${jarsTold(entry)}`}</span>
        </p>
      </div>
      <p className="leading-tight tabular-nums max-sm:hidden">{jarsTold(entry)}</p>
      <p className="leading-tight max-sm:hidden">{setTold(entry)}</p>
      <div className="flex items-center justify-end gap-2">
        {photos > 0 && (
          <Camera aria-label={say('book.photos', { count: photos })} className="size-4" />
        )}
        {again === true && (
          <ThumbsUp aria-label={say('book.againOnly')} className="size-4 text-success" />
        )}
        <label className="relative z-[1] flex cursor-pointer items-center justify-center">
          <input
            type="checkbox"
            data-look
            className="checkbox"
            aria-label={say('book.besideThis', { name })}
            checked={picked}
            onChange={({ target }) => onPick(id, target.checked)}
          />
        </label>
      </div>
    </div>
  );
});

/** `7 of 8 jars`, `8 jars planned`; empty where neither is known. */
function jarsTold({ jars, plannedJars }: BookEntry): string {
  if (jars !== null && plannedJars !== null)
    return say('book.jarsOf', { count: jars, planned: plannedJars });
  if (jars !== null) return say('book.jars', { count: jars });
  return plannedJars === null ? '' : say('book.planned', { count: plannedJars });
}

/** `Set: soft planned, firm came`. */
function setTold({ set, plannedSet }: BookEntry): string {
  const word = (of: NonNullable<BookEntry['set']>) => say(SET_IN_A_WORD[of]);
  if (set !== null)
    return plannedSet === null
      ? say('book.setOnly', { set: word(set) })
      : say('book.setCame', { planned: word(plannedSet), set: word(set) });
  return plannedSet === null ? '' : say('book.setForetold', { planned: word(plannedSet) });
}
