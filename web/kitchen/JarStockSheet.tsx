import type { Kitchen } from '@idle-kettle/contract';
import { useState } from 'react';
import { useChangeKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { JarDrawing } from '../drawings/JarDrawing.tsx';
import { Drawer } from '../ui/Drawer.tsx';
import { MOVES, withMoved, type Move } from './jarStock.ts';

const WORDS: { readonly [move in Move]: string } = {
  bought: 'jars bought',
  lids: 'new lids bought',
  back: 'came back empty',
  chipped: 'chipped or given up',
};
const MOST = 1000;

type Props = { readonly kitchen: Kitchen; readonly onClose: () => void };

/** What came and went of jars and lids, size by size: each press counts at once, and can be taken back. */
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
    <Drawer title="Jars and lids" onClose={onClose}>
      <p className="mb-4">
        A batch that is put away takes its jars and lids off by itself. A lid is used once; a band
        and a jar again and again.
      </p>
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
            {last.name}: {last.by} {WORDS[last.move]}.{' '}
            <button
              type="button"
              className="link"
              onClick={() => move(last.name, last.move, -last.by, () => setLast(null))}
            >
              Undo
            </button>
          </p>
        )}
      </div>
      {change.error && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          Not counted. {sayError(change.error)}
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
          {jar.count ?? 'not counted,'} empty, {jar.inUse ?? 0} full;{' '}
          {jar.lids == null ? 'lids not counted' : `${jar.lids} new lids`}
        </p>
      </div>
      <label className="flex flex-col text-sm">
        How many
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
            {WORDS[move]}
          </button>
        ))}
      </div>
      {!sound && (
        <p role="alert" className="w-full text-error">
          A whole number from 1 to {MOST.toLocaleString('en-US')}.
        </p>
      )}
    </li>
  );
}
