import { say } from '@idle-kettle/words';
import type { JarStory } from '@idle-kettle/contract/season';
import { useState } from 'react';
import { useJarsOfCook, useTellJars } from '../api/season.ts';
import { useMay } from '../api/who.ts';
import { sayError } from '../api/request.ts';
import { jarEvent } from '../shelf/jarSource.ts';

type Props = {
  /** The cook whose jars are emptied, and how much of them goes into the pot. */
  readonly cook: string;
  readonly volumeMl: number;
};

/** Jars are not filled to the last milliliter: so much more than was said is still all of them. */
const ALL_OF_THEM = 1.15;

/** Jars of that cook that still stand on the shelf: which of them were emptied is told here. */
export function EmptiedJars({ cook, volumeMl }: Props) {
  const jars = useJarsOfCook(cook);
  const there = jars.data?.filter(({ life }) => life === 'in' || life === 'opened') ?? [];
  const mayCook = useMay()('cook');
  if (!mayCook || there.length === 0) return null;
  return <Which key={there.length} jars={there} volumeMl={volumeMl} />;
}

function Which({ jars, volumeMl }: { jars: readonly JarStory[]; volumeMl: number }) {
  const tell = useTellJars();
  const isAll = jars.reduce((sum, { holdsMl }) => sum + holdsMl, 0) <= volumeMl * ALL_OF_THEM;
  const [chosen, setChosen] = useState<ReadonlySet<string>>(
    () => new Set(isAll ? jars.map(({ code }) => code) : []),
  );
  const turn = (code: string) =>
    setChosen((now) => {
      const next = new Set(now);
      if (!next.delete(code)) next.add(code);
      return next;
    });
  return (
    <fieldset className="flex flex-col gap-2" disabled={tell.isPending}>
      <legend className="font-bold">{say('balance.whichEmptied')}</legend>
      <div className="flex flex-wrap gap-x-4 gap-y-1">
        {jars.map(({ code, size }) => (
          <label key={code} className="flex min-h-8 cursor-pointer items-center gap-1.5">
            <input
              type="checkbox"
              className="checkbox checkbox-sm"
              checked={chosen.has(code)}
              onChange={() => turn(code)}
            />
            {say('balance.jarOfSize', { code, size })}
          </label>
        ))}
      </div>
      <button
        type="button"
        className="btn btn-sm self-start"
        disabled={chosen.size === 0}
        onClick={() => tell.mutate([...chosen].map((code) => jarEvent(code, 'remade')))}
      >
        {say('balance.offTheShelf', { count: chosen.size })}
      </button>
      {tell.error && (
        <p role="alert" className="text-error">
          {say('shelf.notKept', { error: sayError(tell.error) })}
        </p>
      )}
    </fieldset>
  );
}
