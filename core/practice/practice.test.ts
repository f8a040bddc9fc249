import { inWords } from '@idle-kettle/words';
import { massOf } from '../formula/index.ts';
import { pressureAtAltitudePa, saturationTemperatureC } from '../ambient/index.ts';
import { waterReading, type Entry } from '../stove/index.ts';
import { beforeOf, request } from '../test/planned.ts';
import {
  COOK_SOURCE,
  debriefOf,
  drawnTruth,
  obedientCook,
  dropsAt,
  readingsOf,
  sensesAt,
  trueSheet,
  truthAt,
  USUAL_PROBE,
} from './index.ts';
import { DAMSON, MIN, practice, sure, at } from '../test/practised.ts';

describe('the simulated pot', () => {
  const real = sure(trueSheet(DAMSON, practice()));
  const events = obedientCook(real, practice(), 0);
  const stop = at(events, 'off-heat');

  test('stands at its target when an obedient cook takes it off', () => {
    const truth = truthAt(real, practice(), events, stop);
    expect(truth.solublesPct).toBeCloseTo(real.targetPct, 1);
    expect(Math.abs(truth.tempC - real.stopC)).toBeLessThan(0.5);
  });

  test('loses nothing but steam, and only while it is hot', () => {
    const cold = truthAt(real, practice(), [], 5 * MIN);
    expect(cold.massG).toBeCloseTo(massOf(real.first), 0);
    const done = truthAt(real, practice(), events, stop);
    const later = truthAt(real, practice(), events, stop + 60 * MIN);
    expect(later.massG).toBeLessThan(done.massG);
    expect(later.massG).toBeGreaterThan(0.97 * done.massG);
    expect(later.tempC).toBeLessThan(done.tempC - 10);
  });

  test('is another pot for another seed, and the same for the same', () => {
    expect(drawnTruth(3)).toEqual(drawnTruth(3));
    const flames = Array.from({ length: 200 }, (_, seed) => drawnTruth(seed + 1)[0]);
    // Even over a quarter either way: a mean near 0, and a standard deviation of 0.25 / √3.
    const mean = flames.reduce((sum, flame) => sum + flame, 0) / flames.length;
    const sd = Math.sqrt(flames.reduce((sum, flame) => sum + flame ** 2, 0) / flames.length);
    expect(Math.abs(mean)).toBeLessThan(0.03);
    expect(sd).toBeGreaterThan(0.12);
    expect(sd).toBeLessThan(0.17);
  });

  test('rolls only some time after its first bubbles, and feels gritty until the sugar has had its time', () => {
    const added = at(events, 'added');
    expect(sensesAt(real, practice(), events, added + MIN)).toMatchObject({ grit: true });
    expect(sensesAt(real, practice(), events, added + 5 * MIN).grit).toBe(false);
    expect(sensesAt(real, practice(), events, stop - MIN).surface).toBe('rolling');
    expect(sensesAt(real, practice(), events, stop + MIN).surface).not.toBe('rolling');
  });
});

