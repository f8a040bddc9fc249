import { say, textOf, type Text } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import type { Preparation } from '@idle-kettle/core';
import { useState } from 'react';
import { useChangeKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { asWritten } from '../words/mass.ts';
import { EquipmentSheet } from '../kitchen/EquipmentSheet.tsx';
import { toBring, toTake, withBought, withTaken } from './cupboard.ts';

type Props = {
  readonly kitchen: Kitchen;
  readonly shopping: Preparation['shopping'];
  readonly inWords: (massG: number) => string;
  /** A thing to tick off, by its id. */
  readonly box: (id: string, text: React.ReactNode) => React.ReactNode;
};

/** What the batch takes, what of it the cupboard holds, and what has to be bought. */
export function Shopping({ kitchen, shopping, inWords, box }: Props) {
  const [open, setOpen] = useState(false);
  const [before, setBefore] = useState<{ stock: Kitchen['stock']; did: string } | null>(null);
  const change = useChangeKitchen();
  const mayChange = useMay()('kitchen');
  const { stock, version } = kitchen;

  const put = (next: Kitchen['stock'], did: string | null) =>
    change.mutate(
      { version, changes: { stock: next } },
      { onSuccess: () => setBefore(did === null ? null : { stock, did }) },
    );
  return (
    <>
      <ul className="mt-1">
        {shopping.map(({ id, name, massG, written, haveG, lackG, packs }) =>
          box(
            id,
            <>
              <b>{name}</b> {asWritten(written, massG, kitchen.units)}
              <span className="block text-sm">
                {lackG === 0 ? (
                  <span className="text-success">{say('prepare.inTheCupboard')}</span>
                ) : (
                  lackInWords(haveG, lackG, packs, inWords)
                )}
              </span>
            </>,
          ),
        )}
      </ul>
      {mayChange && (
        <div className="mt-2 flex flex-wrap gap-2 print:hidden">
          {toBring(shopping).length > 0 && (
            <button
              type="button"
              className="btn btn-sm"
              disabled={change.isPending}
              onClick={() =>
                put(withBought(stock, shopping), say('prepare.everythingYouBoughtIsNow'))
              }
            >
              {say('prepare.boughtItAll')}
            </button>
          )}
          {toTake(shopping).length > 0 && (
            <button
              type="button"
              className="btn btn-sm"
              disabled={change.isPending}
              onClick={() => put(withTaken(stock, shopping), say('prepare.takenOutOfTheCupboard'))}
            >
              {say('prepare.takeItOut')}
            </button>
          )}
          <button type="button" className="btn btn-sm" onClick={() => setOpen(true)}>
            {say('prepare.changeTheCupboard')}
          </button>
        </div>
      )}
      <p role="status" className="mt-1 text-sm print:hidden">
        {before && (
          <>
            {before.did}{' '}
            <button type="button" className="link" onClick={() => put(before.stock, null)}>
              {say('prepare.undo')}
            </button>
          </>
        )}
      </p>
      {change.error && (
        <p role="alert" className="mt-1 text-sm text-error">
          {say('prepare.theCupboardWasntChanged', { sayError: sayError(change.error) })}
        </p>
      )}
      {open && <EquipmentSheet kitchen={kitchen} part="stock" onClose={() => setOpen(false)} />}
    </>
  );
}

function lackInWords(
  haveG: number | undefined,
  lackG: number,
  packs: Text | undefined,
  inWords: (massG: number) => string,
): string {
  const lacking =
    haveG === undefined
      ? null
      : say('prepare.inStockToBuy', { inWords: inWords(haveG), inWords2: inWords(lackG) });
  return [lacking, packs === undefined ? null : textOf(packs)]
    .filter((part) => part !== null)
    .join(': ');
}
