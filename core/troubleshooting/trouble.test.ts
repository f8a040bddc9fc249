import { textOf } from '@idle-kettle/words';
import { request } from '../test/planned.ts';
import { TROUBLE_CASES, type TroubleCase } from '../test/troubleCases.ts';
import {
  CAUSES_OF,
  FINDINGS,
  likelihood,
  SYMPTOMS,
  troubleOf,
  type CauseId,
  type Facts,
  type Symptom,
  type Trouble,
} from './index.ts';

const troubleIn = ({ symptom, formula, facts }: Omit<TroubleCase, 'cause'>): Trouble => {
  const outcome = troubleOf({
    symptom,
    formula: formula === undefined ? null : request({ draws: 0, ...formula }),
    facts,
  });
  if (!outcome.ok) throw new Error(textOf(outcome.faults[0]?.message ?? ''));
  return outcome.trouble;
};
const DAMSON = { lines: ['2 kg crushed damsons', '1.4 kg sugar'] };

describe('batches that are described', () => {
  const told = TROUBLE_CASES.map((of) => ({ of, trouble: troubleIn(of) }));

  test('have the right cause first in 85 of a hundred, and in the first two in 95', () => {
    expect(told.length).toBeGreaterThanOrEqual(60);
    const within = (most: number) =>
      told.filter(({ of, trouble }) =>
        trouble.causes.slice(0, most).some(({ code }) => code === of.cause),
      ).length / told.length;
    expect(within(1)).toBeGreaterThanOrEqual(0.85);
    expect(within(2)).toBeGreaterThanOrEqual(0.95);
  });

  test('are thrown away where they are not safe, and nowhere else', () => {
    for (const { of, trouble } of told) {
      expect([of.symptom, of.facts, trouble.discard]).toEqual([
        of.symptom,
        of.facts,
        of.discard ?? false,
      ]);
      if (trouble.discard) expect(trouble.now).toEqual(['bin']);
    }
  });

  test('are asked about what would decide, where their facts do not', () => {
    for (const { of, trouble } of told)
      if (of.ask !== undefined) expect([of.facts, trouble.ask[0]]).toEqual([of.facts, of.ask]);
  });
});

describe('what is never tasted', () => {
  test.each<[Symptom, Facts]>([
    ['mould', {}],
    ['mould', { processedMin: 10, rimWiped: true, lidNew: true }],
    ['bubbles', {}],
    ['bubbles', { monthsOld: 3 }],
    ['cloudy', { processedMin: 0 }],
    ['unsealed', { monthsOld: 0.2 }],
    ['loose', { processedMin: 0, monthsOld: 3 }],
  ])('%s, %j', (symptom, facts) => {
    const { discard, now } = troubleIn({ symptom, formula: DAMSON, facts });
    expect(discard).toBe(true);
    expect(now).toEqual(['bin']);
  });

  test.each(SYMPTOMS)('%s of what no pantry is safe for, once it stood there', (symptom) => {
    const formula = { lines: ['2 kg chopped melon', '1.4 kg sugar'] };
    expect(troubleIn({ symptom, formula, facts: { monthsOld: 2 } }).discard).toBe(true);
    expect(
      troubleIn({
        symptom,
        formula: { ...formula, storeIn: 'fridge' },
        facts: { monthsOld: 0.6, processedMin: 10 },
      }).why,
    ).not.toBe('not-for-the-pantry');
  });
});

test('what is asked is answered with less doubt, and nothing is asked once a cause is plain', () => {
  const before = troubleIn({ symptom: 'siphoned', facts: {} });
  expect(before.ask).toContain('headspaceMm');
  expect(before.ask).not.toContain('pH');
  const after = troubleIn({ symptom: 'siphoned', facts: { headspaceMm: 1 } });
  expect(after.causes[0]?.share).toBeGreaterThan(before.causes[0]?.share ?? 1);
  const plain = troubleIn({
    symptom: 'siphoned',
    facts: { headspaceMm: 6, restMin: 6, boilLost: true, jarsHot: true },
  });
  expect(plain.causes[0]).toMatchObject({ code: 'boil-lost' });
  expect(plain.ask).toEqual([]);
});

test('a formula alone gets an answer from its forecast, and evidence names its figures', () => {
  const flat = troubleIn({
    symptom: 'loose',
    formula: { lines: ['2 kg crushed peaches', '1.4 kg sugar'] },
    facts: {},
  });
  expect(flat.causes.slice(0, 2).map(({ code }) => code)).toEqual(
    expect.arrayContaining(['low-acid']),
  );
  const [short] = troubleIn({
    symptom: 'loose',
    formula: DAMSON,
    facts: { solublesPct: 58 },
  }).causes;
  expect(textOf(short?.evidence ?? '')).toContain('58 %');
});

test('what cannot be planned is refused by its field', () => {
  const outcome = troubleOf({
    symptom: 'loose',
    formula: request({ lines: ['9999999 kg plums'] }),
    facts: {},
  });
  expect(outcome.ok).toBe(false);
});

describe('the table of causes and findings', () => {
  const rows = SYMPTOMS.flatMap((symptom) =>
    Object.entries(CAUSES_OF[symptom]).map(([cause, { prior, shows }]) => ({
      symptom,
      cause: cause as CauseId,
      prior,
      shows,
    })),
  );

  /** By the definition of a conditional probability. */
  test('holds shares of each finding that add up to one', () => {
    for (const { prior, shows } of rows) {
      expect(prior).toBeGreaterThan(0);
      for (const id of Object.keys(FINDINGS) as (keyof typeof FINDINGS)[]) {
        const sum = Object.keys(FINDINGS[id]).reduce(
          (total, level) => total + likelihood(shows, id, level),
          0,
        );
        expect(sum).toBeCloseTo(1, 9);
      }
    }
  });

  /** By the definition of a naive network: what no cause speaks of says nothing. */
  test('gives shares that add up to one, and is not moved by what no cause speaks of', () => {
    for (const symptom of SYMPTOMS) {
      const shares = (facts: Facts) =>
        Object.fromEntries(
          troubleIn({ symptom, facts }).causes.map(({ code, share }) => [code, share]),
        );
      const bare = shares({});
      const total = Object.values(bare).reduce((sum, share) => sum + share, 0);
      // Those that are left out have less than a hundredth each.
      expect(total).toBeGreaterThan(0.93);
      expect(total).toBeLessThan(1.002);
      if (!Object.values(CAUSES_OF[symptom]).some(({ shows }) => 'light' in shows))
        expect(shares({ storedLight: true })).toEqual(bare);
    }
  });
});