describe('its devices', () => {
  const of = practice({ probe: { ...USUAL_PROBE, offsetK: 1.5 }, scale: true });
  const real = sure(trueSheet(DAMSON, of));
  const events = obedientCook(real, of, 0);

  test('say the same of a second whoever asks, in one go or in many', () => {
    const whole = readingsOf(real, of, events, 0, 0, 600);
    const parts = [0, 200, 400].flatMap((from) =>
      readingsOf(real, of, events, 0, from, from + 200),
    );
    const values = (entries: readonly Entry[]) => entries.map(({ seq, value }) => [seq, value]);
    expect(parts.length).toBe(whole.length);
    for (const [index, [seq, value]] of values(parts).entries()) {
      expect(seq).toBe(whole[index]?.seq);
      expect(Math.abs((value ?? 0) - (whole[index]?.value ?? 0))).toBeLessThan(0.2);
    }
  });

  test('err as they are told to: off, noisy, and silent for a share of the time', () => {
    const cold = readingsOf(real, of, [], 0, 0, 6000).filter(({ kind }) => kind === 'temperature');
    const values = cold.map(({ value }) => value ?? 0);
    const mean = values.reduce((sum, value) => sum + value, 0) / values.length;
    const sd = Math.sqrt(
      values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / values.length,
    );
    expect(mean).toBeCloseTo(21.5, 1);
    expect(sd).toBeGreaterThan(0.22);
    expect(sd).toBeLessThan(0.28);
    expect(cold.length / 6000).toBeGreaterThan(0.93);
    expect(cold.length / 6000).toBeLessThan(0.995);
  });

  test('show boiling water as the saturation line of the place says, and what they add to it', () => {
    const dipped: Entry = {
      source: COOK_SOURCE,
      seq: 1,
      at: 10_000,
      kind: 'in-water',
      value: null,
      text: null,
    };
    const readings = readingsOf(real, of, [dipped], 0, 0, 130);
    const still = waterReading([dipped, ...readings], 10_000, 129_000);
    // IAPWS-IF97 saturation at the ISA pressure of 1524 m: 94.95 °C.
    const boils = saturationTemperatureC(pressureAtAltitudePa(1524));
    expect(boils).toBeCloseTo(94.95, 1);
    expect(still?.steady).toBe(true);
    expect(still?.shownC).toBeGreaterThan(boils + 1.4);
    expect(still?.shownC).toBeLessThan(boils + 1.6);
    expect(waterReading([dipped, ...readings], 10_000, 30_000)?.steady).toBe(false);
  });
});

test('the pot of a jelly practice is of juice, as ripe as its lines say', () => {
  const jelly = request({
    product: 'jelly',
    lines: ['4 cups crab apple juice', '500 g very ripe plums', '4 cups sugar'],
  });
  const [juice, plums] = sure(trueSheet(jelly, practice({ fault: 'double-batch' }))).lines;
  expect(juice?.ingredient).toMatchObject({ id: 'crab-apple', state: 'juice' });
  expect(plums?.ripeness).toBeGreaterThan(0.5);
});

/** A jelly from the fruit, a butter and a curd, each with the test that tells when it is done. */
const OTHER_KINDS = {
  jelly: {
    request: request({
      product: 'jelly',
      lines: ['4 cups sugar'],
      before: beforeOf('extract', ['2 kg tart apples']),
    }),
    test: 'sheet-test',
    done: 'merges',
    early: 'drops',
  },
  butter: {
    request: request({ product: 'butter', lines: ['3 kg cooked apple pulp', '1 kg sugar'] }),
    test: 'mound-test',
    done: 'mounds',
    early: 'weeps',
  },
  curd: {
    request: request({
      product: 'curd',
      lines: ['6 eggs', '200 g butter', '450 g sugar', '240 mL lemon juice'],
    }),
    test: null,
    done: null,
    early: null,
  },
} as const;

describe.each(Object.entries(OTHER_KINDS))('a %s', (_, { request: of, test: by, done, early }) => {
  const one = practice();
  const real = sure(trueSheet(of, one));
  const events = obedientCook(real, one, 0);
  const off = at(events, 'off-heat');

  test('that is cooked as its run sheet says has set, and loses no points by what it does not need', () => {
    const debrief = inWords(debriefOf(real, one, events, at(events, 'ready')));
    expect(['soft', 'firm', 'slices']).toContain(debrief.set);
    expect(debrief.missed.join(' ')).not.toMatch(/drop/);
    expect(debrief.score).toBeGreaterThanOrEqual(80);
  });

  test('tells by its own test when it is done, and not before', () => {
    if (by === null) return expect(real.acts.some(({ id }) => id === 'plate')).toBe(false);
    expect(dropsAt(real, one, events, off)[by]).toBe(done);
    return expect(dropsAt(real, one, events, off / 3)[by]).toBe(early);
  });

  test('is twice as much in a double batch, what was done first too', () => {
    const two = sure(trueSheet(of, practice({ fault: 'double-batch' })));
    expect(massOf(two.first) / massOf(real.first)).toBeCloseTo(2, 1);
  });
});

test('over-ripe fruit of a jelly is over-ripe in the pan', () => {
  const ripe = sure(trueSheet(OTHER_KINDS.jelly.request, practice({ fault: 'ripe-fruit' })));
  const plain = sure(trueSheet(OTHER_KINDS.jelly.request, practice()));
  expect(ripe.lines).not.toEqual(plain.lines);
});
