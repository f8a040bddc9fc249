import type { Fault } from '@idle-kettle/core';
import type { ValidationError } from 'class-validator';

/** Flattens what class-validator found into one fault a rule, each with its full path: `jars[0].volumeMl`. */
export function faultsOf(errors: readonly ValidationError[], parent = ''): Fault[] {
  return errors.flatMap((error) => {
    const field = pathTo(parent, error.property);
    const own = Object.values(error.constraints ?? {}).map((message) => ({ field, message }));
    return [...own, ...faultsOf(error.children ?? [], field)];
  });
}

function pathTo(parent: string, property: string): string {
  if (/^\d+$/.test(property)) return `${parent}[${property}]`;
  return parent === '' ? property : `${parent}.${property}`;
}
