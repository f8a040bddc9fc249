import { minutesOfAct, USUAL_HANDS } from './index.ts';

const act = (id: 'weigh' | 'fill' | 'light' | 'boil-down', minutes: number | null = null) =>
  ({
    id,
    minutes: minutes === null ? null : { p10: minutes, p50: minutes, p90: minutes },
  }) as Parameters<typeof minutesOfAct>[0];

test('an act that a clock or the pot decides takes its own time', () => {
  expect(minutesOfAct(act('boil-down', 20), { fruitKg: 3, jars: 8, size: 1 }).p50).toBe(20);
});

test('more fruit and more jars take longer, more hands less', () => {
  const work = { fruitKg: 2, jars: 8, size: 1 };
  for (const id of ['weigh', 'fill'] as const) {
    const one = minutesOfAct(act(id), work);
    expect(one.p10).toBeLessThan(one.p50);
    expect(one.p50).toBeLessThan(one.p90);
    expect(minutesOfAct(act(id), { ...work, fruitKg: 4, jars: 16 }).p50).toBeGreaterThan(one.p50);
    expect(minutesOfAct(act(id), { ...work, size: 3 }).p50).toBeLessThan(one.p50);
  }
});

test('what a kitchen taught counts for what it taught, and for nothing else', () => {
  const work = { fruitKg: 3, jars: 10, size: 1 };
  const taught = { perKg: 2 * USUAL_HANDS.perKg, perJar: null };
  const usual = minutesOfAct(act('weigh'), work).p50;
  const slower = minutesOfAct(act('weigh'), { ...work, taught }).p50;
  expect(slower - usual).toBeCloseTo(3 * USUAL_HANDS.perKg, 9);
  expect(minutesOfAct(act('fill'), { ...work, taught })).toEqual(minutesOfAct(act('fill'), work));
  expect(minutesOfAct(act('light'), { ...work, taught: { perKg: 60, perJar: 20 } })).toEqual(
    minutesOfAct(act('light'), work),
  );
});
