import { faultsOf, LEAST_PASSPHRASE, VALIDATION } from '@idle-kettle/contract';
import { LEAST_SCORE, passphraseScore } from '@idle-kettle/contract/passphraseScore';
import { message, textOf } from '@idle-kettle/words';
import { validateSync } from 'class-validator';
import type { FieldErrors, FieldValues, Resolver } from 'react-hook-form';

/**
 * The contract’s own rules, field by field, before anything is sent.
 * @param known for a new passphrase: names that it could be made of; left out, it is not measured
 */
export const contractResolver =
  <Form extends FieldValues>(
    Dto: new () => object,
    known?: (form: Form) => readonly string[],
  ): Resolver<Form> =>
  async (form) => {
    const trimmed = Object.fromEntries(
      Object.entries(form).map(([field, value]: [string, unknown]) => [
        field,
        typeof value === 'string' && field !== 'passphrase' ? value.trim() : value,
      ]),
    );
    const faults = [...faultsOf(validateSync(Object.assign(new Dto(), trimmed), VALIDATION))];
    const { passphrase } = trimmed;
    if (
      faults.length === 0 &&
      known !== undefined &&
      typeof passphrase === 'string' &&
      (await passphraseScore(passphrase, known(form))) < LEAST_SCORE
    )
      faults.push({
        field: 'passphrase',
        message: message('problems.weakPassphrase', { least: LEAST_PASSPHRASE }),
      });
    if (faults.length === 0) return { values: form, errors: {} };
    const errors = Object.fromEntries(
      faults.map((fault) => [fault.field, { type: 'rule', message: textOf(fault.message) }]),
    );
    return { values: {}, errors: errors as FieldErrors<Form> };
  };
