import { HEAT_IDS, HEAT_SOURCES, USUAL_HALF_PINTS, type HeatId } from '@idle-kettle/core';
import { Plus, X } from 'lucide-react';
import { useFieldArray, type Control, type UseFormRegister } from 'react-hook-form';
import type { EquipmentForm } from './equipmentForm.ts';

type PartProps = {
  readonly control: Control<EquipmentForm>;
  readonly register: UseFormRegister<EquipmentForm>;
};

type ListName = 'pots' | 'burners' | 'jars' | 'stock' | 'packs' | 'prices';

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
      <legend className="sr-only">{title}</legend>
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
    blank={{
      name: 'half-pint',
      volumeMl: '237',
      count: '',
      prefer: false,
      gift: '',
      lids: '',
      inUse: '',
    }}
    row={(i) => (
      <>
        <Cell label="Name" input={props.register(`jars.${i}.name`)} wide />
        <Cell label="Holds, mL" input={props.register(`jars.${i}.volumeMl`)} />
        <Cell label="How many" input={props.register(`jars.${i}.count`)} />
        <Cell label="Gift or show" input={props.register(`jars.${i}.gift`)} />
        <Cell label="New lids" input={props.register(`jars.${i}.lids`)} />
        <Cell label="Full, in use" input={props.register(`jars.${i}.inUse`)} />
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

const Stock = (props: PartProps) => (
  <List
    {...props}
    name="stock"
    title="In the cupboard"
    one="thing"
    blank={{ ingredient: 'sugar', massG: '1000' }}
    row={(i) => (
      <>
        <Cell label="What it is" input={props.register(`stock.${i}.ingredient`)} wide />
        <Cell label="There is, g" input={props.register(`stock.${i}.massG`)} />
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

const Canners = ({ register }: PartProps) => (
  <div className="flex flex-col gap-4">
    <label className="flex w-fit flex-col font-bold">
      Jars are processed in
      <select {...register('canner')} className="select font-normal">
        <option value="boiling-water">boiling water</option>
        <option value="steam">atmospheric steam</option>
      </select>
    </label>
    <label className="flex w-fit flex-col font-bold">
      Half-pints that stand on its rack, in one layer
      <input
        className="input w-24 font-normal"
        placeholder={String(USUAL_HALF_PINTS)}
        inputMode="numeric"
        {...register('cannerHolds')}
      />
    </label>
  </div>
);

/** What can be told of a kitchen's things, one kind at a time. */
export type EquipmentPart = ListName | 'canner';

/** The form of each kind: its title, what to know of it, its fields. */
export const EQUIPMENT_PARTS: {
  readonly [part in EquipmentPart]: {
    readonly title: string;
    readonly hint: string;
    readonly Fields: (props: PartProps) => React.ReactNode;
  };
} = {
  pots: {
    title: 'Pots',
    hint: 'By the inside. The first is taken where a batch names none.',
    Fields: Pots,
  },
  burners: {
    title: 'Burners, cookers, oven',
    hint: 'The first is taken where a batch names none. A slow cooker brings its own pot.',
    Fields: Burners,
  },
  canner: {
    title: 'Canner',
    hint: 'A pressure canner used open counts as boiling water. Steam goes as far as 45 minutes.',
    Fields: Canners,
  },
  jars: {
    title: 'Jars on hand',
    hint: 'Those that stand empty and sound. Without any, plans are for half-pints without end. Lids that are not counted are not missed.',
    Fields: Jars,
  },
  stock: {
    title: 'Cupboard',
    hint: 'What keeps: sugar, lemon juice, pectin. Prepare says what of it a batch takes and what is lacking.',
    Fields: Stock,
  },
  packs: {
    title: 'Packs of pectin',
    hint: 'As they say of themselves: a pack differs from brand to brand.',
    Fields: Packs,
  },
  prices: { title: 'Prices', hint: 'A kilogram as bought.', Fields: Prices },
};
