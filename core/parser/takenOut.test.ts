import { LONGEST_TAKEN_OUT, takenOut, TAKEN_OUT_WORDS } from './takenOut.ts';
import { phraseKey, saidBy } from './words.ts';

/** Common practice: how recipes say what is thrown away. */
test.each([
  ['skin removed', 'peel'],
  ['skins and peel taken off', 'core'],
  ['stones, stalks discarded', 'core'],
  ['cores cut out', 'core'],
  ['rind off', 'peel'],
  ['remove the pips', 'core'],
  ['discard any skins as you go', 'peel'],
  ['take out as many of the stones as you can', 'core'],
  ['pick out all the stems', 'core'],
] as const)('“%s” takes away the %s', (phrase, loses) => {
  expect(saidBy(phraseKey(phrase))).toEqual({ loses });
  const words = phraseKey(phrase).split(' ');
  expect(words.length).toBeLessThanOrEqual(LONGEST_TAKEN_OUT);
  for (const word of words) expect(TAKEN_OUT_WORDS).toContain(word);
});

test.each([
  'skin',
  'skin on',
  'skin and skin removed',
  'skin and sugar removed',
  'remove the jar',
  'remove from the heat',
  'remove the stone and',
  'with the stone removed',
  'stone removed later',
])('“%s” says no such thing', (phrase) => {
  expect(takenOut(phraseKey(phrase))).toBeNull();
});
