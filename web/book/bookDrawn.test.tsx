import '../test/window.ts';
import {
  NO_OUTCOME,
  type BookEntry,
  type BookRecord,
  type ChartRow,
  type Kitchen,
  type Knowledge,
} from '@idle-kettle/contract';
import type { CookSummary } from '@idle-kettle/core/book';
import { Route, Routes } from 'react-router';
import { html, nonsenseIn, wordsOf, type Answers } from '../test/drawn.tsx';
import { DEFAULTS } from '../test/kitchen.ts';
import { inPseudo, saidIn, wordsOutside } from '../test/pseudo.ts';
import { BesideScreen } from './BesideScreen.tsx';
import { BookScreen } from './BookScreen.tsx';
import { costsOf, errorsOf, jarsByFruit, stopsOf } from './chartData.ts';
import { ChartsScreen } from './ChartsScreen.tsx';
import { FilesScreen } from './FilesScreen.tsx';
import { KnowledgeScreen } from './KnowledgeScreen.tsx';
import { readMass, readMoney, readVolume } from './measured.ts';
import { rowInWords, rowsOf } from './PlanAgainst.tsx';
import { asks, queryOf } from './query.ts';
import { RecordScreen } from './RecordScreen.tsx';
import { changeInWords } from './VersionEffects.tsx';

const WHEN = '2026-09-05T09:00:00.000Z';
const around = (p50: number, off: number) => ({ p10: p50 - off, p50, p90: p50 + off });

const SUMMARY: CookSummary = {
  product: 'jam',
  method: 'long-boil',
  planned: {
    fullJars: { p10: 7, p50: 8, p90: 9 },
    volumeMl: around(1900, 150),
    minutes: around(34, 4),
    stopC: 103.2,
    set: 'soft',
  },
  happened: {
    minutes: 41.3,
    stopC: 103.6,
    jars: 7,
    sealed: 6,
    unsealed: 1,
    volumeMl: 1700,
    finalMassG: null,
  },
  curve: [
    { minute: 0, tempC: 20 },
    { minute: 41, tempC: 103.6 },
  ],
  learned: [],
};
const RECORD: BookRecord = {
  id: 'c',
  batchId: 'b',
  name: 'Hedge bramble',
  fruit: 'blackberry',
  colour: '#3a1030',
  product: 'jam',
  method: 'long-boil',
  cookedAt: WHEN,
  cook: 'Ann',
  jars: 7,
  plannedJars: 8,
  minutes: 41.3,
  set: 'firm',
  plannedSet: 'soft',
  taste: 4,
  again: true,
  formula: { lines: ['2 kg blackberries', '1.4 kg sugar'], settings: {} },
  startedAt: WHEN,
  summary: SUMMARY,
  outcome: { ...NO_OUTCOME, set: 'firm', taste: 4, notes: 'Seeds.', costMinor: 420, version: 2 },
  photos: [],
  madeFrom: null,
  remade: [],
  log: [
    {
      source: 'page x',
      seq: 1,
      position: 1,
      at: Date.parse(WHEN),
      kind: 'lit',
      value: null,
      text: null,
      by: null,
    },
  ],
};
const { formula: _, ...BARE } = RECORD;
const ENTRY: BookEntry = { ...BARE, photos: 2 };
const UNSAID: BookEntry = {
  ...ENTRY,
  id: 'd',
  name: 'Plum',
  set: null,
  plannedSet: null,
  jars: null,
  plannedJars: null,
  cook: null,
};
const KNOWN: Knowledge = {
  stories: [
    {
      what: 'power',
      burner: 'front',
      of: null,
      before: around(1100, 300),
      now: { ...around(1500, 120), batches: 2 },
      changedAt: 'd',
      cooks: [
        { cook: 'c', told: around(1450, 90), after: around(1400, 200), setAside: false },
        { cook: 'd', told: around(9000, 90), after: around(1500, 120), setAside: true },
      ],
    },
    {
      what: 'thermometer',
      burner: null,
      of: null,
      before: around(0, 1.3),
      now: { ...around(-0.6, 0.2), batches: 1 },
      changedAt: null,
      cooks: [{ cook: 'c', told: around(-0.7, 0.3), after: around(-0.6, 0.2), setAside: false }],
    },
    {
      what: 'pot',
      burner: 'front',
      of: 'wide',
      before: around(1100, 300),
      now: { ...around(1200, 120), batches: 2 },
      changedAt: null,
      cooks: [],
    },
    {
      what: 'set',
      burner: null,
      of: 'long-boil',
      before: around(1, 0.3),
      now: { ...around(0.8, 0.1), batches: 2 },
      changedAt: null,
      cooks: [],
    },
    {
      what: 'solids',
      burner: null,
      of: 'damson',
      before: around(1, 0.1),
      now: { ...around(1.2, 0.1), batches: 2 },
      changedAt: null,
      cooks: [],
    },
    {
      what: 'yield',
      burner: null,
      of: null,
      before: around(1, 0.13),
      now: { ...around(1, 0.13), batches: 0 },
      changedAt: null,
      cooks: [],
    },
  ],
  cooks: [
    { id: 'c', name: 'Hedge bramble', cookedAt: WHEN },
    { id: 'd', name: 'Plum', cookedAt: WHEN },
  ],
  burners: [{ id: 'front', name: 'front burner' }],
  pots: [{ id: 'wide', name: 'wide pot' }],
};
const row = (of: Partial<ChartRow>): ChartRow => ({
  id: 'c',
  name: 'Hedge bramble',
  cookedAt: WHEN,
  fruit: 'blackberry',
  year: 2026,
  plannedMl: 1900,
  volumeMl: 1700,
  plannedMinutes: 34,
  minutes: 41,
  jars: 7,
  plannedStopC: 103.2,
  stopC: 103.6,
  set: 'firm',
  costMinor: 420,
  ...of,
});
const ROWS = [
  row({}),
  row({ id: 'd', fruit: 'plum', year: 2025, set: null, costMinor: null, jars: 9 }),
];

