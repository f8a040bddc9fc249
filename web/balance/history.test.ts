import { formulaReducer, written } from './formula.ts';
import { forgetNewHistory, historyOf, keepHistory } from './history.ts';

const START = { name: '', lines: ['2 kg plums'], settings: {} };
const typed = formulaReducer(historyOf(null, START), {
  type: 'type',
  index: 1,
  text: '1 kg sugar',
});

test('what was done to a new batch can be taken back after it was saved', () => {
  keepHistory(null, typed);
  forgetNewHistory();
  // The screen goes on under the id of the batch, and nobody has typed a name.
  keepHistory('saved', typed);
  const saved = { name: 'Plum jam', lines: ['2 kg plums', '1 kg sugar'], settings: {} };
  const state = historyOf('saved', saved);
  expect(written(formulaReducer(state, { type: 'undo' }).draft.lines)).toEqual(['2 kg plums']);
  // The next new batch has nothing to undo.
  expect(historyOf(null, START).past).toEqual([]);
});

test('what somebody else has written since cannot be undone here', () => {
  keepHistory('other', typed);
  expect(historyOf('other', { ...START, lines: ['3 kg apples'] }).past).toEqual([]);
});
