import { type PlainMessageId, say } from '@idle-kettle/words';
import { HEAT_IDS, HEAT_SOURCES, USUAL_HALF_PINTS, type HeatId } from '@idle-kettle/core';
import { Cell, List, type ListName, type PartProps } from './equipmentList.tsx';
import { JarFields } from './JarFields.tsx';
import { amountHint, SHOWN } from './measuresShown.ts';
import { PotFields } from './PotFields.tsx';

const Burners = (props: PartProps) => (
  <List
    {...props}
    name="burners"
    title={say('kitchen.burnersSlowCookersOven')}
    one={say('kitchen.burner')}
    blank={{ name: '', heat: 'medium-burner', netPowerKw: '' }}
    row={(i) => (
      <>
        <label className="flex flex-col text-sm">
          {say('kitchen.type')}
          <select className="select select-sm w-48" {...props.form.register(`burners.${i}.heat`)}>
            {HEAT_IDS.map((id: HeatId) => (
              <option key={id} value={id}>
                {HEAT_SOURCES[id].name}
              </option>
            ))}
          </select>
        </label>
        <Cell
          label={say('kitchen.kwIfKnown')}
          input={props.form.register(`burners.${i}.netPowerKw`)}
        />
        <Cell
          label={say('kitchen.nameIfYouLike')}
          input={props.form.register(`burners.${i}.name`)}
          wide
        />
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
    blank={{ ingredient: 'sugar', amount: '' }}
    row={(i) => (
      <>
        <Cell
          label={say('kitchen.ingredient')}
          input={props.form.register(`stock.${i}.ingredient`)}
          wide
        />
        <Cell
          label={say('kitchen.inStock')}
          input={{
            ...props.form.register(`stock.${i}.amount`),
            placeholder: amountHint(props.units),
          }}
        />
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
    blank={{ ingredient: 'powdered pectin', packG: '49', pectinG: '15', boilMin: '' }}
    row={(i) => (
      <>
        <Cell
          label={say('kitchen.kind')}
          input={props.form.register(`packs.${i}.ingredient`)}
          wide
        />
        <Cell label={say('kitchen.packG')} input={props.form.register(`packs.${i}.packG`)} />
        <Cell
          label={say('kitchen.pectinInItG')}
          input={props.form.register(`packs.${i}.pectinG`)}
        />
        <Cell label={say('kitchen.boilMin')} input={props.form.register(`packs.${i}.boilMin`)} />
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
      blank={{ ingredient: '', price: '' }}
      row={(i) => (
        <>
          <Cell
            label={say('kitchen.ingredient')}
            input={props.form.register(`prices.${i}.ingredient`)}
            wide
          />
          <Cell
            label={say('kitchen.pricePer', { unit: SHOWN[props.units].price })}
            input={props.form.register(`prices.${i}.price`)}
          />
        </>
      )}
    />
    <label className="flex w-fit flex-col text-sm">
      {say('kitchen.currency')}
      <input className="input input-sm w-24" maxLength={3} {...props.form.register('currency')} />
    </label>
  </div>
);

const Canners = ({ form: { register } }: PartProps) => (
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
    Fields: PotFields,
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
    Fields: JarFields,
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
  prices: { title: 'kitchen.prices', hint: 'kitchen.asBought', Fields: Prices },
};
