import { planInKitchen, BARE_KITCHEN } from '@idle-kettle/core';
import { isShort, placeOn, readingInWords, shown, valueAt } from '../drawings/stick.ts';
import { completionsOf } from './completions.ts';
import { readPasted } from './pasted.ts';

describe('completions', () => {
  test.each([
    ['2 kg dams', '2 kg damson'],
    ['7 cups crushed dam', '7 cups crushed damson'],
    ['1 box powd', '1 box powdered pectin'],
    ['juice of 2 lem', undefined],
    ['3 black', '3 blackberry'],
    ['¼ cup lemon ju', '¼ cup lemon juice'],
  ])('of “%s”', (line, first) => {
    if (first === undefined) expect(completionsOf(line)[0]).toMatch(/^juice of 2 lem/);
    else expect(completionsOf(line)).toContain(first);
  });

  test.each(['', '2', '2 kg', 'd', '2 kg zorpl', '-2 kg sugar'])('none of “%s”', (line) => {
    expect(completionsOf(line)).toEqual([]);
  });
});

describe('what is pasted', () => {
  test('a recipe as text or as JSON-LD', () => {
    expect(readPasted('Damson\n2 kg damsons\n1.4 kg sugar', 'us')).toMatchObject({
      ok: true,
      name: 'Damson',
      lines: ['2 kg damsons', '1.4 kg sugar'],
    });
    expect(
      readPasted('{"@type":"Recipe","name":"A","recipeIngredient":["1 kg plums"]}', 'us'),
    ).toMatchObject({ ok: true, name: 'A', lines: ['1 kg plums'] });
  });

  test('a broken file says where, and that nothing was taken', () => {
    const broken = readPasted('{"@type":"Recipe","recipeIngredient":[3]}', 'us');
    expect(broken).toMatchObject({ ok: false });
    expect(!broken.ok && broken.message).toContain('recipeIngredient[0]');
    expect(!broken.ok && broken.message).toContain('Nothing was imported');
  });
});

describe('a dipstick', () => {
  const acid = { foot: 5, top: 2.4 };

  test('reads the same both ways, and keeps to its ends', () => {
    for (const value of [2.4, 3.1, 5])
      expect(valueAt(acid, placeOn(acid, value))).toBeCloseTo(value, 9);
    expect([placeOn(acid, 9), placeOn(acid, 1)]).toEqual([0, 1]);
  });

  test('says its value, its range and its window', () => {
    const outcome = planInKitchen(
      { lines: ['2 kg crushed blackberries', '1.4 kg sugar'], settings: {} },
      BARE_KITCHEN,
      200,
    );
    const gauges = outcome.ok ? (outcome.plan.gauges ?? []) : [];
    expect(gauges.map((gauge) => shown(gauge, gauge.value.p50))).toHaveLength(4);
    for (const gauge of gauges) {
      expect(readingInWords(gauge, false)).toContain(`range of ${gauge.window.low}`);
    }
  });

  test.each([
    [['1 kg ripe peaches', '1 kg sugar'], 'acid'],
    [['6 egg yolks', '250 mL lemon juice', '200 g sugar'], 'pectin'],
    [['2 kg crushed damsons', '1.4 kg sugar'], undefined],
  ])('of the side that is short in %j is %s', (lines, side) => {
    const outcome = planInKitchen({ lines, settings: {} }, BARE_KITCHEN, 0);
    const { gauges = [], set } = outcome.ok ? outcome.plan : {};
    const short = gauges.filter((gauge) => isShort(gauge, set));
    expect(short.map(({ id }) => id)).toEqual(side === undefined ? [] : [side]);
    for (const gauge of short)
      expect(readingInWords(gauge, true)).toContain('; this is what’s short');
  });
});
