import { textOf } from '@idle-kettle/words';
import { Refused } from '../api/request.ts';

/** What a server said is wrong with a field; nothing where it said nothing of it. */
export function faultAt(error: Error | null, field: string): string | undefined {
  if (!(error instanceof Refused)) return undefined;
  const fault = error.problem.faults.find((one) => one.field === field);
  return fault === undefined ? undefined : textOf(fault.message);
}

/** What a server said that belongs to no field; null for nothing. */
export function otherFault(error: Error | null, fields: readonly string[]): string | null {
  if (error === null) return null;
  const isAtAField = fields.some((field) => faultAt(error, field) !== undefined);
  return isAtAField ? null : error.message;
}