const NO_FACETS = { fruit: [], year: [], method: [], set: [], cook: [] };
const FACETS = {
  ...NO_FACETS,
  fruit: [
    { value: 'blackberry', count: 3 },
    { value: 'plum', count: 1 },
  ],
};
const QUERY = queryOf(new URLSearchParams());
const home = (of: object) =>
  [['book', 'home'], { facets: NO_FACETS, toJudge: [], waiting: 0, ...of }] as const;
const page = (entries: readonly BookEntry[], waiting = 0) =>
  [['book', 'page', QUERY, 0, waiting], { total: entries.length, entries }] as const;
const kitchen = (of: Partial<Kitchen> = {}) => [['kitchen'], { ...DEFAULTS, ...of }] as const;
const metric = kitchen({ units: 'metric', temperature: 'C', currency: 'EUR' });
const record = (of: Partial<BookRecord> = {}) =>
  [['book', 'record', of.id ?? 'c'], { ...RECORD, ...of }] as const;

const SCREENS = {
  book: <BookScreen />,
  record: <RecordScreen />,
  beside: <BesideScreen />,
  knows: <KnowledgeScreen />,
  charts: <ChartsScreen />,
  files: <FilesScreen />,
} as const;

const DRAWN: readonly (readonly [
  what: string,
  screen: keyof typeof SCREENS,
  given: Answers,
  path: string,
  words: readonly string[],
])[] = [
  ['an empty Book', 'book', [kitchen(), home({}), page([])], '/x', ['Nothing is in the Book yet.', 'A week later']],
  ['a Book that waits for a word', 'book', [kitchen(), home({ toJudge: [UNSAID], waiting: 2, facets: FACETS }), page([ENTRY, UNSAID], 2)], '/x', ['How did these turn out?', '2 cooks are being worked out.', 'Any fruit']],
  ['a cook', 'record', [kitchen(), record()], '/c', ['Hedge bramble', 'Cooked on 5 September 2026 by Ann', '7 jars, 8 planned', '6 sealed, 1 did not', 'as planned', 'How did it set?', '2 kg blackberries']],
  ['a cook by the metre', 'record', [metric, record()], '/c', ['1.7 L', '103.6 °C', '41 min']],
  ['a cook that is being worked out', 'record', [kitchen(), record({ summary: null, product: null, log: [] })], '/c', ['This cook is being worked out.']],
  ['a cook that cannot be planned any more', 'record', [kitchen(), record({ summary: null })], '/c', ['cannot be planned any more']],
  ['two cooks side by side', 'beside', [kitchen(), record(), record({ id: 'd', name: 'Plum', formula: { lines: ['2 kg blackberries', '1.2 kg sugar'], settings: {} } })], '/x?cooks=c,d', ['less white sugar', 'Plum']],
  ['one cook beside nothing', 'beside', [kitchen(), record()], '/x?cooks=c', ['Pick two to four cooks']],
  ['what a kitchen knows', 'knows', [kitchen(), [['book', 'knowledge'], KNOWN]], '/x', ['Power of front burner', '1.50 kW', 'from 2 batches', 'from one batch', 'Since Plum it is another one', 'set aside', 'Nothing learned yet', 'Jars: usually 100 %']],
  ['charts of one cook', 'charts', [kitchen(), [['book', 'charts'], ROWS.slice(0, 1)]], '/x', ['Charts begin with the second cook.']],
  ['files', 'files', [kitchen()], '/x', ['Everything, as JSON', 'Bring a Book in', 'Old recipes']],
]; // prettier-ignore

