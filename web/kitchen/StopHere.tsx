import { say } from '@idle-kettle/words';
import { formatTemperature, type Plan } from '@idle-kettle/core';
import { Say } from '../ui/Say.tsx';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { readForm, type KitchenForm } from './kitchenForm.ts';
import { plainJamStop } from './plainJamStop.ts';

/** What this place does to the stop point, while it is being typed. */
export function StopHere({ form }: { form: KitchenForm }) {
  const stop = stopHere(form);
  return (
    <section aria-label={say('kitchen.here')} className="jar-label self-start p-5">
      {stop === null ? (
        <p className="text-lg">{say('kitchen.enterAnAltitudeOrA')}</p>
      ) : (
        <>
          <p className="mb-3 text-lg">
            <Say
              id="kitchen.hereCookJamToAbout"
              values={{
                part: (
                  <b className="text-2xl whitespace-nowrap">
                    {formatTemperature(stop.tempC ?? stop.ruleTempC, form.temperature)}
                  </b>
                ),
              }}
            />
          </p>
          <TemperatureStrip stop={stop} scale={form.temperature} />
        </>
      )}
    </section>
  );
}

function stopHere(form: KitchenForm): Plan['stop'] | null {
  const read = readForm({ ...form, name: form.name || say('kitchen.unnamed') });
  return read.ok ? plainJamStop(read.kitchen) : null;
}
