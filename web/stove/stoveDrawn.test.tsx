import '../test/window.ts';
import { type CookSession, type Kitchen } from '@idle-kettle/contract';
import {
  estimate,
  effectiveEvents,
  type Entry,
  type EntryKind,
  type Estimate,
  BARE_KITCHEN,
} from '@idle-kettle/core';
import { goByTheWall } from '../test/wallClock.ts';
import { html, nonsenseIn, wordsOf } from '../test/drawn.tsx';
import { COOK } from '../test/fakeCooks.ts';
import { DEFAULTS } from '../test/kitchen.ts';
import { inPseudo, saidIn, wordsOutside } from '../test/pseudo.ts';
import { stillLog } from '../test/stillLog.ts';
import { Curve } from './Curve.tsx';
import { Figures } from './Figures.tsx';
import { Stove } from './Stove.tsx';
import { stoveCookPlan } from './stoveCookPlan.ts';

const MIN = 60_000;
const START = '1970-01-01T00:00:00.000Z';
const KITCHEN: Kitchen = { ...DEFAULTS, altitudeM: 1524 };

beforeEach(() => {
  jest.useFakeTimers();
  goByTheWall();
});
afterEach(() => jest.useRealTimers());

type Note = readonly [minute: number, kind: EntryKind, value?: number, text?: string];

const entriesOf = (notes: readonly Note[]): Entry[] =>
  notes.map(([minute, kind, value, text], i) => ({
    source: 'cook',
    seq: i + 1,
    at: minute * MIN,
    kind,
    value: value ?? null,
    text: text ?? null,
  }));

const cookOf = (
  lines: readonly string[],
  product: CookSession['formula']['settings']['product'] = 'jam',
  kitchen: Kitchen = KITCHEN,
): CookSession => ({
  ...COOK,
  startedAt: START,
  batchId: 'b',
  formula: { lines: [...lines], settings: { product } },
  kitchen: { ...BARE_KITCHEN, ...kitchen },
});

/** The stove at a minute of its log. */
function stove(session: CookSession, notes: readonly Note[], minute: number): string {
  jest.setSystemTime(minute * MIN);
  return html(
    <Stove
      session={session}
      log={stillLog(entriesOf(notes))}
      keeping={null}
      onReady={() => undefined}
    />,
    [[['kitchen'], KITCHEN]],
  );
}

const JAM = cookOf(['2 kg crushed blackberries', '1.4 kg sugar']);
const LIT: readonly Note[] = [[0, 'lit']];
const BOILS: readonly Note[] = [...LIT, [12, 'rolling']];

const STAGES: readonly (readonly [
  stage: string,
  cook: CookSession,
  notes: readonly Note[],
  minute: number,
  words: readonly string[],
])[] = [
  ['a cold pot', JAM, [], 0.5, ['Burner is on']],
  ['a pot that warms', JAM, LIT, 3, ['burner on 3:00', 'Add the sugar', 'Added']],
  ['a pot that boils', JAM, BOILS, 14, ['Stirred', 'Plate test…', '14:00']],
  ['readings', JAM, [...BOILS, [13, 'temperature', 96.2], [14, 'temperature', 97.1]], 14.5, ['Stirred']],
  ['a drop that runs', JAM, [...BOILS, [30, 'plate-test', undefined, 'runs']], 31, ['Plate']],
  ['a thermometer in boiling water', JAM, [[0, 'in-water']], 1, ['boiling water']],
  ['a butter', cookOf(['3 kg apples, cored', '500 g sugar', '500 mL water'], 'butter'), LIT, 5, ['Bring to the boil', 'Mound test…']],
  ['a curd', cookOf(['1 cup bottled lemon juice', '2 1/2 cups sugar', '3/4 cup butter', '7 egg yolks', '4 eggs'], 'curd'), LIT, 2, ['82 °C']],
  ['a jam with pectin', cookOf(['5 cups crushed strawberries', '7 cups sugar', '49 g powdered pectin']), LIT, 4, ['rolling']],
  ['a jelly', cookOf(['1 L apple juice', '750 g sugar'], 'jelly'), LIT, 4, ['Stay with it']],
]; // prettier-ignore

test.each(STAGES)('the stove draws, and says what is next: %s', (_, cook, notes, minute, words) => {
  for (const temperature of ['C', 'F'] as const) {
    const kitchen = { ...cook.kitchen, temperature };
    const markup = stove({ ...cook, kitchen }, notes, minute);
    expect(nonsenseIn(markup)).toEqual([]);
    const text = wordsOf(markup);
    for (const part of words) expect(text).toContain(part);
  }
});

describe('in a language that nobody speaks', () => {
  inPseudo();

  test.each(STAGES)(
    'the stove says nothing that is not in the catalogue: %s',
    (_, cook, notes, minute) => {
      const markup = stove(cook, notes, minute);
      expect(wordsOutside(saidIn(markup), cook)).toEqual([]);
    },
  );
});

test('what is years off is shown to be taken back, and counts for nothing', () => {
  const markup = stove(JAM, [[-9_000_000, 'stirred'], ...LIT], 3);
  expect(nonsenseIn(markup)).toEqual([]);
  expect(wordsOf(markup)).toContain('Doesn’t count');
});

test('what cannot be followed says so', () => {
  expect(wordsOf(stove(cookOf(['3 blobs of zorp']), LIT, 3))).toContain('can’t be followed');
});

describe('what is read of a pot', () => {
  const cookPlan = stoveCookPlan(JAM, null)!;
  const entries = entriesOf([...BOILS, [13, 'temperature', 96.4], [16, 'temperature', 97.0]]);
  const known = estimate(cookPlan, effectiveEvents(entries), 16.2 * MIN, { calibrated: false });

  test('is three figures: degrees to go, minutes left, solids', () => {
    for (const scale of ['C', 'F'] as const) {
      const markup = html(<Figures cookPlan={cookPlan} known={known} sinceMin={0} scale={scale} />);
      expect(nonsenseIn(markup)).toEqual([]);
      for (const name of ['to go', 'solids']) expect(wordsOf(markup)).toContain(name);
    }
  });

  test('grows older in words: what was estimated a while ago has fewer minutes left, never fewer than none', () => {
    const left = (sinceMin: number) =>
      wordsOf(html(<Figures cookPlan={cookPlan} known={known} sinceMin={sinceMin} scale="C" />));
    expect(left(0)).not.toBe(left(6));
    expect(
      nonsenseIn(html(<Figures cookPlan={cookPlan} known={known} sinceMin={600} scale="C" />)),
    ).toEqual([]);
    expect(left(600)).not.toMatch(/[-−]\d/);
  });

  test('is not claimed before anything is known', () => {
    const text = wordsOf(html(<Figures cookPlan={cookPlan} known={null} sinceMin={0} scale="C" />));
    expect(text).not.toMatch(/\d+–\d+/);
  });

  test('has a curve that says in words what it shows', () => {
    const curve = (given: Estimate | null, readings: readonly Entry[]) =>
      html(
        <Curve
          readings={readings}
          known={given}
          litAtMs={0}
          stopC={cookPlan.stopC}
          waterBoilsC={cookPlan.waterBoilsC}
          scale="F"
        />,
      );
    for (const markup of [curve(null, []), curve(known, entries)])
      expect(nonsenseIn(markup)).toEqual([]);
  });
});
