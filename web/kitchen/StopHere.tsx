import { BARE_KITCHEN, planInKitchen } from '@idle-kettle/contract';
import { formatTemperature, type Plan } from '@idle-kettle/core';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { readForm, type KitchenForm } from './kitchenForm.ts';

/** What this place does to the stop point, while it is being typed. */
export function StopHere({ form }: { form: KitchenForm }) {
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
