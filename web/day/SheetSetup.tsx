import { say } from '@idle-kettle/words';
import type { DaySheet, SheetDocument } from '@idle-kettle/contract/daySheet';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { HandMinutes } from './HandMinutes.tsx';
import { MomentField } from './MomentField.tsx';
import { documentOf, oneMore, renamed, without, type SheetList } from './sheet.ts';
import type { Keep, SheetChange } from './useSheetChanges.ts';

type Props = {
  readonly sheet: DaySheet;
  readonly mayChange: boolean;
  readonly onChange: Keep;
};

const KINDS: readonly SheetList[] = [
  'people',
  'burners',
  'pots',
  'bowls',
  'slow cookers',
  'canners',
];

/** Who is there and with what, from when, until when: everything that a day is planned on. */
export function SheetSetup({ sheet, mayChange, onChange }: Props) {
  const document = documentOf(sheet);
  const lists = {
    people: document.people,
    burners: document.burners,
    pots: document.pots ?? [],
    bowls: document.bowls ?? [],
    'slow cookers': document.slowCookers,
    canners: document.canners,
  };
  return (
    <section aria-labelledby="setup-title" className="flex flex-col gap-3 print:hidden">
      <h2 id="setup-title" className="text-xl font-bold text-primary">
        {say('days.handsAndThings')}
      </h2>
      {mayChange && (
        <>
          <NameField
            key={sheet.name}
            label={say('days.nameOfDay')}
            value={sheet.name}
            onKeep={(name) =>
              onChange((document) => ({ ...document, name }), say('days.renamed', { name }))
            }
          />
          <div className="flex flex-wrap gap-3">
            <MomentField
              label={say('days.begin')}
              of=""
              value={sheet.from}
              onKeep={(at) =>
                at !== null &&
                onChange(
                  (document) => ({ ...document, from: new Date(at).toISOString() }),
                  say('days.beginChanged'),
                )
              }
            />
            <MomentField
              label={say('days.finishBy')}
              of=""
              value={sheet.finishBy ?? null}
              onKeep={(at) =>
                onChange(
                  (document) => ({
                    ...document,
                    finishBy: at === null ? null : new Date(at).toISOString(),
                  }),
                  say('days.finishChanged'),
                )
              }
            />
          </div>
        </>
      )}
      {KINDS.map((kind) => (
        <fieldset key={kind}>
          <legend className="font-bold">{say(`days.kind.${kind}`)}</legend>
          {(kind === 'pots' || kind === 'bowls') && document[kind] == null && (
            <p className="text-sm opacity-80">{say('days.potsEnough')}</p>
          )}
          <ul className="flex flex-col gap-1">
            {lists[kind].map((one, index) => (
              <li key={one.name} className="flex items-center gap-2">
                {mayChange ? (
                  <>
                    <NameField
                      label={say('days.nameOf', { name: one.name })}
                      isQuiet
                      value={one.name}
                      onKeep={(name) =>
                        onChange(
                          (document) => renamed(document, kind, one.name, name),
                          say('days.renamed', { name }),
                        )
                      }
                    />
                    {kind === 'people' && (
                      <Link
                        className="link text-sm whitespace-nowrap"
                        to={`/days/${sheet.id}/hands/${index}`}
                      >
                        {say('days.whatNextFor', { name: one.name })}
                      </Link>
                    )}
                    {'halfPints' in one && (
                      <span className="text-sm whitespace-nowrap">
                        {say('days.holdsHalfPints', { count: Number(one.halfPints) })}
                      </span>
                    )}
                    <button
                      type="button"
                      className="btn btn-square btn-ghost btn-sm"
                      aria-label={say('days.takeOff', { name: one.name })}
                      onClick={() =>
                        onChange(
                          (document) => without(document, kind, one.name),
                          say('days.takenOff', { name: one.name }),
                        )
                      }
                    >
                      <X aria-hidden className="size-4" />
                    </button>
                  </>
                ) : (
                  <>
                    {one.name}
                    {kind === 'people' && (
                      <Link className="link text-sm" to={`/days/${sheet.id}/hands/${index}`}>
                        {say('days.whatNextFor', { name: one.name })}
                      </Link>
                    )}
                  </>
                )}
              </li>
            ))}
          </ul>
          {mayChange && (
            <button
              type="button"
              className="btn btn-ghost btn-sm"
              onClick={() =>
                onChange((document) => oneMore(document, kind), say(`days.oneMore.${kind}`))
              }
            >
              <Plus aria-hidden className="size-4" /> {say(`days.oneMore.${kind}`)}
            </button>
          )}
        </fieldset>
      ))}
      {mayChange && <HandMinutes />}
      <Breaks document={document} mayChange={mayChange} onChange={onChange} />
    </section>
  );
}

