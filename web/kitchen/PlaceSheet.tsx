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

type Props = { readonly kitchen: Kitchen; readonly onClose: () => void };

/** Where the kitchen is, and how it likes to read. What that does to boiling water shows at once. */
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
        changes: changesOf(before.ok ? before.kitchen : {}, read.kitchen),
      },
      { onSuccess: onClose },
    );
  });

  return (
    <Drawer title="Place and units" unsaved={formState.isDirty} onClose={onClose}>
      <form onSubmit={(event) => void onSubmit(event)} noValidate className="flex flex-col gap-6">
        <p>
          Water boils cooler the higher you are, and the stop point and the minutes in the canner go
          with it.
        </p>
        <div className="grid gap-6 md:grid-cols-2">
          <div className="flex flex-col gap-5">
            <AltitudeField
              form={{ register, setValue, getValues }}
              error={error('altitude')}
              autoFocus={false}
            />
            <Field
              label="Boiling water on your thermometer"
              hint="If you have measured it. It holds the weather and the thermometer’s own error too, so the stop point follows it instead of the altitude."
              error={error('waterBoils')}
              input={{ ...register('waterBoils'), inputMode: 'decimal' }}
            >
              <Choice
                quiet
                legend="Temperatures in"
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
          legend="Amounts in"
          name={register('units')}
          options={[
            { value: 'us', text: 'Cups, ounces and grams' },
            { value: 'metric', text: 'Grams and millilitres' },
          ]}
        />
        <Choice
          legend="Cups, pints and spoons in its recipes are"
          name={register('measures')}
          options={[
            { value: 'us', text: 'US', detail: 'cup 237 mL, pint 473 mL' },
            { value: 'uk', text: 'UK', detail: 'cup 284 mL, pint 568 mL' },
            { value: 'metric', text: 'Metric', detail: 'cup 250 mL, spoon 15 mL' },
          ]}
        />
        <Choice
          legend="Before filling, jars are"
          name={register('school')}
          options={[
            {
              value: 'ten-minute',
              text: 'Clean and hot',
              detail: 'then at least 10 minutes in the canner',
            },
            {
              value: 'sterilised',
              text: 'Boiled sterile',
              detail: 'then at least 5 minutes in the canner',
            },
          ]}
        />
        <Field label="Name of the kitchen" error={error('name')} input={register('name')} />

        <div className="flex flex-wrap items-center gap-4">
          <button type="submit" className="btn btn-primary btn-lg" disabled={setUp.isPending}>
            Save the kitchen
          </button>
          {setUp.error && (
            <p role="alert" className="text-error">
              Not saved. {sayError(setUp.error)}
            </p>
          )}
        </div>
      </form>
    </Drawer>
  );
}
