import { say } from '@idle-kettle/words';
import type { JarEventDto, ShelfGroup, ShelfPlaceOf } from '@idle-kettle/contract/season';
import { format } from 'date-fns';
import { startTransition, useEffect, useState } from 'react';
import { Link } from 'react-router';
import { JarsOnBoard } from '../drawings/JarsOnBoard.tsx';
import { jarEvent } from './jarSource.ts';
import { placeInWords } from './places.ts';

type Props = {
  readonly name: string;
  readonly groups: readonly ShelfGroup[];
  readonly places: readonly ShelfPlaceOf[];
  readonly nowMs: number;
  readonly mayCook: boolean;
  readonly isBusy: boolean;
  readonly onTell: (text: string, events: readonly JarEventDto[]) => void;
};

/** More than these are a number beside the drawing. */
const MOST_DRAWN = 8;
/** Shelves longer than this are shown by the board. */
const A_BOARD = 24;
/** What is seen first; the rest of the board follows when that is drawn. */
const AT_FIRST = 6;
const PINT_PX = 46;

/** One place of the household, drawn as a shelf of jars. */
export function PlaceShelf({ name, groups, ...props }: Props) {
  const [boards, setBoards] = useState(0);
  const shown = groups.slice(0, boards === 0 ? AT_FIRST : boards * A_BOARD);
  useEffect(() => {
    if (boards > 0) return undefined;
    const later = setTimeout(() => startTransition(() => setBoards(1)));
    return () => clearTimeout(later);
  }, [boards]);
  const count = groups.reduce((sum, { codes }) => sum + codes.length, 0);
  return (
    <section aria-label={name}>
      <h2 className="text-xl font-bold text-primary">{say('shelf.placeCount', { name, count })}</h2>
      <ul className="mt-1 grid gap-2 sm:grid-cols-2">
        {shown.map((group) => (
          <Group key={`${group.cook} ${group.codes[0]}`} group={group} {...props} />
        ))}
      </ul>
      {groups.length > shown.length && (
        <button type="button" className="btn mt-2" onClick={() => setBoards(boards + 1)}>
          {say('shelf.more', { count: groups.length - shown.length })}
        </button>
      )}
    </section>
  );
}

type GroupProps = Omit<Props, 'name' | 'groups'> & { readonly group: ShelfGroup };

/** Jars of one batch that stand alike, with what may be done with one of them. */
function Group({ group, places, nowMs, mayCook, isBusy, onTell }: GroupProps) {
  const [isOpen, setOpen] = useState(false);
  const { name, codes, colour, size, holdsMl, eatBy, life, cook, cookNumber } = group;
  const [code = ''] = codes;
  const isPast = eatBy !== null && new Date(eatBy).getTime() < nowMs;
  return (
    <li
      className="rounded-box bg-base-100 px-3 pt-3 pb-2 [contain-intrinsic-height:9rem] [content-visibility:auto]"
      style={{ '--fruit': colour ?? 'var(--color-base-300)' } as React.CSSProperties}
    >
      <div
        aria-hidden
        className="flex min-h-12 items-end gap-0.5 border-b-4 border-primary/50 pl-1"
      >
        <JarsOnBoard
          volumeMl={holdsMl}
          pintPx={PINT_PX}
          count={Math.min(codes.length, MOST_DRAWN)}
          fruit="var(--fruit)"
        />
        {codes.length > MOST_DRAWN && (
          <span className="pl-1 font-bold">
            {say('shelf.andMore', { count: codes.length - MOST_DRAWN })}
          </span>
        )}
      </div>
      <p className="mt-1 leading-tight">
        <Link
          to={`/shelf/batch/${cook}`}
          className="link-hover text-lg font-bold max-sm:inline-flex max-sm:min-h-11 max-sm:items-center"
        >
          {name}
        </Link>{' '}
        <span className="opacity-80">
          {say('shelf.countOf', { count: codes.length, size, number: cookNumber })}
        </span>
      </p>
      <p className={`text-sm ${isPast ? 'font-bold text-error' : 'opacity-80'}`}>
        {life === 'opened' ? `${say('shelf.opened')} · ` : ''}
        {eatBy === null ? '' : say('shelf.eatBy', { day: format(new Date(eatBy), 'd MMM yyyy') })}
      </p>
      {mayCook && (
        <div className="mt-1 flex flex-wrap gap-1">
          {life === 'in' && (
            <button
              type="button"
              className="btn btn-sm"
              disabled={isBusy}
              onClick={() =>
                onTell(say('shelf.didOpen', { name, code }), [jarEvent(code, 'opened')])
              }
            >
              {say('shelf.open')}
            </button>
          )}
          <button
            type="button"
            className="btn btn-sm"
            disabled={isBusy}
            onClick={() => onTell(say('shelf.didEat', { name, code }), [jarEvent(code, 'eaten')])}
          >
            {say(life === 'opened' ? 'shelf.finished' : 'shelf.takeOut')}
          </button>
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            aria-expanded={isOpen}
            onClick={() => setOpen(!isOpen)}
          >
            {say('shelf.moreActs')}
          </button>
        </div>
      )}
      {isOpen && (
        <MoreActs
          group={group}
          places={places}
          isBusy={isBusy}
          onTell={(text, events) => {
            setOpen(false);
            onTell(text, events);
          }}
        />
      )}
    </li>
  );
}

