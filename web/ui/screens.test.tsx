import { textOf } from '@idle-kettle/words';
import { BARE_KITCHEN, planInKitchen } from '@idle-kettle/core';
import '../test/window.ts';
import {
  type Batch,
  type BatchSummary,
  type Recipe,
  type CookSessionSummary,
  type Kitchen,
} from '@idle-kettle/contract';
import { Route, Routes } from 'react-router';
import { BalanceScreen } from '../balance/BalanceScreen.tsx';
import { BatchesScreen } from '../batches/BatchesScreen.tsx';
import { RecipesScreen } from '../recipes/RecipesScreen.tsx';
import { KitchenScreen } from '../kitchen/KitchenScreen.tsx';
import { StoveHome } from '../practice/StoveHome.tsx';
import { PrepareScreen } from '../prepare/PrepareScreen.tsx';
import { BeginScreen } from '../stove/BeginScreen.tsx';
import { html, nonsenseIn, wordsOf, type Answers } from '../test/drawn.tsx';
import { DEFAULTS } from '../test/kitchen.ts';
import { inPseudo, saidIn, wordsOutside } from '../test/pseudo.ts';

const SCREENS = {
  batches: <BatchesScreen />,
  balance: <BalanceScreen />,
  prepare: <PrepareScreen />,
  recipes: <RecipesScreen />,
  kitchen: <KitchenScreen />,
  stove: <StoveHome />,
  begin: <BeginScreen />,
} as const;
type Name = keyof typeof SCREENS;

const WHEN = '2026-09-01T10:00:00.000Z';
const PLUM: Batch = {
  id: 'plum',
  name: 'Plum',
  lines: ['2 kg plums', '1.4 kg sugar', '30 mL lemon juice'],
  settings: {},
  ticked: [],
  plan: null,
  version: 2,
  createdAt: WHEN,
  updatedAt: WHEN,
};
const BAD: Batch = { ...PLUM, id: 'bad', name: 'Odd', lines: ['2 kg melons', '3 blobs of zorp'] };
const BLANK: Batch = { ...PLUM, id: 'blank', name: 'Blank', lines: [] };

const NEW_KITCHEN: Kitchen = {
  ...DEFAULTS,
  ...BARE_KITCHEN,
  id: 'k',
  version: 1,
  setUp: false,
  pots: [],
  burners: [],
  jars: [],
  prices: [],
};
const FULL_KITCHEN: Kitchen = {
  ...DEFAULTS,
  jars: [
    { id: 'half', name: 'half-pint', volumeMl: 237, count: 12, lids: 1, inUse: 3, prefer: true },
    { id: 'pint', name: 'pint', volumeMl: 473, count: null },
  ],
  stock: [{ ingredient: 'sugar', massG: 2000 }],
  packs: [{ ingredient: 'powdered-pectin', packG: 57, pectinG: 20 }],
  names: [{ name: 'Old Codlin', ingredient: 'apple' }],
};

const summary = (batch: Batch, change: Partial<BatchSummary> = {}): BatchSummary => ({
  id: batch.id,
  name: batch.name,
  version: batch.version,
  state: 'planned',
  since: WHEN,
  sessionId: null,
  jarPlaces: null,
  createdAt: WHEN,
  updatedAt: WHEN,
  plan: null,
  planFaults: null,
  ...change,
});
const cook = (change: Partial<CookSessionSummary>): CookSessionSummary => ({
  id: 'c',
  name: 'Plum',
  batchId: 'plum',
  fault: null,
  startedAt: WHEN,
  endedAt: null,
  storedAt: null,
  score: null,
  ...change,
});
const RECIPE: Recipe = {
  id: 'card',
  name: 'Plum of the house',
  versions: [
    {
      number: 2,
      lines: ['1 kg plums', '700 g sugar'],
      settings: {},
      note: 'less sugar',
      createdAt: WHEN,
    },
    { number: 1, lines: ['1 kg plums', '800 g sugar'], settings: {}, note: '', createdAt: WHEN },
  ],
};

const answers = (kitchen: Kitchen, ...more: Answers): Answers => [[['kitchen'], kitchen], ...more];

/** A screen at a path of the app, with what the server has answered. */
const screen = (name: Name, given: Answers, id = 'plum'): string =>
  html(
    <Routes>
      <Route path="/:id" element={SCREENS[name]} />
    </Routes>,
    given,
    `/${id}`,
  );

const one = (batch: Batch): Answers => [[['batch', batch.id], batch]];
const METRIC: Kitchen = {
  ...FULL_KITCHEN,
  units: 'metric',
  temperature: 'C',
  altitudeUnit: 'm',
  altitudeM: null,
};

