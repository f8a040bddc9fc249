import { say } from '@idle-kettle/words';
import { USUAL_HANDS } from '@idle-kettle/core/schedule';
import { useQueryClient } from '@tanstack/react-query';
import { useChangeKitchen, useKitchen } from '../api/kitchen.ts';
import { sayError } from '../api/request.ts';
import { useMay } from '../api/who.ts';
import { NumberField } from '../balance/NumberField.tsx';

/** How long hands take in this kitchen: taught once, and planned with from then on. */
export function HandMinutes() {
  const kitchen = useKitchen().data;
  const queries = useQueryClient();
  const change = useChangeKitchen();
  const mayChange = useMay()('kitchen');
  if (kitchen === undefined || !mayChange) return null;
  const taught = kitchen.handMinutes ?? { perKg: null, perJar: null };
  const teach = (next: Partial<typeof taught>) =>
    change.mutate(
      { version: kitchen.version, changes: { handMinutes: { ...taught, ...next } } },
      { onSuccess: () => void queries.invalidateQueries({ queryKey: ['days'] }) },
    );
  return (
    <fieldset>
      <legend className="font-bold">{say('days.handMinutes')}</legend>
      <p className="text-sm opacity-80">{say('days.handMinutesHow')}</p>
      <div className="flex flex-wrap gap-3">
        <NumberField
          key={`kg ${taught.perKg}`}
          label={say('days.perKg')}
          least={0.1}
          most={60}
          value={taught.perKg}
          expected={String(USUAL_HANDS.perKg)}
          onSet={(perKg) => teach({ perKg })}
        />
        <NumberField
          key={`jar ${taught.perJar}`}
          label={say('days.perJar')}
          least={0.1}
          most={20}
          value={taught.perJar}
          expected={String(USUAL_HANDS.perJar)}
          onSet={(perJar) => teach({ perJar })}
        />
      </div>
      {change.error && (
        <p role="alert" className="text-error">
          {sayError(change.error)}
        </p>
      )}
    </fieldset>
  );
}
