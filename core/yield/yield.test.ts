import fc from 'fast-check';
import {
  massOf,
  NOTHING,
  solublesG,
  solublesPctOf,
  syrupBrixOf,
  type Contents,
} from '../formula/index.ts';
import { gnuUnits } from '../test/gnuUnits.ts';
import { syrupDensity, volumeMl } from './density.ts';
import { finishOf, THICKEST_SYRUP_BRIX } from './finish.ts';
import { jarredMl } from './losses.ts';
import { packJars, type JarSize } from './packing.ts';
import { runs } from '../test/runs.ts';

describe('density of syrups', () => {
  // GNU units `brix`: apparent specific gravity table of the US Bureau of Standards, at 20 °C.
  test.each([0, 5, 10, 20, 30, 40, 50, 55, 60, 65, 70, 75, 85])(
    'at %d °Brix it is within 0.2 %% of the table in Debian’s units',
    (brix) => {
      const tabled = gnuUnits(`brix(${brix})`, 'kg/m^3');
      expect(Math.abs(syrupDensity(brix, 20) / tabled - 1)).toBeLessThanOrEqual(0.002);
    },
  );

  test('hot syrup is thinner by 0.045 % a degree', () => {
    expect(syrupDensity(65, 90) / syrupDensity(65, 20)).toBeCloseTo(1 - 0.00045 * 70, 12);
  });

  test.each([
    [-1, 20],
    [101, 20],
    [65, 200],
    [NaN, 20],
  ])('refuses %d °Brix at %d °C', (brix, tempC) => {
    expect(() => syrupDensity(brix, tempC)).toThrow(RangeError);
  });

  test('pieces take their own room', () => {
    const syrup: Contents = { ...NOTHING, sucrose: 650, water: 350 };
    expect(volumeMl({ ...syrup, insolubles: 150 }, 20) - volumeMl(syrup, 20)).toBeCloseTo(100, 8);
  });
});

describe('the batch at the stop', () => {
  const start: Contents = {
    ...NOTHING,
    water: 1740,
    sucrose: 1406,
    hexoses: 114,
    otherSolubles: 60,
    insolubles: 80,
  };

  test('reaches the target by losing water alone', () => {
    const { contents, outcome } = finishOf(start, 65, 0);
    expect(outcome).toBe('reached');
    expect(solublesPctOf(contents)).toBeCloseTo(65, 10);
    expect(solublesG(contents)).toBe(solublesG(start));
    expect(contents.insolubles).toBe(start.insolubles);
  });

  test('never adds water to a batch that is past the target already', () => {
    const { contents, outcome } = finishOf({ ...start, sucrose: 5000 }, 65, 0);
    expect(outcome).toBe('already past');
    expect(contents.water).toBe(start.water);
  });

  test('stops at the thickest syrup when pieces leave no room for the target', () => {
    const { contents, outcome } = finishOf(
      { ...NOTHING, water: 850, hexoses: 70, insolubles: 80 },
      65,
      0,
    );
    expect(outcome).toBe('pieces too many');
    expect(syrupBrixOf(contents)).toBeCloseTo(THICKEST_SYRUP_BRIX, 8);
  });

  test('more sugar never lowers the soluble solids, and never the yield', () => {
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 3000, noNaN: true }),
        fc.double({ min: 0, max: 500, noNaN: true }),
        (sugar, more) => {
          const with_ = (sucrose: number) => finishOf({ ...start, sucrose }, 65, 0.2).contents;
          expect(solublesPctOf(with_(sugar + more))).toBeGreaterThanOrEqual(
            solublesPctOf(with_(sugar)) - 1e-9,
          );
          expect(massOf(with_(sugar + more))).toBeGreaterThanOrEqual(massOf(with_(sugar)) - 1e-9);
        },
      ),
    );
  });

  test('skimmings take away and stirred-in air adds', () => {
    expect(jarredMl(1000, 0.02, 0)).toBeCloseTo(980, 10);
    expect(jarredMl(1000, 0, 0.02)).toBeCloseTo(1020.408, 3);
  });
});

type Filled = { left: number; sizes: number; jars: number };

/** The best of every way of filling the jars up to `short` of what they hold, tried one by one. */
function bestShortBy(short: number, volume: number, sizes: readonly JarSize[]): Filled {
  const best = { left: Infinity, sizes: Infinity, jars: Infinity };
  const better = (left: number, used: number, jars: number) =>
    left < best.left ||
    (left === best.left && (used < best.sizes || (used === best.sizes && jars < best.jars)));
  const go = (i: number, filled: number, used: number, jars: number) => {
    const size = sizes[i];
    if (!size) {
      const left = Math.max(0, volume - filled);
      if (better(left, used, jars)) Object.assign(best, { left, sizes: used, jars });
      return;
    }
    for (let n = 0; n <= (size.count ?? Infinity); n++) {
      const more = filled + n * size.volumeMl;
      if (more > volume * (1 + short)) break;
      go(i + 1, more, used + (n > 0 ? 1 : 0), jars + n);
    }
  };
  go(0, 0, 0, 0);
  return best;
}

