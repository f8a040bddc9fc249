import { textOf } from '@idle-kettle/words';
import fc from 'fast-check';
import { INGREDIENTS, LOOKALIKES, type AcidClass, type Ingredient } from '../ingredients/index.ts';
import type { LineReading, UnderstoodLine } from './line.ts';
import { CONTAINER_SIZES, HOSTILE_LINES } from '../test/hostileLines.ts';
import { PACKS } from './measures.ts';
import { unaccented } from './plainWord.ts';
import { readLine } from './readLine.ts';
import { runs } from '../test/runs.ts';

const BASES = [
  '2 kg plums',
  '3 cups crushed strawberries, hulled',
  '1 kg peaches, peeled and stoned (about 6)',
  'juice of 2 lemons',
  '2 (3 oz) pouches liquid pectin',
  '4 large eggs, beaten',
  '250 ml cider vinegar',
  '1 1/2 cups packed brown sugar',
  '500 g frozen raspberries, thawed',
  '1 tbsp grated ginger',
  'sugar, 1 kg',
  '6 Bramley apples, unpeeled',
] as const;

const ROW_NAMES = INGREDIENTS.flatMap((row) =>
  [row.name, ...row.alsoCalled].map((name) => ({ row, name })),
);

const RANK: { readonly [acid in AcidClass]: number } = { low: 0, borderline: 1, high: 2 };
const acidRank = (row: Ingredient): number => RANK[row.acidClass ?? 'high'];

/** Puts words into a line between two of its own. */
const withWords = (line: string, words: string, place: number): string => {
  const parts = line.split(' ');
  const at = Math.floor(place * (parts.length + 1));
  return [...parts.slice(0, at), words, ...parts.slice(at)].join(' ');
};

const wordsOf = (text: string): string[] =>
  unaccented(text)
    .split(/[^\p{L}]+/u)
    .filter(Boolean);

/** Whether a reading says, in its notes or in the name that it keeps, each of these words. */
const says = ({ assumed = '', called = '' }: UnderstoodLine, words: string): boolean => {
  const said = unaccented(`${textOf(assumed ?? '')} ${called}`);
  return wordsOf(words).every((word) => said.includes(word));
};

const isRead = (reading: LineReading): reading is UnderstoodLine => reading.understood;

const sameThing = (a: UnderstoodLine, b: UnderstoodLine): boolean =>
  a.ingredient.id === b.ingredient.id &&
  (a.ingredient.kind !== 'fruit' ||
    (b.ingredient.kind === 'fruit' && a.ingredient.state === b.ingredient.state));

