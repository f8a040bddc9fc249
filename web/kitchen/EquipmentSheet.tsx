import { say } from '@idle-kettle/words';
import { faultsOf, KitchenDto, VALIDATION, type Kitchen } from '@idle-kettle/contract';
import { findIngredient } from '@idle-kettle/core';
import { plainToInstance } from 'class-transformer';
import { validateSync } from 'class-validator';
import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { useChangeKitchen } from '../api/kitchen.ts';
import { isConflict, sayError } from '../api/request.ts';
import { Drawer } from '../ui/Drawer.tsx';
import { equipmentFault } from './equipmentFaults.ts';
import { equipmentIn, equipmentOf, kitchenWith, type EquipmentForm } from './equipmentForm.ts';
import { EQUIPMENT_PARTS, type EquipmentPart } from './equipmentParts.tsx';
import { changesOf } from './kitchenChanges.ts';

type Props = {
  readonly kitchen: Kitchen;
  readonly part: EquipmentPart;
  readonly onClose: () => void;
};

/** One kind of things in the kitchen, to be told and told anew. All of it may stay empty. */
export function EquipmentSheet({ kitchen, part, onClose }: Props) {
  // What is typed stays, whatever becomes of the kitchen meanwhile: what is changed is told from
  // the one that the form began with.
  const [base] = useState(kitchen);
  const equipment = useForm<EquipmentForm>({ defaultValues: equipmentOf(base) });
  const { handleSubmit, setError, clearErrors, formState } = equipment;
  const save = useChangeKitchen();
  const { title, hint, Fields } = EQUIPMENT_PARTS[part];
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
        { onSuccess: onClose },
      );
    } else {
      setError('root', {
        // One sentence for each field, however many rules it breaks.
        message: [...new Set(faults.map((fault) => equipmentFault(fault, base.units)))].join(' '),
      });
    }
  });
  const trouble = formState.errors.root?.message ?? (save.error && sayError(save.error));
  return (
    <Drawer title={say(title)} unsaved={formState.isDirty} onClose={onClose}>
      <form onSubmit={(event) => void onSubmit(event)} noValidate className="flex flex-col gap-5">
        <p>{say(hint)}</p>
        <Fields form={equipment} units={base.units} measures={base.measures} />
        <button type="submit" className="btn btn-primary btn-lg w-fit" disabled={save.isPending}>
          {say('kitchen.save')}
        </button>
        {trouble && (
          <p role="alert" className="border-l-4 border-error pl-3 text-error">
            {say('kitchen.notSaved', { trouble })}
          </p>
        )}
      </form>
    </Drawer>
  );
}

/** A kitchen with what a form says of it; as it stands where the form says nothing else. */
const said = (kitchen: Kitchen, form = equipmentOf(kitchen)): KitchenDto =>
  plainToInstance(
    KitchenDto,
    kitchenWith(kitchen, form, (name) => findIngredient(name)?.id),
  );
