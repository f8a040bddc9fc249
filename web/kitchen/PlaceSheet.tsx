import { say } from '@idle-kettle/words';
import type { Kitchen } from '@idle-kettle/contract';
import { useState } from 'react';
import { useForm, useWatch } from 'react-hook-form';
import { useChangeKitchen } from '../api/kitchen.ts';
import { isConflict, sayError } from '../api/request.ts';
import { Choice, Field } from '../ui/Field.tsx';
import { Drawer } from '../ui/Drawer.tsx';
import { AltitudeField } from './AltitudeField.tsx';
import { changesOf } from './kitchenChanges.ts';
import { formOf, readForm, readingInScale, type KitchenForm } from './kitchenForm.ts';
import { kitchenResolver } from './kitchenResolver.ts';
import { StopHere } from './StopHere.tsx';
import { zoneHere } from './zoneHere.ts';

type Props = { readonly kitchen: Kitchen; readonly onClose: () => void };

/**
 * Where the kitchen is, and how it likes to read. What that does to boiling water shows at once.
 */
export function PlaceSheet({ kitchen, onClose }: Props) {
  const { register, handleSubmit, control, setValue, getValues, formState } = useForm<KitchenForm>({
    defaultValues: formOf(kitchen),
    resolver: kitchenResolver,
    mode: 'onChange',
  });
  // What is changed is told from the kitchen that the form began with.
  const [base] = useState(kitchen);
  const setUp = useChangeKitchen();
  const form = { ...getValues(), ...useWatch({ control }) };
  const { errors } = formState;
  const error = (field: keyof KitchenForm) => errors[field]?.message;

  const onSubmit = handleSubmit((values) => {
    const read = readForm(values);
    if (!read.ok) return;
    const before = readForm(formOf(base));
    setUp.mutate(
      {
        // Saved again after somebody else’s change was told, this is to stand.
        version: isConflict(setUp.error) ? kitchen.version : base.version,
        changes: {
          ...changesOf(before.ok ? before.kitchen : {}, read.kitchen),
          ...zoneHere(kitchen),
        },
      },
      { onSuccess: onClose },
    );
  });

  return (
    <Drawer title={say('kitchen.placeAndUnits')} unsaved={formState.isDirty} onClose={onClose}>
      <form onSubmit={(event) => void onSubmit(event)} noValidate className="flex flex-col gap-6">
        <p>{say('kitchen.waterBoilsCoolerTheHigherYou')}</p>
        <div className="grid gap-6 md:grid-cols-2">
          <div className="flex flex-col gap-5">
            <AltitudeField
              form={{ register, setValue, getValues }}
              error={error('altitude')}
              autoFocus={false}
            />
            <Field
              label={say('kitchen.boilingWaterOnYourThermometer')}
              hint={say('kitchen.ifYouHaveMeasuredIt')}
              error={error('waterBoils')}
              input={{ ...register('waterBoils'), inputMode: 'decimal' }}
            >
              <Choice
                quiet
                legend={say('kitchen.temperature')}
                name={register('temperature', {
                  onChange: (event: { target: { value: 'C' | 'F' } }) =>
                    setValue(
                      'waterBoils',
                      readingInScale(form.waterBoils, form.temperature, event.target.value),
                    ),
                })}
                options={[
                  { value: 'F', text: '°F' },
                  { value: 'C', text: '°C' },
                ]}
              />
            </Field>
          </div>
          <StopHere form={form} />
        </div>

        <Choice
          legend={say('kitchen.amounts')}
          name={register('units')}
          options={[
            { value: 'us', text: say('kitchen.cupsOuncesAndGrams') },
            { value: 'metric', text: say('kitchen.gramsAndMilliliters') },
          ]}
        />
        <Choice
          legend={say('kitchen.cupsPintsAndSpoonsIn')}
          name={register('measures')}
          options={[
            { value: 'us', text: say('kitchen.us'), detail: say('kitchen.cup237MlPint473') },
            { value: 'uk', text: say('kitchen.uk'), detail: say('kitchen.cup284MlPint568') },
            {
              value: 'metric',
              text: say('kitchen.metric'),
              detail: say('kitchen.cup250MlSpoon15'),
            },
          ]}
        />
        <Choice
          legend={say('kitchen.jarsBeforeFilling')}
          name={register('school')}
          options={[
            {
              value: 'ten-minute',
              text: say('kitchen.cleanAndHot'),
              detail: say('kitchen.thenAtLeast10Minutes'),
            },
            {
              value: 'sterilised',
              text: say('kitchen.boiled'),
              detail: say('kitchen.thenAtLeast5Minutes'),
            },
          ]}
        />
        <Field label={say('kitchen.kitchenName')} error={error('name')} input={register('name')} />

        <div className="flex flex-wrap items-center gap-4">
          <button type="submit" className="btn btn-primary btn-lg" disabled={setUp.isPending}>
            {say('kitchen.save')}
          </button>
          {setUp.error && (
            <p role="alert" className="text-error">
              {say('kitchen.notSaved2', { sayError: sayError(setUp.error) })}
            </p>
          )}
        </div>
      </form>
    </Drawer>
  );
}
