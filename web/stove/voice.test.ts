import type { Estimate } from '@idle-kettle/core';
import type { Instruction } from './instruction.ts';
import { minutesToGo, stoveSayings } from './sayings.ts';
import { Voice } from './voice.ts';

const MIN = 60_000;

/** A voice that is written down. */
function recorded() {
  const said: string[] = [];
  let hushed = 0;
  const voice = new Voice({ speak: (text) => said.push(text), cancel: () => (hushed += 1) });
  return { voice, said, hushes: () => hushed };
}

test('each thing is said once, however often it is told', () => {
  const { voice, said, hushes } = recorded();
  voice.say([{ key: 'a', text: 'Stir' }]);
  voice.say([
    { key: 'a', text: 'Stir' },
    { key: 'b', text: 'Off the heat' },
  ]);
  expect(said).toEqual(['Stir', 'Off the heat']);
  voice.hush();
  expect(hushes()).toBe(1);
});

test('minutes are said when 30, 20, 10, 5, 2 and 1 are left', () => {
  const at = (left: number) =>
    minutesToGo('x', 100 * MIN, (100 - left) * MIN).map((one) => one.text);
  expect([30, 20, 10, 5, 2, 1].flatMap(at)).toEqual([
    '30 minutes to go',
    '20 minutes to go',
    '10 minutes to go',
    '5 minutes to go',
    '2 minutes to go',
    '1 minute to go',
  ]);
  expect([29, 7, 0, -1].flatMap(at)).toEqual([]);
  expect(minutesToGo('x', null, 0)).toEqual([]);
});

test('at the stove: the act, degrees in the kitchen’s scale, the notes, and time’s up', () => {
  const instruction: Instruction = {
    text: 'Boil hard to 220 °F',
    detail: '',
    press: 'Off the heat',
    due: false,
    rings: false,
    dueAtMs: 5 * MIN,
    heldBack: null,
    says: null,
    instead: null,
  };
  const known = (toGoK: number) => ({ toGoK, unobserved: null }) as Estimate;
  const texts = (of: Instruction, toGoK: number, scale: 'C' | 'F') =>
    stoveSayings(
      of,
      3,
      known(toGoK),
      [
        { code: 'stir', level: 'warn', text: 'Stir it.' },
        { code: 'far', level: 'note', text: 'Far.' },
      ],
      0,
      scale,
    ).map(({ text }) => text);
  expect(texts(instruction, 5 / 1.8, 'F')).toEqual([
    'Boil hard to 220 °F',
    '5 minutes to go',
    '5 degrees to go',
    'Stir it.',
  ]);
  expect(texts(instruction, 2, 'C')).toContain('2 degrees to go');
  expect(
    texts({ ...instruction, due: true, rings: true, text: 'Take it off the heat' }, -1, 'C'),
  ).toEqual(['Time’s up. Take it off the heat', 'Stir it.']);
});