describe('no word vanishes', () => {
  test('a ingredient name added anywhere is read with the line, or the line is puzzling', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...BASES),
        fc.constantFrom(...ROW_NAMES),
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        (base, { row, name }, place) => {
          const before = readLine(base);
          const after = readLine(withWords(base, name, place));
          if (!isRead(before) || !isRead(after) || !sameThing(before, after)) return;
          // A row's own name again, or the lemon that lemon juice is of, adds nothing.
          const own = row.id === after.ingredient.id || after.ingredient.id.startsWith(row.id);
          const kind = [...INGREDIENTS].some(
            ({ id, name: whole, alsoCalled }) =>
              id === after.ingredient.id &&
              [whole, ...alsoCalled].some((known) => known.startsWith(`${name} `)),
          );
          expect([base, name, own || kind || says(after, name)]).toEqual([base, name, true]);
        },
      ),
      { numRuns: runs(4000) },
    );
  });

  test('food that has no row makes every line puzzling, wherever it stands', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...BASES),
        fc.constantFrom(...LOOKALIKES),
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        (base, name, place) => {
          const after = readLine(withWords(base, name, place));
          // `grape leaf peaches` may split into other names; none of them may be the line's own
          // reading.
          const before = readLine(base);
          if (isRead(after) && isRead(before) && sameThing(before, after)) {
            expect([base, name, says(after, name)]).toEqual([base, name, true]);
          }
        },
      ),
      { numRuns: runs(2000) },
    );
  });

  test('an unknown word is said to be a kind, or the line is not recognized and quotes it', () => {
    const unknown = fc
      .stringMatching(/^[bdfgjkpvwxz][aeiou][bdgjkvxz]{2}[aeiou][fjkvxz]q$/)
      .filter((word) => word.length > 5);
    fc.assert(
      fc.property(
        fc.constantFrom(...BASES),
        unknown,
        fc.double({ min: 0, max: 0.999, noNaN: true }),
        (base, word, place) => {
          const after = readLine(withWords(base, word, place));
          if (isRead(after)) expect([word, says(after, word)]).toEqual([word, true]);
          else expect(textOf(after.trouble.message)).not.toBe('');
        },
      ),
      { numRuns: runs(2000) },
    );
  });

  test.each([
    'without',
    'no',
    'not',
    'instead of',
    'per',
    'for every',
    'minus',
    'mock',
    'imitation',
  ])('“%s” before a name is never passed over', (word) => {
    for (const text of [
      `2 kg ${word} plums`,
      `2 kg plums ${word} sugar`,
      `1 cup ${word} apple juice`,
    ]) {
      const line = readLine(text);
      // At the end of a line a thing that is not meant is left aside, and said to be.
      const isSaid =
        line.understood && textOf(line.assumed ?? '').includes(`“${word} sugar” is left aside`);
      expect([text, line.understood && !isSaid]).toEqual([text, false]);
    }
  });

  test('a line break makes it two lines, offered as such', () => {
    for (const breakMark of ['\n', '\r\n', '\u2028', '\u2029', '\u0085', '\v']) {
      expect(readLine(`1 kg plums${breakMark}500 g sugar`)).toMatchObject({
        understood: false,
        trouble: { kind: 'puzzling', offers: [['1 kg plums', '500 g sugar']] },
      });
    }
  });
});

describe('names', () => {
  /** Wordings that leave a name whole. */
  const WORDINGS: readonly ((name: string) => string)[] = [
    (name) => `1 kg ${name}`,
    (name) => `500 g ${name}, chopped`,
    (name) => `2 cups ${name}`,
    (name) => `1 lb of ${name}`,
    (name) => `about 300 g ${name} (washed)`,
    (name) => `${name}, 400 g`,
    (name) => `${name} 1kg`,
    (name) => `1 kg ripe ${name}`,
    (name) => `1 kg ${name} for the jam`,
    (name) => `2 x 400 g bags ${name}`,
    (name) => `1 kg ${name.toUpperCase()}`,
    (name) => `3 tbsp ${name}`,
    (name) => `1 kg (2.2 lb) ${name}`,
    (name) => `• 250g ${name}`,
    (name) => `1 kg Zorpish ${name}`,
  ];

  test('every name in fifteen wordings is read as its own row, or asked about', () => {
    const wrong: string[] = [];
    let read = 0;
    for (const { row, name } of ROW_NAMES) {
      for (const wording of WORDINGS) {
        const reading = readLine(wording(name));
        if (!isRead(reading)) continue;
        read += 1;
        // Cups of tea and of coffee are brewed.
        const isBrewed = /^(?:tea|coffee)$/.test(row.id) && reading.ingredient.id === 'infusion';
        if (reading.ingredient.id !== row.id && !isBrewed)
          wrong.push(`${wording(name)} → ${reading.ingredient.id}`);
      }
    }
    expect(wrong).toEqual([]);
    // Some lines must be asked about (a kind of salt, a cup of what is sold by weight); most are
    // read.
    expect(read / (ROW_NAMES.length * WORDINGS.length)).toBeGreaterThan(0.85);
  });

  test('no wording makes a more acid thing of a name', () => {
    for (const { row, name } of ROW_NAMES) {
      for (const wording of WORDINGS) {
        const reading = readLine(wording(name));
        if (isRead(reading))
          expect(acidRank(reading.ingredient)).toBeLessThanOrEqual(acidRank(row));
      }
    }
  });

  test('a misspelt name is read as that row, as a less acid one, or asked about', () => {
    const letter = fc.constantFrom(...'abcdefghijklmnopqrstuvwxyz');
    fc.assert(
      fc.property(
        fc.constantFrom(...ROW_NAMES.filter(({ name }) => /^[a-z]{5,}$/.test(name))),
        fc.nat(),
        letter,
        fc.constantFrom('swap', 'drop', 'change', 'add'),
        ({ row, name }, seed, other, how) => {
          const at = seed % (name.length - 1);
          const [head, tail] = [name.slice(0, at), name.slice(at)];
          const misspelt = {
            swap: `${head}${tail[1]}${tail[0]}${tail.slice(2)}`,
            drop: `${head}${tail.slice(1)}`,
            change: `${head}${other}${tail.slice(1)}`,
            add: `${head}${other}${tail}`,
          }[how];
          const reading = readLine(`2 kg ${misspelt}`);
          // `beets` with one letter changed may be `beers`, which is a name of its own.
          if (!isRead(reading) || reading.assumed === undefined) return;
          if (reading.ingredient.id !== row.id) {
            expect([misspelt, acidRank(reading.ingredient) <= acidRank(row)]).toEqual([
              misspelt,
              true,
            ]);
          }
        },
      ),
      { numRuns: runs(4000) },
    );
  });
});