const drawnAt = (screen: keyof typeof SCREENS, given: Answers, path: string) =>
  html(
    <Routes>
      <Route path="/:id" element={SCREENS[screen]} />
    </Routes>,
    given,
    path,
  );

test.each(DRAWN)('%s is drawn, and says what it is', (_, screen, given, path, words) => {
  const markup = drawnAt(screen, given, path);
  expect(nonsenseIn(markup)).toEqual([]);
  const text = wordsOf(markup);
  for (const part of words) expect(text).toContain(part);
});

describe('in a language that nobody speaks', () => {
  inPseudo();

  test.each(DRAWN)('%s says nothing that is not in the catalogue', (_, screen, given, path) => {
    expect(wordsOutside(saidIn(drawnAt(screen, given, path)), given)).toEqual([]);
  });
});

test('plan and outcome are said in words, each where something is known of it', () => {
  const said = (summary: CookSummary, set: BookRecord['set']) =>
    rowsOf({ summary, set, kitchen: { units: 'metric', temperature: 'C' } }).map(rowInWords);
  expect(said(SUMMARY, 'firm')).toEqual([
    'Into jars: 1.9 L planned, 1.7 L came',
    'Time: 34 min planned, 41 min came',
    'Stop: 103.2 °C planned, 103.6 °C came',
    'Set: soft planned, firm came',
  ]);
  const nothing: CookSummary = {
    ...SUMMARY,
    planned: { fullJars: null, volumeMl: null, minutes: null, stopC: null, set: null },
  };
  expect(said(nothing, null)).toEqual([
    'Into jars: 1.7 L came',
    'Time: 41 min came',
    'Stop: 103.6 °C came',
  ]);
});

describe('what charts are drawn from', () => {
  test('errors are shares of what came; what is not known is left out', () => {
    const [one] = errorsOf([row({ plannedMl: 1100, volumeMl: 1000, minutes: null })]);
    expect(one?.jarsPct).toBeCloseTo(10, 6);
    expect(one?.minutesPct).toBeNull();
    expect(errorsOf([row({ volumeMl: 0, minutes: null })])).toEqual([]);
  });

  test('jars are counted by fruit and year, most first', () => {
    expect(jarsByFruit(ROWS)).toEqual({
      years: [2025, 2026],
      fruits: [
        { id: 'plum', fruit: 'plum', jars: [9, 0] },
        { id: 'blackberry', fruit: 'blackberry', jars: [0, 7] },
      ],
    });
  });

  test('stops and costs are of the cooks that say them', () => {
    expect(stopsOf(ROWS)).toEqual([
      { name: 'Hedge bramble', aboveK: expect.closeTo(0.4, 6) as number, set: 'firm' },
    ]);
    expect(costsOf([...ROWS, row({ jars: 0 })])).toEqual([{ name: 'Hedge bramble', minor: 60 }]);
  });
});

test.each([
  ['1.2 L', 1200],
  ['900', 900],
  ['4 cups', 946],
  ['zorp', NaN],
  ['0', NaN],
  ['-3 cups', NaN],
])('a volume of %j is %d mL', (text, wanted) => {
  expect(readVolume(text)).toBe(wanted);
});

test('a mass and money are read as they are written', () => {
  expect(readMass('2.4 kg')).toBe(2400);
  expect(readMass('5 lb')).toBe(2268);
  expect(readMoney('$5.40')).toBe(540);
  expect(readMoney('5,40 €')).toBe(540);
  expect(readMoney('zorp')).toBeNaN();
});

test('an address asks for what makes sense, and for nothing else', () => {
  expect(asks(queryOf(new URLSearchParams('year=x&set=zorp&again=maybe&words=%20')))).toBe(false);
  expect(queryOf(new URLSearchParams('year=2026&set=unsaid&again=true&words=dam'))).toMatchObject({
    year: 2026,
    set: 'unsaid',
    again: true,
    words: 'dam',
  });
});

test('a change of a recipe is said as a cook would', () => {
  expect(changeInWords({ kind: 'less', name: 'white sugar', massG: 100 }, 'metric')).toBe(
    '100 g less white sugar',
  );
  expect(changeInWords({ kind: 'came', line: '1 cup water' }, 'us')).toBe('with 1 cup water');
});
