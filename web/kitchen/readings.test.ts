import { readingFor } from './readings.ts';

test.each([
  ['en-US', 'us'],
  ['en', 'us'],
  ['en-GB', 'uk'],
  ['en-IE', 'uk'],
  ['en-AU', 'metric'],
  ['de-DE', 'metric'],
  ['fr', 'metric'],
])('a browser that speaks %s is taken to read %s amounts', (language, reading) =>
  expect(readingFor(language)).toBe(reading),
);
