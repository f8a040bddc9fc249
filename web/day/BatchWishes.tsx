import { say } from '@idle-kettle/words';
import type { DayAnswer } from '@idle-kettle/contract/daySheet';
import { format } from 'date-fns';
import { Check, X } from 'lucide-react';
import { Link } from 'react-router';
import { MomentField } from './MomentField.tsx';
import {
  begunAt,
  keptUntil,
  madeBy,
  tickable,
  withTick,
  withoutBatch,
  workersOf,
} from './sheet.ts';
import type { Keep } from './useSheetChanges.ts';

type Props = {
  readonly answer: DayAnswer;
  readonly mayChange: boolean;
  readonly onChange: Keep;
};

/** Each batch of a day: where it stands, what is wished of it, and the way to it. */
export function BatchWishes({ answer, mayChange, onChange }: Props) {
  const { sheet, batches, day, nowMs } = answer;
  const workers = workersOf(sheet);
  return (
    <section aria-labelledby="wishes-title">
      <h2 id="wishes-title" className="text-xl font-bold text-primary">
        {say('days.batches')}
      </h2>
      <ul>
        {batches.map(({ batchId, name: called, cookId, jars }, of) => {
          const wish = sheet.batches[of];
          const tick = tickable(answer, of);
          const isOver = day?.over.includes(of) === true;
          return (
            <li
              key={batchId}
              data-wish={called}
              className="flex flex-wrap items-center gap-x-4 gap-y-1 border-b border-base-300 py-2"
            >
              <div className="min-w-40 grow">
                <Link
                  className="link font-bold"
                  to={cookId === null ? `/batches/${batchId}/prepare` : `/cook-sessions/${cookId}`}
                >
                  {called}
                </Link>
                <p className="text-sm opacity-80">
                  {isOver
                    ? say('days.isOver')
                    : cookId !== null
                      ? say('days.onNow')
                      : jars > 0
                        ? say('days.jarsReady', { count: jars })
                        : ''}
                </p>
              </div>
              {mayChange && tick !== null && (
                <button
                  type="button"
                  className="btn btn-sm"
                  onClick={() =>
                    onChange(
                      (document) => withTick(document, batchId, tick.act, nowMs),
                      say('days.ticked', { name: called, act: say(`days.act.${tick.act}`) }),
                    )
                  }
                >
                  <Check aria-hidden className="size-4" />{' '}
                  {say('days.tick', { act: say(`days.act.${tick.act}`) })}
                </button>
              )}
              {mayChange && (
                <button
                  type="button"
                  className="btn btn-square btn-ghost btn-sm"
                  aria-label={say('days.takeOff', { name: called })}
                  onClick={() =>
                    onChange(
                      (document) => withoutBatch(document, batchId),
                      say('days.takenOff', { name: called }),
                    )
                  }
                >
                  <X aria-hidden className="size-4" />
                </button>
              )}
              {mayChange && !isOver && cookId === null && (
                <div className="flex w-full flex-wrap gap-x-4">
                  <MomentField
                    label={say('days.notBefore')}
                    of={called}
                    value={wish?.notBefore ?? null}
                    onKeep={(at) =>
                      onChange(
                        (document) => begunAt(document, batchId, at),
                        at === null
                          ? say('days.movedToFirst', { name: called })
                          : say('days.movedTo', { name: called, time: format(at, 'HH:mm') }),
                      )
                    }
                  />
                  <MomentField
                    label={say('days.fruitKeeps')}
                    of={called}
                    value={wish?.keepsUntil ?? null}
                    onKeep={(at) =>
                      onChange(
                        (document) => keptUntil(document, batchId, at),
                        say('days.keepsChanged', { name: called }),
                      )
                    }
                  />
                  {workers.length > 1 && (
                    <label className="flex flex-col text-sm">
                      {say('days.whoMakes')}
                      <select
                        className="select select-sm w-32"
                        aria-label={say('days.whoMakesOf', { name: called })}
                        value={wish?.person ?? ''}
                        onChange={({ target }) => {
                          const person = target.value === '' ? null : Number(target.value);
                          onChange(
                            (document) => madeBy(document, batchId, person),
                            person === null
                              ? say('days.anybodys', { name: called })
                              : say('days.givenTo', {
                                  name: called,
                                  person: workers[person]?.name ?? '',
                                }),
                          );
                        }}
                      >
                        <option value="">{say('days.whoIsFree')}</option>
                        {workers.map(({ name: who, person }) => (
                          <option key={who} value={person}>
                            {who}
                          </option>
                        ))}
                      </select>
                    </label>
                  )}
                </div>
              )}
            </li>
          );
        })}
      </ul>
    </section>
  );
}