/**
 * The oracle for small cases: jars a hundredth short that hold it all, two hundredths for fewer
 * sizes; else jars filled to the line.
 */
function packByTrying(volume: number, sizes: readonly JarSize[]): Filled {
  const hair = bestShortBy(0.01, volume, sizes);
  return hair.left > 0 ? hair : bestShortBy(0.02, volume, sizes);
}

describe('packing jars', () => {
  const size = (name: string, volume: number, count: number | null = null): JarSize => ({
    name,
    volumeMl: volume,
    count,
  });

  test('fills half-pints and names the part jar', () => {
    expect(packJars(1905.8, [size('half-pint', 237)])).toEqual({
      jars: [{ name: 'half-pint', count: 8 }],
      partMl: expect.closeTo(9.8, 6) as number,
    });
  });

  test('honours what is on hand', () => {
    const packed = packJars(1900, [size('half-pint', 237, 3), size('quarter-pint', 118, 5)]);
    expect(packed.jars).toEqual([
      { name: 'half-pint', count: 3 },
      { name: 'quarter-pint', count: 5 },
    ]);
    expect(packed.partMl).toBeCloseTo(1900 - 711 - 590, 6);
  });

  test('a batch a spoonful short of eight jars goes into eight jars', () => {
    const sizes = [size('half-pint', 237, 30), size('quarter-pint', 118, 12)];
    const eight = { jars: [{ name: 'half-pint', count: 8 }], partMl: 0 };
    // 2 half-pints and 12 quarter-pints hold 1890 mL to the line, 3 and 10 hold 1872 mL a hundredth
    // short: nobody would fill those.
    expect(packJars(1890, sizes)).toEqual(eight);
    expect(packJars(1872, sizes)).toEqual(eight);
    // No jars that hold 1868 mL are within a hundredth of it.
    expect(packJars(1868, sizes)).toEqual({
      jars: [
        { name: 'half-pint', count: 7 },
        { name: 'quarter-pint', count: 1 },
      ],
      partMl: 1868 - 1777,
    });
  });

  test('with no jars at all everything is left over', () => {
    expect(packJars(500, [])).toEqual({ jars: [], partMl: 500 });
  });

  test('finds the optimum that trying every way finds', () => {
    const sizes = fc.array(
      fc.record({
        name: fc.constantFrom('a', 'b', 'c', 'd'),
        volumeMl: fc.integer({ min: 3, max: 25 }),
        count: fc.option(fc.integer({ min: 0, max: 5 })),
      }),
      { minLength: 1, maxLength: 3 },
    );
    fc.assert(
      fc.property(fc.integer({ min: 0, max: 240 }), sizes, (volume, on) => {
        const hand = on.map((jar, i) => ({ ...jar, name: `${jar.name}${i}` }));
        const packed = packJars(volume, hand);
        const best = packByTrying(volume, hand);
        expect(packed.partMl).toBe(best.left);
        expect(packed.jars.length).toBe(best.sizes);
        expect(packed.jars.reduce((sum, jar) => sum + jar.count, 0)).toBe(best.jars);
      }),
      { numRuns: runs(500) },
    );
  });

  test('takes the jars that are preferred where others do as well', () => {
    const sizes = [size('tall', 250), { ...size('squat', 250), prefer: true }];
    expect(packJars(1000, sizes).jars).toEqual([{ name: 'squat', count: 4 }]);
    // Never at the price of more left over.
    expect(packJars(1000, [size('litre', 1000), { ...size('small', 300), prefer: true }])).toEqual({
      jars: [{ name: 'litre', count: 1 }],
      partMl: 0,
    });
  });

  test('fills the gifts first, as far as they go', () => {
    const sizes = [size('pint', 473), { ...size('tiny', 40, 10), gift: 6 }];
    expect(packJars(1200, sizes).jars).toContainEqual({ name: 'pint', count: 2 });
    expect(packJars(1200, sizes).jars.find(({ name }) => name === 'tiny')?.count).toBe(6);
    expect(packJars(100, sizes)).toEqual({ jars: [{ name: 'tiny', count: 2 }], partMl: 20 });
  });

  test.each([-1, NaN, 2e6])('refuses a volume of %d mL', (volume) => {
    expect(() => packJars(volume, [size('half-pint', 237)])).toThrow(RangeError);
  });

  test('refuses a jar without room', () => {
    expect(() => packJars(100, [size('thimble', 0)])).toThrow('thimble');
  });
});
