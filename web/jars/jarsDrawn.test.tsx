import { BARE_KITCHEN } from '@idle-kettle/core';
import '../test/window.ts';
import { type CookSession, type Kitchen } from '@idle-kettle/contract';
import { JarLog } from '../../core/test/jarLog.ts';
import { REFUSED } from '../../core/test/refused.ts';
import type { CookLog } from '../stove/useCookLog.ts';
import { goByTheWall } from '../test/wallClock.ts';
import { html, nonsenseIn, wordsOf } from '../test/drawn.tsx';
import { COOK } from '../test/fakeCooks.ts';
import { DEFAULTS } from '../test/kitchen.ts';
import { inPseudo, saidIn, wordsOutside } from '../test/pseudo.ts';
import { stillLog } from '../test/stillLog.ts';
import { Jars } from './Jars.tsx';

const HOUR = 60;
/** The cook began with the log. */
const START = '1970-01-01T00:00:00.000Z';
const KITCHEN: Kitchen = {
  ...DEFAULTS,
  altitudeM: 1524,
  jars: [
    { id: 'half', name: 'half-pint', volumeMl: 237, count: 12 },
    { id: 'quarter', name: 'quarter-pint', volumeMl: 118, count: 6 },
  ],
};

beforeEach(() => {
  jest.useFakeTimers();
  goByTheWall();
});
afterEach(() => jest.useRealTimers());

/** The screen of the jars at a minute of their log. */
function screen(
  log: JarLog,
  minute: number,
  lines: readonly string[] = PLUM,
  change: Partial<CookSession> = {},
  kitchen: Kitchen = KITCHEN,
): string {
  jest.setSystemTime(minute * 60_000);
  const cook = {
    ...COOK,
    startedAt: START,
    batchId: 'b',
    formula: { lines: [...lines], settings: {} },
    kitchen: { ...BARE_KITCHEN, ...kitchen },
    ...change,
  };
  return html(<Jars session={cook} log={stillLog(log.entries)} />, [[['kitchen'], kitchen]]);
}
const read = (...of: Parameters<typeof screen>) => wordsOf(screen(...of));

const PLUM = ['2 kg plums', '1.4 kg sugar'];

/**
 * Seven jars of plums through the canner, on a height that asks for more minutes, up to a point of
 * it.
 */
const full = () => new JarLog().closed(0, '1.1-7');
const loaded = () => full().at(6, 'loaded', '1.1-7', 1);
const heating = () => loaded().at(7, 'canner-lit', null, 1);
const boiling = () => heating().at(30, 'canner-boils', null, 1);
const rested = () => boiling().at(45, 'canner-off', null, 1);
const cooling = () => rested().at(51, 'lifted-out', null, 1);

/** A pot that was taken off before it boiled. */
const neverBoiled = () => new JarLog().at(0, 'lit').at(2, 'off-heat').at(3, 'ready');
/** A pot that boiled, and was left. */
const left = () => new JarLog().at(0, 'lit').at(9, 'rolling').at(40, 'off-heat').at(41, 'ready');

const STAGES: readonly (readonly [
  stage: string,
  log: JarLog,
  minute: number,
  words: readonly (string | RegExp)[],
])[] = [
  ['a full pot', new JarLog(), 1, ['Fill the jars now', 'Keep 10 jars hot, including one spare', 'about 8 to go', 'Pantry, 12 months if boiled']],
  ['a pot that never boiled', neverBoiled(), 4, ['Heat it again first', 'The log shows no boil', 'It’s boiling', 'It did boil', 'Fill the jars now']],
  ['jars of a pot that never boiled', neverBoiled().closed(5, '1.1-3'), 8, ['Heat it again first', '3 half-pints: the log shows no boil', 'Pour them back', 'Poured back, and it’s boiling', 'Into the fridge instead']],
  ['a pot that was left', left(), 120, ['Heat it again first', 'off the heat too long', 'It’s still hot: I checked']],
  ['a pot that was left and heated again', left().at(130, 'rolling'), 131, ['Fill the jars now']],
  ['jars that went through the canner cool', neverBoiled().closed(5, '1.1-2').processed(8, 1, '1.1-2', 20, 10), 60, ['These weren’t filled hot', 'They go into the fridge']],
  ['some jars filled', new JarLog().at(0, 'filled', '1.1-3'), 2, ['3 filled', 'Remove bubbles']],
  ['jars that are closed', full(), 4, ['half-pints into the canner', '7 filled']],
  ['a load in the canner', loaded(), 6.5, ['covered by 1 to 2 in of water', 'Time starts at the full rolling boil']],
  ['a canner that heats', heating(), 20, ['Up to a full rolling boil', 'It’s at a rolling boil']],
  ['a rolling boil', boiling(), 32, ['Keep boiling for 10 minutes', 'It lost the boil', '8:00']],
  ['a boil that was lost', boiling().at(33, 'boil-lost', null, 1), 34, ['the whole 10 minutes start again']],
  ['time that is up', boiling(), 40.5, ['Time’s up: heat off']],
  ['a rest', rested(), 46, ['Lid off, let them rest']],
  ['the end of a rest', rested(), 50.5, ['Lift the jars straight out']],
  ['jars that cool', cooling(), 2 * HOUR, ['Leave them to cool']],
  ['the next day', cooling(), 15 * HOUR, ['Press every lid', 'Not sealed']],
  ['a lid that did not go down', cooling().at(15 * HOUR, 'unsealed', '1.7'), 15.1 * HOUR, ['Half-pint 7 did not seal']],
  ['seals that are good', cooling().at(15 * HOUR, 'sealed', '1.1-7'), 15.2 * HOUR, ['Bands off, wash and label', 'Labels…', 'Show entry…']],
  ['jars put away', cooling().at(15 * HOUR, 'sealed', '1.1-7').at(16 * HOUR, 'labelled').at(17 * HOUR, 'put-away'), 17.1 * HOUR, ['All on the shelf']],
]; // prettier-ignore

