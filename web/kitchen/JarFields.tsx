import { say, type PlainMessageId } from '@idle-kettle/words';
import { filledMl, JAR_SIZES, type JarMeasure, type UnitSystem } from '@idle-kettle/core';
import type { EquipmentForm } from './equipmentForm.ts';
import { Cell, List, type PartProps } from './equipmentList.tsx';
import { jarSizeTyped } from './measuresShown.ts';

/** A size of jar as it is typed. */
const jarRow = (name: string, size: string): EquipmentForm['jars'][number] => ({
  name,
  size,
  measure: 'filled',
  count: '',
  prefer: false,
  gift: '',
  lids: '',
  inUse: '',
});

const JAR_MEASURES: {
  readonly [measure in JarMeasure]: { readonly [system in UnitSystem]: PlainMessageId };
} = {
  filled: { us: 'kitchen.flOzFilled', metric: 'kitchen.mlFilled' },
  brim: { us: 'kitchen.flOzToTheBrim', metric: 'kitchen.mlToTheBrim' },
  net: { us: 'kitchen.ozNetWeight', metric: 'kitchen.gNetWeight' },
};

/** The jars of a kitchen, by the sizes that are sold where it is, or by any other. */
export const JarFields = (props: PartProps) => (
  <List
    {...props}
    name="jars"
    title={say('kitchen.emptyJars')}
    one={say('kitchen.jarSize')}
    blank={jarRow('', '')}
    offered={JAR_SIZES[props.measures].map(({ name, size, measure }) =>
      jarRow(name, jarSizeTyped(filledMl(size, measure), props.units)),
    )}
    row={(i) => (
      <>
        <Cell label={say('kitchen.name')} input={props.form.register(`jars.${i}.name`)} wide />
        <Cell label={say('kitchen.size')} input={props.form.register(`jars.${i}.size`)} />
        <label className="flex flex-col text-sm">
          {say('kitchen.sizeGivenAs')}
          <select className="select select-sm w-44" {...props.form.register(`jars.${i}.measure`)}>
            {(Object.keys(JAR_MEASURES) as JarMeasure[]).map((measure) => (
              <option key={measure} value={measure}>
                {say(JAR_MEASURES[measure][props.units])}
              </option>
            ))}
          </select>
        </label>
        <Cell label={say('kitchen.count')} input={props.form.register(`jars.${i}.count`)} />
        <Cell
          label={say('kitchen.forGiftsOrShows')}
          input={props.form.register(`jars.${i}.gift`)}
        />
        <Cell label={say('kitchen.newLids2')} input={props.form.register(`jars.${i}.lids`)} />
        <Cell label={say('kitchen.fullInUse')} input={props.form.register(`jars.${i}.inUse`)} />
        <label className="flex items-center gap-2 pb-1 text-sm">
          <input
            type="checkbox"
            className="checkbox checkbox-sm"
            {...props.form.register(`jars.${i}.prefer`)}
          />
          {say('kitchen.preferred')}
        </label>
      </>
    )}
  />
);
