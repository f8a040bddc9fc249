import { BARE_KITCHEN, planInKitchen, type Kitchen } from '@idle-kettle/contract';
import { formatTemperature, type Plan } from '@idle-kettle/core';
import { useState } from 'react';
import { useForm, useWatch, type Resolver } from 'react-hook-form';
import { useNavigate } from 'react-router';
import { useChangeKitchen } from '../api/kitchen.ts';
import { isConflict, sayError } from '../api/request.ts';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { Choice, Field } from './Field.tsx';
import { changesOf } from './kitchenChanges.ts';
import {
  altitudeInUnit,
  formOf,
  readForm,
  readingInScale,
  type KitchenForm,
} from './kitchenForm.ts';

const resolver: Resolver<KitchenForm> = (form) => {
  const read = readForm(form);
  return read.ok
    ? { values: form, errors: {} }
    : {
        values: {},
        errors: Object.fromEntries(
          read.faults.map(({ field, message }) => [field, { type: 'rule', message }]),
        ),
      };
};

/** Where the kitchen is, and how it likes to read. What that does to boiling water shows at once. */
export function KitchenSetUp({ kitchen }: { kitchen: Kitchen }) {
  const { register, handleSubmit, control, setValue, getValues, formState } = useForm<KitchenForm>({
    defaultValues: formOf(kitchen),
    resolver,
    mode: 'onChange',
  });
  // What is changed is told from the kitchen that the form began with.
  const [base] = useState(kitchen);
  const setUp = useChangeKitchen();
  const navigate = useNavigate();
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
      { onSuccess: () => void navigate('/') },
    );
  });

  return (
    <form
      onSubmit={(event) => void onSubmit(event)}
      noValidate
      className="mx-auto flex max-w-4xl flex-col gap-7"
    >
      <div>
        <h1 className="text-3xl font-bold text-primary">
          {kitchen.setUp ? 'Kitchen' : 'Where is your kitchen?'}
        </h1>
        <p className="mt-1 text-lg">
          Water boils cooler the higher you are, and the stop point and the minutes in the canner go
          with it.
        </p>
      </div>

      <div className="grid gap-6 md:grid-cols-2">
        <div className="flex flex-col gap-5">
          <Field
            label="Altitude"
            hint="Roughly is fine; your town’s altitude will do."
            error={error('altitude')}
            input={{ ...register('altitude'), inputMode: 'decimal', autoFocus: !kitchen.setUp }}
          >
            <Choice
              quiet
              legend="Unit of altitude"
              name={register('altitudeUnit', {
                onChange: (event: { target: { value: 'm' | 'ft' } }) =>
                  setValue(
                    'altitude',
                    altitudeInUnit(form.altitude, form.altitudeUnit, event.target.value),
                  ),
              })}
              options={[
                { value: 'ft', text: 'ft' },
                { value: 'm', text: 'm' },
              ]}
            />
          </Field>
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
        <Preview form={form} />
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
          {kitchen.setUp ? 'Save the kitchen' : 'This is my kitchen'}
        </button>
        {setUp.error && (
          <p role="alert" className="text-error">
            Not saved. {sayError(setUp.error)}
          </p>
        )}
      </div>
    </form>
  );
}

/** What this place does to the stop point, while it is being typed. */
function Preview({ form }: { form: KitchenForm }) {
  const stop = stopHere(form);
  return (
    <section aria-label="Here" aria-live="polite" className="jar-label self-start p-5">
      {stop === null ? (
        <p className="text-lg">
          Give an altitude, or a reading of boiling water, to see where a jam stops here.
        </p>
      ) : (
        <>
          <p className="mb-3 text-lg">
            Here, a jam stops at about{' '}
            <b className="text-2xl">
              {formatTemperature(stop.tempC ?? stop.ruleTempC, form.temperature)}
            </b>
          </p>
          <TemperatureStrip stop={stop} scale={form.temperature} />
        </>
      )}
    </section>
  );
}

function stopHere(form: KitchenForm): Plan['stop'] | null {
  const read = readForm({ ...form, name: form.name || 'unnamed' });
  if (!read.ok) return null;
  const { altitudeM, waterBoilsC } = read.kitchen;
  if (altitudeM === null && waterBoilsC === null) return null;
  const outcome = planInKitchen(
    { lines: [], settings: {} },
    { ...BARE_KITCHEN, altitudeM, waterBoilsC },
    0,
  );
  return outcome.ok ? outcome.plan.stop : null;
}
