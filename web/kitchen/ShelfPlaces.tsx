import { say } from '@idle-kettle/words';
import { MOST_PLACE_CHARS, type Kitchen, type ShelfPlaceDto } from '@idle-kettle/contract';
import { PLACE_KINDS, type PlaceKind } from '@idle-kettle/core';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { useChangeKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useOneAtATime } from '../api/oneAtATime.ts';
import { useShelf } from '../api/season.ts';
import { useMay } from '../api/who.ts';

/** Where this kitchen keeps jars besides pantry, fridge, freezer and gift box; changed where it stands. */
export function ShelfPlaces({ kitchen }: { readonly kitchen: Kitchen }) {
  const change = useOneAtATime(useChangeKitchen());
  const shelf = useShelf();
  const mayChange = useMay()('kitchen');
  const { shelves, version } = kitchen;
  const keep = (next: readonly ShelfPlaceDto[], onSuccess?: () => void) =>
    change.mutate({ version, changes: { shelves: next } }, { onSuccess });
  const holds = (id: string) =>
    shelf.data?.groups
      .filter(({ place }) => place === id)
      .reduce((sum, { codes }) => sum + codes.length, 0);
  return (
    <section aria-labelledby="places-title" className="flex flex-col gap-2">
      <div>
        <h2 id="places-title" className="text-xl font-bold text-primary">
          {say('shelf.ownPlaces')}
        </h2>
        <p>{say('shelf.ownPlacesHow')}</p>
      </div>
      <ul className="flex flex-col">
        {shelves.map(({ id, name, kind }) => {
          const count = holds(id);
          return (
            <li key={id} className="flex items-center gap-3 border-b border-base-300 py-2">
              <span className="grow">
                <b>{name}</b>, {say(`shelf.kind.${kind}`)}
                {count !== undefined && count > 0 && (
                  <span className="block text-sm opacity-80">
                    {say('shelf.holdsJars', { count })}
                  </span>
                )}
              </span>
              {mayChange && (
                <button
                  type="button"
                  className="btn btn-square btn-ghost btn-sm"
                  aria-label={say('kitchen.delete', { name })}
                  // Its jars would stand nowhere.
                  disabled={change.isPending || count !== 0}
                  onClick={() => keep(shelves.filter((one) => one.id !== id))}
                >
                  <X aria-hidden className="size-4" />
                </button>
              )}
            </li>
          );
        })}
      </ul>
      {mayChange && (
        <NewPlace
          taken={shelves.map(({ name }) => name)}
          isBusy={change.isPending}
          onAdd={(place, onKept) => keep([...shelves, place], onKept)}
        />
      )}
      {change.error && (
        <p role="alert" className="text-error">
          {sayError(change.error)}
        </p>
      )}
    </section>
  );
}

type NewProps = {
  readonly taken: readonly string[];
  readonly isBusy: boolean;
  readonly onAdd: (place: ShelfPlaceDto, onKept: () => void) => void;
};

/** The name of one more place, and what it is like: jars keep by that. */
function NewPlace({ taken, isBusy, onAdd }: NewProps) {
  const [name, setName] = useState('');
  const [kind, setKind] = useState<PlaceKind>('pantry');
  const typed = name.trim();
  const isTaken = taken.some((one) => one.toLowerCase() === typed.toLowerCase());
  return (
    <form
      className="flex flex-wrap items-center gap-2"
      onSubmit={(event) => {
        event.preventDefault();
        if (typed === '' || isTaken || isBusy) return;
        onAdd({ id: crypto.randomUUID(), name: typed, kind }, () => setName(''));
      }}
    >
      <input
        aria-label={say('shelf.newPlace')}
        placeholder={say('shelf.newPlace')}
        className="input w-56"
        maxLength={MOST_PLACE_CHARS}
        value={name}
        onChange={({ target }) => setName(target.value)}
      />
      <select
        aria-label={say('shelf.newPlaceKind')}
        className="select w-auto"
        value={kind}
        onChange={({ target }) =>
          setKind(PLACE_KINDS.find((one) => one === target.value) ?? 'pantry')
        }
      >
        {PLACE_KINDS.map((one) => (
          <option key={one} value={one}>
            {say(`shelf.kind.${one}`)}
          </option>
        ))}
      </select>
      <button type="submit" className="btn" disabled={isBusy}>
        <Plus aria-hidden className="size-4" /> {say('shelf.addPlace')}
      </button>
      {isTaken && (
        <p className="w-full text-sm text-error">{say('shelf.placeTaken', { name: typed })}</p>
      )}
    </form>
  );
}
