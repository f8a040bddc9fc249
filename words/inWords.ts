import type { InWords, Message } from './message.ts';
import { textOf as inCurrentLanguage, type Words } from './words.ts';

const isMessage = (value: unknown): value is Message =>
  typeof value === 'object' &&
  value !== null &&
  'code' in value &&
  typeof value.code === 'string' &&
  'values' in value &&
  typeof value.values === 'object';

/**
 * A plain object, as JSON has them, of this thread or another; a date or an instance of a class is
 * none.
 */
function isRecord(value: object): value is Readonly<Record<string, unknown>> {
  const prototype = Object.getPrototypeOf(value) as object | null;
  return prototype === null || Object.getPrototypeOf(prototype) === null;
}

/**
 * A value with every message in it put into words; everything else in it stays as it is.
 * @param value plain data, as a plan is
 * @param words the language; the current one where none is named
 */
export function inWords<T>(value: T, words?: Words): InWords<T> {
  const put = (one: unknown): unknown => {
    if (typeof one !== 'object' || one === null) return one;
    // A list of figures is long, and holds no message.
    if (Array.isArray(one)) return typeof one[0] === 'number' ? one : one.map(put);
    if (isMessage(one)) return (words?.textOf ?? inCurrentLanguage)(one);
    if (!isRecord(one)) return one;
    return Object.fromEntries(Object.entries(one).map(([key, of]) => [key, put(of)]));
  };
  return put(value) as InWords<T>;
}

/**
 * A value as the API and the command line answer it: every message in words, and beside it, under
 * its own key and `Message` (of a list `Messages`), its code and values, which do not change with
 * the language.
 */
export function withCodes<T>(value: T, words?: Words): InWords<T> {
  const put = (one: unknown): unknown => {
    if (typeof one !== 'object' || one === null) return one;
    if (Array.isArray(one)) return typeof one[0] === 'number' ? one : one.map(put);
    if (isMessage(one)) return inWords(one, words);
    if (!isRecord(one)) return one;
    return Object.fromEntries(
      Object.entries(one).flatMap(([key, of]): (readonly [string, unknown])[] => [
        [key, put(of)],
        ...(isMessage(of) ? [[`${key}Message`, of] as const] : []),
        ...(Array.isArray(of) && of.some(isMessage) ? [[`${key}Messages`, of] as const] : []),
      ]),
    );
  };
  return put(value) as InWords<T>;
}
