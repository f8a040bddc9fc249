import { say } from '@idle-kettle/words';
import type { Batch, BatchDto } from '@idle-kettle/contract';
import { MOST_NAME_CHARS } from '@idle-kettle/contract';
import { PLATE_OUTCOMES, type Formula, type PlateOutcome } from '@idle-kettle/core';
import type { Computed, Facts } from '@idle-kettle/core/troubleshooting';
import { useMutation } from '@tanstack/react-query';
import { CookingPot } from 'lucide-react';
import { useState } from 'react';
import { useAdoptBatch } from '../api/batches.ts';
import { forgetPendingId, pendingId } from '../api/pendingId.ts';
import { request, sayError } from '../api/request.ts';
import { PlateDrop } from '../drawings/PlateDrop.tsx';
import { useGoOn } from '../ui/useGoOn.ts';

type Props = {
  /** The cook whose jars they are, and its batch’s name. */
  readonly cook: { readonly id: string; readonly name: string };
  readonly formula: Formula;
  readonly computed: Computed;
  readonly problem: 'loose' | 'stiff';
  readonly facts: Facts;
  readonly volumeMl: number;
};

/** What the cup’s drop did on the plate, and then the whole, as a batch of its own. */
export function RemakeStart(props: Props) {
  const [drop, setDrop] = useState<PlateOutcome | null>(null);
  const start = useStartRemake();
  const goOn = useGoOn();
  const begin = () => {
    const onwards = goOn();
    start.mutate(remakeOf(props), { onSuccess: (batch) => onwards(`/batches/${batch.id}`) });
  };
  return (
    <>
      <fieldset>
        <legend className="font-bold">{say('trouble.theCup')}</legend>
        <div className="mt-1 flex flex-wrap gap-2">
          {PLATE_OUTCOMES.map((one) => (
            <button
              key={one}
              type="button"
              aria-pressed={drop === one}
              onClick={() => setDrop(one)}
              className={`flex w-28 flex-col items-center rounded-box border-2 p-1 text-center ${drop === one ? 'border-primary font-bold' : 'border-base-300'}`}
            >
              <PlateDrop outcome={one} fruit="var(--color-secondary)" />
              {say(`trouble.drop.${one}`)}
            </button>
          ))}
        </div>
      </fieldset>
      {drop !== null && (
        <p role="status" className={drop === 'wrinkles' ? '' : 'border-l-4 border-error pl-3'}>
          {say(`trouble.then.${drop}`)}
        </p>
      )}
      {(drop === null || drop === 'wrinkles') && (
        <button
          type="button"
          disabled={start.isPending}
          className={`btn self-start ${drop === 'wrinkles' ? 'btn-primary' : ''}`}
          onClick={begin}
        >
          <CookingPot aria-hidden className="size-5" />{' '}
          {say(drop === 'wrinkles' ? 'trouble.makeAll' : 'trouble.makeAllUntried')}
        </button>
      )}
      {start.error && (
        <p role="alert" className="text-error">
          {sayError(start.error)}
        </p>
      )}
    </>
  );
}

/** The batch that the jars are made again as: linked to the cook that they are of. */
export function remakeOf({ cook, formula, computed, problem, facts, volumeMl }: Props): BatchDto {
  const { product, pot, burner, storeIn, bodyStop, before, assurance, method } = formula.settings;
  const given = <T extends object>(settings: T) =>
    Object.fromEntries(Object.entries(settings).filter(([, value]) => value != null));
  const name = say('trouble.remakeOf', { name: cook.name });
  return {
    name: name.slice(0, MOST_NAME_CHARS),
    lines: [...computed.lines],
    settings: {
      ...given({ product, pot, burner, storeIn, bodyStop, assurance }),
      method: computed.by.method,
      ...given({
        targetSolublesPct: computed.by.targetSolublesPct,
        boilMin: computed.by.boilMin,
      }),
      remake: {
        cook: cook.id,
        lines: formula.lines.filter((line) => line.trim() !== ''),
        ...given({ before, method, solublesPct: computed.by.solublesPct }),
        volumeMl,
        sugarShare: facts.sugarShare ?? 1,
        problem,
      },
    },
  };
}

/** Keeps the batch; pressed twice, sent twice or after a reload, there is one. */
function useStartRemake() {
  const adopt = useAdoptBatch();
  const nameOf = (batch: BatchDto) => `remake ${JSON.stringify(batch)}`;
  return useMutation<Batch, Error, BatchDto>({
    mutationFn: (batch) => request('/batches', 'POST', { ...batch, id: pendingId(nameOf(batch)) }),
    onSuccess: (made, batch) => {
      forgetPendingId(nameOf(batch));
      adopt(made);
    },
  });
}
