import { say } from '@idle-kettle/words';
import { readAmount } from '@idle-kettle/core';
import { useState } from 'react';

type NumberProps = {
  readonly label: string;
  readonly least: number;
  readonly most: number;
  readonly value: number | null;
  readonly expected: string | undefined;
  readonly onSet: (value: number | null) => void;
};

/** A number that is taken when the field is left, and refused in words where it cannot be. */
export function NumberField({ label, least, most, value, expected, onSet }: NumberProps) {
  const [text, setText] = useState(value === null ? '' : String(value));
  const [wrong, setWrong] = useState(false);
  function take() {
    const read = text.trim() === '' ? null : (readAmount(text) ?? NaN);
    const bad = read !== null && !(read >= least && read <= most);
    setWrong(bad);
    if (!bad && read !== value) onSet(read);
  }
  return (
    <label className="flex flex-col text-sm">
      {label}
      <input
        className="input input-sm w-28"
        inputMode="decimal"
        value={text}
        placeholder={expected}
        aria-invalid={wrong}
        onChange={({ target }) => setText(target.value)}
        onBlur={take}
        onKeyDown={({ key }) => key === 'Enter' && take()}
      />
      {wrong && (
        <span role="alert" className="text-error">
          {say('balance.enterANumberFromTo', { least, most })}
        </span>
      )}
    </label>
  );
}
