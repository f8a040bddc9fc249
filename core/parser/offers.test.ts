import { inWords } from '@idle-kettle/words';
import { findIngredient } from '../ingredients/index.ts';
import { teachingFault } from './teaching.ts';
import { readLine } from './readLine.ts';
import { trouble } from '../test/readings.ts';

describe('what may be meant instead', () => {
  test.each([
    ['2 kg plums, 1 kg pumpkin', [['2 kg plums', '1 kg pumpkin']]],
    ['500 g raspberries and 500 g blackberries', [['500 g raspberries', '500 g blackberries']]],
    ['2 kg currants', [['2 kg redcurrants'], ['2 kg blackcurrants'], ['2 kg dried currants']]],
    ['1 cup sugar or honey', [['1 cup sugar'], ['1 cup honey']]],
    ['10 t sugar', [['10 tsp sugar']]],
    ['2 400 g sugar', [['2 x 400 g sugar'], ['2400 g sugar']]],
    ['1.500 g salt', [['1500 g salt'], ['1.5 g salt']]],
    ['2 kg plums, zorped', [['2 kg plums']]],
    ['2 kg plums (the zorped ones from mum)', [['2 kg plums']]],
    // A bracket that says more is not left out with its strange word.
    ['2 kg plums (zorped, peeled)', []],
    ['2 kg plums (zorped, not ripe)', []],
    ['2 kg plums (500 g zorped)', []],
    // Of two things that are not as acid as each other, the less acid alone.
    ['2 kg peaches or white peaches', [['2 kg white peaches']]],
    ['2 kg pumpkin or plums', [['2 kg pumpkin']]],
    // Words that name food, or turn the line about, are not left out.
    ['2 kg plum jam', []],
    ['2 kg mock apples', []],
    ['2 kg plums without sugar', []],
    ['12 oz frozen pear juice concentrate', []],
    ['1 litre mango nectar', []],
    ['1 kg quince paste', []],
    ['1 cup apple cider vinegar juice', []],
    ['2 kg plums, half of them stoned', []],
  ])('“%s”', (text, offers) => {
    const found = trouble(text);
    expect(found.offers).toEqual(offers);
    for (const line of offers.flat()) expect(readLine(line).understood).toBe(true);
  });

  test('the words that stand in the way are quoted as they are written', () => {
    expect(trouble('2 kg PLUMS, zorPed').words).toEqual(['zorPed']);
    expect(trouble('1 lb sugar PER pint').words).toEqual(['PER', 'pint']);
  });
});

describe('names that a kitchen was taught', () => {
  const names = [{ name: 'Old Codlin', ingredient: 'apple' }];

  test('are read as what they are taken for, and said to be', () => {
    expect(trouble('2 kg Old Codlin, peeled and cored')).toMatchObject({
      unknownName: 'Old Codlin',
    });
    expect(inWords(readLine('2 kg old codlins, peeled and cored', { names }))).toMatchObject({
      understood: true,
      ingredient: { id: 'apple' },
      massG: { typical: 1720 },
      assumed: expect.stringContaining('“Old Codlin” is apple in this kitchen.') as string,
    });
  });

  test('never hide a name of the ingredient table, or of something else', () => {
    const sly = [
      { name: 'pumpkin', ingredient: 'apple' },
      { name: 'custard apple', ingredient: 'apple' },
      { name: 'bean', ingredient: 'plum' },
    ];
    expect(readLine('2 kg pumpkin', { names: sly })).toMatchObject({
      ingredient: { id: 'pumpkin' },
    });
    for (const text of ['2 kg custard apples', '2 kg beans']) {
      expect(readLine(text, { names: sly }).understood).toBe(false);
    }
  });

  test.each([
    ['Old Codlin', null],
    ['pumpkins', '“pumpkins” is already pumpkin.'],
    ['custard apple', '“custard apple” is the name of something else.'],
    ['runner beans', '“runner beans” is the name of something else.'],
    ['grannys beans', '“grannys beans” contains the name of something else.'],
    ['x', 'Give a name of at least three letters.'],
  ])('“%s” may be taught: %s', (name, fault) => {
    expect(inWords(teachingFault(name))).toBe(fault);
  });

  test.each([
    ['pumpkin pippin', 'apple'],
    ['Old Punpkin', 'apple'],
    ['pump kin apple', 'apple'],
    ['pumpk1n', 'apple'],
    ['рumpkin', 'apple'],
    ['grandma’s tomatos', 'plum'],
    ['garlic plum', 'plum'],
    ['butter pear', 'pear'],
    ['crab meat', 'apple'],
  ])('“%s” may not be taught as %s, for it holds another food', (name, id) => {
    expect(teachingFault(name, findIngredient(id))).not.toBeNull();
    // Nor is one that was taught before it was looked at so.
    const line = readLine(`2 kg ${name}`, { names: [{ name, ingredient: id }] });
    expect(line.understood && line.ingredient.id === id).toBe(false);
  });

  test.each([
    ['Old Codlin', 'apple'],
    ['Beauty of the lane', 'apple'],
    ['Aunt May’s blue', 'plum'],
    ['hedge brambles', 'blackberry'],
    ['cherry plum of ours', 'plum'],
    ['pepper of the terrace', 'chilli'],
  ])('“%s” may be taught as %s', (name, id) => {
    expect(inWords(teachingFault(name, findIngredient(id)))).toBeNull();
  });
});

describe('an offer keeps what the line says', () => {
  const AMOUNTS = [
    '1.5 kg',
    '1,5 kg',
    '1½ kg',
    '1 1/2 kg',
    '1-1/2 kg',
    '.75 kg',
    '2¼ lb',
    '2 x 400 g',
    '1 to 2 kg',
  ];
  const TAILS = [
    'plums, zorped',
    'plums (zorped)',
    'zorped plums',
    'plums zorp',
    'plums (the zorp ones)',
    'raspberries, zorp and glib',
  ];

  test.each(AMOUNTS)('%s stays %s', (amount) => {
    const plain = readLine(`${amount} plums`);
    if (!plain.understood) throw new Error(`${amount} is not understood`);
    for (const tail of TAILS) {
      const line = readLine(`${amount} ${tail}`);
      if (line.understood) continue;
      for (const lines of line.trouble.offers ?? []) {
        const grams = lines
          .map((text) => readLine(text))
          .reduce((sum, read) => sum + (read.understood ? read.massG.typical : NaN), 0);
        expect([lines, grams]).toEqual([lines, plain.massG.typical]);
      }
    }
  });

  test.each(['not', 'no', 'without', 'mock', 'half the', 'instead of the'])(
    '“%s” is in whatever is offered, or nothing is',
    (word) => {
      for (const text of [
        `2 kg plums ${word} zorp`,
        `2 kg ${word} zorp plums`,
        `2 kg plums, ${word} zorped`,
      ]) {
        const line = readLine(text);
        const offers = line.understood ? [] : (line.trouble.offers ?? []);
        for (const lines of offers) expect(lines.join(' ')).toContain(word);
      }
    },
  );

  test.each(['juice of 3 lemons, zorped', '3 lemons, juice only (zorp)', 'zest of 2 oranges zorp'])(
    'the part of “%s” is in whatever is offered',
    (text) => {
      const line = readLine(text);
      const offers = line.understood ? [] : (line.trouble.offers ?? []);
      for (const lines of offers) expect(lines.join(' ')).toMatch(/juice|zest/);
    },
  );
});
