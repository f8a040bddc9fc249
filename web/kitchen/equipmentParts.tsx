import { type PlainMessageId, say } from '@idle-kettle/words';
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
            aria-label={say('kitchen.delete2', { one, value: index + 1 })}
            onClick={() => remove(index)}
          >
            <X aria-hidden className="size-4" />
          </button>
        </div>
      ))}
      <button type="button" className="btn btn-sm w-fit" onClick={() => append(blank)}>
        <Plus aria-hidden className="size-4" /> {say('kitchen.addA', { one })}
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
    title={say('kitchen.pots')}
    one={say('kitchen.pot')}
    blank={{ name: '', diameterCm: '28', heightCm: '16' }}
    row={(i) => (
      <>
        <Cell label={say('kitchen.name')} input={props.register(`pots.${i}.name`)} wide />
        <Cell label={say('kitchen.widthCm')} input={props.register(`pots.${i}.diameterCm`)} />
        <Cell label={say('kitchen.heightCm')} input={props.register(`pots.${i}.heightCm`)} />
      </>
    )}
  />
);

const Burners = (props: PartProps) => (
  <List
    {...props}
    name="burners"
    title={say('kitchen.burnersSlowCookersOven')}
    one={say('kitchen.burner')}
    blank={{ name: '', heat: 'medium-burner', netPowerKw: '' }}
    row={(i) => (
      <>
        <Cell label={say('kitchen.name')} input={props.register(`burners.${i}.name`)} wide />
        <label className="flex flex-col text-sm">
          {say('kitchen.type')}
          <select className="select select-sm w-48" {...props.register(`burners.${i}.heat`)}>
            {HEAT_IDS.map((id: HeatId) => (
              <option key={id} value={id}>
                {HEAT_SOURCES[id].name}
              </option>
            ))}
          </select>
        </label>
        <Cell label={say('kitchen.kwIfKnown')} input={props.register(`burners.${i}.netPowerKw`)} />
      </>
    )}
  />
);

const Jars = (props: PartProps) => (
  <List
    {...props}
    name="jars"
    title={say('kitchen.emptyJars')}
    one={say('kitchen.jarSize')}
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
        <Cell label={say('kitchen.name')} input={props.register(`jars.${i}.name`)} wide />
        <Cell label={say('kitchen.holdsMl')} input={props.register(`jars.${i}.volumeMl`)} />
        <Cell label={say('kitchen.count')} input={props.register(`jars.${i}.count`)} />
        <Cell label={say('kitchen.forGiftsOrShows')} input={props.register(`jars.${i}.gift`)} />
        <Cell label={say('kitchen.newLids2')} input={props.register(`jars.${i}.lids`)} />
        <Cell label={say('kitchen.fullInUse')} input={props.register(`jars.${i}.inUse`)} />
        <label className="flex items-center gap-2 pb-1 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            {...props.register(`jars.${i}.prefer`)}
          />
          {say('kitchen.preferred')}
        </label>
      </>
    )}
  />
);

const Stock = (props: PartProps) => (
  <List
    {...props}
    name="stock"
    title={say('kitchen.cupboard')}
    one={say('kitchen.item')}
    blank={{ ingredient: 'sugar', massG: '1000' }}
    row={(i) => (
      <>
        <Cell
          label={say('kitchen.ingredient')}
          input={props.register(`stock.${i}.ingredient`)}
          wide
        />
        <Cell label={say('kitchen.inStockG')} input={props.register(`stock.${i}.massG`)} />
      </>
    )}
  />
);

const Packs = (props: PartProps) => (
  <List
    {...props}
    name="packs"
    title={say('kitchen.packsOfPectinAsPrinted')}
    one={say('kitchen.pack')}
    blank={{ ingredient: 'powdered pectin', packG: '49', pectinG: '15' }}
    row={(i) => (
      <>
        <Cell label={say('kitchen.kind')} input={props.register(`packs.${i}.ingredient`)} wide />
        <Cell label={say('kitchen.packG')} input={props.register(`packs.${i}.packG`)} />
        <Cell label={say('kitchen.pectinInItG')} input={props.register(`packs.${i}.pectinG`)} />
      </>
    )}
  />
);

const Prices = (props: PartProps) => (
  <div className="flex flex-col gap-2">
    <List
      {...props}
      name="prices"
      title={say('kitchen.prices')}
      one={say('kitchen.price')}
      blank={{ ingredient: '', perKg: '' }}
      row={(i) => (
        <>
          <Cell
            label={say('kitchen.ingredient')}
            input={props.register(`prices.${i}.ingredient`)}
            wide
          />
          <Cell label={say('kitchen.perKilogram')} input={props.register(`prices.${i}.perKg`)} />
        </>
      )}
    />
    <label className="flex w-fit flex-col text-sm">
      {say('kitchen.currency')}
      <input className="input input-sm w-24" maxLength={3} {...props.register('currency')} />
    </label>
  </div>
);

const Canners = ({ register }: PartProps) => (
  <div className="flex flex-col gap-4">
    <label className="flex w-fit flex-col font-bold">
      {say('kitchen.canner')}
      <select {...register('canner')} className="select font-normal">
        <option value="boiling-water">{say('kitchen.boilingWater')}</option>
        <option value="steam">{say('kitchen.atmosphericSteam')}</option>
        <option value="none">{say('kitchen.noCanner')}</option>
      </select>
    </label>
    <label className="flex w-fit flex-col font-bold">
      {say('kitchen.halfPintsThatFitOn')}
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
    readonly title: PlainMessageId;
    readonly hint: PlainMessageId;
    readonly Fields: (props: PartProps) => React.ReactNode;
  };
} = {
  pots: {
    title: 'kitchen.pots',
    hint: 'kitchen.insideMeasurementsTheFirstIs',
    Fields: Pots,
  },
  burners: {
    title: 'kitchen.burnersSlowCookersOven',
    hint: 'kitchen.theFirstIsUsedWhen',
    Fields: Burners,
  },
  canner: {
    title: 'kitchen.canner',
    hint: 'kitchen.aPressureCannerUsedWithout',
    Fields: Canners,
  },
  jars: {
    title: 'kitchen.emptyJars',
    hint: 'kitchen.jarsThatAreEmptyAnd',
    Fields: Jars,
  },
  stock: {
    title: 'kitchen.cupboard',
    hint: 'kitchen.thingsThatKeepSugarLemon',
    Fields: Stock,
  },
  packs: {
    title: 'kitchen.packsOfPectin2',
    hint: 'kitchen.asPrintedOnThePack',
    Fields: Packs,
  },
  prices: { title: 'kitchen.prices', hint: 'kitchen.perKilogramAsBought', Fields: Prices },
};
