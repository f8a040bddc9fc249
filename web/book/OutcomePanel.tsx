import { say } from '@idle-kettle/words';
import {
  MOST_NOTES_CHARS,
  MOST_STARS,
  type BookRecord,
  type Kitchen,
  type Outcome,
} from '@idle-kettle/contract';
import { formatMass, formatVolume, SET_CLASSES } from '@idle-kettle/core';
import { isConflict, sayError } from '../api/request.ts';
import { SetSpoon } from '../drawings/SetSpoon.tsx';
import { moneyInWords } from '../ui/words.ts';
import { SET_IN_A_WORD } from '../words/sets.ts';
import { MeasuredField } from './MeasuredField.tsx';
import { readMass, readMoney, readVolume } from './measured.ts';
import { useOutcome } from './useOutcome.ts';

type Props = {
  readonly record: BookRecord;
  readonly kitchen: Pick<Kitchen, 'units' | 'currency'>;
};

const STARS = Array.from({ length: MOST_STARS }, (_, index) => index + 1);

/** How a batch turned out: three taps, each kept at once, and more for who wants to say more. */
export function OutcomePanel({ record, kitchen }: Props) {
  const { said, change, saying } = useOutcome(record);
  return (
    <section aria-label={say('book.outcome')} className="flex flex-col gap-4">
      <div className="flex flex-wrap items-baseline gap-x-3">
        <h2 className="text-xl font-bold text-primary">{say('book.outcome')}</h2>
        <Standing saying={saying} />
      </div>
      <fieldset>
        <legend className="font-bold">{say('book.howDidItSet')}</legend>
        <p className="mb-1 text-sm opacity-80">{say('book.onASpoon')}</p>
        <div className="grid grid-cols-3 gap-2 sm:grid-cols-5">
          {SET_CLASSES.map((set) => (
            <label
              key={set}
              className={`flex cursor-pointer flex-col items-center rounded-field border-2 p-1 focus-within:outline-3 focus-within:outline-secondary ${said.set === set ? 'border-primary bg-base-300' : 'border-base-300'}`}
            >
              <input
                type="radio"
                name="set"
                className="sr-only"
                checked={said.set === set}
                onChange={() => change({ set })}
                onClick={() => said.set === set && change({ set: null })}
              />
              <span aria-hidden className="w-full max-w-24">
                <SetSpoon set={set} fruit={record.colour ?? 'var(--color-secondary)'} />
              </span>
              <span className="text-sm font-bold">{say(SET_IN_A_WORD[set])}</span>
            </label>
          ))}
        </div>
      </fieldset>
      <Stars
        name={say('book.howDoesItTaste')}
        value={said.taste}
        onChange={(taste) => change({ taste })}
      />
      <fieldset className="flex flex-wrap items-center gap-2">
        <legend className="float-left mr-2 font-bold">{say('book.wouldYouAgain')}</legend>
        {([true, false] as const).map((again) => (
          <button
            key={String(again)}
            type="button"
            aria-pressed={said.again === again}
            className={`btn border-base-300 ${said.again === again ? 'btn-primary' : ''}`}
            onClick={() => change({ again: said.again === again ? null : again })}
          >
            {again ? say('book.yes') : say('book.no')}
          </button>
        ))}
      </fieldset>
      <details>
        <summary className="cursor-pointer font-bold">{say('book.detail')}</summary>
        <div className="mt-2 flex flex-col gap-3">
          <Stars
            name={say('book.colourAsk')}
            value={said.colour}
            onChange={(colour) => change({ colour })}
          />
          <Stars
            name={say('book.clarityAsk')}
            value={said.clarity}
            onChange={(clarity) => change({ clarity })}
          />
          <label className="flex flex-col gap-1">
            <span className="font-bold">{say('book.notes')}</span>
            <textarea
              className="textarea w-full rounded-field border border-base-300 bg-base-100 p-2"
              rows={3}
              maxLength={MOST_NOTES_CHARS}
              defaultValue={said.notes}
              onBlur={({ target }) =>
                target.value.trim() !== said.notes && change({ notes: target.value.trim() })
              }
            />
          </label>
          <div className="grid gap-3 sm:grid-cols-3">
            <MeasuredField
              name={say('book.volumeMeasured')}
              wrong={say('book.noVolume')}
              value={said.volumeMl}
              read={readVolume}
              write={(ml) => formatVolume(ml, kitchen.units)}
              onChange={(volumeMl) => change({ volumeMl })}
            />
            <MeasuredField
              name={say('book.massMeasured')}
              wrong={say('book.noMass')}
              value={said.finalMassG}
              read={readMass}
              write={(grams) => formatMass(grams, kitchen.units)}
              onChange={(finalMassG) => change({ finalMassG })}
            />
            <MeasuredField
              name={say('book.cost')}
              wrong={say('book.noMoney')}
              value={said.costMinor}
              read={readMoney}
              write={(minor) => moneyInWords(minor, kitchen.currency)}
              onChange={(costMinor) => change({ costMinor })}
            />
          </div>
        </div>
      </details>
    </section>
  );
}

/** Whether what was said is kept. */
function Standing({ saying }: { readonly saying: ReturnType<typeof useOutcome>['saying'] }) {
  if (saying.error !== null)
    return (
      <p role="alert" className="text-error">
        {isConflict(saying.error)
          ? say('book.theirs')
          : say('book.notSaved', { why: sayError(saying.error) })}{' '}
        {!isConflict(saying.error) && (
          <button type="button" className="link" onClick={saying.again}>
            {say('book.tryAgain')}
          </button>
        )}
      </p>
    );
  return (
    <p role="status" data-testid="outcome-state" className="text-sm opacity-80">
      {saying.pending ? say('book.saving') : saying.isSaved ? say('book.saved') : ''}
    </p>
  );
}

type StarsProps = {
  readonly name: string;
  readonly value: Outcome['taste'];
  readonly onChange: (value: number | null) => void;
};

/** A judgement in five steps; pressed again, nothing is said. */
const Stars = ({ name, value, onChange }: StarsProps) => (
  <fieldset className="flex flex-wrap items-center gap-1">
    <legend className="float-left mr-2 font-bold">{name}</legend>
    {STARS.map((star) => (
      <button
        key={star}
        type="button"
        aria-pressed={value === star}
        aria-label={`${name} ${say('book.ofFive', { value: star })}`}
        className={`btn btn-square border-base-300 ${value !== null && star <= value ? 'btn-primary' : ''}`}
        onClick={() => onChange(value === star ? null : star)}
      >
        {star}
      </button>
    ))}
  </fieldset>
);
