import { say } from '@idle-kettle/words';
import { useWatch } from 'react-hook-form';
import { PotDrawing } from '../drawings/PotDrawing.tsx';
import { Cell, List, type PartProps } from './equipmentList.tsx';
import { capacityTyped, heightFor, lengthCm, potTyped, SHOWN } from './measuresShown.ts';

const PX_PER_CM = 3;

/** A pot’s size by any two of its width, height and what it holds, drawn beside them. */
function PotSize({ form, units, i }: PartProps & { readonly i: number }) {
  const { register, getValues, setValue, control } = form;
  const [width, height] = useWatch({ control, name: [`pots.${i}.width`, `pots.${i}.height`] });
  const { length, capacity } = SHOWN[units];
  const sized = () =>
    setValue(
      `pots.${i}.holds`,
      capacityTyped(getValues(`pots.${i}.width`), getValues(`pots.${i}.height`), units),
    );
  const held = () => {
    const fitting = heightFor(getValues(`pots.${i}.width`), getValues(`pots.${i}.holds`), units);
    if (fitting !== null) setValue(`pots.${i}.height`, fitting, { shouldDirty: true });
  };
  const [diameterCm, heightCm] = [lengthCm(width, units), lengthCm(height, units)];
  return (
    <>
      <Cell
        label={say('kitchen.width', { unit: length })}
        input={register(`pots.${i}.width`, { onChange: sized })}
      />
      <Cell
        label={say('kitchen.heightIn', { unit: length })}
        input={register(`pots.${i}.height`, { onChange: sized })}
      />
      <Cell
        label={say('kitchen.holdsIn', { unit: capacity })}
        input={register(`pots.${i}.holds`, { onChange: held })}
      />
      {diameterCm > 0 && diameterCm < 100 && heightCm > 0 && heightCm < 100 && (
        <PotDrawing diameterCm={diameterCm} heightCm={heightCm} scale={PX_PER_CM} />
      )}
    </>
  );
}

/** The pots of a kitchen. */
export const PotFields = (props: PartProps) => (
  <List
    {...props}
    name="pots"
    title={say('kitchen.pots')}
    one={say('kitchen.pot')}
    blank={{ name: '', ...potTyped(28, 16, props.units) }}
    row={(i) => (
      <>
        <Cell label={say('kitchen.name')} input={props.form.register(`pots.${i}.name`)} wide />
        <PotSize {...props} i={i} />
      </>
    )}
  />
);
