import { say } from '@idle-kettle/words';
import { Say } from '../ui/Say.tsx';

import {
  formatTemperature,
  type Formula,
  type Plan,
  BARE_KITCHEN,
  planInKitchen,
} from '@idle-kettle/core';
import { TemperatureStrip } from '../drawings/TemperatureStrip.tsx';
import { readForm, type KitchenForm } from './kitchenForm.ts';

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

/** A jam like many: the stop of this kitchen is where Balance would stop it. */
const PLAIN_JAM: Formula = { lines: ['1 kg plums', '900 g sugar'], settings: {} };

function stopHere(form: KitchenForm): Plan['stop'] | null {
  const read = readForm({ ...form, name: form.name || say('kitchen.unnamed') });
  if (!read.ok) return null;
  const { altitudeM, waterBoilsC } = read.kitchen;
  if (altitudeM === null && waterBoilsC === null) return null;
  const outcome = planInKitchen(PLAIN_JAM, { ...BARE_KITCHEN, altitudeM, waterBoilsC }, 0);
  return outcome.ok ? outcome.plan.stop : null;
}
