import { useState } from 'react';
import { Field } from '../ui/Field.tsx';

type Props = {
  readonly name: string;
  /** What is said of what cannot be read, with what would be right. */
  readonly wrong: string;
  readonly value: number | null;
  /** NaN for what cannot be read. */
  readonly read: (text: string) => number;
  readonly write: (value: number) => string;
  readonly onChange: (value: number | null) => void;
};

/** A figure as the cook types it; what cannot be read stays, with what would be right. */
export function MeasuredField({ name, wrong, value, read, write, onChange }: Props) {
  const [typed, setTyped] = useState<string | null>(null);
  const [isWrong, setWrong] = useState(false);
  const take = () => {
    if (typed === null) return;
    const given = typed.trim() === '' ? null : read(typed);
    const isBad = Number.isNaN(given);
    setWrong(isBad);
    if (isBad) return;
    setTyped(null);
    if (given !== value) onChange(given);
  };
  return (
    <Field
      label={name}
      error={isWrong ? wrong : undefined}
      input={{
        value: typed ?? (value === null ? '' : write(value)),
        onChange: ({ target }) => setTyped(target.value),
        onBlur: take,
        onKeyDown: ({ key }) => key === 'Enter' && take(),
      }}
    />
  );
}
