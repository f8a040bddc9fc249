import { passphraseScore } from '@idle-kettle/contract/passphraseScore';
import { say } from '@idle-kettle/words';
import { Eye, EyeOff } from 'lucide-react';
import { useEffect, useId, useState, type InputHTMLAttributes } from 'react';

type Props = {
  readonly label: string;
  readonly value: string;
  readonly error?: string | undefined;
  readonly input: InputHTMLAttributes<HTMLInputElement>;
  /** For a new one: names that it could be made of. Left out, it is not measured. */
  readonly measuredAgainst?: readonly string[];
};

const STRENGTHS = [
  'people.strength0',
  'people.strength1',
  'people.strength2',
  'people.strength3',
  'people.strength4',
] as const;

/** A passphrase, which can be looked at while it is typed, and how hard it is to guess. */
export function PassphraseField({ label, value, error, input, measuredAgainst }: Props) {
  const id = useId();
  const [shown, setShown] = useState(false);
  const score = useScore(value, measuredAgainst ?? null);
  const Icon = shown ? EyeOff : Eye;
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-bold">
        {label}
      </label>
      <div className="flex gap-2">
        <input
          {...input}
          id={id}
          type={shown ? 'text' : 'password'}
          autoComplete={measuredAgainst === undefined ? 'current-password' : 'new-password'}
          aria-invalid={error !== undefined}
          aria-describedby={`${id}-note`}
          className={`input input-lg w-full text-xl ${error === undefined ? '' : 'input-error'}`}
        />
        <button
          type="button"
          className="btn btn-square btn-lg"
          aria-label={shown ? say('people.hide') : say('people.show')}
          aria-pressed={shown}
          onClick={() => setShown(!shown)}
        >
          <Icon aria-hidden className="size-5" />
        </button>
      </div>
      {score !== null && (
        <div className="flex items-center gap-3">
          <progress
            className="progress w-40 progress-secondary"
            aria-label={say('people.strengthMeter')}
            value={score}
            max={STRENGTHS.length - 1}
          />
          <span role="status">{say(STRENGTHS[score] ?? 'people.strength0')}</span>
        </div>
      )}
      <p
        id={`${id}-note`}
        className={`text-sm ${error === undefined ? 'opacity-80' : 'text-error'}`}
      >
        {error ?? (measuredAgainst === undefined ? '' : say('people.passphraseHint'))}
      </p>
    </div>
  );
}

/** How hard it is to guess, from 0 to 4; null for nothing typed, or nothing measured yet. */
function useScore(value: string, known: readonly string[] | null): number | null {
  const [score, setScore] = useState<number | null>(null);
  const against = known?.join('\n') ?? null;
  useEffect(() => {
    let on = true;
    if (against !== null && value !== '')
      void passphraseScore(value, against.split('\n')).then((found) => {
        if (on) setScore(found);
      });
    return () => {
      on = false;
    };
  }, [value, against]);
  return value === '' || known === null ? null : score;
}
