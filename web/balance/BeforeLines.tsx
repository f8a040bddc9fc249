import { say, type PlainMessageId } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { formatMass, readLine, type PretreatmentKind } from '@idle-kettle/core';
import { useMemo } from 'react';
import { LineNote } from './LineNote.tsx';
import type { ChangeBefore, KeptBefore } from './pretreatmentChange.ts';

/** The lines of what comes first, one to a row, and how each is read. */
export function BeforeLines({
  before,
  kitchen,
  onChange,
}: {
  readonly before: KeptBefore;
  readonly kitchen: Kitchen;
  readonly onChange: ChangeBefore;
}) {
  const { lines } = before;
  const readings = useMemo(
    () => lines.map((line) => (line.trim() === '' ? null : readLine(line, kitchen))),
    [lines, kitchen],
  );
  return (
    <div className="flex flex-col gap-1">
      <label className="flex flex-col text-sm">
        {say('balance.onePerLine', { value: say(GOES_IN[before.kind]) })}
        <textarea
          className="textarea w-full bg-base-100 font-semibold"
          rows={Math.max(2, lines.length)}
          value={lines.join('\n')}
          placeholder={say(EXAMPLE[before.kind])}
          onChange={({ target }) =>
            onChange(
              { lines: target.value.split('\n') },
              say('balance.addedToTheFirstStep'),
              'before',
            )
          }
        />
      </label>
      {readings.map((reading, index) =>
        reading === null ? null : reading.understood ? (
          <p key={index} className="flex justify-between gap-3 text-sm tabular-nums">
            <span>{reading.called ?? reading.ingredient.name}</span>
            <span>{formatMass(reading.massG.typical, kitchen.units)}</span>
          </p>
        ) : (
          <LineNote
            key={index}
            id={`first-note-${index}`}
            reading={reading}
            where={say('balance.firstStepLine', { value: index + 1 })}
            onReplace={(next) =>
              onChange(
                { lines: lines.toSpliced(index, 1, ...next) },
                say('balance.changedTheFirstStep'),
              )
            }
          />
        ),
      )}
    </div>
  );
}

const GOES_IN: { readonly [kind in PretreatmentKind]: PlainMessageId } = {
  extract: 'balance.fruitInThePanCores',
  infuse: 'balance.herbsOrFlowersAndThe',
  soak: 'balance.fruitAndJuiceInThe',
  drain: 'balance.choppedPeppers',
  sauce: 'balance.fruitAndTheLiquidIt',
};

const EXAMPLE: { readonly [kind in PretreatmentKind]: PlainMessageId } = {
  extract: 'balance.3LbCrabApples',
  infuse: 'balance.2CupsMintLeaves',
  soak: 'balance.1KgSevilleOranges',
  drain: 'balance.4CupsChoppedSweetPeppers',
  sauce: 'balance.8LbApplesCoredAnd',
};
