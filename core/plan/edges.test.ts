import { codes, planned, request } from '../test/planned.ts';
import { readLine } from '../parser/index.ts';
import { pretreatedOf } from '../evaluate/index.ts';

/** Common practice, unless said otherwise. */
describe('what is not pectin makes a body too', () => {
  test('the commonest home curd sets softly, whole lemons or squeezed', () => {
    const rest = ['4 eggs', '450 g sugar', '110 g butter'];
    for (const lemons of ['4 lemons', 'juice of 4 lemons', 'zest and juice of 4 lemons'])
      expect(planned({ product: 'curd', lines: [lemons, ...rest] }).set?.forecast).toBe('soft');
    const thin = planned({ product: 'curd', lines: ['4 lemons', '2 eggs', '450 g sugar'] });
    expect(thin.set?.short).toBe('egg');
  });

  test.each([
    [['1 kg figs', '800 g sugar', '60 mL lemon juice']],
    [['1 kg chopped papaya', '700 g sugar', '60 mL lemon juice']],
    [['1 kg mango pulp', '700 g sugar', '30 mL lemon juice']],
  ])('%s stands by its pulp', (lines) => {
    expect(['soft', 'firm']).toContain(planned({ lines }).set?.forecast);
  });

  test('pulp without the sugar of a jam does not', () => {
    const thin = planned({ lines: ['1 kg figs', '300 g sugar', '1 pouch liquid pectin'] });
    expect(['pours', 'loose']).toContain(thin.set?.forecast);
  });
});

describe('juice through a cloth', () => {
  const juiceMl = (line: string, waterMl: number): number => {
    const made = pretreatedOf(
      request({
        product: 'jelly',
        lines: ['1 kg sugar'],
        before: {
          kind: 'extract',
          lines: [line],
          waterG: waterMl,
          hours: null,
          obtainedG: null,
          obtainedMl: null,
          brix: null,
          clot: null,
        },
      }),
    );
    return (made?.obtained.massG.typical ?? 0) / 1.045;
  };

  // Extension pages, from memory.
  test.each([
    ['3.5 lb Concord grapes', 237, 5],
    ['5 lb redcurrants', 237, 6.5],
    ['3 lb sour cherries', 118, 3.5],
    ['4 lb blackberries', 118, 4],
  ])('%s give about as many cups as they are known to', (line, waterMl, cups) => {
    expect(Math.abs(juiceMl(line, waterMl) / 237 / cups - 1)).toBeLessThan(0.08);
  });
});

describe('how fruit is cut, and how ripe it is', () => {
  const grams = (line: string): number => {
    const read = readLine(line);
    return read.understood ? read.massG.typical : NaN;
  };

  test('finely chopped fruit weighs near crushed, and vegetables as chopped', () => {
    const [chopped, fine, crushed] = ['chopped', 'finely chopped', 'crushed'].map((how) =>
      grams(`4 cups ${how} strawberries`),
    ) as [number, number, number];
    expect(crushed - fine).toBeLessThan(fine - chopped);
    expect(grams('4 cups finely chopped bell peppers')).toBe(grams('4 cups chopped bell peppers'));
  });

  test.each([
    ['1 kg green mangoes', 'mango', 0.3],
    ['1 kg very green gooseberries', 'gooseberry', 0.1],
    ['1 kg quite green strawberries', 'strawberry', 0.3],
  ])('%s are unripe', (line, id, most) => {
    const read = readLine(line);
    expect(read).toMatchObject({ understood: true, ingredient: { id } });
    expect(read.understood && (read.ripeness ?? 1)).toBeLessThan(most);
  });

  test('green of what is green when it is ripe is a colour', () => {
    for (const line of ['1 kg green grapes', '1 kg green apples', '2 green peppers'])
      expect(readLine(line)).not.toHaveProperty('ripeness');
    expect(readLine('1 kg amla')).toMatchObject({ ingredient: { id: 'amla' } });
    expect(readLine('1 kg Indian gooseberries')).toMatchObject({ ingredient: { id: 'amla' } });
  });
});

describe('a kitchen', () => {
  test('is told when so small a batch boils too far', () => {
    const lines = ['250 g strawberries', '350 g sugar', '15 g powdered pectin'];
    const small = { heat: 'large-burner' as const, pot: { diameterCm: 20, heightCm: 10 } };
    expect(codes(planned({ lines, ...small, boilMin: 4 }))).toContain('boils-too-far');
    const much = lines.map((line) => line.replace(/^\d+/, (n) => String(6 * Number(n))));
    expect(codes(planned({ lines: much, ...small, boilMin: 1 }))).not.toContain('boils-too-far');
  });

  test('knows how long its canner heats: longer with more water, sooner on more heat', () => {
    const lines = ['1 kg raspberries', '800 g sugar'];
    const canner = (change: object) => planned({ lines, draws: 0, ...change }).canner;
    const usual = canner({});
    expect(usual?.ready.p50).toBeGreaterThan(15);
    expect(usual?.ready.p50).toBeLessThan(60);
    expect(canner({ cannerHolds: 14 })?.ready.p50).toBeGreaterThan(usual?.ready.p50 ?? NaN);
    expect(canner({ heat: 'large-burner' })?.ready.p50).toBeLessThan(usual?.ready.p50 ?? NaN);
    expect(canner({ canner: 'none' })).toBeUndefined();
    const act = planned({ lines }).acts.find(({ id }) => id === 'heat-canner');
    expect(act?.minutes?.p50).toBeGreaterThan(3);
  });
});

describe('the four dipsticks', () => {
  test('a pepper jelly is not short of fruit', () => {
    const jelly = planned({
      product: 'pepper-jelly',
      lines: [
        '¾ lb jalapeño peppers',
        '2 cups cider vinegar',
        '6 cups sugar',
        '2 pouches liquid pectin',
      ],
    });
    expect(jelly.gauges?.find(({ id }) => id === 'fruit')).toMatchObject({
      side: 'peppers',
      reading: 'within',
    });
    for (const { reading } of jelly.gauges ?? []) expect(reading).toBe('within');
  });
});
