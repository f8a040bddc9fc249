import { USUAL_REQUEST, type PlanRequest } from '@idle-kettle/core';
import {
  formulaOf,
  formulaReducer,
  startingWith,
  written,
  type FormulaAction,
  type FormulaState,
} from './formula.ts';

const after = (lines: string[], ...actions: FormulaAction[]): FormulaState =>
  actions.reduce(formulaReducer, startingWith({ lines, settings: {} }));
const linesOf = (state: FormulaState) => written(state.draft.lines);
const UNDO: FormulaAction = { type: 'undo' };
const REDO: FormulaAction = { type: 'redo' };

test('a blank line always waits at the end', () => {
  expect(startingWith({ lines: [], settings: {} }).draft.lines).toEqual(['']);
  expect(after(['a'], { type: 'type', index: 1, text: 'b' }).draft.lines).toEqual(['a', 'b', '']);
});

test('Enter makes room below', () => {
  expect(after(['a', 'b'], { type: 'insert', after: 0 }).draft.lines).toEqual(['a', '', 'b', '']);
});

test('Enter on the last filled line leaves the blank one that is there, and so does a blank line', () => {
  expect(after(['a'], { type: 'insert', after: 0 }).draft.lines).toEqual(['a', '']);
  const twice = after(['a', 'b'], { type: 'insert', after: 0 }, { type: 'insert', after: 0 });
  expect(twice.draft.lines).toEqual(['a', '', 'b', '']);
  expect(formulaReducer(twice, { type: 'insert', after: 1 }).draft.lines).toEqual([
    'a',
    '',
    'b',
    '',
  ]);
});

test('blank lines between others are not left behind, nor brought back by undoing', () => {
  const room = after(['a', 'b'], { type: 'insert', after: 0 });
  expect(formulaReducer(room, { type: 'tidy' }).draft.lines).toEqual(['a', 'b', '']);
  const typed = after(
    ['a', 'b'],
    { type: 'insert', after: 0 },
    { type: 'type', index: 1, text: 'c' },
    UNDO,
  );
  expect(typed.draft.lines).toEqual(['a', 'b', '']);
});

test('a line is taken as two, in its place, and taken back as one', () => {
  const split = after(['a and b', 'c'], { type: 'replace', index: 0, lines: ['a', 'b'] });
  expect(linesOf(split)).toEqual(['a', 'b', 'c']);
  expect(linesOf(formulaReducer(split, UNDO))).toEqual(['a and b', 'c']);
});

test('what was typed in one line is undone whole, and made again', () => {
  const typed = after(
    ['a'],
    { type: 'type', index: 1, text: 'b' },
    { type: 'type', index: 1, text: 'b1' },
    { type: 'type', index: 2, text: 'c' },
  );
  expect(linesOf(typed)).toEqual(['a', 'b1', 'c']);
  const once = formulaReducer(typed, UNDO);
  expect(linesOf(once)).toEqual(['a', 'b1']);
  expect(linesOf(formulaReducer(once, UNDO))).toEqual(['a']);
  expect(linesOf(formulaReducer(formulaReducer(once, UNDO), REDO))).toEqual(['a', 'b1']);
});

test('a text that is back at what it was leaves nothing to undo', () => {
  const typed = after(
    ['a'],
    { type: 'type', index: 0, text: 'b' },
    { type: 'name', text: 'Plum' },
    { type: 'name', text: '' },
    { type: 'name', text: 'Plum jam' },
    { type: 'pause' },
    { type: 'name', text: 'Plum jam of ours' },
    { type: 'pause' },
    { type: 'name', text: '' },
  );
  expect(linesOf(formulaReducer(typed, UNDO))).toEqual(['a']);
});

test('a text that is back only after something else was changed is an edit like any other', () => {
  const typed = after(
    ['a', 'b'],
    { type: 'name', text: 'Plum' },
    { type: 'remove', index: 1 },
    { type: 'name', text: '' },
  );
  const once = formulaReducer(typed, UNDO);
  expect(once.draft.name).toBe('Plum');
  expect(linesOf(formulaReducer(once, UNDO))).toEqual(['a', 'b']);
});

test('every change can be taken back, one after another', () => {
  const actions: FormulaAction[] = [
    { type: 'remove', index: 0 },
    { type: 'move', from: 0, to: 1 },
    { type: 'replace', index: 0, lines: ['x'] },
    { type: 'set', settings: { product: 'butter' }, did: 'made butter' },
    { type: 'change', change: { drop: [0], add: ['y'], method: 'long-boil' }, did: 'mended' },
    { type: 'take', formula: { lines: ['z'], settings: {} }, did: 'solved' },
    { type: 'paste', index: 1, lines: ['p', 'q'] },
  ];
  const start = startingWith({ lines: ['a', 'b', 'c'], settings: {} });
  const end = actions.reduce(formulaReducer, start);
  expect(linesOf(end)).toEqual(['z', 'p', 'q']);
  const back = actions.reduce((state) => formulaReducer(state, UNDO), end);
  expect(back.draft).toEqual(start.draft);
  const again = actions.reduce((state) => formulaReducer(state, REDO), back);
  expect(again.draft).toEqual(end.draft);
});

test('a new change forgets what was undone', () => {
  const state = after(['a'], { type: 'remove', index: 0 }, UNDO, {
    type: 'type',
    index: 1,
    text: 'b',
  });
  expect(formulaReducer(state, REDO)).toBe(state);
});

