import type { MessageId, ValuesOf } from './catalogue.ts';

/**
 * Text that is there already, such as a name that the cook wrote, or a message that is still to be
 * put into words.
 */
export type Text = string | Message;

/**
 * What stands in a message where its text has a placeholder. A message in a message is put into
 * words with it; what is absent leaves nothing.
 */
export type MessageValue = number | Text | readonly Text[] | Absent;

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

/** Sentences one after the other; those that are empty or absent leave nothing. */
export const sentences = (...parts: readonly (Text | Absent)[]): Message =>
  message('core.sentences', { parts: parts.filter(isThere) });

const isThere = (part: Text | Absent): part is Text =>
  part !== null && part !== undefined && part !== false && part !== '';

/** A value with every message in it put into words. */
export type InWords<T> = T extends Message
  ? string
  : T extends string | number | boolean | null | undefined
    ? T
    : T extends (...args: never[]) => unknown
      ? T
      : { [key in keyof T]: InWords<T[key]> };
