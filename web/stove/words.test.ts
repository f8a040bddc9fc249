import { clockInWords, entryInWords } from './words.ts';

const entry = { source: 's', seq: 1, at: 0, value: null, text: null } as const;

test('a clock counts down to nothing and then up', () => {
  expect(clockInWords(245_000)).toBe('4:05');
  expect(clockInWords(3_720_000)).toBe('1:02:00');
  expect(clockInWords(400)).toBe('0:01');
  expect(clockInWords(0)).toBe('0:00');
  expect(clockInWords(-12_300)).toBe('+0:12');
});

test('an entry is said in a few words', () => {
  const say = (change: Partial<Parameters<typeof entryInWords>[0]>) =>
    entryInWords({ ...entry, kind: 'lit', ...change }, 'F');
  expect(say({ kind: 'added', value: 1400, text: 'as planned' })).toBe('Added 1,400 g, as planned');
  expect(say({ kind: 'added', value: 15, text: 'lemon-juice' })).toBe('Added 15 g, lemon juice');
  expect(say({ kind: 'water-boils', value: 95 })).toBe('Boiling water shows 203.0 °F');
  expect(say({ kind: 'plate-test', text: 'runs' })).toBe('Plate test: It runs');
  expect(say({ kind: 'stirred' })).toBe('Stirred');
});