test('nothing to undo is nothing done', () => {
  const state = after(['a']);
  expect(formulaReducer(state, UNDO)).toBe(state);
});

test('a remedy counts lines as they were planned, blank ones left out', () => {
  const state = after(['a', '', 'b'], {
    type: 'change',
    change: { drop: [1], add: ['c'], targetSolublesPct: 60 },
    did: 'mended',
  });
  expect(linesOf(state)).toEqual(['a', 'c']);
  expect(state.draft.settings).toEqual({ targetSolublesPct: 60 });
});

test.each<[string, string[], string]>([
  ['too many lines', Array<string>(101).fill('1 g sugar'), '102 lines'],
  ['a line too long', ['x'.repeat(300)], '300 characters'],
])('%s are not taken, and what was there stays', (_, lines, message) => {
  const state = after(['1 kg plums'], { type: 'paste', index: 1, lines });
  expect(linesOf(state)).toEqual(['1 kg plums']);
  expect(state.refused).toContain(message);
});

test('what is typed in the first step is undone whole', () => {
  const type = (text: string): FormulaAction => ({
    type: 'set',
    settings: { before: { kind: 'extract', lines: [text] } },
    did: 'Added to the first step',
    typing: 'before',
  });
  const typed = after(['4 cups sugar'], type('3'), type('3 lb'), type('3 lb apples'));
  expect(typed.draft.settings.before?.lines).toEqual(['3 lb apples']);
  expect(typed.past).toHaveLength(1);
  const water: FormulaAction = { type: 'set', settings: { targetSolublesPct: 66 }, did: 'Stop' };
  expect(formulaReducer(typed, water).past).toHaveLength(2);
  expect(formulaReducer(typed, UNDO).draft.settings.before).toBeUndefined();
});

test('what is done first stays, as much of it as was worked out, with what was measured of it', () => {
  const settings = {
    product: 'jelly',
    before: { kind: 'extract', lines: ['3 lb crab apples'], brix: 9.5 },
  } as const;
  const request = { ...USUAL_REQUEST, product: 'jelly', lines: ['4 cups sugar'] } as const;
  expect(formulaOf(request, settings).settings.before).toEqual(settings.before);
  const more: PlanRequest = {
    ...request,
    before: {
      kind: 'extract',
      lines: ['6 lb crab apples'],
      waterG: 800,
      hours: null,
      obtainedG: null,
      obtainedMl: null,
      brix: 9.5,
      clot: null,
    },
  };
  expect(formulaOf(more, settings).settings.before).toEqual({
    ...settings.before,
    lines: ['6 lb crab apples'],
    water: 800,
  });
});

test('fruit that is made into something else by what was worked out for it says so', () => {
  const marmalade = { ...USUAL_REQUEST, product: 'marmalade', lines: ['6 oranges'] } as const;
  expect(formulaOf(marmalade, {}).settings.product).toBe('marmalade');
  expect(formulaOf({ ...marmalade, product: 'jam' }, {}).settings).not.toHaveProperty('product');
});

describe('undo goes by edit', () => {
  const type = (index: number, text: string): FormulaAction => ({ type: 'type', index, text });
  const PAUSE: FormulaAction = { type: 'pause' };

  test('which a pause ends, and so does leaving the line', () => {
    const typed = after(['a'], type(0, 'a1'), PAUSE, type(0, 'a12'));
    expect(linesOf(formulaReducer(typed, UNDO))).toEqual(['a1']);
    expect(linesOf([UNDO, UNDO].reduce(formulaReducer, typed))).toEqual(['a']);
  });

  test('the name is typed, undone and done again like a line', () => {
    const named = after(['a'], { type: 'name', text: 'P' }, { type: 'name', text: 'Plum' }, PAUSE);
    expect(formulaReducer(named, UNDO).draft.name).toBe('');
    expect([UNDO, REDO].reduce(formulaReducer, named).draft.name).toBe('Plum');
  });

  const paste = (name: string): FormulaAction => ({ type: 'paste', index: 0, lines: ['b'], name });

  test('what is pasted after a written line joins nothing', () => {
    const state = after(['1 kg plums', ''], {
      type: 'paste',
      index: 0,
      after: true,
      lines: ['800 g sugar', '2 lemons'],
      name: 'Plum jam',
    });
    expect(state.draft.lines).toEqual(['1 kg plums', '800 g sugar', '2 lemons', '']);
    expect(state.draft.name).toBe('Plum jam');
    expect(formulaReducer(state, UNDO).draft.lines).toEqual(['1 kg plums', '']);
  });

  test('a pasted title comes and goes with its lines', () => {
    const pasted = after([''], paste('Plum jam'));
    expect(pasted.draft.name).toBe('Plum jam');
    expect(formulaReducer(pasted, UNDO).draft).toMatchObject({ name: '', lines: [''] });
  });

  test('a new title takes the place of one that was pasted and nobody touched, and of no other', () => {
    expect(after([''], paste('Plum jam'), paste('Apple butter')).draft.name).toBe('Apple butter');
    const mine: FormulaAction = { type: 'name', text: 'My own' };
    expect(after([''], mine, paste('Plum jam')).draft.name).toBe('My own');
    expect(after([''], paste('Plum jam'), mine, paste('Other')).draft.name).toBe('My own');
  });
});
