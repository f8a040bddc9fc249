import { say } from '@idle-kettle/words';
import { findIngredient } from '@idle-kettle/core';
import { useId, useState, type KeyboardEvent } from 'react';
import { useTeachName } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { INGREDIENT_NAMES } from './completions.ts';

type Props = {
  /** The name that is not known: `Old Codlin`. */
  readonly name: string;
  /** The line it stands in, kept with it. */
  readonly line: string;
  readonly onClose: () => void;
};

/**
 * Teaches the kitchen a name: “Old Codlin” is our apple. Every line that holds it is then read so.
 */
export function TeachName({ name, line, onClose }: Props) {
  const [typed, setTyped] = useState('');
  const teach = useTeachName();
  const id = useId();
  const row = findIngredient(typed);
  const sour = row !== null && row.acidClass === 'high';
  const send = () => {
    if (row !== null) teach.mutate({ name, ingredient: row.id, line: line.slice(0, 200) });
  };
  function onKeyDown(event: KeyboardEvent) {
    if (event.key === 'Escape') onClose();
    if (event.key !== 'Enter') return;
    event.preventDefault();
    send();
  }
  return (
    <div
      role="group"
      aria-label={say('balance.teach2', { name })}
      className="rounded-box bg-base-100 p-3"
    >
      <label htmlFor={id} className="font-bold">
        {say('balance.isOur', { name })}
      </label>
      <div className="mt-1 flex flex-wrap items-center gap-2">
        <input
          id={id}
          type="text"
          list={`${id}-names`}
          value={typed}
          autoFocus
          autoComplete="off"
          placeholder={say('balance.apple')}
          className="input input-sm w-40 text-base"
          onChange={({ target }) => setTyped(target.value)}
          onKeyDown={onKeyDown}
        />
        <datalist id={`${id}-names`}>
          {INGREDIENT_NAMES.map((known) => (
            <option key={known} value={known} />
          ))}
        </datalist>
        <button
          type="button"
          className="btn btn-primary btn-sm"
          disabled={row === null || teach.isPending}
          onClick={send}
        >
          {say('balance.teach3')}
        </button>
        <button type="button" className="btn btn-ghost btn-sm" onClick={onClose}>
          {say('balance.cancel')}
        </button>
      </div>
      <p className="mt-1.5" role={teach.error ? 'alert' : undefined}>
        {teach.error
          ? say('balance.notSaved', { sayError: sayError(teach.error) })
          : typed !== '' && row === null
            ? say('balance.isntAnIngredientInThe', { typed })
            : sour
              ? say('balance.onlyIfItReallyIs', { name: row.name })
              : say('balance.itIsSavedInKitchen')}
      </p>
    </div>
  );
}