type MoreProps = Pick<Props, 'places' | 'isBusy' | 'onTell'> & { readonly group: ShelfGroup };

/** Giving and moving: how many, to whom, or where to. */
function MoreActs({ group, places, isBusy, onTell }: MoreProps) {
  const { name, codes, life, place } = group;
  const [count, setCount] = useState(1);
  const [to, setTo] = useState('');
  const some = codes.slice(0, count);
  return (
    <div className="mt-1 flex flex-col gap-2 border-l-4 border-secondary pl-3">
      <label className="flex items-center gap-2 text-sm">
        {say('shelf.howMany')}
        <input
          type="number"
          min={1}
          max={codes.length}
          className="input input-sm w-20"
          value={count}
          onChange={({ target }) =>
            setCount(Math.max(1, Math.min(codes.length, Math.round(Number(target.value)) || 1)))
          }
        />
      </label>
      {life === 'in' && (
        <form
          className="flex flex-wrap items-center gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            onTell(
              say('shelf.didGive', { name, count }),
              some.map((code) => jarEvent(code, 'given', to.trim() || null)),
            );
          }}
        >
          <input
            aria-label={say('shelf.toWhom')}
            placeholder={say('shelf.toWhom')}
            className="input input-sm w-40"
            maxLength={80}
            value={to}
            onChange={({ target }) => setTo(target.value)}
          />
          <button type="submit" className="btn btn-sm" disabled={isBusy}>
            {say('shelf.give')}
          </button>
        </form>
      )}
      <label className="flex flex-wrap items-center gap-2 text-sm">
        {say('shelf.moveTo')}
        <select
          className="select select-sm w-auto"
          value=""
          disabled={isBusy}
          onChange={({ target }) =>
            onTell(
              say('shelf.didMove', { name, count, place: placeInWords(target.value, places) }),
              some.map((code) => jarEvent(code, 'moved', target.value)),
            )
          }
        >
          <option value="">{say('shelf.choosePlace')}</option>
          {places
            .filter(({ id }) => id !== place)
            .map(({ id }) => (
              <option key={id} value={id}>
                {placeInWords(id, places)}
              </option>
            ))}
        </select>
      </label>
      <button
        type="button"
        className="btn btn-ghost btn-sm self-start"
        disabled={isBusy}
        onClick={() =>
          onTell(
            say('shelf.didDiscard', { name, count }),
            some.map((code) => jarEvent(code, 'discarded')),
          )
        }
      >
        {say('shelf.discard')}
      </button>
    </div>
  );
}