const DRAWN: readonly (readonly [what: string, Name, Answers, string, words: readonly string[]])[] = [
  ['a kitchen nobody has set up', 'kitchen', answers(NEW_KITCHEN), 'x', ['Step 1 of 4', 'Where is your kitchen?', 'Skip the rest']],
  ['a kitchen', 'kitchen', answers(FULL_KITCHEN), 'x', ['Pots and burners', '12 × half-pint', '1 new lid', '3 more full', 'Old Codlin']],
  ['a kitchen by the metre', 'kitchen', answers(METRIC), 'x', ['Shows grams and liters', 'Enter an altitude', '237 mL']],
  ['a kitchen without anything', 'kitchen', answers({ ...NEW_KITCHEN, setUp: true }), 'x', ['No pot yet', 'No jars yet', 'Nothing counted yet.', 'No prices yet, so no cost.']],
  ['no batches', 'batches', answers(DEFAULTS, [['batches'], []]), 'x', ['No batches yet.', 'Start a batch']],
  ['batches in every state', 'batches', answers(DEFAULTS, [['batches'], [
    summary(PLUM),
    summary(BAD, { id: 'b', state: 'on the stove', sessionId: 'c' }),
    summary(BLANK, { id: 'c', state: 'in jars', sessionId: 'c' }),
    summary(PLUM, { id: 'd', name: 'Old plum', state: 'done' }),
  ]]), 'x', ['Plum', 'Odd', 'Blank', 'Old plum']],
  ['an empty sheet', 'balance', answers(DEFAULTS), 'new', ['I have', 'No ingredients yet']],
  ['a jam', 'balance', answers(DEFAULTS, ...one(PLUM)), 'plum', ['Storage', 'Cook to', 'Set', 'Jars', 'Time', 'Canner', 'Pantry, 12 months', 'Prepare']],
  ['a jam by the metre', 'balance', answers(METRIC, ...one(PLUM)), 'plum', ['at sea level', '°C']],
  ['a batch with a line that nobody knows', 'balance', answers(DEFAULTS, ...one(BAD)), 'bad', ['Fridge', 'zorp']],
  ['a batch without lines', 'balance', answers(DEFAULTS, ...one(BLANK)), 'blank', ['Blank']],
  ['the run sheet', 'prepare', answers(FULL_KITCHEN, ...one(PLUM)), 'plum', ['Run sheet', 'white sugar', 'Back to Balance']],
  ['a run sheet of nothing', 'prepare', answers(DEFAULTS, ...one(BLANK)), 'blank', ['There is nothing to prepare yet.']],
  ['no recipes', 'recipes', answers(DEFAULTS, [['recipes'], []]), 'x', ['No recipes yet.']],
  ['recipes', 'recipes', answers(DEFAULTS, [['recipes'], [RECIPE]]), 'x', ['Plum of the house', 'less sugar']],
  ['an empty stove', 'stove', answers(DEFAULTS, [['cooks'], []]), 'x', ['Nothing yet. Open a batch’s page and press Stove', 'Practice kettle']],
  ['a stove with pots', 'stove', answers(DEFAULTS, [['cooks'], [cook({}), cook({ id: 'p', fault: 'none' }), cook({ id: 'o', fault: 'thermometer-low', endedAt: WHEN, score: 82 })]]), 'x', ['(practice)', '82']],
  ['a batch before it is cooked', 'begin', answers(DEFAULTS, ...one(PLUM), [['cooks'], []]), 'plum', ['Plum, on the stove', 'Start cooking']],
  ['a batch whose pot is on', 'begin', answers(DEFAULTS, ...one(PLUM), [['cooks'], [cook({})]]), 'plum', ['Go on with the pot on the stove', 'Start another pot of it']],
]; // prettier-ignore

test.each(DRAWN)('%s is drawn, and says what it is', (_, name, given, id, words) => {
  const markup = screen(name, given, id);
  expect(nonsenseIn(markup)).toEqual([]);
  const text = wordsOf(markup);
  for (const part of words) expect(text).toContain(part);
});

test.each(Object.keys(SCREENS) as Name[])(
  'while nothing has come the screen of %s says that it is fetched',
  (name) => {
    const text = wordsOf(screen(name, []));
    expect(text).not.toBe('');
    expect(text.length).toBeLessThan(200);
  },
);

test('a plan is the same on the screen as it is worked out', () => {
  const outcome = planInKitchen(PLUM, DEFAULTS, 0);
  if (!outcome.ok) throw new Error('no plan');
  const text = wordsOf(screen('balance', answers(DEFAULTS, ...one(PLUM))));
  expect(text).toContain(textOf(outcome.plan.shelf.reasons[0] ?? ''));
  expect(text).toContain(textOf(outcome.plan.set?.text ?? 'no set').split('. ')[0]);
});

describe('in a language that nobody speaks', () => {
  inPseudo();

  test.each(DRAWN)('%s says nothing that is not in the catalogue', (_, name, given, id) => {
    expect(wordsOutside(saidIn(screen(name, given, id)), given)).toEqual([]);
  });
});
