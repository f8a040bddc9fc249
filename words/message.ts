import type { MessageId, ValuesOf } from './catalogue.ts';

/** What stands in a message where its text has a placeholder. A message in a message is put into words with it; what is absent leaves nothing. */
export type MessageValue = string | number | Message | readonly Message[] | Absent;

type Absent = null | undefined | false;

/** A sentence that is not in words yet: which one, and what goes into it. */
export type Message = {
  readonly code: MessageId;
  readonly values: { readonly [name: string]: MessageValue };
};

/** The values that a message needs; none for a message without placeholders. */
export type MessageArguments<Id extends MessageId> = [ValuesOf<Id>] extends [never]
  ? []
  : [values: { readonly [name in ValuesOf<Id>]: MessageValue }];

/** A message by its id, with exactly the values that its text has placeholders for. */
export const message = <Id extends MessageId>(
  code: Id,
  ...[values]: MessageArguments<Id>
): Message => ({ code, values: values ?? {} });
