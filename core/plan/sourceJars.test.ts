import { planned } from '../test/planned.ts';

const HALF_PINTS = { name: 'half-pint', volumeMl: 237, count: 12 };
const PINTS = { name: 'pint', volumeMl: 473, count: 12 };

/** A jam with more mint than ours takes, as a formula of the county has it. */
const mintJam = (jarMl: number | null, jars: readonly (typeof PINTS)[]) =>
  planned({
    lines: ['1 kg plums', '900 g sugar', '40 g fresh mint'],
    jars,
    draws: 0,
    assurance: {
      testedFormula: 'County bulletin plum and mint',
      source: 'the county',
      minutes: 15,
      jarMl,
      meterPH: null,
    },
  });

test('a named formula is only for the jars that it prints', () => {
  expect(mintJam(null, [PINTS]).shelf.verdict).toBe('by-source');
  expect(mintJam(473, [PINTS]).shelf.verdict).toBe('by-source');
  expect(mintJam(237, [HALF_PINTS]).shelf.verdict).toBe('by-source');
  const large = mintJam(237, [PINTS]);
  expect(large.shelf.verdict).toBe('fridge');
  expect(large.cautions.map(({ code }) => code)).toContain('formula-jars');
});

test('a kitchen with both fills those that are printed', () => {
  const both = mintJam(237, [PINTS, HALF_PINTS]);
  expect(both.shelf.verdict).toBe('by-source');
  expect(both.yield?.jars.map(({ name }) => name)).toEqual(['half-pint']);
  expect(both.cautions.map(({ code }) => code)).not.toContain('formula-jars');
});

test('jars that are sold by the litre are no larger than a half-pint or a pint', () => {
  expect(mintJam(237, [{ ...HALF_PINTS, volumeMl: 250 }]).shelf.verdict).toBe('by-source');
});

test('which jars it prints is asked for, as its minutes are', () => {
  expect(mintJam(null, [PINTS]).cautions.map(({ code }) => code)).toContain('formula-jars');
});
