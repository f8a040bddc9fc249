import { say } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';
import type { Kitchen } from '@idle-kettle/contract';
import { findIngredient } from '@idle-kettle/core';
import { X } from 'lucide-react';
import { useForgetName } from '../api/kitchen.ts';
import { useMay } from '../api/who.ts';
import { sayError } from '../api/request.ts';

/** The names that the kitchen was taught, where each came from, and a way to forget it. */
export function TaughtNames({ kitchen }: { readonly kitchen: Kitchen }) {
  const forget = useForgetName();
  const mayChange = useMay()('kitchen');
  return (
    <section aria-labelledby="names-title" className="flex flex-col gap-2">
      <div>
        <h2 id="names-title" className="text-xl font-bold text-primary">
          {say('kitchen.namesYouTaught')}
        </h2>
        <p>
          {kitchen.names.length === 0
            ? say('kitchen.noneYetWhenALine')
            : say('kitchen.theseNamesAreReadAs')}
        </p>
      </div>
      <ul className="flex flex-col">
        {kitchen.names.map(({ name, ingredient, taughtAt, line }) => (
          <li key={name} className="flex items-center gap-3 border-b border-base-300 py-2">
            <span className="grow">
              <Say
                id="kitchen.is"
                values={{
                  part: <b>{name}</b>,
                  value: findIngredient(ingredient)?.name ?? ingredient,
                  part2: (
                    <span className="block text-sm opacity-80">
                      {[
                        taughtAt === undefined
                          ? null
                          : say('kitchen.taught', {
                              toLocaleDateString: new Date(taughtAt).toLocaleDateString(),
                            }),
                        line === undefined ? null : say('kitchen.from', { line }),
                      ]
                        .filter((part) => part !== null)
                        .join(', ')}
                    </span>
                  ),
                }}
              />
            </span>
            {mayChange && (
              <button
                type="button"
                className="btn btn-square btn-ghost btn-sm"
                aria-label={say('kitchen.delete', { name })}
                disabled={forget.isPending}
                onClick={() => forget.mutate(name)}
              >
                <X aria-hidden className="size-4" />
              </button>
            )}
          </li>
        ))}
      </ul>
      {forget.error && (
        <p role="alert" className="text-error">
          {say('kitchen.notDeleted', { sayError: sayError(forget.error) })}
        </p>
      )}
    </section>
  );
}
