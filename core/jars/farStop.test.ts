import { request } from '../test/planned.ts';
import { farStopOf } from './farStop.ts';
import { jarPlanOf } from './jarPlan.ts';

const DAMSON = request({ lines: ['2 kg crushed damsons', '1.4 kg sugar'], altitudeM: 0 });
const at = (p50: number) => ({ p10: p50 - 3, p50, p90: p50 + 3 });

describe('a pot that left the heat far from its stop', () => {
  test('with nearly all of its water in, it pours', () => {
    expect(farStopOf(DAMSON, at(45))).toMatchObject({
      solublesPct: 45,
      targetPct: 65,
      set: 'pours',
    });
  });

  test.each([
    ['near its stop', at(62)],
    ['where its range holds the stop', { p10: 40, p50: 52, p90: 70 }],
    ['that was not followed', null],
  ])('but not %s', (_, solubles) => expect(farStopOf(DAMSON, solubles)).toBeNull());

  test('but not where a clock decides', () => {
    const box = request({
      lines: ['1 kg crushed raspberries', '1.2 kg sugar', '49 g powdered pectin'],
    });
    expect(farStopOf(box, at(30))).toBeNull();
  });

  test('has its jars judged as it is: more of them, and kept as what is so thin is', () => {
    const [whole, thin] = [jarPlanOf(DAMSON, [], 0), jarPlanOf(DAMSON, [], 0, at(45))];
    expect(whole?.farStop).toBeNull();
    expect(thin?.farStop?.solublesPct).toBe(45);
    expect(thin?.forecastMl.p50).toBeGreaterThan(1.2 * (whole?.forecastMl.p50 ?? NaN));
    // Three months in the fridge are for acid spreads of 60 % solids and more.
    expect(thin?.keeping.unopened.fridge).not.toEqual(whole?.keeping.unopened.fridge);
  });
});
