import { say } from '@idle-kettle/words';

import {
  jarProgressOf,
  jarPlanOf,
  effectiveEvents,
  type JarPlan,
  BARE_KITCHEN,
  requestInKitchen,
} from '@idle-kettle/core';
import { JarLog } from '../../core/test/jarLog.ts';
import { pt, sizeThatFits } from './fitting.ts';
import { LABEL_DESIGNS, laidOut, SMALL_PT, smallestType, type Label } from './labelLayout.ts';
import { labelTextOf, netInWords, type LabelledPlace } from './labelText.ts';
import { LABEL_SHEETS, placesOn } from './sheets.ts';
import { entryOf, JUDGED } from './showEntry.ts';

const PAGE_MM = { A4: [210, 297], LETTER: [215.9, 279.4] } as const;

function sheetOf(
  lines: readonly string[],
  settings: Parameters<typeof requestInKitchen>[0]['settings'] = {},
): JarPlan {
  const request = requestInKitchen(
    { lines: [...lines], settings },
    { ...BARE_KITCHEN, altitudeM: 1250 },
  );
  const jarPlan = jarPlanOf(request, [], 0);
  if (jarPlan === null) throw new Error('no sheet');
  return jarPlan;
}

const COOK = {
  id: 'c0ffee00-1111',
  name: 'Plum',
  number: null,
  batchId: 'ba7c4000-2222',
  startedAt: '2026-09-05T10:00:00Z',
  formula: { lines: ['2 kg plums', '1.4 kg sugar'], settings: {} },
};
const MADE = Date.parse('2026-09-05T12:00:00Z');
const text = (jarPlan: JarPlan, place: LabelledPlace = 'pantry') =>
  labelTextOf(COOK, jarPlan, place, MADE, 'https://kettle.example');

describe('sheets of labels', () => {
  test.each(LABEL_SHEETS.map((sheet) => [sheet.name, sheet] as const))(
    '%s stand within the paper and not on one another',
    (_, sheet) => {
      const [wide, high] = PAGE_MM[sheet.page];
      const places = placesOn(sheet);
      expect(places).toHaveLength(sheet.rows * sheet.columns);
      for (const { x, y } of places) {
        expect(x).toBeGreaterThanOrEqual(0);
        expect(x + sheet.wideMm).toBeLessThanOrEqual(wide + 0.01);
        expect(y + sheet.highMm).toBeLessThanOrEqual(high + 0.01);
      }
      expect(Math.min(sheet.acrossMm, sheet.downMm)).toBeGreaterThanOrEqual(0);
      expect(say(sheet.name)).toContain(String(sheet.rows * sheet.columns));
    },
  );

  test('type gets smaller the more there is to say, and never too small to read on what is sold', () => {
    const words = (count: number) => 'elderberry '.repeat(count);
    const sizes = [1, 5, 20, 60].map((count) => sizeThatFits([words(count)], 80, 30, 12));
    expect(sizes).toEqual([...sizes].sort((a, b) => b - a));
    expect(sizes[0]).toBe(12);
    expect(sizes[3]).toBeGreaterThan(4);
  });
});

describe('what stands on a label', () => {
  const plum = { text: text(sheetOf(['2 kg plums', '1.4 kg sugar'])), net: 'Net 303 g' };
  const long = {
    ...plum,
    text: {
      ...plum.text,
      name: 'Damson, quince and crab apple from the long hedge by the mill',
      ingredients: `Ingredients: ${'elderberry, '.repeat(14)}sugar.`,
      allergens: 'Contains milk, nuts. May contain sulphite.',
    },
  };

  /** The same with all that a cook may write on it. */
  const given = (label: Label): Label => ({
    ...label,
    text: {
      ...label.text,
      line: 'From the tree by the gate, the summer that it rained',
      to: 'To Nell and the children',
      from: 'From Ada and Tom at the old bakery',
      processed: 'Processed 15 minutes in a boiling-water canner',
    },
  });

  const drawn = LABEL_SHEETS.flatMap((sheet) =>
    LABEL_DESIGNS.map((design) => [sheet.id, design, sheet] as const),
  );
  test.each(drawn)(
    'of %s as %s is within it, clear of its code and its drawing, and of a plain batch large enough to read',
    (_, design, sheet) => {
      for (const label of [plum, long, given(plum), given(long)]) {
        const { words, code, drawing, lines } = laidOut(sheet, design, label);
        for (const square of drawing === null ? [] : [drawing]) {
          expect(square.x + square.mm).toBeLessThanOrEqual(sheet.wideMm - 1.5);
          expect(square.y + square.mm <= code.y + 0.01 || square.x + square.mm <= code.x).toBe(
            true,
          );
        }
        for (const { x, wide } of lines) expect(x + wide).toBeLessThanOrEqual(sheet.wideMm - 3);
        expect(code.mm).toBeGreaterThanOrEqual(14);
        expect(code.x + code.mm).toBeLessThanOrEqual(sheet.wideMm - 1.5);
        expect(code.y + code.mm).toBeLessThanOrEqual(sheet.highMm - 1.5);
        for (const { x, y, wide, size, paragraphs } of words) {
          const high = paragraphs.reduce(
            (sum, each) => sum + Math.ceil((each.length * 0.49 * size) / pt(wide)) * 1.17 * size,
            0,
          );
          const [right, bottom] = [x + wide, y + high / pt(1)];
          expect(right).toBeLessThanOrEqual(sheet.wideMm - 1.5);
          expect(bottom).toBeLessThanOrEqual(sheet.highMm - 1);
          expect(right <= code.x || bottom <= code.y).toBe(true);
          if (drawing !== null)
            expect(
              right <= drawing.x ||
                x >= drawing.x + drawing.mm ||
                y >= drawing.y + drawing.mm ||
                bottom <= drawing.y + drawing.mm * 0.1,
            ).toBe(true);
        }
      }
      expect(smallestType(sheet, design, plum)).toBeGreaterThanOrEqual(SMALL_PT);
      expect(smallestType(sheet, design, long)).toBeLessThanOrEqual(
        smallestType(sheet, design, plum),
      );
    },
  );
});

