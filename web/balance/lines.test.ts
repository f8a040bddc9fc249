import { linesReducer, startingWith, written, type LinesAction, type LinesState } from './lines.ts';

const after = (lines: string[], ...actions: LinesAction[]): LinesState =>
  actions.reduce(linesReducer, startingWith(lines));

test('a blank line always waits at the end', () => {
  expect(startingWith([]).lines).toEqual(['']);
  expect(after(['1 kg plums'], { type: 'type', index: 1, text: '1 kg sugar' }).lines).toEqual([
    '1 kg plums',
    '1 kg sugar',
    '',
  ]);
});

test('a pasted recipe becomes lines, blank ones and edges of space left out', () => {
  const text = '  2 kg damsons \r\n\r\n1.4 kg sugar\n';
  expect(written(after([], { type: 'paste', index: 0, text }).lines)).toEqual([
    '2 kg damsons',
    '1.4 kg sugar',
  ]);
});

test('Enter makes room below', () => {
  expect(after(['a', 'b'], { type: 'insert', after: 0 }).lines).toEqual(['a', '', 'b', '']);
});

test('a remedy adds its line at the end', () => {
  expect(after(['a', ''], { type: 'add', text: 'b' }).lines).toEqual(['a', 'b', '']);
});

test('a line taken out can be put back where it was', () => {
  const out = after(['a', 'b', 'c'], { type: 'remove', index: 1 });
  expect(written(out.lines)).toEqual(['a', 'c']);
  expect(out.removed).toEqual({ text: 'b', index: 1 });
  expect(written(linesReducer(out, { type: 'put back' }).lines)).toEqual(['a', 'b', 'c']);
});

test('taking out a blank line leaves nothing to put back', () => {
  const state = after(['a'], { type: 'remove', index: 1 });
  expect(state).toEqual({ lines: ['a', ''], removed: null, refused: null });
  expect(linesReducer(state, { type: 'put back' })).toBe(state);
});

test.each([
  ['10 000 lines', '1 g sugar\n'.repeat(10_000), '10,001 lines'],
  ['a megabyte in one line', 'x'.repeat(1_000_000), '1,000,000 characters'],
])('%s are not taken, and what was there stays', (_, text, message) => {
  const state = after(['1 kg plums'], { type: 'paste', index: 1, text });
  expect(state.lines).toEqual(['1 kg plums', '']);
  expect(state.refused).toContain(message);
});
