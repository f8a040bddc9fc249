import { say } from '@idle-kettle/words';
import type { MeasuresId, UnitSystem } from '@idle-kettle/core';
import { Plus, X } from 'lucide-react';
import { useFieldArray, type UseFormReturn } from 'react-hook-form';
import type { EquipmentForm } from './equipmentForm.ts';

export type PartProps = {
  readonly form: UseFormReturn<EquipmentForm>;
  /** The kitchen’s units, in which sizes and prices are typed. */
  readonly units: UnitSystem;
  /** Whose jars are offered. */
  readonly measures: MeasuresId;
};

export type ListName = 'pots' | 'burners' | 'jars' | 'stock' | 'packs' | 'prices';

type ListProps<N extends ListName> = PartProps & {
  readonly name: N;
  readonly title: string;
  readonly one: string;
  readonly blank: EquipmentForm[N][number];
  /** Rows that are offered by name, each added with a press. */
  readonly offered?: readonly EquipmentForm[N][number][];
  readonly row: (index: number) => React.ReactNode;
};

/** A list of equipment: rows, a button to take each out, others to add one. */
export function List<N extends ListName>({
  form,
  name,
  title,
  one,
  blank,
  offered = [],
  row,
}: ListProps<N>) {
  const { control } = form;
  const { fields, append, remove } = useFieldArray<EquipmentForm, ListName>({ control, name });
  return (
    <fieldset className="flex flex-col gap-3">
      <legend className="sr-only">{title}</legend>
      {fields.map((field, index) => (
        <div key={field.id} className="flex flex-wrap items-end gap-2">
          {row(index)}
          <button
            type="button"
            className="btn btn-square btn-ghost btn-sm"
            aria-label={say('kitchen.delete2', { one, value: index + 1 })}
            onClick={() => remove(index)}
          >
            <X aria-hidden className="size-4" />
          </button>
        </div>
      ))}
      <div className="flex flex-wrap gap-2">
        {offered.map((thing) => (
          <AddButton
            key={'name' in thing ? thing.name : ''}
            what={'name' in thing ? thing.name : ''}
            onPress={() => append(thing)}
          />
        ))}
        <AddButton what={say('kitchen.a', { one })} onPress={() => append(blank)} />
      </div>
    </fieldset>
  );
}

const AddButton = ({ what, onPress }: { what: string; onPress: () => void }) => (
  <button type="button" className="btn btn-sm w-fit" onClick={onPress}>
    <Plus aria-hidden className="size-4" /> {say('kitchen.add', { what })}
  </button>
);

type CellProps = { readonly label: string; readonly input: object; readonly wide?: boolean };

/** A field of a row. */
export const Cell = ({ label, input, wide = false }: CellProps) => (
  <label className="flex flex-col text-sm">
    {label}
    <input className={`input input-sm ${wide ? 'w-44' : 'w-24'}`} {...input} />
  </label>
);