test.each(STAGES)('the screen of the jars says what is next: %s', (_, log, minute, words) => {
  const markup = screen(log, minute);
  expect(nonsenseIn(markup)).toEqual([]);
  const text = wordsOf(markup);
  for (const part of words) expect(text).toMatch(part);
});

describe('in a language that nobody speaks', () => {
  inPseudo();

  test.each(STAGES)('the jars say nothing that is not in the catalogue: %s', (_, log, minute) => {
    expect(wordsOutside(saidIn(screen(log, minute)), [PLUM, KITCHEN, COOK])).toEqual([]);
  });
});

test('what never boiled is for no shelf, and for no canner, until it was heated or the log put right', () => {
  const text = (log: JarLog) => read(log, 20);
  expect(text(neverBoiled().closed(5, '1.1-3'))).not.toMatch(/into the canner|Into the canner/);
  expect(text(neverBoiled().closed(5, '1.1-3').at(9, 'was-hot'))).toContain(
    'half-pints into the canner',
  );
  expect(text(neverBoiled().closed(5, '1.1-3').at(9, 'was-hot'))).not.toContain('Heat it again');
  expect(text(neverBoiled().at(9, 'rolling').closed(15, '1.1-3'))).toContain(
    'half-pints into the canner',
  );
});

test('with no network, and with a browser that keeps nothing, it says so and goes on', () => {
  jest.setSystemTime(60_000);
  const cook = { ...COOK, startedAt: START, batchId: 'b' };
  const bar = (change: Partial<CookLog>) =>
    wordsOf(
      html(<Jars session={cook} log={{ ...stillLog([]), ...change }} />, [[['kitchen'], KITCHEN]]),
    );
  expect(bar({})).toContain('All saved');
  expect(bar({ heard: false, waiting: 3 })).toContain(
    '3 entries kept here until the server is back',
  );
  expect(bar({ keeps: false })).toMatch(/this browser can’t store anything/i);
  expect(bar({ refused: 'The cook has ended.' })).toContain('The cook has ended.');
});

test('by steam the gauge is spoken of, and by water the boil', () => {
  const steam = { ...KITCHEN, canner: 'steam' as const };
  const at = (kitchen: Kitchen) => read(heating(), 20, PLUM, {}, kitchen);
  expect(at(steam)).toContain('the mark');
  expect(at(steam)).not.toContain('rolling');
  expect(at(KITCHEN)).toContain('rolling');
});

/** Whatever was pressed: none of it may look as if it were for the shelf. */
test.each(REFUSED)('$name is told where to go, and no canner is offered', ({ lines, product }) => {
  const formula = { lines: [...lines], settings: product === undefined ? {} : { product } };
  for (const log of [new JarLog(), full(), cooling().at(15 * HOUR, 'sealed', '1.1-7')]) {
    const markup = screen(log, 16 * HOUR, lines, { formula });
    const text = wordsOf(markup);
    expect(nonsenseIn(markup)).toEqual([]);
    expect(text).not.toMatch(/Pantry, until|(?<!Not )into the canner|rolling boil|Onto the shelf/);
    expect(text).toMatch(/fridge|freezer|cannot be followed/i);
  }
});

test('what cannot be followed says where it belongs', () => {
  expect(read(new JarLog(), 1, ['3 blobs of zorp'])).toContain('Keep them in the fridge');
});
