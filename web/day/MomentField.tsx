import { format } from 'date-fns';
import { useState } from 'react';

type Props = {
  readonly label: string;
  /** What it is about, for whoever hears it. */
  readonly of: string;
  readonly value: string | null;
  readonly onKeep: (at: number | null) => void;
};

/** A moment of a day, kept when it is left; empty for none. */
export function MomentField({ label, of, value, onKeep }: Props) {
  const shown = value === null ? '' : format(new Date(value), FORMAT);
  const [typed, setTyped] = useState(shown);
  const [before, setBefore] = useState(shown);
  if (shown !== before) {
    setBefore(shown);
    setTyped(shown);
  }
  return (
    <label className="flex flex-col text-sm">
      {label}
      <input
        type="datetime-local"
        className="input input-sm w-48"
        aria-label={`${label} ${of}`.trim()}
        step={300}
        value={typed}
        onChange={({ target }) => setTyped(target.value)}
        onKeyDown={({ key, currentTarget }) => {
          if (key === 'Enter') currentTarget.blur();
        }}
        onBlur={() => {
          if (typed === shown) return;
          const at = new Date(typed).getTime();
          if (typed === '') onKeep(null);
          else if (Number.isFinite(at)) onKeep(at);
          else setTyped(shown);
        }}
      />
    </label>
  );
}

const FORMAT = "yyyy-MM-dd'T'HH:mm";
