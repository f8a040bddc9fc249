import { say } from '@idle-kettle/words';
import type { FruitInHouse } from '@idle-kettle/contract/season';
import { FRUIT_PLACES, type FruitPlace } from '@idle-kettle/core/season';
import { Undo2 } from 'lucide-react';
import { useState } from 'react';
import { sayError } from '../api/request.ts';
import { useAddFruit, useUseFruit } from '../api/season.ts';
import { FruitDrawing } from '../drawings/FruitDrawing.tsx';
import { shapeOfFruit } from '../drawings/shapeOfFruit.ts';
import { daysLeft } from './when.ts';

type Props = {
  readonly fruit: readonly FruitInHouse[];
  readonly nowMs: number;
  readonly mayCook: boolean;
};

const DAY_MS = 86_400_000;

/** Fruit that waits for the pot: written down when it comes, with the days that it has. */
export function FruitAtHand({ fruit, nowMs, mayCook }: Props) {
  const [line, setLine] = useState('');
  const [place, setPlace] = useState<FruitPlace>('counter');
  const [last, setLast] = useState<FruitInHouse | null>(null);
  const add = useAddFruit();
  const use = useUseFruit();
  const trouble = add.error ?? use.error;
  return (
    <section aria-label={say('today.fruitInTheHouse')}>
      <h2 className="text-xl font-bold text-primary">{say('today.fruitInTheHouse')}</h2>
      {fruit.length === 0 && <p className="opacity-80">{say('today.noFruit')}</p>}
      <ul className="flex flex-col">
        {fruit.map((one) => (
          <li key={one.id} className="flex items-center gap-3 border-b border-base-300 py-1.5">
            <span className="w-10 shrink-0">
              <FruitDrawing shape={shapeOfFruit(one.fruit)} colour={one.colour} />
            </span>
            <span className="min-w-0 flex-1">
              <b>{one.line}</b>{' '}
              <span className="opacity-80">{say(`today.place.${one.place}`)}</span>
              <DaysBar one={one} nowMs={nowMs} />
            </span>
            <span className="text-sm whitespace-nowrap">
              {daysLeft(new Date(one.keepsUntil).getTime(), nowMs)}
            </span>
            {mayCook && (
              <button
                type="button"
                className="btn btn-sm"
                aria-label={say('today.usedOf', { line: one.line })}
                disabled={use.isPending}
                onClick={() =>
                  use.mutate({ id: one.id, isUsed: true }, { onSuccess: () => setLast(one) })
                }
              >
                {say('today.used')}
              </button>
            )}
          </li>
        ))}
      </ul>
      {last && (
        <p role="status" className="mt-1 flex items-center gap-2">
          {say('today.usedUp', { line: last.line })}
          <button
            type="button"
            className="btn btn-ghost btn-sm"
            onClick={() =>
              use.mutate({ id: last.id, isUsed: false }, { onSuccess: () => setLast(null) })
            }
          >
            <Undo2 aria-hidden className="size-4" /> {say('today.undo')}
          </button>
        </p>
      )}
      {mayCook && (
        <form
          className="mt-2 flex flex-wrap gap-2"
          onSubmit={(event) => {
            event.preventDefault();
            const text = line.trim();
            if (text === '' || add.isPending) return;
            add.mutate({ line: text, place }, { onSuccess: () => setLine('') });
          }}
        >
          <input
            aria-label={say('today.whatCameIn')}
            placeholder={say('today.forExample')}
            className="input min-w-40 flex-1"
            maxLength={200}
            value={line}
            onChange={({ target }) => setLine(target.value)}
          />
          <select
            aria-label={say('today.where')}
            className="select w-auto"
            value={place}
            onChange={({ target }) => setPlace(target.value as FruitPlace)}
          >
            {FRUIT_PLACES.map((one) => (
              <option key={one} value={one}>
                {say(`today.place.${one}`)}
              </option>
            ))}
          </select>
          <button type="submit" className="btn" disabled={line.trim() === '' || add.isPending}>
            {say('today.addFruit')}
          </button>
        </form>
      )}
      <p className="mt-1 text-sm opacity-80">{say('today.ripening')}</p>
      {trouble && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          {sayError(trouble)}
        </p>
      )}
    </section>
  );
}

/** How much of its days is left. */
function DaysBar({ one, nowMs }: { readonly one: FruitInHouse; readonly nowMs: number }) {
  const [since, until] = [new Date(one.since).getTime(), new Date(one.keepsUntil).getTime()];
  const left = Math.max(0, Math.min(1, (until - nowMs) / Math.max(DAY_MS, until - since)));
  return (
    <span aria-hidden className="mt-0.5 block h-1.5 rounded-full bg-base-300">
      <span
        className={`block h-full rounded-full ${left < 0.3 ? 'bg-error' : 'bg-secondary'}`}
        style={{ width: `${(100 * left).toFixed(0)}%` }}
      />
    </span>
  );
}
