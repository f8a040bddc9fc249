import type { BatchSummary } from '@idle-kettle/contract';
import { Refused, Unreachable } from '../api/request.ts';
import { BatchCard } from '../batches/BatchCard.tsx';
import { Conflict } from '../balance/Conflict.tsx';
import { NotSaved } from '../balance/NotSaved.tsx';
import { SaveState } from '../balance/SaveState.tsx';
import type { Saver } from '../balance/saver.ts';
import type { SaverState } from '../balance/saverState.ts';
import { drawn, html } from '../test/drawn.tsx';
import { FakeBatches } from '../test/fakeBatches.ts';
import { FakeClock } from '../test/fakeClock.ts';
import { DEFAULTS } from '../test/kitchen.ts';
import { ErrorBoundary } from './ErrorBoundary.tsx';

const nothing = () => undefined;
const server = new FakeBatches(new FakeClock());
server.answer('/batches', 'POST', { id: 'a', name: 'Plum', lines: ['1 kg plums', '800 g sugar'] });
const saved = server.rows.get('a')!;
const saver = {
  save: nothing,
  goBack: nothing,
  keepMine: nothing,
  saveAsNew: nothing,
} as unknown as Saver;

const label: BatchSummary = {
  id: 'a',
  name: 'Plum',
  version: 1,
  state: 'planned',
  since: '2026-09-01T10:00:00Z',
  sessionId: null,
  jarPlaces: null,
  createdAt: '2026-09-01T10:00:00Z',
  updatedAt: '2026-09-01T10:00:00Z',
  planFaults: null,
  plan: {
    fruit: 'plum',
    colour: '#8a2331',
    yield: {
      fullJars: { p10: 7, p50: 8, p90: 9 },
      sizes: [{ name: 'half-pint', poor: 7, good: 9 }],
    },
    stopC: 100.4,
    shelf: { verdict: 'pantry', months: 12 },
    process: { method: 'boiling-water', minutes: 10 },
  },
};

test('the label of a batch shows jars, stop, shelf and canner', () => {
  const text = drawn(<BatchCard batch={label} kitchen={DEFAULTS} onDelete={nothing} />);
  for (const part of ['Plum', '7–9 half-pints', '212.7 °F', 'Pantry, 12 months', '10 min'])
    expect(text).toContain(part);
});

test('a label wears the colour of its fruit, and without one the enamel of every label', () => {
  const card = (batch: BatchSummary) =>
    html(<BatchCard batch={batch} kitchen={DEFAULTS} onDelete={nothing} />);
  expect(card(label)).toContain('--fruit:#8a2331');
  expect(card({ ...label, plan: null })).not.toContain('--fruit');
});

test('a label that is still being worked out says so, and claims nothing', () => {
  const text = drawn(
    <BatchCard batch={{ ...label, plan: null }} kitchen={DEFAULTS} onDelete={nothing} />,
  );
  expect(text).toContain('Planning…');
  expect(text).not.toMatch(/Pantry|half-pint|°F/);
});

test('a label of a batch that cannot be planned says why', () => {
  const planFaults = [{ field: 'lines[1]', message: 'The amount must be more than zero.' }];
  const batch = { ...label, plan: null, planFaults };
  const text = drawn(<BatchCard batch={batch} kitchen={DEFAULTS} onDelete={nothing} />);
  expect(text).toContain('Line 2: The amount must be more than zero.');
  expect(text).not.toContain('Planning…');
});

test('of two sheets both are shown line by line, with what can be done', () => {
  const text = drawn(
    <Conflict
      mine={{ name: 'Plum', lines: ['1 kg plums', '700 g sugar'], settings: {} }}
      theirs={saved}
      saver={saver}
    />,
  );
  for (const part of [
    '700 g sugar',
    '800 g sugar',
    'Keep this one',
    'Use the other one',
    'Save this one as a new batch',
  ])
    expect(text).toContain(part);
});

const STATE: SaverState = {
  saved,
  changed: false,
  pending: false,
  error: null,
  theirs: null,
  ticked: [],
};
const bar = (change: Partial<SaverState>, empty = false) =>
  drawn(
    <>
      <SaveState saving={{ ...STATE, ...change, saver }} empty={empty} />
      <NotSaved saving={{ ...STATE, ...change, saver }} />
    </>,
  );
const refused = (status: number) =>
  new Refused({ type: '', title: '', status, detail: `said ${status}`, instance: '', faults: [] });

test.each<[string, Partial<SaverState>, string]>([
  ['what is saved', {}, 'Saved 1 Sep'],
  ['a change', { changed: true }, 'Unsaved changes, kept in this browser'],
  ['a change that can be given up', { changed: true }, 'Go back'],
  ['a save under way', { pending: true }, 'Saving…'],
  ['a new batch', { saved: null, changed: true }, 'Not saved yet; kept in this browser'],
  ['a conflict', { theirs: saved, changed: true }, 'Changed on another device'],
  ['a server that is away', { error: new Unreachable() }, 'saved when the server answers'],
  ['a batch that was put away', { error: refused(404) }, 'Save this one as a new batch'],
  ['a refusal', { error: refused(400) }, 'Try again'],
])('the bar says where things stand: %s', (_, change, words) => {
  expect(bar(change)).toContain(words);
});

test('an empty sheet is said to be empty', () => {
  expect(bar({ saved: null }, true)).toContain('Nothing to save yet');
});

test('a boundary draws what stands in it, and after a failure its notice in the place of it', () => {
  expect(drawn(<ErrorBoundary what="the curve">here</ErrorBoundary>)).toContain('here');
  const failed = new ErrorBoundary({ what: 'the curve', children: 'here' });
  failed.state = ErrorBoundary.getDerivedStateFromError();
  expect(drawn(failed.render())).toContain(
    'The curve stopped working; everything else still works.',
  );
});
