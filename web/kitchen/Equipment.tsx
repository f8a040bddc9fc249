import { faultsOf, KitchenDto, VALIDATION, type Kitchen } from '@idle-kettle/contract';
import { findIngredient, HEAT_IDS, HEAT_SOURCES, type HeatId } from '@idle-kettle/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { Plus, X } from 'lucide-react';
import { useState } from 'react';
import { useForm, useFieldArray, type Control, type UseFormRegister } from 'react-hook-form';
import { useChangeKitchen } from '../api/kitchen.ts';
import { isConflict, sayError } from '../api/request.ts';
import { changesOf } from './kitchenChanges.ts';
import { equipmentIn, equipmentOf, kitchenWith, type EquipmentForm } from './equipmentForm.ts';

/** What stands in the kitchen: pots, burners, canner, jars, packs and prices. All of it may stay empty. */
export function Equipment({ kitchen }: { kitchen: Kitchen }) {
  // What is typed stays, whatever becomes of the kitchen meanwhile: what is changed is told from the one that the form began with.
  const [base, setBase] = useState(kitchen);
  const { register, control, handleSubmit, setError, clearErrors, formState, reset } =
    useForm<EquipmentForm>({ defaultValues: equipmentOf(base) });
  const save = useChangeKitchen();
  const onSubmit = handleSubmit((form) => {
    clearErrors();
    const dto = said(base, form);
    const faults = faultsOf(validateSync(dto, VALIDATION));
    if (faults.length === 0) {
      save.mutate(
        {
          // Saved again after somebody else’s change was told, this is to stand.
          version: isConflict(save.error) ? kitchen.version : base.version,
          changes: changesOf(equipmentIn(said(base)), equipmentIn(dto)),
        },
        {
          onSuccess: (saved) => {
            setBase(saved);
            reset(equipmentOf(saved));
          },
        },
      );
    } else {
      setError('root', {
        message: faults.map(({ field, message }) => `${inWords(field)}: ${message}`).join(' '),
      });
    }
  });
  const props = { control, register };
  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      className="mx-auto mt-10 flex max-w-4xl flex-col gap-6"
    >
      <div>
        <h2 className="text-2xl font-bold text-primary">What stands in it</h2>
        <p>
          Leave out what you like: without it, plans are for half-pints on a medium burner. The
          first pot and burner are taken where a batch names none.
        </p>
      </div>
      <Pots {...props} />
      <Burners {...props} />
      <label className="flex w-fit flex-col font-bold">
        Canner
        <select {...register('canner')} className="select font-normal">
          <option value="boiling-water">boiling water</option>
          <option value="steam">atmospheric steam</option>
        </select>
      </label>
      <Jars {...props} />
      <Packs {...props} />
      <Prices {...props} />
      <div className="flex flex-wrap items-center gap-4">
        <button type="submit" className="btn btn-primary btn-lg" disabled={save.isPending}>
          Save what stands in it
        </button>
        <p role="status">{save.isSuccess && !formState.isDirty ? 'Saved.' : ''}</p>
      </div>
      {(formState.errors.root ?? save.error) && (
        <p role="alert" className="border-l-4 border-error pl-3 text-error">
          Not saved. {formState.errors.root?.message ?? (save.error && sayError(save.error))}
        </p>
      )}
    </form>
  );
}

/** A kitchen with what a form says of it; as it stands where the form says nothing else. */
const said = (kitchen: Kitchen, form = equipmentOf(kitchen)): KitchenDto =>
  plainToInstance(
    KitchenDto,
    kitchenWith(kitchen, form, (name) => findIngredient(name)?.id),
  );

/** `pots[0].diameterCm` as a person counts: `pots 1, diameterCm`. */
const inWords = (field: string): string =>
  field.replace(/\[(\d+)\]\.?/, (_, index: string) => ` ${Number(index) + 1}, `).replace(/, $/, '');

type PartProps = {
  readonly control: Control<EquipmentForm>;
  readonly register: UseFormRegister<EquipmentForm>;
};

type ListName = 'pots' | 'burners' | 'jars' | 'packs' | 'prices';

type ListProps<N extends ListName> = PartProps & {
  readonly name: N;
  readonly title: string;
  readonly one: string;
  readonly blank: EquipmentForm[N][number];
  readonly row: (index: number) => React.ReactNode;
};

