import fc from 'fast-check';
import { INGREDIENTS } from '../ingredients/index.ts';
import { isCitrus } from './parts.ts';
import { readLine } from './readLine.ts';
import { runs } from '../test/runs.ts';

// Kinds of faults that were found in lines as cooks write them, each as a property.

const FRUIT = INGREDIENTS.filter((row) => row.kind === 'fruit');
const fruit = fc.constantFrom(...FRUIT);
const RUNS = { numRuns: runs(500) };

const NUMBER_LIKE = [
  'zero', 'nought', 'point', 'dozen', 'doz', 'hundred', 'thousand', 'score', 'half', 'quarter', 'ib', 'lbz', 'kgs', 'ozs', 'hundredweight', 'stone', 'firkin', 'mug', 'colander', 'ladle',
] as const; // prettier-ignore

test('a word that is a number or a measure is never a kind of what it stands before', () => {
  fc.assert(
    fc.property(
      fc.constantFrom(...NUMBER_LIKE),
      fruit,
      fc.integer({ min: 2, max: 9 }),
      (word, row, count) => {
        for (const line of [`${count} ${word} ${row.name}`, `${count} kg ${word} ${row.name}`]) {
          const reading = readLine(line);
          if (reading.understood) expect(reading.toConfirm?.kind).not.toBe('kind');
        }
      },
    ),
    RUNS,
  );
});

const ONES = ['zero', 'one', 'two', 'three', 'four', 'five', 'six', 'seven', 'eight', 'nine'];

test('a decimal that is spoken weighs what its digits do', () => {
  const digit = fc.integer({ min: 0, max: 9 });
  fc.assert(
    fc.property(
      fc.integer({ min: 0, max: 9 }),
      fc.array(digit, { minLength: 1, maxLength: 2 }),
      (whole, digits) => {
        const value = Number(`${whole}.${digits.join('')}`);
        fc.pre(value > 0);
        const said = `${ONES[whole]} point ${digits.map((one) => ONES[one]).join(' ')}`;
        const reading = readLine(`${said} kg sugar`);
        if (!reading.understood) throw new Error(`${said} kg is not understood`);
        expect(reading.massG.typical).toBeCloseTo(1000 * value, 3);
      },
    ),
    RUNS,
  );
});

test('a separator that stands apart from its digits is asked about', () => {
  fc.assert(
    fc.property(
      fc.integer({ min: 1, max: 99 }),
      fc.integer({ min: 1, max: 99 }),
      fc.constantFrom(' ,', ' , ', ', ', ' .', ' . '),
      (a, b, mark) => {
        expect(readLine(`${a}${mark}${b} kg sugar`).understood).toBe(false);
      },
    ),
    RUNS,
  );
});

test('more that is said after a unit, without its own, is asked about', () => {
  const more = fc.constantFrom('two', 'four', 'two hundred', 'three hundred', '4', '250');
  fc.assert(
    fc.property(
      fc.constantFrom('a kilo', 'two pound', '1 kg', '2 lb'),
      more,
      fruit,
      (amount, said, row) => {
        expect(readLine(`${amount} ${said} of ${row.name}`).understood).toBe(false);
      },
    ),
    RUNS,
  );
});

test('a count and a weight that are far from one another are asked about, whichever comes first', () => {
  const counted = fc.constantFrom(...FRUIT.filter(({ pieceG }) => pieceG !== undefined));
  fc.assert(
    fc.property(
      counted,
      fc.integer({ min: 2, max: 12 }),
      fc.double({ min: 2, max: 20, noNaN: true }),
      fc.boolean(),
      (row, count, far, isMore) => {
        const { low = 0, high = 0 } = row.pieceG ?? {};
        const grams = Math.round(isMore ? count * high * far : (count * low) / far);
        fc.pre(grams > 0);
        for (const line of [
          `${count} ${row.name} (${grams} g)`,
          `${count} ${row.name}, ${grams} g`,
        ]) {
          const reading = readLine(line);
          // What has no word for many of it, or another name, is asked about anyway.
          if (reading.understood) expect([line, reading.massG.typical]).toEqual([line, 'asked']);
        }
      },
    ),
    RUNS,
  );
});

test('cups and a weight that are far from one another are asked about', () => {
  fc.assert(
    fc.property(
      fruit,
      fc.integer({ min: 1, max: 9 }),
      fc.constantFrom(10, 0.1),
      (row, cups, far) => {
        const all = Object.values(row.cups);
        fc.pre(all.length > 0);
        const grams = Math.round(
          cups *
            far *
            (far > 1
              ? Math.max(...all.map(({ high }) => high))
              : Math.min(...all.map(({ low }) => low))),
        );
        expect(readLine(`${cups} cups ${row.name} (${grams} g)`).understood).toBe(false);
      },
    ),
    RUNS,
  );
});

test('what is said to be left is what is meant, wherever it is said', () => {
  const share = fc.integer({ min: 60, max: 99 });
  fc.assert(
    fc.property(
      fruit,
      share,
      fc.constantFrom('net', 'giving', 'drained', 'prepared'),
      (row, percent, word) => {
        const left = 10 * percent;
        for (const line of [
          `1 kg ${row.name} (${left} g ${word})`,
          `1 kg ${row.name}, ${word} ${left} g`,
        ]) {
          const reading = readLine(line);
          if (reading.understood) expect([line, reading.massG.typical]).toEqual([line, left]);
        }
      },
    ),
    RUNS,
  );
});

test('peel and zest are of citrus fruit alone', () => {
  for (const row of FRUIT)
    for (const part of ['peel', 'zest', 'rind']) {
      const reading = readLine(`100 g ${row.name} ${part}`);
      const isOfCitrus =
        reading.understood && ['zest', 'citrus-peel'].includes(reading.ingredient.id);
      if (isOfCitrus) expect([row.id, isCitrus(row.id)]).toEqual([row.id, true]);
    }
});

test.each(['1 cup', '250 ml', '½ pint', '1 L'])('%s of tea or coffee is brewed', (amount) => {
  for (const drink of ['tea', 'black tea', 'green tea', 'coffee'])
    expect(readLine(`${amount} ${drink}`)).toMatchObject({
      understood: true,
      ingredient: { id: 'infusion' },
    });
});

test('tags, entities, footnotes and prices change nothing of a line', () => {
  const dress = fc.constantFrom(
    (text: string) => `<li>${text}</li>`,
    (text: string) => text.replace(' ', '&nbsp;'),
    (text: string) => `${text}¹`,
    (text: string) => `${text} †`,
    (text: string) => `${text} ($4.99)`,
    (text: string) => `${text} @ £2.50/kg`,
    (text: string) => `**${text}**`,
    (text: string) => `${text} [3]`,
  );
  fc.assert(
    fc.property(fruit, fc.integer({ min: 100, max: 5000 }), dress, (row, grams, dressed) => {
      const [plain, found] = [`${grams} g ${row.name}`, dressed(`${grams} g ${row.name}`)].map(
        (text) => readLine(text),
      );
      if (plain?.understood !== true) return;
      expect(found).toMatchObject({
        understood: true,
        ingredient: { id: plain.ingredient.id },
        massG: plain.massG,
      });
    }),
    RUNS,
  );
});
