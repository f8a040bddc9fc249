import { readBookFile } from '@idle-kettle/contract/bookFile';
import { HEAT_SOURCES } from '@idle-kettle/core';
import { some } from '../../core/test/runs.ts';
import { HOSTILE } from './hostile.ts';
import { keptBook } from './keptBook.ts';

const { powerW } = HEAT_SOURCES['medium-burner'];
const BOOK = keptBook({ powerW, offsetK: 0, loss: 0.03 }, [4]);
const text = JSON.stringify({
  ...BOOK,
  cooks: BOOK.cooks.map((cook) => ({ ...cook, log: cook.log.slice(0, 3) })),
  photos: [
    {
      id: BOOK.batches[0]?.id,
      cookId: BOOK.cooks[0]?.id,
      takenAt: '2026-06-01T09:00:00.000Z',
      jpeg: 'AAAA',
    },
  ],
});

type Place = readonly (string | number)[];

/** Every place of a value, itself and all that is in it. */
const placesIn = (value: unknown, at: Place = []): readonly Place[] => [
  at,
  ...(typeof value === 'object' && value !== null
    ? Object.entries(value).flatMap(([key, part]) =>
        placesIn(part, [...at, Array.isArray(value) ? Number(key) : key]),
      )
    : []),
];

/** The Book as text, with another value in one place. */
function withOther(place: Place, other: unknown): string {
  const book = JSON.parse(text) as { [key: string | number]: unknown };
  const last = place.at(-1);
  if (last === undefined) return JSON.stringify(other);
  const holder = place
    .slice(0, -1)
    .reduce<{ [key: string | number]: unknown }>(
      (of, key) => of[key] as { [key: string | number]: unknown },
      book,
    );
  holder[last] = other;
  return JSON.stringify(book);
}

test('a Book as it is exported is read', () => {
  const read = readBookFile(text);
  expect(read.ok || read.faults).toBe(true);
});

test('with any hostile value in any of its places it is read or refused with its place', () => {
  const places = placesIn(JSON.parse(text));
  expect(places.length).toBeGreaterThan(100);
  for (const place of places)
    for (const value of some(HOSTILE)) {
      const read = readBookFile(withOther(place, value));
      if (read.ok) continue;
      expect(read.faults.length).toBeGreaterThan(0);
      expect(read.faults.every(({ field }) => typeof field === 'string')).toBe(true);
    }
});
