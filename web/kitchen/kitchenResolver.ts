import type { Resolver } from 'react-hook-form';
import { readForm, type KitchenForm } from './kitchenForm.ts';

/** The contract’s own rules, field by field. */
export const kitchenResolver: Resolver<KitchenForm> = (form) => {
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
