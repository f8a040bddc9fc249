import { useId, type InputHTMLAttributes } from 'react';
import type { UseFormRegisterReturn } from 'react-hook-form';

type FieldProps = {
  readonly label: string;
  readonly hint?: string;
  readonly error?: string | undefined;
  readonly input: InputHTMLAttributes<HTMLInputElement>;
  /** What stands beside the field, such as the choice of its unit. */
  readonly children?: React.ReactNode;
};

/** A labelled text field with its hint and, when it is wrong, what would be right. */
export function Field({ label, hint, error, input, children }: FieldProps) {
  const id = useId();
  return (
    <div className="flex flex-col gap-1">
      <label htmlFor={id} className="font-bold">
        {label}
      </label>
      <div className="flex flex-wrap items-center gap-3">
        <input
          {...input}
          id={id}
          type="text"
          autoComplete="off"
          aria-invalid={error !== undefined}
          aria-describedby={`${id}-note`}
          className={`input input-lg w-44 grow text-xl ${error === undefined ? '' : 'input-error'}`}
        />
        {children}
      </div>
      <p
        id={`${id}-note`}
        className={`text-sm ${error === undefined ? 'opacity-80' : 'text-error'}`}
      >
        {error ?? hint}
      </p>
    </div>
  );
}

type Option = { readonly value: string; readonly text: string; readonly detail?: string };

type ChoiceProps = {
  readonly legend: string;
  readonly name: UseFormRegisterReturn;
  readonly options: readonly Option[];
  /** The legend is plain to see from what stands beside it; then it is only read out. */
  readonly quiet?: boolean;
};

/** One of a few, as radio buttons. */
export const Choice = ({ legend, name, options, quiet = false }: ChoiceProps) => (
  <fieldset>
    <legend className={quiet ? 'sr-only' : 'mb-1 font-bold'}>{legend}</legend>
    <div className="flex flex-wrap gap-x-6 gap-y-2">
      {options.map(({ value, text, detail }) => (
        <label key={value} className="flex cursor-pointer items-center gap-2 text-lg">
          <input type="radio" value={value} {...name} className="radio radio-primary" />
          <span>
            {text}
            {detail !== undefined && <span className="block text-sm opacity-80">{detail}</span>}
          </span>
        </label>
      ))}
    </div>
  </fieldset>
);
