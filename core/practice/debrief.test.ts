import { inWords } from '@idle-kettle/words';
import { cookPlanOf, type Entry } from '../stove/index.ts';
import { request } from '../test/planned.ts';
import {
  debriefOf,
  obedientCook,
  dropsAt,
  spoiledBy,
  toldRequest,
  trueSheet,
  truthAt,
  type Debrief,
  type Practice,
} from './index.ts';
import { DAMSON, MIN, practice, sure, at } from '../test/practised.ts';

describe('the debrief', () => {
  const cookWith = (change: Partial<Practice>) => {
    const of = practice(change);
    const real = sure(trueSheet(DAMSON, of));
    return { of, real, events: obedientCook(real, of, 0) };
  };

  test('an obedient cook that reads water and stirs has a full score', () => {
    const { of, real, events } = cookWith({ fault: 'none' });
    const more = [
      { kind: 'water-boils', when: -MIN },
      ...Array.from({ length: 8 }, (_, i) => ({ kind: 'stirred', when: (14 + 4 * i) * MIN })),
    ].map(({ kind, when }, index): Entry => ({
      source: 'hand',
      seq: index + 1,
      at: when,
      kind: kind as Entry['kind'],
      value: kind === 'water-boils' ? 94.9 : null,
      text: null,
    }));
    const debrief = inWords(debriefOf(real, of, [...events, ...more], at(events, 'ready')));
    expect(debrief.missed).toEqual([]);
    expect(debrief.score).toBeGreaterThanOrEqual(98);
    const lazy = inWords(debriefOf(real, of, events, at(events, 'ready')));
    expect(lazy.missed).toHaveLength(2);
    expect(lazy.score).toBeLessThan(debrief.score);
  });

  test('is written from the log: what was not done is not praised', () => {
    const { of, real, events } = cookWith({ fault: 'none' });
    const nothing = inWords(debriefOf(real, of, [], 10 * MIN));
    expect(nothing.missed.join(' ')).toContain('You never lit the burner');
    expect(nothing.score).toBe(0);
    expect(nothing.told).toEqual([]);
    const unstirred = inWords(debriefOf(real, of, events, at(events, 'ready')));
    expect(unstirred.told.join(' ')).not.toContain('stirred');
  });

  test('a curd taken off long before its stop did not get there', () => {
    const CURD = request({
      product: 'curd',
      lines: ['4 eggs', '200 g sugar', '120 mL bottled lemon juice', '100 g butter'],
    });
    const of = practice({ fault: 'none' });
    const real = sure(trueSheet(CURD, of));
    const events = obedientCook(real, of, 0);
    const whole = inWords(debriefOf(real, of, events, at(events, 'ready')));
    expect(whole.told.join(' ')).toContain('where it stops');
    const lit = at(events, 'lit');
    const early = [
      ...events.filter((event) => event.at <= lit + MIN),
      { ...events[0]!, seq: 999, at: lit + 2 * MIN, kind: 'off-heat' as const },
    ];
    const cold = inWords(debriefOf(real, of, early, lit + 3 * MIN));
    expect(cold.missed.join(' ')).toMatch(/You took it off at [\d.]+ °C \([\d.]+ °F\)/);
    expect(cold.score).toBeLessThan(whole.score - 20);
  });

  test('a sea-level stop at 1600 m is boiled far too long', () => {
    const { of, real, events } = cookWith({ fault: 'high-kitchen' });
    const told = sure(cookPlanOf(toldRequest(DAMSON, of)));
    expect(told.stopC - real.stopC).toBeGreaterThan(4.5);
    const stop = at(events, 'off-heat');
    const late = events.map((event) =>
      event.at >= stop ? { ...event, at: event.at + 12 * MIN } : event,
    );
    const debrief = inWords(debriefOf(real, of, late, at(late, 'ready')));
    expect(debrief.solublesPct).toBeGreaterThan(debrief.targetPct + 5);
    expect(debrief.missed.join(' ')).toContain('boiled on');
  });

  test('over-ripe fruit sets worse at the same stop, and the plate shows it', () => {
    const RIPE = request({ lines: ['2 kg crushed strawberries', '1.6 kg sugar'] });
    const plate = (fault: Practice['fault']) => {
      const of = practice({ fault });
      const real = sure(trueSheet(RIPE, of));
      const events = obedientCook(real, of, 0);
      return dropsAt(real, of, events, at(events, 'off-heat'))['plate-test'];
    };
    expect(plate('ripe-fruit')).toBe('runs');
  });

  test('what spoiled a cook is told by the causes of any batch', () => {
    const causesOf = (fault: Practice['fault'], solublesPct: number, set: Debrief['set']) =>
      spoiledBy(DAMSON, practice({ fault }), { set, solublesPct, minutes: 60 }).map(
        ({ code }) => code,
      );
    expect(causesOf('none', 57, 'loose')[0]).toBe('low-solids');
    expect(causesOf('none', 73, 'slices')[0]).toBe('high-solids');
    expect(causesOf('ripe-fruit', 65, 'loose')).toContain('low-pectin');
    expect(causesOf('double-batch', 65, 'pours')).toContain('worn-pectin');
    expect(causesOf('none', 65, 'soft')).toEqual([]);
  });

  test('a double batch takes longer and wears more pectin', () => {
    const one = cookWith({ fault: 'none' });
    const two = cookWith({ fault: 'double-batch' });
    const stop = ({ events }: typeof one) => at(events, 'off-heat');
    expect(stop(two)).toBeGreaterThan(1.5 * stop(one));
    const left = ({ real, of, events }: typeof one) =>
      truthAt(real, of, events, at(events, 'off-heat')).pectinLeft;
    expect(left(two)).toBeLessThan(left(one) - 0.05);
  });
});
