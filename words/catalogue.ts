import type { EN_US } from './en-US/index.ts';

/** Names of the placeholders of a text: `'left' | 'of'` for `{{left}} of {{of}}`. */
type Placeholders<Text extends string> = Text extends `${string}{{${infer Name}}}${infer Rest}`
  ? Name | Placeholders<Rest>
  : never;

type Entries = typeof EN_US;
type Key = keyof Entries;

/** A message that has a text for one and another for many is called by the name that both share. */
type WithoutCount<K extends string> = K extends `${infer Id}_${'one' | 'other'}` ? Id : K;

/** The names of the values of every message, by its id. */
type ValuesById = {
  [K in Key as WithoutCount<K>]:
    Placeholders<Entries[K]> | (K extends `${string}_other` ? 'count' : never);
};

/** Every message that there is. */
export type MessageId = keyof ValuesById;

/** Names of the values that a message needs. */
export type ValuesOf<Id extends MessageId> = ValuesById[Id];

/** The messages that need no values, such as names in a table. */
export type PlainMessageId = {
  [Id in MessageId]: [ValuesOf<Id>] extends [never] ? Id : never;
}[MessageId];
