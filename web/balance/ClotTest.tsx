import { say, type PlainMessageId } from '@idle-kettle/words';
import { CLOTS, type Clot } from '@idle-kettle/core';
import { ClotGlass } from '../drawings/ClotGlass.tsx';
import type { ChangeBefore, KeptBefore } from './pretreatmentChange.ts';

type Props = {
  readonly before: KeptBefore;
  readonly fruit: string;
  readonly onChange: ChangeBefore;
  readonly expected: Clot | undefined;
};

/** The clot test: what a spoon of juice does in spirit, to be pressed as it is seen. */
export const ClotTest = ({ before, expected, fruit, onChange }: Props) => (
  <fieldset className="col-span-2">
    <legend className="text-sm">{say('balance.clotTestATeaspoonOf')}</legend>
    <div className="grid grid-cols-3 gap-1">
      {CLOTS.map((clot) => (
        <button
          key={clot}
          type="button"
          aria-pressed={before.clot === clot}
          className={`flex cursor-pointer flex-col items-center rounded-field border-2 p-1 text-center text-sm leading-tight ${before.clot === clot ? 'border-primary bg-base-100 font-bold' : 'border-transparent hover:border-base-300'}`}
          onClick={() =>
            onChange(
              { clot: before.clot === clot ? null : clot },
              before.clot === clot
                ? say('balance.removedTheClotTest')
                : say('balance.clotsIn', { value: say(CLOT_WORDS[clot]) }),
            )
          }
        >
          <ClotGlass clot={clot} fruit={fruit} />
          <span>
            {say(CLOT_WORDS[clot])}
            {before.clot == null && expected === clot && (
              <span className="block font-normal opacity-80">{say('balance.expected')}</span>
            )}
          </span>
        </button>
      ))}
    </div>
  </fieldset>
);

const CLOT_WORDS: { readonly [clot in Clot]: PlainMessageId } = {
  lump: 'balance.oneLump',
  several: 'balance.severalLumps',
  flakes: 'balance.flakes',
};
