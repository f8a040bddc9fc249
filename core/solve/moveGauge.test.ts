import { planned, request } from '../test/planned.ts';
import type { GaugeId } from '../plan/index.ts';
import type { PlanRequest } from '../evaluate/index.ts';
import { compareMethods } from './compareMethods.ts';
import { sweepSugar, withSugarShare } from './lessSugar.ts';
import { moveGauge } from './moveGauge.ts';

const JAM = ['2 kg crushed blackberries', '1.4 kg sugar'];
const WITH_BOX = ['5 cups crushed strawberries', '7 cups sugar', '1 box powdered pectin'];

const gaugeOf = (of: Partial<PlanRequest>, id: GaugeId) =>
  planned({ ...of, draws: 0 }).gauges?.find((gauge) => gauge.id === id);

describe('gauges', () => {
  test('stand where the plan stands, inside or outside the window of the method', () => {
    const plan = planned({ lines: JAM });
    const gauges = Object.fromEntries((plan.gauges ?? []).map((gauge) => [gauge.id, gauge]));
    expect(gauges['sugar']?.value.p50).toBeCloseTo(65, 0);
    expect(gauges['acid']?.value).toEqual(plan.finish?.pH);
    expect(gauges['pectin']?.value).toEqual(plan.set?.ratio);
    expect(gauges['fruit']?.value.p50).toBeCloseTo(plan.finish?.fruitPer100g ?? NaN, 0);
    expect(gauges['pectin']?.reading).toBe('within');
    expect(gauges['sugar']?.reading).toBe('within');
  });

  test.each<[string, Partial<PlanRequest>]>([
    ['jam', { lines: JAM }],
    ['butter', { product: 'butter', lines: ['2 kg chopped apples', '300 g sugar'] }],
    ['curd', { product: 'curd', lines: ['1 cup bottled lemon juice', '4 eggs', '2 cups sugar'] }],
    ['low-methoxyl', { lines: ['1 kg plums', '200 g sugar', '40 g low-sugar pectin'] }],
  ])('of a %s have their value and window on the stick', (_, change) => {
    for (const { value, window, foot, top } of planned(change).gauges ?? []) {
      const place = (x: number) => (x - foot) / (top - foot);
      expect(place(window.low) === place(window.high)).toBe(false);
      for (const x of [window.low, window.high]) {
        expect(place(x)).toBeGreaterThanOrEqual(0);
        expect(place(x)).toBeLessThanOrEqual(1);
      }
      expect(Number.isFinite(place(value.p50))).toBe(true);
    }
  });
});

describe('a gauge turned', () => {
  test.each<[GaugeId, string, Partial<PlanRequest>, number]>([
    ['sugar', 'by the stop', { lines: JAM }, 62],
    ['sugar', 'by the sugar, where the clock decides', { lines: WITH_BOX }, 60],
    ['acid', 'by lemon juice', { lines: JAM }, 3.2],
    ['pectin', 'by powder', { lines: JAM }, 1.7],
    ['pectin', 'by the pack there is', { lines: WITH_BOX }, 1.1],
    [
      'pectin',
      'by how far it is reduced',
      { product: 'butter', lines: ['2 kg chopped apples', '300 g sugar'] },
      1.3,
    ],
    [
      'pectin',
      'by eggs',
      { product: 'curd', lines: ['1 cup bottled lemon juice', '4 eggs', '2 cups sugar'] },
      1.1,
    ],
    ['fruit', 'by the fruit', { lines: WITH_BOX }, 60],
  ])('%s %s', (id, _, change, value) => {
    const turned = moveGauge(request(change), id, value);
    expect(turned).not.toBeNull();
    const found = gaugeOf(turned ?? change, id)?.value.p50 ?? NaN;
    expect(Math.abs(found / value - 1)).toBeLessThan(0.015);
  });

  test('goes as far as it can, and no further', () => {
    // Blackberries have pectin of their own: no less than that.
    const turned = moveGauge(
      request({ lines: ['1 kg gooseberries', '1 kg sugar'] }),
      'pectin',
      0.1,
    );
    expect(turned?.lines).toEqual(['1 kg gooseberries', '1 kg sugar']);
  });

  test('is nothing without a batch', () => {
    expect(moveGauge(request({ lines: ['3 blobs of zorp'] }), 'sugar', 60)).toBeNull();
  });
});

describe('methods side by side', () => {
  const trials = compareMethods(request({ lines: JAM, draws: 300 }));

  test('are every method of the product, on the same fruit', () => {
    expect(trials.map(({ method }) => method)).toEqual([
      'long-boil', 'powdered-pectin', 'liquid-pectin', 'low-methoxyl',
      'gelling-sugar', 'gelling-sugar', 'gelling-sugar',
    ]); // prettier-ignore
    expect(trials.slice(-3).map(({ gellingRatio, plan }) => [gellingRatio, plan.lines.at(-1)?.massG])).toEqual([[1, 2000], [2, 1000], [3, 670]]); // prettier-ignore
    for (const { plan } of trials) {
      expect(plan.lines.find(({ ingredient }) => ingredient === 'blackberry')?.massG).toBe(2000);
    }
  });

  test('the own one as it is written, the others as they set', () => {
    expect(trials[0]?.request.lines).toEqual(JAM);
    for (const { plan } of trials.slice(1)) expect(['soft', 'firm']).toContain(plan.set?.forecast);
  });

  test('the low-methoxyl one takes least sugar, the long boil longest', () => {
    const sugar = trials
      .slice(0, 4)
      .map(({ plan }) => plan.lines.find(({ ingredient }) => ingredient === 'sugar')?.massG ?? 0);
    expect(Math.min(...sugar)).toBe(sugar[3]);
    const minutes = trials.map(({ plan }) => plan.minutes?.p50 ?? 0);
    expect(Math.max(...minutes)).toBe(minutes[0]);
  });
});

describe('what if there were less sugar', () => {
  const sweep = sweepSugar(request({ lines: WITH_BOX }));

  test('a jam with regular powder fails below a share of it, and holds above', () => {
    const fails = sweep?.failsBelow ?? NaN;
    expect(fails).toBeGreaterThan(0.5);
    expect(fails).toBeLessThan(1);
    const set = (share: number) =>
      planned({ ...withSugarShare(request({ lines: WITH_BOX }), share), draws: 0 }).set?.forecast;
    expect(['pours', 'loose']).toContain(set(fails - 0.03));
    expect(['soft', 'firm']).toContain(set(fails + 0.03));
  });

  test('a long boil with a tenth of its sugar is a burnt paste, and no firm jam', () => {
    const boiled = sweepSugar(request({ lines: ['1 kg crushed damsons', '700 g sugar'] }));
    expect(boiled?.trials[0]).toMatchObject({ share: 0.1, set: 'pours' });
    expect(boiled?.failsBelow).toBeGreaterThan(0.15);
    expect(boiled?.failsBelow).toBeLessThan(0.5);
  });

  test('more of it makes more', () => {
    const volumes = sweep?.trials.map(({ volumeMl }) => volumeMl) ?? [];
    expect(volumes).toEqual([...volumes].sort((a, b) => a - b));
  });

  test('with low-methoxyl pectin nothing fails', () => {
    const lines = ['1 kg plums', '200 g sugar', '40 g low-sugar pectin'];
    expect(sweepSugar(request({ lines }))?.failsBelow).toBeNull();
  });

  test('without sugar there is nothing to ask', () => {
    expect(sweepSugar(request({ lines: ['1 kg plums'] }))).toBeNull();
  });
});
