import { message, type MessageId, type Text, type ValuesOf } from '@idle-kettle/words';

/**
 * What a rule’s message is given besides the key that it stands under, which {@link refusalIn}
 * adds.
 */
type Values<Id extends MessageId> = [Exclude<ValuesOf<Id>, 'property'>] extends [never]
  ? []
  : [values: { readonly [name in Exclude<ValuesOf<Id>, 'property'>]: string | number }];

/**
 * A message as text that class-validator passes on unchanged: it puts values of its own wherever it
 * sees a dollar sign.
 */
export const packed = (of: Text): string => JSON.stringify(of).replaceAll('$', '\\u0024');

/**
 * What a rule answers where it is broken: a message by its id, to be unpacked by {@link refusalIn}.
 */
export const refusal = <Id extends MessageId>(id: Id, ...[values]: Values<Id>): string =>
  packed({ code: id, values: values ?? {} });

/**
 * The message in what class-validator answers.
 * @param answered what a rule answered: a packed message, or class-validator’s own English for a
 * rule without one
 * @param property the key that the rule stands under
 */
export function refusalIn(answered: string, property: string): Text {
  if (!/^[{"]/.test(answered)) return answered;
  const unpacked = JSON.parse(answered) as Text;
  if (typeof unpacked === 'string') return unpacked;
  const { code, values } = unpacked;
  return message<MessageId>(code, { ...values, property } as never);
}
