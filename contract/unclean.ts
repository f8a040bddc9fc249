import type { Fault } from '@idle-kettle/core';
import { message, type Text } from '@idle-kettle/words/message';

/** Nothing that is taken in is nested deeper. */
const DEEPEST = 12;
/** More faults of one body are not named. */
const MOST_NAMED = 20;

const NUL = '\u0000';

/**
 * What no database keeps and no screen shows, wherever it is in a body: NUL characters, halves of
 * characters (lone surrogates), keys that objects have of themselves, and what is nested too
 * deeply. Each with its place.
 */
export function unclean(body: unknown): Fault[] {
  const faults: Fault[] = [];
  const look = (value: unknown, field: string, depth: number): void => {
    if (faults.length >= MOST_NAMED) return;
    if (typeof value === 'string') {
      const wrong = wrongWith(value);
      if (wrong !== null) faults.push({ field, message: wrong });
      return;
    }
    if (typeof value !== 'object' || value === null) return;
    if (depth > DEEPEST) {
      faults.push({ field, message: message('problems.tooDeep', { deepest: DEEPEST }) });
      return;
    }
    for (const [key, part] of Object.entries(value)) {
      const at = Array.isArray(value) ? `${field}[${key}]` : field === '' ? key : `${field}.${key}`;
      const wrong = wrongWith(key);
      if (OF_OBJECTS.has(key)) faults.push({ field: at, message: message('requests.unknownKey') });
      else if (wrong !== null) faults.push({ field, message: wrong });
      else look(part, at, depth + 1);
    }
  };
  look(body, '', 0);
  return faults;
}

/** By these names objects are what they are. */
const OF_OBJECTS: ReadonlySet<string> = new Set(['__proto__', 'constructor', 'prototype']);

const wrongWith = (text: string): Text | null => {
  if (text.includes(NUL)) return message('problems.nul');
  return text.isWellFormed() ? null : message('problems.halfACharacter');
};
