import { jarCode } from '@idle-kettle/core/season';
import type { JarEventDto } from '@idle-kettle/contract/season';
import { chanceFrom } from '@idle-kettle/core';

const DAY_MS = 86_400_000;
/** Days that a jar lasts this household once it is open. */
const OPEN_DAYS = 16;
/** Between two jars of one batch that are opened, days. */
const BETWEEN_DAYS = 34;

/** Fruit that lies in the demo’s kitchen, with where and for how many days already. */
export const DEMO_FRUIT = [
  { line: '2 kg quinces', place: 'counter', days: 6 },
  { line: '1 kg cranberries', place: 'fridge', days: 4 },
  { line: '1.5 kg ripe pears', place: 'counter', days: 2 },
] as const;

/** The day that the demo’s household plans next: which batches, and who makes them. */
export const DEMO_DAY = {
  name: 'Saturday in the kitchen',
  batches: ['Apple butter, overnight', 'Medlar, trial', 'Lime curd'],
  people: ['Rowan', 'Hazel'],
} as const;

/** Where this household keeps jars besides the usual places. */
export const DEMO_SHELVES = [{ id: 'cellar', name: 'Cellar shelf', kind: 'pantry' }] as const;

/**
 * What became of the jars of a batch of the season: one is opened now and then and eaten, some are
 * given away, a row of them stands in the cellar.
 * @param cook the number of the batch’s cook
 * @param count how many of its first size were stored
 */
export function demoLife(
  cook: number,
  count: number,
  storedAtMs: number,
  nowMs: number,
): readonly JarEventDto[] {
  const chance = chanceFrom(cook);
  const events: JarEventDto[] = [];
  const note = (number: number, at: number, kind: JarEventDto['kind'], to: string | null = null) =>
    events.push({
      source: `demo ${cook}`,
      seq: events.length + 1,
      at: Math.round(at),
      kind,
      jar: jarCode({ cook, size: 1, number }),
      to,
    });
  // The last ones stand in the cellar, and one of those is for a neighbor.
  for (let number = count; number > count - 3 && number > 3; number -= 1)
    note(number, storedAtMs, 'moved', 'cellar');
  if (count > 4 && storedAtMs + 20 * DAY_MS < nowMs)
    note(count, storedAtMs + 20 * DAY_MS, 'given', 'the neighbors');
  let at = storedAtMs + 9 * DAY_MS;
  for (let number = 1; number < count - 1 && at < nowMs; number += 1) {
    note(number, at, 'opened');
    const finished = at + OPEN_DAYS * DAY_MS * (0.6 + 0.8 * chance());
    if (finished < nowMs) note(number, finished, 'eaten');
    at += BETWEEN_DAYS * DAY_MS * (0.5 + chance());
  }
  return events;
}