type NameProps = {
  readonly label: string;
  readonly isQuiet?: boolean;
  readonly value: string;
  readonly onKeep: (name: string) => void;
};

/** A name, kept when it is left; an empty one is the old one again. */
function NameField({ label, isQuiet = false, value, onKeep }: NameProps) {
  const [typed, setTyped] = useState(value);
  return (
    <label className="flex grow flex-col text-sm">
      {isQuiet ? null : label}
      <input
        type="text"
        className="input input-sm w-full max-w-64"
        aria-label={label}
        maxLength={120}
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
        onKeyDown={(event) => {
          if (event.key === 'Enter') event.currentTarget.blur();
        }}
        onBlur={() => {
          const name = typed.trim();
          if (name === '' || name === value) setTyped(value);
          else onKeep(name);
        }}
      />
    </label>
  );
}

type BreakProps = Omit<Props, 'sheet'> & { readonly document: SheetDocument };

const HOUR_MS = 3_600_000;

/** When nobody is there: meals, the night. */
function Breaks({ document, mayChange, onChange }: BreakProps) {
  const { breaks, from } = document;
  const next = new Date(breaks.at(-1)?.to ?? new Date(from).getTime() + 3 * HOUR_MS).getTime();
  const withBreak =
    (index: number, change: Partial<(typeof breaks)[number]>): SheetChange =>
    (now) => ({
      ...now,
      breaks: now.breaks.map((one, nth) => (nth === index ? { ...one, ...change } : one)),
    });
  return (
    <fieldset>
      <legend className="font-bold">{say('days.breaks')}</legend>
      <ul className="flex flex-col gap-1">
        {breaks.map((one, index) => (
          <li key={one.from} className="flex flex-wrap items-end gap-2">
            {(['from', 'to'] as const).map((end) => (
              <MomentField
                key={end}
                label={say(`days.break.${end}`)}
                of=""
                value={one[end]}
                onKeep={(at) =>
                  at !== null &&
                  onChange(
                    withBreak(index, { [end]: new Date(at).toISOString() }),
                    say('days.breakChanged'),
                  )
                }
              />
            ))}
            {mayChange && (
              <button
                type="button"
                className="btn btn-square btn-ghost btn-sm"
                aria-label={say('days.takeBreakOff')}
                onClick={() =>
                  onChange(
                    (now) => ({ ...now, breaks: now.breaks.filter((_, nth) => nth !== index) }),
                    say('days.breakChanged'),
                  )
                }
              >
                <X aria-hidden className="size-4" />
              </button>
            )}
          </li>
        ))}
      </ul>
      {mayChange && (
        <button
          type="button"
          className="btn btn-ghost btn-sm"
          onClick={() =>
            onChange(
              (now) => ({
                ...now,
                breaks: [
                  ...now.breaks,
                  {
                    from: new Date(next).toISOString(),
                    to: new Date(next + HOUR_MS).toISOString(),
                  },
                ],
              }),
              say('days.breakChanged'),
            )
          }
        >
          <Plus aria-hidden className="size-4" /> {say('days.addBreak')}
        </button>
      )}
    </fieldset>
  );
}
