import { say } from '@idle-kettle/words';
import type { UseFormReturn } from 'react-hook-form';
import { Choice, Field } from '../ui/Field.tsx';
import { altitudeInUnit, type KitchenForm } from './kitchenForm.ts';

type Props = {
  readonly form: Pick<UseFormReturn<KitchenForm>, 'register' | 'setValue' | 'getValues'>;
  readonly error: string | undefined;
  readonly autoFocus: boolean;
};

/**
 * How high the kitchen is, in the unit that stands beside it; turning the unit keeps the height.
 */
export const AltitudeField = ({ form, error, autoFocus }: Props) => (
  <Field
    label={say('kitchen.altitude')}
    hint={say('kitchen.aRoughFigureIsFine')}
    error={error}
    input={{ ...form.register('altitude'), inputMode: 'decimal', autoFocus }}
  >
    <Choice
      quiet
      legend={say('kitchen.unitOfAltitude')}
      name={form.register('altitudeUnit', {
        onChange: (event: { target: { value: 'm' | 'ft' } }) => {
          const unit = event.target.value;
          form.setValue(
            'altitude',
            altitudeInUnit(form.getValues('altitude'), unit === 'm' ? 'ft' : 'm', unit),
          );
        },
      })}
      options={[
        { value: 'ft', text: 'ft' },
        { value: 'm', text: 'm' },
      ]}
    />
  </Field>
);