describe('a label', () => {
  test('says what, when, until when, ingredients by falling weight, fruit and sugars, and where the batch is', () => {
    expect(text(sheetOf(['2 kg plums', '1.4 kg sugar', '30 g butter']))).toMatchObject({
      name: 'Plum',
      what: 'Plum jam',
      made: 'Made 5 Sep 2026',
      ingredients: 'Ingredients: plum, sugar, butter.',
      allergens: 'Contains milk.',
      batch: 'Batch ba7c4000',
      address: 'https://kettle.example/batches/ba7c4000-2222',
      stated: null,
    });
    expect(text(sheetOf(['2 kg plums', '1.4 kg sugar']))).toMatchObject({
      before: 'Best before Sep 2027',
      allergens: null,
    });
    expect(text(sheetOf(['2 kg plums', '1.4 kg sugar'])).statement).toMatch(
      /^Prepared with \d+ g of fruit per 100 g\. Total sugar \d+ g per 100 g\.$/,
    );
  });

  test.each<[LabelledPlace, string, RegExp]>([
    ['pantry', 'Best before Sep 2027', /cool and dark/],
    ['fridge', 'Eat by 5 Dec 2026', /refrigerated/],
    ['freezer', 'Best before Sep 2027', /Keep frozen/],
    ['unfinished', 'Not processed yet', /Process it/],
    ['unchecked', 'Seal not checked yet', /Press the lid/],
  ])('of a jar that is %s says %s', (place, before, keep) => {
    const found = text(sheetOf(['2 kg plums', '1.4 kg sugar']), place);
    expect(found.before).toBe(before);
    expect(found.keep).toMatch(keep);
  });

  test('of what is not acid keeps three weeks in the fridge', () => {
    expect(text(sheetOf(['2 kg diced melon', '1 kg sugar']), 'fridge').before).toBe(
      'Eat by 26 Sep 2026',
    );
  });

  test('names its jar by the number of its cook, and leads to it', () => {
    const of = (size: number, number: number) =>
      labelTextOf(
        { ...COOK, number: 14 },
        sheetOf(['2 kg plums', '1.4 kg sugar']),
        'pantry',
        MADE,
        'https://kettle.example',
        undefined,
        null,
        { size, number },
      );
    expect(of(1, 3)).toMatchObject({ batch: 'Jar 14-3', address: 'https://kettle.example/j/14-3' });
    expect(of(2, 1).address).toBe('https://kettle.example/j/14-b1');
  });

  test('draws the fruit that there is most of, and calls it what it is', () => {
    const formula = {
      lines: ['5 lb apples', '1 lb raspberries', '3 cups sugar'],
      settings: { product: 'butter' },
    } as const;
    const found = labelTextOf(
      { ...COOK, formula },
      sheetOf(formula.lines, formula.settings),
      'pantry',
      MADE,
      'https://kettle.example',
    );
    expect(found).toMatchObject({ what: 'Apple and raspberry butter', shape: 'round' });
  });

  test('bears the cook’s own statement for ever', () => {
    const meter = sheetOf(['2 kg plums', '1.4 kg sugar'], { assurance: { meterPH: 3.4 } });
    expect(text(meter).stated).toBe('Stated by the cook: a meter read pH 3.4.');
    const named = sheetOf(['2 kg plums', '1.4 kg sugar'], {
      assurance: { testedFormula: 'County bulletin plum jam', source: 'the county', minutes: 10 },
    });
    expect(text(named).stated).toContain('County bulletin plum jam');
  });

  /** A half-pint of jam of 65 % solids weighs some 300 to 320 g; common practice. */
  test('says what the jar holds', () => {
    const jam = sheetOf(['2 kg plums', '1.4 kg sugar']);
    const grams = Number(/\d+/.exec(netInWords(jam, 237, 'metric'))?.[0]);
    expect(grams).toBeGreaterThan(285);
    expect(grams).toBeLessThan(330);
    expect(netInWords(jam, 237, 'us')).toMatch(/^Net 1[01]\.?\d? oz \(\d{3} g\)$/);
  });
});

describe('an entry card', () => {
  const rows = (log: JarLog) => {
    const jarPlan = sheetOf(['2 kg plums', '1.4 kg sugar']);
    return Object.fromEntries(
      entryOf(COOK, jarPlan, jarProgressOf(jarPlan, effectiveEvents(log.entries))),
    );
  };

  test('says what shows ask: product, process, minutes, altitude, headspace, date', () => {
    expect(rows(new JarLog().closed(0, '1.1-3').processed(1, 1, '1.1-3', 10, 30))).toMatchObject({
      Product: 'Plum jam',
      Processing: 'boiling-water canner',
      Minutes: '20',
      Altitude: '1,250 m (4,101 ft)',
      Headspace: '6 mm (¼ in)',
      Jars: 'clean and hot',
    });
  });

  test('claims no process that was cut short', () => {
    expect(rows(new JarLog().closed(0, '1.1-3').processed(1, 1, '1.1-3', 10, 3))).toMatchObject({
      Processing: 'none: for the fridge',
      Minutes: 'none',
    });
    expect(new Set(JUDGED.map(({ id }) => id)).size).toBe(JUDGED.length);
  });
});
