import { entryFault, type Entry } from '@idle-kettle/core';
import { packed } from './refusal.ts';
import { registerDecorator, type ValidationArguments } from 'class-validator';

/** The fault of an entry that lies in one of its parts; null for none there. */
function faultIn(part: 'value' | 'text', { object }: ValidationArguments): string | null {
  const { kind, value, text } = object as Partial<Pick<Entry, 'kind' | 'value' | 'text'>>;
  if (kind === undefined) return null;
  const fault = entryFault({
    kind,
    value: typeof value === 'number' ? value : null,
    text: typeof text === 'string' ? text : null,
  });
  return fault?.part === part ? packed(fault.message) : null;
}

/** What an entry of its kind may hold in this part, each kind by its own rule. */
export const SuitsItsKind =
  (part: 'value' | 'text'): PropertyDecorator =>
  (target, property) =>
    registerDecorator({
      name: 'suitsItsKind',
      target: target.constructor,
      propertyName: String(property),
      validator: {
        validate: (_, args) => args === undefined || faultIn(part, args) === null,
        defaultMessage: (args) => (args === undefined ? '' : (faultIn(part, args) ?? '')),
      },
    });
