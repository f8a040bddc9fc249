import { say, type PlainMessageId } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { useState } from 'react';
import { useChangeKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { Drawer } from '../ui/Drawer.tsx';
import { MOVES, withMoved, type Move } from './jarStock.ts';

const WORDS: { readonly [move in Move]: PlainMessageId } = {
  bought: 'kitchen.jarsBought',
  lids: 'kitchen.newLidsBought',
  back: 'kitchen.cameBackEmpty',
  chipped: 'kitchen.brokenOrThrownOut',
};
const MOST = 1000;

type Props = { readonly kitchen: Kitchen; readonly onClose: () => void };

/**
 * What came and went of jars and lids, size by size: each press counts at once, and can be taken
 * back.
 */
export function JarStockSheet({ kitchen, onClose }: Props) {
  const change = useChangeKitchen();
  const [last, setLast] = useState<{ name: string; move: Move; by: number } | null>(null);
  const move = (name: string, what: Move, by: number, then: () => void) =>
    change.mutate(
      {
        version: kitchen.version,
        changes: { jars: withMoved(kitchen.jars, name, what, by) },
      },
      { onSuccess: then },
    );
  return (
    <Drawer title={say('kitchen.jarsAndLids')} onClose={onClose}>
      <p className="mb-4">{say('kitchen.whenJarsGoOnThe')}</p>
      <ul className="flex flex-col gap-4">
        {kitchen.jars.map((jar) => (
          <Row
            key={jar.name}
            jar={jar}
            busy={change.isPending}
            onMove={(what, by) =>
              move(jar.name, what, by, () => setLast({ name: jar.name, move: what, by }))
            }
          />
        ))}
      </ul>
      <div role="status" className="mt-4 min-h-8">
        {last && (
          <p>
            {last.name}: {last.by} {say(WORDS[last.move])}.{' '}
            <button
              type="button"
              className="link"
              onClick={() => move(last.name, last.move, -last.by, () => setLast(null))}
            >
              {say('kitchen.undo')}
            </button>
          </p>
        )}
      </div>
      {change.error && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          {say('kitchen.notSaved2', { sayError: sayError(change.error) })}
        </p>
      )}
    </Drawer>
  );
}

type RowProps = {
  readonly jar: Kitchen['jars'][number];
  readonly busy: boolean;
  readonly onMove: (move: Move, by: number) => void;
};

function Row({ jar, busy, onMove }: RowProps) {
  const [text, setText] = useState('1');
  const by = Number(text);
  const sound = Number.isInteger(by) && by >= 1 && by <= MOST;
  return (
    <li
      aria-label={jar.name}
      className="flex flex-wrap items-end gap-4 border-b border-base-300 pb-3"
    >
      <JarDrawing volumeMl={jar.volumeMl} pintPx={64} />
      <div className="min-w-48">
        <b className="text-lg">{jar.name}</b>
        <p>
          {say('kitchen.emptyFull', {
            value: jar.count ?? say('kitchen.notCounted'),
            value2: jar.inUse ?? 0,
            part:
              jar.lids == null
                ? say('kitchen.lidsNotCounted')
                : say('kitchen.newLids', { lids: jar.lids }),
          })}
        </p>
      </div>
      <label className="flex flex-col text-sm">
        {say('kitchen.howMany')}
        <input
          className="input w-20"
          inputMode="numeric"
          value={text}
          aria-invalid={!sound}
          onChange={({ target }) => setText(target.value)}
        />
      </label>
      <div className="flex flex-wrap gap-2">
        {MOVES.map((move) => (
          <button
            key={move}
            type="button"
            className="btn btn-sm"
            disabled={busy || !sound || (move === 'back' && (jar.inUse ?? 0) === 0)}
            onClick={() => onMove(move, by)}
          >
            {say(WORDS[move])}
          </button>
        ))}
      </div>
      {!sound && (
        <p role="alert" className="w-full text-error">
          {say('kitchen.enterAWholeNumberFrom', { MOST: MOST.toLocaleString('en-US') })}
        </p>
      )}
    </li>
  );
}
