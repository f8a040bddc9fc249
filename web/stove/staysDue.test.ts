import type { Instruction } from './instruction.ts';
import { steadied } from './staysDue.ts';

const wait = { text: 'Boil hard', due: false } as Instruction;
const off = { text: 'Take it off the heat', due: true } as Instruction;

test.each([
  ['nothing was due yet', null, wait, 3, wait],
  ['it comes due', null, off, 0, off],
  ['the estimate wavers by a moment', { step: 'a', due: off }, wait, 0.4, off],
  ['nothing can be told for a moment', { step: 'a', due: off }, wait, null, off],
  ['the pot proves to be minutes away', { step: 'a', due: off }, wait, 4, wait],
  ['something was done since', { step: 'before', due: off }, wait, 0.4, wait],
] as const)('%s', (_, was, now, leftMin, shown) => {
  expect(steadied(was, now, 'a', leftMin)).toBe(shown);
});