/** A list of equipment: rows, a button to take each out, one to add. */
function List<N extends ListName>({ control, name, title, one, blank, row }: ListProps<N>) {
  const { fields, append, remove } = useFieldArray<EquipmentForm, ListName>({ control, name });
  return (
    <fieldset className="flex flex-col gap-2">
      <legend className="font-bold">{title}</legend>
      {fields.map((field, index) => (
        <div key={field.id} className="flex flex-wrap items-end gap-2">
          {row(index)}
          <button
            type="button"
            className="btn btn-square btn-ghost btn-sm"
            aria-label={`Take out ${one} ${index + 1}`}
            onClick={() => remove(index)}
          >
            <X aria-hidden className="size-4" />
          </button>
        </div>
      ))}
      <button type="button" className="btn btn-sm w-fit" onClick={() => append(blank)}>
        <Plus aria-hidden className="size-4" /> Add a {one}
      </button>
    </fieldset>
  );
}

type CellProps = { readonly label: string; readonly input: object; readonly wide?: boolean };

const Cell = ({ label, input, wide = false }: CellProps) => (
  <label className="flex flex-col text-sm">
    {label}
    <input className={`input input-sm ${wide ? 'w-44' : 'w-24'}`} {...input} />
  </label>
);

const Pots = (props: PartProps) => (
  <List
    {...props}
    name="pots"
    title="Pots"
    one="pot"
    blank={{ name: '', diameterCm: '28', heightCm: '16' }}
    row={(i) => (
      <>
        <Cell label="Name" input={props.register(`pots.${i}.name`)} wide />
        <Cell label="Across, cm" input={props.register(`pots.${i}.diameterCm`)} />
        <Cell label="High, cm" input={props.register(`pots.${i}.heightCm`)} />
      </>
    )}
  />
);

const Burners = (props: PartProps) => (
  <List
    {...props}
    name="burners"
    title="Burners, cookers, oven"
    one="burner"
    blank={{ name: '', heat: 'medium-burner', netPowerKw: '' }}
    row={(i) => (
      <>
        <Cell label="Name" input={props.register(`burners.${i}.name`)} wide />
        <label className="flex flex-col text-sm">
          It is a
          <select className="select select-sm w-48" {...props.register(`burners.${i}.heat`)}>
            {HEAT_IDS.map((id: HeatId) => (
              <option key={id} value={id}>
                {HEAT_SOURCES[id].name}
              </option>
            ))}
          </select>
        </label>
        <Cell label="kW, if known" input={props.register(`burners.${i}.netPowerKw`)} />
      </>
    )}
  />
);

const Jars = (props: PartProps) => (
  <List
    {...props}
    name="jars"
    title="Jars on hand"
    one="jar"
    blank={{ name: 'half-pint', volumeMl: '237', count: '', prefer: false, gift: '' }}
    row={(i) => (
      <>
        <Cell label="Name" input={props.register(`jars.${i}.name`)} wide />
        <Cell label="Holds, mL" input={props.register(`jars.${i}.volumeMl`)} />
        <Cell label="How many" input={props.register(`jars.${i}.count`)} />
        <Cell label="For gifts" input={props.register(`jars.${i}.gift`)} />
        <label className="flex items-center gap-2 pb-1 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            {...props.register(`jars.${i}.prefer`)}
          />
          preferred
        </label>
      </>
    )}
  />
);

const Packs = (props: PartProps) => (
  <List
    {...props}
    name="packs"
    title="Packs of pectin, as they say of themselves"
    one="pack"
    blank={{ ingredient: 'powdered pectin', packG: '49', pectinG: '15' }}
    row={(i) => (
      <>
        <Cell label="What it is" input={props.register(`packs.${i}.ingredient`)} wide />
        <Cell label="Pack, g" input={props.register(`packs.${i}.packG`)} />
        <Cell label="Pectin in it, g" input={props.register(`packs.${i}.pectinG`)} />
      </>
    )}
  />
);

const Prices = (props: PartProps) => (
  <div className="flex flex-col gap-2">
    <List
      {...props}
      name="prices"
      title="Prices"
      one="price"
      blank={{ ingredient: '', perKg: '' }}
      row={(i) => (
        <>
          <Cell label="Of" input={props.register(`prices.${i}.ingredient`)} wide />
          <Cell label="A kilogram" input={props.register(`prices.${i}.perKg`)} />
        </>
      )}
    />
    <label className="flex w-fit flex-col text-sm">
      Money
      <input className="input input-sm w-24" maxLength={3} {...props.register('currency')} />
    </label>
  </div>
);
