import { message } from '@idle-kettle/words';
import type { Fault } from '@idle-kettle/core';
import type { ValidationError } from 'class-validator';
import { refusalIn } from './refusal.ts';

/** The rule by which class-validator refuses a key that the class does not have. */
const UNKNOWN_KEY = 'whitelistValidation';

/**
 * Flattens what class-validator found into one fault a rule, each with its full path:
 * `jars[0].volumeMl`.
 */
export function faultsOf(errors: readonly ValidationError[], parent = ''): Fault[] {
  return errors.flatMap((error) => {
    const field = pathTo(parent, error.property);
    const own = Object.entries(error.constraints ?? {}).map(([rule, answered]) => ({
      field,
      message:
        rule === UNKNOWN_KEY ? message('requests.unknownKey') : refusalIn(answered, error.property),
    }));
    return [...own, ...faultsOf(error.children ?? [], field)];
  });
}

function pathTo(parent: string, property: string): string {
  if (/^\d+$/.test(property)) return `${parent}[${property}]`;
  return parent === '' ? property : `${parent}.${property}`;
}
