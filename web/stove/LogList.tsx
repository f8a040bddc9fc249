import { say, textOf } from '@idle-kettle/words';
import {
  entryFault,
  nameOf,
  effectiveEntries as stillStanding,
  type TemperatureScale,
} from '@idle-kettle/core';
import { format, isValid } from 'date-fns';
import { Undo2 } from 'lucide-react';
import { memo } from 'react';
import { useMemberNames } from '../api/who.ts';
import type { KeptEntry } from './keptEntry.ts';
import type { CookLog } from './useCookLog.ts';
import { entryInWords } from './words.ts';

type Props = {
  /** What was done and read by hand. */
  readonly entries: readonly KeptEntry[];
  /** Those of them whose time can be of this cook. */
  readonly counted: readonly KeptEntry[];
  readonly scale: TemperatureScale;
  /** The names of the kitchen’s jars, in its order. */
  readonly sizes: readonly string[];
  readonly note: CookLog['note'];
};

/**
 * Everything that was done, the last first; anything can be taken back, and the taking back as
 * well.
 */
export const LogList = memo(function LogList(props: Props) {
  const { entries, counted, scale, sizes, note } = props;
  const members = useMemberNames(entries.some(({ by }) => by?.kind === 'member'));
  const done = entries.filter(({ kind }) => kind !== 'undo').toReversed();
  const standing = new Set(stillStanding(counted).map(nameOf));
  const timely = new Set(counted.map(nameOf));
  const faultOf = (entry: KeptEntry): string | null => {
    const fault = entryFault(entry);
    return fault && textOf(fault.message);
  };
  /** Why an entry does not count; null where it does, or was taken back. */
  const wrongWith = (entry: KeptEntry): string | null =>
    timely.has(nameOf(entry)) ? faultOf(entry) : say('stove.thisTimeIsOutsideThe');
  /** The undo that stands against an entry. */
  const undoing = (name: string) =>
    entries.findLast(({ kind, text }) => kind === 'undo' && text === name);
  if (done.length === 0) return null;
  return (
    <section aria-label={say('stove.log')}>
      <h2 className="mb-1 text-lg font-bold">{say('stove.log')}</h2>
      <ol
        className="max-h-80 overflow-y-auto"
        tabIndex={0}
        aria-label={say('stove.logNewestFirst')}
      >
        {done.map((entry) => {
          const name = nameOf(entry);
          const stands = standing.has(name);
          const undo = undoing(name);
          const target = stands ? name : undo ? nameOf(undo) : name;
          const wrong = undo ? null : wrongWith(entry);
          return (
            <li
              key={name}
              className="flex items-center gap-2 border-b border-base-300 py-1 text-base"
            >
              <span className="tabular-nums opacity-80">{clockOf(entry.at)}</span>
              <span className={`grow ${stands ? '' : 'line-through opacity-60'}`}>
                {entryInWords(entry, scale, sizes)}
                {entry.waiting === 1 && say('stove.notSentYet')}
                <By name={members.get(entry.by?.id ?? '') ?? null} />
              </span>
              {wrong !== null && (
                <span className="text-base text-error">{say('stove.doesntCount', { wrong })}</span>
              )}
              <button
                type="button"
                className="btn btn-ghost btn-sm"
                aria-label={`${stands || wrong !== null ? say('stove.undo') : say('stove.redo')}: ${entryInWords(entry, scale, sizes)}`}
                onClick={() => void note('undo', null, target)}
              >
                <Undo2 aria-hidden className="size-4" />
                {stands || wrong !== null ? say('stove.undo') : say('stove.redo')}
              </button>
            </li>
          );
        })}
      </ol>
    </section>
  );
});

/** Who did it, where somebody is signed in. */
const By = ({ name }: { readonly name: string | null }) =>
  name === null ? null : (
    <span className="block text-sm opacity-80">{say('people.by', { name })}</span>
  );

/**
 * A probe tells its temperature each second, which is drawn as a curve; what a hand writes down is
 * listed.
 */

/** `14:05:09`; a moment that no clock can show is said so. */
const clockOf = (atMs: number): string => (isValid(atMs) ? format(atMs, 'HH:mm:ss') : '?');
