import { say } from '@idle-kettle/words';
import { formatVolume, readAmount, readLine, type ParserKitchen } from '@idle-kettle/core';
import { useState } from 'react';

const US_CUP_ML = 236.588;
const MOST_ML = 500_000;

type Props = {
  readonly label: string;
  readonly valueMl: number | null;
  readonly units: 'metric' | 'us';
  readonly kitchen: ParserKitchen;
  readonly placeholder: string;
  readonly onSet: (mL: number | null) => void;
};

/**
 * A volume in words, `3¾ cups` or `900 mL`, or a bare number in this kitchen's units; refused in
 * words where it cannot be read.
 */
export function VolumeField({ label, valueMl, units, kitchen, placeholder, onSet }: Props) {
  const shown = valueMl === null ? '' : formatVolume(valueMl, units);
  const [typed, setTyped] = useState<string | null>(null);
  const [wrong, setWrong] = useState(false);

  function take() {
    if (typed === null) return;
    const mL = typed.trim() === '' ? null : millilitresOf(typed, units, kitchen);
    const bad = mL !== null && !(mL >= 0 && mL <= MOST_ML);
    setWrong(bad);
    if (bad) return;
    setTyped(null);
    if (mL !== valueMl) onSet(mL);
  }

  return (
    <label className="flex flex-col text-sm">
      {label}
      <input
        className="input input-sm w-32"
        value={typed ?? shown}
        placeholder={placeholder}
        aria-invalid={wrong}
        onChange={({ target }) => setTyped(target.value)}
        onBlur={take}
        onKeyDown={({ key }) => key === 'Enter' && take()}
      />
      {wrong && (
        <span role="alert" className="text-error">
          {say('balance.writeItLike', { part: units === 'us' ? say('balance.3Cups') : '900 mL' })}
        </span>
      )}
    </label>
  );
}

/** Millilitres of what was typed; NaN where it cannot be read. */
function millilitresOf(text: string, units: Props['units'], kitchen: ParserKitchen): number {
  const bare = readAmount(text.trim());
  if (bare !== null) return bare * (units === 'us' ? US_CUP_ML : 1);
  const line = readLine(/water/i.test(text) ? text : say('balance.water2', { text }), kitchen);
  return line.understood && line.ingredient.id === 'water' ? line.massG.typical : NaN;
}