describe('packs with a size', () => {
  test('`S pack X`, `1 (S) pack X` and `1 x S pack X` are one amount', () => {
    fc.assert(
      fc.property(
        fc.constantFrom(...CONTAINER_SIZES),
        fc.constantFrom(...PACKS.filter((pack) => !/^(flat|case|block|bar|tray)$/.test(pack))),
        fc.constantFrom('raspberries', 'powdered pectin', 'sugar', 'crushed pineapple', 'honey'),
        ({ size, grams }, pack, name) => {
          const texts = [
            `${size} ${pack} ${name}`,
            `1 (${size}) ${pack} ${name}`,
            `1 x ${size} ${pack} ${name}`,
            `one ${size} ${pack} of ${name}`,
            `1 ${pack} (${size}) ${name}`,
          ];
          for (const text of texts) {
            const reading = readLine(text);
            expect([
              text,
              isRead(reading) && Math.abs(reading.massG.typical / grams - 1) < 0.002,
            ]).toEqual([text, true]);
          }
        },
      ),
      { numRuns: runs(500) },
    );
  });
});

describe('hostile lines', () => {
  test.each(HOSTILE_LINES)('%s is read or puzzling', (_, text) => {
    const reading = readLine(text);
    if (isRead(reading)) expect(reading.massG.low).toBeGreaterThan(0);
    else expect(reading.trouble.message).not.toBe('');
  });

  test('no text at all throws, or is understood as less than nothing', () => {
    fc.assert(
      fc.property(
        fc.oneof(
          fc.string({ maxLength: 220 }),
          fc.string({ unit: 'grapheme', maxLength: 120 }),
          fc
            .array(
              fc.constantFrom(
                '1',
                '½',
                'cup',
                'or',
                '(',
                ')',
                ',',
                'plums',
                'juice',
                'of',
                'x',
                '-',
                '/',
                '400',
                'g',
                'tin',
                'plus',
                'white',
                '%',
                'and',
                'a',
                'half',
              ),
              { maxLength: 30 },
            )
            .map((words) => words.join(' ')),
        ),
        (text) => {
          const reading = readLine(text);
          if (isRead(reading)) {
            expect(reading.massG.low).toBeGreaterThan(0);
            expect(reading.massG.low).toBeLessThanOrEqual(reading.massG.typical);
            expect(reading.massG.typical).toBeLessThanOrEqual(reading.massG.high);
          } else expect(reading.trouble.message).not.toBe('');
        },
      ),
      { numRuns: runs(3000) },
    );
  });
});
