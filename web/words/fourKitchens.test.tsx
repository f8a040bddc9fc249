import { setMeasures } from '@idle-kettle/words';
import type { Batch, BatchSummary, CookSession } from '@idle-kettle/contract';
import {
  BARE_KITCHEN,
  effectiveEvents,
  jarPlanOf,
  jarProgressOf,
  planBatch,
  prepareOf,
  requestInKitchen,
  type Entry,
  type EntryKind,
} from '@idle-kettle/core';
import '../test/window.ts';
import { Route, Routes } from 'react-router';
import { JarLog } from '../../core/test/jarLog.ts';
import { BalanceScreen } from '../balance/BalanceScreen.tsx';
import { BatchesScreen } from '../batches/BatchesScreen.tsx';
import { Jars } from '../jars/Jars.tsx';
import { KitchenScreen } from '../kitchen/KitchenScreen.tsx';
import { labelsPdf } from '../labels/labelsPdf.ts';
import { LABEL_DESIGNS } from '../labels/labelLayout.ts';
import { labelTextOf, netInWords } from '../labels/labelText.ts';
import { sheetsFor } from '../labels/sheets.ts';
import { entryOf } from '../labels/showEntry.ts';
import { showPdf } from '../labels/showPdf.ts';
import { PrepareScreen } from '../prepare/PrepareScreen.tsx';
import { runSheetPdf } from '../prepare/runSheetPdf.ts';
import { Stove } from '../stove/Stove.tsx';
import { BeginScreen } from '../stove/BeginScreen.tsx';
import { goByTheWall } from '../test/wallClock.ts';
import { html, type Answers } from '../test/drawn.tsx';
import { COOK } from '../test/fakeCooks.ts';
import { foreignIn, FOUR_KITCHENS, measuringAs } from '../test/fourKitchens.ts';
import { printed } from '../test/printed.ts';
import { saidIn } from '../test/pseudo.ts';
import { stillLog } from '../test/stillLog.ts';

jest.mock('../ui/pdf.ts', () => ({ pdfFile: () => Promise.resolve(new Blob()) }));

const MIN = 60_000;
const START = '1970-01-01T00:00:00.000Z';

beforeEach(() => {
  jest.useFakeTimers();
  goByTheWall();
});
afterEach(() => jest.useRealTimers());
afterEach(() => setMeasures(null));

const SCREENS = {
  batches: <BatchesScreen />,
  balance: <BalanceScreen />,
  prepare: <PrepareScreen />,
  kitchen: <KitchenScreen />,
  begin: <BeginScreen />,
};

type Note = readonly [minute: number, kind: EntryKind, value?: number];

const entriesOf = (notes: readonly Note[]): Entry[] =>
  notes.map(([minute, kind, value], i) => ({
    source: 'cook', seq: i + 1, at: minute * MIN, kind, value: value ?? null, text: null,
  })); // prettier-ignore

const POTS: readonly (readonly [minute: number, notes: readonly Note[]])[] = [
  [0.5, []],
  [3, [[0, 'lit']]],
  [14, [[0, 'lit'], [12, 'rolling'], [13, 'temperature', 96.2]]],
  [1, [[0, 'in-water']]],
]; // prettier-ignore

const full = () => new JarLog().closed(0, '1.1-5');
const JARS: readonly (readonly [minute: number, log: JarLog])[] = [
  [1, new JarLog()],
  [2, new JarLog().at(0, 'filled', '1.1-3')],
  [4, full()],
  [6.5, full().at(6, 'loaded', '1.1-5', 1)],
  [20, full().at(6, 'loaded', '1.1-5', 1).at(7, 'canner-lit', null, 1)],
  [16 * 60, full().at(15 * 60, 'sealed', '1.1-5')],
];

describe.each(Object.entries(FOUR_KITCHENS))('%s', (_, one) => {
  const { kitchen, lines } = one;
  const batch: Batch = {
    id: 'damson', name: 'Damson', lines: [...lines], settings: {}, ticked: [], plan: null,
    version: 1, createdAt: START, updatedAt: START,
  }; // prettier-ignore
  const outcome = planBatch({ ...requestInKitchen(batch, kitchen), draws: 50 });
  if (!outcome.ok) throw new Error('no plan');
  const { plan } = outcome;
  const summary: BatchSummary = {
    ...batch, state: 'planned', since: START, sessionId: null, jarPlaces: null, planFaults: null,
    plan: { fruit: 'damson', colour: '#333366', yield: { fullJars: { p10: 5, p50: 6, p90: 7 }, sizes: [] }, stopC: plan.stop.ruleTempC, shelf: { verdict: 'pantry', months: 12 }, process: { method: 'boiling-water', minutes: 10 } },
  }; // prettier-ignore
  const cook: CookSession = {
    ...COOK, startedAt: START, batchId: 'damson', formula: batch,
    kitchen: { ...BARE_KITCHEN, ...kitchen },
  }; // prettier-ignore
  const answers: Answers = [
    [['kitchen'], kitchen],
    [['batch', 'damson'], batch],
    [['batches'], [summary]],
    [['cooks'], []],
  ];
  const at = (screen: React.ReactNode) =>
    saidIn(
      html(
        <Routes>
          <Route path="/:id" element={screen} />
        </Routes>,
        answers,
        '/damson',
      ),
    );
  beforeEach(() => measuringAs(one));

  test.each(Object.entries(SCREENS))(
    'the screen of %s measures as this kitchen does',
    (_name, screen) => {
      expect(foreignIn(at(screen), one)).toEqual([]);
    },
  );

  test.each(POTS)('so does the stove at minute %d', (minute, notes) => {
    jest.setSystemTime(minute * MIN);
    const log = stillLog(entriesOf(notes));
    const said = at(<Stove session={cook} log={log} keeping={null} onReady={() => undefined} />);
    expect(foreignIn(said, one)).toEqual([]);
  });

  test.each(JARS)('so do the jars at minute %d', (minute, log) => {
    jest.setSystemTime(minute * MIN);
    expect(foreignIn(at(<Jars session={cook} log={stillLog(log.entries)} />), one)).toEqual([]);
  });

  test('so does the run sheet on paper', () => {
    const paper = runSheetPdf('Damson', plan, prepareOf(plan, {}, []), kitchen.units);
    expect(foreignIn(printed(paper), one)).toEqual([]);
  });

  test('so do labels and entry card', () => {
    const jarPlan = jarPlanOf(requestInKitchen(batch, kitchen), [], 0);
    if (jarPlan === null) throw new Error('no sheet');
    const text = labelTextOf(cook, jarPlan, 'pantry', 0, 'https://kettle.example');
    const net = netInWords(jarPlan, 290, kitchen.units);
    for (const design of LABEL_DESIGNS)
      for (const sheet of sheetsFor(kitchen.units)) {
        const paper = printed(labelsPdf(sheet, design, [{ text, net: '' }]));
        expect(foreignIn(paper, one)).toEqual([]);
      }
    // Net weight is in both systems where shops have it so.
    expect(net).toMatch(kitchen.units === 'us' ? /oz/ : /g/);
    const progress = jarProgressOf(jarPlan, effectiveEvents(full().entries));
    const entry = showPdf('Damson', entryOf(cook, jarPlan, progress), kitchen.units);
    expect(foreignIn(printed(entry), one)).toEqual([]);
  });
});
